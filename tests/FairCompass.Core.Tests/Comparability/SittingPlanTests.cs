using FairCompass.Comparability.Training;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Comparability;

/// <summary>Which reps a sitting shows.</summary>
public class SittingPlanTests(ITestOutputHelper output)
{
    private static SittingMovement Of(string movement, long units) => new(MovementLibrary.ById(movement)!, units);

    private static List<Item> Items(SittingPlan plan, ulong seed) =>
        [.. Enumerable.Range(0, plan.Count).Select(i => plan.Rep(i, [], seed + (ulong)(7 * i)))];

    [Fact]
    public void Movements_come_in_the_proportion_of_their_reps_and_none_is_left_out()
    {
        var plan = SittingPlan.Of([Of("thruster", 90), Of("pull-up", 90), Of("burpee-over-the-bar", 5), Of("running", 400)], 3)!;
        var portions = Items(plan, 1).GroupBy(i => i.Movement).ToDictionary(g => g.Key, g => g.Count());
        Assert.Equal(["burpee-over-the-bar", "pull-up", "thruster"], portions.Keys.Order());
        Assert.Equal(portions["thruster"], portions["pull-up"]);
        Assert.Equal(8, portions["burpee-over-the-bar"]);
        Assert.InRange(plan.Count, 48, 60);
        Assert.Null(SittingPlan.Of([Of("running", 400)], 3));
    }

    [Fact]
    public void Everybody_gets_the_same_distances_and_nobody_the_same_rep()
    {
        var seed = (ulong)Random.Shared.NextInt64();
        output.WriteLine($"seed {seed}");
        var plans = new[] { 1ul, 2ul }.Select(s => SittingPlan.Of([Of("thruster", 45), Of("toes-to-bar", 45)], seed + s)!).ToList();
        string Fixed(SittingPlan plan, ulong s) =>
            string.Join('\n', Items(plan, s).Where(i => i.Fixed).Select(i => $"{i.Movement} {i.Asked[0]}").Order());
        Assert.Equal(Fixed(plans[0], 5), Fixed(plans[1], 900));
        Assert.NotEqual(Items(plans[0], 5).Select(i => i.Asked), Items(plans[1], 5).Select(i => i.Asked));
        var items = Items(plans[0], seed);
        Assert.Equal(items.Count, items.Select(i => i.Seed).Distinct().Count());
        Assert.All(items, i => Assert.NotNull(plans[0].TryMake(i)));
        Assert.Contains(items, i => i.Asked[0].Margin > 0);
        Assert.Contains(items, i => i.Asked[0].Margin < 0);
    }

    /// <summary>Sits a plan as a judge does whose line of depth is so many steps off and whose other lines are right.</summary>
    private static List<Item> Sit(SittingPlan plan, List<Called> said, int seed, double depth)
    {
        var random = new Random(seed);
        var items = new List<Item>();
        for (var i = 0; i < plan.Count; i++)
        {
            var item = plan.Rep(i, said, (ulong)((100 * seed) + i));
            items.Add(item);
            var truth = plan.Make(item).Truths[0];
            var steps = (double)truth.Margin / Trainable.StepOf(truth.Unit);
            var line = truth.Clause == "depth" ? depth : 0;
            var noRep = random.NextDouble() < LineModel.NoRep(steps, line, 0.4, 0.01);
            said.Add(
                new(
                    Guid.Empty,
                    new DateTime(2026, 1, 1).AddSeconds(i),
                    item.Movement,
                    truth.Clause,
                    (double)truth.Margin,
                    truth.Unit,
                    truth.Holds ? [] : [truth.Clause],
                    noRep ? Call.NoRep : Call.Good,
                    noRep ? truth.Clause : null,
                    500,
                    item.Fixed
                )
            );
        }

        return items;
    }

    /// <summary>A judge who lets squats pass two steps high is asked for depth where that is, and for what is right elsewhere.</summary>
    [Fact]
    public void What_is_asked_comes_to_where_a_judge_sees_the_line()
    {
        var plan = SittingPlan.Of([Of("air-squat", 1)], 11)!;
        var said = new List<Called>();
        var items = Sit(plan, said, 11, -2);
        var depth = said.Where(c => c is { Clause: "depth", Fixed: false }).Select(c => c.AsLine.Margin).TakeLast(10).Average();
        Assert.InRange(depth, -3.2, -0.8);
        var again = items.Where(i => i.Again).ToList();
        Assert.True(again.Count(i => i.Asked[0].Clause == "depth") > 3, $"{again.Count}");
        Assert.All(again, i => Assert.False(i.Fixed));
        Assert.True(items.Count(i => i is { Again: true } && i.Asked[0].Clause != "depth") <= 2);
        var eyes = Eye.Of(said);
        Assert.True(eyes.Single(e => e.Clause == "depth").Line!.LineHigh < 0);
        Assert.InRange(eyes.Single(e => e.Clause == "stand").Line!.Line, -1.2, 1.2);
        Assert.Equal("the line is seen too far off", new Requirement(20, 1, null).Lacks(said)!.English);
        Assert.Null(new Requirement(20, null, 50).Lacks(said));
        Assert.Equal($"{said.Count} of 100 calls", new Requirement(100, null, null).Lacks(said)!.English);
        Assert.False(Requirement.None.Asks);
        // To press without looking is no call.
        Assert.Equal("0 of 20 calls", new Requirement(20, null, null).Lacks(said.Select(c => c with { Call = Call.Unseen }))!.English);
        Assert.Equal("0 of 20 calls", new Requirement(20, null, null).Lacks(said.Select(c => c with { Milliseconds = 20 }))!.English);
    }

    /// <summary>The next sitting goes on where the last one found the line off, and leaves off once the line is seen where it is.</summary>
    [Fact]
    public void A_line_that_is_off_is_asked_again_until_it_is_seen_where_it_is()
    {
        var said = new List<Called>();
        List<int> asked = [];
        for (var sitting = 0; sitting < 4; sitting++)
        {
            var plan = SittingPlan.Of([Of("air-squat", 1)], (ulong)(30 + sitting))!;
            var items = Sit(plan, said, 40 + sitting, sitting < 2 ? 2 : 0);
            asked.Add(items.Count(i => i.Again && i.Asked[0].Clause == "depth"));
        }

        output.WriteLine(string.Join(' ', asked));
        // Once it is known every other rep that is free asks for it.
        Assert.InRange(asked[1], 12, 20);
        Assert.True(asked[3] <= 5, $"{asked[3]}");
    }

    [Fact]
    public void Who_tires_is_told_by_the_halves_of_sittings()
    {
        var at = new DateTime(2026, 1, 1);
        Called One(int i, bool right) =>
            new(
                Guid.Empty,
                at.AddSeconds(i),
                "air-squat",
                "depth",
                20,
                DeviationUnit.Millimetres,
                [],
                right ? Call.Good : Call.NoRep,
                null,
                500,
                true
            );
        var tired = Enumerable.Range(0, 48).Select(i => One(i, i < 24 || i % 2 == 0)).ToList();
        Assert.True(Eye.Tiring(tired)!.Value.High < 0);
        Assert.Null(Eye.Tiring(tired.Take(20)));
        Assert.True(Eye.Tiring(tired.Select((_, i) => One(i, true)))!.Value is { Low: < 0, High: > 0 });
    }
}
