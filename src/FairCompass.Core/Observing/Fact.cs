using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Observing;

/// <summary>What a judge called.</summary>
public enum Call
{
    /// <summary>The unit counts.</summary>
    Good,

    /// <summary>It does not.</summary>
    NoRep,
}

/// <summary>A moment of the work whose time is read.</summary>
public abstract record Mark
{
    private Mark() { }

    /// <summary>The end of the work.</summary>
    public sealed record Finish : Mark;

    /// <summary>The end of a round of the first loop, from 1.</summary>
    public sealed record Round(long Number) : Mark;

    /// <summary>The end of the last full round.</summary>
    public sealed record LastFullRound : Mark;

    /// <summary>The passing of a gate, from 1 in the order of the work.</summary>
    public sealed record Gate(int Number) : Mark;

    /// <summary>The passing of a named mark.</summary>
    public sealed record Named(string Name) : Mark;
}

/// <summary>
/// One thing that was seen of an entry, in the unit in which it was seen. Facts are added and never changed; what a card says is
/// worked out of them. A piece and a counter are named by their keys in the definition the entry ran under.
/// </summary>
public abstract record Fact
{
    private Fact() { }

    /// <summary>A running total as the card prints it: in credit, which is what its boxes and the caller speak of.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Strand">The counter’s key; empty for the only one.</param>
    /// <param name="Credit">From 0.</param>
    public sealed record Counted(string Piece, string Strand, long Credit) : Fact;

    /// <summary>How far the work came, in performed units.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Strand">The counter’s key; empty for the only one.</param>
    /// <param name="Units">Performed units, from 0: of everybody, or of one member, or in one interval.</param>
    /// <param name="Seat">Whose units, by the place in the team from 1; null for all together.</param>
    /// <param name="Interval">In which interval of an interval clock, from 1; null for all of them.</param>
    public sealed record Reached(string Piece, string Strand, long Units, int? Seat = null, int? Interval = null) : Fact;

    /// <summary>What one member did of a task that is counted by member.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Task">Which task of the piece, from 0.</param>
    /// <param name="Seat">The member’s place, from 1.</param>
    /// <param name="Units">Performed units, from 0.</param>
    public sealed record Did(string Piece, int Task, int Seat, long Units) : Fact;

    /// <summary>A judge’s call of one try, for phones, video, and what can be learned from no-reps.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Strand">The counter’s key; empty for the only one.</param>
    /// <param name="Try">Which try of this counter, from 1: tries go on when a unit does not count.</param>
    /// <param name="Is">The call.</param>
    /// <param name="Clause">For a no-rep the clause that was broken; null when it was not named.</param>
    /// <param name="Fault">The typical fault that was seen; null for none in particular.</param>
    /// <param name="Seat">Whose try; null where the definition says so or it was not written down.</param>
    public sealed record Called(
        string Piece,
        string Strand,
        long Try,
        Call Is,
        string? Clause = null,
        string? Fault = null,
        int? Seat = null
    ) : Fact;

    /// <summary>The hall clock at a mark.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="At">The mark.</param>
    /// <param name="Watches">What the watches show; one to three, of the same moment.</param>
    public sealed record Timed(string Piece, Mark At, Eq<Duration> Watches) : Fact;

    /// <summary>A lift as the judge called it.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Order">Which lift of the piece, from 1.</param>
    /// <param name="Load">Bar included, in the competition’s unit; over 0.</param>
    /// <param name="Made">True for a good lift.</param>
    /// <param name="Seat">The lifter’s place in the team; null for an individual.</param>
    /// <param name="NoClips">True when the clips were missing.</param>
    /// <param name="Clause">For a failed lift the clause that was broken; null when it was not named.</param>
    /// <param name="Clock">The hall clock at the lift; null when it was not read.</param>
    public sealed record Lifted(
        string Piece,
        int Order,
        decimal Load,
        bool Made,
        int? Seat = null,
        bool NoClips = false,
        string? Clause = null,
        Duration? Clock = null
    ) : Fact
    {
        /// <summary>Reps of a set that were done; null where the call alone was written down.</summary>
        public int? Reps { get; init; }
    }

    /// <summary>A bonus target that was hit or missed.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Round">In which round, from 1; 1 where there are none.</param>
    /// <param name="Hit">True when it was hit.</param>
    /// <param name="Seat">By whom; null where it was not written down.</param>
    public sealed record Ticked(string Piece, long Round, bool Hit, int? Seat = null) : Fact;

    /// <summary>How often a fault that costs time or reps was called in all, as the strokes of the card say.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Fault">As the score line names it.</param>
    /// <param name="Times">From 0.</param>
    public sealed record Faulted(string Piece, string Fault, long Times) : Fact;

    /// <summary>An option that was taken.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Task">Which task of the piece, from 0.</param>
    /// <param name="Option">Which of its options, from 0.</param>
    /// <param name="Round">In which round, from 1; null in all.</param>
    public sealed record Chose(string Piece, int Task, int Option, long? Round = null) : Fact;

    /// <summary>Who stands at a place in the team.</summary>
    /// <param name="Seat">From 1.</param>
    /// <param name="Athlete">Who, as the list of entries names them.</param>
    /// <param name="FromCycle">From which cycle on, from 1; null from the beginning.</param>
    public sealed record Seated(int Seat, string Athlete, int? FromCycle = null) : Fact;

    /// <summary>A position that was taken or broken while others work.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Holds">True when it was taken, false when it was broken.</param>
    /// <param name="Clock">The hall clock.</param>
    /// <param name="Seat">Who holds; null where it was not written down.</param>
    public sealed record Held(string Piece, bool Holds, Duration Clock, int? Seat = null) : Fact;

    /// <summary>What became of the entry as a whole.</summary>
    public sealed record Ended(EntryStatus How) : Fact;

    /// <summary>Units that a reviewer could not verify, from 0.</summary>
    public sealed record Unverified(string Piece, long Units) : Fact;

    /// <summary>No judge was there.</summary>
    public sealed record Unjudged : Fact;

    /// <summary>The head judge’s change of a score, with the reason: a penalty, or what a fault of the organisers cost.</summary>
    /// <param name="Component">The score’s name.</param>
    /// <param name="Time">Added to a time; may be negative; null for none.</param>
    /// <param name="Credit">Added to a count; may be negative; null for none.</param>
    /// <param name="Reason">Why, 1 to 240 characters; it is printed.</param>
    public sealed record Adjusted(string Component, Duration? Time, long? Credit, string Reason) : Fact;

    /// <summary>Takes a fact back, with the reason; it is as if that fact had never been.</summary>
    /// <param name="What">The id of the fact.</param>
    /// <param name="Reason">Why, 1 to 240 characters.</param>
    public sealed record Retracted(Guid What, string Reason) : Fact;
}
