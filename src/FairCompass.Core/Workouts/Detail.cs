using FairCompass.Core.Quantities;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Workouts;

/// <summary>What a height or line is measured on.</summary>
public enum HeightKind
{
    /// <summary>The top of a box.</summary>
    Box,

    /// <summary>A target that is thrown at or touched.</summary>
    Target,

    /// <summary>A fixed bar to hang from.</summary>
    Bar,

    /// <summary>A line on wall or floor.</summary>
    Line,

    /// <summary>A wall to clear.</summary>
    Wall,

    /// <summary>What a name says: <c>low mark 1 m</c>, <c>leave at 60 cm</c>, <c>hands 90/80 x 60 cm</c>.</summary>
    Named,
}

/// <summary>Where the first rep of a set begins.</summary>
public enum FromPlace
{
    /// <summary>The load is lifted from the floor.</summary>
    Floor,

    /// <summary>The load is taken from a rack.</summary>
    Rack,

    /// <summary>The load hangs above the knee after standing tall.</summary>
    Hang,
}

/// <summary>One phrase after a movement; its shape says what it is.</summary>
public abstract record Detail
{
    private Detail() { }

    /// <summary>Where the phrase stands in the draft. Not part of the meaning.</summary>
    [MapperIgnore]
    public SourceRange At { get; init; }

    /// <summary>True when both mean the same, wherever they stand; as of a <see cref="Node"/>.</summary>
    public virtual bool Equals(Detail? other) => other is not null && EqualityContract == other.EqualityContract;

    /// <inheritdoc/>
    public override int GetHashCode() => EqualityContract.GetHashCode();

    /// <summary><c>80/75 % of own best</c>, <c>80 % of own best back squat</c>: a share of what the athlete has lifted before.</summary>
    /// <param name="Percent">Over 0 and up to 100.</param>
    /// <param name="Of">Of which lift; null for the movement itself.</param>
    public sealed record OwnBest(Pair Percent, string? Of) : Detail;

    /// <summary><c>100/70</c> without a unit, also <c>figure 100/70</c>: a figure of which nobody has
    /// said whether it is a load, and in what.</summary>
    /// <param name="Implements">How many are held at once, <c>2 x 24/16</c>; null when not written.</param>
    /// <param name="Of">The figures.</param>
    public sealed record Figure(int? Implements, Pair Of) : Detail;

    /// <summary><c>2 x 22.5/15 kg</c>, <c>22.5/15 kg or 50/35 lb</c>: both publications are kept, neither is rounded.</summary>
    /// <param name="Implements">How many are held at once; null when not written, which means one.</param>
    /// <param name="Of">The figures.</param>
    /// <param name="Unit">Their unit.</param>
    /// <param name="AlsoOf">The figures of the second publication, or null.</param>
    /// <param name="AlsoUnit">The unit of the second publication.</param>
    public sealed record Load(int? Implements, Pair Of, MassUnit Unit, Pair? AlsoOf = null, MassUnit? AlsoUnit = null) : Detail
    {
        /// <summary>True for <c>start 60/40 kg</c>: what is on the bar when a heaviest lift begins.</summary>
        public bool Start { get; init; }

        /// <summary>What is in the left hand, <c>24 kg right, 16 kg left</c>; null where both hands have the same.</summary>
        public Pair? Left { get; init; }
    }

    /// <summary><c>from 60/50 cm up by 5</c>: the heights that are tried, one after the other.</summary>
    /// <param name="First">The first, in centimetres.</param>
    /// <param name="By">How much the next is higher, in centimetres.</param>
    public sealed record Rising(Pair First, Number By) : Detail;

    /// <summary><c>3 misses in a row</c>, <c>3 misses in all</c>: with which miss the tries are over.</summary>
    /// <param name="N">How many, from 1.</param>
    /// <param name="InARow">True where a height that is made begins the count anew, at whichever height they were (World Athletics,
    /// Technical Rules, rule 26, from memory); false where all are counted.</param>
    public sealed record Misses(int N, bool InARow) : Detail;

    /// <summary><c>3 attempts</c>: how often a lifter may try, of a heaviest lift.</summary>
    public sealed record LiftAttempts(int N) : Detail;

    /// <summary><c>2 x 8 m</c>: so many lengths make one counted rep.</summary>
    public sealed record Lengths(int Count, Number Of, LengthUnit Unit) : Detail;

    /// <summary><c>box 60/50 cm</c>, <c>target 15 cm above reach</c>.</summary>
    /// <param name="On">What is measured.</param>
    /// <param name="Of">The figures.</param>
    /// <param name="Unit">Their unit.</param>
    /// <param name="Above">True for above, false for below, null when measured from the floor.</param>
    /// <param name="Reference">What it is measured from, with <paramref name="Above"/>.</param>
    public sealed record Height(HeightKind On, Pair Of, LengthUnit Unit, bool? Above = null, string? Reference = null) : Detail
    {
        /// <summary>What is measured, with <see cref="HeightKind.Named"/>; null otherwise.</summary>
        public string? Name { get; init; }

        /// <summary>The second side of a zone, <c>90/80 x 60 cm</c>; null for one measure.</summary>
        public Pair? By { get; init; }

        /// <summary>True for <c>rings at the hip crease</c>: the place itself, no distance from it.</summary>
        public bool IsAt => Above is null && Reference is not null;
    }

    /// <summary><c>marks every 2.5 m</c>: a distance is counted in whole sections.</summary>
    public sealed record Marks(Number Every, LengthUnit Unit) : Detail;

    /// <summary><c>in 6s</c>: the task is cut into chunks of this size.</summary>
    public sealed record Chunks(Pair Size) : Detail;

    /// <summary><c>counts 3</c>: credit of each unit.</summary>
    public sealed record Counts(int Credit) : Detail;

    /// <summary><c>every 2 count 1</c>: credit of each whole group of units.</summary>
    public sealed record EveryCount(int Units, int Credit) : Detail;

    /// <summary><c>credited 12</c>, <c>credited 12 when done</c>: credit of the whole amount.</summary>
    public sealed record Credited(int Credit, bool WhenDone) : Detail;

    /// <summary><c>uncounted</c>.</summary>
    public sealed record Uncounted : Detail;

    /// <summary><c>+6 when done</c>, <c>+6 at 15/11</c>.</summary>
    public sealed record Bonus(int Credit, Pair? AtAmount) : Detail;

    /// <summary><c>round 1 only</c>, <c>woman only</c>.</summary>
    public sealed record Only(Who For) : Detail;

    /// <summary><c>every 2nd round</c>.</summary>
    public sealed record EveryNth(int N) : Detail;

    /// <summary><c>rounds 1-3-... only</c>: in these rounds or intervals and no others,
    /// as <c>1st, 3rd, ...:</c> over a list says it.</summary>
    /// <param name="Which">From 1, rising by equal steps; with or without end.</param>
    public sealed record InRounds(Series Which) : Detail;

    /// <summary>A phrase without a value.</summary>
    public sealed record Flag(FlagKind Is) : Detail;

    /// <summary><c>from the rack</c>.</summary>
    public sealed record From(FromPlace Place) : Detail;

    /// <summary><c>on the axle</c>: another bar than the usual one of the duty.</summary>
    /// <param name="Name">As the kit of the competition names it, in small letters.</param>
    public sealed record OnBar(string Name) : Detail;
}

/// <summary>The phrases of a task that carry no value.</summary>
public enum FlagKind
{
    /// <summary><c>in one go</c>.</summary>
    InOneGo,

    /// <summary><c>may be broken</c>.</summary>
    MayBeBroken,

    /// <summary><c>may be joined with the next</c>.</summary>
    MayBeJoined,

    /// <summary><c>each</c>: the amount is per head.</summary>
    Each,

    /// <summary><c>by each</c>: every member does it.</summary>
    ByEach,

    /// <summary><c>each or together unset</c>: nobody has said whether the amount is of each member or of all together.</summary>
    EachUnsaid,

    /// <summary><c>last bar repeats</c>, of a complex.</summary>
    LastBarRepeats,

    /// <summary><c>neighbours may be joined</c>, of a complex.</summary>
    NeighboursMayBeJoined,

    /// <summary><c>never down</c>: a later attempt is never at a lower load, of a heaviest lift.</summary>
    NeverDown,
}
