using System.Globalization;
using DocumentFormat.OpenXml;
using DocumentFormat.OpenXml.Packaging;
using DocumentFormat.OpenXml.Spreadsheet;

namespace FairCompass.Documents.Writing;

/// <summary>The loads and amounts of workouts as a spreadsheet (ECMA-376): a sheet each, its head fixed above. Every cell is words, so that
/// none is run as a formula or taken for a date.</summary>
public static class SheetDocument
{
    /// <summary>The media type (IANA).</summary>
    public const string MediaType = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    /// <summary>What a sheet may be called at most, and what may not stand in its name (ECMA-376, 18.2.19, as programs hold it).</summary>
    private const int LongestName = 31;

    private const string NotInNames = "[]:*?/\\'";

    private const uint Plain = 0;
    private const uint Bold = 1;

    /// <summary>The spreadsheet.</summary>
    /// <param name="workouts">What is written, in this order; where there are none, one sheet is empty, for a book without sheets cannot be
    /// opened.</param>
    public static byte[] Write(IReadOnlyList<WrittenWorkout> workouts)
    {
        using var stream = new MemoryStream();
        using (var document = SpreadsheetDocument.Create(stream, SpreadsheetDocumentType.Workbook))
        {
            var book = document.AddWorkbookPart();
            book.AddNewPart<WorkbookStylesPart>().Stylesheet = Styles();
            var sheets = new Sheets();
            var names = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
            foreach (var (i, workout) in workouts.DefaultIfEmpty(new("", [], [])).Index())
            {
                var part = book.AddNewPart<WorksheetPart>();
                part.Worksheet = Sheet(workout.Table);
                sheets.Append(
                    new Sheet
                    {
                        Name = Name(workout.Title, names),
                        SheetId = (uint)i + 1,
                        Id = book.GetIdOfPart(part),
                    }
                );
            }

            book.Workbook = new Workbook(sheets);
        }

        return stream.ToArray();
    }

    private static Worksheet Sheet(IReadOnlyList<IReadOnlyList<string>> table)
    {
        var widths = Enumerable
            .Range(0, table.Count == 0 ? 0 : table[0].Count)
            .Select(c => Math.Clamp(table.Max(r => r[c].Length) + 2, 6, 48))
            .ToList();
        var sheet = new Worksheet(
            new SheetViews(
                new SheetView(
                    new Pane
                    {
                        VerticalSplit = 1,
                        TopLeftCell = "A2",
                        ActivePane = PaneValues.BottomLeft,
                        State = PaneStateValues.Frozen,
                    }
                )
                {
                    WorkbookViewId = 0,
                }
            )
        );
        if (widths.Count > 0)
        {
            sheet.Append(
                new Columns(
                    widths.Select(
                        (w, c) =>
                            new Column
                            {
                                Min = (uint)c + 1,
                                Max = (uint)c + 1,
                                Width = w,
                                CustomWidth = true,
                            }
                    )
                )
            );
        }

        sheet.Append(
            new SheetData(table.Select((row, r) => new Row(row.Select((words, c) => Cell(words, r, c))) { RowIndex = (uint)r + 1 }))
        );
        return sheet;
    }

    private static Cell Cell(string words, int row, int column) =>
        new(new InlineString(new Text(words) { Space = SpaceProcessingModeValues.Preserve }))
        {
            CellReference = Letters(column) + (row + 1).ToString(CultureInfo.InvariantCulture),
            DataType = CellValues.InlineString,
            StyleIndex = row == 0 ? Bold : Plain,
        };

    /// <summary>The name of a column from 0: A, B, …, Z, AA.</summary>
    private static string Letters(int column) => (column >= 26 ? Letters((column / 26) - 1) : "") + (char)('A' + (column % 26));

    private static string Name(string title, HashSet<string> taken)
    {
        var clean = string.Concat(title.Select(c => NotInNames.Contains(c, StringComparison.Ordinal) ? ' ' : c)).Trim();
        clean = clean.Length == 0 ? "Workout" : clean;
        for (var n = 1; ; n++)
        {
            var end = n == 1 ? "" : $" {n}";
            var length = Math.Min(clean.Length, LongestName - end.Length);
            var name = clean[..(char.IsHighSurrogate(clean[length - 1]) ? length - 1 : length)].TrimEnd() + end;
            if (taken.Add(name))
            {
                return name;
            }
        }
    }

    private static Stylesheet Styles() =>
        new(
            new Fonts(new Font(), new Font(new DocumentFormat.OpenXml.Spreadsheet.Bold())),
            new Fills(
                new Fill(new PatternFill { PatternType = PatternValues.None }),
                new Fill(new PatternFill { PatternType = PatternValues.Gray125 })
            ),
            new Borders(new Border()),
            new CellFormats(new CellFormat { FontId = 0 }, new CellFormat { FontId = 1, ApplyFont = true })
        );
}
