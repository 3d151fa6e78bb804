using FairCompass.Core.Quantities;

namespace FairCompass.Planning.Days;

/// <summary>
/// A plan at once: each session’s heats in their order, each as soon as it can start. A heat for whose people the floor would have to wait
/// lets another go first that need not, where its order allows it.
/// </summary>
public static class GreedyPlan
{
    /// <summary>Makes the heats of a plan anew; those that stay where they are are kept.</summary>
    /// <param name="plan">The sessions, the rules, and heats that stay.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="id">Gives the id of a new heat.</param>
    public static Plan Make(Plan plan, Field field, Func<Guid> id)
    {
        var placing = new HeatPlacing(plan, field, id);
        foreach (var row in HeatRow.Of(plan, field))
        {
            var left = row.Heats.ToList();
            while (left.Count > 0)
            {
                var first = left.Where(h => !left.TakeWhile(l => l != h).Any(l => row.GoesBefore(l, h)));
                var times = first.Select(h => (Heat: h, Time: placing.Earliest(row, h))).ToList();
                var (next, time) = times.Find(x => !x.Time.Waits) is { Heat: not null } ready ? ready : times.MinBy(x => x.Time.Starts);
                left.Remove(next);
                placing.Place(row, next, time);
            }
        }

        return JudgePlan.Fill(plan with { Heats = Numbered(placing.Heats) }, field);
    }

    /// <summary>Heats in the order of time, each with its number in its session.</summary>
    /// <param name="heats">Heats in any order.</param>
    public static Eq<Heat> Numbered(IEnumerable<Heat> heats)
    {
        var numbers = new Dictionary<Guid, int>();
        var ordered = new List<Heat>();
        foreach (var heat in heats.OrderBy(h => h.Starts).ThenBy(h => h.Number))
        {
            var number = numbers[heat.Session] = numbers.GetValueOrDefault(heat.Session) + 1;
            ordered.Add(heat with { Number = number });
        }

        return [.. ordered];
    }
}
