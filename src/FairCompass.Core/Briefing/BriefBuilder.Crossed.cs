using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Pacing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The boxes of a card: every counter of the work has its own, so that no judge adds up.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>The most boxes between the beginning of one task and its end.</summary>
    private const int MostBetween = 9;

    /// <summary>A place for a time; it is no box.</summary>
    public const string ClockBlank = "__:__";

    /// <summary>A counter on the card of an entry.</summary>
    private sealed record CardCounter(Address Entry, CoursePiece Piece, CourseStrand Strand)
    {
        /// <summary>True where no totals can be printed, because they depend on the ways taken.</summary>
        public bool Depends { get; init; }

        public string Id => $"{Piece.Piece.Key}{(Strand.Key.Length == 0 ? "" : ":" + Strand.Key)}/{Entry}";

        public IReadOnlyList<CourseTask> Tasks => [.. Piece.TasksOf(Strand)];

        public bool IsOneNumber => Strand.Counter.IsOneNumber;

        /// <summary>The movement of the only task; of the option, where the counter is one of a choice.</summary>
        public string Movement =>
            Strand.Role == StrandRole.Option
            && Piece.Strands.TakeWhile(s => !ReferenceEquals(s, Strand)).Count() is var option
            && option < Tasks[0].Options.Count
                ? Tasks[0].Options[option].Prescription.Movement.Value
                : Tasks[0].Prescription.Movement.Value;
    }

    private static IEnumerable<CardCounter> CountersOf(Course course, CoursePiece piece) =>
        piece
            .Strands.Where(s => !s.Counter.TooLarge)
            .Select(s => new CardCounter(course.Address, piece, s) { Depends = DependsOnWays(course, piece, s) });

    private string CounterName(CardCounter c)
    {
        var piece = c.Piece.Piece.IsNamed ? Cite($"piece/{c.Id}", c.Piece.Piece.NameIn(tongue)) : "";
        var counter = c.Strand.Key.Length == 0 ? "" : Cite($"counter/{c.Id}", c.Strand.NameIn(c.Piece, tongue));
        return string.Join(": ", new[] { piece, counter }.Where(n => n.Length > 0));
    }

    /// <summary>A row a task, a box a round with the running total in it; work that is no plain loop has a row a step.</summary>
    private IEnumerable<BriefBlock> Crossed(CardCounter counter)
    {
        var caption = (string?)CounterCaption(counter);
        var timed = TimedRound(SheetOf(counter.Entry), counter.Piece);
        foreach (var table in TablesOf(counter.Strand.Counter, counter.Piece))
        {
            foreach (var block in table.InRounds ? InRounds(counter, table, timed) : InSteps(counter, table))
            {
                yield return block is BriefBlock.Boxes boxes ? boxes with { Caption = caption } : block;
                caption = block is BriefBlock.Boxes ? null : caption;
            }

            // A tie is broken at a round of the first loop.
            timed = table.InRounds ? null : timed;
        }

        if (counter.Strand.Role == StrandRole.Then)
        {
            foreach (var at in AtTheEnds(counter))
            {
                yield return at;
            }
        }
    }

    private ScoreSheet SheetOf(Address entry) => u.Sheets[u.Courses.Index().First(c => c.Item.Address == entry).Index];

    /// <summary>
    /// The tables of a counter, as far as they fit on a card; of rounds without end as many as the fastest paces known get through in the
    /// time, and one more.
    /// </summary>
    private Eq<LedgerTable> TablesOf(Strand strand, CoursePiece piece)
    {
        var tables = Ledger.Of(strand, piece.Tasks, tongue, 3 * BoxesInARow);
        if (strand.Units is not null || strand.TooLarge || piece.Limit is not { } limit || tables is not [.., { InRounds: true } endless])
        {
            return tables;
        }

        var place = strand.At(UnitTimes.AtMost(PaceTable.Usual, piece, strand, piece.Piece.Earlier + limit.Longest) + 1);
        // Before the endless rounds nobody is in a round of them.
        var rounds = place.Rounds.Count > 0 && endless.Rows.Any(r => r.Cells.Any(c => c.Task == place.Task)) ? place.Rounds[0] + 1 : 2;
        return [.. tables.SkipLast(1), endless with { Rows = [.. endless.Rows.Take((int)Math.Clamp(rounds, 2, 3 * BoxesInARow))] }];
    }

    private string CounterCaption(CardCounter c)
    {
        var name = CounterName(c);
        var all = c.Strand.Counter.AllCounted is { } n && !c.Depends ? Cite($"piece/{c.Id}", Say($", {n} in all", $", {n} en total")) : "";
        return Words.Capital((name.Length == 0 ? "" : name + ": ") + Say("running totals", "totales acumulados")) + all + GoesOn(c);
    }

    /// <summary>The place for the number at which a member of a relay goes on.</summary>
    private string GoesOn(CardCounter c) =>
        c.Piece.Piece.GoesOnFrom is null
            ? ""
            : Say(", goes on from ____ (the total of the one before)", ", sigue desde ____ (total del anterior)");

    private IEnumerable<BriefBlock> InRounds(CardCounter c, LedgerTable table, int? timed)
    {
        var round = c.Strand.Role == StrandRole.First ? Say("Interval", "Intervalo") : Say("Round", "Ronda");
        // Where the change of the bar stands before its round, it need not be said in every head that it is changed.
        var changes = table.Rows.Any(r => Change(c, r).Length > 0);
        foreach (var rounds in table.Rows.Chunk(BoxesInARow))
        {
            Eq<string> head =
            [
                "",
                .. rounds.Select(r =>
                    Cite($"round/{c.Id}/{r.Label}", $"{round} {r.Label}{Bar(r)}{Noted(changes ? r.WithoutChanges : r.Note)}") + Change(c, r)
                ),
            ];
            yield return new BriefBlock.Boxes(
                null,
                head,
                table
                    .Rows[0]
                    .Cells.Select(
                        (cell, i) =>
                            new BriefRow([
                                Cite($"amounts/{c.Id}/{cell.Task}", Amounts(table, i, c.Piece)),
                                .. rounds.Select(r => i < r.Cells.Count ? BoxOf(c, r, r.Cells[i]) : ""),
                            ])
                    )
                    .Concat(TimedRows(EndsAtAGate(c, timed) ? null : timed, rounds))
                    .ToEq()
            );
        }
    }

    /// <summary>True where the round whose end is timed ends at a gate: one moment is written down once.</summary>
    private static bool EndsAtAGate(CardCounter c, int? timed) =>
        timed is { } round
        && c.Strand.Counter.UnitsAfterRound(round) is { } units
        && c.Piece.Limit is { } limit
        && limit.Gates.Any(g => g.Units == units);

    /// <summary>Places for the clock: at the gate of a round, and at the end of the round that breaks a tie.</summary>
    private IEnumerable<BriefRow> TimedRows(int? timed, IReadOnlyCollection<LedgerRow> rounds)
    {
        if (rounds.Any(r => r.Gate))
        {
            yield return new([Say("Gate passed at", "Corte pasado a las"), .. rounds.Select(r => r.Gate ? ClockBlank : "")]);
        }

        foreach (var name in rounds.SelectMany(r => r.Checkpoints).Distinct())
        {
            yield return new([
                Say($"Clock at {name}", $"Reloj en {name}"),
                .. rounds.Select(r => r.Checkpoints.Contains(name) ? ClockBlank : ""),
            ]);
        }

        if (timed is { } at && rounds.Any(r => r.Label == Figure(at)))
        {
            yield return new([
                Say("Clock at the end of the round", "Reloj al acabar la ronda"),
                .. rounds.Select(r => r.Label == Figure(at) ? ClockBlank : ""),
            ]);
        }
    }

    private IEnumerable<BriefBlock> InSteps(CardCounter c, LedgerTable table)
    {
        foreach (var steps in table.Rows.Where(r => r.Cells.Count > 0 || r.WithoutChanges is not null).Chunk(2 * BoxesInARow))
        {
            // What stands between rounds has no box of its own.
            if (steps.All(r => r.Cells.Count == 0))
            {
                yield return new BriefBlock.Paragraph(
                    string.Join("; ", steps.Select(r => Cite($"round/{c.Id}/{r.Label}", Words.Capital(r.Note ?? "") + Passed(r) + At(r))))
                );
                continue;
            }

            var between = steps.Select(r => Between(c, r)).ToList();
            var columns = between.Max(b => b.Count);
            yield return new BriefBlock.Boxes(
                null,
                ["", .. Enumerable.Repeat("", columns), "Total"],
                steps
                    .Select(
                        (r, i) =>
                            Cited(
                                $"round/{c.Id}/{r.Label}",
                                r.Cells.Count == 0
                                    ? new([
                                        Words.Capital(r.Note ?? "") + Passed(r),
                                        .. Enumerable.Repeat("", columns),
                                        r.Checkpoints.Count > 0 ? ClockBlank : "",
                                    ])
                                    : new([
                                        StepName(c, r),
                                        .. between[i].Select(n => c.Depends ? NoTotal : Figure(n)),
                                        .. Enumerable.Repeat("", columns - between[i].Count),
                                        c.Depends ? NoTotal : Total(r.Cells[^1]),
                                    ])
                            )
                    )
                    .ToEq()
            );
        }
    }

    private string BoxOf(CardCounter c, LedgerRow row, LedgerCell cell) =>
        c.Depends && cell.Amount != 0 ? NoTotal : Cite($"round/{c.Id}/{row.Label}", Total(cell));

    private static string Noted(string? note) => note is null ? "" : $" ({note})";

    /// <summary>What goes off and on the bar before a round whose load is another: <c>: on 10 a side</c>; of a team whose duties have bars
    /// of their own, for each duty.</summary>
    private string Change(CardCounter c, LedgerRow row)
    {
        if (!int.TryParse(row.Label, NumberStyles.None, CultureInfo.InvariantCulture, out var round) || round < 2)
        {
            return "";
        }

        var lines = row.Cells.Select(cell => c.Piece.Tasks[cell.Task].Source.At.Line).ToHashSet();
        var changes = u
            .Prescribed.Where(p =>
                p.At == default
                && p.Option is null
                && lines.Contains(p.Source.At.Line)
                && p.Address.Division == c.Entry.Division
                && p.Address.Level == c.Entry.Level
                && (c.Entry.Duty is null || p.Address.Duty == c.Entry.Duty)
                && Book.Find(p.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
                && p.Prescription.Load?.Value.Unit == u.Competition.Unit
            )
            .Select(p =>
                (
                    Who: p.Address,
                    Change: Loaded.Change(p, round - 1) is { Handled: > 0 } change
                        ? Cite($"rung/{p.Source.At.Line}/{p.Address}/{round}", change.In(tongue, u.Competition))
                        : ""
                )
            )
            .Where(x => x.Change.Length > 0)
            .GroupBy(x => x.Change)
            .ToList();
        var whose = u.Resolver.Addresses.Where(a => a.Division == c.Entry.Division && a.Level == c.Entry.Level).ToList();
        var said = changes.Select(g =>
            (c.Entry.Duty is null && g.Select(x => x.Who).Distinct().Count() < whose.Count ? WhoOf(g.Select(x => x.Who), whose) + " " : "")
            + g.Key
        );
        return changes.Count == 0 ? "" : $": {string.Join("; ", said)} {Say("a side", "por lado")}";
    }

    /// <summary>A tick and a time where a gate stands.</summary>
    private string Passed(LedgerRow row) => row.Gate ? Say(": passed □ at ____", ": pasada □ a las ____") : "";

    private static string At(LedgerRow row) => row.Checkpoints.Count > 0 ? ": " + ClockBlank : "";

    private string StepName(CardCounter c, LedgerRow row) =>
        (row.Label.Length == 0 ? "" : row.Label + "  ") + string.Join(" + ", row.Cells.Select(x => Done(x, c.Piece))) + Bar(row);

    /// <summary>
    /// The counts on the way through a long task: after each part in which it is cut, after each section of a distance, and after every ten
    /// of twenty reps or more. What a machine counts needs none.
    /// </summary>
    private List<long> Between(CardCounter c, LedgerRow row)
    {
        if (row.Cells is not [{ Amount: { } amount, Total: { } total } cell])
        {
            return [];
        }

        var task = c.Piece.Tasks[cell.Task];
        var word = task.Counted.Word;
        var size = task.Prescription.Counting.OfType<Detail.Chunks>().FirstOrDefault()?.Size;
        // Where the duties of a team cut a task into other parts, no box is right for both.
        var parts = c.Entry.Duty is null && size?.Second is not null ? null : size?.For(u.Resolver.Position(c.Entry));
        var chunk = parts is { IsConstant: true } ? parts.At(0) ?? 0 : 0;
        var step =
            chunk >= 1 && amount / chunk <= MostBetween + 1 ? (long)chunk
            : word.StartsWith("section", StringComparison.Ordinal) ? Step(amount, [1, 2, 5, 10])
            : word == "rep" && amount >= 20 ? Step(amount, [10, 20, 25, 50, 100, 250, 500, 1000])
            : 0;
        return step == 0 || total > (c.Strand.Counter.Units ?? Count.Ceiling)
            ? []
            : [.. Stepped(total - amount, amount, step).Select(c.Strand.Counter.Counted).Distinct()];
    }

    private static long Step(long amount, long[] steps) => Array.Find(steps, s => (amount - 1) / s <= MostBetween);

    private static IEnumerable<long> Stepped(long before, long amount, long step)
    {
        for (var n = step; n < amount; n += step)
        {
            yield return before + n;
        }
    }

    /// <summary>A line for the running count of the goal at the end of each interval.</summary>
    private IEnumerable<BriefBlock.Table> AtTheEnds(CardCounter c)
    {
        if (c.Piece.Every?.Each is not { Ms: > 0 } each || c.Piece.Piece is not { Window: { } window, Starts: { } starts })
        {
            yield break;
        }

        var ends = Enumerable
            .Range(1, (int)Math.Min((window.Ms + each.Ms - 1) / each.Ms, 3 * BoxesInARow))
            .Select(n => (N: n, At: starts + new Duration(Math.Min(each.Ms * n, window.Ms))))
            .ToList();
        foreach (var some in ends.Chunk(BoxesInARow))
        {
            yield return new(
                null,
                ["", .. some.Select(e => Cite($"interval/{c.Id}/{e.N}", $"{e.N}, {Say("to", "hasta")} {e.At}"))],
                [new([Say("Count at the end of the interval", "Cuenta al final del intervalo"), .. Enumerable.Repeat("", some.Length)])]
            );
        }
    }

    /// <summary>The task with its amount: <c>12 power clean</c>, <c>21-15-9 thruster</c>; only the movement where the amounts go
    /// on.</summary>
    private string Amounts(LedgerTable table, int cell, CoursePiece piece)
    {
        var of = table.Rows.Where(r => cell < r.Cells.Count).Select(r => r.Cells[cell]).ToList();
        var amounts = of.Select(c => c.Amount).Distinct().ToList();
        var task = piece.Tasks[of[0].Task];
        // Each way has its own amount; its letter says it.
        return HasMenu(piece) && task.Options.Count > 1 ? Words.Capital(Ways(task))
            : amounts.Count == 1 ? Words.Capital(Done(of[0], piece))
            : !table.More && of.Count <= 5
                ? string.Join('-', of.Select(c => c.Amount is { } n ? Figure(n) : Say("max", "máx.")))
                    + (task.Unit == AmountUnit.Rep ? " " : $" {UnitOf(task)} {Say("", "de ")}")
                    + tongue.Movement(task.Prescription.Movement.Value)
            : Named(task.Prescription.Movement.Value) + (task.Unit == AmountUnit.Rep ? "" : $", {UnitOf(task)}");
    }

    /// <summary>What is counted of a task: <c>cal</c>, <c>sections of 4 m</c>.</summary>
    private string UnitOf(CourseTask task) =>
        task.Counted.Word.StartsWith("section", StringComparison.Ordinal)
            ? tongue.Say(Term.Section.Many) + tongue.Say(Term.Single(task.Counted.Word))[tongue.Say(Term.Section.One).Length..]
            : task.Unit.Symbol();
}
