using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Scoring;

public class ScoringTests
{
    private static (Course Course, ScoreSheet Sheet) Of(string text, string division = "Tideline", string duty = "man")
    {
        var u = Demo.Understand(text);
        var i = u.IndexOf(division, duty);
        return (u.Courses[i], u.Sheets[i]);
    }

    private static RunObservation Run(params PieceObservation[] pieces) => new(EntryStatus.Ran, pieces.ToEq());

    private static PieceObservation Finished(string time, string? tie = null, string piece = "0") =>
        new(piece, Duration.TryParse(time), null, tie is null ? null : Duration.TryParse(tie), []);

    private static PieceObservation Stopped(long units, string? tie = null, string piece = "0") =>
        new(piece, null, units, tie is null ? null : Duration.TryParse(tie), []);

    private static PieceObservation Lifted(params (decimal Load, bool Made)[] tries) =>
        new("1", null, null, null, tries.Select(t => new Try(t.Load, t.Made)).ToEq());

    private static ComponentResult Score(string text, RunObservation run, int component = 0)
    {
        var (course, sheet) = Of(text);
        Assert.Empty(Card.Validate(run, course, sheet));
        return Scorer.Score(run, course, sheet, MassUnit.Kilogram)[component];
    }

    [Fact]
    public void Cap_line_ranks_after_every_finisher_by_reps()
    {
        var text = DraftTexts.Demo("01");
        Assert.Equal("8:32", Score(text, Run(Finished("8:32"))).Text);
        var short1 = Score(text, Run(Stopped(113)));
        Assert.Equal("113 of 114 at the cap", short1.Text);
        Assert.Contains("round 3, air bike 13 of 14", short1.Reasons[0], StringComparison.Ordinal);
        Assert.Equal(
            [1, 2, 3, 4],
            Ranking.Places([
                Score(text, Run(Finished("8:32"))),
                Score(text, Run(Finished("11:00"))),
                short1,
                Score(text, Run(Stopped(112))),
            ])
        );
    }

    /// <summary>8:00 + (66 − 60) × 1 s = 8:06.</summary>
    [Fact]
    public void A_penalty_adds_for_what_is_missing()
    {
        var result = Score(DraftTexts.Demo("04"), Run(Stopped(60, "6:10")));
        Assert.Equal("8:06 (60 of 66)", result.Text);
        Assert.Equal("round 2 at 6:10", result.TieText);
        Assert.Contains("6 reps missing × 0:01 = 0:06; 8:00 + that = 8:06.", result.Reasons);
    }

    [Fact]
    public void Ties_are_broken_by_the_time_at_a_round_or_shared()
    {
        var text = DraftTexts.Demo("04");
        var early = Score(text, Run(Finished("7:00", "5:00")));
        var late = Score(text, Run(Finished("7:00", "5:20")));
        var without = Score(text, Run(Stopped(10)));
        Assert.Equal([2, 1, 3], Ranking.Places([late, early, without]));
        var shared = DraftTexts.Demo("03");
        Assert.Equal(
            [1, 1, 3],
            Ranking.Places([
                Score(shared, Run(Finished("9:00"))),
                Score(shared, Run(Finished("9:00"))),
                Score(shared, Run(Finished("9:01"))),
            ])
        );
    }

    [Fact]
    public void The_last_full_round_breaks_ties_of_reps()
    {
        var text = DraftTexts.Demo("02");
        var a = Score(text, Run(Stopped(90, "12:10")));
        Assert.Equal("90 reps", a.Text);
        Assert.Contains("6 full rounds (84 reps) and 6 reps of the next.", a.Reasons);
        Assert.Equal([1, 2], Ranking.Places([a, Score(text, Run(Stopped(90, "12:11")))]));
    }

    [Fact]
    public void The_kinds_of_nothing_have_an_order()
    {
        var text = DraftTexts.Demo("01");
        var results = new[]
        {
            Score(text, Run(Finished("8:00"), Lifted((90, true), (100, false))), 1),
            Score(text, Run(Finished("8:00"), Lifted((90, false))), 1),
            Score(text, Run(Finished("8:00")), 1),
            Score(text, Run(Stopped(100)), 1),
            Score(text, new RunObservation(EntryStatus.Withdrew, []), 1),
            Score(text, new RunObservation(EntryStatus.DidNotStart, []), 1),
        };
        Assert.Equal(["90 kg", "no good lift", "0", "not reached", "withdrew", "did not start"], results.Select(r => r.Text));
        Assert.Equal([1, 2, 3, 4, 5, 6], Ranking.Places(results));
    }

    [Fact]
    public void Another_score_of_the_run_breaks_a_tie_of_loads()
    {
        var text = DraftTexts.Demo("01");
        Assert.Equal(
            [2, 1],
            Ranking.Places([
                Score(text, Run(Finished("9:00"), Lifted((90, true))), 1),
                Score(text, Run(Finished("8:59"), Lifted((90, true))), 1),
            ])
        );
    }

    [Theory]
    [InlineData("finish after the cap", "0:11:01", null, null, "pieces[0].finish")]
    [InlineData("all reps without a time", null, 114L, null, "pieces[0].units")]
    [InlineData("negative", null, -1L, null, "pieces[0].units")]
    [InlineData("nothing", null, null, null, "pieces[0].units")]
    [InlineData("both", "0:08:00", 12L, null, "pieces[0].units")]
    [InlineData("a lift although A is unfinished", null, 12L, 90, "pieces[1].tries")]
    [InlineData("a load of nothing", "0:08:00", null, 0, "pieces[1].tries[0].load")]
    public void Observations_that_cannot_happen_are_refused_at_their_field(string what, string? finish, long? units, int? load, string path)
    {
        _ = what;
        var (course, sheet) = Of(DraftTexts.Demo("01"));
        var run = Run(
            new("0", finish is null ? null : Duration.TryParse(finish), units, null, []),
            new("1", null, null, null, load is { } l ? [new Try(l, true)] : [])
        );
        Assert.Equal(path, Assert.Single(Card.Validate(run, course, sheet)).Path);
    }

    [Fact]
    public void A_place_in_the_ledger_is_as_good_as_a_count()
    {
        var (course, sheet) = Of(DraftTexts.Demo("01"));
        PieceObservation Stood(long? round, int task, long unit) => new("0", null, null, null, [], new LedgerPlace(round, task, unit));
        var run = Card.Resolve(Run(Stood(3, 2, 13)), course);
        Assert.Equal(113, run.Pieces[0].Performed);
        Assert.Empty(Card.Validate(run, course, sheet));
        foreach (var wrong in new[] { Stood(4, 0, 1), Stood(3, 0, 9), Stood(null, 0, 1), Stood(1, 9, 1), Stood(1, 0, -1) })
        {
            Assert.Equal("pieces[0].stood", Assert.Single(Card.Validate(Card.Resolve(Run(wrong), course), course, sheet)).Path);
        }

        Assert.Equal("pieces[0].stood", Card.Validate(Run(Stood(1, 0, 1) with { Units = 5 }), course, sheet)[0].Path);
    }

    /// <summary>
    /// Drying Out: cap 10:00, 2:00 more past 144 of 240. Counted from one's own cap, 143 reps give 10:00 + 97 s = 11:37 and beat a
    /// finish in 11:45.
    /// </summary>
    [Fact]
    public void A_penalty_after_a_gate_must_count_from_the_longest_cap()
    {
        var limit = new Limit(Duration.Seconds(600), [new GateAt(144, Duration.Seconds(120))]);
        var found = Monotone.Find(new CapRule.Penalty(Duration.Seconds(1), FromLongest: false), 240, limit);
        Assert.Equal(
            new CounterExample(240, Duration.TryParse("11:45"), 143, Duration.TryParse("11:45")!.Value, Duration.TryParse("11:37")!.Value),
            found
        );
        Assert.Null(Monotone.Find(new CapRule.Penalty(Duration.Seconds(1), FromLongest: true), 240, limit));
        Assert.Null(Monotone.Find(new CapRule.CapLine(), 240, limit));
    }

    [Fact]
    public void Adding_what_was_done_is_always_refused() =>
        Gen.Select(Gen.Long[2, 5000], Gen.Int[1, 60])
            .Sample(
                (total, each) =>
                    Assert.NotNull(Monotone.Find(new CapRule.AddDone(Duration.Seconds(each)), total, new Limit(Duration.Seconds(480), [])))
            );

    /// <summary>Who has done at least as much at every instant never ranks lower, under both schools, gates included.</summary>
    [Fact]
    public void More_work_never_ranks_lower() =>
        Gen.Select(Gen.Long[1, 400], Gen.Long[0, 400], Gen.Long[0, 400], Gen.Int[0, 600], Gen.Bool, Gen.Int[0, 60])
            .Sample(
                (total, a, b, gate, line, each) =>
                {
                    var (less, more) = (Math.Min(a, b) % total, Math.Min(Math.Max(a, b), total - 1));
                    var limit = new Limit(Duration.Seconds(600), gate < total ? [new GateAt(gate, Duration.Seconds(90))] : []);
                    CapRule rule = line ? new CapRule.CapLine() : new CapRule.Penalty(Duration.Seconds(each), FromLongest: true);
                    if (less <= more)
                    {
                        Assert.True(rule.Key(null, more, total, limit).CompareTo(rule.Key(null, less, total, limit)) <= 0);
                    }

                    Assert.True(rule.Key(limit.Longest, total, total, limit).CompareTo(rule.Key(null, more, total, limit)) <= 0);
                }
            );

    [Fact]
    public void Permuting_results_permutes_places() =>
        Gen.Select(Results, Gen.Int)
            .Sample(
                (results, seed) =>
                {
                    var order = Enumerable.Range(0, results.Count).OrderBy(i => unchecked((i * 7919) ^ seed)).ToArray();
                    var places = Ranking.Places(results);
                    var moved = Ranking.Places(order.Select(i => results[i]).ToList());
                    Assert.Equal(order.Select(i => places[i]), moved);
                    Assert.All(
                        Enumerable.Range(0, results.Count),
                        i => Assert.Equal(1 + results.Count(r => Ranking.Compare(r, results[i]) < 0), places[i])
                    );
                }
            );

    [Fact]
    public void Samples_are_valid_and_always_the_same()
    {
        foreach (var name in DraftTexts.DemoNames)
        {
            var u = Demo.Understand(DraftTexts.Read(name));
            for (var i = 0; i < u.Courses.Count; i++)
            {
                var samples = SampleRuns.Of(u.Courses[i], u.Sheets[i], Demo.Competition);
                var gated = u.Courses[i].Pieces.Any(p => p.Limit is { Gates.Count: > 0 });
                // Who is one short is not shown where the last unit is worth less than one.
                Assert.InRange(samples.Count, gated ? 11 : 9, gated ? 12 : 10);
                Assert.Equal(samples, SampleRuns.Of(u.Courses[i], u.Sheets[i], Demo.Competition));
                Assert.All(samples, s => Assert.Empty(Card.Validate(s.Run, u.Courses[i], u.Sheets[i])));
                for (var c = 0; c < u.Sheets[i].Components.Count; c++)
                {
                    // Equal results share a place exactly where no tie-break tells them apart.
                    var same = samples
                        .Where(s => s.Results[c].Class <= ResultClass.AtTheCap)
                        .GroupBy(s => s.Results[c].Value)
                        .Where(g => g.Count() > 1)
                        .ToList();
                    // Of what is read as seconds or loads, samples need not meet.
                    Assert.True(
                        same.Count > 0 || u.Sheets[i].Components[c].Tally.Of is TallyOf.Load or TallyOf.Seconds or TallyOf.Millimetres,
                        $"{name}: no two samples of {u.Sheets[i].Components[c].Name} are equal"
                    );
                    Assert.All(
                        same,
                        g =>
                            Assert.Equal(g.Select(s => s.Results[c].Ties).Distinct().Count(), g.Select(s => s.Places[c]).Distinct().Count())
                    );
                }
            }
        }
    }

    [Fact]
    public void The_other_school_gives_the_same_order_among_samples()
    {
        var (course, sheet) = Of(DraftTexts.Demo("03"));
        var other = OtherSchool.Of(sheet)!;
        var runs = SampleRuns.Of(course, sheet, Demo.Competition).Select(s => s.Run).ToList();
        Assert.Equal(
            Ranking.Places(runs.Select(r => Scorer.Score(r, course, sheet, MassUnit.Kilogram)[0]).ToList()),
            Ranking.Places(runs.Select(r => Scorer.Score(r, course, other, MassUnit.Kilogram)[0]).ToList())
        );
    }

    private static readonly Gen<List<ComponentResult>> Results = Gen.Select(
        Gen.Int[0, 2],
        Gen.Int[0, 3],
        Gen.Int[0, 2],
        (c, v, t) => new ComponentResult((ResultClass)c, v, [t], "", null, [])
    ).List[1, 30];
}
