using System.Text.RegularExpressions;
using System.Xml;

namespace FairCompass.Documents;

/// <summary>How deep the elements of a file stand in one another. What people write is some dozens deep; a file made to be thousands deep
/// costs the readers of formats a time that grows with its square, or their stack.</summary>
internal static partial class Nesting
{
    /// <summary>Levels beyond which a file is not read.</summary>
    public const int Most = 300;

    /// <summary>Elements without an end, and those whose end may be left out because the next one of their kind is it (HTML Living
    /// Standard, 13.1.2).</summary>
    private static readonly HashSet<string> Endless = new(StringComparer.OrdinalIgnoreCase)
    {
        "area",
        "base",
        "br",
        "col",
        "embed",
        "hr",
        "img",
        "input",
        "link",
        "meta",
        "source",
        "track",
        "wbr",
        "p",
        "li",
        "dt",
        "dd",
        "tr",
        "td",
        "th",
        "thead",
        "tbody",
        "tfoot",
        "option",
        "optgroup",
        "colgroup",
        "caption",
    };

    /// <summary>True for a page that is deeper.</summary>
    /// <param name="html">HTML, whole or in part.</param>
    public static bool IsTooDeep(string html)
    {
        var depth = 0;
        foreach (var tag in Tags.EnumerateMatches(html))
        {
            var text = html.AsSpan(tag.Index + 1, tag.Length - 1);
            if (text[0] == '/')
            {
                depth = Endless.GetAlternateLookup<ReadOnlySpan<char>>().Contains(text[1..]) ? depth : Math.Max(0, depth - 1);
            }
            else if (!Endless.GetAlternateLookup<ReadOnlySpan<char>>().Contains(text) && ++depth > Most)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>True for XML that is deeper, or has a document type, which no part of a document has.</summary>
    /// <exception cref="XmlException">It is no XML.</exception>
    public static bool IsTooDeep(Stream xml)
    {
        using var reader = XmlReader.Create(xml, new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null });
        while (reader.Read())
        {
            if (reader.Depth > Most)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>The beginning of a tag.</summary>
    [GeneratedRegex("<(?:/?[a-zA-Z][a-zA-Z0-9-]*)")]
    private static partial Regex Tags { get; }
}
