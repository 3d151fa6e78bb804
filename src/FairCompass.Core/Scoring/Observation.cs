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
/// <param name="Load">On the bar, bar included, in the competition's unit.</param>
/// <param name="Made">True for a good lift.</param>
public sealed record Try(decimal Load, bool Made);

/// <summary>What the card says about one piece.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Finish">Time on the hall clock when the work was done; null when it was not finished.</param>
/// <param name="Units">Units done when the clock ended; null when finished or not counted.</param>
/// <param name="TieTime">Time on the hall clock at the tie-break's mark; null when the mark was not passed or there is none.</param>
/// <param name="Tries">Every lift, in order.</param>
/// <param name="Stood">Where in the ledger the athlete stood when the clock ended, instead of a count; null when not given.</param>
public sealed record PieceObservation(string Piece, Duration? Finish, long? Units, Duration? TieTime, Eq<Try> Tries, LedgerPlace? Stood = null);

/// <summary>A place in the ledger as a judge names it.</summary>
/// <param name="Round">The round of the outermost loop, from 1; null for work without rounds.</param>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Unit">Units of that task done in this round, from 1.</param>
public sealed record LedgerPlace(long? Round, int Task, long Unit);

/// <summary>Facts from one card.</summary>
/// <param name="Status">What became of the entry.</param>
/// <param name="Pieces">What was seen of each piece.</param>
public sealed record RunObservation(EntryStatus Status, Eq<PieceObservation> Pieces)
{
    /// <summary>What was seen of a piece; an empty observation when the card says nothing.</summary>
    public PieceObservation Of(string piece) => Pieces.FirstOrDefault(p => p.Piece == piece) ?? new(piece, null, null, null, []);
}
