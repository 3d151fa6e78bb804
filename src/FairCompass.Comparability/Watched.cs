namespace FairCompass.Comparability;

/// <summary>What one judge watched of one movement in one run: the row that everything about judges is computed from.</summary>
/// <param name="Athlete">Who was watched.</param>
/// <param name="Judge">Who watched.</param>
/// <param name="Lane">In which lane.</param>
/// <param name="Cell">What no-reps are expected to depend on, whoever judges: the movement of a workout in a division.</param>
/// <param name="Units">Units that were done, over 0.</param>
/// <param name="NoReps">No-reps that were tallied, from 0.</param>
public sealed record Watched(Guid Athlete, Guid Judge, string Lane, string Cell, long Units, long NoReps)
{
    /// <summary>In which heat, its workout included; null where that is not known.</summary>
    public string? Heat { get; init; }
}
