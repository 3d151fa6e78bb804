using FairCompass.Core.Quantities;

namespace FairCompass.Core.Kit;

/// <summary>
/// The other way round: loads near to what somebody would like, that the plates make, with the fewest plates handled from one to the next.
/// </summary>
public static class WishedLoads
{
    /// <summary>Choices that are all looked at; of more, one load after the other is changed as long as that helps.</summary>
    public const int MostChoices = 300;

    /// <summary>Loads near one wish that are looked at.</summary>
    private const int MostNear = 6;

    /// <summary>Loads around one wish that are tried: where none of so many fits the bar, there is none near.</summary>
    private const int MostTried = 100;

    /// <summary>Spans that are looked at for one bar: about half a second. What was found until then stands.</summary>
    private const int MostSpans = 500_000;

    /// <summary>
    /// The loads with the fewest plates handled among those within a distance of each wish; of equal ones those nearest to the wishes, then
    /// the lighter ones. Where nothing is as near, the nearest load stands, the lighter of two. Null where none can be made near a
    /// wish.
    /// </summary>
    /// <param name="stock">The lane's plates.</param>
    /// <param name="clips">A pair of clips.</param>
    /// <param name="bar">The bar; its loads are the wishes, null where nobody needs it.</param>
    /// <param name="within">How far from a wish a load may lie, from 0, in the unit of the loads.</param>
    /// <example>With plates of 20, 10, 5 and 2.5: 62.5 and 80 within 2.5 are 60 and 80 on a bar of 20, for 80 is 60 and a ten.</example>
    public static Eq<decimal?>? Of(IReadOnlyList<PlatePairs> stock, decimal clips, PlannedBar bar, decimal within)
    {
        var near = new List<List<decimal?>>();
        foreach (var load in bar.Loads)
        {
            near.Add(load is { } wish ? Near(stock, clips, bar, wish, within) : [null]);
            if (near[^1].Count == 0)
            {
                return null;
            }
        }

        var budget = new PlanBudget(MostSpans);
        var choices = near.Aggregate(1L, (n, some) => Math.Min(n * some.Count, MostChoices + 1));
        var best = near.Select(n => n[0]).ToArray();
        var cost = Cost(best);
        var few = choices <= MostChoices;
        for (var (helped, plans) = (true, 0); helped && plans < MostChoices && !budget.Spent; )
        {
            helped = false;
            foreach (var choice in few ? All(near, 0) : OneOther(best, near))
            {
                plans++;
                helped |= Take(choice);
            }

            helped &= !few;
        }

        return best.ToEq();

        bool Take(decimal?[] choice)
        {
            var its = Cost(choice);
            if (its.CompareTo(cost) >= 0)
            {
                return false;
            }

            (best, cost) = ([.. choice], its);
            return true;
        }

        (int Handled, decimal Away, decimal Mass) Cost(decimal?[] loads)
        {
            var plan = budget.Spent ? null : PlatePlanner.Plan(stock, clips, [bar with { Loads = loads.ToEq() }], budget);
            return (
                plan is null or { Bars.Count: 0 } ? int.MaxValue : plan.Handled,
                loads.Zip(bar.Loads, (l, w) => l is null ? 0 : Math.Abs(l.Value - w!.Value)).Sum(),
                loads.Sum(l => l ?? 0)
            );
        }
    }

    /// <summary>Loads near a wish, nearest first, the lighter of two before the other.</summary>
    private static List<decimal?> Near(IReadOnlyList<PlatePairs> stock, decimal clips, PlannedBar bar, decimal wish, decimal within)
    {
        var (one, found) = (bar with { Loads = [wish], Stands = [] }, new List<decimal?>());
        if (PlatePlanner.CanMake(stock, clips, one, wish))
        {
            found.Add(wish);
        }

        var sorted = PlatePlanner
            .Makes(stock, clips, one)
            .OrderBy(m => Math.Abs(m - wish))
            .ThenBy(m => m)
            .Where(m => m != wish)
            .Take(MostTried);
        foreach (var load in sorted.TakeWhile(m => Math.Abs(m - wish) <= within || found.Count == 0))
        {
            if (found.Count >= MostNear)
            {
                break;
            }

            if (PlatePlanner.CanMake(stock, clips, one, load))
            {
                found.Add(load);
            }
        }

        return found;
    }

    /// <summary>A choice with each of its loads changed in turn.</summary>
    private static List<decimal?[]> OneOther(decimal?[] choice, List<List<decimal?>> near) =>
        [.. near.SelectMany((some, i) => some.Select(load => (decimal?[])[.. choice[..i], load, .. choice[(i + 1)..]]))];

    private static IEnumerable<decimal?[]> All(List<List<decimal?>> near, int from) =>
        from == near.Count
            ?
            [
                [],
            ]
            : near[from].SelectMany(load => All(near, from + 1).Select(rest => (decimal?[])[load, .. rest]));
}
