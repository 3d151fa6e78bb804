using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Format;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A lane has a number of each implement; what is missing is added to the kit before an athlete’s load is changed.</summary>
public class KitTests
{
    private const string Head = "Draft\n  for Tideline\n  a/b is man/woman\n\n8:00 for time\n  ";

    private static Competition With(Func<LaneKit, LaneKit> change) =>
        SaltmarshFerryGames.Competition with
        {
            Kit = change(SaltmarshFerryGames.Competition.Kit),
        };

    private static List<Finding> Short(Competition competition, string work) =>
        Explainer.Explain(competition, Head + work + "\n" + Trial.ForTime).Findings.Where(f => f.Rule == "load-not-makeable").ToList();

    private const string Carry = "60 m farmer’s carry, 2 x 24/16 kg, marks every 10 m\n  20 sit-up";

    [Fact]
    public void A_pair_of_bells_can_be_in_the_kit()
    {
        var missing = Short(SaltmarshFerryGames.Competition, Carry);
        Assert.Equal(
            ["Tideline man: 2 × 24 kg is more than the lane has: 1.", "Tideline woman: 2 × 16 kg is more than the lane has: 1."],
            missing.Select(f => f.Sentence)
        );
        Assert.Equal("Add a pair of kettlebells of 24 kg to the kit", missing[0].KitMends.Single().Label);
        Assert.Empty(Short(With(k => k with { Kettlebells = [12, new(16, 2), new(24, 2)] }), Carry));
        // As kits were written before: a mass that stands there twice means two.
        Assert.Empty(Short(With(k => k with { Kettlebells = ImplementStock.OfMasses([16, 16, 24, 24]).ToEq() }), Carry));
    }

    /// <summary>Dumbbells lie there in pairs unless somebody says how many; one alone is no pair.</summary>
    [Theory]
    [InlineData(null, true)]
    [InlineData(2, true)]
    [InlineData(1, false)]
    public void A_pair_of_dumbbells_needs_two(int? count, bool makeable)
    {
        var found = Short(With(k => k with { Dumbbells = [new(10, count)] }), "20 dumbbell hang clean and jerk, 2 x 10 kg");
        Assert.Equal(makeable, found.Count == 0);
    }

    /// <summary>First the kit, then the lighter load, then the heavier; what changes an athlete’s load says so.</summary>
    [Fact]
    public void A_ball_that_is_missing_is_added_before_a_load_is_changed()
    {
        var competition = With(k => k with { Balls = [3, 6, 9] });
        var found = Short(competition, "30 wall-ball shot, 9/4 kg, target 3.00/2.75 m").Single();
        Assert.Equal("Add a ball of 4 kg to the kit", found.KitMends.Single().Label);
        Assert.Equal(["Use 3 kg (lighter)", "Use 6 kg (heavier)"], found.Mends.Select(m => m.Label));
    }

    /// <summary>Each change of the kit that is offered settles its finding and raises no other.</summary>
    [Theory]
    [InlineData(Carry)]
    [InlineData("30 wall-ball shot, 9/4 kg, target 3.00/2.75 m")]
    [InlineData("20 dumbbell hang clean and jerk, 2 x 12.5/8 kg")]
    [InlineData("20 dumbbell thruster, 11 kg")]
    [InlineData("30 kettlebell swing, 20/14-16-18 kg")]
    public void What_is_offered_settles_it(string work)
    {
        var competition = SaltmarshFerryGames.Competition;
        var before = Short(competition, work);
        Assert.NotEmpty(before);
        foreach (var mend in before.SelectMany(f => f.KitMends))
        {
            Assert.True(LaneKit.HasMasses(mend.Add.Kit));
            var kit = competition.Kit.With(mend.Add);
            // Adding twice is adding once.
            Assert.Equal(kit, kit.With(mend.Add));
            competition = competition with { Kit = kit };
        }

        Assert.Empty(Short(competition, work));
        Assert.Empty(InForce.CompetitionRules.Validate(competition));
    }

    /// <summary>A bar’s plates nobody can guess, and a mass that was converted is stamped on nothing.</summary>
    [Theory]
    [InlineData("10 power clean, 61/60 kg")]
    [InlineData("30 kettlebell swing, 55/35 lb")]
    public void Where_nothing_sensible_can_be_added_nothing_is_offered(string work)
    {
        var found = Short(SaltmarshFerryGames.Competition, work);
        Assert.NotEmpty(found);
        Assert.All(found, f => Assert.Empty(f.KitMends));
    }

    /// <summary>Files keep numbers; a file of bare masses is read as it always was.</summary>
    [Fact]
    public void A_file_keeps_how_many_there_are()
    {
        var counted = With(k => k with { Kettlebells = [12, new(24, 2)], Dumbbells = [new(10, 1), new(15, 4)], Balls = [new(6, 3)] });
        Assert.Equal(counted, CompetitionJson.Read(CompetitionJson.Write(counted)));
        var bare = CompetitionJson.Write(SaltmarshFerryGames.Competition);
        Assert.DoesNotContain("counts", bare, StringComparison.Ordinal);
        var twice = bare.Replace("\"kettlebells\":[12,16,24]", "\"kettlebells\":[24,16,24]", StringComparison.Ordinal);
        Assert.NotEqual(bare, twice);
        Assert.Equal([new(24, 2), 16], CompetitionJson.Read(twice).Kit.Kettlebells);
    }

    [Fact]
    public void More_that_is_there_already_stays()
    {
        var kit = SaltmarshFerryGames.Competition.Kit with { Kettlebells = [new(24, 4)] };
        Assert.Equal(4, kit.With(new(MovementKit.Kettlebell, 24, 2)).NumberOf(MovementKit.Kettlebell, 24));
        Assert.Equal(kit, kit.With(new(MovementKit.Rings, 24, 2)));
    }
}
