using FairCompass.Core.Languages;

namespace FairCompass.Core.Standards;

/// <summary>A house rule of a competition: a clause of a movement said differently, left out, or added.</summary>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Clause">The clause’s id; an id the movement does not have adds a clause.</param>
/// <param name="Division">The division it holds for; null for all.</param>
public sealed record ClauseChange(string Movement, string Clause, string? Division = null)
{
    /// <summary>The wording; null keeps the one in force.</summary>
    public Said? Text { get; init; }

    /// <summary>True leaves the clause and its no-rep out.</summary>
    public bool DoesNotApply { get; init; }

    /// <summary>For an added clause: when it holds; on the way when null.</summary>
    public Phase? Phase { get; init; }

    /// <summary>For an added clause: what kind of rule; required when null.</summary>
    public ClauseKind? Kind { get; init; }

    /// <summary>What the judge sees or hears when it is broken; null keeps the one in force, or none for an added clause.</summary>
    public Said? Sign { get; init; }

    /// <summary>How that is perceived.</summary>
    public Perceived? By { get; init; }

    /// <summary>What the judge says.</summary>
    public Said? Call { get; init; }

    /// <summary>What follows; needed whenever there is a sign.</summary>
    public Consequence? Then { get; init; }

    /// <summary>What the athlete must do next.</summary>
    public Said? Athlete { get; init; }

    /// <summary>Who laid it down and when, in words; null for a plain house rule.</summary>
    public string? Origin { get; init; }
}
