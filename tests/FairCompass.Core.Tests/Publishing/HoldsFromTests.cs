using CsCheck;
using FairCompass.Core.Publishing;

namespace FairCompass.Core.Tests.Publishing;

/// <summary>A correction that holds from a heat on: heats before it keep the version they were judged under.</summary>
public class HoldsFromTests
{
    [Theory]
    [InlineData("heat 4", 4)]
    [InlineData("from heat 4 on", 4)]
    [InlineData(" Heat 12. ", 12)]
    [InlineData("desde la tanda 3", 3)]
    [InlineData("heat 0", null)]
    [InlineData("heat 4 of Meadow", null)]
    [InlineData("Sunday", null)]
    [InlineData("", null)]
    public void Words_that_name_a_heat_are_understood(string words, int? heat) => Assert.Equal(heat, HoldsFrom.Heat(words));

    [Fact]
    public void The_note_of_a_new_line_says_from_when()
    {
        const string Before = "T\n\n9:00 for time\n  Meadow: 10:00 (ruling 1, 2027-06-11, from heat 2)\n  30 sit-up\n";
        var now = Before.Replace(
            "10:00 (ruling 1, 2027-06-11, from heat 2)",
            "11:00 (ruling 4, 2027-06-12, from heat 4)",
            StringComparison.Ordinal
        );
        Assert.Equal("heat 4", HoldsFrom.Noted(now, Before));
        Assert.Equal("", HoldsFrom.Noted(Before, Before));
        Assert.Equal("", HoldsFrom.Noted(Before.Replace("30 sit-up", "40 sit-up (from Friday)", StringComparison.Ordinal), Before));
    }

    [Fact]
    public void Earlier_heats_keep_their_version()
    {
        (int, string)[] versions = [(1, ""), (2, "heat 4"), (3, "from heat 6 on")];
        Assert.Equal([1, 1, 1, 2, 2, 3, 3], Enumerable.Range(1, 7).Select(h => HoldsFrom.InForce(versions, h)));
        Assert.Equal([new(1, 1), new(4, 2), new(6, 3)], HoldsFrom.Stretches(versions));
    }

    [Fact]
    public void What_is_published_later_and_holds_at_once_holds_for_all_that_is_to_come() =>
        Assert.Equal([new(1, 3)], HoldsFrom.Stretches([(1, ""), (2, "heat 4"), (3, "")]));

    /// <summary>The stretches say the same as each heat asked for alone, and a later heat never falls back to an older version.</summary>
    [Fact]
    public void Stretches_are_the_versions_heat_by_heat() =>
        Gen.Select(Gen.Int[0, 9], Gen.Bool)
            .Array[1, 6]
            .Sample(all =>
            {
                var versions = all.Select((v, i) => (i + 1, v is (0, _) or (_, true) ? "" : $"heat {v.Item1}")).ToList();
                var stretches = HoldsFrom.Stretches(versions);
                for (var heat = 1; heat < 12; heat++)
                {
                    Assert.Equal(stretches.LastOrDefault(s => s.From <= heat)?.Version, HoldsFrom.InForce(versions, heat));
                    Assert.True(!(HoldsFrom.InForce(versions, heat) > HoldsFrom.InForce(versions, heat + 1)));
                }
            });
}
