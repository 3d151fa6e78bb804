using FairCompass.Core.Courses;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>What a judge wrote on a card for one counter.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Strand">The counter’s key; empty for the only one.</param>
/// <param name="Crossed">How many boxes are crossed off.</param>
/// <param name="Last">The number in the last box crossed; 0 for none, null where no box could be crossed any more.</param>
/// <param name="Beyond">Units behind it, of the task that was not done to the end.</param>
/// <param name="Round">In which round the athlete stood; null for work without rounds.</param>
/// <param name="Task">At which task; null where all was done.</param>
/// <param name="Unit">How many units of it were done.</param>
public sealed record FilledCounter(string Piece, string Strand, int Crossed, long? Last, long Beyond, long? Round, int? Task, long Unit)
{
    /// <summary>False for a counter without boxes: its number is written as it was counted.</summary>
    public bool Boxed { get; init; } = true;
}

/// <summary>What a judge wrote on a card for one piece.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Finish">The clock at the finish; null when it was not finished.</param>
/// <param name="Marks">The clock at rounds and gates that the card has a place for.</param>
/// <param name="Lifts">The rows of the lifts.</param>
/// <param name="Counters">Its counters.</param>
public sealed record FilledPiece(
    string Piece,
    Duration? Finish,
    IReadOnlyList<(Mark At, Duration Clock)> Marks,
    IReadOnlyList<Try> Lifts,
    IReadOnlyList<FilledCounter> Counters
)
{
    /// <summary>What each member did of the tasks that are counted by member.</summary>
    public Eq<MemberUnits> By { get; init; } = [];

    /// <summary>The strokes in the rows of faults with a cost.</summary>
    public Eq<FaultSeen> Faults { get; init; } = [];
}

/// <summary>A card as it comes back from the lane.</summary>
/// <param name="Pieces">In the order of the card.</param>
/// <param name="Choices">The options marked on it.</param>
/// <param name="Status">What is marked of the entry as a whole.</param>
public sealed record FilledCard(IReadOnlyList<FilledPiece> Pieces, Eq<Chosen> Choices, EntryStatus Status);
