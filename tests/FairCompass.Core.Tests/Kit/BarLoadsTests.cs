using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Kit;

public class BarLoadsTests
{
    /// <summary>
    /// International Weightlifting Federation, Technical and Competition Rules, section 3.3 (figures from memory): men's bar 20 kg, women's
    /// 15 kg, collars
    /// 2.5 kg each, discs 25, 20, 15, 10, 5, 2.5 kg and smaller. The heaviest discs stand inside.
    /// </summary>
    [Fact]
    public void International_rules_bar_of_hundred_kilograms()
    {
        var kit = Demo.Competition.Kit with
        {
            ClipPair = 5,
            Plates = [new(25, 6, true), new(20, 2, true), new(15, 2, true), new(10, 2, true), new(5, 2, false), new(2.5m, 2, false)],
        };
        Assert.Equal([25m, 10m, 2.5m], BarLoads.OneSide(100, 20, kit));
        Assert.Equal([25m, 15m], BarLoads.OneSide(100, 15, kit));
        Assert.Null(BarLoads.OneSide(101, 20, kit));
    }

    [Fact]
    public void The_demo_lane_makes_at_most_255_and_250()
    {
        Assert.Equal(255m, BarLoads.All(20, Demo.Competition.Kit)[^1]);
        Assert.Equal(250m, BarLoads.All(15, Demo.Competition.Kit)[^1]);
        Assert.Equal(20m, BarLoads.All(20, Demo.Competition.Kit)[0]);
    }

    [Fact]
    public void Every_load_has_a_stack_that_weighs_exactly_so_much() =>
        Gen.Select(Stock, Gen.Int[0, 2])
            .Sample(
                (plates, clips) =>
                {
                    var kit = Demo.Competition.Kit with { ClipPair = clips, Plates = plates.ToEq() };
                    var loads = BarLoads.All(20, kit);
                    Assert.Equal(loads.Distinct().Order(), loads);
                    foreach (var load in loads.Take(200))
                    {
                        var side = BarLoads.OneSide(load, 20, kit);
                        Assert.NotNull(side);
                        Assert.Equal(load, 20 + (side.Count == 0 ? 0 : clips) + (2 * side.Sum()));
                        Assert.All(side.GroupBy(m => m), g => Assert.True(g.Count() * 2 <= plates.First(p => p.Mass == g.Key).Count));
                    }

                    var missing = loads[^1] + 0.3m;
                    Assert.Equal((loads[^1], null), BarLoads.Nearest(missing, loads));
                },
                iter: 200
            );

    private static readonly Gen<PlateStock[]> Stock = Gen.Int[0, 5]
        .Array[4, 4]
        .Select(counts => new[] { 20m, 10m, 2.5m, 1.25m }.Select((m, i) => new PlateStock(m, counts[i], m >= 10)).ToArray());
}
