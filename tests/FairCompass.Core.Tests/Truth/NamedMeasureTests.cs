using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Measuring;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Briefing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Several lines and marks of one movement: each says which it is, with its own value, wherever heights stand.</summary>
public class NamedMeasureTests
{
    private static readonly Trial Walks = Trial.Tideline(
        "9:00 for time\n  5 wall walk, start line 150/140 cm, leave at 60 cm, hands 90/80 x 60 cm\n"
            + "  3 rope climb, mark 4.5 m, low mark 1 m\n  10 ring dip, rings at the hip crease\n"
            + Trial.ForTime
    );

    [Fact]
    public void Each_is_read_and_printed_as_it_was_written()
    {
        Assert.Empty(Walks.Read.Parsed.Problems);
        var printed = Printer.Print(Walks.Read.Workout);
        foreach (
            var line in new[]
            {
                "5 wall walk, start line 150/140 cm, leave at 60 cm, hands 90/80 x 60 cm",
                "3 rope climb, mark 4.5 m, low mark 1 m",
                "10 ring dip, rings at the hip crease",
            }
        )
        {
            Assert.Contains(line, printed, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void The_card_has_the_athlete_s_own_values()
    {
        var card = Walks.Paper(Audience.LaneCard);
        Assert.Contains("start line 150 cm, leave at 60 cm, hands 90 × 60 cm", card, StringComparison.Ordinal);
        Assert.Contains("start line 140 cm, leave at 60 cm, hands 80 × 60 cm", card, StringComparison.Ordinal);
        Assert.Contains("mark 4.5 m, low mark 1 m", card, StringComparison.Ordinal);
        Assert.Contains("rings at the hip crease", card, StringComparison.Ordinal);
        Assert.Contains(
            "anillas a la altura del pliegue de la cadera",
            BriefText.Of(
                new BriefBuilder(Walks.Read, null, new(2026, 6, 6), new() { Language = Language.Spanish }).Build(Audience.LaneCard)
            ),
            StringComparison.Ordinal
        );
    }

    /// <summary>What lies at a place of the body is measured on each athlete, and nothing is added to it.</summary>
    [Fact]
    public void A_place_of_the_body_is_on_the_measurement_sheet()
    {
        var place = Assert.Single(
            MeasuredPlace.Of(Walks.Read),
            p => p.Movement.Contains("ring", StringComparison.Ordinal) && p.Sets.English == "rings" && p.Marked.English == "the hip crease"
        );
        Assert.Equal(0, place.Amount?.InMillimetres);
    }

    [Fact]
    public void They_stand_on_the_floor_list() => Assert.Contains("150 cm", Walks.Paper(Audience.FloorCrew), StringComparison.Ordinal);

    [Theory]
    [InlineData("3 rope climb, low mark 1", "This measure has no unit.")]
    [InlineData("3 rope climb, mark 4.5 m below", "Above or below what?")]
    [InlineData("3 rope climb, bxo 60 cm", "This detail is not understood. Did you mean “box”?")]
    public void What_is_not_a_measure_is_refused(string line, string sentence) =>
        Assert.Contains(Trial.Tideline($"9:00 for time\n  {line}\n{Trial.ForTime}").Read.Parsed.Problems, p => p.Sentence == sentence);
}
