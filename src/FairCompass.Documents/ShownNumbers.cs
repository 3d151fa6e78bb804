using System.Globalization;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;

namespace FairCompass.Documents;

/// <summary>
/// Numbers as a spreadsheet shows them. Who types 12:00 into a cell gets half a day, shown as 12:00; so times and dates are told by the
/// format of their cell (ECMA-376, part 1, 18.8.30: formats 14 to 22 and 45 to 47, and own formats of hours, minutes, or days).
/// </summary>
internal sealed class ShownNumbers
{
    private readonly List<uint> formatOf;
    private readonly Dictionary<uint, string> own;

    public ShownNumbers(WorkbookPart book)
    {
        var styles = book.WorkbookStylesPart?.Stylesheet;
        formatOf = styles?.CellFormats?.Elements<CellFormat>().Select(f => f.NumberFormatId?.Value ?? 0).ToList() ?? [];
        own =
            styles
                ?.NumberingFormats?.Elements<NumberingFormat>()
                .GroupBy(f => f.NumberFormatId?.Value ?? 0)
                .ToDictionary(g => g.Key, g => g.First().FormatCode?.Value ?? "")
            ?? [];
    }

    /// <summary>A number as it is shown.</summary>
    /// <param name="value">As it is stored.</param>
    /// <param name="style">The style of its cell; null for the plain one.</param>
    public string Of(string value, uint? style)
    {
        if (!decimal.TryParse(value, NumberStyles.Float, CultureInfo.InvariantCulture, out var number))
        {
            return value;
        }

        var format = style is { } s && s < formatOf.Count ? Code(formatOf[(int)s]) : "";
        var plain = Unquoted(format);
        if (plain.Contains(':', StringComparison.Ordinal) && number is >= 0 and < 10)
        {
            return Time(number, plain);
        }

        if (
            plain.Contains('d', StringComparison.OrdinalIgnoreCase)
            && plain.Contains('y', StringComparison.OrdinalIgnoreCase)
            && number is > 0 and < 100_000
        )
        {
            return DateTime.FromOADate((double)number).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        }

        // What is computed in binary has more digits than anybody wrote.
        var rounded = Math.Round(number, 6);
        return plain.Contains('%', StringComparison.Ordinal)
            ? (rounded * 100).ToString("0.######", CultureInfo.InvariantCulture) + " %"
            : rounded.ToString("0.######", CultureInfo.InvariantCulture);
    }

    private string Code(uint id) =>
        own.TryGetValue(id, out var code)
            ? code
            : id switch
            {
                9 or 10 => "0%",
                14 or 15 or 16 or 17 => "yyyy-mm-dd",
                18 or 20 => "h:mm",
                19 or 21 => "h:mm:ss",
                22 => "h:mm",
                45 => "mm:ss",
                46 => "[h]:mm:ss",
                47 => "mm:ss.0",
                _ => "",
            };

    /// <summary>A share of a day in hours and minutes, minutes and seconds, or all three.</summary>
    private static string Time(decimal days, string format)
    {
        var seconds = Math.Round(days * 86_400, 1);
        var (hours, minutes, rest) = ((long)(seconds / 3600), (long)(seconds / 60) % 60, seconds % 60);
        var hasHours = format.Contains('h', StringComparison.OrdinalIgnoreCase);
        var hasSeconds = format.Contains('s', StringComparison.OrdinalIgnoreCase);
        var second = rest.ToString("00.#", CultureInfo.InvariantCulture);
        return hasHours && hasSeconds ? $"{hours}:{minutes:00}:{second}"
            : hasHours ? $"{hours}:{minutes:00}"
            : $"{(hours * 60) + minutes}:{second}";
    }

    /// <summary>A format without words in quotes and colours in brackets.</summary>
    private static string Unquoted(string format)
    {
        var plain = new System.Text.StringBuilder();
        var quoted = false;
        foreach (var c in format)
        {
            quoted = c == '"' ? !quoted : quoted;
            if (!quoted && c != '"')
            {
                plain.Append(c);
            }
        }

        return plain.ToString();
    }
}
