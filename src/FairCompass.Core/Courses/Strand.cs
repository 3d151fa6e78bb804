using FairCompass.Core.Quantities;

namespace FairCompass.Core.Courses;

/// <summary>Where a count stands: the unit that was just done.</summary>
/// <param name="Rounds">The iteration of each loop around the task, from 1, outermost first.</param>
/// <param name="Task">Which task of the strand, from 0 in the order of the text.</param>
/// <param name="Unit">Which unit of that task in this round, from 1.</param>
/// <param name="Of">How many units the task has in this round; null when it has no end.</param>
public sealed record Place(Eq<long> Rounds, int Task, long Unit, long? Of);

/// <summary>
/// One totally ordered counter of work, compiled for an address. Look-ups go both ways in closed form, also far into work
/// without end: nothing is unrolled. O(depth · log rounds · tasks).
/// </summary>
/// <example>In 2-4-6-… step-overs and muscle-ups, count 1,000,000 is round 707, muscle-up 302.</example>
public sealed class Strand
{
    private readonly CountNode root;

    internal Strand(CountNode root) => this.root = root;

    /// <summary>All units, or null when the work has no end. At most 10¹⁵, where counting stops.</summary>
    public long? Units => root.Endless ? null : root.Total(0);

    /// <summary>True when the work has more units than are counted.</summary>
    public bool TooLarge => !root.Endless && root.Total(0) >= Count.Ceiling;

    /// <summary>The place of a unit.</summary>
    /// <param name="unit">From 1 to <see cref="Units"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The strand has no such unit.</exception>
    public Place At(long unit)
    {
        if (unit < 1 || unit > (Units ?? Count.Ceiling))
        {
            throw new ArgumentOutOfRangeException(nameof(unit), unit, $"From 1 to {Units?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "10¹⁵"}.");
        }

        Span<long> rounds = stackalloc long[16];
        var depth = 0;
        var node = root;
        var index = 0L;
        var left = unit;
        while (true)
        {
            switch (node)
            {
                case CountNode.Leaf leaf:
                    return new Place(Eq.From<long>(rounds[..depth]), leaf.Task, left, leaf.Endless ? null : leaf.Total(index));
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
                    }

                    break;
                case CountNode.Repeat repeat:
                    index = repeat.Iteration(left);
                    left -= repeat.Body.Prefix(index);
                    rounds[depth++] = index + 1;
                    node = repeat.Body;
                    break;
            }
        }
    }

    /// <summary>The count at a place; the inverse of <see cref="At"/>.</summary>
    /// <returns>Null when the strand has no such place: another number of loops, a round too many, a unit too many.</returns>
    public long? UnitsAt(Place place)
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
            }
        }
    }

    /// <summary>The units after a full round of the outermost loop; null when the work is no single loop.</summary>
    /// <param name="round">From 1.</param>
    public long? UnitsAfterRound(long round) => Outer is { } loop && round >= 1 && round <= (loop.Times ?? Count.Ceiling) ? loop.Body.Prefix(round) : null;

    /// <summary>How many rounds of the outermost loop are full at a count, and the units after the last full one; null when the work is no single loop.</summary>
    public (long Full, long Beyond)? FullRounds(long units)
    {
        if (Outer is not { } loop)
        {
            return null;
        }

        var full = units == 0 ? 0 : loop.Iteration(units);
        if (units > 0 && loop.Body.Prefix(full + 1) == units)
        {
            full++;
        }

        return (full, units - loop.Body.Prefix(full));
    }

    /// <summary>The rounds of the outermost loop; null when it has no end or the work is no single loop.</summary>
    public long? Rounds => Outer?.Times;

    /// <summary>True when the whole work is one loop, so that rounds can be named.</summary>
    public bool IsOneLoop => Outer is not null;

    internal CountNode Root => root;

    private CountNode.Repeat? Outer => root switch
    {
        CountNode.Repeat r => r,
        CountNode.Sequence { Items: [CountNode.Repeat r] } => r,
        _ => null,
    };
}

/// <summary>A node of a strand's tree. Every total is a closed form in the index of the nearest loop around it.</summary>
internal abstract class CountNode
{
    /// <summary>True when the node's units have no end.</summary>
    public abstract bool Endless { get; }

    /// <summary>Units in one iteration of the nearest loop.</summary>
    public abstract long Total(long index);

    /// <summary>Units of the first k iterations of the nearest loop.</summary>
    public abstract long Prefix(long k);

    /// <summary>True when the task is part of this node.</summary>
    public abstract bool Contains(int task);

    /// <summary>A task. Without a series it has no end.</summary>
    public sealed class Leaf(int task, CountedSeries? series) : CountNode
    {
        public int Task => task;

        public override bool Endless => series is null;

        public override long Total(long index) => series?.Value(index) ?? Count.Ceiling;

        public override long Prefix(long k) => series?.Prefix(k) ?? (k == 0 ? 0 : Count.Ceiling);

        public override bool Contains(int other) => other == task;
    }

    /// <summary>One after the other.</summary>
    public sealed class Sequence(CountNode[] items) : CountNode
    {
        public CountNode[] Items => items;

        public override bool Endless => Array.Exists(items, i => i.Endless);

        public override long Total(long index)
        {
            var sum = 0L;
            foreach (var item in items)
            {
                sum = Count.Add(sum, item.Total(index));
            }

            return sum;
        }

        public override long Prefix(long k)
        {
            var sum = 0L;
            foreach (var item in items)
            {
                sum = Count.Add(sum, item.Prefix(k));
            }

            return sum;
        }

        public override bool Contains(int task) => Array.Exists(items, i => i.Contains(task));
    }

    /// <summary>Rounds. Without a number they have no end.</summary>
    public sealed class Repeat(long? times, CountNode body) : CountNode
    {
        private readonly long total = times is { } n ? body.Prefix(n) : Count.Ceiling;

        public long? Times => times;

        public CountNode Body => body;

        public override bool Endless => times is null || body.Endless;

        public override long Total(long index) => total;

        public override long Prefix(long k) => Count.Times(total, k);

        public override bool Contains(int task) => body.Contains(task);

        /// <summary>The iteration, from 0, that contains a unit: gallop, then bisect on the closed form.</summary>
        public long Iteration(long unit)
        {
            var high = 1L;
            while (high < (times ?? long.MaxValue / 2) && body.Prefix(high) < unit)
            {
                high *= 2;
            }

            var low = high / 2;
            high = Math.Min(high, times ?? high);
            while (low < high)
            {
                var middle = low + ((high - low) / 2);
                if (body.Prefix(middle + 1) < unit)
                {
                    low = middle + 1;
                }
                else
                {
                    high = middle;
                }
            }

            return low;
        }
    }
}
