using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Incidents;

/// <summary>Puts what the head judge has decided to what a card says.</summary>
public static class ScoreChanges
{
    /// <summary>The observation with the changes that hold for an entry; each names its incident, its rule and its reason.</summary>
    /// <param name="run">What the card says.</param>
    /// <param name="workout">The workout.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="incidents">Every incident.</param>
    public static RunObservation On(RunObservation run, Guid workout, Guid entry, IReadOnlyList<Incident> incidents)
    {
        var changes = incidents
            .Where(i => i.Report.Workout == workout && i.Report.Entries.Contains(entry))
            .Where(i => i.Decision is { Outcome: IncidentOutcome.Adjusted })
            .SelectMany(i => i.Decision!.Changes.Select(c => new Adjustment(c.Score, c.Time, c.Units, Reason(i))))
            .ToEq();
        return changes.Count == 0 ? run : run with { Adjustments = [.. run.Adjustments, .. changes] };
    }

    private static string Reason(Incident i)
    {
        var reason = i.Decision!.Reason.TrimEnd('.');
        var rule = i.Decision.Rule.Length > 0 ? $" Rule: {i.Decision.Rule.TrimEnd('.')}." : "";
        return $"Incident {i.Number}: {reason}.{rule}";
    }
}
