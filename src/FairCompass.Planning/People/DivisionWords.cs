using FairCompass.Core.Competitions;
using FairCompass.Core.Text;

namespace FairCompass.Planning.People;

/// <summary>Finds a division in what a form has: <c>Tideline Women</c>, <c>women – tideline</c>, <c>TIDELINE (F)</c>.</summary>
/// <param name="divisions">The divisions of the competition.</param>
public sealed class DivisionWords(IEnumerable<Division> divisions)
{
    private readonly Dictionary<string, Division> byKey = divisions.GroupBy(d => Key(d.Name)).ToDictionary(g => g.Key, g => g.First());

    /// <summary>The division and, where the words say it, man or woman; null where no division is meant.</summary>
    /// <param name="text">As it stands in a cell.</param>
    public (Division Division, string? Duty)? Find(string text)
    {
        if (byKey.TryGetValue(Key(text), out var whole))
        {
            return (whole, null);
        }

        var words = text.Split([' ', '-', '–', '—', '/', '(', ')', ',', ':'], StringSplitOptions.RemoveEmptyEntries);
        for (var i = 0; i < words.Length; i++)
        {
            if (SexWords.Of(words[i]) is { } duty)
            {
                return byKey.TryGetValue(Key(string.Join(' ', words.Where((_, j) => j != i))), out var d) ? (d, duty) : null;
            }
        }

        return null;
    }

    /// <summary>The division that words come near to; null where none is near.</summary>
    /// <param name="text">As it stands in a cell.</param>
    public string? Nearest(string text) =>
        Words.Nearest(Key(text), byKey.Keys.ToList()) is { } key && byKey.TryGetValue(key, out var division) ? division.Name : null;

    private static string Key(string text) =>
        string.Join(
            ' ',
            Accents
                .Without(text)
                .ToLowerInvariant()
                .Split([' ', '-', '–', '—', '/', '(', ')', ',', ':', '.'], StringSplitOptions.RemoveEmptyEntries)
        );
}
