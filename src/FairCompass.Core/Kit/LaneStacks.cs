using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Kit;

/// <summary>
/// What stands on the sleeves of a lane's bar for the loads of a task, from the one plan that every paper prints: inner plates stay on
/// from load to load.
/// </summary>
public static class LaneStacks
{
    /// <summary>Plans already made, for as long as their kit lives: each keystroke asks for the same ones.</summary>
    private static readonly ConditionalWeakTable<LaneKit, ConcurrentDictionary<string, Eq<PlateChange>?>> Known = [];

    /// <summary>Plans that are kept for one kit.</summary>
    private const int Most = 5_000;

    /// <summary>The changes from the bare bar through some loads; null where the kit cannot make one of them.</summary>
    /// <param name="loads">With bar and clips, in order.</param>
    /// <param name="bar">Mass of the bar.</param>
    /// <param name="kit">The lane's stock.</param>
    public static Eq<PlateChange>? Of(IReadOnlyList<decimal> loads, decimal bar, LaneKit kit)
    {
        var known = Known.GetOrCreateValue(kit);
        var key = $"{bar}:{string.Join(' ', loads)}";
        if (known.TryGetValue(key, out var plan))
        {
            return plan;
        }

        plan = Make(loads, bar, kit);
        if (known.Count < Most)
        {
            known[key] = plan;
        }

        return plan;
    }

    /// <summary>Rungs of a ladder that papers print.</summary>
    private const int MostRungs = 30;

    /// <summary>The loads of a ladder, each round once, as far as papers print them; the only load where it does not change.</summary>
    public static IReadOnlyList<decimal> Rungs(Series values) =>
        values.IsConstant && values.At(0) is { } only
            ? [only]
            : Enumerable
                .Range(0, (int)Math.Min(values.Length ?? MostRungs, MostRungs))
                .Select(i => values.At(i))
                .TakeWhile(l => l is not null)
                .Select(l => l!.Value)
                .ToList();

    /// <summary>The change that leads to a rung of a ladder; null where it has no such rung or the kit cannot make it.</summary>
    /// <param name="values">The loads of the ladder.</param>
    /// <param name="rung">From 0.</param>
    /// <param name="bar">Mass of the bar.</param>
    /// <param name="kit">The lane's stock.</param>
    public static PlateChange? Rung(Series values, int rung, decimal bar, LaneKit kit) =>
        Of(Rungs(values), bar, kit) is { } plan && rung >= 0 && rung < plan.Count ? plan[rung] : null;

    /// <summary>One side's plates for a load, inside first; null where the kit cannot make it.</summary>
    public static Eq<decimal>? Side(decimal load, decimal bar, LaneKit kit) => Of([load], bar, kit) is [var only] ? only.Side : null;

    private static Eq<PlateChange>? Make(IReadOnlyList<decimal> loads, decimal bar, LaneKit kit)
    {
        if (loads.Any(l => BarLoads.OneSide(l, bar, kit) is null))
        {
            return null;
        }

        var stock = kit.Plates.Select(p => new PlatePairs(p.Mass, p.Count / 2, p.FullDiameter)).ToList();
        var plan = PlatePlanner.Plan(stock, kit.ClipPair, [new("", bar, loads.Select(l => (decimal?)l).ToEq())]);
        return plan.Bars is [var only] ? only.Changes : Anew(loads, bar, kit);
    }

    /// <summary>Each load stacked anew: for stocks of more kinds and pairs than a plan can look through.</summary>
    private static Eq<PlateChange> Anew(IReadOnlyList<decimal> loads, decimal bar, LaneKit kit)
    {
        var was = new Eq<decimal>();
        var changes = new List<PlateChange>();
        foreach (var load in loads)
        {
            var side = BarLoads.OneSide(load, bar, kit)!.ToEq();
            var same = was.Zip(side).TakeWhile(x => x.First == x.Second).Count();
            changes.Add(new(load, was.Skip(same).Reverse().ToEq(), side.Skip(same).ToEq(), side));
            was = side;
        }

        return changes.ToEq();
    }
}
