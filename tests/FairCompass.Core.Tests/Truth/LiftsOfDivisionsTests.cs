using FairCompass.Core.Briefing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Another number of attempts, and whether a load may be lower, for some divisions.</summary>
public class LiftsOfDivisionsTests
{
    private const string Scores = "\nscore: best load\n  tie: shared\n";

    private static readonly Trial Lifts = Trial.Both(
        "9:00 for load\n  heaviest power clean, 3 attempts\n    Meadow: 4 attempts, never down\n" + Scores
    );

    private static PieceObservation Tries(params decimal[] loads) =>
        new("0", Tries: [.. loads.Select((l, i) => new Try(l, true) { Clock = Duration.Seconds(60 * (i + 1)) })]);

    /// <summary>The fourth attempt, at 70 kg, is one too many for Tideline and the best of Meadow; a lower third counts there
    /// only.</summary>
    [Theory]
    [InlineData("Tideline", new[] { 50, 60, 55, 70 }, "60 kg")]
    [InlineData("Meadow", new[] { 50, 60, 65, 70 }, "70 kg")]
    [InlineData("Tideline", new[] { 40, 60, 50 }, "60 kg")]
    [InlineData("Meadow", new[] { 40, 60, 50 }, "60 kg")]
    public void Each_division_has_its_own(string division, int[] loads, string best)
    {
        var result = Trial.Score(Lifts.Entry(division, "woman"), Tries([.. loads.Select(l => (decimal)l)]));
        Assert.Equal(best, result.Text);
        Assert.Equal(
            division == "Meadow" && loads[^1] == 50,
            result.Reasons[0].Contains("void: lower than 60 before", StringComparison.Ordinal)
        );
        Assert.Equal(
            division == "Tideline" && loads.Length > 3,
            result.Reasons[0].Contains("void: all 3 attempts", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Papers_and_cards_say_the_own_number()
    {
        Assert.Empty(Lifts.Read.Findings());
        var (meadow, tideline) = (Lifts.Paper(Audience.LaneCard, "Meadow"), Lifts.Paper(Audience.LaneCard, "Tideline"));
        Assert.Contains("More than 4 attempts", meadow, StringComparison.Ordinal);
        Assert.Contains("A lower load than before", meadow, StringComparison.Ordinal);
        Assert.Contains("More than 3 attempts", tideline, StringComparison.Ordinal);
        Assert.DoesNotContain("A lower load than before", tideline, StringComparison.Ordinal);
        var judge = Lifts.Paper(Audience.Judge, "Meadow");
        Assert.Contains("4 attempts", judge, StringComparison.Ordinal);
        Assert.DoesNotContain("3 attempts", judge, StringComparison.Ordinal);
        Assert.Empty(CardAgainstRun.Faults(Lifts.Read, 10));
    }

    /// <summary>A line for women holds for who lifts alone, and would be lost on a pair that stands beside: that is said.</summary>
    [Theory]
    [InlineData("Tideline", "woman: 4 attempts", false)]
    [InlineData("Tideline, Ferry Pairs", "woman: 4 attempts", true)]
    [InlineData("Tideline", "round 2: 4 attempts", true)]
    [InlineData("Ferry Pairs", "2nd: never down", true)]
    public void A_line_that_would_be_lost_on_some_is_said(string divisions, string line, bool said) =>
        Assert.Equal(
            said,
            Trial
                .Of(
                    $"Draft\n  for {divisions}\n  a/b is man/woman\n\n9:00 for load\n  heaviest power clean, 3 attempts\n    {line}\n"
                        + "\nscore: best load\n  tie: shared\n"
                )
                .Read.Findings()
                .Any(f => f.Rule == "lift-misfit")
        );

    [Fact]
    public void A_member_of_a_team_has_no_number_of_its_own() =>
        Assert.Contains(
            Trial.Pairs("9:00 for load\n  heaviest power clean, 3 attempts\n    woman: 4 attempts\n" + Trial.ForLoads).Read.Findings(),
            f => f.Sentence.StartsWith("A number of attempts holds for a whole entry", StringComparison.Ordinal)
        );
}
