using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>How many heats a judge judges one after the other.</summary>
internal static class Streaks
{
    /// <summary>Minutes without a heat that are a break by themselves, between sessions and at midday: common practice.</summary>
    private const int LongPause = 30;

    /// <summary>A heat in the order of its floor.</summary>
    /// <param name="Heat">The heat.</param>
    /// <param name="Floor">Where.</param>
    /// <param name="Order">From 0 on that floor.</param>
    public sealed record Placed(Heat Heat, string Floor, int Order);

    /// <summary>Each heat with its order on its floor.</summary>
    public static Dictionary<Guid, Placed> Of(Plan plan) =>
        plan
            .Heats.GroupBy(h => plan.SessionOf(h).Floor)
            .SelectMany(g => g.OrderBy(h => h.Starts).Select((h, i) => new Placed(h, g.Key, i)))
            .ToDictionary(p => p.Heat.Id);

    /// <summary>True where a heat follows another without a break for who judges both.</summary>
    /// <param name="before">The earlier one.</param>
    /// <param name="next">The later one.</param>
    /// <param name="off">Heats off that are a break.</param>
    public static bool Follows(Placed before, Placed next, int off) =>
        Minutes(before.Heat.Ends, next.Heat.Starts) < LongPause && (before.Floor != next.Floor || next.Order - before.Order - 1 < off);

    /// <summary>The longest row of heats without a break that holds a heat.</summary>
    /// <param name="judged">What a judge judges, in any order.</param>
    /// <param name="at">One of them.</param>
    /// <param name="off">Heats off that are a break.</param>
    public static int Around(IEnumerable<Placed> judged, Placed at, int off)
    {
        var row = judged.OrderBy(p => p.Heat.Starts).ToList();
        var i = row.FindIndex(p => p.Heat.Id == at.Heat.Id);
        var (first, last) = (i, i);
        while (first > 0 && Follows(row[first - 1], row[first], off))
        {
            first--;
        }

        while (last + 1 < row.Count && Follows(row[last], row[last + 1], off))
        {
            last++;
        }

        return last - first + 1;
    }

    private static double Minutes(LocalDateTime from, LocalDateTime to) => Period.Between(from, to, PeriodUnits.Seconds).Seconds / 60.0;
}
