using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Scoring;

public class OverallTests
{
    private static readonly OverallRule Sum = new(new PointsRule.SumOfPlaces());

    /// <summary>Equal points: a first place is ahead of a second, whatever the rest (most best places).</summary>
    [Fact]
    public void Equal_points_are_decided_by_the_most_best_places()
    {
        // Three with nine each: A 1 4 4, B 2 2 5, C 3 3 3; D has six, E twelve.
        var lines = Overall
            .Of(
                [
                    [1, 2, 3, 4, 5],
                    [4, 2, 3, 1, 5],
                    [4, 5, 3, 1, 2],
                ],
                null,
                [1, 1, 1],
                Sum
            )
            .Lines();
        Assert.Equal([9, 9, 9, 6, 12], lines.Select(l => l.Points));
        Assert.Equal([2, 3, 4, 1, 5], lines.Select(l => l.Place));
        Assert.Equal("best places 1, 4, 4", lines[0].TieText);
        Assert.Null(lines[3].TieText);
    }

    [Fact]
    public void Who_is_equal_to_the_last_shares_the_place()
    {
        var lines = Overall
            .Of(
                [
                    [1, 2, 3],
                    [2, 1, 3],
                ],
                null,
                [1, 1],
                OverallRule.Usual
            )
            .Lines();
        Assert.Equal([1, 1, 3], lines.Select(l => l.Place));
        Assert.Equal([199m, 199m, 196m], lines.Select(l => l.Points));
        Assert.All(lines, l => Assert.Null(l.TieText));
    }

    [Fact]
    public void Weights_and_own_tables()
    {
        var rule = new OverallRule(new PointsRule.ByTable([10, 6, 3, 1]));
        var lines = Overall
            .Of(
                [
                    [1, 2, 2, 4],
                    [4, 3, 2, 1],
                ],
                null,
                [1m, 0.5m],
                rule
            )
            .Lines();
        // 10 + 0.5, 6 + 1.5, 6 + 3, 1 + 5.
        Assert.Equal([10.5m, 7.5m, 9m, 6m], lines.Select(l => l.Points));
        Assert.Equal([1, 3, 2, 4], lines.Select(l => l.Place));
    }

    [Fact]
    public void Who_did_not_start_earns_nothing_unless_the_rule_says_so()
    {
        int[][] places =
        [
            [1, 2, 3],
        ];
        bool[][] absent =
        [
            [false, false, true],
        ];
        Assert.Equal([100m, 99m, 0m], Overall.Of(places, absent, [1], OverallRule.Usual).Lines().Select(l => l.Points));
        Assert.Equal(
            [100m, 99m, 98m],
            Overall.Of(places, absent, [1], OverallRule.Usual with { AbsentEarn = true }).Lines().Select(l => l.Points)
        );
        Assert.Equal([1m, 2m, 4m], Overall.Of(places, absent, [1], Sum).Lines().Select(l => l.Points));
    }

    [Fact]
    public void A_table_shorter_than_the_field_or_rising_is_refused()
    {
        Assert.Equal(
            "The table has 2 places for 3 entries.",
            Assert.Single(new OverallRule(new PointsRule.ByTable([10, 5])).Validate(3)).Message
        );
        Assert.Equal("points.points[1]", Assert.Single(new OverallRule(new PointsRule.ByTable([5, 10, 1])).Validate(3)).Path);
        Assert.Equal("points.step", Assert.Single(new OverallRule(new PointsRule.Linear(100, 0)).Validate(3)).Path);
        Assert.Empty(new OverallRule(new PointsRule.ByTable([10, 5, 5])).Validate(3));
    }

    /// <summary>A better place in one event, the rest equal, never ranks lower overall.</summary>
    [Fact]
    public void A_better_place_never_hurts() =>
        Gen.Select(Gen.Int[2, 12], Gen.Int[1, 6], Gen.Int[0, 2], Gen.Int[0, 1_000_000])
            .Sample(
                (n, events, kind, seed) =>
                {
                    PointsRule rule = kind switch
                    {
                        0 => new PointsRule.Linear(50, 3),
                        1 => new PointsRule.SumOfPlaces(),
                        _ => new PointsRule.ByTable([90, 80, 70, 60, 50, 40, 30, 20, 10, 5, 5, 0]),
                    };
                    var random = new Random(seed);
                    var places = Enumerable
                        .Range(0, events)
                        .Select(_ => Ranking.Places(Enumerable.Range(0, n).Select(_ => (ulong)random.Next(1, 6)).ToArray()))
                        .ToList();
                    var before = Overall.Of(places, null, Enumerable.Repeat(1m, events).ToList(), new(rule)).Lines();
                    var better = places.Select(p => (int[])p.Clone()).ToList();
                    better[0][0] = 1;
                    var after = Overall.Of(better, null, Enumerable.Repeat(1m, events).ToList(), new(rule)).Lines();
                    Assert.True(after[0].Place <= before[0].Place);
                },
                iter: 1000
            );

    /// <summary>The packed sort gives what counting the strictly better gives, ties and several tie-breaks included.</summary>
    [Fact]
    public void A_place_is_one_more_than_the_strictly_better() =>
        Gen.Select(Gen.Int[0, 6], Gen.Long[-3, 3], Gen.Long[0, 2].Array[2])
            .Select(x => new ComponentResult((ResultClass)x.Item1, x.Item2, Eq.From<long>(x.Item3), "", null, []))
            .List[1, 40]
            .Sample(
                results => Assert.Equal(results.Select(r => 1 + results.Count(o => Ranking.Compare(o, r) < 0)), Ranking.Places(results)),
                iter: 1000
            );

    [Fact]
    public void The_order_of_input_does_not_matter() =>
        Gen.Select(Gen.Int[0, 7], Gen.Long[-4, 4])
            .Select(x => new ComponentResult((ResultClass)x.Item1, x.Item2, [], "", null, []))
            .List[2, 30]
            .Sample(results =>
            {
                var turned = Enumerable.Reverse(results).ToList();
                Assert.Equal(Ranking.Places(results), Enumerable.Reverse(Ranking.Places(turned)));
                Assert.All(results.Zip(Ranking.Places(results)), x => Assert.Equal(x.First.Class == ResultClass.Unranked, x.Second == 0));
            });

    [Theory]
    [InlineData(ClubRule.Sum, 1, "Heron & Rope 1 100|Kelp Street 2 95")]
    [InlineData(ClubRule.Mean, 1, "Kelp Street 1 47.5|Heron & Rope 2 33.3333")]
    [InlineData(ClubRule.BestOf, 2, "Kelp Street 1 95|Heron & Rope 2 80")]
    public void Clubs(ClubRule rule, int best, string expected)
    {
        var table = ClubTable.Of(
            [("Kelp Street", 55m), ("Heron & Rope", 50m), ("Kelp Street", 40m), ("Heron & Rope", 30m), ("Heron & Rope", 20m), (null, 99m)],
            rule,
            best
        );
        Assert.Equal(expected, string.Join('|', table.Select(c => $"{c.Club} {c.Place} {Number.Normal(c.Points)}")));
    }

    /// <summary>
    /// Hand timing of athletics (World Athletics Technical Rules, from memory): up to the next tenth unless exactly on one; two
    /// of three that agree decide, else the middle one; of two the longer.
    /// </summary>
    [Theory]
    [InlineData("7:41.01", "7:41.1")]
    [InlineData("7:41.1", "7:41.1")]
    [InlineData("7:41.99", "7:42")]
    public void Hand_times_are_rounded_up(string read, string official) =>
        Assert.Equal(official, Timing.Round(Duration.TryParse(read)!.Value, TimeResolution.TenthsByHand).ToString());

    [Theory]
    [InlineData("10.1 10.2 10.2", "10.2")]
    [InlineData("10.1 10.1 10.3", "10.1")]
    [InlineData("10.3 10.1 10.2", "10.2")]
    [InlineData("10.1 10.2", "10.2")]
    [InlineData("10.1", "10.1")]
    public void Several_watches(string watches, string official) =>
        Assert.Equal(
            "0:" + official,
            Timing.Official(watches.Split(' ').Select(w => Duration.TryParse("0:" + w)!.Value).ToList()).ToString()
        );

    [Fact]
    public void A_policy_of_the_workout_reads_the_watches()
    {
        var u = Demo.Understand(DraftTexts.Demo("03") + "timing: tenths by hand\n");
        RunObservation Run(params string[] watches) =>
            new(EntryStatus.Ran, [new("0", null, null, null, [], Watches: watches.Select(w => Duration.TryParse(w)!.Value).ToEq())]);
        Assert.Equal("10:04.3", Scorer.Score(Run("10:04.21", "10:04.4", "10:04.3"), u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[0].Text);
        Assert.Equal(
            "pieces[0].watches",
            Assert.Single(Card.Validate(Run("10:01", "10:02", "10:03", "10:04"), u.Courses[0], u.Sheets[0])).Path
        );
        var whole = Demo.Understand(DraftTexts.Demo("03"));
        Assert.Equal("10:04", Scorer.Score(Run("10:04.9"), whole.Courses[0], whole.Sheets[0], MassUnit.Kilogram)[0].Text);
    }

    [Fact]
    public void The_best_or_the_last_of_several_submissions()
    {
        RunObservation Run(long a, long b, long c) =>
            new(EntryStatus.Ran, [new("0", null, a, null, []), new("1", null, b, null, []), new("2", null, c, null, [])]);
        string Texts(string text) =>
            Demo.Understand(text) is var u
                ? string.Join(
                    ' ',
                    Scorer.Score([Run(20, 40, 60), Run(25, 30, 70)], u.Courses[0], u.Sheets[0], MassUnit.Kilogram).Select(r => -r.Value)
                )
                : "";
        Assert.Equal("25 40 70", Texts(DraftTexts.Demo("16")));
        Assert.Equal("25 30 70", Texts(DraftTexts.Demo("16").Replace("best of 2", "last of 2", StringComparison.Ordinal)));
        Assert.Equal("20 40 60", Texts(DraftTexts.Demo("16").Replace("best of 2", "best of 1", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_changed_rule_says_who_moves_and_why()
    {
        ComponentResult R(long value, string text) => new(ResultClass.Scored, value, [], text, null, []);
        var moves = Moves.Between(
            ["Ada", "Bo", "Cy"],
            [R(1, "8:01"), R(2, "8:02"), R(3, "8:03")],
            [R(1, "8:01"), R(5, "64 at the cap"), R(3, "8:03")]
        );
        Assert.Equal(
            ["Cy moves from place 3 to 2: others have moved.", "Bo moves from place 2 to 3: 8:02 becomes 64 at the cap."],
            moves.Select(m => m.Sentence)
        );
    }
}
