using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using FairCompass.Core.Commands;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Web.Exchange;

/// <summary>
/// The prescription table as comma-separated values (RFC 4180): a row for each value of each task, a column for each division
/// and duty. Cells that a spreadsheet would run as a formula are written with an apostrophe before them.
/// </summary>
public static class PrescriptionSheet
{
    private static readonly string[] Fixed = ["line", "task", "value", "unit"];

    /// <summary>The sheet of a draft.</summary>
    public static string Write(Understanding u) => SpreadsheetText.Write(Table(u));

    /// <summary>The rows of the table, the first of them its head; each is as long as that.</summary>
    /// <param name="u">The workout.</param>
    public static IReadOnlyList<IReadOnlyList<string>> Table(Understanding u) =>
        [
            [.. Fixed, .. u.Resolver.Columns.Select(a => $"{a.Division.Name} {a.Within}")],
            .. GridRows
                .Of(u)
                .Select(row =>
                    (IReadOnlyList<string>)
                        [
                            row.Line.ToString(CultureInfo.InvariantCulture),
                            row.Name,
                            row.Aspect,
                            row.Unit ?? "",
                            .. row.Cells.Select(c => c.Text),
                        ]
                ),
        ];

    /// <summary>Writes the loads and amounts of a sheet into a draft; cells that are as they were change nothing.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="draft">The draft.</param>
    /// <param name="sheet">The sheet, as <see cref="Write"/> gives it, perhaps changed.</param>
    /// <returns>The new draft, or what is wrong with a cell: <c>csv[row].column</c>, rows from 1 after the heading.</returns>
    public static (string? Text, IReadOnlyList<FieldError> Errors) Read(Competition competition, string draft, string sheet)
    {
        var errors = new List<FieldError>();
        using var csv = new CsvReader(
            new StringReader(sheet),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                BadDataFound = null,
                MissingFieldFound = null,
                DetectDelimiter = true,
                DetectDelimiterValues = [",", ";", "\t"],
            }
        );
        if (
            !csv.Read()
            || !csv.ReadHeader()
            || csv.HeaderRecord is not { } heads
            || Fixed.Any(f => !heads.Contains(f, StringComparer.OrdinalIgnoreCase))
        )
        {
            return (
                null,
                [new("csv", $"The first row must name the columns {string.Join(", ", Fixed)}, and a column for each division and duty.")]
            );
        }

        var u = Understanding.Of(competition, draft);
        var addresses = u.Resolver.Columns.ToDictionary(a => $"{a.Division.Name} {a.Within}", StringComparer.OrdinalIgnoreCase);
        foreach (
            var head in heads.Where(h =>
                h.Trim().Length > 0 && !Fixed.Contains(h, StringComparer.OrdinalIgnoreCase) && !addresses.ContainsKey(h.Trim())
            )
        )
        {
            errors.Add(new("csv", $"There is no column {head.Trim()} in this workout."));
        }

        var cells = Changed(csv, u, addresses, heads.Where(h => addresses.ContainsKey(h.Trim())).ToList(), errors);
        if (errors.Count > 0)
        {
            return (null, errors);
        }

        var (text, refused) = new FillTable(cells.Select(c => c.Cell).ToEq()).Fill(u.Read);
        return text is not null
            ? (text, [])
            : (null, refused.Select(e => e.Path == "cells" ? e with { Path = "csv" } : e with { Path = PathOf(e.Path, cells) }).ToList());
    }

    /// <summary>The cells that are not as they were.</summary>
    private static List<(SetCell Cell, string Path)> Changed(
        CsvReader csv,
        Understanding u,
        Dictionary<string, Address> addresses,
        List<string> asked,
        List<FieldError> errors
    )
    {
        var original = GridRows.Of(u).ToList();
        var columns = u.Resolver.Columns.Select((a, i) => (a, i)).ToDictionary(x => x.a, x => x.i);
        var cells = new List<(SetCell Cell, string Path)>();
        for (var n = 1; csv.Read() && errors.Count < 50; n++)
        {
            var row = original.Find(r =>
                r.Line.ToString(CultureInfo.InvariantCulture) == csv["line"]?.Trim() && r.Aspect == csv["value"]?.Trim()
            );
            if (row is null)
            {
                errors.Add(new($"csv[{n}].line", "There is no such line and value in this workout; download the table again."));
                continue;
            }

            foreach (var head in asked)
            {
                var value = csv[head]?.Trim().TrimStart('\'') ?? "";
                var address = addresses[head.Trim()];
                var path = $"csv[{n}].{head.Trim()}";
                if (value.Length == 0 || value == row.Cells[columns[address]].Text)
                {
                    continue;
                }

                if (row.Aspect is not ("load" or "amount"))
                {
                    errors.Add(new(path, "Only loads and amounts are read from a sheet; change this in the draft."));
                    continue;
                }

                cells.Add((new(row.Line, row.Aspect, address.Division.Name, address.Within, value), path));
            }
        }

        return cells;
    }

    /// <summary>The place in the sheet of <c>cells[7]</c>.</summary>
    private static string PathOf(string path, List<(SetCell Cell, string Path)> cells) =>
        cells[int.Parse(path["cells[".Length..^1], CultureInfo.InvariantCulture)].Path;
}
