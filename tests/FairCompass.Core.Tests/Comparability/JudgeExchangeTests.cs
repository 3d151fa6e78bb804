using FairCompass.Comparability;
using FairCompass.Comparability.Statement;

namespace FairCompass.Core.Tests.Comparability;

/// <summary>Places that depend on who judged, on boards whose judges are known.</summary>
public class ExchangeTests
{
    private static readonly Guid[] Ids = [.. Enumerable.Range(0, 30).Select(_ => Guid.NewGuid())];

    private static Judged Result(int entry, int judge, double value, long? noReps, double per = 3000) =>
        new(Ids[entry], Ids[20 + judge], "1", 0, value, entry + 1, per, noReps);

    private static JudgeExchange Known(params double[] effects) =>
        JudgeExchange.Of(
            effects.Select((e, i) => (Ids[20 + i], new Effect(e, 0))).ToDictionary(x => x.Item1, x => x.Item2),
            new Dictionary<string, Effect> { ["1"] = new(0, 0) }
        );

    [Fact]
    public void Judges_who_are_alike_change_nothing()
    {
        var board = Known(0, 0).Of([.. Enumerable.Range(0, 8).Select(i => Result(i, i % 2, 300_000 + (i * 10), 12))], 1);
        Assert.Empty(board.Shaky);
        Assert.Equal((8, 8), (board.Results, board.Said));
        Assert.Equal(0, board.JudgeShare!.Value, 1e-12);
        Assert.Equal(0, board.Largest!.NoReps, 1e-12);
    }

    /// <summary>A judge who calls twice as many: of 10 no-reps an ordinary one had not called 5, at 3 s each 15 s.</summary>
    [Fact]
    public void What_a_judge_cost_is_what_an_ordinary_one_would_not_have_called()
    {
        var exchange = Known(Math.Log(2), 0);
        var cost = exchange.CostOf(Result(0, 0, 300_000, 10));
        Assert.Equal(5, cost.NoReps, 1e-9);
        Assert.Equal(15_000, cost.NoReps * cost.PerNoRep, 1e-6);
        Assert.Equal((cost.NoReps, cost.NoReps), (cost.Low, cost.High));
    }

    [Fact]
    public void Near_places_of_a_strict_and_a_lenient_judge_do_not_stand_and_far_ones_do()
    {
        // Two seconds apart, with twenty no-reps of which half are the strict judge’s; the others minutes apart.
        Judged[] results = [Result(0, 1, 300_000, 10), Result(1, 0, 302_000, 20), Result(2, 0, 600_000, 10), Result(3, 1, 900_000, 10)];
        var board = Known(Math.Log(2), 0).Of(results, 7);
        Assert.Equal([1, 2], board.Shaky.Select(s => s.Place));
        // Both stay only where both keep a judge of their kind: one time in four.
        Assert.All(board.Shaky, s => Assert.InRange(s.Kept, 17, 33));
        Assert.Equal(board.Shaky, Known(Math.Log(2), 0).Of(results, 7).Shaky);
        Assert.InRange(board.JudgeShare!.Value, 1e-6, 0.02);
    }

    [Fact]
    public void What_nobody_tallied_and_what_no_rep_costs_nothing_is_not_exchanged()
    {
        var board = Known(1, 0).Of([Result(0, 0, 100, null), Result(1, 1, 101, 50, per: 0), Result(2, 1, 102, 3) with { Judge = null }], 3);
        Assert.Equal((3, 0), (board.Results, board.Said));
        Assert.Empty(board.Shaky);
        Assert.Null(board.Largest);
        Assert.Null(JudgeExchange.Of([new(Ids[0], Ids[20], "1", "c", 10, 3)]));
        Assert.Null(JudgeExchange.Of([new(Ids[0], Ids[20], "1", "c", 10, 0), new(Ids[1], Ids[21], "1", "c", 10, 0)]));
    }

    [Fact]
    public void A_class_is_never_left_and_without_a_place_nothing_is_exchanged()
    {
        var board = Known(3, -3)
            .Of([Result(0, 0, 1000, 30), Result(1, 1, 1, 30) with { Class = 1 }, Result(2, 1, 5, 30) with { Place = 0 }], 3);
        Assert.Equal(2, board.Results);
        Assert.Empty(board.Shaky);
    }
}
