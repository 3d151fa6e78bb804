using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>Times of a part that does not begin with the clock, as a hand with the card would work them out.</summary>
public class PartTimeTests
{
    private static string Draft(string score, string timing = "") =>
        "Trial\n  for Tideline\n  a/b is man/woman\n\nA: 5:00 for reps\n  max sit-up\nrest 1:00\nB: 4:00 for time\n  20 burpee\n"
        + $"  30 sit-up\n\nscore A: reps of A\n  tie: shared\nscore B: {score}\n  tie: shared\n{timing}";

    private static ComponentResult Of(string draft, string? finish, long? units)
    {
        var u = Demo.Understand(draft);
        Assert.Empty(u.Parsed.Problems);
        var run = new RunObservation(
            EntryStatus.Ran,
            [new("0", null, 70, null, []), new("1", finish is null ? null : Duration.TryParse(finish), units, null, [])]
        );
        Assert.Empty(Card.Validate(run, u.Courses[0], u.Sheets[0]));
        return Scorer.Score(run, u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[1];
    }

    /// <summary>B opens at 6:00, so who is done at 8:41 of the hall clock has needed 2:41.</summary>
    [Theory]
    [InlineData("time of B\n  unfinished: cap line by reps", "8:41", null, "2:41", 161_000)]
    [InlineData("time by the hall clock of B\n  unfinished: cap line by reps", "8:41", null, "8:41", 521_000)]
    [InlineData("time of B\n  unfinished: cap line by reps", "10:00", null, "4:00", 240_000)]
    // 50 reps in all, 44 done: six missing, a second each, on top of the cap of 4:00 of the part, or 10:00 of the hall clock.
    [InlineData("time of B\n  unfinished: +0:01 for each missing rep", null, 44L, "4:06 (44 of 50)", 246_000)]
    [InlineData("time by the hall clock of B\n  unfinished: +0:01 for each missing rep", null, 44L, "10:06 (44 of 50)", 606_000)]
    [InlineData("time of B\n  unfinished: +0:05 for each missing rep", null, 49L, "4:05 (49 of 50)", 245_000)]
    public void A_part_has_its_own_zero(string score, string? finish, long? units, string text, long ms)
    {
        var result = Of(Draft(score), finish, units);
        Assert.Equal((text, ms), (result.Text, result.Value));
        Assert.Equal(ResultClass.Scored, result.Class);
    }

    /// <summary>Read as the rule says: whole seconds that have begun (common practice), tenths and hundredths up.</summary>
    [Theory]
    [InlineData("", "8:41.237", "2:41")]
    [InlineData("timing: whole seconds\n", "8:41.999", "2:41")]
    [InlineData("timing: tenths by hand\n", "8:41.21", "2:41.3")]
    [InlineData("timing: tenths by hand\n", "8:41.3", "2:41.3")]
    [InlineData("timing: hundredths\n", "8:41.231", "2:41.24")]
    [InlineData("timing: hundredths\n", "8:41.23", "2:41.23")]
    [InlineData("timing: hundredths\n", "8:41.999", "2:42")]
    public void Times_are_read_as_finely_as_the_rule_says(string timing, string finish, string text) =>
        Assert.Equal(text, Of(Draft("time of B\n  unfinished: cap line by reps", timing), finish, null).Text);

    /// <summary>Who finished in the last second is ahead of who missed one rep, and one missing rep ahead of two.</summary>
    [Theory]
    [InlineData("time of B\n  unfinished: cap line by reps")]
    [InlineData("time of B\n  unfinished: +0:01 for each missing rep")]
    [InlineData("time by the hall clock of B\n  unfinished: +0:01 for each missing rep")]
    public void The_order_around_the_cap(string score)
    {
        var draft = Draft(score);
        Assert.Equal(
            [1, 2, 3, 4],
            Ranking.Places([Of(draft, "9:59", null), Of(draft, "10:00", null), Of(draft, null, 49), Of(draft, null, 48)])
        );
    }

    [Fact]
    public void A_finish_before_the_part_begins_is_refused_at_its_field()
    {
        var u = Demo.Understand(Draft("time of B\n  unfinished: cap line by reps"));
        var run = new RunObservation(EntryStatus.Ran, [new("0", null, 70, null, []), new("1", Duration.TryParse("2:41"), null, null, [])]);
        Assert.Equal("pieces[1].finish", Assert.Single(Card.Validate(run, u.Courses[0], u.Sheets[0])).Path);
    }
}
