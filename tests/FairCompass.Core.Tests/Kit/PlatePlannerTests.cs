using CsCheck;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Kit;

/// <summary>Plans of plates against exhaustive search, against random plans, and against what a loader would do by hand.</summary>
public class PlatePlannerTests
{
    /// <summary>Pairs of a lane of the demo: 25, 20, 15, 10, 5, 2.5 and 1.25 kg.</summary>
    private static readonly PlatePairs[] Lane =
    [
        new(25, 1, true),
        new(20, 1, true),
        new(15, 1, true),
        new(10, 2, true),
        new(5, 2),
        new(2.5m, 2),
        new(1.25m, 1),
    ];

    private static PlannedBar Bar(params decimal?[] loads) => new("men", 20, loads.ToEq());

    private static string Said(PlatePlan plan) =>
        string.Join(
            " / ",
            plan.Bars[0]
                .Changes.Select(c =>
                    string.Join(' ', c.Off.Select(p => $"-{Number.Normal(p)}").Concat(c.On.Select(p => $"+{Number.Normal(p)}")))
                )
        );

    /// <summary>Additions only: six plates a side after the first, where stacking anew handles ten and takes four off again.</summary>
    [Fact]
    public void A_rising_ladder_is_added_to()
    {
        var plan = PlatePlanner.Plan(Lane, 0, [Bar(60, 80, 100, 120, 130)]);
        Assert.Empty(plan.Problems);
        Assert.Equal(14, plan.Handled);
        Assert.Equal("+20 / +10 / +10 / +5 +5 / +2.5 +2.5", Said(plan));
    }

    [Fact]
    public void What_cannot_be_made_is_named_with_its_neighbours()
    {
        var plan = PlatePlanner.Plan(Lane, 0, [Bar(60, 83.3m, 400, 18)]);
        Assert.Empty(plan.Bars);
        Assert.Equal(
            [(1, 82.5m, 85m), (2, 212.5m, null), (3, null, 20m)],
            plan.Problems.Select(p => (p.Moment, p.Below, p.Above)).Select(p => ((int, decimal?, decimal?))p)
        );
        var full = PlatePlanner.Plan(Lane, 0, [Bar(30) with { NeedsFull = true }]);
        Assert.Equal(
            ["No full plate is on the bar with this load."],
            PlatePlanner.Plan(Lane, 0, [Bar(35) with { NeedsFull = true }]).Problems.Select(p => p.Sentence)
        );
        Assert.Equal(["No full plate is on the bar with this load."], full.Problems.Select(p => p.Sentence));
        Assert.Equal([10m], PlatePlanner.Plan(Lane, 0, [Bar(40) with { NeedsFull = true }]).Bars[0].Changes[0].Side);
        var thick = Lane.Select(p => p with { Thickness = 60 }).ToArray();
        Assert.Equal(
            ["The sleeve is too short for these plates."],
            PlatePlanner.Plan(thick, 0, [Bar(190) with { Sleeve = 200 }]).Problems.Select(p => p.Sentence)
        );
    }

    /// <summary>One lane's plates are on one bar at a time: what the first sheds the second takes.</summary>
    [Fact]
    public void Two_bars_share_the_plates_of_a_lane()
    {
        PlatePairs[] few = [new(20, 1, true), new(10, 1, true)];
        var plan = PlatePlanner.Plan(few, 0, [Bar(60, null) with { Name = "a" }, Bar(null, 60) with { Name = "b" }]);
        Assert.Empty(plan.Problems);
        Assert.Equal([20m], plan.Bars[0].Changes[0].Side);
        Assert.Equal([20m], plan.Bars[1].Changes[1].Side);
        Assert.Empty(plan.Bars[0].Changes[1].Side);
        Assert.Equal(6, plan.Handled);
        var none = PlatePlanner.Plan(few, 0, [Bar(60), Bar(60) with { Name = "b" }]);
        Assert.Equal("The lane has not enough plates for all bars at once.", Assert.Single(none.Problems).Sentence);
    }

    /// <summary>Twelve bars, sixty moments, twelve masses of 31 pairs: more than anybody looks through, and yet answered.</summary>
    [Fact]
    public void More_than_can_be_looked_through_is_said_or_planned()
    {
        PlatePairs[] store = [.. Enumerable.Range(1, 12).Select(n => new PlatePairs(n * 1.25m, 31))];
        var random = new Random(4);
        List<PlannedBar> bars =
        [
            .. Enumerable
                .Range(0, 12)
                .Select(b =>
                    Bar([.. Enumerable.Range(0, 60).Select(_ => (decimal?)(20 + (2.5m * random.Next(1, 60))))]) with
                    {
                        Name = $"{b}",
                    }
                ),
        ];
        var plan = PlatePlanner.Plan(store, 0, bars);
        if (plan.Problems.Count == 0)
        {
            Valid(store, bars, plan);
        }
        else
        {
            Assert.Contains("too many", Assert.Single(plan.Problems).Sentence, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void What_stands_on_the_bar_is_used_first()
    {
        var plan = PlatePlanner.Plan(Lane, 0, [Bar(60, 100) with { Stands = [10, 10, 5] }]);
        Assert.Equal("-5 / +20", Said(plan));
    }

    private static readonly Gen<PlatePairs[]> Small = Gen.Select(
        Gen.Int[0, 1],
        Gen.Int[0, 2],
        Gen.Int[1, 2],
        Gen.Int[0, 1],
        (a, b, c, d) => (PlatePairs[])[new(20, a, true), new(10, b, true), new(5, c), new(2.5m, d)]
    );

    /// <summary>Of one bar and of two the plan costs what the cheapest of all plans costs; found by walking every stack.</summary>
    [Fact]
    public void Small_plans_equal_exhaustive_search() =>
        Gen.Select(Small, Gen.Int[1, 2], Gen.Int[0, 20].Array[6], Gen.Int[0, 3].Array[6])
            .Sample(
                (stock, bars, steps, rests) =>
                {
                    const int moments = 3;
                    var planned = Enumerable
                        .Range(0, bars)
                        .Select(b =>
                            Bar([
                                .. Enumerable
                                    .Range(0, moments)
                                    .Select(i =>
                                        rests[(b * moments) + i] == 0 ? (decimal?)null : 20 + (5 * (steps[(b * moments) + i] % 13))
                                    ),
                            ]) with
                            {
                                Name = $"{b}",
                            }
                        )
                        .ToList();
                    var plan = PlatePlanner.Plan(stock, 0, planned);
                    var least = Exhaustive(stock, planned);
                    if (plan.Problems.Count > 0)
                    {
                        Assert.Null(least);
                        return;
                    }

                    Valid(stock, planned, plan);
                    Assert.Equal(least, (1000 * plan.TakenOff) + plan.Handled);
                },
                iter: 250
            );

    /// <summary>On a whole lane no random plan that obeys the stock takes off or handles fewer plates.</summary>
    [Fact]
    public void Random_plans_are_never_better() =>
        Gen.Select(Gen.Int[1, 40].Array[6], Gen.Int[0, 1_000_000])
            .Sample(
                (steps, seed) =>
                {
                    var bar = Bar([.. steps.Select(s => (decimal?)(20 + (5 * s)))]);
                    var plan = PlatePlanner.Plan(Lane, 0, [bar]);
                    if (plan.Problems.Count > 0)
                    {
                        return;
                    }

                    Valid(Lane, [bar], plan);
                    var random = new Random(seed);
                    for (var n = 0; n < 50; n++)
                    {
                        Assert.True((1000 * plan.TakenOff) + plan.Handled <= Anyhow(Lane, bar, random), $"seed {seed}");
                    }
                },
                iter: 60
            );

    /// <summary>Each change applied to the stack before gives the stack after, the loads are right, and no plate is on two bars.</summary>
    private static void Valid(PlatePairs[] stock, List<PlannedBar> bars, PlatePlan plan)
    {
        for (var i = 0; i < bars[0].Loads.Count; i++)
        {
            foreach (var (bar, b) in bars.Select((x, n) => (x, n)))
            {
                var change = plan.Bars[b].Changes[i];
                var before = i == 0 ? bar.Stands.ToList() : plan.Bars[b].Changes[i - 1].Side.ToList();
                foreach (var off in change.Off)
                {
                    Assert.Equal(before[^1], off);
                    before.RemoveAt(before.Count - 1);
                }

                Assert.Equal(change.Side, before.Concat(change.On));
                Assert.True(bar.Loads[i] is not { } load || load == bar.Mass + (2 * change.Side.Sum()));
            }

            foreach (var plate in stock)
            {
                Assert.True(plan.Bars.Sum(b => b.Changes[i].Side.Count(m => m == plate.Mass)) <= plate.Pairs);
            }
        }
    }

    /// <summary>The fewest plates taken off (a thousand each), then handled, over all plans, by a search over every combination of stacks;
    /// null where there is none.</summary>
    private static int? Exhaustive(PlatePairs[] stock, List<PlannedBar> bars)
    {
        var stacks = Stacks(stock, [], stock.Select(p => p.Pairs).ToArray()).ToList();
        var states = new Dictionary<string, (List<decimal[]> Sides, int Cost)>
        {
            [""] = ([.. bars.Select(_ => Array.Empty<decimal>())], 0),
        };
        for (var i = 0; i < bars[0].Loads.Count; i++)
        {
            var next = new Dictionary<string, (List<decimal[]>, int)>();
            var fits = bars.Select(b => stacks.Where(s => b.Loads[i] is not { } load || load == b.Mass + (2 * s.Sum())).ToList()).ToList();
            foreach (var sides in Combined(fits, 0, stock))
            {
                var key = string.Join('|', sides.Select(s => string.Join('+', s)));
                var cost = states.Values.Min(w => w.Cost + sides.Select((s, b) => Apart(w.Sides[b], s)).Sum());
                next[key] = (sides, cost);
            }

            if (next.Count == 0)
            {
                return null;
            }

            states = next;
        }

        return states.Values.Min(s => s.Cost);
    }

    private static IEnumerable<List<decimal[]>> Combined(List<List<decimal[]>> fits, int bar, PlatePairs[] stock)
    {
        if (bar == fits.Count)
        {
            yield return [];
            yield break;
        }

        foreach (var rest in Combined(fits, bar + 1, stock))
        {
            foreach (
                var side in fits[bar]
                    .Where(s => stock.All(p => s.Count(m => m == p.Mass) + rest.Sum(r => r.Count(m => m == p.Mass)) <= p.Pairs))
            )
            {
                yield return [side, .. rest];
            }
        }
    }

    private static IEnumerable<decimal[]> Stacks(PlatePairs[] stock, decimal[] side, int[] left)
    {
        yield return side;
        for (var k = 0; k < stock.Length; k++)
        {
            if (left[k] > 0)
            {
                foreach (var more in Stacks(stock, [.. side, stock[k].Mass], [.. left.Select((n, j) => j == k ? n - 1 : n)]))
                {
                    yield return more;
                }
            }
        }
    }

    private static int Apart(IReadOnlyList<decimal> a, IReadOnlyList<decimal> b)
    {
        var same = a.Zip(b).TakeWhile(x => x.First == x.Second).Count();
        return (2000 * (a.Count - same)) + (2 * (a.Count + b.Count - (2 * same)));
    }

    /// <summary>A plan as a careless loader makes it: from each load to the next takes off some and puts on what then fits.</summary>
    private static int Anyhow(PlatePairs[] stock, PlannedBar bar, Random random)
    {
        var (side, handled) = (new List<decimal>(), 0);
        foreach (var load in bar.Loads)
        {
            var wanted = (load!.Value - bar.Mass) / 2;
            for (var tries = 0; side.Sum() != wanted && tries < 200; tries++)
            {
                var fits = stock.Where(p => side.Sum() + p.Mass <= wanted && side.Count(m => m == p.Mass) < p.Pairs).ToList();
                if (fits.Count > 0 && random.Next(4) > 0)
                {
                    side.Add(fits[random.Next(fits.Count)].Mass);
                    handled += 2;
                }
                else if (side.Count > 0)
                {
                    side.RemoveAt(side.Count - 1);
                    handled += 2002;
                }
            }

            if (side.Sum() != wanted)
            {
                return int.MaxValue;
            }
        }

        return handled;
    }
}
