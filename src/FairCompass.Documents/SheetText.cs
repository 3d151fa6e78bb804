using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;

namespace FairCompass.Documents;

/// <summary>Spreadsheets: each row a line, cells in their columns, values as the sheet shows them. Hidden sheets are left out.</summary>
internal static class SheetText
{
    /// <summary>Rows of all sheets: ten times what is read as a text.</summary>
    private const int MostRows = 10_000;

    /// <summary>Columns: no table of loads is so wide.</summary>
    private const int MostColumns = 200;

    public static DocumentText Of(byte[] file)
    {
        using var stream = new MemoryStream(file, writable: false);
        using var document = SpreadsheetDocument.Open(stream, isEditable: false);
        var book = document.WorkbookPart!;
        var sheets = book.Workbook!.Sheets!.Elements<Sheet>()
            .Where(s => s.State is null || s.State.Value == SheetStateValues.Visible)
            .ToList();
        var words = new SharedWords(book);
        var shown = new ShownNumbers(book);
        var lines = new List<string>();
        foreach (var sheet in sheets)
        {
            if (book.GetPartById(sheet.Id!.Value!) is not WorksheetPart part)
            {
                continue;
            }

            var rows = new List<string>();
            foreach (var (number, row) in Rows(part, words, shown))
            {
                while (rows.Count < number - 1 && rows.Count > 0 && rows[^1].Length > 0)
                {
                    rows.Add("");
                }

                rows.Add(row);
                if (rows.Count + lines.Count > MostRows)
                {
                    throw new TooMuchException($"This file has more than {MostRows} rows; copy the rows of the workout.");
                }
            }

            if (rows.Exists(r => r.Length > 0))
            {
                lines.AddRange(sheets.Count > 1 ? [sheet.Name?.Value ?? "", .. rows, ""] : rows);
            }
        }

        return lines.Count == 0
            ? DocumentText.No("spreadsheet", "There is nothing in the cells of this spreadsheet.")
            : new("spreadsheet", string.Join('\n', lines).Trim('\n'));
    }

    /// <summary>The rows one after the other, so that a sheet of any length is never held whole.</summary>
    private static IEnumerable<(long Number, string Row)> Rows(WorksheetPart part, SharedWords words, ShownNumbers shown)
    {
        using var reader = OpenXmlReader.Create(part);
        long number = 0;
        while (reader.Read())
        {
            if (reader.ElementType != typeof(Row) || !reader.IsStartElement)
            {
                continue;
            }

            var row = (Row)reader.LoadCurrentElement()!;
            number = row.RowIndex?.Value ?? number + 1;
            var cells = new List<string>();
            foreach (var cell in row.Elements<Cell>())
            {
                var column = ColumnOf(cell.CellReference?.Value) ?? cells.Count;
                if (column >= MostColumns)
                {
                    throw new TooMuchException($"This file has cells beyond column {MostColumns}; copy the table of the workout.");
                }

                while (cells.Count < column)
                {
                    cells.Add("");
                }

                cells.Add(Shown(cell, words, shown));
            }

            yield return (number, SeparatedText.Row(cells));
        }
    }

    private static string Shown(Cell cell, SharedWords words, ShownNumbers shown)
    {
        var value = cell.CellValue?.Text ?? "";
        var type = cell.DataType?.Value;
        return type == CellValues.SharedString ? words.At(value)
            : type == CellValues.InlineString ? cell.InlineString?.InnerText ?? ""
            : type == CellValues.Error ? ""
            : type == CellValues.Boolean ? (value == "1" ? "yes" : "no")
            : type is null || type == CellValues.Number ? shown.Of(value, cell.StyleIndex?.Value)
            : value;
    }

    /// <summary>The column of a place, from 0: 27 for <c>AB12</c>.</summary>
    private static int? ColumnOf(string? place)
    {
        var column = 0;
        foreach (var c in place?.TakeWhile(char.IsAsciiLetterUpper) ?? [])
        {
            column = (column * 26) + (c - 'A' + 1);
        }

        return column == 0 ? null : column - 1;
    }
}
