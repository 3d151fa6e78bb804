using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>What each answer leads to, with numbers of the workout, worked out by hand.</summary>
public class ScenesTests
{
    private const string ForReps = "\nscore: reps\n  tie: shared\n";

    private static Question Asked(string text, string rule) =>
        Assert.Single(Interview.Open(Understanding.Of(FairCompass.Store.Demo.SaltmarshFerryGames.Competition, text)), q => q.Id == rule);

    private static string[] Scenes(string text, string rule) => [.. Asked(text, rule).Answers.Select(a => a.OnTheFloor.English)];

    /// <summary>1 lb is 0.453 592 37 kg (1959 agreement): 100 lb are 45.4 kg, 100 kg are 220.5 lb.</summary>
    [Fact]
    public void A_figure_is_told_in_the_other_unit() =>
        Assert.Equal(
            ["100 kg are 220.5 lb.", "100 lb are 45.4 kg."],
            Scenes("T\n  for Tideline\n  a/b is man/woman\n\n9:00 for reps\n  20 deadlift, 100/70\n" + ForReps, "unit-unsaid")
        );

    /// <summary>500 m are some two minutes, 500 calories more than half an hour: nobody takes one for the other.</summary>
    [Fact]
    public void A_machine_is_told_by_the_time_that_it_takes()
    {
        var scenes = Scenes("T\n  for Tideline\n\n40:00 for reps\n  500 rowing machine\n" + ForReps, "unit-unsaid");
        Assert.Matches(@"^(\w+ \w+: )?500 m take about [12]:\d\d at our usual pace, an estimate\.$", scenes[0]);
        Assert.Matches(@"^(\w+ \w+: )?500 cal take about [2-4]\d:\d\d at our usual pace, an estimate\.$", scenes[1]);
    }

    [Fact]
    public void Each_or_together_is_told_by_what_there_is_to_do() =>
        Assert.Equal(
            ["The team then has 90 to do in all.", "The team then has 50 to do in all."],
            Scenes(
                "T\n  for Ferry Pairs\n\n9:00 for time\n  40 sit-up, each or together unset\n  10 burpee\n\nscore: time\n  "
                    + "unfinished: cap line by reps\n  tie: shared\n",
                "each-unsaid"
            )
        );

    [Fact]
    public void A_least_share_is_told_with_its_number()
    {
        var scenes = Scenes(
            "T\n  for Ferry Pairs\n\n9:00 for reps\n  70 sit-up\n    share: one at a time, at least 20 each, count by member\n" + ForReps,
            "short-unstated"
        );
        Assert.All(
            scenes,
            s => Assert.StartsWith("One member has 17 of 20 sit-up when the others have done the rest: ", s, StringComparison.Ordinal)
        );
        Assert.EndsWith("they have done 3 more.", scenes[0], StringComparison.Ordinal);
        Assert.EndsWith("3 of the others’ are taken off.", scenes[1], StringComparison.Ordinal);
        Assert.EndsWith("the team has no result.", scenes[2], StringComparison.Ordinal);
    }

    /// <summary>12 and 6 in each interval: 12 of 18.</summary>
    [Theory]
    [InlineData("")]
    [InlineData(", unfinished is skipped")]
    public void An_interval_is_told_with_its_own_work(string said)
    {
        var scenes = Scenes(
            $"T\n  for Tideline\n\n10:00 for reps\n  every 1:00{said}\n    12 sit-up\n    6 burpee\n{ForReps}",
            "late-unstated"
        );
        Assert.All(scenes, s => Assert.Contains("12 of 18 when the next interval begins: ", s, StringComparison.Ordinal));
        Assert.EndsWith("12 count, and the next begins anew.", scenes[0], StringComparison.Ordinal);
        Assert.EndsWith("nothing of that interval counts, and the next begins anew.", scenes[1], StringComparison.Ordinal);
        if (said.Length == 0)
        {
            Assert.EndsWith("the 6 that are missing are done first in the next.", scenes[2], StringComparison.Ordinal);
            Assert.EndsWith("nothing more is done.", scenes[3], StringComparison.Ordinal);
        }
    }

    [Fact]
    public void How_line_ups_are_ranked_is_asked()
    {
        var question = Asked(
            "T\n  for Ferry Pairs\n  entries man, woman, mixed\n\n9:00 for reps\n  max sit-up\n    share: one at a time, any split\n"
                + ForReps,
            "ranking-unstated"
        );
        Assert.Equal(2, question.Answers.Count);
        Assert.Contains("share the place", question.Answers[0].OnTheFloor.English, StringComparison.Ordinal);
        Assert.Contains("a board with a first place of its own", question.Answers[1].OnTheFloor.English, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_scene_is_told_in_spanish_too() =>
        Assert.All(
            new[] { "unit-unsaid", "late-unstated" }.SelectMany(rule =>
                Asked(
                    rule == "unit-unsaid"
                        ? "T\n  for Tideline\n\n9:00 for reps\n  20 deadlift, 100\n" + ForReps
                        : "T\n  for Tideline\n\n10:00 for reps\n  every 1:00\n    12 sit-up\n" + ForReps,
                    rule
                ).Answers
            ),
            a => Assert.NotEqual(a.OnTheFloor.English, a.OnTheFloor.Spanish)
        );
}
