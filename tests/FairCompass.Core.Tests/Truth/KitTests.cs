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
        Assert.DoesNotContain("\"counts\":", bare, StringComparison.Ordinal);
        var twice = bare.Replace("\"kettlebells\":[12,16,24]", "\"kettlebells\":[24,16,24]", StringComparison.Ordinal);
        Assert.NotEqual(bare, twice);
        Assert.Equal([new(24, 2), 16], CompetitionJson.Read(twice).Kit.Kettlebells);
    }

    /// <summary>Sleeves, thickness, further bars, things and lanes are kept too; a kit without them is written as it always was.</summary>
    [Fact]
    public void A_file_keeps_the_rest_of_the_kit()
    {
        var whole = With(k =>
            k with
            {
                MenSleeve = 415,
                WomenSleeve = 320.5m,
                Plates = k.Plates.Select(p => p with { Thickness = 20 }).ToEq(),
                Bars = [new("axle", 25, 2) { Sleeve = 400 }],
                Things = [new("box", 0), new("climbing rope, with a mat", 6, Shared: true)],
                Lanes = 8,
            }
        );
        Assert.Empty(InForce.CompetitionRules.Validate(whole));
        Assert.Equal(whole, CompetitionJson.Read(CompetitionJson.Write(whole)));
        var bare = CompetitionJson.Write(With(k => k with { Things = [] }));
        Assert.All(
            new[] { "menSleeve", "thickness", "stamped", "\"bars\"", "things", "lanes" },
            key => Assert.DoesNotContain(key, bare, StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("kit.lanes")]
    [InlineData("kit.menSleeve")]
    [InlineData("kit.bars[0].name")]
    [InlineData("kit.bars[1].name")]
    [InlineData("kit.bars[0].mass")]
    [InlineData("kit.things[1].name")]
    [InlineData("kit.things[0].count")]
    [InlineData("kit.plates[0].thickness")]
    [InlineData("kit.plates[0].stamped")]
    public void What_cannot_be_is_refused_at_its_field(string field)
    {
        var wrong = With(k =>
            k with
            {
                MenSleeve = 0,
                Lanes = 101,
                Plates = [new(25, 2, true) { Thickness = 500, Stamped = 25 }],
                Bars = [new("Axle!", 0), new(" ", 20)],
                Things = [new("box", -1), new("Box", 2)],
            }
        );
        Assert.Contains(InForce.CompetitionRules.Validate(wrong), e => e.Path == field);
    }

    /// <summary>A named bar has its own mass on every paper and in what can be lifted on it.</summary>
    [Fact]
    public void A_named_bar_is_the_bar_of_its_task()
    {
        var axle = With(k => k with { Bars = [new("axle", 25)] });
        var u = Understanding.Of(axle, Head + "20 deadlift, 65/55 kg, on the axle\n" + Trial.ForTime);
        Assert.Empty(u.Findings());
        var sheet = BriefText.Of(new BriefBuilder(u, null, new(2026, 6, 6)).Build(Audience.FloorCrew));
        Assert.Contains("bar “axle” 25, each side 20", sheet, StringComparison.Ordinal);
        Assert.Contains("bar “axle” 25, each side 15", sheet, StringComparison.Ordinal);
        Assert.Contains("Bar “axle”", sheet, StringComparison.Ordinal);

        var lift = Understanding.Of(
            axle,
            Head.Replace("time", "load", StringComparison.Ordinal) + "heaviest deadlift, on the axle\n" + Trial.ForLoad
        );
        var refused = Trial.Objections((lift.Courses[0], lift.Sheets[0]), new("0") { Tries = [new(20, true, null)] });
        Assert.Equal("The empty bar weighs 25 kg.", Assert.Single(refused).Message);
    }

    /// <summary>A plate of the other unit is reckoned as the organiser says, and called on every paper by what stands on it.</summary>
    [Fact]
    public void A_plate_stamped_in_pounds_is_called_so()
    {
        var mixed = With(k =>
            k with
            {
                Plates = [new(20, 2, true) { Stamped = 45 }, new(10, 4, true), new(2.5m, 2, false) { Stamped = 5 }],
            }
        );
        Assert.Empty(InForce.CompetitionRules.Validate(mixed));
        Assert.Equal(mixed, CompetitionJson.Read(CompetitionJson.Write(mixed)));
        var u = Understanding.Of(mixed, Head + "20 deadlift, 65/55 kg\n" + Trial.ForTime);
        Assert.Empty(u.Findings());
        foreach (var audience in new[] { Audience.FloorCrew, Audience.Athlete })
        {
            var paper = BriefText.Of(new BriefBuilder(u, null, new(2026, 6, 6)).Build(audience));
            Assert.DoesNotContain("20 + 2.5", paper, StringComparison.Ordinal);
        }

        Assert.Contains(
            "each side 45 lb + 5 lb",
            BriefText.Of(new BriefBuilder(u, null, new(2026, 6, 6)).Build(Audience.FloorCrew)),
            StringComparison.Ordinal
        );
    }

    /// <summary>Plates that do not fit the sleeve make no load, and the finding says why.</summary>
    [Fact]
    public void A_sleeve_can_be_too_short()
    {
        const string Work = "20 deadlift, 220/150 kg";
        Assert.Empty(Short(SaltmarshFerryGames.Competition, Work));
        var thick = With(k => k with { MenSleeve = 150, Plates = k.Plates.Select(p => p with { Thickness = 40 }).ToEq() });
        var found = Assert.Single(Short(thick, Work));
        Assert.EndsWith("The plates do not fit the sleeve of the bar.", found.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_lacking_is_said_for_a_lane_and_for_all()
    {
        var found = Short(With(k => k with { Lanes = 8, Plates = [new(20, 2, true), new(5, 2, false)] }), "20 deadlift, 80/65 kg");
        // The woman's bar of 15 has 20 and 5 on each side, and those are there.
        Assert.StartsWith("Tideline man: no bar of 80 kg", Assert.Single(found).Sentence, StringComparison.Ordinal);
        Assert.EndsWith("Each lane lacks 2 plates of 5; 8 lanes lack 16 plates of 5.", found[0].Sentence, StringComparison.Ordinal);
    }

    /// <summary>Of what the kit lists, a lane can use so many at once; what it does not list nobody misses.</summary>
    [Theory]
    [InlineData(1, false, null, 1)]
    [InlineData(2, false, null, 0)]
    [InlineData(15, true, 8, 1)]
    [InlineData(16, true, 8, 0)]
    [InlineData(2, true, null, 0)]
    public void Things_are_counted(int count, bool shared, int? lanes, int findings)
    {
        var competition = With(k => k with { Things = [new("rowing machine", count, shared)], Lanes = lanes });
        var text = "T\n  for Ferry Pairs\n\n8:00 for time\n  60 cal rowing machine\n    share: any number at a time\n" + Trial.ForTime;
        var found = Explainer.Explain(competition, text).Findings.Where(f => f.Rule == "kit-short").ToList();
        Assert.Equal(findings, found.Count);
        foreach (var mend in found.SelectMany(f => f.KitMends))
        {
            var mended = competition with { Kit = competition.Kit.With(mend.Add) };
            Assert.DoesNotContain(Explainer.Explain(mended, text).Findings, f => f.Rule == "kit-short");
        }
    }

    /// <summary>Of a bar with a name as many are needed as are used at once.</summary>
    [Theory]
    [InlineData(1, 1)]
    [InlineData(2, 0)]
    public void Bars_with_a_name_are_counted(int count, int findings)
    {
        var competition = With(k => k with { Bars = [new("axle", 20, count)] });
        var text =
            "T\n  for Ferry Pairs\n\n8:00 for time\n  20 deadlift, 40 kg, on the axle\n    share: any number at a time\n" + Trial.ForTime;
        Assert.Equal(findings, Explainer.Explain(competition, text).Findings.Count(f => f.Rule == "kit-short"));
    }

    /// <summary>One changes the number of a thing, somebody else whose it is: it stays one thing.</summary>
    [Fact]
    public void A_thing_is_merged_by_its_name()
    {
        var (before, mine, theirs) = (
            With(k => k with { Things = [new("box", 1)] }),
            With(k => k with { Things = [new("box", 2)] }),
            With(k => k with { Things = [new("box", 8, Shared: true)] })
        );
        var merged = CompetitionMerge.Of(before, mine, theirs);
        Assert.Equal([new("box", 2)], merged.Merged.Kit.Things);
        Assert.Equal(["the number of “box”"], merged.Clashes);
    }

    /// <summary>The two bars of a mixed pair stand in one lane: no plate is on both.</summary>
    [Fact]
    public void No_plate_is_on_two_bars()
    {
        var (pairs, plates) = (0, SaltmarshFerryGames.Competition.Kit.Plates.ToDictionary(p => p.Mass, p => p.Count));
        for (var man = 40; man <= 160; man += 10)
        {
            for (var woman = 30; woman <= man; woman += 5)
            {
                var work = $"8:00 for time\n  3 rounds\n    4 deadlift, {man}-{man + 5}-{man + 15}/{woman}-{woman + 5}-{woman + 10} kg\n";
                var u = Trial.Pairs(work + Trial.ForTime).Read;
                var bars = u.Bars;
                var plans = u.Prescribed.Where(p => p.At == default).Select(bars.Changes).ToList();
                if (u.Findings().Any(f => f.Rule == "plates-shared"))
                {
                    continue;
                }

                pairs++;
                for (var rung = 0; rung < 3; rung++)
                {
                    var on = plans.SelectMany(p => p!.Value[rung].Side).GroupBy(m => m).ToDictionary(g => g.Key, g => 2 * g.Count());
                    Assert.All(on, o => Assert.True(o.Value <= plates[o.Key], $"{man}/{woman}, round {rung + 1}: {o.Value} of {o.Key}"));
                }
            }
        }

        Assert.True(pairs > 60);
    }

    /// <summary>Who lift at one time have a bar each, also where both bars are of one kind: no plate is on both, and bars of one load are
    /// loaded alike.</summary>
    [Theory]
    [InlineData("any number at a time", "")]
    [InlineData("together at the finish", "")]
    [InlineData("any number at a time", "    re-rig: by the athlete\n    4 deadlift, 70/60 kg\n      share: any number at a time\n")]
    public void No_plate_is_on_two_bars_of_one_kind(string share, string then)
    {
        var one = With(k => k with { WomenBar = k.MenBar });
        var plates = one.Kit.Plates.ToDictionary(p => p.Mass, p => p.Count);
        var (reached, tooFew, alone) = (0, 0, 0);
        for (var (man, woman) = (50, 40); man <= 110; (man, woman) = woman < man ? (man, woman + 10) : (man + 20, 40))
        {
            var text =
                $"T\n  for Ferry Pairs\n\n8:00 for time\n  2 rounds\n    4 deadlift, {man}/{woman} kg\n"
                + $"      share: {share}\n{then}{Trial.ForTime}";
            var u = Understanding.Of(one, text);
            Assert.Empty(u.Parsed.Problems);
            if (u.Findings().Any(f => f.Rule == "plates-shared"))
            {
                tooFew++;
                continue;
            }

            reached++;
            foreach (var line in u.Prescribed.Where(p => p.At == default).GroupBy(p => p.Source.At.Line))
            {
                var sides = line.Select(p => u.Bars.Changes(p)!.Value[0].Side).ToList();
                alone += line.Any(u.Bars.IsShared) ? 1 : 0;
                // One column for both where they lift the same: the second bar is loaded as the first.
                var on = (sides.Count == 1 ? [sides[0], sides[0]] : sides).SelectMany(s => s).CountBy(m => m);
                Assert.All(on, o => Assert.True(2 * o.Value <= plates[o.Key], $"{man}/{woman}: {2 * o.Value} of {o.Key}"));
                Assert.All(
                    line.Zip(sides),
                    x => Assert.Equal(LoadOf(x.First), one.Kit.MenBar + (2 * x.Second.Sum()) + (x.Second.Count > 0 ? one.Kit.ClipPair : 0))
                );
            }
        }

        Assert.True(reached > 8 && tooFew > 0 && alone > 0, $"{reached} reach, {tooFew} do not, {alone} are planned together");

        static decimal? LoadOf(PrescribedTask task) => task.Prescription.Load!.Value.Values.At(0);
    }

    /// <summary>A complex that is loaded anew, lifted by two at one time: each lift of it has the stack of its bar.</summary>
    [Fact]
    public void The_lifts_of_a_complex_have_one_stack_each_bar()
    {
        var one = With(k => k with { WomenBar = k.MenBar });
        const string Complex = "  complex, 60/50 kg\n    2 power clean\n    1 push jerk\n    share: any number at a time\n";
        var text =
            "T\n  for Ferry Pairs\n\n8:00 for time\n"
            + $"{Complex}  re-rig: by the athlete\n{Complex.Replace("60/50", "70/60", StringComparison.Ordinal)}";
        var u = Understanding.Of(one, text + Trial.ForTime);
        Assert.Empty(u.Parsed.Problems);
        var stacks = u.Prescribed.Where(p => p.At == default).GroupBy(p => (p.Address, p.Around!.At.Line)).ToList();
        Assert.Equal(4, stacks.Count);
        Assert.All(stacks, g => Assert.Single(g.Select(p => u.Bars.Changes(p)!.Value[0].Side).Distinct()));
    }

    [Fact]
    public void More_that_is_there_already_stays()
    {
        var kit = SaltmarshFerryGames.Competition.Kit with { Kettlebells = [new(24, 4)] };
        Assert.Equal(4, kit.With(new(MovementKit.Kettlebell, 24, 2)).NumberOf(MovementKit.Kettlebell, 24));
        Assert.Equal(kit, kit.With(new(MovementKit.Rings, 24, 2)));
    }
}
