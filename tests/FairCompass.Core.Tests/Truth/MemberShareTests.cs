using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Checks;
using FairCompass.Core.Courses;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Who did how many of a shared task, the fewest of each, and what it costs to do fewer.</summary>
public class MemberShareTests
{
    private static Trial Of(string costs, string score = Trial.ForTime) =>
        Trial.Pairs(
            $"9:00 for time\n  70 sit-up\n    share: one at a time, at least 20 each, count by member, short is {costs}\n"
                + $"  30 burpee\n{score}"
        );

    private static PieceObservation By(long? done, params long[] units) =>
        new("0", done is null ? Duration.Seconds(500) : null, done) { By = units.Select((n, i) => new MemberUnits(i + 1, n)).ToEq() };

    private static IEnumerable<string> Refused(Trial trial, PieceObservation seen) =>
        Trial.Objections(trial.First, seen).Select(e => $"{e.Path}: {e.Message}");

    [Fact]
    public void What_is_owed_is_done_before_the_work_goes_on()
    {
        var trial = Of("owed");
        var result = trial.Score(By(46, 29, 17));
        Assert.Equal("46 of 100 at the cap", result.Text);
        Assert.Contains("sit-up: the 1st 29 and the 2nd 17; the 2nd owes 3.", result.Reasons);
        Assert.Equal(
            ["pieces[0].by: the 2nd owes 3, and only 0 of sit-up can still be done: 3 too many were counted for the others."],
            Refused(trial, By(80, 53, 17))
        );
        Assert.Equal(["pieces[0].by: 53 + 20 = 73 by member, but 70 of sit-up were done."], Refused(trial, By(null, 53, 20)));
        Assert.Equal("8:20", trial.Score(By(null, 50, 20)).Text);
    }

    [Fact]
    public void Without_a_result_nobody_is_short_while_it_can_still_be_made_up()
    {
        var trial = Of("no result");
        Assert.Equal(ResultClass.AtTheCap, trial.Score(By(46, 29, 17)).Class);
        Assert.Equal(ResultClass.NotScored, trial.Score(By(68, 51, 17)).Class);
        var result = trial.Score(By(null, 53, 17));
        Assert.Equal("The 2nd owes 3 of sit-up (at least 20 each), so there is no result.", Assert.Single(result.Reasons));
    }

    [Fact]
    public void What_is_not_counted_is_taken_off_a_count_and_refused_under_a_time()
    {
        Assert.Contains(
            Of("not counted").First.Sheet.Problems,
            p => p.Sentence == "A time leaves no reps out: say that short is owed, or short is no result."
        );
        var trial = Trial.Pairs(
            "9:00 for reps\n  max sit-up\n    share: one at a time, at least 20 each, count by member, short is not counted\n"
                + Trial.ForReps
        );
        Assert.Equal("43 reps", trial.Score(By(46, 29, 17)).Text);
        Assert.Equal("46 reps", trial.Score(By(46, 26, 20)).Text);
        // One more rep of anybody never counts less.
        Gen.Select(Gen.Long[0, 60], Gen.Long[0, 60], Gen.Bool)
            .Sample(
                (a, b, first) =>
                    Ranking.Compare(trial.Score(By(a + b + 1, first ? a + 1 : a, first ? b : b + 1)), trial.Score(By(a + b, a, b))) <= 0,
                iter: 300
            );
    }

    [Theory]
    [InlineData(3, 10, 0, "seat", "Nobody at place 3 shares this; there are 1 and 2.")]
    [InlineData(1, 10, 1, "task", "This task is not counted by member.")]
    [InlineData(1, 71, 0, "units", "From 0 to 70.")]
    public void What_a_member_cannot_have_done_is_refused(int seat, long units, int task, string key, string sentence) =>
        Assert.Contains(
            $"pieces[0].by[0].{key}: {sentence}",
            Refused(Of("owed"), new PieceObservation("0", null, 80) { By = [new MemberUnits(seat, units, task)] })
        );

    /// <summary>Sections are counted, not metres: 24 m in sections of 4 m are six, too few for two each of four.</summary>
    [Fact]
    public void A_least_beyond_the_work_is_said_in_the_units_that_are_counted() =>
        Assert.Contains(
            Trial
                .Crew(
                    "9:00 for reps\n  24 m walking lunge, marks every 4 m\n"
                        + "    share: one at a time, at least 2 each, count by member, short is owed\n"
                        + Trial.ForReps
                )
                .Read.Findings(),
            f => f.Rule == "sharing-impossible" && f.Sentence == "At least 2 each of 4 are 8, more than the 6 there are."
        );

    /// <summary>Each interval and each of several tasks in any order has a counter of its own; who did how many is added up over
    /// them.</summary>
    [Theory]
    [InlineData("every 1:00, unfinished is skipped, what is done counts\n    9 sit-up\n", 9)]
    [InlineData("in any order\n    30 sit-up\n", 20)]
    public void Work_with_several_counters_is_counted_by_member_too(string work, int done)
    {
        var trial = Trial.Pairs(
            $"6:00 for reps\n  {work}      share: one at a time, any split, count by member\n    12 burpee\n{Trial.ForReps}"
        );
        Assert.Empty(trial.First.Sheet.Problems);
        var piece = trial.First.Course.Pieces[0];
        var share = Assert.Single(MemberShare.Of(trial.First.Course, piece));
        var counts = piece.Strands.Where(s => s.Counter.DepthOf(share.Task) is not null).Take(3).ToList();
        var seen = new PieceObservation("0")
        {
            Counts = counts.Select((s, i) => new StrandCount(s.Key, i == 2 ? 5 : Math.Min(done, s.Counter.Units!.Value))).ToEq(),
        };
        var sum = share.Done(seen, piece)!.Value;
        Assert.Empty(Trial.Objections(trial.First, seen with { By = [new(1, sum - 4), new(2, 4)] }));
        Assert.Contains(
            $"{sum - 3} + 4 = {sum + 1} by member, but {sum} of sit-up were done.",
            Trial.Objections(trial.First, seen with { By = [new(1, sum - 3), new(2, 4)] })[0].Message,
            StringComparison.Ordinal
        );
        Assert.Empty(CardAgainstRun.Faults(trial.Read, 10));
    }

    /// <summary>Of what begins anew nobody is asked what being short costs, since no answer would hold.</summary>
    [Fact]
    public void A_least_of_intervals_is_one_note() =>
        Assert.Equal(
            ["sharing-impossible"],
            Trial
                .Pairs(
                    "6:00 for reps\n  every 1:00, unfinished is lost\n    9 sit-up\n"
                        + "      share: one at a time, at least 3 each, count by member\n"
                        + Trial.ForReps
                )
                .Read.Findings()
                .Where(f => f.Severity == Severity.MustFix)
                .Select(f => f.Rule)
        );

    [Theory]
    [InlineData(
        "2:00, unfinished carries over\n    first\n      9 sit-up\n        share: one at a time, count by member\n    then\n  "
            + "    max burpee\n",
        "What comes first in each interval"
    )]
    [InlineData(
        "1:00, unfinished is lost\n    9 sit-up\n      share: one at a time, at least 3 each, count by member, short is owed\n",
        "What an interval lacked"
    )]
    public void Where_members_cannot_be_told_apart_or_nothing_made_up_it_is_said(string work, string sentence) =>
        Assert.Contains(
            Trial.Pairs($"6:00 for reps\n  every {work}{Trial.ForReps}").Read.Findings(),
            f => f.Sentence.StartsWith(sentence, StringComparison.Ordinal)
        );

    [Fact]
    public void The_card_has_a_column_for_each_member()
    {
        var card = Of("owed").Paper(Audience.LaneCard);
        Assert.Contains("Who did how many", card, StringComparison.Ordinal);
        Assert.Contains("1st (20) □", card, StringComparison.Ordinal);
        Assert.DoesNotContain("20 done by each", card, StringComparison.Ordinal);
        var fields = Card.Fields(Of("owed").First.Course, Of("owed").First.Sheet).Where(f => f.Field == CardFieldKind.By).ToList();
        Assert.Equal([(1, 0), (2, 0)], fields.Select(f => (f.Number!.Value, f.Task!.Value)));
    }

    /// <summary>Whoever plays keeps the least, and what each did is on the card, in the facts, and adds up.</summary>
    [Fact]
    public void A_run_keeps_the_least_of_each()
    {
        var u = Of("owed").Read;
        var (player, heat) = (new Player(u, 0, PaceTable.Usual), u.Courses[0]);
        for (var seed = 1UL; seed <= 60; seed++)
        {
            var run = player.Play(seed);
            var by = run.End.Pieces[0].By;
            var strand = run.End.Pieces[0].Strands[0];
            Assert.Equal(strand.Of.Counter.UnitsOf(0, strand.Units), by.Sum(b => b.Units));
            Assert.True(strand.Units <= 70 || by.All(b => b.Units >= 20), $"seed {seed}: {string.Join(", ", by)}");
            var facts = PlayedFacts.Of(run.End, run.Events, DateTimeOffset.UnixEpoch);
            var read = Folding.Of(facts, heat, u.Sheets[0]);
            Assert.Empty(read.Disputes);
            Assert.Equal(by.OrderBy(b => b.Seat), read.Run.Of("0").By);
            Assert.Empty(Card.Validate(read.Run, heat, u.Sheets[0]));
        }
    }

    [Fact]
    public void Who_would_take_the_rest_of_another_is_stopped()
    {
        var (course, sheet) = Of("owed").First;
        var line = PlayedCourse.Start(course, sheet);
        for (var i = 1; i <= 50; i++)
        {
            line = line.After(new(Duration.Seconds(i), new Happened.Done("0", "", 1, 1)));
        }

        var refused = Assert.IsType<Outcome.Refused>(line.Apply(new(Duration.Seconds(51), new Happened.Done("0", "", 1, 1))));
        Assert.Equal("The rest is owed by others, each the fewest that are theirs.", refused.Sentence);
    }

    /// <summary>40 m in sections of 10 m, each, for two are eight sections; 12 and 10 calories, each by the own duty, are 22.</summary>
    [Theory]
    [InlineData("40 m walking lunge, marks every 10 m, each", 8)]
    [InlineData("12/10 cal rowing machine, each", 22)]
    [InlineData("15 burpee, each", 30)]
    public void What_each_does_adds_up(string task, long units)
    {
        var trial = Trial.Pairs($"9:00 for time\n  {task}\n{Trial.ForTime}");
        Assert.Equal(units, trial.First.Course.Pieces[0].Strand!.Units);
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Rule is "shared-amount" or "not-counted");
    }

    /// <summary>Against counting one by one.</summary>
    [Fact]
    public void Units_of_a_task_agree_with_counting() =>
        Gen.Select(Gen.Int[1, 6], Gen.Int[1, 5], Gen.Int[1, 4], Gen.Int[1, 4])
            .Sample(
                (a, b, rounds, inner) =>
                {
                    var trial = Trial.Tideline(
                        $"20:00 for time\n  {a} sit-up\n  {rounds} rounds\n    {b} burpee\n    {inner} rounds\n"
                            + $"      2-3-... air squat\n  {a} sit-up\n{Trial.ForTime}"
                    );
                    var strand = trial.First.Course.Pieces[0].Strand!;
                    var counts = new long[4];
                    for (var n = 1L; n <= strand.Units; n++)
                    {
                        counts[strand.At(n).Task]++;
                        for (var task = 0; task < counts.Length; task++)
                        {
                            Assert.Equal(counts[task], strand.UnitsOf(task, n));
                        }
                    }
                },
                iter: 60
            );
}
