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

    /// <summary>What the sides of a kit can weigh.</summary>
    private static readonly ConditionalWeakTable<LaneKit, List<HashSet<decimal>>> Sides = [];

    /// <summary>Sums that are looked at for one kit: plates of ordinary stores make some hundreds.</summary>
    private const int MostSums = 20_000;

    /// <summary>Stacks that are kept for one kit.</summary>
    private const int MostStacks = 10_000;

    /// <summary>Every load the kit can make on one bar, lightest first, the empty bar included.</summary>
    /// <param name="bar">Mass of the bar.</param>
    /// <param name="kit">The lane's stock.</param>
    public static IReadOnlyList<decimal> All(decimal bar, LaneKit kit) => Known.GetOrCreateValue(kit).GetOrAdd(bar, b => Make(b, kit));

    private static List<decimal> Make(decimal bar, LaneKit kit) =>
        SidesFrom(kit)[0].Select(s => bar + (s == 0 ? 0 : kit.ClipPair) + (2 * s)).Order().ToList();

    /// <summary>What one side can weigh with the plates from the n-th on, heaviest first; the last is the empty sleeve.</summary>
    private static List<HashSet<decimal>> SidesFrom(LaneKit kit) =>
        Sides.GetValue(
            kit,
            k =>
            {
                var from = new List<HashSet<decimal>> { new() { 0 } };
                foreach (var plate in Heaviest(k).Reverse())
                {
                    var sums = new HashSet<decimal>(from[0]);
                    foreach (var sum in from[0])
                    {
                        for (var n = 1; n <= plate.Count / 2 && sums.Count < MostSums; n++)
                        {
                            sums.Add(sum + (n * plate.Mass));
                        }
                    }

                    from.Insert(0, sums);
                }

                return from;
            }
        );

    private static IEnumerable<PlateStock> Heaviest(LaneKit kit) => kit.Plates.OrderByDescending(p => p.Mass);

    /// <summary>
    /// One side's plates, inside first: at each place the heaviest plate with which the rest can still be made (common practice: a loader
    /// begins with the largest); null when the kit cannot make the load.
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

    private static List<decimal>? Stack(decimal target, decimal bar, LaneKit kit)
    {
        var (need, sides) = (target == bar ? 0 : (target - bar - kit.ClipPair) / 2, SidesFrom(kit));
        if (!sides[0].Contains(need) || (need == 0 && target != bar))
        {
            return null;
        }

        var side = new List<decimal>();
        foreach (var (plate, rest) in Heaviest(kit).Zip(sides.Skip(1)))
        {
            var n = plate.Count / 2;
            while (n > 0 && !rest.Contains(need - (n * plate.Mass)))
            {
                n--;
            }

            side.AddRange(Enumerable.Repeat(plate.Mass, n));
            need -= n * plate.Mass;
        }

        return side;
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
}
