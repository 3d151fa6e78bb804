using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Playing;

/// <summary>What can happen in a lane. A piece and a counter are named by their keys.</summary>
public abstract record Happened
{
    private Happened() { }

    /// <summary>The key of the piece it happens in; null for what concerns the whole lane.</summary>
    public string? In =>
        this switch
        {
            Done d => d.Piece,
            NoRep n => n.Piece,
            HandedOver h => h.Piece,
            HoldTaken h => h.Piece,
            HoldBroken h => h.Piece,
            Lifted l => l.Piece,
            MoveDone m => m.Piece,
            ReRigged r => r.Piece,
            FaultCalled f => f.Piece,
            _ => null,
        };

    /// <summary>Units that count: one, or as many as a monitor or a mark shows at once.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Strand">The counter’s key; empty for the only one.</param>
    /// <param name="Units">Performed units, from 1; not beyond the end of the task they are done of.</param>
    /// <param name="Seat">Who did them, from 1; null for an individual, and where all do each together.</param>
    public sealed record Done(string Piece, string Strand, long Units = 1, int? Seat = null) : Happened;

    /// <summary>A try that does not count.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Strand">The counter’s key; empty for the only one.</param>
    /// <param name="Fault">Which fault of the standard was seen; null for none in particular.</param>
    /// <param name="Seat">Whose try; null for an individual.</param>
    public sealed record NoRep(string Piece, string Strand, string? Fault = null, int? Seat = null) : Happened;

    /// <summary>A fault that is no part of a rep and costs time or reps: the judge calls it and makes a stroke.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Fault">As the score line names it.</param>
    public sealed record FaultCalled(string Piece, string Fault) : Happened;

    /// <summary>Another member takes over.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Seat">Who works from now on.</param>
    public sealed record HandedOver(string Piece, int Seat) : Happened;

    /// <summary>A position that others need was taken.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Seat">Who holds.</param>
    public sealed record HoldTaken(string Piece, int Seat) : Happened;

    /// <summary>The position was broken: nothing counts until it is taken again.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Seat">Who held.</param>
    public sealed record HoldBroken(string Piece, int Seat) : Happened;

    /// <summary>A lift for the heaviest load.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Load">Bar included, in the competition’s unit; over 0.</param>
    /// <param name="Made">The judge’s call.</param>
    /// <param name="Seat">The lifter; null for an individual.</param>
    public sealed record Lifted(string Piece, decimal Load, bool Made, int? Seat = null) : Happened;

    /// <summary>An option was taken; it must be, before the work it is an option of begins.</summary>
    /// <param name="Piece">The piece’s key.</param>
    /// <param name="Task">Which task of the piece, from 0.</param>
    /// <param name="Option">Which of its options, from 0.</param>
    /// <param name="Round">In which round, from 1; null in all.</param>
    public sealed record OptionTaken(string Piece, int Task, int Option, long? Round = null) : Happened;

    /// <summary>A move that was due between two chunks is done.</summary>
    /// <param name="Piece">The piece’s key.</param>
    public sealed record MoveDone(string Piece) : Happened;

    /// <summary>The load that is due is on the bar.</summary>
    /// <param name="Piece">The piece’s key.</param>
    public sealed record ReRigged(string Piece) : Happened;

    /// <summary>The clock came to a moment, and nothing else happened.</summary>
    public sealed record ClockCame : Happened;

    /// <summary>The entry stopped for good.</summary>
    /// <param name="How">Not <see cref="EntryStatus.Ran"/>.</param>
    public sealed record Stopped(EntryStatus How) : Happened;
}

/// <summary>Something that happened, with its time.</summary>
/// <param name="At">On the hall clock, not before what happened last.</param>
/// <param name="What">What.</param>
public sealed record Happening(Duration At, Happened What);
