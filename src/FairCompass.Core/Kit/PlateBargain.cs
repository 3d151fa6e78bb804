namespace FairCompass.Core.Kit;

/// <summary>
/// Plans several bars well, where looking through all conflicts would take too long: it begins with plans by prices and with plans of one
/// bar after the other, and plans each bar anew among the others for as long as that helps.
/// </summary>
internal sealed class PlateBargain(PlatePairs[] plates, IReadOnlyList<PlannedBar> bars, int[][] starts, long?[][] needs, PlanBudget budget)
{
    /// <summary>Rounds of prices.</summary>
    private const int MostRounds = 24;

    /// <summary>Orders of several bars that are tried.</summary>
    private const int MostOrders = 24;

    private readonly int moments = needs[0].Length;

    /// <summary>The cheapest plan that was found; null where none was.</summary>
    public List<int>[][]? Best()
    {
        List<int>[][]? best = null;
        var least = long.MaxValue;
        foreach (var now in Firsts())
        {
            var cost = Better(now);
            if (cost < least)
            {
                (best, least) = (now, cost);
            }
        }

        return best;
    }

    private long Better(List<int>[][] now)
    {
        var cost = Total(now);
        for (var again = true; again; )
        {
            again = false;
            for (var b = 0; b < bars.Count; b++)
            {
                var was = now[b];
                now[b] = One(now, b) ?? was;
                var less = Total(now);
                (again, cost, now[b]) = less < cost ? (true, less, now[b]) : (again, cost, was);
            }
        }

        return cost;
    }

    /// <summary>Plans to begin with.</summary>
    private IEnumerable<List<int>[][]> Firsts()
    {
        if (ByPrices() is { } priced)
        {
            yield return priced;
        }

        foreach (var order in Orders(bars.Count))
        {
            var now = new List<int>[bars.Count][];
            if (order.All(b => One(now, b) is { } found && (now[b] = found) is not null))
            {
                yield return now;
            }
        }
    }

    private List<int>[]? One(List<int>[][] now, int b) =>
        new SidePlanner(
            plates,
            [.. Enumerable.Range(0, moments).Select(i => Free(now, b, i))],
            needs[b],
            starts[b],
            bars[b],
            budget
        ).Plan();

    private long Total(List<int>[][] sides) => sides.Select((s, b) => bars[b].Times * Cost(starts[b], s)).Sum();

    /// <summary>What each of some bars that stand alike may have.</summary>
    private int[] All(PlannedBar bar) => [.. plates.Select(p => p.Pairs / bar.Times)];

    /// <summary>
    /// Lets every bar plan as if the plates were its own, and makes those dearer, moment by moment, that more bars take than there are,
    /// until none is taken twice (a price for each scarce thing, as in D. P. Bertsekas’s auctions); null when that does not come to an end.
    /// </summary>
    private List<int>[][]? ByPrices()
    {
        var prices = Enumerable.Range(0, moments).Select(_ => new long[plates.Length]).ToArray();
        for (var round = 1; round <= MostRounds; round++)
        {
            var now = bars.Select((b, i) => new SidePlanner(plates, Own(b), needs[i], starts[i], b, budget, prices).Plan()).ToArray();
            if (now.Any(n => n is null))
            {
                return null;
            }

            var over = false;
            for (var moment = 0; moment < moments; moment++)
            {
                for (var kind = 0; kind < plates.Length; kind++)
                {
                    if (now.Select((n, b) => bars[b].Times * n![moment].Count(k => k == kind)).Sum() > plates[kind].Pairs)
                    {
                        (over, prices[moment][kind]) = (true, prices[moment][kind] + (SidePlanner.Off / 4 * round));
                    }
                }
            }

            if (!over)
            {
                return now!;
            }
        }

        return null;
    }

    private int[][] Own(PlannedBar bar) => [.. Enumerable.Range(0, moments).Select(_ => All(bar))];

    /// <summary>What the other bars leave of each kind to each of those that stand alike, at a moment; those not planned yet hold on to
    /// what they stand with.</summary>
    private int[] Free(List<int>[][] now, int except, int moment)
    {
        var free = plates.Select(p => p.Pairs).ToArray();
        for (var b = 0; b < now.Length; b++)
        {
            foreach (
                var kind in b == except ? []
                : now[b] is { } planned ? planned[moment]
                : (IEnumerable<int>)starts[b]
            )
            {
                free[kind] -= bars[b].Times;
            }
        }

        return [.. free.Select(f => f / bars[except].Times)];
    }

    private long Cost(int[] start, List<int>[] sides)
    {
        var (cost, was) = (0L, (IReadOnlyList<int>)start);
        foreach (var side in sides)
        {
            var same = PlatePlanner.Same(was, side);
            cost += SidePlanner.Off * (was.Count - same);
            cost += was.Skip(same).Concat(side.Skip(same)).Sum(k => SidePlanner.Plate + ((long)(plates[k].Mass * 1000) * SidePlanner.Mass));
            was = side;
        }

        return cost;
    }

    /// <summary>Orders in which bars are planned: all of few, turns of many and their reverse.</summary>
    private static IEnumerable<int[]> Orders(int bars)
    {
        if (bars <= 4)
        {
            return Permutations([.. Enumerable.Range(0, bars)]);
        }

        return Enumerable
            .Range(0, Math.Min(bars, 2))
            .SelectMany(turn =>
            {
                int[] order = [.. Enumerable.Range(0, bars).Select(i => (i + turn) % bars)];
                return new[] { order, [.. order.Reverse()] };
            })
            .Take(MostOrders);
    }

    private static IEnumerable<int[]> Permutations(int[] items) =>
        items.Length <= 1
            ? [items]
            : items.SelectMany((x, i) => Permutations([.. items.Where((_, j) => j != i)]).Select(rest => (int[])[x, .. rest]));
}
