using FairCompass.Core.Briefing;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Truth;

namespace FairCompass.Core.Tests.Standards;

/// <summary>Lifts whose style is free: what all styles have in common is judged, and no style is asked for.</summary>
public class AnyStyleTests
{
    /// <summary>Every clause of a free lift but the one that frees it is a clause of each of its styles.</summary>
    [Theory]
    [InlineData("any-style clean", "any-style", "power clean", "squat clean", "split clean", "muscle clean")]
    [InlineData("any-style snatch", "any-style", "power snatch", "squat snatch")]
    [InlineData("any way overhead", "any-way", "power snatch", "squat snatch", "clean and jerk")]
    public void Its_clauses_are_those_that_all_styles_share(string free, string frees, params string[] styles)
    {
        var clauses = MovementLibrary.Find(free)!.Clauses.Select(c => c.Id).ToHashSet();
        Assert.True(clauses.Remove(frees));
        // Only who splits can leave the feet apart.
        clauses.Remove("feet-in-line");
        Assert.All(styles, style => Assert.Superset(clauses, MovementLibrary.Find(style)!.Clauses.Select(c => c.Id).ToHashSet()));
    }

    [Fact]
    public void Nobody_is_told_a_style()
    {
        var trial = Trial.Tideline("9:00 for time\n  30 any-style clean, 60/40 kg\n" + Trial.ForTime);
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Rule is "standard-missing" or "load-missing");
        var judge = trial.Paper(Audience.Judge);
        Assert.Contains("Any style brings the bar to the shoulders", judge, StringComparison.Ordinal);
        Assert.DoesNotContain("full squat", judge, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain(
            "style",
            trial.Paper(Audience.LaneCard).Replace("any-style clean", "", StringComparison.OrdinalIgnoreCase),
            StringComparison.OrdinalIgnoreCase
        );
    }
}
