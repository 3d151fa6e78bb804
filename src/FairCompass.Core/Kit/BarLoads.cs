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
    private static readonly ConditionalWeakTable<LaneKit, ConcurrentDictionary<LaneBar, IReadOnlyList<decimal>>> Known = [];

    /// <summary>Stacks already found, likewise; each side of a ladder is asked for in every heat.</summary>
    private static readonly ConditionalWeakTable<LaneKit, ConcurrentDictionary<(decimal, LaneBar), IReadOnlyList<decimal>?>> Stacks = [];

    /// <summary>What the sides of a kit can weigh, and the least length of sleeve that each weight takes.</summary>
    private static readonly ConditionalWeakTable<LaneKit, List<Dictionary<decimal, decimal>>> Sides = [];

    /// <summary>Sums that are looked at for one kit: plates of ordinary stores make some hundreds.</summary>
    private const int MostSums = 20_000;

    /// <summary>Stacks that are kept for one kit.</summary>
    private const int MostStacks = 10_000;

    /// <summary>Every load the kit can make on one bar, lightest first, the empty bar included.</summary>
    /// <param name="bar">The bar; what does not fit its sleeve is left out.</param>
    /// <param name="kit">The lane's stock.</param>
    public static IReadOnlyList<decimal> All(LaneBar bar, LaneKit kit) => Known.GetOrCreateValue(kit).GetOrAdd(bar, b => Make(b, kit));

    private static List<decimal> Make(LaneBar bar, LaneKit kit) =>
        SidesFrom(kit)[0]
            .Where(s => Fits(s.Value, bar))
            .Select(s => bar.Mass + (s.Key == 0 ? 0 : kit.ClipPair) + (2 * s.Key))
            .Order()
            .ToList();

    private static bool Fits(decimal length, LaneBar bar) => bar.Sleeve is not { } sleeve || length <= sleeve;

    /// <summary>What one side can weigh with the plates from the n-th on, heaviest first, with the least length of sleeve that it takes;
    /// the last is the empty sleeve.</summary>
    private static List<Dictionary<decimal, decimal>> SidesFrom(LaneKit kit) =>
        Sides.GetValue(
            kit,
            k =>
            {
                var from = new List<Dictionary<decimal, decimal>> { new() { [0] = 0 } };
                foreach (var plate in Heaviest(k).Reverse())
                {
                    var sums = new Dictionary<decimal, decimal>(from[0]);
                    foreach (var (sum, length) in from[0])
                    {
                        for (var n = 1; n <= plate.Count / 2 && sums.Count < MostSums; n++)
                        {
                            var (with, takes) = (sum + (n * plate.Mass), length + (n * plate.Thickness.GetValueOrDefault()));
                            sums[with] = sums.TryGetValue(with, out var known) ? Math.Min(known, takes) : takes;
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
    /// <param name="bar">The bar; the plates fit its sleeve.</param>
    /// <param name="kit">The lane's stock.</param>
    public static IReadOnlyList<decimal>? OneSide(decimal target, LaneBar bar, LaneKit kit)
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

    private static List<decimal>? Stack(decimal target, LaneBar bar, LaneKit kit)
    {
        var (need, sides) = (target == bar.Mass ? 0 : (target - bar.Mass - kit.ClipPair) / 2, SidesFrom(kit));
        if (!sides[0].TryGetValue(need, out var least) || !Fits(least, bar) || (need == 0 && target != bar.Mass))
        {
            return null;
        }

        var (side, length) = (new List<decimal>(), 0m);
        foreach (var (plate, rest) in Heaviest(kit).Zip(sides.Skip(1)))
        {
            var n = plate.Count / 2;
            while (n > 0 && !(rest.TryGetValue(need - (n * plate.Mass), out var takes) && Fits(takes + Length(plate, n), bar)))
            {
                n--;
            }

            side.AddRange(Enumerable.Repeat(plate.Mass, n));
            length += n * plate.Thickness.GetValueOrDefault();
            need -= n * plate.Mass;
        }

        return side;

        decimal Length(PlateStock plate, int n) => length + (n * plate.Thickness.GetValueOrDefault());
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
