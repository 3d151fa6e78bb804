namespace FairCompass.Core.Text;

/// <summary>
/// Letters without their accents, to compare names as people write them. The application runs without the system’s
/// language data, where normalisation of Unicode does nothing, so the Latin letters stand here.
/// </summary>
public static class Accents
{
    private static readonly (string Plain, string Accented)[] Latin =
    [
        ("a", "àáâãäåāăąḁạảấầẩẫậắằẳẵặ"),
        ("b", "ḃḅḇ"),
        ("c", "çćĉċčḉ"),
        ("d", "ďḋḍḏḑḓđ"),
        ("e", "èéêëēĕėęěḕḗḙḛḝẹẻẽếềểễệ"),
        ("f", "ḟ"),
        ("g", "ĝğġģḡ"),
        ("h", "ĥḣḥḧḩḫẖ"),
        ("i", "ìíîïĩīĭįḭḯỉịı"),
        ("j", "ĵ"),
        ("k", "ķḱḳḵ"),
        ("l", "ĺļľḷḹḻḽł"),
        ("m", "ḿṁṃ"),
        ("n", "ñńņňṅṇṉṋ"),
        ("o", "òóôõöōŏőṍṏṑṓọỏốồổỗộớờởỡợø"),
        ("p", "ṕṗ"),
        ("r", "ŕŗřṙṛṝṟ"),
        ("s", "śŝşšṡṣṥṧṩș"),
        ("t", "ţťṫṭṯṱẗț"),
        ("u", "ùúûüũūŭůűųṳṵṷṹṻụủứừửữự"),
        ("v", "ṽṿ"),
        ("w", "ŵẁẃẅẇẉẘ"),
        ("x", "ẋẍ"),
        ("y", "ýÿŷẏẙỳỵỷỹ"),
        ("z", "źżžẑẓẕ"),
    ];

    private static readonly Dictionary<char, char> Plain = Latin
        .SelectMany(l => l.Accented.Select(a => (a, l.Plain[0])))
        .ToDictionary(x => x.a, x => x.Item2);

    /// <summary>A letter in lower case without its accent; any other character as it is.</summary>
    public static char Without(char c) => Plain.GetValueOrDefault(char.ToLowerInvariant(c), char.ToLowerInvariant(c));

    /// <summary>The text in lower case without accents; combining marks are dropped, letters of other scripts stay.</summary>
    public static string Without(string text) =>
        string.Concat(
                text.ToLowerInvariant()
                    .Where(c => char.GetUnicodeCategory(c) != System.Globalization.UnicodeCategory.NonSpacingMark)
                    .Select(c => Plain.GetValueOrDefault(c, c))
            )
            .Replace("ß", "ss", StringComparison.Ordinal)
            .Replace("æ", "ae", StringComparison.Ordinal)
            .Replace("œ", "oe", StringComparison.Ordinal);
}
