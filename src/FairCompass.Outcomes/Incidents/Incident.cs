using FairCompass.Core.Quantities;

namespace FairCompass.Outcomes.Incidents;

/// <summary>What has happened that a card does not say.</summary>
public enum IncidentKind
{
    /// <summary>Somebody does not agree with a call or a score.</summary>
    Protest,

    /// <summary>Somebody asks to run again.</summary>
    Rerun,

    /// <summary>Something broke, or stood wrong.</summary>
    Equipment,

    /// <summary>A run was stopped for somebody’s health.</summary>
    Medical,

    /// <summary>A judge says later what the card should say.</summary>
    LateCorrection,

    /// <summary>A rule was broken that costs time or reps.</summary>
    Penalty,
}

/// <summary>What was decided of an incident.</summary>
public enum IncidentOutcome
{
    /// <summary>Nothing changes.</summary>
    Stands,

    /// <summary>The card is corrected at the desk, with this incident as its reason.</summary>
    Corrected,

    /// <summary>Time or reps are added or taken away.</summary>
    Adjusted,

    /// <summary>The entry runs again: its card counts no more, another one is printed.</summary>
    RunsAgain,
}

/// <summary>What was reported.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Heat">The heat; null where it is about none.</param>
/// <param name="Entries">Who is touched; at least one.</param>
/// <param name="What">What has happened, 1 to 1,000 characters.</param>
/// <param name="RaisedBy">Who says so, up to 80 characters; may be empty.</param>
/// <param name="DecideBy">Until when it is to be decided, UTC; null without a limit.</param>
public sealed record IncidentReport(
    IncidentKind Kind,
    Guid Workout,
    Guid? Heat,
    Eq<Guid> Entries,
    string What,
    string RaisedBy,
    DateTime? DecideBy
);

/// <summary>A change of a score.</summary>
/// <param name="Score">The score’s name.</param>
/// <param name="Time">Added to a time; negative to take it away; null for none.</param>
/// <param name="Units">Added to a count, and to what was done at the cap; negative to take away; null for none.</param>
public sealed record ScoreChange(string Score, Duration? Time, long? Units);

/// <summary>What was decided.</summary>
/// <param name="Outcome">What follows.</param>
/// <param name="Reason">Why, 1 to 1,000 characters.</param>
/// <param name="Rule">The rule it rests on, up to 200 characters; needed where a score is changed.</param>
/// <param name="Changes">How scores are changed; for <see cref="IncidentOutcome.Adjusted"/> only.</param>
public sealed record IncidentDecision(IncidentOutcome Outcome, string Reason, string Rule, Eq<ScoreChange> Changes);

/// <summary>A fact about an incident: added, never changed.</summary>
/// <param name="Id">From 1, in the order they came.</param>
/// <param name="Number">The incident’s number in its competition, from 1.</param>
/// <param name="Report">What was reported; null for a later fact.</param>
/// <param name="Decision">What was decided; null for a report.</param>
/// <param name="By">Who wrote it down; null where nobody is known.</param>
/// <param name="At">When, UTC.</param>
public sealed record IncidentFact(long Id, int Number, IncidentReport? Report, IncidentDecision? Decision, string? By, DateTime At);

/// <summary>An incident as it stands.</summary>
/// <param name="Number">Its number.</param>
/// <param name="Report">What was reported.</param>
/// <param name="By">Who wrote it down.</param>
/// <param name="At">When, UTC.</param>
/// <param name="Decisions">What was decided, in order: the last one holds.</param>
public sealed record Incident(int Number, IncidentReport Report, string? By, DateTime At, Eq<IncidentFact> Decisions)
{
    /// <summary>What holds; null while nothing is decided.</summary>
    public IncidentDecision? Decision => Decisions.Count == 0 ? null : Decisions[^1].Decision;

    /// <summary>Every incident, by its number.</summary>
    /// <param name="facts">In their order.</param>
    public static IReadOnlyList<Incident> Of(IEnumerable<IncidentFact> facts) =>
        [
            .. facts
                .GroupBy(f => f.Number)
                .OrderBy(g => g.Key)
                .Select(g => (First: g.First(), Later: g.Skip(1)))
                .Where(x => x.First.Report is not null)
                .Select(x => new Incident(x.First.Number, x.First.Report!, x.First.By, x.First.At, [.. x.Later])),
        ];
}
