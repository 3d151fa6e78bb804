using FairCompass.Core.Briefing;
using FairCompass.Core.Explaining;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Playing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A load that is a share of what an athlete has lifted before: its figure is known on the day, and nowhere made up.</summary>
public class OwnBestTests
{
    private static readonly Trial Squats = Trial.Both(
        "9:00 for time\n  20 back squat, 80/75 % of own best, from the rack\n    Meadow: 60 % of own best front squat\n" + Trial.ForTime
    );

    [Fact]
    public void It_is_printed_with_its_figure_left_open()
    {
        Assert.Empty(Squats.Read.Parsed.Problems);
        Assert.DoesNotContain(Squats.Read.Findings(), f => f.Rule == "load-missing");
        Assert.Contains("80 % of own best = ____ kg", Squats.Paper(Audience.LaneCard), StringComparison.Ordinal);
        Assert.Contains("75 % of own best = ____ kg", Squats.Paper(Audience.LaneCard), StringComparison.Ordinal);
        Assert.Contains("60 % of own best front squat = ____ kg", Squats.Paper(Audience.LaneCard), StringComparison.Ordinal);
        Assert.Contains("80 % of own best", Squats.Paper(Audience.FloorCrew), StringComparison.Ordinal);
        var cells = Explainer.Explain(Squats.Read).Grid.Rows.First(r => r.Aspect == "load").Cells.Select(c => c.Text);
        Assert.Equal(["80 % of own best", "75 % of own best", "60 % of own best front squat", "60 % of own best front squat"], cells);
        Assert.Contains(
            "20 back squat, 80/75 % of own best, from the rack\n    Meadow: 60 % of own best front squat\n",
            Printer.Print(Squats.Read.Workout),
            StringComparison.Ordinal
        );
    }

    /// <summary>A division’s own load takes its place, as loads do.</summary>
    [Fact]
    public void A_load_of_a_division_replaces_it()
    {
        var trial = Trial.Both("9:00 for time\n  20 back squat, 80 % of own best, from the rack\n    Meadow: 60/40 kg\n" + Trial.ForTime);
        var meadow = trial.Read.Prescribed.First(p => p.Address.Division.Name == "Meadow").Prescription;
        Assert.Equal((null, "60 kg"), (meadow.OfBest, meadow.Load!.Value.ToString()));
        Assert.Empty(CardAgainstRun.Faults(trial.Read, 5));
    }

    [Theory]
    [InlineData("120 % of own best")]
    [InlineData("0 % of own best")]
    public void More_than_the_best_is_no_load(string detail) =>
        Assert.Contains(
            Trial.Tideline($"9:00 for time\n  20 back squat, {detail}, from the rack\n{Trial.ForTime}").Read.Findings(),
            f => f.Rule == "impossible-number"
        );

    [Fact]
    public void Percent_of_nothing_is_asked_about() =>
        Assert.Equal(
            "Percent of what?",
            Assert.Single(Trial.Tideline($"9:00 for time\n  20 back squat, 80 %\n{Trial.ForTime}").Read.Parsed.Problems).Sentence
        );

    /// <summary>The measurement sheet asks each best and says what its share is: 80 % of 70 kg are 56, which a 20 kg bar with plates from
    /// 1.25 kg does not make.</summary>
    [Fact]
    public void The_measurement_sheet_asks_for_it_and_works_the_share_out()
    {
        var sheet = Squats.Paper(Audience.Measurement);
        Assert.Contains("Own best back squat", sheet, StringComparison.Ordinal);
        Assert.Contains("Own best front squat", sheet, StringComparison.Ordinal);
        Assert.Contains("56: 55 or 57.5", sheet, StringComparison.Ordinal);
        Assert.Contains("52.5", sheet, StringComparison.Ordinal);
        Assert.DoesNotContain(
            "Own bests",
            Trial.Tideline("9:00 for time\n  20 back squat, 60/40 kg, from the rack\n" + Trial.ForTime).Paper(Audience.Measurement),
            StringComparison.Ordinal
        );
    }
}
