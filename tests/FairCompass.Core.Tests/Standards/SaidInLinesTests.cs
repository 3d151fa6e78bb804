using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Policies;
using FairCompass.Core.Tests.Briefing;

namespace FairCompass.Core.Tests.Standards;

/// <summary>What a line of a workout says of a hold or of a least share holds before the policy, on every paper.</summary>
public class SaidInLinesTests
{
    private const string Until = "The position stands until the rep has ended";
    private const string Pauses = "between reps it may come down";
    private const string AllTurn = "The position stands until the turn ends";
    private const string Owes = "owes it before the last rep counts";

    private static string Paper(string rules, Audience audience, params PolicyChoice[] policies) =>
        BriefText.Of(
            new BriefBuilder(
                Understanding.Of(
                    Demo.Competition with
                    {
                        Policies = [.. policies],
                    },
                    $"T\n  for Crew of Four\n  a/b is man/woman\n\n9:00 for reps\n  44 pull-up\n{rules}\nscore: reps\n  tie: shared\n"
                ),
                null,
                new(2027, 6, 12)
            ).Build(audience)
        );

    private static string Hold(string how) => $"    share: one at a time\n    hold: 1 crew-mate in front plank, {how}\n";

    [Theory]
    [InlineData("for every whole rep", null, Until, Pauses)]
    [InlineData("for every whole rep", "between reps", Pauses, AllTurn)]
    [InlineData("for every whole rep", "never", AllTurn, Pauses)]
    [InlineData("for every whole rep, may pause between reps", "never", Pauses, AllTurn)]
    [InlineData("for the whole turn", "between reps", AllTurn, Pauses)]
    public void A_hold_is_worded_as_its_line_says(string how, string? policy, string has, string hasNot)
    {
        PolicyChoice[] policies = policy is null ? [] : [new("hold comes down", policy)];
        foreach (var audience in new[] { Audience.Judge, Audience.Athlete })
        {
            var paper = Paper(Hold(how), audience, policies);
            Assert.Contains(has, paper, StringComparison.Ordinal);
            Assert.DoesNotContain(hasNot, paper, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("", "owed", Owes, "is not counted.")]
    [InlineData("", "not counted", "who is short is not counted", Owes)]
    [InlineData(", count by member, short is not counted", "owed", "who is short is not counted", Owes)]
    [InlineData(", count by member, short is owed", "no result", Owes, "has no result")]
    public void A_least_share_is_worded_as_its_line_says(string line, string policy, string has, string hasNot)
    {
        var rules = $"    share: one at a time, at least 9 each{line}\n";
        var rule = Paper(rules, Audience.Judge, new PolicyChoice("short of the least", policy)).Split('\n');
        var least = Array.Find(rule, l => l.StartsWith("Each does the least that is written", StringComparison.Ordinal))!;
        Assert.Contains(has, least, StringComparison.Ordinal);
        Assert.DoesNotContain(hasNot, least, StringComparison.Ordinal);
    }

    /// <summary>Two holds of one workout that differ: no wording of one stands for both.</summary>
    [Fact]
    public void Where_lines_differ_the_book_speaks_of_neither()
    {
        var paper = Paper(
            Hold("for the whole turn") + "  max sit-up\n" + Hold("for every whole rep, may pause between reps"),
            Audience.Judge,
            new PolicyChoice("hold comes down", "never")
        );
        Assert.Contains(Until, paper, StringComparison.Ordinal);
        Assert.DoesNotContain(AllTurn, paper, StringComparison.Ordinal);
        Assert.DoesNotContain(Pauses, paper, StringComparison.Ordinal);
    }

    /// <summary>A heaviest lift has four no-reps of its own, and an athlete reads each of them.</summary>
    [Fact]
    public void An_athlete_reads_every_rule_of_a_heaviest_lift()
    {
        var text = "T\n  for Tideline\n  a/b is man/woman\n\n9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n";
        var paper = BriefText.Of(new BriefBuilder(Demo.Understand(text), null, new(2027, 6, 12)).Build(Audience.Athlete));
        Assert.All(
            ["Wait, load", "No lift, and why", "No lift, hold", "No lift, lost"],
            call => Assert.Contains($"“{call}”", paper, StringComparison.Ordinal)
        );
    }
}
