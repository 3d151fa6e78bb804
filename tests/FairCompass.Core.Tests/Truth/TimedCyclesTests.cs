using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>The slowest or the fastest of windows that begin at fixed times: every three minutes a round, the slowest counts.</summary>
public class TimedCyclesTests
{
    private static Trial Of(string score) =>
        Trial.Tideline($"4 cycles\n  3:00 for time\n    20 sit-up\n    10 burpee\n\nscore: {score}\n  unfinished: cap line by reps\n");

    /// <summary>One card: seconds from each window’s own start, or the reps of one that was not finished.</summary>
    private static ComponentResult Score(Trial trial, params (int? Seconds, long Reps)[] cycles) =>
        Trial.Score(
            trial.First,
            [
                .. cycles.Select(
                    (c, i) =>
                        c.Seconds is { } s
                            ? new PieceObservation($"{i}", Duration.Seconds((180 * i) + s), null)
                            : new PieceObservation($"{i}", null, c.Reps)
                ),
            ]
        );

    [Theory]
    [InlineData("slowest cycle", "2:31", "The slowest counts: 2:31 (cycle 3).")]
    [InlineData("fastest cycle", "1:50", "The fastest counts: 1:50 (cycle 2).")]
    public void Each_is_timed_from_its_own_start(string score, string text, string reason)
    {
        var result = Score(Of(score), (115, 0), (110, 0), (151, 0), (128, 0));
        Assert.Equal(text, result.Text);
        Assert.Equal(["Cycle 1 1:55, cycle 2 1:50, cycle 3 2:31, cycle 4 2:08.", reason], result.Reasons);
    }

    [Fact]
    public void Who_misses_a_cycle_is_behind_by_all_that_was_done()
    {
        var slowest = Of("slowest cycle");
        var missed = Score(slowest, (60, 0), (60, 0), (60, 0), (null, 29));
        Assert.Equal((ResultClass.AtTheCap, "119 of 120 at the cap"), (missed.Class, missed.Text));
        Assert.Equal([2, 1], Ranking.Places([missed, Score(slowest, (179, 0), (179, 0), (179, 0), (179, 0))]));
        var fastest = Score(Of("fastest cycle"), (null, 29), (null, 11), (null, 0), (null, 3));
        Assert.Equal("29 of 30 at the cap", fastest.Text);
        Assert.Equal("1:30", Score(Of("fastest cycle"), (null, 29), (90, 0), (null, 0), (null, 3)).Text);
    }

    /// <summary>Work that is done sooner, or more of it, in any window never ranks lower, whatever the others were.</summary>
    [Fact]
    public void Ahead_in_one_window_never_ranks_lower() =>
        Gen.Select(Gen.Int[0, 200].Array[4], Gen.Int[0, 3], Gen.Int[1, 40], Gen.Bool)
            .Sample(
                (progress, at, ahead, slowest) =>
                {
                    // Up to 29 are reps at the bell, from 30 on seconds to spare.
                    (int?, long) Read(int p) => p < 30 ? (null, p) : (Math.Max(1, 180 - (p - 30)), 0);
                    var trial = slowest ? Slowest : Fastest;
                    var result = Score(trial, [.. progress.Select(Read)]);
                    progress[at] += ahead;
                    Assert.True(Ranking.Compare(Score(trial, [.. progress.Select(Read)]), result) <= 0);
                },
                iter: 500
            );

    private static readonly Trial Slowest = Of("slowest cycle");
    private static readonly Trial Fastest = Of("fastest cycle");

    [Fact]
    public void Papers_say_it_in_both_languages()
    {
        var trial = Of("slowest cycle");
        Assert.Empty(trial.Read.Findings());
        var judge = trial.Paper(Audience.Judge);
        Assert.Contains("the time of the slowest cycle, each from its own start", judge, StringComparison.Ordinal);
        Assert.Contains("Who does not finish every cycle ranks after all who do", judge, StringComparison.Ordinal);
        Assert.Contains("A tie is decided by the next slowest.", judge, StringComparison.Ordinal);
        Assert.Contains(
            "el tiempo del ciclo más lento, cada uno desde su salida",
            string.Join(' ', ScoreSentences.Of(trial.First.Sheet.Components[0], trial.First.Sheet, trial.First.Course, Tongue.Spanish)),
            StringComparison.Ordinal
        );
    }

    /// <summary>Rounds that follow one another: 1, 1, 3 minutes are ahead of 2, 2, 2 all the time and would rank behind.</summary>
    [Fact]
    public void A_slowest_round_is_refused_with_the_way_to_write_it()
    {
        var read = Trial.Tideline("9:00 for time\n  3 rounds\n    20 sit-up\n\nscore: slowest round\n  tie: shared\n").Read;
        var problem = Assert.Single(read.Parsed.Problems);
        Assert.Contains("could have the slower round", problem.Sentence, StringComparison.Ordinal);
        Assert.Contains("slowest cycle", problem.Expected, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("4 cycles\n  3:00 for reps\n    max sit-up\n", "unfinished: cap line by reps", "has no end, so it has no time")]
    [InlineData("4 cycles\n  3:00 for time\n    20 sit-up\n", "unfinished: +0:01 for each missing rep", "say unfinished: cap line by reps")]
    [InlineData("3:00 for time\n  20 sit-up\n", "unfinished: cap line by reps", "This work has no cycles")]
    public void What_has_no_slowest_cycle_is_said(string work, string unfinished, string sentence) =>
        Assert.Contains(
            Trial.Tideline($"{work}\nscore: slowest cycle\n  {unfinished}\n").First.Sheet.Problems,
            p => p.Sentence.Contains(sentence, StringComparison.Ordinal)
        );
}
