using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Lays the resolved prescriptions out as a table: tasks and their values down, division × duty or place in the team
/// across.</summary>
public sealed class GridRows
{
    private readonly Understanding u;
    private readonly Tongue tongue;
    private readonly List<GridRow> rows = [];

    private GridRows(Understanding u, Tongue tongue) => (this.u, this.tongue) = (u, tongue);

    /// <summary>The rows of a draft, in the order of the text.</summary>
    public static Eq<GridRow> Of(Understanding u) => Of(u, Tongue.English);

    /// <summary>The rows of a draft in words of a language, in the order of the text.</summary>
    public static Eq<GridRow> Of(Understanding u, Tongue tongue)
    {
        var grid = new GridRows(u, tongue);
        if (u.Resolver.Columns.Count == 0)
        {
            return [];
        }

        var places = u
            .Courses.SelectMany(c => c.Pieces)
            .SelectMany(p => p.Tasks.Select(t => (p.Piece.Key, t)))
            .GroupBy(
                x => x.t.Source,
                (source, at) => (source, at.First()),
                (IEqualityComparer<Work.Task>)ReferenceEqualityComparer.Instance
            )
            .ToDictionary(x => x.source, x => x.Item2, (IEqualityComparer<Work.Task>)ReferenceEqualityComparer.Instance);
        foreach (
            var task in u
                .Prescribed.Where(t => t.At == default)
                .GroupBy(t => t.Source, (IEqualityComparer<Work.Task>)ReferenceEqualityComparer.Instance)
        )
        {
            var (piece, index, scheme) = places.TryGetValue(task.Key, out var at) ? (at.Key, at.t.Index, at.t.Count) : ("", -1, null);
            grid.Rows(piece, index, task.Key, task.Where(t => t.Option is null).ToList(), null, scheme);
            foreach (
                var option in task.Where(t => t.Option is not null)
                    .GroupBy(t => t.Option!, (IEqualityComparer<TaskLine.Override>)ReferenceEqualityComparer.Instance)
            )
            {
                grid.Rows(piece, index, task.Key, option.ToList(), option.Key, scheme);
            }
        }

        return grid.rows.ToEq();
    }

    private void Rows(string piece, int index, Work.Task source, List<PrescribedTask> column, TaskLine.Override? option, Series? scheme)
    {
        var name = option is null
            ? tongue.Movement(source.Movement)
            : tongue.Say("or ", "o ") + tongue.Movement(option.Movement ?? source.Movement);
        var line = option?.At.Line ?? source.At.Line;
        if (column.Any(c => c.Prescription.Movement.Value != (option?.Movement ?? source.Movement)))
        {
            Add("movement", null, c => Cell(tongue.Movement(c.Prescription.Movement.Value), c.Prescription.Movement.From));
        }

        var unit = UnitOf(column);
        if (option is null || option.Amount is not null)
        {
            Add(
                "amount",
                tongue.Say(UnitWord(unit)),
                c =>
                    c.Prescription.Amount is { Value: not Amount.OfScheme } a
                        ? Cell(AmountText(a.Value, u.Resolver.Position(c.Address)), a.From)
                        : new GridCell(scheme?.ToString() ?? "", c.Address.Division.InheritsFrom is null, null, source.At.Line)
            );
        }

        LoadRows(Add, column);
        RisingRow(Add, column);
        if (column.Any(c => c.Prescription.Heights.Count > 0))
        {
            Add(
                "height",
                null,
                c =>
                    c.Prescription.Heights.Count == 0
                        ? Empty
                        : Cell(string.Join(", ", c.Prescription.Heights.Select(h => h.Value.In(tongue))), c.Prescription.Heights[0].From)
            );
        }

        void Add(string aspect, string? unitWord, Func<PrescribedTask, GridCell> cell)
        {
            // A task that is not for everybody leaves the cells of the others empty.
            var cells = u
                .Resolver.Columns.Select(a => column.Find(c => ReferenceEquals(c.Address, a)) is { } own ? cell(own) : Empty)
                .ToEq();
            rows.Add(new(piece, index, line, name, aspect, unitWord, cells));
        }
    }

    /// <summary>The heights that are tried one after the other.</summary>
    private void RisingRow(Action<string, string?, Func<PrescribedTask, GridCell>> add, List<PrescribedTask> column)
    {
        if (column.Any(c => c.Prescription.Rising is not null))
        {
            add("height", null, c => c.Prescription.Rising is { } rising ? Cell(rising.Value.In(tongue), rising.From) : Empty);
        }
    }

    /// <summary>The load, or the share of an own best; how heavy a lift can become is no prescription.</summary>
    private void LoadRows(Action<string, string?, Func<PrescribedTask, GridCell>> add, List<PrescribedTask> column)
    {
        if (column.Any(c => c.Prescription.Load is not null))
        {
            LoadRow(add, column);
        }
        else if (column.Any(c => c.Prescription.OfBest is not null))
        {
            add("load", null, c => c.Prescription.OfBest is { } best ? Cell(best.Value.In(tongue), best.From) : Empty);
        }
    }

    private static AmountUnit UnitOf(List<PrescribedTask> column) =>
        column.Select(c => c.Prescription.Amount?.Value).FirstOrDefault(a => a is not null).UnitOf();

    private void LoadRow(Action<string, string?, Func<PrescribedTask, GridCell>> add, List<PrescribedTask> column)
    {
        var mass = column.Select(c => c.Prescription.Load).First(l => l is not null)!.Value.Unit;
        if (column.Exists(c => c.Prescription.Load?.Value is { Also: not null } or { Left: not null }))
        {
            // Both publications, and both hands, are printed, each figure with its own unit.
            add("load", null, c => c.Prescription.Load is { } load ? Cell(load.Value.In(tongue), load.From) : Empty);
        }
        else
        {
            var implements = column.Select(c => c.Prescription.Load?.Value.Implements).OfType<int>().Distinct().ToList();
            var shared = implements.Count == 1 ? implements[0] : 1;
            add(
                "load",
                (shared > 1 ? $"{shared} × " : "") + mass.Symbol(),
                c => c.Prescription.Load is { } load ? Cell(LoadText(load.Value, mass, shared), load.From) : Empty
            );
        }
    }

    private static GridCell Empty => new("", false, null, 0);

    private static GridCell Cell(string text, Origin from) => new(text, from.Own, from.Division, from.At.Line);

    /// <summary>What an amount is counted in, as a heading of the table says it.</summary>
    internal static Said UnitWord(AmountUnit unit) =>
        unit switch
        {
            AmountUnit.Calorie => Term.Single("cal"),
            AmountUnit.Metre => Term.Single("m"),
            AmountUnit.Foot => Term.Single("ft"),
            AmountUnit.Second => Term.Single("s"),
            _ => Term.Rep.Many,
        };

    private string AmountText(Amount amount, int position) =>
        amount switch
        {
            Amount.Counted c => c.Of.For(position).ToString(),
            Amount.Max => tongue.Say("max", "máx."),
            Amount.Heaviest { SetOf: { } n } => tongue.Say($"set of {n}", $"serie de {n}"),
            _ => tongue.IsSpanish ? SpokenWork.Alone(amount, tongue) : Printer.Amount(amount),
        };

    /// <summary>The figures; how many are held stands in the row's heading when it is the same for all.</summary>
    private static string LoadText(DutyLoad load, MassUnit unit, int shared)
    {
        var implements = load.Implements > 1 && load.Implements != shared ? $"{load.Implements} × " : "";
        var other = load.Unit == unit ? "" : " " + load.Unit.Symbol();
        return implements + load.Values + other;
    }
}
