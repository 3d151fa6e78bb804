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

    private static readonly ConditionalWeakTable<LaneKit, ConcurrentDictionary<string, IReadOnlyList<Eq<PlateChange>>?>> Sharing = [];

    /// <summary>Spans that are looked at for a plan of bars that share plates: a fraction of a second.</summary>
    private const int MostSpans = 60_000;

    /// <summary>Plans that are kept for one kit.</summary>
    private const int Most = 5_000;

    /// <summary>The changes from the bare bar through some loads; null where the kit cannot make one of them.</summary>
    /// <param name="loads">With bar and clips, in order.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="kit">The lane's stock.</param>
    public static Eq<PlateChange>? Of(IReadOnlyList<decimal> loads, LaneBar bar, LaneKit kit)
    {
        var known = Known.GetOrCreateValue(kit);
        var key = $"{bar.Mass}/{bar.Sleeve}:{string.Join(' ', loads)}";
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

    /// <summary>
    /// The changes of several bars that stand in one lane and share its plates; null where the plates do not reach for all of them at
    /// once, or where a plan would take too long. Bars that do not want the same plates are planned alone.
    /// </summary>
    /// <param name="bars">The bars, each with its loads in order; one with fewer stays at its last.</param>
    /// <param name="kit">The lane's stock.</param>
    /// <param name="mayPlan">False where no plan is to be looked for beyond those of each alone.</param>
    public static IReadOnlyList<Eq<PlateChange>>? Together(
        IReadOnlyList<(LaneBar Bar, Eq<decimal> Loads)> bars,
        LaneKit kit,
        bool mayPlan = true
    )
    {
        var alone = bars.Select(b => Of(b.Loads.ToList(), b.Bar, kit)).ToList();
        if (alone.Contains(null))
        {
            return null;
        }

        var moments = bars.Max(b => b.Loads.Count);
        if (Enumerable.Range(0, moments).All(m => Reach(alone.Select(p => p!.Value[Math.Min(m, p.Value.Count - 1)].Side), kit)))
        {
            return alone.Select(p => p!.Value).ToList();
        }

        return mayPlan ? Shared(bars, moments, kit) : null;
    }

    private static bool Reach(IEnumerable<Eq<decimal>> sides, LaneKit kit) =>
        sides.SelectMany(s => s).CountBy(m => m).All(m => m.Value <= kit.Plates.Where(p => p.Mass == m.Key).Sum(p => p.Count / 2));

    private static IReadOnlyList<Eq<PlateChange>>? Shared(IReadOnlyList<(LaneBar Bar, Eq<decimal> Loads)> bars, int moments, LaneKit kit)
    {
        var known = Sharing.GetOrCreateValue(kit);
        var key = string.Join(';', bars.Select(b => $"{b.Bar.Mass}/{b.Bar.Sleeve}:{string.Join(' ', b.Loads)}"));
        if (known.TryGetValue(key, out var plans))
        {
            return plans;
        }

        PlannedBar Planned((LaneBar Bar, Eq<decimal> Loads) b, int i) =>
            new($"{i}", b.Bar.Mass, Enumerable.Range(0, moments).Select(m => (decimal?)b.Loads[Math.Min(m, b.Loads.Count - 1)]).ToEq())
            {
                Sleeve = b.Bar.Sleeve,
            };
        var stock = Stock(kit);
        var plan = stock.Count is 0 or > PlatePlanner.MostKinds
            ? null
            : PlatePlanner.Plan(stock, kit.ClipPair, bars.Select(Planned).ToList(), MostSpans);
        plans =
            plan is null || plan.Bars.Count == 0 ? null : plan.Bars.Select((b, i) => b.Changes.Take(bars[i].Loads.Count).ToEq()).ToList();
        if (known.Count < Most)
        {
            known[key] = plans;
        }

        return plans;
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

    /// <summary>The plates of a lane as plans take them.</summary>
    public static IReadOnlyList<PlatePairs> Stock(LaneKit kit) =>
        kit.Plates.Select(p => new PlatePairs(p.Mass, p.Count / 2, p.FullDiameter, p.Thickness)).ToList();

    private static Eq<PlateChange>? Make(IReadOnlyList<decimal> loads, LaneBar bar, LaneKit kit)
    {
        if (loads.Any(l => BarLoads.OneSide(l, bar, kit) is null))
        {
            return null;
        }

        var plan = PlatePlanner.Plan(
            Stock(kit),
            kit.ClipPair,
            [new("", bar.Mass, loads.Select(l => (decimal?)l).ToEq()) { Sleeve = bar.Sleeve }]
        );
        return plan.Bars is [var only] ? only.Changes : Anew(loads, bar, kit);
    }

    /// <summary>Each load stacked anew: for stocks of more kinds and pairs than a plan can look through.</summary>
    private static Eq<PlateChange> Anew(IReadOnlyList<decimal> loads, LaneBar bar, LaneKit kit)
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
