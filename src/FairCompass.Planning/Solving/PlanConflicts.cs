using FairCompass.Planning.Days;

namespace FairCompass.Planning.Solving;

/// <summary>What a plan cannot keep to, whoever makes it, and why.</summary>
public static class PlanConflicts
{
    /// <summary>Units of work for one answer; one is about a second, and most take far less.</summary>
    private const double Work = 2;

    /// <summary>Days that cannot be over in time, then lanes that cannot have a judge; nothing where all can be kept, or nobody
    /// knows.</summary>
    /// <param name="plan">A plan with its heats.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="seed">The number that decides between equal ways.</param>
    /// <param name="cancel">Ends it with what was found.</param>
    public static IReadOnlyList<PlanConflict> Of(Plan plan, Field field, int seed, CancellationToken cancel = default)
    {
        if (plan.Heats.Count == 0)
        {
            return [];
        }

        var limit = new SearchLimit(seed, Work);
        return
        [
            .. HeatRow.Of(plan, field).All(r => r.Heats.Count <= OrderModel.MostHeats)
                ? new DayConflicts(plan, field, limit, cancel).Of()
                : [],
            .. plan.Heats.Any(h => h.Lanes.Any(l => l.Judges.Contains(null))) ? JudgeConflicts.Of(plan, field, limit, cancel) : [],
        ];
    }
}
