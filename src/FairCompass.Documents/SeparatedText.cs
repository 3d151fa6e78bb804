using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace FairCompass.Documents;

/// <summary>Tables with commas or semicolons between their cells (RFC 4180).</summary>
internal static class SeparatedText
{
    private static readonly char[] Separators = [';', ',', '\t'];

    /// <summary>The rows, with a tab between the cells; null for a text that is no such table.</summary>
    /// <param name="text">The text of a file.</param>
    /// <param name="name">Its name; only by it a table with commas is told from prose.</param>
    public static string? Of(string text, string? name)
    {
        var named = PlainText.Ends(name, ".csv");
        var lines = text.Split('\n').Where(l => l.Trim().Length > 0).Take(50).ToList();
        if (lines.Count < 2 || (!named && lines.Exists(l => l.Contains('\t', StringComparison.Ordinal))))
        {
            return null;
        }

        var separator = Separators.OrderByDescending(s => lines.Count(l => l.Contains(s, StringComparison.Ordinal))).First();
        var with = lines.Count(l => l.Contains(separator, StringComparison.Ordinal));
        var each = lines.Select(l => l.Count(c => c == separator)).Distinct().Count();
        if (separator == '\t' || (!named && (separator == ',' || with < lines.Count || each > 1)) || with == 0)
        {
            return null;
        }

        using var reader = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                Delimiter = separator.ToString(),
                HasHeaderRecord = false,
                BadDataFound = null,
                IgnoreBlankLines = false,
            }
        );
        var rows = new List<string>();
        while (reader.Read())
        {
            rows.Add(Row(Enumerable.Range(0, reader.Parser.Count).Select(i => reader.Parser[i])));
        }

        return string.Join('\n', rows);
    }

    /// <summary>A row of a table: cells in one line each, empty ones at the end left out.</summary>
    internal static string Row(IEnumerable<string> cells) =>
        string.Join('\t', cells.Select(c => string.Join(' ', c.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)))).TrimEnd('\t');
}
