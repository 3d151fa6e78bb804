using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Caps, gates, intervals and own rests that are another for some.</summary>
public class OwnTimesTests
{
    private const string Draft =
        "9:00 for time\n  Meadow: 11:00\n  woman: 10:00\n  60 sit-up\n  40 burpee\n\n"
        + "score: time\n  unfinished: +0:01 for each missing rep\n  tie: shared\n";

    private static readonly string[] Two = ["Tideline", "Meadow"];

    private static Duration? Cap(Trial trial, string division, string within) => trial.Entry(division, within).Course.Pieces[0].Limit?.Base;

    /// <summary>The nearest division wins, whatever stands first; a duty is farther than a division.</summary>
    [Theory]
    [InlineData("Tideline", "man", "9:00")]
    [InlineData("Tideline", "woman", "10:00")]
    [InlineData("Meadow", "man", "11:00")]
    [InlineData("Meadow", "woman", "11:00")]
    public void The_nearest_cap_holds(string division, string within, string cap) =>
        Assert.Equal(cap, Cap(Trial.Both(Draft), division, within).ToString());

    /// <summary>The penalty counts from the own cap: 40 of 100 missing are forty seconds more.</summary>
    [Fact]
    public void Scores_and_papers_have_the_own_cap()
    {
        var trial = Trial.Both(Draft);
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Severity == Severity.MustFix);
        var sixty = new PieceObservation("0", null, 60);
        Assert.Equal("11:40 (60 of 100)", Trial.Score(trial.Entry("Meadow", "man"), sixty).Text);
        Assert.Equal("9:40 (60 of 100)", Trial.Score(trial.Entry("Tideline", "man"), sixty).Text);
        Assert.Contains("Meadow: 11:00", trial.Paper(Audience.Athlete), StringComparison.Ordinal);
        var meadow = trial.Paper(Audience.Athlete, "Meadow");
        Assert.Contains("the clock ends after 11:00", meadow, StringComparison.Ordinal);
        Assert.DoesNotContain(" 9:00", meadow, StringComparison.Ordinal);
        // Three caps are three clocks for the caller, each with those for whom it is.
        var caller = trial.Paper(Audience.Caller);
        Assert.All(["9:00", "10:00", "11:00"], time => Assert.Contains(time, caller, StringComparison.Ordinal));
    }

    [Fact]
    public void Gates_intervals_and_rests_too()
    {
        var gated = Trial.Both(
            "6:00 for reps\n  30 sit-up\n  gate, adds 3:00\n    Meadow: 2:00\n  30 burpee\n\n"
                + "score: reps\n  tie: time at the last gate passed\n"
        );
        Assert.Equal(["9:00", "8:00"], Two.Select(d => gated.Entry(d, "man").Course.Pieces[0].Limit!.Longest.ToString()));
        var intervals = Trial.Both("6:00 for reps\n  every 1:00, unfinished is lost\n    Meadow: 2:00\n    12 sit-up\n" + Trial.ForReps);
        Assert.Equal([6, 3], Two.Select(d => intervals.Entry(d, "man").Course.Pieces[0].Strands.Count));
        var rests = Trial.Both("9:00 for reps\n  30 sit-up\n  own rest 0:50\n    Meadow: 1:10\n  30 burpee\n" + Trial.ForReps);
        Assert.Equal(["0:50", "1:10"], Two.Select(d => Timeline.Of(rests.Entry(d, "man").Course)!.OwnRests[0].Length.ToString()));
    }

    [Fact]
    public void A_level_has_its_own_cap()
    {
        var trial = Trial.Of(
            "T\n  for Tideline\n  levels High, Low, a board each\n\n9:00 for reps\n  Low: 7:00\n  rounds without end\n    9 sit-up\n"
                + Trial.ForReps
        );
        Assert.Equal(["9:00", "7:00"], new[] { "man, High", "man, Low" }.Select(w => Cap(trial, "Tideline", w).ToString()!));
    }

    [Fact]
    public void It_is_printed_and_read_as_it_was()
    {
        var trial = Trial.Both(Draft);
        var printed = Printer.Print(trial.Read.Workout);
        Assert.Contains("9:00 for time\n  Meadow: 11:00\n  woman: 10:00\n  60 sit-up", printed, StringComparison.Ordinal);
        Assert.Equal(trial.Read.Workout, Parser.Parse(printed).Workout);
    }

    /// <summary>A line for a part of a clock, or of a task, is what it was.</summary>
    [Fact]
    public void Other_lines_with_a_colon_stay_what_they_were() =>
        Assert.Empty(
            Trial
                .Both("9:00 clock\n  A: for time\n    9 power clean, 60/40 kg\n      Meadow: 45/35 kg\n" + Trial.ForTime)
                .Read.Parsed.Problems
        );

    [Theory]
    [InlineData("Meddow: 11:00", "There is no division, duty or level called Meddow. Did you mean Meadow?")]
    [InlineData("2nd: 11:00", "A time can differ by division, duty or level, not within a lane or by the round.")]
    [InlineData("Meadow: 11:00-12:00", "One time stands here; several are for a gate that is passed several times.")]
    public void What_nobody_can_have_is_said_at_its_line(string line, string sentence)
    {
        var finding = Assert.Single(
            Trial.Both($"9:00 for time\n  {line}\n  60 sit-up\n{Trial.ForTime}").Read.Findings(),
            f => f.Rule == "times-misfit"
        );
        Assert.Equal((sentence, 6), (finding.Sentence, finding.At.Line));
    }
}
