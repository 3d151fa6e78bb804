using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Format;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Plates for bars that stand in one lane at once.</summary>
public class PlatesLackingTests
{
    /// <summary>A sum of loads on bars that stand at once: the plates that are lacking are named, and with them nothing is short. By
    /// hand: 170 and
    /// 165 kg on bars of 20 and 15 are 75 a side each.</summary>
    [Theory]
    [InlineData("20 deadlift, 180/140 kg\n    share: together at the finish")]
    [InlineData("10 deadlift, 170/165 kg\n    share: one at a time, any split")]
    [InlineData("20 power clean, 100/80 kg\n    share: any number at a time")]
    public void Plates_that_are_lacking_settle_it(string work)
    {
        var text = $"Draft\n  for Ferry Pairs\n  a/b is man/woman\n\n8:00 for time\n  {work}\n{Trial.ForTime}";
        var competition = SaltmarshFerryGames.Competition;
        Finding? Shared() => Understanding.Of(competition, text).Findings().FirstOrDefault(f => f.Rule == "plates-shared");
        var mends = Shared()?.KitMends ?? [];
        foreach (var mend in mends)
        {
            var kit = competition.Kit.With(mend.Add);
            Assert.NotEqual(competition.Kit, kit);
            Assert.Equal(kit, kit.With(mend.Add));
            Assert.StartsWith("Say that a lane has ", mend.Label, StringComparison.Ordinal);
            competition = competition with { Kit = kit };
            Assert.Null(Shared());
            Assert.Empty(InForce.CompetitionRules.Validate(competition));
        }
    }

    /// <summary>The lifts of a complex are done on one bar, whether one of them is pulled from the floor or not.</summary>
    [Fact]
    public void A_complex_has_one_bar_for_each_who_lifts()
    {
        var u = Understanding.Of(
            SaltmarshFerryGames.Competition,
            "Draft\n  for Ferry Pairs\n  a/b is man/woman\n\n9:00 for reps\n  rounds without end\n    complex, 40-45-50 kg, "
                + "last bar repeats\n"
                + "      1 power clean\n      1 front squat\n\nscore: reps\n  tie: shared\n"
        );
        Assert.All(u.Prescribed, p => Assert.Equal(2, u.Bars.Beside(p).Count));
        Assert.DoesNotContain(u.Findings(), f => f.Rule == "plates-shared");
    }
}
