using FairCompass.Planning.Days;

namespace FairCompass.Planning.Solving;

/// <summary>A plan that was found, and how far it may be from the best.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Worth">How good it is.</param>
/// <param name="AtLeast">Minutes that the days take at least, whoever plans them with these heats; null while nobody knows.</param>
public sealed record FoundPlan(Plan Plan, PlanWorth Worth, long? AtLeast);

/// <summary>Seeks a plan that is better than the one made at once: first the order of heats, then the judges.</summary>
public static class PlanSearch
{
    /// <summary>Seeks.</summary>
    /// <param name="plan">The sessions, the rules, and heats that stay.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="id">Gives the id of a new heat; the same ids each time it is made.</param>
    /// <param name="limit">How long.</param>
    /// <param name="better">Hears of the first plan, and of each better one.</param>
    /// <param name="cancel">Ends the search with what was found.</param>
    public static FoundPlan Run(
        Plan plan,
        Field field,
        Func<Func<Guid>> id,
        SearchLimit limit,
        Action<FoundPlan>? better = null,
        CancellationToken cancel = default
    )
    {
        var greedy = Found(GreedyPlan.Make(plan, field, id()), field, null);
        better?.Invoke(greedy);
        if (greedy.Plan.Heats.Count == 0)
        {
            return greedy;
        }

        var (best, shortest) = (greedy, greedy);
        void Take(FoundPlan found)
        {
            if (found.Worth.IsBetterThan(best.Worth))
            {
                best = found;
                better?.Invoke(best);
            }
        }

        var isShort = HeatRow.Of(plan, field).All(r => r.Heats.Count <= OrderModel.MostHeats);
        var order = isShort ? new OrderModel(plan, field, greedy.Plan, OrderRules.All) : null;
        var bound = order?.Seek(
            limit,
            value =>
            {
                var found = Found(Placed(plan, field, id(), order.InOrder(value)), field, null);
                shortest = found.Worth.IsShorterThan(shortest.Worth) ? found : shortest;
                Take(found);
            },
            cancel
        );
        best = best with { AtLeast = bound };
        better?.Invoke(best);
        Judges(shortest);
        if (best.Worth.Open > 0 && shortest != greedy)
        {
            // A shorter day may leave judges no breaks; the longer one counts where it leaves fewer lanes without a judge.
            Judges(greedy);
        }

        return best;

        void Judges(FoundPlan with)
        {
            if (JudgeModel.IsTooLarge(with.Plan, field))
            {
                return;
            }

            new JudgeModel(with.Plan, field, with.Plan).Seek(limit, p => Take(Found(p, field, bound)), cancel);
        }
    }

    private static FoundPlan Found(Plan plan, Field field, long? bound) => new(plan, PlanWorth.Of(plan, field), bound);

    /// <summary>The heats in an order, each as soon as it can start after those before it.</summary>
    private static Plan Placed(Plan plan, Field field, Func<Guid> id, IEnumerable<OrderModel.Node> order)
    {
        var placing = new HeatPlacing(plan, field, id);
        foreach (var node in order)
        {
            placing.Place(node.Row, node.Entries, placing.Earliest(node.Row, node.Entries));
        }

        return JudgePlan.Fill(plan with { Heats = GreedyPlan.Numbered(placing.Heats) }, field);
    }
}
