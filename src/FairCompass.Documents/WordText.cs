using System.Globalization;
using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Wordprocessing;

namespace FairCompass.Documents;

/// <summary>Documents of a word processor: paragraphs, lists, tables. What was struck out in a revision is left out.</summary>
internal static class WordText
{
    public static DocumentText Of(byte[] file)
    {
        using var stream = new MemoryStream(file, writable: false);
        using var document = WordprocessingDocument.Open(stream, isEditable: false);
        var lines = new List<string>();
        if (document.MainDocumentPart?.Document?.Body is { } body)
        {
            // One heading of the first rank is the title; several part the text.
            Write(body, lines, body.Descendants<Paragraph>().Count(IsHeading) > 1);
        }

        return lines.TrueForAll(string.IsNullOrWhiteSpace)
            ? DocumentText.No("document", "There are no words in this document.")
            : new("document", string.Join('\n', lines).Trim('\n'));
    }

    private static void Write(OpenXmlElement block, List<string> lines, bool parted)
    {
        foreach (var element in block.Elements())
        {
            switch (element)
            {
                case Paragraph p:
                    lines.AddRange(
                        (parted && IsHeading(p) ? "# " + Words(p) : new string(' ', Depth(p)) + Words(p, IsItem(p))).Split('\n')
                    );
                    break;
                case Table table:
                    lines.AddRange(table.Elements<TableRow>().Select(Row));
                    lines.Add("");
                    break;
                case SdtBlock { SdtContentBlock: { } content }:
                    Write(content, lines, parted);
                    break;
            }
        }
    }

    /// <summary>The cells of a row; a table in a cell is words of it.</summary>
    private static string Row(TableRow row) =>
        SeparatedText.Row(
            row.Descendants<TableCell>()
                .Where(c => c.Ancestors<TableRow>().First() == row)
                .Select(c => string.Join(' ', c.Descendants<Paragraph>().Select(p => Words(p))))
        );

    private static bool IsItem(Paragraph p) =>
        p.ParagraphProperties?.NumberingProperties?.NumberingId?.Val?.Value is > 0
        || p.ParagraphProperties?.ParagraphStyleId?.Val?.Value?.StartsWith("List", StringComparison.OrdinalIgnoreCase) == true;

    private static bool IsHeading(Paragraph p) =>
        string.Equals(p.ParagraphProperties?.ParagraphStyleId?.Val?.Value, "Heading1", StringComparison.OrdinalIgnoreCase)
        && p.InnerText.Trim().Length > 0;

    /// <summary>How far a paragraph is set in by itself, in columns: two each quarter of an inch.</summary>
    private static int Depth(Paragraph p)
    {
        var left = p.ParagraphProperties?.Indentation is { } set ? set.Left?.Value ?? set.Start?.Value : null;
        return int.TryParse(left, NumberStyles.None, CultureInfo.InvariantCulture, out var twips)
            ? Math.Min(2 * (int)Math.Round(twips / (double)Quarter), MostDepth)
            : 0;
    }

    /// <summary>A quarter of an inch in twentieths of a point, the unit of indentation (ECMA-376, 17.3.1.12).</summary>
    internal const int Quarter = 360;

    private const int MostDepth = 20;

    private static string Words(Paragraph p, bool item = false)
    {
        var words = p.Descendants()
            // Struck out in a revision, or said a second time for programs that cannot draw the first.
            .Where(e => !e.Ancestors().Any(a => a is DeletedRun or AlternateContentFallback))
            .Select(e =>
                e switch
                {
                    Text t => t.Text,
                    TabChar => "\t",
                    Break or CarriageReturn => "\n",
                    NoBreakHyphen => "-",
                    _ => "",
                }
            );
        return (item ? "- " : "") + string.Concat(words);
    }
}
