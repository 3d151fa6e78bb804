using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Work with several counters has its goal on those that its score names, and every one of them stands on the card.</summary>
public class SeveralCountersTests
{
    private const string Rows =
        "9:00 for time\n  every 1:30, unfinished carries over\n    first\n      13/10 cal rowing machine\n    then\n      50 sit-up\n";

    private const string Stations =
        "7:00 stations for reps, swap when Deck is done\n  station Oars\n    max m rowing machine\n  station Deck\n    10 sit-up\n"
        + "    8 burpee\n\nscore Far: metres of Oars\n  tie: shared\n\nscore Rounds: rounds and reps of Deck\n  tie: shared\n";

    private static PieceObservation Counts(params (string Strand, long Counted)[] counts) =>
        new("0") { Counts = counts.Select(c => new StrandCount(c.Strand) { Counted = c.Counted }).ToEq() };

    [Fact]
    public void Who_is_nearer_to_the_goal_ranks_higher()
    {
        var trial = Trial.Tideline(Rows + Trial.ForTime);
        var (near, far) = (trial.Score(Counts(("first", 40), ("then", 46))), trial.Score(Counts(("first", 65), ("then", 31))));
        Assert.Equal(("46 of 50 at the cap", "31 of 50 at the cap"), (near.Text, far.Text));
        Assert.True(Ranking.Compare(near, far) < 0);
        Assert.Contains("first in each interval (rowing machine): 40, 3 whole intervals", near.Reasons[0], StringComparison.Ordinal);
    }

    [Fact]
    public void A_penalty_is_for_what_is_missing_of_the_goal()
    {
        var trial = Trial.Tideline(Rows + "\nscore: time\n  unfinished: +0:01 for each missing rep\n  tie: shared\n");
        Assert.Equal("9:06 (44 of 50)", trial.Score(Counts(("first", 65), ("then", 44))).Text);
        Assert.Equal("8:20", trial.Score(new("0", Duration.TryParse("8:20"))).Text);
    }

    [Fact]
    public void Stations_that_swap_are_scores_of_their_own()
    {
        var trial = Trial.Pairs(Stations);
        Assert.Empty(trial.First.Sheet.Problems);
        var run = Card.Resolve(new(EntryStatus.Ran, [Counts(("Oars", 1234), ("Deck", 40))]), trial.First.Course);
        Assert.Empty(Card.Validate(run, trial.First.Course, trial.First.Sheet));
        var results = Scorer.Score(run, trial.First.Course, trial.First.Sheet, MassUnit.Kilogram);
        Assert.Equal(["1234 m", "2 + 4"], results.Select(r => r.Text));
        var card = trial.Paper(Audience.LaneCard);
        Assert.Contains("Oars\nRowing machine, m\n", card, StringComparison.Ordinal);
        Assert.Contains("Deck: running totals", card, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("score: time of Shed\n  unfinished: cap line by reps\n  tie: shared\n", "There is no part called Shed")]
    [InlineData("score: reps of Shed\n  tie: shared\n", "There is no part called Shed")]
    public void A_score_that_cannot_be_computed_is_a_finding(string score, string sentence)
    {
        var u = Trial.Tideline("7:00 for reps\n  rounds without end\n    10 sit-up\n\n" + score).Read;
        Assert.Contains(u.Findings(), f => f.Sentence.Contains(sentence, StringComparison.Ordinal));
        Assert.All(u.Sheets, s => Assert.Empty(s.Components));
    }

    [Fact]
    public void An_interval_has_a_box_and_the_goal_a_count_at_each_end()
    {
        var card = Trial.Tideline(Rows + Trial.ForTime).Paper(Audience.LaneCard);
        Assert.Contains("Interval 6", card, StringComparison.Ordinal);
        Assert.Contains("13 cal rowing machine", card, StringComparison.Ordinal);
        Assert.Contains("6, to 9:00", card, StringComparison.Ordinal);
        Assert.Contains("In the rest of the intervals (sit-up): running totals, 50 in all", card, StringComparison.Ordinal);
    }

    [Fact]
    public void A_place_names_its_counter_by_its_task()
    {
        var trial = Trial.Tideline(Rows + Trial.ForTime);
        PieceObservation At(LedgerPlace place, params StrandCount[] others) => new("0") { Stood = place, Counts = others.ToEq() };
        var run = Card.Resolve(new(EntryStatus.Ran, [At(new(2, 0, 3), new StrandCount("then") { Counted = 20 })]), trial.First.Course);
        Assert.Empty(Card.Validate(run, trial.First.Course, trial.First.Sheet));
        Assert.Equal([("then", 20L), ("first", 16L)], run.Pieces[0].Counts.Select(c => (c.Strand, c.Performed!.Value)));
        Assert.Equal(13, Card.Resolve(new(EntryStatus.Ran, [At(new(2, 0, 0))]), trial.First.Course).Pieces[0].Counts[0].Performed);
        Assert.Equal(
            "pieces[0].stood",
            Assert.Single(Trial.Objections(trial.First, At(new(2, 7, 1)) with { Counts = [new("then", 3)] })).Path
        );
    }

    /// <summary>With every counter varied: a result at the cap is never over its goal, more work never ranks lower, and no penalty is
    /// negative.</summary>
    [Fact]
    public void More_work_of_any_counter_never_ranks_lower() =>
        Gen.Select(Gen.Int[1, 20], Gen.Int[1, 60], Gen.Int[0, 2], Gen.Long[0, 400], Gen.Long[0, 400], Gen.Long[0, 30], Gen.Long[0, 30])
            .Sample(
                (first, then, rule, a, b, more, further) =>
                {
                    var unfinished = ((string[])["cap line by reps", "+0:01 for each missing rep", "cap line by calories"])[rule];
                    var trial = Trial.Tideline(
                        $"9:00 for time\n  every 1:30, unfinished carries over\n    first\n      {first} cal rowing machine\n    then\n"
                            + $"      {then} sit-up\n\nscore: time\n  unfinished: {unfinished}\n  tie: shared\n"
                    );
                    long Of(long n, string strand) =>
                        Math.Min(
                            n,
                            trial.First.Course.Pieces[0].Strands.First(s => s.Key == strand).Counter.Units!.Value
                                - (strand == "then" ? 1 : 0)
                        );
                    var less = trial.Score(Counts(("first", Of(a, "first")), ("then", Of(b, "then"))));
                    var greater = trial.Score(Counts(("first", Of(a + more, "first")), ("then", Of(b + further, "then"))));
                    Assert.True(Ranking.Compare(greater, less) <= 0, $"{greater.Text} after {less.Text}");
                    if (rule == 1)
                    {
                        Assert.InRange(less.Value, 540_000, 540_000 + (then * 1000));
                    }
                },
                iter: 150
            );
}
