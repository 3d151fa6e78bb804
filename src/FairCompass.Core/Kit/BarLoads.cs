using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;

namespace FairCompass.Core.Kit;

/// <summary>
/// Which loads a lane's bar and plates can make. A bar is loaded the same on both sides, so single plates count in pairs.
/// All masses are in the competition's unit and exact.
/// </summary>
public static class BarLoads
{
    /// <summary>Lists already made, for as long as their kit lives: each keystroke asks for the same ones.</summary>
    private static readonly ConditionalWeakTable<LaneKit, ConcurrentDictionary<decimal, IReadOnlyList<decimal>>> Known = [];

    /// <summary>Stacks already found, likewise; each side of a ladder is asked for in every heat.</summary>
    private static readonly ConditionalWeakTable<LaneKit, ConcurrentDictionary<(decimal, decimal), IReadOnlyList<decimal>?>> Stacks = [];

    /// <summary>Stacks that are kept for one kit.</summary>
    private const int MostStacks = 10_000;

    /// <summary>Every load the kit can make on one bar, lightest first, the empty bar included.</summary>
    /// <param name="bar">Mass of the bar.</param>
    /// <param name="kit">The lane's stock.</param>
    public static IReadOnlyList<decimal> All(decimal bar, LaneKit kit) => Known.GetOrCreateValue(kit).GetOrAdd(bar, b => Make(b, kit));

    private static List<decimal> Make(decimal bar, LaneKit kit)
    {
        var sums = new HashSet<decimal> { 0 };
        foreach (var plate in kit.Plates)
        {
            var next = new HashSet<decimal>(sums);
            foreach (var sum in sums)
            {
                for (var pairs = 1; pairs <= plate.Count / 2 && next.Count < 20_000; pairs++)
                {
                    next.Add(sum + (pairs * 2 * plate.Mass));
                }
            }

            sums = next;
        }

        return sums.Select(s => bar + (s == 0 ? 0 : kit.ClipPair) + s).Order().ToList();
    }

    /// <summary>
    /// One side's plates, inside first: heaviest plates first, the fewest that make the load; null when the kit cannot make it.
    /// </summary>
    /// <param name="target">The load with bar and clips.</param>
    /// <param name="bar">Mass of the bar.</param>
    /// <param name="kit">The lane's stock.</param>
    public static IReadOnlyList<decimal>? OneSide(decimal target, decimal bar, LaneKit kit)
    {
        var known = Stacks.GetOrCreateValue(kit);
        if (known.TryGetValue((target, bar), out var side))
        {
            return side;
        }

        side = Stack(target, bar, kit);
        if (known.Count < MostStacks)
        {
            known[(target, bar)] = side;
        }

        return side;
    }

    private static IReadOnlyList<decimal>? Stack(decimal target, decimal bar, LaneKit kit)
    {
        if (target == bar)
        {
            return [];
        }

        var need = (target - bar - kit.ClipPair) / 2;
        return need <= 0 ? null : Fill(need, kit.Plates.OrderByDescending(p => p.Mass).ToList(), 0, new int[1]);
    }

    /// <summary>The loads next below and above a target among those the kit can make; either is null at the ends.</summary>
    public static (decimal? Below, decimal? Above) Nearest(decimal target, IReadOnlyList<decimal> sorted)
    {
        decimal? below = null;
        foreach (var load in sorted)
        {
            if (load > target)
            {
                return (below, load);
            }

            below = load;
        }

        return (below, null);
    }

    private static List<decimal>? Fill(decimal need, List<PlateStock> plates, int from, int[] steps)
    {
        if (need == 0)
        {
            return [];
        }

        if (from == plates.Count || ++steps[0] > 20_000)
        {
            return null;
        }

        var plate = plates[from];
        for (var n = (int)Math.Min(plate.Count / 2, decimal.Floor(need / plate.Mass)); n >= 0; n--)
        {
            if (Fill(need - (n * plate.Mass), plates, from + 1, steps) is { } rest)
            {
                rest.InsertRange(0, Enumerable.Repeat(plate.Mass, n));
                return rest;
            }
        }

        return null;
    }
}
