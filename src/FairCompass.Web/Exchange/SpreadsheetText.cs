using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace FairCompass.Web.Exchange;

/// <summary>A table as comma-separated values (RFC 4180). Cells that a spreadsheet would run as a formula are written with an apostrophe
/// before them.</summary>
public static class SpreadsheetText
{
    /// <summary>The text of a table.</summary>
    /// <param name="rows">The rows, the first of them its head.</param>
    public static string Write(IEnumerable<IReadOnlyList<string>> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (
            var csv = new CsvWriter(
                text,
                new CsvConfiguration(CultureInfo.InvariantCulture)
                {
                    NewLine = "\r\n",
                    InjectionOptions = InjectionOptions.Escape,
                    InjectionEscapeCharacter = '\'',
                    InjectionCharacters = ['=', '@', '+', '-', '\t', '\r'],
                }
            )
        )
        {
            foreach (var row in rows)
            {
                foreach (var cell in row)
                {
                    csv.WriteField(cell);
                }

                csv.NextRecord();
            }
        }

        return text.ToString();
    }
}
