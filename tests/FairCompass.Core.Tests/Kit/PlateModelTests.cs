using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Kit;

/// <summary>Loads and stacks against every way in which the plates of a lane can be put on, tried one by one.</summary>
public class PlateModelTests
{
    private static readonly decimal[] Masses = [25m, 20m, 15m, 10m, 7.5m, 5m, 3m, 2.5m, 1.25m];

    /// <summary>Up to five kinds of plates, a few of each; a mass may stand in two rows, as when two stores are put together.</summary>
    private static readonly Gen<LaneKit> Kits =
        from rows in Gen.Select(Gen.Int[0, Masses.Length - 1], Gen.Int[0, 6]).List[0, 5]
        from clips in Pick.Of(0m, 0.5m, 5m)
        select Demo.Competition.Kit with
        {
            ClipPair = clips,
            Plates = rows.Select(r => new PlateStock(Masses[r.Item1], r.Item2, false)).ToEq(),
        };

    /// <summary>What one side can weigh, each with every way to make it: plates from the heaviest on.</summary>
    private static Dictionary<decimal, List<decimal[]>> Sides(LaneKit kit)
    {
        IEnumerable<decimal[]> ways =
        [
            [],
        ];
        foreach (var plate in kit.Plates)
        {
            ways = ways.SelectMany(w =>
                Enumerable.Range(0, (plate.Count / 2) + 1).Select(n => (decimal[])[.. w, .. Enumerable.Repeat(plate.Mass, n)])
            );
        }

        return ways.Select(w => w.OrderDescending().ToArray()).GroupBy(w => w.Sum()).ToDictionary(g => g.Key, g => g.ToList());
    }

    /// <summary>At the first place where two stacks differ, the heavier plate goes inside.</summary>
    private static readonly Comparer<decimal[]> HeavierInside = Comparer<decimal[]>.Create(
        (a, b) => a.Zip(b).Select(p => p.First.CompareTo(p.Second)).FirstOrDefault(c => c != 0)
    );

    [Fact]
    public void A_bar_makes_exactly_the_loads_that_its_plates_can() =>
        Gen.Select(Kits, Pick.Of(15m, 20m))
            .Sample(
                (kit, bar) =>
                    Assert.Equal(
                        Sides(kit).Keys.Select(s => bar + (s == 0 ? 0 : kit.ClipPair) + (2 * s)).Distinct().Order(),
                        BarLoads.All(bar, kit)
                    )
            );

    [Fact]
    public void A_side_has_the_heaviest_plates_inside_that_still_let_the_rest_be_made() =>
        Kits.Sample(kit =>
        {
            foreach (var (mass, ways) in Sides(kit))
            {
                var side = BarLoads.OneSide(20 + (mass == 0 ? 0 : kit.ClipPair) + (2 * mass), 20, kit);
                Assert.Equal(ways.Order(HeavierInside).Last(), side);
            }
        });

    /// <summary>A store of many small plates with odd masses: what can be made is found however many ways do not lead there.</summary>
    [Fact]
    public void A_load_that_can_be_made_is_found_in_a_large_store()
    {
        var kit = Demo.Competition.Kit with
        {
            ClipPair = 0,
            Plates = Enumerable.Range(0, 12).Select(i => new PlateStock(25 - (i * 2), 12, false)).Append(new(0.25m, 2, false)).ToEq(),
        };
        var most = kit.Plates.Sum(p => p.Mass * p.Count);
        Assert.Equal(20 + most, BarLoads.All(20, kit)[^1]);
        for (var load = 20.5m; load <= 20 + most; load += 7.5m)
        {
            Assert.Equal(BarLoads.All(20, kit).Contains(load), BarLoads.OneSide(load, 20, kit)?.Sum() * 2 + 20 == load);
        }
    }

    [Fact]
    public void What_no_plates_make_has_no_side_and_its_neighbours_are_the_nearest_loads() =>
        Gen.Select(Kits, Gen.Int[0, 400])
            .Sample(
                (kit, quarters) =>
                {
                    var target = 20 + (quarters * 0.25m);
                    var all = BarLoads.All(20, kit);
                    Assert.Equal(all.Contains(target), BarLoads.OneSide(target, 20, kit) is not null);
                    var (below, above) = BarLoads.Nearest(target, all);
                    Assert.Equal(all.Where(l => l <= target).Select(l => (decimal?)l).LastOrDefault(), below);
                    Assert.Equal(all.Where(l => l > target).Select(l => (decimal?)l).FirstOrDefault(), above);
                }
            );
}
