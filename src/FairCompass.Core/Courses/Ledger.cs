using System.Globalization;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>A number of the ledger.</summary>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Amount">Units of the task here; null when it has no end.</param>
/// <param name="Total">Running total of units after it; null when it has no end.</param>
/// <param name="Credit">Running credit after it, where units and credit differ; null where they are the same.</param>
/// <param name="Load">The load here, where it changes from round to round; null elsewhere.</param>
/// <param name="Seat">Who does it, where the order of turns says so.</param>
public sealed record LedgerCell(int Task, long? Amount, long? Total, long? Credit = null, string? Load = null, int? Seat = null);

/// <summary>A row: a round, or one task of a list.</summary>
/// <param name="Label">The rounds, outermost first, joined with a point: <c>2</c>, <c>2·1</c>; empty for a task done once.</param>
/// <param name="Cells">In the order of the work.</param>
/// <param name="Note">What stands there without units: a gate, a rest of one's own, a change of the kit; null when nothing does.</param>
public sealed record LedgerRow(string Label, Eq<LedgerCell> Cells, string? Note = null)
{
    /// <summary>True when a gate stands here.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public bool Gate { get; init; }

    /// <summary>The checkpoints that stand here, by name.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public Eq<string> Checkpoints { get; init; }

    /// <summary>The note without changes to the next load, which papers print with their plates; null when nothing is left.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public string? WithoutChanges { get; init; }
}

/// <summary>A table of the ledger.</summary>
/// <param name="InRounds">True when each row is a round of the same tasks; false when each row is one task.</param>
/// <param name="Rows">The first rows.</param>
/// <param name="More">True when there are more rows than these.</param>
public sealed record LedgerTable(bool InRounds, Eq<LedgerRow> Rows, bool More);

/// <summary>Lays a strand out as tables with running totals. Only the rows asked for are made.</summary>
public sealed class Ledger
{
    private readonly Strand strand;
    private readonly Eq<CourseTask> tasks;
    private readonly bool plain;

    private readonly Tongue tongue;

    private Ledger(Strand strand, Eq<CourseTask> tasks, Tongue tongue)
    {
        this.tongue = tongue;
        this.strand = strand;
        this.tasks = tasks;
        plain = tasks.All(t => t.Counted.Credit.IsPlain && t.Options.All(o => o.Unit.Credit.IsPlain));
    }

    /// <summary>The tables of a strand.</summary>
    /// <param name="strand">The counter.</param>
    /// <param name="tasks">The tasks of its piece, for credit and loads.</param>
    /// <param name="rows">How many rows at most, from 1.</param>
    public static Eq<LedgerTable> Of(Strand strand, Eq<CourseTask> tasks, int rows = 40) => Of(strand, tasks, Tongue.English, rows);

    /// <summary>The tables of a strand, with its notes in a language.</summary>
    /// <param name="strand">The counter.</param>
    /// <param name="tasks">The tasks of its piece, for credit and loads.</param>
    /// <param name="tongue">The language of the notes.</param>
    /// <param name="rows">How many rows at most, from 1.</param>
    public static Eq<LedgerTable> Of(Strand strand, Eq<CourseTask> tasks, Tongue tongue, int rows = 40) =>
        new Ledger(strand, tasks, tongue).Tables(rows);

    private LedgerRow Row(string label, CountNode.Mark mark) =>
        new(label, [], Note(mark.Work))
        {
            Gate = mark.Work is Work.Gate,
            Checkpoints = Names([mark.Work]),
            WithoutChanges = IsChange(mark.Work) ? null : Note(mark.Work),
        };

    private static Eq<string> Names(IEnumerable<Work> works) => works.OfType<Work.Checkpoint>().Select(c => c.Name).ToEq();

    /// <summary>True for a change to the load of the next line, which says nothing but who changes it.</summary>
    private static bool IsChange(Work work) => work is Work.RuleLine { Rule: Rule.ReRig { To: null } };

    private string? Notes(IEnumerable<Work> works) => string.Join("; ", works.Select(Note)) is { Length: > 0 } notes ? notes : null;

    private string Note(Work work) => tongue.IsSpanish ? SpokenWork.Line(work, tongue) : Printer.Line(work);

    private Eq<LedgerTable> Tables(int rows)
    {
        var tables = new List<LedgerTable>();
        var items = strand.Root is CountNode.Sequence s ? s.Items : [strand.Root];
        var total = 0L;
        var list = new List<LedgerRow>();
        foreach (var item in items)
        {
            switch (item)
            {
                case CountNode.Leaf leaf:
                    list.Add(new("", [Cell(leaf, 0, ref total)]));
                    break;
                case CountNode.Mark mark:
                    list.Add(Row("", mark));
                    break;
                case CountNode.Sequence lifts:
                    Steps(lifts, 0, [], ref total, list, rows + 1);
                    break;
                default:
                    Flush();
                    tables.Add(Table((CountNode.Repeat)item, ref total, rows));
                    break;
            }
        }

        Flush();
        return tables.ToEq();

        void Flush()
        {
            if (list.Count > 0)
            {
                tables.Add(new(false, list.Take(rows).ToEq(), list.Count > rows));
                list = [];
            }
        }
    }

    private LedgerTable Table(CountNode.Repeat repeat, ref long total, int limit)
    {
        var rows = new List<LedgerRow>();
        var flat = Flat(repeat.Body);
        var start = total;
        var more = false;
        for (var round = 0L; round < (repeat.Times ?? long.MaxValue); round++)
        {
            if (rows.Count >= limit)
            {
                more = true;
                break;
            }

            if (flat is not null)
            {
                var cells = new List<LedgerCell>();
                var notes = new List<Work>();
                foreach (var node in flat)
                {
                    if (node is CountNode.Leaf leaf)
                    {
                        cells.Add(Cell(leaf, round, ref total));
                    }
                    else if (node is CountNode.Mark mark && GatePasses.StandsIn(mark.Work, round))
                    {
                        notes.Add(mark.Work);
                    }
                }

                rows.Add(
                    new(Label([round + 1]), cells.ToEq(), Notes(notes))
                    {
                        Gate = notes.Exists(n => n is Work.Gate),
                        Checkpoints = Names(notes),
                        WithoutChanges = Notes(notes.Where(n => !IsChange(n))),
                    }
                );
            }
            else
            {
                Steps(repeat.Body, round, [round + 1], ref total, rows, limit + 1);
            }
        }

        more |= rows.Count > limit || repeat.Times is null;
        total = repeat.Endless ? total : Count.Add(start, repeat.Total(0));
        return new(flat is not null, rows.Take(limit).ToEq(), more);
    }

    /// <summary>The leaves and marks of a body without loops of its own; null when there are loops.</summary>
    private static List<CountNode>? Flat(CountNode body)
    {
        switch (body)
        {
            case CountNode.Repeat:
                return null;
            case CountNode.Sequence s:
                var all = new List<CountNode>();
                foreach (var item in s.Items)
                {
                    if (Flat(item) is not { } inner)
                    {
                        return null;
                    }

                    all.AddRange(inner);
                }

                return all;
            default:
                return [body];
        }
    }

    private void Steps(CountNode node, long index, long[] path, ref long total, List<LedgerRow> rows, int limit)
    {
        if (rows.Count >= limit)
        {
            return;
        }

        switch (node)
        {
            case CountNode.Leaf leaf:
                if (leaf.Endless || leaf.Total(index) > 0)
                {
                    rows.Add(new(Label(path), [Cell(leaf, index, ref total)]));
                }

                break;
            case CountNode.Mark mark:
                rows.Add(Row(Label(path), mark));
                break;
            case CountNode.Sequence sequence:
                foreach (var item in sequence.Items)
                {
                    Steps(item, index, path, ref total, rows, limit);
                }

                break;
            case CountNode.Repeat repeat:
                for (var i = 0L; i < (repeat.Times ?? long.MaxValue) && rows.Count < limit; i++)
                {
                    Steps(repeat.Body, i, [.. path, i + 1], ref total, rows, limit);
                }

                break;
        }
    }

    private LedgerCell Cell(CountNode.Leaf leaf, long index, ref long total)
    {
        var load =
            leaf.Task < tasks.Count && tasks[leaf.Task].Prescription.Load?.Value is { } l && !l.Values.IsConstant
                ? (
                    l with
                    {
                        Values = Series.Of(l.Values.At(index) is { } v ? v / 1.0000000000000000m : Number.Unset),
                        Also = null,
                    }
                ).ToString()
                : null;
        if (leaf.Endless)
        {
            return new(leaf.Task, null, null, null, load);
        }

        var amount = leaf.Total(index);
        total = Count.Add(total, amount);
        return new(
            leaf.Task,
            amount,
            total,
            plain || total > (strand.Units ?? Count.Ceiling) ? null : strand.Counted(total),
            load,
            leaf.SeatAt(index)
        );
    }

    private static string Label(long[] path) => string.Join('·', path.Select(p => p.ToString(CultureInfo.InvariantCulture)));
}
