using FairCompass.Planning.Days;

namespace FairCompass.Outcomes.Incidents;

/// <summary>Finds who would need a decision too that was made for one.</summary>
public static class SameHeat
{
    /// <summary>Entries that ran in the heat of an incident and are not named in it, where its decision changed something; empty
    /// otherwise.</summary>
    /// <param name="incident">The incident.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="others">Every incident: who has a like decision of their own is not named again.</param>
    public static IReadOnlyList<Guid> Of(Incident incident, Plan plan, IReadOnlyList<Incident> others)
    {
        if (incident.Decision is not { Outcome: not IncidentOutcome.Stands } decision || incident.Report.Heat is not { } heat)
        {
            return [];
        }

        var settled = others
            .Where(o => o.Report.Workout == incident.Report.Workout && o.Decision?.Outcome == decision.Outcome)
            .SelectMany(o => o.Report.Entries)
            .ToHashSet();
        return
        [
            .. plan
                .Heats.Where(h => h.Id == heat)
                .SelectMany(h => h.Lanes)
                .Select(l => l.Entry)
                .Where(e => !settled.Contains(e))
                .Distinct(),
        ];
    }
}
