using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>How one task counts: how many units in each iteration, what they are worth, and what they are.</summary>
/// <param name="Amounts">Units by iteration; null without end.</param>
/// <param name="Credit">What they are worth.</param>
/// <param name="Unit">What a unit is.</param>
/// <param name="MillimetresEach">Distance of one unit; 0 when it is none.</param>
internal sealed record Counting(CountedSeries? Amounts, Credit Credit, AmountUnit Unit, long MillimetresEach)
{
    /// <summary>What one unit moves, by the iteration; null where nothing is lifted, or where members lift different loads.</summary>
    public MovedLoad? Moved { get; init; }

    /// <summary>The tally of one whole iteration.</summary>
    public long Whole(long index, Tally tally) =>
        Amounts is null
            ? (tally.Of is TallyOf.Units ? Count.Ceiling : Part(Count.Ceiling, index, tally))
            : Part(Amounts.Value(index), index, tally);

    /// <summary>The tally of the first units of an iteration.</summary>
    public long Part(long units, long index, Tally tally) =>
        tally.Of switch
        {
            TallyOf.Credit => Credit.Of(units, Amounts?.Value(index)),
            TallyOf.CreditBeforeBonus => Credit.WithoutBonus().Of(units, Amounts?.Value(index)),
            TallyOf.Calories => Unit == AmountUnit.Calorie ? units : 0,
            TallyOf.Seconds => Unit == AmountUnit.Second ? units : 0,
            TallyOf.Millimetres => Count.Times(units, MillimetresEach),
            TallyOf.Load => Moved is { } load ? Count.Times(units, load.At(index)) : 0,
            _ => units,
        };

    /// <summary>The tally of many whole iterations.</summary>
    public long Sum(Every over, Tally tally) =>
        over.Times <= 0 ? 0
        : Amounts is null ? Count.Times(Whole(0, tally), over.Times)
        : tally.Of switch
        {
            TallyOf.Credit => Credit.Sum(Amounts, over),
            TallyOf.CreditBeforeBonus => Credit.WithoutBonus().Sum(Amounts, over),
            TallyOf.Calories => Unit == AmountUnit.Calorie ? Amounts.Sum(over) : 0,
            TallyOf.Seconds => Unit == AmountUnit.Second ? Amounts.Sum(over) : 0,
            TallyOf.Millimetres => Count.Times(Amounts.Sum(over), MillimetresEach),
            TallyOf.Load => Moved is { } load ? load.Sum(Amounts, over) : 0,
            _ => Amounts.Sum(over),
        };
}

/// <summary>In which iterations of the nearest loop a task is done: <c>First, First + Step, …</c>.</summary>
/// <param name="First">The first one, from 0.</param>
/// <param name="Step">From one to the next, from 1.</param>
/// <param name="Times">How many there are; null without end.</param>
internal readonly record struct Occurs(long First, long Step, long? Times)
{
    public static Occurs Always => new(0, 1, null);

    /// <summary>The one iteration.</summary>
    public static Occurs Only(long index) => new(index, 1, 1);

    /// <summary>Every nth, the nth first.</summary>
    public static Occurs Every(int n) => new(n - 1, n, null);

    public bool At(long index) => index >= First && (index - First) % Step == 0 && (Times is null || (index - First) / Step < Times);

    /// <summary>How many of the first k iterations are such.</summary>
    public long Before(long k) => k <= First ? 0 : Math.Min(((k - 1 - First) / Step) + 1, Times ?? long.MaxValue);
}

/// <summary>A node of a strand's tree. Every total is a closed form in the index of the nearest loop around it.</summary>
internal abstract class CountNode
{
    /// <summary>True when the node's units have no end.</summary>
    public abstract bool Endless { get; }

    /// <summary>The tally of one iteration of the nearest loop.</summary>
    public abstract long Total(long index, Tally tally);

    /// <summary>The tally of the first k iterations of the nearest loop.</summary>
    public abstract long Prefix(long k, Tally tally);

    /// <summary>True when the task is part of this node.</summary>
    public abstract bool Contains(int task);

    /// <summary>Units of one iteration.</summary>
    public long Total(long index) => Total(index, Tally.Units);

    /// <summary>Units of the first k iterations.</summary>
    public long Prefix(long k) => Prefix(k, Tally.Units);

    /// <summary>A task.</summary>
    /// <param name="task">Its index.</param>
    /// <param name="counting">How it counts.</param>
    /// <param name="occurs">In which iterations.</param>
    /// <param name="others">Iterations that count in another way, such as a value for round 2 or an option taken there.</param>
    /// <param name="members">How many take turns by the round; 0 when they do not.</param>
    /// <param name="chunk">Units after which a forced move is due; 0 for none.</param>
    /// <param name="after">The forced move, and whether it comes after the last chunk too.</param>
    public sealed class Leaf(
        int task,
        Counting counting,
        Occurs occurs,
        IReadOnlyDictionary<long, Counting>? others = null,
        int members = 0,
        long chunk = 0,
        TaskLine.Between? after = null
    ) : CountNode
    {
        public int Task => task;

        public TaskLine.Between? After => after;

        public long Chunk => chunk;

        public override bool Endless => counting.Amounts is null;

        /// <summary>How the task counts in an iteration.</summary>
        public Counting In(long index) => others is not null && others.TryGetValue(index, out var other) ? other : counting;

        /// <summary>Who does an iteration, from 1; null when the order of turns does not say.</summary>
        public int? SeatAt(long index) => members > 0 ? (int)(index % members) + 1 : null;

        public override long Total(long index, Tally tally) =>
            occurs.At(index) && (tally.Of != TallyOf.Seat || SeatAt(index) == tally.Seat) ? In(index).Whole(index, tally) : 0;

        public override long Prefix(long k, Tally tally)
        {
            var plain = Occurring(occurs.Before(k), tally);
            if (others is null)
            {
                return plain;
            }

            foreach (var (index, other) in others)
            {
                if (index < k && occurs.At(index) && (tally.Of != TallyOf.Seat || SeatAt(index) == tally.Seat))
                {
                    plain = plain - counting.Whole(index, tally) + other.Whole(index, tally);
                }
            }

            return Math.Clamp(plain, 0, Count.Ceiling);
        }

        public override bool Contains(int other) => other == task;

        /// <summary>The tally of the first n iterations in which the task is done. Turns come round with the members, so those of one
        /// seat are an arithmetic sequence of their own, or, where the steps pass the seat by, none.</summary>
        private long Occurring(long n, Tally tally)
        {
            if (tally.Of != TallyOf.Seat)
            {
                return n == 0 ? 0 : counting.Sum(new Every(occurs.First, occurs.Step, n), tally);
            }

            var sum = 0L;
            for (var j = 0L; j < members && j < n; j++)
            {
                var index = occurs.First + (j * occurs.Step);
                if (SeatAt(index) == tally.Seat)
                {
                    sum = Count.Add(sum, counting.Sum(new Every(index, occurs.Step * members, ((n - 1 - j) / members) + 1), tally));
                }
            }

            return sum;
        }
    }

    /// <summary>Something between units that has no width in them: a gate, a rest of one's own, a change of the kit.</summary>
    public sealed class Mark(Work work) : CountNode
    {
        public Work Work => work;

        public override bool Endless => false;

        public override long Total(long index, Tally tally) => 0;

        public override long Prefix(long k, Tally tally) => 0;

        public override bool Contains(int task) => false;
    }

    /// <summary>One after the other.</summary>
    public sealed class Sequence(CountNode[] items) : CountNode
    {
        public CountNode[] Items => items;

        public override bool Endless => Array.Exists(items, i => i.Endless);

        public override long Total(long index, Tally tally)
        {
            var sum = 0L;
            foreach (var item in items)
            {
                sum = Count.Add(sum, item.Total(index, tally));
            }

            return sum;
        }

        public override long Prefix(long k, Tally tally)
        {
            var sum = 0L;
            foreach (var item in items)
            {
                sum = Count.Add(sum, item.Prefix(k, tally));
            }

            return sum;
        }

        public override bool Contains(int task) => Array.Exists(items, i => i.Contains(task));
    }

    /// <summary>Rounds. Without a number they have no end.</summary>
    public sealed class Repeat(long? times, CountNode body) : CountNode
    {
        private readonly long units = times is { } n ? body.Prefix(n) : Count.Ceiling;

        public long? Times => times;

        public CountNode Body => body;

        public override bool Endless => times is null || body.Endless;

        public override long Total(long index, Tally tally) =>
            tally.Of == TallyOf.Units ? units : body.Prefix(times ?? Count.Ceiling, tally);

        public override long Prefix(long k, Tally tally) => Count.Times(Total(0, tally), k);

        public override bool Contains(int task) => body.Contains(task);

        /// <summary>The iteration, from 0, in which a tally is reached: gallop, then bisect on the closed form.</summary>
        public long Iteration(long sum, Tally tally)
        {
            var high = 1L;
            while (high < (times ?? Count.Ceiling) && body.Prefix(high, tally) < sum)
            {
                high *= 2;
            }

            var low = high / 2;
            high = Math.Min(high, times ?? high);
            while (low < high)
            {
                var middle = low + ((high - low) / 2);
                if (body.Prefix(middle + 1, tally) < sum)
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
