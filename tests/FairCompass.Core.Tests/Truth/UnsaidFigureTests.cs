using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A number that is known and its unit that is not: the draft keeps the number, and a question says what is missing.</summary>
public class UnsaidFigureTests
{
    private static IEnumerable<Finding> Of(string rule, Trial trial) => trial.Read.Findings().Where(f => f.Rule == rule);

    [Theory]
    [InlineData("21 deadlift, 100/70", "100/70 of what? 100/70 kg or 100/70 lb.", "21 deadlift, 100/70 kg")]
    [InlineData("21 deadlift, figure 100/70", "100/70 of what? 100/70 kg or 100/70 lb.", "21 deadlift, 100/70 kg")]
    [InlineData(
        "21 dumbbell hang clean and jerk, 2 x 22.5/15",
        "2 x 22.5/15 of what? 2 x 22.5/15 kg or 2 x 22.5/15 lb.",
        "21 dumbbell hang clean and jerk, 2 x 22.5/15 kg"
    )]
    [InlineData("21 box jump-over, 60/50", "60/50 of what? Box 60/50 cm or box 60/50 in.", "21 box jump-over, box 60/50 cm")]
    [InlineData("50/40 rowing machine", "50/40 of what on the rowing machine? Metres or calories.", "50/40 m rowing machine")]
    public void A_figure_is_asked_about_and_its_mend_leaves_nothing_open(string line, string sentence, string mended)
    {
        var trial = Trial.Tideline($"9:00 for time\n  {line}\n{Trial.ForTime}");
        Assert.Empty(trial.Read.Parsed.Problems);
        var finding = Assert.Single(trial.Read.Findings());
        Assert.Equal(("unit-unsaid", sentence), (finding.Rule, finding.Sentence));
        var after = finding.Mends[0].Edit.ApplyTo(trial.Text);
        Assert.Contains($"  {mended}\n", after, StringComparison.Ordinal);
        Assert.Empty(Trial.Of(after).Read.Findings());
    }

    /// <summary>Under a name a bare number is an amount, so the figure has a word there; printing uses it everywhere.</summary>
    [Fact]
    public void A_figure_for_some_is_written_with_its_word()
    {
        var trial = Trial.Both("9:00 for time\n  21 deadlift, 100/70 kg\n    Meadow: figure 60/40\n" + Trial.ForTime);
        Assert.Equal(7, Assert.Single(Of("unit-unsaid", trial)).At.Line);
        var task = WorkTree.Tasks(trial.Read.Workout).Single();
        var line = Assert.IsType<TaskLine.Override>(Assert.Single(task.Lines));
        Assert.IsType<Detail.Figure>(Assert.Single(line.Details));
        Assert.Contains("Meadow: figure 60/40", Printer.Print(trial.Read.Workout), StringComparison.Ordinal);
    }

    [Fact]
    public void Each_or_together_is_asked_and_nothing_is_counted_until_it_is_said()
    {
        var trial = Trial.Pairs("9:00 for time\n  40 sit-up, each or together unset\n  10 burpee\n" + Trial.ForTime);
        Assert.Empty(trial.Read.Parsed.Problems);
        var finding = Assert.Single(Of("each-unsaid", trial));
        Assert.Equal("40: does each member do it, or all together?", finding.Sentence);
        Assert.False(trial.First.Course.Pieces[0].IsCounted);
        var (each, together) = (finding.Mends[0].Edit.ApplyTo(trial.Text), finding.Mends[1].Edit.ApplyTo(trial.Text));
        Assert.Equal(90, Trial.Of(each).First.Course.Pieces[0].Strand!.Units);
        Assert.Equal(50, Trial.Of(together).First.Course.Pieces[0].Strand!.Units);
        Assert.Contains("\n  40 sit-up\n", together, StringComparison.Ordinal);
        // One athlete has no members to ask about.
        Assert.Empty(Of("each-unsaid", Trial.Tideline("9:00 for time\n  40 sit-up, each or together unset\n" + Trial.ForTime)));
    }

    /// <summary>Two hands, two loads: both are laid out, one of each, and stand wherever the load stands.</summary>
    [Fact]
    public void Right_and_left_have_a_load_each()
    {
        var trial = Trial.Tideline("9:00 for time\n  20 kettlebell swing, 24/16 kg right, 16/12 kg left\n" + Trial.ForTime);
        Assert.Empty(trial.Read.Findings());
        Assert.Contains("24 kg right, 16 kg left", trial.Paper(Audience.LaneCard), StringComparison.Ordinal);
        var floor = trial.Paper(Audience.FloorCrew);
        foreach (var mass in new[] { "24 kg", "16 kg", "12 kg" })
        {
            Assert.Contains(mass, floor, StringComparison.Ordinal);
        }

        var missing = Trial.Tideline("9:00 for time\n  20 kettlebell swing, 24/16 kg right, 14/12 kg left\n" + Trial.ForTime);
        Assert.Contains(
            missing.Read.Findings(),
            f => f.Rule == "load-not-makeable" && f.Sentence.Contains("14 kg", StringComparison.Ordinal)
        );
    }

    /// <summary>The numbers of the scheme are calories on the machine and reps on the floor: 45 of each.</summary>
    [Fact]
    public void A_scheme_gives_its_numbers_in_the_unit_of_each_line()
    {
        const string Work = "15:00 for reps\n  20-15-10 of\n    cal air bike\n    burpee\n";
        var trial = Trial.Tideline(Work + "\nscore: calories\n  tie: shared\n");
        Assert.Empty(trial.Read.Findings());
        Assert.Equal("35 calories", Trial.Score(trial.First, Trial.Counted(55)).Text);
        Assert.Contains("20-15-10 cal air bike", trial.Paper(Audience.LaneCard), StringComparison.Ordinal);
        Assert.Contains("    cal air bike\n", Printer.Print(trial.Read.Workout), StringComparison.Ordinal);
        var bare = Trial.Tideline("15:00 for reps\n  20-15-10 of\n    air bike\n    burpee\n" + Trial.ForReps);
        var asked = Assert.Single(Of("unit-unsaid", bare));
        Assert.Contains("    cal air bike\n", asked.Mends[0].Edit.ApplyTo(bare.Text), StringComparison.Ordinal);
    }
}
