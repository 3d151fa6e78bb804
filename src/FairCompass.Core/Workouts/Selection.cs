namespace FairCompass.Core.Workouts;

/// <summary>A choice among results that one run has several of: its cycles, its members, a lifter’s lifts.</summary>
/// <param name="Lowest">True for the lowest, of times the slowest; false for the best.</param>
/// <param name="N">How many of the best are added up; 1 for one alone.</param>
/// <param name="Of">What is chosen among.</param>
public sealed record Selection(bool Lowest, int N, SelectionOf Of);

/// <summary>What a score is chosen among.</summary>
public enum SelectionOf
{
    /// <summary>The cycles of the clock.</summary>
    Cycle,

    /// <summary>The members, each by the windows that are theirs alone.</summary>
    Member,

    /// <summary>The good lifts of each lifter.</summary>
    Load,
}
