using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>The bell for reps and for lifts apart, a gate on its second, and what a tie can be broken by: asked with the numbers of the
/// workout, and obeyed by the score wherever the answer stands.</summary>
public class EdgesOfTheClockTests
{
    private const string Head = "T\n  for Tideline\n  a/b is man/woman\n\n";
    private const string Gates = Head + "4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  max burpee\n\nscore: reps\n  tie: shared\n";
    private const string Lift = Head + "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n";

    private static Understanding Read(string text, params Core.Policies.PolicyChoice[] policies) =>
        Understanding.Of(Demo.Competition with { Policies = [.. policies] }, text);

    private static Question? Asked(string text, string topic) => Interview.Open(Read(text)).SingleOrDefault(q => q.Id == topic);

    [Fact]
    public void A_word_on_lifts_leaves_the_reps_open_and_the_other_way_round()
    {
        const string Both =
            Head
            + "11:00 clock\n  A: for time\n    30 sit-up\n  B: for load, in the time left\n    heaviest power clean\n\nscore A: time of A\n"
            + "  unfinished: cap line by reps\n  tie: shared\nscore B: best load of B\n  A unfinished: not reached\n  tie: shared\n";
        Assert.NotNull(Asked(Both, "bell"));
        Assert.NotNull(Asked(Both, "bell for lifts"));
        Assert.NotNull(Asked(Both + "bell: a lift counts when finished and steady\n", "bell"));
        Assert.Null(Asked(Both + "bell: a lift counts when finished and steady\n", "bell for lifts"));
        Assert.NotNull(Asked(Both + "bell: a rep counts when finished\n", "bell for lifts"));
        Assert.Null(Asked(Lift, "bell"));
    }

    /// <summary>Nobody can judge whether a sit-up was steady.</summary>
    [Fact]
    public void Steady_is_offered_for_positions_only()
    {
        Assert.Equal(["finished", "begun"], Schools(Asked(Gates, "bell")!));
        Assert.Equal(["finished", "begun", "finished and steady"], Schools(Asked(Lift, "bell for lifts")!));
        Assert.Equal(
            ["finished", "begun", "finished and steady"],
            Schools(Asked(Head + "2:00 for reps\n  max s dead hang\n\nscore: seconds\n  tie: shared\n", "bell")!)
        );
    }

    private static IEnumerable<string> Schools(Question question) => question.Answers.Select(a => a.ForAll!.Answer);

    /// <summary>40 done at 4:00 goes on until 6:00; worked out by hand.</summary>
    [Fact]
    public void The_gate_is_told_with_its_own_numbers()
    {
        var answers = Asked(Gates, "gate on the second")!.Answers;
        Assert.Contains(
            "At 4:00 number 40 is done: the athlete goes on until 6:00, and the card says 4:00.",
            answers[0].OnTheFloor.English
        );
        Assert.Contains("the athlete stops there with 40.", answers[1].OnTheFloor.English);
        Assert.DoesNotContain("as on every floor", string.Join(' ', answers.Select(a => a.OnTheFloor.English)));
    }

    [Theory]
    [InlineData("counts", true)]
    [InlineData("misses", false)]
    public void An_answer_for_all_workouts_is_obeyed_as_the_line_is(string school, bool passed)
    {
        Assert.Equal(passed, Read(Gates, new Core.Policies.PolicyChoice("gate on the second", school)).Sheets[0].GateOnSecondCounts);
        Assert.Equal(passed, Read(Gates + $"gate on the second: {school}\n").Sheets[0].GateOnSecondCounts);
        // The nearer word wins.
        var other = passed ? "misses" : "counts";
        Assert.Equal(
            passed,
            Read(Gates + $"gate on the second: {school}\n", new Core.Policies.PolicyChoice("gate on the second", other))
                .Sheets[0]
                .GateOnSecondCounts
        );
        Assert.Null(Read(Gates).Sheets[0].GateOnSecondCounts);
        Assert.Null(Read(Gates, new Core.Policies.PolicyChoice("gate on the second", school, "Meadow")).Sheets[0].GateOnSecondCounts);
    }

    [Theory]
    [InlineData("begun", BellWhen.Begun)]
    [InlineData("finished", BellWhen.Finished)]
    [InlineData("finished and steady", BellWhen.FinishedAndSteady)]
    public void So_is_one_on_lifts(string school, BellWhen when)
    {
        Assert.Equal(when, Read(Lift, new Core.Policies.PolicyChoice("bell for lifts", school)).Sheets[0].LiftAtTheBell);
        Assert.Equal(when, Read(Lift + $"bell: a lift counts when {school}\n").Sheets[0].LiftAtTheBell);
        Assert.Null(Read(Lift).Sheets[0].LiftAtTheBell);
    }

    /// <summary>Every round but the last, which is the finish; the last too where work follows it; nothing where a name would be two
    /// things.</summary>
    [Theory]
    [InlineData("3 rounds\n    10 sit-up\n", "round 2|round 1")]
    [InlineData("3 rounds\n    10 sit-up\n  20 burpee\n", "round 3|round 2|round 1")]
    [InlineData("21-15-9 of\n    sit-up\n    burpee\n", "round 2|round 1")]
    [InlineData("30 sit-up\n  checkpoint Deck\n  20 burpee\n", "Deck")]
    [InlineData("3 rounds\n    10 sit-up\n  2 rounds\n    20 burpee\n", "")]
    [InlineData("1 rounds\n    10 sit-up\n", "")]
    public void A_tie_can_be_broken_by_what_the_work_has(string work, string moments)
    {
        var text = Head + $"9:00 for time\n  {work}\nscore: time\n  unfinished: cap line by reps\n";
        var u = Read(text);
        var tie = u.Findings().Single(f => f.Rule == "tie-unstated");
        var offered = tie.Mends.Skip(1).ToList();
        Assert.Equal(
            moments,
            string.Join('|', offered.Select(m => m.Edit.Text.Trim().Replace("tie: time at ", "", StringComparison.Ordinal)))
        );
        Assert.All(
            tie.Mends,
            m =>
            {
                var mended = Read(m.Edit.ApplyTo(text));
                Assert.DoesNotContain(mended.Findings(), f => f.Rule.StartsWith("tie", StringComparison.Ordinal));
                Assert.Empty(mended.Sheets[0].Problems);
            }
        );
    }

    [Fact]
    public void Work_without_end_has_its_last_full_round()
    {
        var tie = Read(Head + "9:00 for reps\n  rounds without end\n    10 sit-up\n\nscore: reps\n")
            .Findings()
            .Single(f => f.Rule == "tie-unstated");
        Assert.Contains(tie.Mends, m => m.Edit.Text.Contains("time at the last full round", StringComparison.Ordinal));
    }
}
