using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>Ticked targets and counted units say the same of one run.</summary>
public class TickTests
{
    private static string Score(string work, long units, long? ticks, Eq<Chosen> choices = default)
    {
        var u = Demo.Understand(Demo.Window("4:00 for reps", work));
        var run = new RunObservation(EntryStatus.Ran, [new("0", null, units, null, [], Ticks: ticks)], choices);
        Assert.Empty(Card.Validate(run, u.Courses[0], u.Sheets[0]));
        return Scorer.Score(run, u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[0].Text;
    }

    /// <summary>By hand: 20 units in pairs are 10, and 6 for the target: 16; 19 units are 9, without it.</summary>
    [Theory]
    [InlineData("20 sit-up, every 2 count 1, +6 when done", 20, 1, "16 reps")]
    [InlineData("20 sit-up, every 2 count 1, +6 when done", 19, 0, "9 reps")]
    [InlineData("20 sit-up, credited 30, +6 when done", 20, 1, "36 reps")]
    [InlineData("20 sit-up, credited 30 when done, +6 when done", 19, 0, "0")]
    [InlineData("20 sit-up, counts 0, +6 when done", 20, 1, "6 reps")]
    public void A_tick_adds_its_bonus_to_what_the_units_are_worth(string work, long units, long ticks, string text)
    {
        Assert.Equal(text, Score(work, units, ticks));
        Assert.Equal(text, Score(work, units, null));
    }

    /// <summary>Whatever a unit is worth: as many ticks as the count has whole rounds give the score of the count.</summary>
    [Fact]
    public void Ticks_of_full_rounds_score_as_the_count_does() =>
        Gen.Select(Gen.Int[1, 5], Gen.Int[1, 12], Gen.Int[0, 60], Gen.Int[0, 3])
            .Sample(
                (rounds, amount, done, kind) =>
                {
                    var credit = new[] { "", ", every 2 count 1", ", counts 3", $", credited {amount + 2}" }[kind];
                    var units = Math.Min(done, (rounds * amount) - (rounds > 1 ? 0 : 0));
                    var work = $"{rounds} rounds\n  {amount} sit-up{credit}, +6 when done";
                    Assert.Equal(Score(work, units, null), Score(work, units, units / amount));
                },
                iter: 400
            );
}
