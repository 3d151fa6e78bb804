using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Desk;

/// <summary>What a fact about a card’s numbers is.</summary>
public enum ScoreFactKind
{
    /// <summary>Its numbers, typed for the first time.</summary>
    Entered,

    /// <summary>Its numbers, typed once more by somebody else.</summary>
    Again,

    /// <summary>Other numbers, with the reason.</summary>
    Corrected,
}

/// <summary>A fact about a card’s numbers: added, never changed.</summary>
/// <param name="Id">From 1, in the order they came.</param>
/// <param name="Card">The card.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Run">What the card says.</param>
/// <param name="NoReps">The tallies of no-reps on it.</param>
/// <param name="Reason">Why it was corrected; empty otherwise.</param>
/// <param name="By">Who typed it; null where nobody is known.</param>
/// <param name="At">When, UTC.</param>
public sealed record ScoreFact(
    long Id,
    Guid Card,
    ScoreFactKind Kind,
    RunObservation Run,
    Eq<NoReps> NoReps,
    string Reason,
    string? By,
    DateTime At
)
{
    /// <summary>The level that was done, where the card says one; empty for the one of the entry.</summary>
    public string Level { get; init; } = "";
}

/// <summary>What a card is worth now, by its facts.</summary>
/// <param name="Run">Its numbers; null where nobody has typed them.</param>
/// <param name="NoReps">Its tallies of no-reps.</param>
/// <param name="Checked">True where two have typed the same, or a correction has settled which of two is right.</param>
/// <param name="Differs">What somebody else has typed, where it is not the same; null otherwise.</param>
public sealed record CardNumbers(RunObservation? Run, Eq<NoReps> NoReps, bool Checked, ScoreFact? Differs)
{
    /// <summary>The level that was done, where the card says one; empty for the one of the entry.</summary>
    public string Level { get; init; } = "";

    /// <summary>The numbers of a card.</summary>
    /// <param name="facts">Its facts, in their order.</param>
    public static CardNumbers Of(IEnumerable<ScoreFact> facts)
    {
        var now = new CardNumbers(null, [], false, null);
        foreach (var fact in facts)
        {
            now = fact.Kind switch
            {
                ScoreFactKind.Again when now.Run is not null => IsSame(now, fact)
                    ? now with
                    {
                        Checked = true,
                        Differs = null,
                    }
                    : now with
                    {
                        Checked = false,
                        Differs = fact,
                    },
                // A correction settles what differed, where it says what one of the two has typed; else nobody has confirmed it yet.
                ScoreFactKind.Corrected => new(
                    fact.Run,
                    fact.NoReps,
                    now.Differs is { } other
                        && (IsSame(now, fact) || (other.Run, other.NoReps, other.Level) == (fact.Run, fact.NoReps, fact.Level)),
                    null
                )
                {
                    Level = fact.Level,
                },
                _ => new(fact.Run, fact.NoReps, false, null) { Level = fact.Level },
            };
        }

        return now;
    }

    private static bool IsSame(CardNumbers now, ScoreFact fact) =>
        now.Run == fact.Run && now.NoReps == fact.NoReps && now.Level == fact.Level;
}
