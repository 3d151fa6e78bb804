using System.Globalization;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Compiles one piece of work for one entry into its tasks and counters.</summary>
internal sealed class PieceCompiler
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
                var first = Sequence(every.First, null, turns);
                var then = Sequence(every.Then, null, turns);
                var intervals =
                    every.Each is { Ms: > 0 } each && piece.Window is { } window ? (window.Ms + each.Ms - 1) / each.Ms : (long?)null;
                return
                [
                    Named(
                        "first",
                        "first in each interval" + MovementOf(every.First),
                        first is { Endless: false } && intervals is not null ? new CountNode.Repeat(intervals, first) : null
                    ),
                    Named("then", "in the rest of the intervals" + MovementOf(every.Then), then),
                ];
            case [Work.AnyOrder any]:
                return any
                    .Items.Where(w => w is not Work.RuleLine)
                    .Select(
                        (w, i) =>
                        {
                            var index = tasks.Count;
                            var node = Sequence([w], null, turns);
                            return Named(Key(i), index < tasks.Count ? tasks[index].Prescription.Movement.Value : "", node);
                        }
                    )
                    .ToList();
            case [Work.Task { Amount: Amount.Max } task] when task.Lines.Any(l => l is TaskLine.Override { Choose: true }):
                Leaf(task, null, turns, null);
                // Each option has a counter of its own, so that an athlete may change between them.
                return tasks[^1]
                    .Options.Select(
                        (o, i) =>
                            Named(
                                Key(i),
                                o.Name,
                                o.Counting is { } counting ? new CountNode.Leaf(tasks.Count - 1, counting, Occurs.Always) : null
                            )
                    )
                    .ToList();
            default:
                return Sequence(piece.Items, null, 0) is { } node && tasks.Count > 0 ? [new("", "", new Strand(node))] : [null];
        }
    }

    private static string MovementOf(Eq<Work> items) => items.OfType<Work.Task>().ToList() is [var only] ? $" ({only.Movement})" : "";

    private static string Key(int i) => i.ToString(CultureInfo.InvariantCulture);

    private static CourseStrand? Named(string key, string name, CountNode? node) => node is null ? null : new(key, name, new Strand(node));

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

            if (nodes.Exists(n => n.Endless) && item is not (Work.RuleLine or Work.OwnRest or Work.Gate))
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
                !o.For.Names.Any(n => Resolver.NumberAfter("round", n) is not null)
                && !members.Any(m => resolver.Holds(o.For, m, new(piece.Cycle, null)))
            );

    private CountNode? Node(Work work, Series? scheme, int turns, Work.Complex? around)
    {
        switch (work)
        {
            case Work.Task task:
                return Leaf(task, scheme, turns, around);
            case Work.Rounds rounds:
                return Sequence(rounds.Items, null, turns) is { } body && rounds.Times != 0 && !body.Endless && HasUnits(body, rounds.Times)
                    ? new CountNode.Repeat(rounds.Times, body)
                    : null;
            case Work.Scheme s:
                var series = s.Of.For(resolver.Position(members[0]));
                return Sequence(s.Items, series, turns) is { } list && Countable(series) && !list.Endless && HasUnits(list, series.Length)
                    ? new CountNode.Repeat(series.Length, list)
                    : null;
            case Work.Complex complex:
                return Sequence(complex.Lifts.Select(l => (Work)l).ToEq(), null, turns, complex);
            case Work.OwnRest or Work.Gate or Work.RuleLine:
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
        tasks.Add(new(index, task, prescription, count, unit, counted, options) { Complex = around });
        if (options.Count > 0)
        {
            counting = Taken(index, null) is { } taken && taken < options.Count ? options[taken].Counting : options[0].Counting;
        }

        if (counting is null || Differs(task, scheme, around))
        {
            return null;
        }

        var others = new Dictionary<long, Counting>();
        foreach (var round in Resolver.RoundsNamed(task))
        {
            if (Read(resolver.Resolve(task, address, at with { Round = round }, around), task, scheme).Counting is not { } other)
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

        var occurs = new Occurs(
            task.Details.OfType<Detail.Only>()
                .SelectMany(o => o.For.Names)
                .Select(n => Resolver.NumberAfter("round", n))
                .FirstOrDefault(n => n is not null) - 1,
            task.Details.OfType<Detail.EveryNth>().Select(e => Math.Max(1, e.N)).FirstOrDefault(1)
        );
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

    private int? Taken(int task, long? round) =>
        choices.Where(c => c.Task == task && c.Round == round).Select(c => (int?)c.Option).FirstOrDefault();

    private (Series? Count, AmountUnit Unit, CountedUnit Counted, Counting? Counting) Read(
        Prescription prescription,
        Work.Task task,
        Series? scheme
    )
    {
        var duty = resolver.Position(members[0]);
        var (count, unit, endless, held) = prescription.Amount?.Value switch
        {
            Amount.Counted c => (c.Of.For(duty), c.Unit, false, false),
            Amount.Max m => (null, m.Unit, true, false),
            Amount.Held h => (h.Time is null ? null : Series.Of(1), AmountUnit.Rep, false, true),
            null => (scheme, AmountUnit.Rep, false, false),
            _ => ((Series?)null, AmountUnit.Rep, false, false),
        };
        var counted = Unit(prescription, unit, held, duty, out var section, out var millimetres);
        CountedSeries? amounts = null;
        if (!endless)
        {
            if (count is null || !Countable(count))
            {
                return (count, unit, counted, null);
            }

            amounts = section is { } s ? CountedSeries.InSections(count, s) : new CountedSeries(count, PerHead(task));
            if (amounts is null)
            {
                return (count, unit, counted, null);
            }
        }

        return (held ? null : count, unit, counted, new Counting(amounts, counted.Credit, unit == AmountUnit.Calorie, millimetres));
    }

    /// <summary>What one unit is and is worth; a distance with marks is counted in whole sections between them.</summary>
    private static CountedUnit Unit(
        Prescription prescription,
        AmountUnit unit,
        bool held,
        int duty,
        out decimal? section,
        out long millimetres
    )
    {
        section = null;
        var word = held
            ? "hold"
            : unit switch
            {
                AmountUnit.Calorie => "cal",
                AmountUnit.Metre => "m",
                AmountUnit.Foot => "ft",
                _ => "rep",
            };
        var each = unit switch
        {
            AmountUnit.Metre => 1000m,
            AmountUnit.Foot => 304.8m,
            _ => 0m,
        };
        var parts = 1;
        Credit credit = new Credit.Each(1);
        foreach (var detail in prescription.Counting)
        {
            switch (detail)
            {
                case Detail.Marks { Every.Value: > 0 and { } every } m when each > 0:
                    var length = new Length(every, m.Unit);
                    section = length.InMillimetres / each;
                    each = length.InMillimetres;
                    word = $"section of {length}";
                    break;
                case Detail.Lengths l:
                    parts = l.Count;
                    each = l.Of.Value is { } v ? new Length(v, l.Unit).InMillimetres * l.Count : 0;
                    break;
                case Detail.Counts c:
                    credit = new Credit.Each(c.Credit);
                    break;
                case Detail.EveryCount { Units: > 0 } e:
                    credit = new Credit.Groups(e.Units, e.Credit);
                    break;
                case Detail.Credited c:
                    credit = c.WhenDone ? new Credit.WhenDone(c.Credit) : new Credit.Share(c.Credit);
                    break;
                case Detail.Uncounted:
                    credit = new Credit.Each(0);
                    break;
            }
        }

        foreach (var bonus in prescription.Counting.OfType<Detail.Bonus>())
        {
            credit = new Credit.WithBonus(credit, bonus.Credit, bonus.AtAmount is { } at ? (long?)at.For(duty).At(0) : null);
        }

        millimetres = (long)each;
        return new(word, credit, parts);
    }

    /// <summary>How many do the amount: with <c>each</c> or <c>by each</c> every member who takes part.</summary>
    private int PerHead(Work.Task task) =>
        task.Details.Any(d => d is Detail.Flag { Is: FlagKind.Each or FlagKind.ByEach })
            ? task.Lines.OfType<TaskLine.RuleOf>()
                .Select(r => r.Rule)
                .OfType<Rule.Share>()
                .SelectMany(s => s.Phrases)
                .FirstOrDefault(p => p.Is == ShareKind.ByMembers)
                ?.N
                ?? members.Count
            : 1;

    /// <summary>True when members who share a task have different amounts of it, so that the whole is not defined.</summary>
    private bool Differs(Work.Task task, Series? scheme, Work.Complex? around)
    {
        if (members.Count < 2)
        {
            return false;
        }

        var first = Of(members[0]);
        return members.Skip(1).Any(m => Of(m) != first);

        string Of(Address member)
        {
            var p = resolver.Resolve(task, member, new(piece.Cycle, null), around);
            var duty = resolver.Position(member);
            return p.Amount?.Value is Amount.Counted c ? c.Of.For(duty) + c.Unit.ToString()
                : p.Amount?.Value is null ? scheme?.ToString() ?? ""
                : "max";
        }
    }

    private Eq<TaskOption> Options(Work.Task task, Prescription own, Series? count, CountedUnit counted, Counting? counting, Series? scheme)
    {
        var lines = resolver.Options(task, members[0], new(piece.Cycle, null)).ToList();
        if (lines.Count == 0)
        {
            return [];
        }

        var options = lines
            .Select(o =>
            {
                var p = resolver.Resolve(task, o, members[0], new(piece.Cycle, null));
                var (c, _, u, n) = Read(p, task, scheme);
                return new TaskOption(p, c, u) { Counting = n };
            })
            .ToList();

        // A task that only heads its menu, without the load that its options have, is no option itself.
        var heads =
            own.Load is null && options.Exists(o => o.Prescription.Load is not null && o.Prescription.Movement.Value == own.Movement.Value);
        return heads ? options.ToEq() : options.Prepend(new TaskOption(own, count, counted) { Counting = counting }).ToEq();
    }
}
