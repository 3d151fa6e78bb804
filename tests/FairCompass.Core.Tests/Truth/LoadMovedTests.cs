using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Load moved: each rep moves its load once, with the option that was taken and the load of its round.</summary>
public class LoadMovedTests
{
    private const string Kilograms = "\nscore: kilograms\n  tie: shared\n";

    /// <summary>10 at 60 and 15 burpee are 600 kg; 4 of the next ten are 240 more.</summary>
    [Fact]
    public void Reps_times_load_and_nothing_for_the_rest()
    {
        var trial = Trial.Tideline("9:00 for reps\n  rounds without end\n    10 power clean, 60/40 kg\n    15 burpee\n" + Kilograms);
        Assert.Empty(trial.Read.Findings());
        Assert.Equal("840 kilograms", trial.Score(Trial.Counted(29)).Text);
        Assert.Equal("600 kilograms", trial.Score(Trial.Counted(25)).Text);
        Assert.Contains("the kilograms of the work. More is better.", trial.Paper(Audience.Judge), StringComparison.Ordinal);
        Assert.Empty(CardAgainstRun.Faults(trial.Read, 20));
    }

    [Theory]
    [InlineData("5 dumbbell hang clean and jerk, 2 x 22.5/15 kg", 5, "225 kilograms")]
    [InlineData("5 kettlebell swing, 24/16 kg right, 16/12 kg left", 5, "200 kilograms")]
    public void Each_implement_is_moved(string line, int reps, string text) =>
        Assert.Equal(text, Trial.Tideline($"9:00 for reps\n  rounds without end\n    {line}\n{Kilograms}").Score(Trial.Counted(reps)).Text);

    /// <summary>A ladder of loads and one of reps, added up rep by rep.</summary>
    [Fact]
    public void A_ladder_adds_up_rep_by_rep() =>
        Gen.Select(Gen.Int[0, 120], Gen.Int[1, 4], Gen.Bool)
            .Sample(
                (done, more, rising) =>
                {
                    var trial = Trial.Tideline(
                        $"9:00 for reps\n  rounds without end\n"
                            + $"    {(rising ? "2-4-6-..." : "5")} deadlift, 60-70-.../40-45-... kg\n    3 burpee\n"
                            + Kilograms
                    );
                    var (sum, left, round) = (0m, done, 0);
                    while (left > 0)
                    {
                        var lifts = Math.Min(left, rising ? 2 * (round + 1) : 5);
                        sum += lifts * (60 + (10 * round));
                        left -= lifts;
                        left -= Math.Min(left, 3);
                        round++;
                    }

                    var result = trial.Score(Trial.Counted(done));
                    Assert.Equal(sum, -result.Value / 1000m);
                    Assert.True(Ranking.Compare(trial.Score(Trial.Counted(done + more)), result) <= 0);
                },
                iter: 200
            );

    [Theory]
    [InlineData("9:00 for reps\n  rounds without end\n    10 sit-up\n", "No task of this work has a load to be added up.")]
    [InlineData(
        "9:00 for reps\n  rounds without end\n    10 power clean, 95/65 lb\n",
        "A load of this work is in lb; a sum in kg would be a conversion."
    )]
    [InlineData(
        "9:00 for reps\n  rounds without end\n    40 m farmer's carry, 2 x 24/16 kg, marks every 10 m\n",
        "farmer's carry is counted by distance; a sum of loads needs reps."
    )]
    public void What_has_no_sum_is_said(string work, string sentence) =>
        Assert.Contains(Trial.Tideline(work + Kilograms).First.Sheet.Problems, p => p.Sentence == sentence);

    [Fact]
    public void Members_with_other_loads_are_refused() =>
        Assert.Contains(
            Trial
                .Pairs("9:00 for reps\n  rounds without end\n    10 power clean, 60/40 kg\n      share: one at a time\n" + Kilograms)
                .First.Sheet.Problems,
            p => p.Sentence.StartsWith("The members lift different loads at power clean", StringComparison.Ordinal)
        );

    private const string ByMember =
        "9:00 for reps\n  rounds without end\n    10 power clean, 60/40 kg\n      share: one at a time, any split, count by member\n"
        + "    5 burpee\n";

    /// <summary>24 cleans and two rounds of burpees: 14 by the man at 60 and 10 by the woman at 40 are 840 + 400.</summary>
    [Theory]
    [InlineData(14, 10, "1240 kilograms")]
    [InlineData(10, 14, "1160 kilograms")]
    [InlineData(0, 24, "960 kilograms")]
    public void Where_the_loads_differ_who_did_how_many_decides(int man, int woman, string text)
    {
        var trial = Trial.Pairs(ByMember + Kilograms);
        Assert.Empty(trial.First.Sheet.Problems);
        var mans = trial.First.Course.Address.Division.DutyOf(1) == Duty.Man ? 1 : 2;
        Assert.Equal(text, trial.Score(Trial.Counted(34) with { By = [new(mans, man), new(3 - mans, woman)] }).Text);
    }

    [Fact]
    public void A_card_that_does_not_say_who_is_incomplete()
    {
        var trial = Trial.Pairs(ByMember + Kilograms);
        var field = Card.Fields(trial.First.Course, trial.First.Sheet).First(f => f.Field == CardFieldKind.By);
        Assert.Equal("needed: the loads differ", field.Hint);
        var objection = Assert.Single(Trial.Objections(trial.First, Trial.Counted(7)));
        Assert.EndsWith(".by", objection.Path, StringComparison.Ordinal);
        Assert.StartsWith("Say who did how many of power clean", objection.Message, StringComparison.Ordinal);
        Assert.Empty(CardAgainstRun.Faults(trial.Read, 20));
    }

    [Fact]
    public void A_ladder_by_member_and_reps_left_out_are_refused()
    {
        string Problem(string work) => Assert.Single(Trial.Pairs(work + Kilograms).First.Sheet.Problems).Sentence;
        Assert.StartsWith(
            "At power clean each member’s load changes",
            Problem(ByMember.Replace("60/40", "60-70-.../40-45-...", StringComparison.Ordinal)),
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "A sum of loads leaves no reps out",
            Problem(ByMember.Replace("member", "member, at least 5 each, short is not counted", StringComparison.Ordinal)),
            StringComparison.Ordinal
        );
    }
}
