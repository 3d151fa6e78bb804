using FairCompass.Core.Briefing;
using FairCompass.Core.Explaining;
using FairCompass.Core.Notation;
using FairCompass.Core.Pacing;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Several lifts at one bar without putting it down, whose load is the result: four reps that are one lift.</summary>
public class HeaviestComplexTests
{
    private const string Complex =
        "8:00 for load\n  heaviest complex, start 40/35 kg, 4 attempts\n    1 power clean\n    2 front squat\n    1 push jerk\n"
        + Trial.ForLoad;

    private static readonly Trial Trial1 = Trial.Tideline(Complex);

    [Fact]
    public void It_is_one_lift_that_goes_on()
    {
        Assert.Empty(Trial1.Read.Parsed.Problems);
        Assert.Empty(Trial1.Read.Findings());
        Assert.Equal(4, Trial1.First.Course.Pieces[0].Piece.SetOf);
        var printed = Printer.Print(Trial1.Read.Workout);
        Assert.Contains(
            "  heaviest power clean, start 40/35 kg, 4 attempts\n    then: 2 front squat\n    then: 1 push jerk\n",
            printed,
            StringComparison.Ordinal
        );
        Assert.Equal(Trial1.Read.Workout, Trial.Of(printed).Read.Workout);
    }

    /// <summary>A try of which not all four reps were done is no lift, whatever was marked.</summary>
    [Fact]
    public void Its_load_is_the_score_and_a_part_of_it_is_none()
    {
        var seen = new PieceObservation("0")
        {
            Tries = [new(70, true, null) { Reps = 4 }, new(80, false, null) { Reps = 3 }, new(75, true, null) { Reps = 4 }],
        };
        Assert.Equal("75 kg", Trial1.Score(seen).Text);
        Assert.Equal(
            "A good set has all 4 reps.",
            Assert.Single(Trial.Objections(Trial1.First, seen with { Tries = [new(70, true, null) { Reps = 3 }] })).Message
        );
    }

    [Fact]
    public void Papers_name_every_lift_and_judge_each()
    {
        var card = Trial1.Paper(Audience.LaneCard);
        Assert.Contains("One lift is power clean, 2 front squat, push jerk, in this order", card, StringComparison.Ordinal);
        Assert.Contains("Reps of 4", card, StringComparison.Ordinal);
        var judge = Trial1.Paper(Audience.Judge);
        foreach (var movement in new[] { "Power clean", "Front squat", "Push jerk" })
        {
            Assert.Contains(movement, judge, StringComparison.Ordinal);
        }

        var ledger = Explainer.Explain(Trial1.Read).Ledgers;
        Assert.Contains(
            ledger,
            l =>
                l.Reason!.StartsWith(
                    "Best good complex (power clean, 2 front squat, push jerk): the " + "load is the result.",
                    StringComparison.Ordinal
                )
        );
    }

    [Fact]
    public void A_run_of_it_is_scored_as_it_was_seen()
    {
        Assert.Empty(CardAgainstRun.Faults(Trial1.Read, 20));
        Assert.Empty(CardAgainstRun.Faults(Trial.Pairs(Complex).Read, 10));
    }

    [Theory]
    [InlineData("heaviest complex\n    1 power clean", "A complex has two lifts or more.")]
    [InlineData("heaviest complex", "A complex has two lifts or more.")]
    public void A_complex_of_one_is_refused(string work, string sentence) =>
        Assert.Contains(Trial.Tideline($"8:00 for load\n  {work}\n{Trial.ForLoad}").Read.Parsed.Problems, p => p.Sentence == sentence);

    [Theory]
    [InlineData("8:00 for reps\n  10 power clean, 60/40 kg\n    then: 2 front squat\n" + Trial.ForReps, "Only a heaviest lift goes on")]
    [InlineData("8:00 for load\n  heaviest power clean\n    then: 0 front squat\n" + Trial.ForLoad, "0 reps of front squat are no lift.")]
    [InlineData(
        "8:00 for load\n  heaviest power clean\n    then: 3 pull-up\n" + Trial.ForLoad,
        "A complex is lifted with one bar; pull-up is not."
    )]
    public void What_cannot_follow_is_said(string work, string sentence) =>
        Assert.Contains(
            Trial.Tideline(work).Read.Findings(),
            f => f.Rule == "lift-misfit" && f.Sentence.StartsWith(sentence, StringComparison.Ordinal)
        );
}
