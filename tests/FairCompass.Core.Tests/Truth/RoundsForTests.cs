using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A number of rounds that differs by division, or that nobody has said.</summary>
public class RoundsForTests
{
    private static Trial Rounds(string lines) => Trial.Both($"9:00 for time\n  {lines}\n    10 sit-up\n    10 burpee\n" + Trial.ForTime);

    [Fact]
    public void Each_division_has_its_own()
    {
        var trial = Rounds("5 rounds\n    Meadow: 4 rounds");
        Assert.Empty(trial.Read.Findings());
        Assert.Equal(100, trial.Entry("Tideline", "man").Course.Pieces[0].Total(Tally.Units));
        Assert.Equal(80, trial.Entry("Meadow", "woman").Course.Pieces[0].Total(Tally.Units));
        Assert.Equal("79 of 80 at the cap", Trial.Score(trial.Entry("Meadow", "man"), Trial.Counted(79)).Text);
        Assert.Contains("80 in all", trial.Paper(Audience.LaneCard, "Meadow"), StringComparison.Ordinal);
        Assert.DoesNotContain("100 in all", trial.Paper(Audience.LaneCard, "Meadow"), StringComparison.Ordinal);
    }

    [Fact]
    public void It_can_differ_by_duty()
    {
        var trial = Rounds("5 rounds\n    woman: 3 rounds");
        Assert.Equal(100, trial.Entry("Meadow", "man").Course.Pieces[0].Total(Tally.Units));
        Assert.Equal(60, trial.Entry("Meadow", "woman").Course.Pieces[0].Total(Tally.Units));
    }

    [Theory]
    [InlineData("unset rounds", "nobody-has-said", "How many rounds are there?")]
    [InlineData("5 rounds\n    Meadow: unset rounds", "nobody-has-said", "How many rounds are there?")]
    [InlineData("5 rounds\n    Marsh: 4 rounds", "times-misfit", "There is no division, duty or level called Marsh.")]
    [InlineData("5 rounds\n    Meadow: 0 rounds", "times-misfit", "0 rounds are no work.")]
    [InlineData("5 rounds\n    Meadow: 4 rounds\n    Meadow: 3 rounds", "times-misfit", "The rounds of Meadow are also said in line 7.")]
    public void What_is_missing_or_wrong_is_said_at_its_line(string lines, string rule, string sentence)
    {
        var finding = Assert.Single(Rounds(lines).Read.Findings(), f => f.Rule == rule);
        Assert.StartsWith(sentence, finding.Sentence, StringComparison.Ordinal);
    }
}
