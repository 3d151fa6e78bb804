using FairCompass.Core.Briefing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A line on a paper is true for those whom it names, and says nothing of what they do not do.</summary>
public class FoldedTests
{
    private static readonly Trial Own = Trial.Both(
        "9:00 for time\n  12 handstand push-up, line 70 mm below the wrists\n    Meadow: hand-release push-up\n"
            + "  10 squat snatch, 50/35 kg\n    Meadow: power snatch, 40/27.5 kg\n"
            + Trial.ForTime
    );

    [Fact]
    public void A_division_sees_no_movement_of_its_parent()
    {
        var meadow = Own.Paper(Audience.Judge, "Meadow");
        Assert.DoesNotContain("andstand", meadow, StringComparison.Ordinal);
        Assert.DoesNotContain("quat snatch", meadow, StringComparison.Ordinal);
        Assert.Contains("10 power snatches, 40/27.5 kg", meadow, StringComparison.Ordinal);
        var all = Own.Paper(Audience.Athlete);
        Assert.Contains("Power snatch, kg\n–\n–\n40\n27.5", all, StringComparison.Ordinal);
        Assert.Contains("Squat snatch, kg\n50\n35\n–\n–", all, StringComparison.Ordinal);
        Assert.DoesNotContain("instead", all, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(Audience.Judge)]
    [InlineData(Audience.Athlete)]
    public void A_clause_that_was_left_out_is_nowhere_in_force(Audience audience)
    {
        var trial = Trial.Both("6:00 for time\n  20 toes-to-bar\n    standard between-hands: does not apply\n" + Trial.ForTime);
        Assert.DoesNotContain("between the hands", trial.Paper(audience), StringComparison.Ordinal);
        Assert.DoesNotContain("between the hands", trial.Paper(audience, "Meadow"), StringComparison.Ordinal);
    }

    [Fact]
    public void A_judge_checks_the_set_up_first()
    {
        var page = new BriefBuilder(Own.Read, null, new(2026, 6, 6)).Build(Audience.Judge);
        Assert.Equal("check", page.Sections[0].Id);
        Assert.Contains("line", FairCompass.Core.Tests.Briefing.BriefText.Of(page, "check"), StringComparison.Ordinal);
    }
}
