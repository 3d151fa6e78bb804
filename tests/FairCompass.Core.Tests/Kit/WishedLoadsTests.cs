using CsCheck;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Kit;

/// <summary>Loads near to wishes: against every combination where there are few, against the nearest ones where there are many.</summary>
public class WishedLoadsTests
{
    private static readonly PlatePairs[] Lane = [new(20, 1, true), new(10, 2, true), new(5, 1), new(2.5m, 1), new(1.25m, 1)];

    private static PlannedBar Bar(params decimal?[] wishes) => new("men", 20, wishes.ToEq());

    /// <summary>62.5 would be 20 and 1.25, which comes off again; 60 is the 20 alone, and 80 is it with a ten.</summary>
    [Fact]
    public void A_small_plate_that_would_come_off_again_is_left_away() =>
        Assert.Equal([60, 80], WishedLoads.Of(Lane, 0, Bar(62.5m, 80), 2.5m)!.Value);

    [Fact]
    public void Nothing_is_moved_that_costs_nothing() => Assert.Equal([60, null, 80], WishedLoads.Of(Lane, 0, Bar(60, null, 80), 5)!.Value);

    /// <summary>Where nothing is near enough the nearest stands; of two the lighter.</summary>
    [Fact]
    public void The_nearest_stands_where_nothing_is_near()
    {
        PlatePairs[] tens = [new(10, 2, true)];
        Assert.Equal([40, 60, 60], WishedLoads.Of(tens, 0, Bar(50, 70, 500), 1)!.Value);
        Assert.Equal([40], WishedLoads.Of(Lane, 0, Bar(31) with { NeedsFull = true }, 2)!.Value);
    }

    private static readonly Gen<decimal?[]> Wishes = Gen.Int[20, 130].Select(i => (decimal?)i).Array[1, 3];

    [Fact]
    public void Few_choices_are_all_looked_at() =>
        Wishes.Sample(
            wishes =>
            {
                var bar = Bar(wishes);
                var chosen = WishedLoads.Of(Lane, 0, bar, 3)!.Value;
                var near = wishes.Select(w => Makeable.Where(m => Math.Abs(m - w!.Value) <= 3).ToList()).ToList();
                if (near.Exists(n => n.Count == 0))
                {
                    return;
                }

                Assert.All(chosen.Zip(near), x => Assert.Contains(x.First!.Value, x.Second));
                var cost = Cost(bar, chosen);
                foreach (var other in Combined(near))
                {
                    Assert.True(cost.CompareTo(Cost(bar, other)) <= 0, $"{string.Join(' ', wishes)}: {string.Join(' ', other)}");
                }
            },
            iter: 30
        );

    [Fact]
    public void Of_many_wishes_none_is_worse_than_the_nearest_load_for_each() =>
        Gen.Int[20, 130]
            .Select(i => (decimal?)i)
            .Array[8, 12]
            .Sample(
                wishes =>
                {
                    var bar = Bar(wishes);
                    var nearest = wishes.Select(w => (decimal?)Makeable.MinBy(m => (Math.Abs(m - w!.Value), m))).ToEq();
                    Assert.True(Cost(bar, WishedLoads.Of(Lane, 0, bar, 2.5m)!.Value).CompareTo(Cost(bar, nearest)) <= 0);
                },
                iter: 4
            );

    /// <summary>Every load by adding up, without the planner.</summary>
    private static readonly List<decimal> Makeable =
    [
        .. Lane.Aggregate(
                (IEnumerable<decimal>)[0m],
                (sums, p) => sums.SelectMany(s => Enumerable.Range(0, p.Pairs + 1).Select(n => s + (n * p.Mass))).Distinct()
            )
            .Select(s => 20 + (2 * s))
            .Order(),
    ];

    private static IEnumerable<Eq<decimal?>> Combined(List<List<decimal>> near) =>
        near.Aggregate(
                (IEnumerable<IEnumerable<decimal?>>)
                    [
                        [],
                    ],
                (all, some) => all.SelectMany(a => some.Select(s => a.Append(s)))
            )
            .Select(c => c.ToEq());

    private static (int, decimal) Cost(PlannedBar bar, Eq<decimal?> loads) =>
        (
            PlatePlanner.Plan(Lane, 0, [bar with { Loads = loads }]).Handled,
            loads.Zip(bar.Loads, (l, w) => Math.Abs(l!.Value - w!.Value)).Sum()
        );
}
