using FairCompass.Core.Checks;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Lays the resolved prescriptions out as a table: tasks and their values down, division × duty across.</summary>
internal static class GridRows
{
    public static Eq<GridRow> Of(Understanding u)
    {
        var rows = new List<GridRow>();
        if (u.Courses.Count == 0)
        {
            return [];
        }

        for (var p = 0; p < u.Courses[0].Pieces.Count; p++)
        {
            for (var t = 0; t < u.Courses[0].Pieces[p].Tasks.Count; t++)
            {
                var (piece, task) = (p, t);
                var column = u.Courses.Select(c => c.Pieces[piece].Tasks[task]).ToList();
                Rows(u, u.Courses[0].Pieces[piece].Piece.Key, column, rows);
            }
        }

        return rows.ToEq();
    }

    private static void Rows(Understanding u, string piece, List<CourseTask> column, List<GridRow> rows)
    {
        var source = column[0].Source;
        if (column.Any(c => c.Prescription.Movement.Value != source.Movement))
        {
            Add("movement", null, (c, _) => Cell(c.Prescription.Movement.Value, c.Prescription.Movement.From));
        }

        Add("amount", AmountUnit(column[0].Unit), (c, i) => c.Prescription.Amount is { } a
            ? Cell(AmountText(c, a.Value), a.From)
            : new GridCell(c.Count?.ToString() ?? "", u.Courses[i].Address.Division.InheritsFrom is null, null, c.Source.At.Line));

        if (column.Any(c => c.Prescription.Load is not null))
        {
            var unit = column.Select(c => c.Prescription.Load).First(l => l is not null)!.Value.Unit;
            var implements = column.Select(c => c.Prescription.Load?.Value.Implements).OfType<int>().Distinct().ToList();
            var shared = implements.Count == 1 ? implements[0] : 1;
            Add("load", (shared > 1 ? $"{shared} × " : "") + unit.Symbol(), (c, _) => c.Prescription.Load is { } load ? Cell(LoadText(load.Value, unit, shared), load.From) : Empty);
        }
        else if (source.Amount is Amount.Heaviest && MovementLibrary.Find(source.Movement)?.Kit == MovementKit.Barbell)
        {
            Add("load", u.Competition.Unit.Symbol(), (_, i) =>
            {
                var loads = LoadNotMakeable.Stock(u.Competition, MovementKit.Barbell, u.Courses[i].Address.Duty);
                return new GridCell($"up to {Number.Normal(loads[^1])}", false, null, 0);
            });
        }

        if (column.Any(c => c.Prescription.Heights.Count > 0))
        {
            Add("height", null, (c, _) => c.Prescription.Heights.Count == 0 ? Empty
                : Cell(string.Join(", ", c.Prescription.Heights.Select(h => h.Value.ToString())), c.Prescription.Heights[0].From));
        }

        void Add(string aspect, string? unit, Func<CourseTask, int, GridCell> cell) =>
            rows.Add(new(piece, column[0].Index, source.At.Line, source.Movement, aspect, unit, column.Select(cell).ToEq()));
    }

    private static GridCell Empty => new("", false, null, 0);

    private static GridCell Cell(string text, Origin from) => new(text, from.Own, from.Division, from.At.Line);

    private static string? AmountUnit(AmountUnit unit) => unit switch
    {
        Workouts.AmountUnit.Calorie => "cal",
        Workouts.AmountUnit.Metre => "m",
        Workouts.AmountUnit.Foot => "ft",
        _ => "reps",
    };

    private static string AmountText(CourseTask c, Amount amount) => amount switch
    {
        Amount.Counted => c.Count?.ToString() ?? "",
        Amount.Max => "max",
        Amount.Heaviest { SetOf: { } n } => $"set of {n}",
        _ => Printer.Amount(amount),
    };

    /// <summary>The figures; how many are held stands in the row's heading when it is the same for all.</summary>
    private static string LoadText(DutyLoad load, MassUnit unit, int shared)
    {
        var implements = load.Implements > 1 && load.Implements != shared ? $"{load.Implements} × " : "";
        var other = load.Unit == unit ? "" : " " + load.Unit.Symbol();
        return implements + load.Values + other;
    }
}
