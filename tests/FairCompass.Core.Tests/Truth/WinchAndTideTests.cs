using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A draft in which much meets: places, intervals that carry over, each by the own duty, counts by member, a checkpoint, attempts
/// that begin at a load, a sum that is zero without one of its lifts. Worked by hand.</summary>
public class WinchAndTideTests
{
    private const string Draft = """
        Winch and Tide
          for Ferry Pairs
          a/b is man/woman
          seats man, woman

        12:00 clock
          A: for time
            every 2:00, unfinished carries over
              first
                12/10 cal rowing machine, each
              then
                70 sit-up
                  share: one at a time, at least 20 each, count by member, short is owed
                checkpoint Deck
                40 m farmer's carry, 2 x 24/16 kg, marks every 10 m
          B: for load, in the time left
            heaviest any-style clean, start 50/35 kg, 3 attempts, never down
              help: load plates by the partner

        score A: time of A
          unfinished: cap line by reps
          tie: time at Deck
        score B: sum of best loads of B
          A unfinished: not reached
          no good lift: zero
          tie: score A
        """;

    private static readonly Trial Pair = Trial.Of(Draft.Replace("\r", "", StringComparison.Ordinal) + "\n");

    private static PieceObservation A(long? then, long first, int? finish, int? deck, params long[] by) =>
        new("0", finish is { } f ? Duration.Seconds(f) : null)
        {
            Counts = finish is null ? [new StrandCount("first", first), new StrandCount("then", then)] : [],
            Marks = deck is { } d ? [new MarkRead("Deck", Duration.Seconds(d))] : [],
            By = by.Select((n, i) => new MemberUnits(i + 1, n)).ToEq(),
        };

    private static ComponentResult[] Scores(params PieceObservation[] seen)
    {
        var (course, sheet) = Pair.First;
        var run = Card.Resolve(new(EntryStatus.Ran, seen.ToEq()), course);
        Assert.Empty(Card.Validate(run, course, sheet));
        return [.. Scorer.Score(run, course, sheet, MassUnit.Kilogram)];
    }

    [Fact]
    public void It_is_understood_and_counted()
    {
        Assert.Empty(Pair.Read.Parsed.Problems);
        // The lane of the demo has one bell of each mass; nothing else is to be settled.
        Assert.Equal(["load-not-makeable"], Pair.Read.Findings().Where(f => f.Severity == Severity.MustFix).Select(f => f.Rule).Distinct());
        var strands = Pair.First.Course.Pieces[0].Strands;
        // Twelve of him and ten of her in each of six intervals; seventy sit-ups and four sections.
        Assert.Equal([132L, 74L], strands.Select(s => s.Counter.Units!.Value));
    }

    /// <summary>46 of 70 at the cap with five intervals rowed: the rowing beside it and never added; she has 17 of her 20.</summary>
    [Fact]
    public void Stopped_at_the_cap()
    {
        var results = Scores(A(46, 110, null, null, 29, 17));
        Assert.Equal("46 of 74 at the cap", results[0].Text);
        Assert.Contains("sit-up: the 1st 29 and the 2nd 17; the 2nd owes 3.", results[0].Reasons);
        Assert.Contains("5 whole intervals", results[0].Reasons[0], StringComparison.Ordinal);
        Assert.Equal(ResultClass.NotReached, results[1].Class);
    }

    /// <summary>Done at 9:41 with Deck at 7:02; then 85 and 60 in what is left. A missed second lifter is nothing for both.</summary>
    [Theory]
    [InlineData(true, "145 kg")]
    [InlineData(false, "0 kg")]
    public void Finished(bool made, string sum)
    {
        var results = Scores(
            A(null, 0, 581, 422, 50, 20),
            new PieceObservation("1") { Tries = [new Try(50, true, 1), new Try(60, made, 2), new Try(85, true, 1)] }
        );
        Assert.Equal(("9:41", "Deck at 7:02"), (results[0].Text, results[0].TieText));
        Assert.Equal(sum, results[1].Text);
    }

    [Fact]
    public void The_card_asks_for_all_of_it()
    {
        var card = Pair.Paper(Audience.LaneCard);
        Assert.All(
            [
                "Who did how many",
                "1st (20) □",
                "Checkpoint Deck",
                "On the bar at the start: 50 kg (1st), 35 kg (2nd).",
                "More than 3 attempts",
            ],
            words => Assert.Contains(words, card, StringComparison.OrdinalIgnoreCase)
        );
    }
}
