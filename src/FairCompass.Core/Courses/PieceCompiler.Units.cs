using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <content>What one unit of a task is, and how many there are.</content>
internal sealed partial class PieceCompiler
{
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
            Amount.OfScheme s => (scheme, s.Unit, false, false),
            null => (scheme, AmountUnit.Rep, false, false),
            _ => ((Series?)null, AmountUnit.Rep, false, false),
        };
        if (members.Count > 1 && task.Details.Any(d => d is Detail.Flag { Is: FlagKind.EachUnsaid }))
        {
            return (null, unit, Unit(prescription, unit, held, duty, out _, out _), null);
        }

        var heads = PerHead(task);
        // Who each do their own amount do the sum of them together.
        if (heads > 1 && OfEach(task, prescription) is { } together)
        {
            (count, heads) = (together, 1);
        }

        var counted = Unit(prescription, unit, held, duty, out var section, out var millimetres);
        CountedSeries? amounts = null;
        if (!endless)
        {
            if (count is null || !Countable(count))
            {
                return (count, unit, counted, null);
            }

            amounts = section is { } s ? CountedSeries.InSections(count, s, heads) : new CountedSeries(count, heads);
            if (amounts is null)
            {
                return (count, unit, counted, null);
            }
        }

        return (
            held ? null : count,
            unit,
            counted,
            new Counting(amounts, counted.Credit, unit, millimetres) { Moved = Lifted(prescription, task) is { } load ? new(load) : null }
        );
    }

    /// <summary>The load of a prescription where every member has the same; null without one, or where the members differ.</summary>
    private DutyLoad? Lifted(Prescription prescription, Work.Task task) =>
        prescription.Load?.Value is { Values.HasUnset: false } load
        && members.Skip(1).All(m => resolver.Resolve(task, m, new(piece.Cycle, null)).Load?.Value == load)
            ? load
            : null;

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
        var (word, each) = Base(unit, held);
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

    /// <summary>The word of a unit, and its length in millimetres when it is one.</summary>
    private static (string Word, decimal Each) Base(AmountUnit unit, bool held)
    {
        var word =
            held ? "hold"
            : unit == AmountUnit.Rep ? "rep"
            : unit.Symbol();
        var each = unit switch
        {
            AmountUnit.Metre => 1000m,
            AmountUnit.Foot => 304.8m,
            _ => 0m,
        };
        return (word, each);
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

    /// <summary>The sum of what members of different duties each do of a task; null where all do the same, or where it is not one number
    /// for each.</summary>
    private Series? OfEach(Work.Task task, Prescription prescription)
    {
        if (prescription.Amount?.Value is not Amount.Counted { Of.Second: not null } || PerHead(task) != members.Count)
        {
            return null;
        }

        var own = members
            .Select(m =>
                resolver.Resolve(task, m, new(piece.Cycle, null)).Amount?.Value is Amount.Counted c ? c.Of.For(resolver.Position(m)) : null
            )
            .ToList();
        return own.TrueForAll(s => s is { IsConstant: true, HasUnset: false }) ? Series.Of(own.Sum(s => s!.At(0) ?? 0)) : null;
    }

    /// <summary>True when members who share a task have different amounts of it, so that the whole is not defined.</summary>
    private bool Differs(Work.Task task, Series? scheme, Work.Complex? around)
    {
        if (members.Count < 2)
        {
            return false;
        }

        if (PerHead(task) > 1 && OfEach(task, resolver.Resolve(task, members[0], new(piece.Cycle, null), around)) is not null)
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
                : p.Amount?.Value is null or Amount.OfScheme ? scheme?.ToString() ?? ""
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
