using FairCompass.Core.Text;

namespace FairCompass.Planning.People;

/// <summary>Words for men and women as forms have them.</summary>
public static class SexWords
{
    private static readonly string[] Man =
    [
        "m",
        "man",
        "men",
        "male",
        "males",
        "mens",
        "men's",
        "h",
        "hombre",
        "hombres",
        "mann",
        "manner",
    ];
    private static readonly string[] Woman =
    [
        "w",
        "f",
        "woman",
        "women",
        "female",
        "females",
        "womens",
        "women's",
        "mujer",
        "mujeres",
        "frau",
        "frauen",
    ];

    /// <summary><c>man</c>, <c>woman</c>, or null for any other word.</summary>
    /// <param name="word">As it stands in a cell.</param>
    public static string? Of(string word)
    {
        var plain = Accents.Without(word).Trim().ToLowerInvariant().Replace('’', '\'').TrimEnd('.');
        return Man.Contains(plain, StringComparer.Ordinal) ? "man"
            : Woman.Contains(plain, StringComparer.Ordinal) ? "woman"
            : null;
    }
}
