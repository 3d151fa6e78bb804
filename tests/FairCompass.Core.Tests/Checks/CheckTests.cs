using FairCompass.Core.Checks;
using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Checks;

/// <summary>For each rule a text that triggers it alone, and a near miss that does not.</summary>
public partial class CheckTests
{
    [Theory]
    [MemberData(nameof(Cases))]
    [MemberData(nameof(KitAndTime))]
    [MemberData(nameof(Planted))]
    [MemberData(nameof(Written))]
    public void A_rule_finds_its_case_alone_and_not_the_near_miss(string rule, string text, string nearMiss)
    {
        var found = Demo.Understand(text).Findings();
        Assert.Contains(found, f => f.Rule == rule);
        Assert.All(
            found.Where(f => f.Severity != Severity.WorthALook),
            f => Assert.True(f.Rule == rule || (rule == "series-misfit" && f.Rule == "no-score"), $"{f.Rule}: {f.Sentence}")
        );
        Assert.DoesNotContain(Demo.Understand(nearMiss).Findings(), f => f.Rule == rule);
    }

    [Fact]
    public void Every_rule_has_a_case()
    {
        var covered = Cases.Concat(KitAndTime).Concat(Planted).Concat(Written).Select(c => (string)c[0]).ToHashSet();
        Assert.All(CheckList.All, c => Assert.Contains(c.Id, covered));
        Assert.Equal(CheckList.All.Count, CheckList.All.Select(c => c.Id).Distinct().Count());
    }

    [Theory]
    [MemberData(nameof(Cases))]
    [MemberData(nameof(KitAndTime))]
    [MemberData(nameof(Planted))]
    [MemberData(nameof(Written))]
    public void Every_mend_settles_its_finding(string rule, string text, string nearMiss)
    {
        _ = nearMiss;
        foreach (var finding in Demo.Understand(text).Findings().Where(f => f.Rule == rule))
        {
            foreach (var mend in finding.Mends)
            {
                var mended = Demo.Understand(mend.ApplyTo(text));
                Assert.Empty(mended.Parsed.Problems);
                Assert.DoesNotContain(mended.Findings(), f => f.Key == finding.Key);
            }
        }
    }

    /// <summary>More texts of some rules, whose other cases are somebody’s decision.</summary>
    private static readonly Dictionary<string, string[]> OneClick = new()
    {
        ["after-endless"] = [Divisions + "9:00 for reps\n  rounds without end\n    5 sit-up\n  5 pull-up\n" + Reps],
        ["endless-for-time"] = [Divisions + "9:00 for time\n  rounds without end\n    5 sit-up\n" + Timed],
        ["group-misfit"] =
        [
            Pairs + "9:00 for time\n  group One\n    5 sit-up\n" + Timed,
            Pairs.Replace("man/woman", "man/woman\n  groups One 1", StringComparison.Ordinal)
                + "9:00 for time\n  group One\n    5 sit-up\n  group Two\n    5 sit-up\n"
                + Timed,
        ],
        ["not-counted"] = [Divisions + "9:00 for reps\n  rounds without end\n    4-8-12-... m walking lunge, marks every 5 m\n" + Reps],
        ["policy-misfit"] =
        [
            Divisions + "9:00 for time\n  10 sit-up\n" + Timed + "standard sit up, sit-upright: x\npolicy dropping, for Medow: allowed\n",
        ],
        ["no-work"] = [Divisions + "9:00 for reps\n  5 rounds\n  max sit-up\n" + Reps],
    };

    /// <summary>Findings that anybody can settle by a click: each has a mend in one of its cases, and none of its mends leads to
    /// another fault
    /// that must be settled.</summary>
    [Theory]
    [InlineData("after-endless")]
    [InlineData("bonus-unreachable")]
    [InlineData("clause-unseen")]
    [InlineData("endless-for-time")]
    [InlineData("group-misfit")]
    [InlineData("hold-impossible")]
    [InlineData("load-ladder")]
    [InlineData("metres-among-reps")]
    [InlineData("no-work")]
    [InlineData("not-counted")]
    [InlineData("policy-misfit")]
    [InlineData("rest-outside-windows")]
    [InlineData("said-twice")]
    [InlineData("score-misfit")]
    [InlineData("series-misfit")]
    [InlineData("shared-amount")]
    [InlineData("times-misfit")]
    [InlineData("units-disagree")]
    public void What_a_click_settles_leads_to_no_other_fault(string rule)
    {
        var cases = Cases
            .Concat(KitAndTime)
            .Concat(Planted)
            .Concat(Written)
            .Where(c => (string)c[0] == rule)
            .Select(c => (string)c[1])
            .Concat(OneClick.GetValueOrDefault(rule) ?? []);
        var mends = 0;
        foreach (var text in cases)
        {
            var u = Demo.Understand(text);
            foreach (var mend in u.Findings().Where(f => f.Rule == rule).SelectMany(f => f.Mends))
            {
                var known = u.Findings().Where(f => f.Severity == Severity.MustFix).Select(f => f.Rule).ToHashSet();
                var after = Demo.Understand(mend.ApplyTo(text)).Findings().Where(f => f.Severity == Severity.MustFix).Select(f => f.Rule);
                Assert.Empty(after.Except(known));
                mends++;
            }
        }

        Assert.NotEqual(0, mends);
    }

    [Fact]
    public void A_load_is_mended_to_the_nearest_and_the_other_duty_is_left_alone()
    {
        var text = DraftTexts.Demo("01").Replace("2 x 10/7.5", "2 x 10/7", StringComparison.Ordinal);
        var finding = Assert.Single(Demo.Understand(text).Findings());
        Assert.Equal("Meadow woman: no pair of dumbbells of 7 kg with this kit. The nearest is 7.5 kg.", finding.Sentence);
        Assert.Equal(DraftTexts.Demo("01"), Assert.Single(finding.Mends).Edit.ApplyTo(text));
    }

    /// <summary>The numbers are those of who they are said of, and a competition’s own pace is asked before ours.</summary>
    [Fact]
    public void What_fills_an_interval_is_told_for_whom()
    {
        var finding = Assert.Single(Demo.Understand(Interval("70/65")).Findings(), f => f.Rule == "interval-full");
        Assert.Contains("70 cal rowing machine takes", finding.Sentence, StringComparison.Ordinal);
        Assert.Contains("65 cal rowing machine takes", finding.Sentence, StringComparison.Ordinal);
        var fast = Demo.Competition with { Paces = [new("rowing machine", AmountUnit.Calorie, Duration.Seconds(1), Duration.Seconds(1))] };
        Assert.DoesNotContain(Understanding.Of(fast, Interval("70/65")).Findings(), f => f.Rule == "interval-full");
    }

    [Fact]
    public void A_refused_rule_comes_with_an_example()
    {
        var text = DraftTexts.Demo("04").Replace("each missing rep", "each rep done", StringComparison.Ordinal);
        var finding = Assert.Single(Demo.Understand(text).Findings(), f => f.Rule == "more-work-ranks-lower");
        Assert.Equal("65 reps at the cap give 9:05, but 64 reps give 9:04, which ranks higher.", finding.Sentence);
    }

    /// <summary>The number that is mended is the one in the brackets, and only the answer that a rule is against is taken away.</summary>
    [Fact]
    public void A_mend_changes_what_its_finding_is_about()
    {
        var text = $"{Alone}9:00 for time\n  30 rounds (3 rounds)\n    2 sit-up\n{ForTime}";
        var rounds = Demo.Understand(text).Findings().Single(f => f.Rule == "note-number").Mends[0].ApplyTo(text);
        Assert.Contains("  30 rounds (30 rounds)", rounds, StringComparison.Ordinal);
        var grips =
            $"{Alone}8:00 for time\n  20 pull-up\n{ForTime}policy chin: through\npolicy grip: overhand\n"
            + "standard pull-up, own-grip: An underhand grip is allowed.\n";
        var labels = Demo.Understand(grips).Findings().Single(f => f.Rule == "against-policy").Mends.Select(m => m.Label);
        Assert.Equal(["Remove the line", "Remove “policy grip: overhand”"], labels);
    }

    /// <summary>However many findings a line has, each can be named.</summary>
    [Theory]
    [MemberData(nameof(Cases))]
    [MemberData(nameof(Planted))]
    [MemberData(nameof(Written))]
    public void Keys_are_unique(string rule, string text, string nearMiss)
    {
        _ = (rule, nearMiss);
        var keys = Demo.Understand(text).Findings().Select(f => f.Key).ToList();
        Assert.Equal(keys.Distinct(), keys);
    }

    [Fact]
    public void Keys_survive_moved_lines()
    {
        var text = Divisions + "9:00 for time\n  10 moon hop\n" + Timed;
        Assert.Equal(
            Demo.Understand(text).Findings().Select(f => f.Key),
            Demo.Understand(text.Replace("\n\n", "\n\n// moved\n\n", StringComparison.Ordinal)).Findings().Select(f => f.Key)
        );
    }
}
