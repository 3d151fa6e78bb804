using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>What became of an entry as a whole.</summary>
public enum EntryStatus
{
    /// <summary>It ran.</summary>
    Ran,

    /// <summary>It withdrew during the run; what it did stands on the card but is ranked after all who ran to the end.</summary>
    Withdrew,

    /// <summary>It did not start.</summary>
    DidNotStart,
}

/// <summary>A lift as the judge called it.</summary>
/// <param name="Load">On the bar, bar included, in the competition's unit; of a height that rises that height in centimetres; over
/// 0.</param>
/// <param name="Made">True for a good lift.</param>
/// <param name="Seat">The lifter's place in the team, from 1; null for an individual.</param>
/// <param name="NoClips">True when the clips were missing; the workout says whether the lift then counts.</param>
public sealed record Try(decimal Load, bool Made, int? Seat = null, bool NoClips = false)
{
    /// <summary>Reps of a set that were done, from 0; null where the call alone was written down.</summary>
    public int? Reps { get; init; }

    /// <summary>The hall clock when the lift was done; null when it was not read.</summary>
    public Duration? Clock { get; init; }
}

/// <summary>The count of one of several counters of a piece: of its three numbers exactly one is given.</summary>
/// <param name="Strand">The counter's key.</param>
/// <param name="Performed">Performed units, from 0.</param>
public sealed record StrandCount(string Strand, long? Performed = null)
{
    /// <summary>The number in the box of the card: what the performed units count.</summary>
    public long? Counted { get; init; }

    /// <summary>A number that does not say which of the two it is; taken where both are the same.</summary>
    public long? Units { get; init; }

    /// <summary>The key under which the number was given, for objections.</summary>
    internal string Key { get; init; } = "units";
}

/// <summary>What the card says about one piece.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Finish">Time on the hall clock when the work was done; null when it was not finished.</param>
/// <param name="Performed">Performed units when the clock ended; null when finished or not counted.</param>
/// <param name="TieTime">Time on the hall clock at the tie-break's mark; null when the mark was not passed or there is none.</param>
/// <param name="Tries">Every lift, in order.</param>
/// <param name="Stood">Where in the ledger the athlete stood when the clock ended, instead of a count; null when not given.</param>
/// <param name="Counts">The counts of a piece with several counters; empty otherwise.</param>
/// <param name="Watches">Hand watches at the finish, instead of <paramref name="Finish"/>; one to three.</param>
/// <param name="Ticks">Bonus targets ticked, instead of the counts that earn them; null when not given.</param>
/// <param name="Unverified">Units that a reviewer could not verify; null for none.</param>
public sealed record PieceObservation(
    string Piece,
    Duration? Finish = null,
    long? Performed = null,
    Duration? TieTime = null,
    Eq<Try> Tries = default,
    LedgerPlace? Stood = null,
    Eq<StrandCount> Counts = default,
    Eq<Duration> Watches = default,
    long? Ticks = null,
    long? Unverified = null
)
{
    /// <summary>The hall clock at each gate, in their order; null for a gate that was not passed or whose time was not read.</summary>
    public Eq<Duration?> Gates { get; init; }

    /// <summary>The hall clock at named marks: checkpoints, and what ties ask for; a mark that is missing was not passed or
    /// not read.</summary>
    public Eq<MarkRead> Marks { get; init; }

    /// <summary>The clock at a named mark; null when it was not passed or not read.</summary>
    internal Duration? At(string mark)
    {
        foreach (var read in Marks)
        {
            if (read.Mark == mark)
            {
                return read.Time;
            }
        }

        return null;
    }

    /// <summary>What each member did of the tasks that are counted by member; empty where nobody wrote it down.</summary>
    public Eq<MemberUnits> By { get; init; }

    /// <summary>Faults with a cost, each with how often it was called; empty where none was.</summary>
    public Eq<FaultSeen> Faults { get; init; }

    /// <summary>The clock at the last gate that was passed, as far as it was read.</summary>
    internal Duration? AtLastGate => TieTime ?? Gates.LastOrDefault(g => g is not null);

    /// <summary>The number in the box of the card when the clock ended, instead of performed units; null when not given.</summary>
    public long? Counted { get; init; }

    /// <summary>A number that does not say which of the two it is; taken where both are the same, and refused where they differ.</summary>
    public long? Units { get; init; }

    /// <summary>The key under which the number was given, for objections.</summary>
    internal string Key { get; init; } = "units";

    /// <summary>Performed units with which the piece began: those of the member before in a relay that goes on counting.</summary>
    internal long From { get; init; }

    /// <summary>What a distance has beyond its last whole section, in a sentence; null for nothing.</summary>
    internal string? Beyond { get; init; }
}

/// <summary>How often a fault with a cost was called.</summary>
/// <param name="Fault">As the score line names it.</param>
/// <param name="Times">From 0 to 1000.</param>
public sealed record FaultSeen(string Fault, long Times);

/// <summary>A place in the ledger as a judge names it.</summary>
/// <param name="Round">The round of the outermost loop, from 1; null for work without rounds.</param>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Unit">Units of that task done in this round, from 0, its start; null when a distance is given.</param>
/// <param name="Option">The option the athlete was at, from 0; null for the first or where there is no choice.</param>
/// <param name="Metres">The distance done of a task in metres; what lies beyond the last whole section does not count.</param>
/// <param name="Feet">The same in feet of 304.8 mm.</param>
public sealed record LedgerPlace(long? Round, int Task, long? Unit, int? Option = null, decimal? Metres = null, decimal? Feet = null)
{
    /// <summary>The distance in millimetres; null when none is given.</summary>
    internal decimal? Millimetres => Metres * 1000 ?? Feet * 304.8m;
}

/// <summary>The head judge’s change of a score.</summary>
/// <param name="Component">The score’s name.</param>
/// <param name="Time">Added to a time; may be negative; null for none.</param>
/// <param name="Credit">Added to a count; may be negative; null for none.</param>
/// <param name="Reason">Why.</param>
public sealed record Adjustment(string Component, Duration? Time, long? Credit, string Reason);

/// <summary>Facts from one card.</summary>
/// <param name="Status">What became of the entry.</param>
/// <param name="Pieces">What was seen of each piece.</param>
/// <param name="Choices">Options that were taken; tasks that are not named were done in the first way.</param>
/// <param name="Unjudged">True for a score without a judge: it is shown and not ranked.</param>
/// <param name="Adjustments">What the head judge added or took away, with the reason.</param>
public sealed record RunObservation(
    EntryStatus Status,
    Eq<PieceObservation> Pieces,
    Eq<Chosen> Choices = default,
    bool Unjudged = false,
    Eq<Adjustment> Adjustments = default
)
{
    /// <summary>What was seen of a piece; an empty observation when the card says nothing.</summary>
    public PieceObservation Of(string piece)
    {
        foreach (var seen in Pieces)
        {
            if (seen.Piece == piece)
            {
                return seen;
            }
        }

        return new(piece);
    }
}
