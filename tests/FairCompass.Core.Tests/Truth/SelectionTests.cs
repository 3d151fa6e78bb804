using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>The lowest, the best, or the sum of the best of several cycles or members.</summary>
public class SelectionTests
{
    private const string Cycles = "4 cycles, rest 1:00 between\n  2:00 for reps\n    max sit-up\n";
    private const string Relay = "relay for reps, 2:00 each, change 0:30\n  max sit-up\n";

    private static Trial Of(string work, string score, string tie = "") =>
        (work == Relay ? Trial.Crew(work + $"\nscore: {score}\n{tie}") : Trial.Tideline(work + $"\nscore: {score}\n{tie}"));

    private static ComponentResult Score(Trial trial, params long[] counts) =>
        Trial.Score(trial.First, [.. counts.Select((n, i) => new PieceObservation($"{i}", null, n))]);

    [Theory]
    [InlineData("lowest cycle", "18 reps", "The lowest counts: 18 (cycle 3).")]
    [InlineData("best cycle", "31 reps", "The best counts: 31 (cycle 2).")]
    [InlineData("sum of the best 3 cycles", "82 reps", "The best 3 count: 31 + 27 + 24 = 82.")]
    public void Of_the_cycles(string score, string text, string reason)
    {
        var result = Score(Of(Cycles, score), 27, 31, 18, 24);
        Assert.Equal(text, result.Text);
        Assert.Equal(["cycle 1 27, cycle 2 31, cycle 3 18, cycle 4 24.", reason], result.Reasons);
    }

    [Fact]
    public void Of_the_members() => Assert.Equal("22 reps", Score(Of(Relay, "lowest member"), 27, 31, 22, 24).Text);

    [Fact]
    public void Equal_results_are_told_apart_by_the_next()
    {
        var trial = Of(Cycles, "lowest cycle");
        var (a, b) = (Score(trial, 18, 20, 30, 30), Score(trial, 18, 21, 22, 22));
        Assert.Equal([2, 1], Ranking.Places([a, b]));
        Assert.Contains("A tie is decided by the next lowest.", trial.Paper(Audience.Judge), StringComparison.Ordinal);
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Rule == "tie-unstated");
        var shared = Of(Cycles, "lowest cycle", "  tie: shared\n");
        Assert.Equal([1, 1], Ranking.Places([Score(shared, 18, 20, 30, 30), Score(shared, 18, 21, 22, 22)]));
    }

    /// <summary>By sorting all of them, and whatever was done more never ranks lower.</summary>
    [Fact]
    public void Agrees_with_sorting_and_never_ranks_more_work_lower() =>
        Gen.Select(Gen.Int[0, 40].Array[4], Gen.Int[0, 3], Gen.Int[1, 4], Gen.Bool)
            .Sample(
                (counts, more, n, lowest) =>
                {
                    var trial = Of(
                        Cycles,
                        lowest ? "lowest cycle"
                            : n == 1 ? "best cycle"
                            : $"sum of the best {n} cycles"
                    );
                    long[] now = [.. counts.Select(c => (long)c)];
                    var sorted = now.Order().ToArray();
                    var expected = lowest ? sorted[0] : sorted.Reverse().Take(n).Sum();
                    var result = Score(trial, now);
                    Assert.Equal(expected, -result.Value);
                    now[more]++;
                    Assert.True(Ranking.Compare(Score(trial, now), result) <= 0);
                },
                iter: 200
            );

    [Theory]
    [InlineData("9:00 for reps\n  max sit-up\n", "lowest cycle", "This work has no cycles, so none of them can be chosen.")]
    [InlineData(Cycles, "lowest member", "Nobody's own count is on the card here, so no member can be chosen.")]
    [InlineData(Cycles, "sum of the best 5 cycles", "There are 4 cycles, so the best 5 cannot be added up.")]
    [InlineData(Cycles, "sum of the best 0 cycles", "The best 0 are nothing.")]
    public void What_cannot_be_chosen_is_said(string work, string score, string sentence) =>
        Assert.Contains(Of(work, score).First.Sheet.Problems, p => p.Sentence == sentence);
}
