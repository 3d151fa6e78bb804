using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Where a count stands: the unit that was just done.</summary>
/// <param name="Rounds">The iteration of each loop around the task, from 1, outermost first.</param>
/// <param name="Task">Which task of the piece, from 0 in the order of the text.</param>
/// <param name="Unit">Which unit of that task in this round, from 1.</param>
/// <param name="Of">How many units the task has in this round; null when it has no end.</param>
/// <param name="Seat">Who did it, where the order of turns says so; null otherwise.</param>
public sealed record Place(Eq<long> Rounds, int Task, long Unit, long? Of, int? Seat = null);

/// <summary>A gate of a strand.</summary>
/// <param name="Units">Units that pass it.</param>
/// <param name="Adds">The time it adds; null when nobody has said.</param>
/// <param name="Work">The line.</param>
public sealed record StrandGate(long Units, Duration? Adds, Work.Gate Work);

/// <summary>
/// One totally ordered counter of work, compiled for an address. Look-ups go both ways in closed form, also far into work
/// without end: nothing is unrolled. O(depth · log rounds · tasks).
/// </summary>
/// <example>In 2-4-6-… step-overs and muscle-ups, count 1,000,000 is round 707, muscle-up 302.</example>
public sealed partial class Strand
{
    private readonly CountNode root;

    // A counter of one round of a loop: the units before it, and its own; no others are there.
    private readonly (long Before, long Units)? part;

    internal Strand(CountNode root)
        : this(root, null) { }

    private Strand(CountNode root, (long Before, long Units)? part)
    {
        this.root = root;
        this.part = part;
        // One task without end has no boxes: what is written is what was counted, whatever it is worth.
        Printed = IsOneNumber || root.Total(0, Tally.Credit) == 0 ? Tally.Units : Tally.Credit;
    }

    /// <summary>All units, or null when the work has no end. At most 10¹⁵, where counting stops.</summary>
    public long? Units =>
        part is { } own ? own.Units
        : root.Endless ? null
        : root.Total(0);

    /// <summary>True when the work has more units than are counted.</summary>
    public bool TooLarge => part is null && !root.Endless && root.Total(0) >= Count.Ceiling;

    /// <summary>The tally of the whole work; null when it has no end.</summary>
    public long? Total(Tally tally) =>
        part is { } own ? Sum(own.Units, tally)
        : root.Endless ? null
        : root.Total(0, tally);

    /// <summary>The place of a unit.</summary>
    /// <param name="unit">From 1 to <see cref="Units"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The strand has no such unit.</exception>
    public Place At(long unit)
    {
        InRange(unit, 1);
        Span<long> rounds = stackalloc long[16];
        var (leaf, index, left, depth) = Descend(unit + (part?.Before ?? 0), Tally.Units, rounds);
        return new Place(Eq.From<long>(rounds[..depth]), leaf.Task, left, leaf.Endless ? null : leaf.Total(index), leaf.SeatAt(index));
    }

    /// <summary>The tally of the first units.</summary>
    /// <param name="units">From 0 to <see cref="Units"/>.</param>
    /// <param name="tally">What is added up.</param>
    /// <exception cref="ArgumentOutOfRangeException">The strand has no such unit.</exception>
    /// <example>Of 200 m credited 10, the first 119 m have a credit of 5.</example>
    public long Sum(long units, Tally tally)
    {
        InRange(units, 0);
        return part is { } own ? SumOf(own.Before + units, tally) - SumOf(own.Before, tally) : SumOf(units, tally);
    }

    private long SumOf(long units, Tally tally)
    {
        if (units == 0)
        {
            return 0;
        }

        var node = root;
        var index = 0L;
        var left = units;
        var sum = 0L;
        while (true)
        {
            switch (node)
            {
                case CountNode.Leaf leaf:
                    return Count.Add(
                        sum,
                        tally.Of != TallyOf.Seat ? leaf.In(index).Part(left, index, tally)
                            : leaf.SeatAt(index) == tally.Seat ? left
                            : 0
                    );
                case CountNode.Sequence sequence:
                    foreach (var item in sequence.Items)
                    {
                        node = item;
                        var total = item.Total(index);
                        if (left <= total)
                        {
                            break;
                        }

                        left -= total;
                        sum = Count.Add(sum, item.Total(index, tally));
                    }

                    break;
                case CountNode.Repeat repeat:
                    index = repeat.Iteration(left, Tally.Units);
                    left -= repeat.Body.Prefix(index);
                    sum = Count.Add(sum, repeat.Body.Prefix(index, tally));
                    node = repeat.Body;
                    break;
            }
        }
    }

    /// <summary>The fewest units whose tally is at least so much; the inverse of <see cref="Sum"/>.</summary>
    /// <param name="sum">From 0.</param>
    /// <param name="tally">What is added up.</param>
    /// <returns>Null when the whole work has less.</returns>
    public long? Reach(long sum, Tally tally)
    {
        if (sum <= 0)
        {
            return 0;
        }

        if (part is { } own)
        {
            return Sum(own.Units, tally) < sum ? null : ReachOf(SumOf(own.Before, tally) + sum, tally) - own.Before;
        }

        return ReachOf(sum, tally);
    }

    private long? ReachOf(long sum, Tally tally)
    {
        if (root.Total(0, tally) < sum)
        {
            return null;
        }

        var node = root;
        var index = 0L;
        var left = sum;
        var units = 0L;
        while (true)
        {
            switch (node)
            {
                case CountNode.Leaf leaf:
                    return Count.Add(units, tally.Of == TallyOf.Seat ? left : Least(leaf, index, left, tally));
                case CountNode.Sequence sequence:
                    foreach (var item in sequence.Items)
                    {
                        node = item;
                        var total = item.Total(index, tally);
                        if (left <= total)
                        {
                            break;
                        }

                        left -= total;
                        units = Count.Add(units, item.Total(index));
                    }

                    break;
                case CountNode.Repeat repeat:
                    index = repeat.Iteration(left, tally);
                    left -= repeat.Body.Prefix(index, tally);
                    units = Count.Add(units, repeat.Body.Prefix(index));
                    node = repeat.Body;
                    break;
            }
        }
    }

    /// <summary>The count that papers print at a number of performed units: their credit, and the units themselves for work of which
    /// nothing is credited, or that is one task without end and has no boxes.</summary>
    /// <param name="performed">From 0 to <see cref="Units"/>.</param>
    public long Counted(long performed) => Sum(performed, Printed);

    /// <summary>The whole of what papers print; null when the work has no end.</summary>
    public long? AllCounted => Total(Printed);

    /// <summary>The fewest performed units at which papers print a count; the inverse of <see cref="Counted"/>.</summary>
    /// <returns>Null when no place of the work has this count: below 0, beyond the end, or between two credits.</returns>
    public long? Performed(long counted) =>
        counted >= 0 && Reach(counted, Printed) is { } units && Counted(units) == counted ? units : null;

    /// <summary>True for one task without end, whatever stands around it: it has no boxes, and a number is written.</summary>
    public bool IsOneNumber =>
        root is CountNode.Leaf { Endless: true }
        || (root is CountNode.Sequence s && s.Items.Where(i => i is not CountNode.Mark).ToList() is [CountNode.Leaf { Endless: true }]);

    /// <summary>What the running totals of papers add up.</summary>
    public Tally Printed { get; }

    /// <summary>The count at a place; the inverse of <see cref="At"/>.</summary>
    /// <returns>Null when the strand has no such place: another number of loops, a round too many, a unit too many.</returns>
    public long? UnitsAt(Place place) =>
        UnitsOf(place) is not { } units ? null
        : part is not { } own ? units
        : units > own.Before && units <= own.Before + own.Units ? units - own.Before
        : null;

    private long? UnitsOf(Place place)
    {
        var node = root;
        var index = 0L;
        var depth = 0;
        var sum = 0L;
        while (true)
        {
            switch (node)
            {
                case CountNode.Leaf leaf:
                    return leaf.Task == place.Task && depth == place.Rounds.Count && place.Unit >= 1 && place.Unit <= leaf.Total(index)
                        ? sum + place.Unit
                        : null;
                case CountNode.Sequence sequence:
                    CountNode? inside = null;
                    foreach (var item in sequence.Items)
                    {
                        if (item.Contains(place.Task))
                        {
                            inside = item;
                            break;
                        }

                        sum = Count.Add(sum, item.Total(index));
                    }

                    if (inside is null)
                    {
                        return null;
                    }

                    node = inside;
                    break;
                case CountNode.Repeat repeat:
                    if (depth >= place.Rounds.Count || place.Rounds[depth] < 1 || place.Rounds[depth] > (repeat.Times ?? Count.Ceiling))
                    {
                        return null;
                    }

                    index = place.Rounds[depth++] - 1;
                    sum = Count.Add(sum, repeat.Body.Prefix(index));
                    node = repeat.Body;
                    break;
                default:
                    return null;
            }
        }
    }

    /// <summary>How many loops stand around a task; null when the strand does not have it.</summary>
    public int? DepthOf(int task) => Depth(root, task);

    internal CountNode Root => root;

    private static int? Depth(CountNode node, int task)
    {
        switch (node)
        {
            case CountNode.Leaf leaf:
                return leaf.Task == task ? 0 : null;
            case CountNode.Repeat repeat:
                return Depth(repeat.Body, task) + 1;
            case CountNode.Sequence sequence:
                foreach (var item in sequence.Items)
                {
                    if (Depth(item, task) is { } depth)
                    {
                        return depth;
                    }
                }

                return null;
            default:
                return null;
        }
    }

    private void InRange(long unit, long from)
    {
        if (unit < from || unit > (Units ?? Count.Ceiling))
        {
            throw new ArgumentOutOfRangeException(
                nameof(unit),
                unit,
                $"From {from} to {Units?.ToString(CultureInfo.InvariantCulture) ?? "10¹⁵"}."
            );
        }
    }

    private (CountNode.Leaf Leaf, long Index, long Left, int Depth) Descend(long sum, Tally tally, Span<long> rounds)
    {
        var node = root;
        var (index, left, depth) = (0L, sum, 0);
        while (true)
        {
            switch (node)
            {
                case CountNode.Leaf leaf:
                    return (leaf, index, left, depth);
                case CountNode.Sequence sequence:
                    foreach (var item in sequence.Items)
                    {
                        node = item;
                        var total = item.Total(index, tally);
                        if (left <= total)
                        {
                            break;
                        }

                        left -= total;
                    }

                    break;
                case CountNode.Repeat repeat:
                    index = repeat.Iteration(left, tally);
                    left -= repeat.Body.Prefix(index, tally);
                    rounds[depth++] = index + 1;
                    node = repeat.Body;
                    break;
            }
        }
    }

    /// <summary>A tally within one task never falls, so the least count is found by halving.</summary>
    private static long Least(CountNode.Leaf leaf, long index, long sum, Tally tally)
    {
        var counting = leaf.In(index);
        var (low, high) = (1L, counting.Amounts?.Value(index) ?? Count.Ceiling);
        while (low < high)
        {
            var middle = low + ((high - low) / 2);
            if (counting.Part(middle, index, tally) >= sum)
            {
                high = middle;
            }
            else
            {
                low = middle + 1;
            }
        }

        return low;
    }
}
