using FairCompass.Planning.Days;
using NodaTime;

namespace FairCompass.Planning.Solving;

/// <summary>How good a plan is.</summary>
/// <param name="Minutes">How long its days are together, each from its first session to the end of its last heat.</param>
/// <param name="Floors">How long its sessions are together, each from its start to the end of its last heat, in minutes.</param>
/// <param name="Open">Posts without a judge.</param>
/// <param name="Linking">How far judges can be compared.</param>
/// <param name="Spread">How evenly they are spread.</param>
public sealed record PlanWorth(long Minutes, long Floors, int Open, Linking Linking, JudgeSpread Spread)
{
    /// <summary>How good a plan is.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    public static PlanWorth Of(Plan plan, Field field) =>
        new(
            plan.Sessions.GroupBy(s => s.Starts.Date)
                .Sum(d => Until(d.Min(s => s.Starts), plan.Heats.Where(h => plan.SessionOf(h).Starts.Date == d.Key))),
            plan.Sessions.Sum(s => Until(s.Starts, plan.Heats.Where(h => h.Session == s.Id))),
            plan.Heats.Sum(h => h.Lanes.Sum(l => l.Judges.Count(j => j is null))),
            Linking.Of(plan),
            JudgeSpread.Of(plan, field)
        );

    /// <summary>True where the days are shorter, or the sessions in days that are as short.</summary>
    /// <param name="other">Another.</param>
    public bool IsShorterThan(PlanWorth other) => (Minutes, Floors).CompareTo((other.Minutes, other.Floors)) < 0;

    /// <summary>True where this is worth more: no lane without a judge first, then shorter days, then more pairs linked, then judges
    /// spread more evenly.</summary>
    /// <param name="other">Another.</param>
    public bool IsBetterThan(PlanWorth other) =>
        (Open, Minutes, Floors, -Linking.Linked, Spread.Uneven).CompareTo(
            (other.Open, other.Minutes, other.Floors, -other.Linking.Linked, other.Spread.Uneven)
        ) < 0;

    private static long Until(LocalDateTime opens, IEnumerable<Heat> heats) =>
        heats.Select(h => (Period.Between(opens, h.Ends, PeriodUnits.Seconds).Seconds + 59) / 60).DefaultIfEmpty(0).Max();
}
