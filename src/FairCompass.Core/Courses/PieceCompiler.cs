using System.Globalization;
using FairCompass.Core.Binding;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Compiles one piece of work for one entry into its tasks and counters.</summary>
internal sealed partial class PieceCompiler
{
    /// <summary>A round far out: work without end must still have units there, or no count beyond them would ever be reached.</summary>
    private const long RunsDry = 1_000_000;

    private readonly PieceOfWork piece;
    private readonly Resolver resolver;
    private readonly IReadOnlyList<Address> members;
    private readonly Eq<Chosen> choices;
    private readonly List<CourseTask> tasks = [];

    private PieceCompiler(PieceOfWork piece, Resolver resolver, Address entry, Eq<Chosen> choices)
    {
        this.piece = piece;
        this.resolver = resolver;
        this.choices = choices;
        var all = resolver.Members(entry, piece.Seat, piece.Group);
        members = all.Count > 0 ? all : [entry];
    }

    public static CoursePiece Compile(PieceOfWork piece, Resolver resolver, Address entry, Eq<Chosen> choices)
    {
        var compiler = new PieceCompiler(piece, resolver, entry, choices.Where(c => c.Piece == piece.Key).ToEq());
        var strands = compiler.Strands().ToEq();
        return new(piece, compiler.tasks.ToEq(), piece.IsHeaviest || strands.Any(s => s is null) ? [] : strands.Select(s => s!).ToEq());
    }

    /// <summary>A null strand says that something cannot be counted; the tasks are collected all the same.</summary>
    private List<CourseStrand?> Strands()
    {
        if (piece.Swaps.Count > 0)
        {
            // Whoever is done with the swap station changes places, so its work comes again and again.
            return piece
                .Swaps.Select(s =>
                    Named(
                        s.Name,
                        StrandRole.Station,
                        s.Name,
                        Sequence(s.Items, null, Turns(s.Items, 0)) is { } node
                            ? s.Name == piece.SwapWhen && !node.Endless && s.Name != piece.SwapUntil
                                ? new CountNode.Repeat(null, node)
                                : node
                            : null
                    )
                )
                .ToList();
        }

        var work = piece.Items.Where(w => w is not Work.RuleLine).ToList();
        var turns = Turns(piece.Items, 0);
        switch (work)
        {
            case [Work.Every every]:
                return InIntervals(every, turns);
            case [Work.AnyOrder any]:
                return any
                    .Items.Where(w => w is not Work.RuleLine)
                    .Select(
                        (w, i) =>
                        {
                            var index = tasks.Count;
                            var node = Sequence([w], null, turns);
                            return Named(
                                Key(i),
                                StrandRole.Task,
                                index < tasks.Count ? tasks[index].Prescription.Movement.Value : "",
                                node
                            );
                        }
                    )
                    .ToList();
            case [Work.Task { Amount: Amount.Max } task] when task.Lines.Any(l => l is TaskLine.Override { Choose: true }):
                return OneEachOption(task, turns);
            default:
                return Sequence(piece.Items, null, 0) is { } node && tasks.Count > 0 && IsReached(node)
                    ? [new("", StrandRole.Only, "", new Strand(node))]
                    : [null];
        }
    }

    /// <summary>Each option has a counter of its own, so that an athlete may change between them.</summary>
    private List<CourseStrand?> OneEachOption(Work.Task task, int turns)
    {
        Leaf(task, null, turns, null);
        return tasks[^1]
            .Options.Select(
                (o, i) =>
                    Named(
                        Key(i),
                        StrandRole.Option,
                        o.Name,
                        o.Counting is { } counting ? new CountNode.Leaf(tasks.Count - 1, counting, Occurs.Always) : null
                    )
            )
            .ToList();
    }

    /// <summary>More intervals than any window has that somebody counts by hand.</summary>
    private const long MostIntervals = 200;

    private List<CourseStrand?> InIntervals(Work.Every every, int turns)
    {
        var first = Sequence(every.First, null, turns);
        var intervals = every.Each is { Ms: > 0 } each && piece.Window is { } window ? (window.Ms + each.Ms - 1) / each.Ms : (long?)null;
        if (every.IsPlain)
        {
            return Plain(
                every,
                first is { Endless: false } && intervals is <= MostIntervals ? new CountNode.Repeat(intervals, first) : null
            );
        }

        var then = Sequence(every.Then, null, turns);
        return
        [
            Named(
                "first",
                StrandRole.First,
                "first in each interval" + MovementOf(every.First),
                first is { Endless: false } && intervals is not null ? new CountNode.Repeat(intervals, first) : null
            ),
            Named("then", StrandRole.Then, "in the rest of the intervals" + MovementOf(every.Then), then),
        ];
    }

    /// <summary>What carries over is one count; else each interval has its own, and what is missed in one is not made up in
    /// another.</summary>
    private static List<CourseStrand?> Plain(Work.Every every, CountNode.Repeat? list)
    {
        if (list is null || list.Total(0) == 0)
        {
            return [null];
        }

        var whole = new Strand(list);
        return every.CarriesOver == true
            ? [new("", StrandRole.Only, "", whole)]
            :
            [
                .. Enumerable
                    .Range(1, (int)list.Times!.Value)
                    .Where(n => list.Body.Total(n - 1) > 0)
                    .Select(n => new CourseStrand(Key(n), StrandRole.Interval, $"interval {n}", whole.OfRound(n)) { Interval = n }),
            ];
    }

    private static string MovementOf(Eq<Work> items) => items.OfType<Work.Task>().ToList() is [var only] ? $" ({only.Movement})" : "";

    private static string Key(int i) => i.ToString(CultureInfo.InvariantCulture);

    private static CourseStrand? Named(string key, StrandRole role, string name, CountNode? node) =>
        node is null || !IsReached(node) ? null : new(key, role, name, new Strand(node));

    /// <summary>False for work without end that never begins, such as one of every third round where there are no rounds.</summary>
    private static bool IsReached(CountNode node) => !node.Endless || node.Total(0) >= Count.Ceiling;

    /// <summary>How many take turns by the round under a rule of this block; the outer number when it has none.</summary>
    private int Turns(Eq<Work> items, int outer)
    {
        foreach (var phrase in items.OfType<Work.RuleLine>().Select(r => r.Rule).OfType<Rule.Share>().SelectMany(s => s.Phrases))
        {
            outer = phrase.Is == ShareKind.TurnsByRound ? members.Count : outer;
        }

        return outer;
    }

    private CountNode? Sequence(Eq<Work> items, Series? scheme, int turns, Work.Complex? around = null)
    {
        turns = Turns(items, turns);
        var nodes = new List<CountNode>();
        var countable = true;
        foreach (var item in items)
        {
            if (item is Work.RuleLine { Rule: not Rule.ReRig })
            {
                continue;
            }

            if (nodes.Exists(n => n.Endless) && item is not (Work.RuleLine or Work.OwnRest or Work.Gate or Work.Checkpoint))
            {
                countable = false;
            }

            if (item is Work.Task task && IsElsewhere(task))
            {
                continue;
            }

            var node = Node(item, scheme, turns, around);
            if (node is null)
            {
                countable = false;
            }
            else
            {
                nodes.Add(node);
            }
        }

        return !countable || nodes.All(n => n is CountNode.Mark) ? null
            : nodes.Count == 1 ? nodes[0]
            : new CountNode.Sequence([.. nodes]);
    }

    /// <summary>True for a task that only others do, or that belongs to another cycle.</summary>
    private bool IsElsewhere(Work.Task task) =>
        task
            .Details.OfType<Detail.Only>()
            .Any(o =>
                !resolver.Names.Of(o.For).Any(n => n is Selector.AtRound)
                && !members.Any(m => resolver.Holds(o.For, m, new(piece.Cycle, null)))
            );

    private CountNode? Node(Work work, Series? scheme, int turns, Work.Complex? around)
    {
        switch (work)
        {
            case Work.Task task:
                return Leaf(task, scheme, turns, around);
            case Work.Rounds rounds:
                return
                    Sequence(rounds.Items, null, turns) is { } body
                    && rounds is { Times: not 0, Unsaid: false }
                    && !body.Endless
                    && HasUnits(body, rounds.Times)
                    ? new CountNode.Repeat(rounds.Times, body)
                    : null;
            case Work.Scheme s:
                var series = s.Of.For(resolver.Position(members[0]));
                return Sequence(s.Items, series, turns) is { } list && Countable(series) && !list.Endless && HasUnits(list, series.Length)
                    ? new CountNode.Repeat(series.Length, list)
                    : null;
            case Work.Complex complex:
                return Sequence(complex.Lifts.Select(l => (Work)l).ToEq(), null, turns, complex);
            case Work.OwnRest or Work.Gate or Work.Checkpoint or Work.RuleLine:
                return new CountNode.Mark(work);
            case Work.AnyOrder any:
                Sequence(any.Items, null, turns);
                return null;
            case Work.GroupOf group:
                Sequence(group.Items, null, turns);
                return null;
            case Work.Every every:
                Sequence(every.First, null, turns);
                Sequence(every.Then, null, turns);
                return null;
            default:
                return null;
        }
    }

    /// <summary>True when the rounds hold units at all, without end also far out.</summary>
    private static bool HasUnits(CountNode body, long? times) =>
        times is { } n ? body.Prefix(n) > 0 : body.Prefix(2 * RunsDry) > body.Prefix(RunsDry);

    private static bool Countable(Series series) => Course.Countable(series);

    private CountNode.Leaf? Leaf(Work.Task task, Series? scheme, int turns, Work.Complex? around)
    {
        var index = tasks.Count;
        var address = members[0];
        var at = new Iteration(piece.Cycle, null);
        var prescription = resolver.Resolve(task, address, at, around);
        var (count, unit, counted, counting) = Read(prescription, task, scheme);
        var options = Options(task, prescription, count, counted, counting, scheme);
        tasks.Add(new(index, task, prescription, count, unit, counted, options) { Complex = around, Lifted = Lifted(prescription, task) });
        if (options.Count > 0)
        {
            counting = Taken(index, null) is { } taken && taken < options.Count ? options[taken].Counting : options[0].Counting;
        }

        if (counting is null || Differs(task, scheme, around))
        {
            return null;
        }

        if (InRounds(index, task, scheme, around, options) is not { } others)
        {
            return null;
        }

        var occurs = When(task);
        var turned = task
            .Lines.OfType<TaskLine.RuleOf>()
            .Select(r => r.Rule)
            .OfType<Rule.Share>()
            .Any(s => s.Phrases.Any(p => p.Is == ShareKind.TurnsByRound))
            ? members.Count
            : turns;
        var chunk =
            prescription
                .Counting.OfType<Detail.Chunks>()
                .Select(c => c.Size.For(resolver.Position(address)))
                .FirstOrDefault(s => s is { IsConstant: true })
                ?.At(0)
            ?? 0;
        return new CountNode.Leaf(
            index,
            counting,
            occurs,
            others.Count == 0 ? null : others,
            turned,
            (long)Math.Max(0, chunk),
            task.Lines.OfType<TaskLine.Between>().FirstOrDefault()
        );
    }

    private Occurs When(Work.Task task) =>
        task.Details.OfType<Detail.Only>().SelectMany(o => resolver.Names.Of(o.For)).OfType<Selector.AtRound>().FirstOrDefault() is { } only
            ? Occurs.Only(only.Round - 1)
        : task.Details.OfType<Detail.InRounds>().FirstOrDefault() is { Which: var which } && which.At(0) is >= 1 and var first
            ? new((long)first - 1, (long)Math.Max(1, (which.At(1) ?? first + 1) - first), which.Length)
        : Occurs.Every(task.Details.OfType<Detail.EveryNth>().Select(e => Math.Max(1, e.N)).FirstOrDefault(1));

    /// <summary>What is counted otherwise in a round, from 0; null when something of it cannot be counted.</summary>
    private Dictionary<long, Counting>? InRounds(int index, Work.Task task, Series? scheme, Work.Complex? around, Eq<TaskOption> options)
    {
        var others = new Dictionary<long, Counting>();
        foreach (var round in resolver.RoundsNamed(task))
        {
            if (
                Read(
                    resolver.Resolve(task, members[0], new Iteration(piece.Cycle, null) with { Round = round }, around),
                    task,
                    scheme
                ).Counting
                is not { } other
            )
            {
                return null;
            }

            others[round - 1] = other;
        }

        foreach (var choice in choices.Where(c => c.Task == index && c.Round is not null && c.Option < options.Count))
        {
            if (options[choice.Option].Counting is { } other)
            {
                others[choice.Round!.Value - 1] = other;
            }
        }

        return others;
    }

    private int? Taken(int task, long? round) =>
        choices.Where(c => c.Task == task && c.Round == round).Select(c => (int?)c.Option).FirstOrDefault();
}
