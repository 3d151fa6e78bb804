using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Pacing;

/// <summary>What is expected: our estimates, and what a competition puts in their place.</summary>
public class PaceTableTests
{
    private static Pace SitUp(long usual, string? division = null) =>
        new("sit-up", AmountUnit.Rep, new(usual), new(Math.Min(usual, 1000))) { Division = division };

    [Fact]
    public void Every_movement_of_the_library_has_a_line_of_its_own()
    {
        var without = MovementLibrary
            .All.Where(m => m.Family.English != "Holds")
            .Where(m => !Enum.GetValues<AmountUnit>().Any(u => PaceTable.Usual.Has(m.Name.English, u, null)))
            .Select(m => m.Name.English);
        Assert.Empty(without);
    }

    [Fact]
    public void Every_estimate_is_one_that_could_be_put_down()
    {
        var lines = MovementLibrary.All.SelectMany(m =>
            Enum.GetValues<AmountUnit>().Select(u => PaceTable.Usual.Of(m.Name.English, u, null))
        );
        Assert.All(lines, p => Assert.Null(p.Objection()));
    }

    [Fact]
    public void The_nearest_line_holds()
    {
        var table = new PaceTable([SitUp(2000), SitUp(3000, "Meadow")]);
        Assert.Equal(3000, table.Of("Sit-up", AmountUnit.Rep, "Meadow").Usual.Ms);
        Assert.Equal(2000, table.Of("sit-up", AmountUnit.Rep, "Tideline").Usual.Ms);
        Assert.Equal(PaceTable.Usual.Of("burpee", AmountUnit.Rep, null), table.Of("burpee", AmountUnit.Rep, "Meadow"));
        Assert.False(table.Has("bucket carry", AmountUnit.Metre, null));
        Assert.True(table.Of("bucket carry", AmountUnit.Metre, null).Usual > Duration.Zero);
    }

    [Fact]
    public void A_heavier_bar_takes_longer_and_the_same_share_of_a_woman_as_long()
    {
        var clean = PaceTable.Usual.Of("power clean", AmountUnit.Rep, null);
        Assert.Equal(clean.Usual.Ms, PaceTable.At(clean, clean.Load, false).Usual);
        Assert.True(PaceTable.At(clean, clean.Load + 20, false).Usual > clean.Usual.Ms);
        Assert.True(PaceTable.At(clean, clean.Load - 20, false).Usual < clean.Usual.Ms);
        Assert.Equal(clean.Usual.Ms, PaceTable.At(clean, clean.Load * 0.68m, true).Usual);
        foreach (var load in (decimal[])[1, 40, 70, 120, 300])
        {
            var (usual, fastest) = PaceTable.At(clean, load, false);
            Assert.InRange(fastest, 1, usual);
        }
    }

    [Theory]
    [InlineData(0, 0, "usual")]
    [InlineData(-5, -5, "usual")]
    [InlineData(2000, 0, "fastest")]
    [InlineData(2000, 2001, "fastest")]
    [InlineData(31_536_000_000, 1000, "usual")]
    public void A_pace_of_nothing_or_of_a_year_is_refused_at_its_field(long usual, long fastest, string field)
    {
        var competition = SaltmarshFerryGames.Competition with { Paces = [new("sit-up", AmountUnit.Rep, new(usual), new(fastest))] };
        Assert.Equal($"paces[0].{field}", Assert.Single(CompetitionRules.Validate(competition)).Path);
    }

    [Fact]
    public void A_pace_for_a_division_that_is_not_there_is_refused() =>
        Assert.Equal(
            "paces[0].division",
            Assert.Single(CompetitionRules.Validate(SaltmarshFerryGames.Competition with { Paces = [SitUp(2000, "Nobody")] })).Path
        );

    [Fact]
    public void No_code_covers_a_pace()
    {
        foreach (var demo in DraftTexts.DemoNames)
        {
            var text = DraftTexts.Read(demo);
            Assert.Equal(
                Fingerprint.Of(Understanding.Of(SaltmarshFerryGames.Competition, text)),
                Fingerprint.Of(Understanding.Of(SaltmarshFerryGames.Competition with { Paces = [SitUp(9000)] }, text))
            );
        }
    }
}
