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
        var key = $"{Key(bar)}:{string.Join(' ', loads)}";
        if (known.TryGetValue(key, out var plan))
        {
            return plan;
        }

        plan = bar.NeedsFull
            ? Make(loads, bar, kit) ?? Of(loads, bar with { NeedsFull = false }, kit)
            : Make(loads, bar, kit) ?? (loads.All(l => BarLoads.OneSide(l, bar, kit) is not null) ? Anew(loads, bar, kit) : null);
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
    /// <param name="bars">The bars, each kind with its loads in order; one with fewer stays at its last.</param>
    /// <param name="kit">The lane's stock.</param>
    /// <param name="mayPlan">False where no plan is to be looked for beyond those of each alone.</param>
    public static IReadOnlyList<Eq<PlateChange>>? Together(IReadOnlyList<StandingBars> bars, LaneKit kit, bool mayPlan = true)
    {
        var alone = bars.Select(b => Of(b.Loads.ToList(), b.Bar, kit)).ToList();
        if (alone.Contains(null))
        {
            return null;
        }

        var moments = bars.Max(b => b.Loads.Count);
        if (
            Enumerable
                .Range(0, moments)
                .All(m => Reach(alone.Select((p, i) => (p!.Value[Math.Min(m, p.Value.Count - 1)].Side, bars[i].Times)), kit))
        )
        {
            return alone.Select(p => p!.Value).ToList();
        }

        return mayPlan ? Shared(bars, moments, kit) : null;
    }

    /// <summary>False where at some moment the plates do not make the loads of all bars, however they are stacked; true also where that
    /// cannot be told in time.</summary>
    /// <param name="bars">The bars, each with loads that it alone can have.</param>
    /// <param name="kit">The lane's stock.</param>
    public static bool Reach(IReadOnlyList<StandingBars> bars, LaneKit kit) =>
        Together(bars, kit) is not null
        || Enumerable
            .Range(0, bars.Max(b => b.Loads.Count))
            .All(m => Plan(bars, [m], kit, full: false) is null or { Bars.Count: > 0 } or { GaveUp: true });

    /// <summary>Plans some moments; null for a stock that is not planned with.</summary>
    private static PlatePlan? Plan(
        IReadOnlyList<StandingBars> bars,
        IReadOnlyList<int> moments,
        LaneKit kit,
        bool full,
        IReadOnlyList<Eq<decimal>>? stands = null
    )
    {
        PlannedBar Planned(StandingBars b, int i) =>
            new($"{i}", b.Bar.Mass, moments.Select(m => (decimal?)b.Loads[Math.Min(m, b.Loads.Count - 1)]).ToEq())
            {
                Sleeve = b.Bar.Sleeve,
                Times = b.Times,
                // A bar that alone cannot have a full plate at each load is not asked to have one among others.
                NeedsFull = full && b.Bar.NeedsFull && Of(b.Loads.ToList(), b.Bar, kit) is { } own && own.All(c => IsFull(c.Side, kit)),
                Stands = stands?[i] ?? [],
            };
        var stock = Stock(kit);
        return stock.Count is 0 or > PlatePlanner.MostKinds
            ? null
            : PlatePlanner.Plan(stock, kit.ClipPair, bars.Select(Planned).ToList(), MostSpans);
    }

    /// <summary>True for a bare sleeve, and for one with a plate of full diameter.</summary>
    private static bool IsFull(Eq<decimal> side, LaneKit kit) => side.Count == 0 || HasFull(side, kit);

    /// <summary>True where a plate of full diameter is on the sleeve.</summary>
    /// <param name="side">The masses on one side.</param>
    /// <param name="kit">The lane's stock.</param>
    public static bool HasFull(Eq<decimal> side, LaneKit kit) =>
        side.Any(mass => kit.Plates.FirstOrDefault(p => p.Mass == mass) is { FullDiameter: true });

    private static string Key(LaneBar bar) => $"{bar.Mass}/{bar.Sleeve}{(bar.NeedsFull ? "/full" : "")}";

    /// <summary>One moment after the other, each from what stands there: where a plan of all of them at once was not found.</summary>
    private static IReadOnlyList<Eq<PlateChange>>? StepByStep(IReadOnlyList<StandingBars> bars, int moments, LaneKit kit, bool full)
    {
        var changes = bars.Select(_ => new List<PlateChange>()).ToList();
        for (var m = 0; m < moments; m++)
        {
            var stands = changes.Select(c => c.Count > 0 ? c[^1].Side : []).ToList();
            if (Plan(bars, [m], kit, full, stands) is not { Bars.Count: > 0 } plan)
            {
                return null;
            }

            for (var b = 0; b < bars.Count; b++)
            {
                changes[b].Add(plan.Bars[b].Changes[0]);
            }
        }

        return changes.Select((c, b) => c.Take(bars[b].Loads.Count).ToEq()).ToList();
    }

    private static bool Reach(IEnumerable<(Eq<decimal> Side, int Times)> sides, LaneKit kit) =>
        sides
            .SelectMany(s => s.Side.Select(mass => (Mass: mass, s.Times)))
            .GroupBy(m => m.Mass, m => m.Times)
            .All(m => m.Sum() <= kit.Plates.Where(p => p.Mass == m.Key).Sum(p => p.Count / 2));

    private static IReadOnlyList<Eq<PlateChange>>? Shared(IReadOnlyList<StandingBars> bars, int moments, LaneKit kit)
    {
        var known = Sharing.GetOrCreateValue(kit);
        var key = string.Join(';', bars.Select(b => $"{b.Times}*{Key(b.Bar)}:{string.Join(' ', b.Loads)}"));
        if (known.TryGetValue(key, out var plans))
        {
            return plans;
        }

        plans = Shared(bars, moments, kit, full: true);
        if (plans is null && bars.Any(b => b.Bar.NeedsFull))
        {
            plans = Shared(bars, moments, kit, full: false);
        }

        if (known.Count < Most)
        {
            known[key] = plans;
        }

        return plans;
    }

    private static IReadOnlyList<Eq<PlateChange>>? Shared(IReadOnlyList<StandingBars> bars, int moments, LaneKit kit, bool full)
    {
        var plan = Plan(bars, [.. Enumerable.Range(0, moments)], kit, full);
        return plan is null ? null
            : plan.Bars.Count == 0 ? StepByStep(bars, moments, kit, full)
            : plan.Bars.Select((b, i) => b.Changes.Take(bars[i].Loads.Count).ToEq()).ToList();
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

        var planned = new PlannedBar("", bar.Mass, loads.Select(l => (decimal?)l).ToEq())
        {
            Sleeve = bar.Sleeve,
            NeedsFull = bar.NeedsFull,
        };
        return PlatePlanner.Plan(Stock(kit), kit.ClipPair, [planned]).Bars is [var only] ? only.Changes : null;
    }

    /// <summary>Each load stacked anew: for stocks of more kinds and pairs than a plan can look through.</summary>
    private static Eq<PlateChange> Anew(IReadOnlyList<decimal> loads, LaneBar bar, LaneKit kit)
    {
        var was = new Eq<decimal>();
        var changes = new List<PlateChange>();
        foreach (var load in loads)
        {
            var side = BarLoads.OneSide(load, bar, kit)!.ToEq();
            changes.Add(PlateChange.From(was, side, load));
            was = side;
        }

        return changes.ToEq();
    }
}
