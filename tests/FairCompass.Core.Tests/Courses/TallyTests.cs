using CsCheck;
using FairCompass.Core.Courses;

namespace FairCompass.Core.Tests.Courses;

/// <summary>Strands of every kind of counting against a plain walk over random work.</summary>
public class TallyTests
{
    private static readonly Tally[] Tallies =
    [
        Tally.Units,
        Tally.Credit,
        Tally.Calories,
        Tally.Millimetres,
        Tally.OfSeat(1),
        Tally.OfSeat(2),
    ];

    /// <summary>A unit of the walk and what it adds to each tally.</summary>
    private readonly record struct Step(int Task, long[] Adds);

    private sealed record Case(string Text, List<Step> Walk, bool Endless);

    [Fact]
    public void Every_look_up_is_what_a_walk_finds() =>
        Work.Sample(
            c =>
            {
                var strand = StrandOf(c.Text);
                Assert.Equal(c.Endless ? null : c.Walk.Count, strand.Units);
                var sums = new long[Tallies.Length];
                for (var n = 1; n <= c.Walk.Count; n++)
                {
                    for (var t = 0; t < Tallies.Length; t++)
                    {
                        sums[t] += c.Walk[n - 1].Adds[t];
                        Assert.Equal(sums[t], strand.Sum(n, Tallies[t]));
                    }

                    var place = strand.At(n);
                    Assert.Equal(c.Walk[n - 1].Task, place.Task);
                    Assert.Equal(n, strand.UnitsAt(place));
                }
            },
            iter: 400
        );

    [Fact]
    public void The_fewest_units_that_reach_a_sum() =>
        Gen.Select(Work, Gen.Int[0, Tallies.Length - 1], Gen.Long[1, 400])
            .Sample(
                (c, t, sum) =>
                {
                    var strand = StrandOf(c.Text);
                    if (strand.Reach(sum, Tallies[t]) is not { } units)
                    {
                        Assert.True(strand.Total(Tallies[t]) is not { } all || all < sum);
                        return;
                    }

                    Assert.True(strand.Sum(units, Tallies[t]) >= sum);
                    Assert.True(strand.Sum(units - 1, Tallies[t]) < sum);
                },
                iter: 2000
            );

    [Fact]
    public void Turns_by_the_round_add_up_to_the_whole() =>
        Gen.Select(Gen.Int[1, 9], Gen.Int[1, 9], Gen.Int[1, 12], Gen.Long[0, 300])
            .Sample(
                (a, b, rounds, n) =>
                {
                    var u = Demo.Understand(
                        $"T\n  for Crew of Four\n\n9:00 for time\n  {rounds} rounds\n    share: taking turns by the round\n    "
                            + $"{a} sit-up\n    {b} pull-up\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n"
                    );
                    var strand = u.Courses[0].Pieces[0].Strand!;
                    var units = Math.Min(n, strand.Units!.Value);
                    Assert.Equal(units, Enumerable.Range(1, 4).Sum(s => strand.Sum(units, Tally.OfSeat(s))));
                }
            );

    [Fact]
    public void Deep_into_endless_work_nothing_is_walked()
    {
        // 54 reps and 57 credits a round: round 18,519 ends at 1,000,026 reps.
        var strand = Demo.Understand(Notation.DraftTexts.Demo("07")).Courses[0].Pieces[0].Strand!;
        Assert.Equal(18_518 * 57, strand.Sum(18_518L * 54, Tally.Credit));
        Assert.Equal(18_519, strand.At(1_000_000).Rounds[0]);
        Assert.Equal(999_999_999_972, strand.Reach(1_055_555_555_526, Tally.Credit));
        // Every second round has 12 calories more: 4 + 16 over two rounds.
        var mast = Demo.Understand(Notation.DraftTexts.Demo("06")).Courses[0].Pieces[0].Strand!;
        Assert.Equal(100_000, mast.At(1_000_000).Rounds[0]);
        Assert.Equal(600_000, mast.Sum(1_000_000, Tally.Calories));
    }

    /// <summary>What lies between two units: the gate in its round only, the forced move after each chunk.</summary>
    [Fact]
    public void A_count_alone_does_not_say_what_is_due()
    {
        var strand = Demo.Understand(Notation.DraftTexts.Demo("10")).Courses[0].Pieces[0].Strand!;
        string Due(long n) => string.Join(", ", strand.DueAfter(n).Select(d => d.GetType().Name));
        Assert.Equal(["", "Between", "Between", "Between, Gate", "Between", ""], new long[] { 30, 36, 96, 144, 240, 145 }.Select(Due));
        Assert.Equal([(144L, 120_000L)], strand.Gates().Select(g => (g.Units, g.Adds!.Value.Ms)));
    }

    /// <summary>Rising amounts credited in groups: the closed form is a sum of quotients, here added up one by one.</summary>
    [Fact]
    public void Groups_of_rising_amounts_add_up() =>
        Gen.Select(Gen.Int[1, 60], Gen.Int[2, 30], Gen.Int[1, 40], Gen.Int[0, 40])
            .Sample(
                (rounds, group, first, step) =>
                {
                    var strand = StrandOf(
                        Demo.Window(
                            "9:00 for reps",
                            $"rounds without end\n  {first}-{first + step + 1}-... single-under, every {group} count 1"
                        )
                    );
                    var expected = Enumerable.Range(0, rounds).Sum(i => (first + (i * (step + 1))) / group);
                    Assert.Equal(expected, strand.Sum(strand.UnitsAfterRound(rounds)!.Value, Tally.Credit));
                },
                iter: 2000
            );

    private static Strand StrandOf(string text) =>
        Demo.Understand(text).Courses[0].Pieces[0].Strand ?? throw new InvalidOperationException("not counted: " + text);

    /// <summary>Rounds of tasks, each with its own way of counting, as text and as a walk.</summary>
    private static readonly Gen<Case> Work = Gen.Select(
            TaskGen.List[1, 4],
            Gen.Int[1, 9],
            Gen.Bool,
            Gen.Bool,
            (tasks, rounds, endless, turns) =>
            {
                var lines = tasks.SelectMany(t => t.Lines).Select(l => "    " + l);
                var text =
                    $"T\n  for Ferry Pairs\n\n9:00 for reps\n  {(endless ? "rounds without end" : $"{rounds} rounds")}\n"
                    + $"{(turns ? "    share: taking turns by the round\n" : "")}{string.Join('\n', lines)}\n\nscore: reps\n  "
                    + "tie: shared\n";
                var walk = new List<Step>();
                for (var r = 0; r < (endless ? 200 : rounds) && walk.Count < 400; r++)
                {
                    for (var i = 0; i < tasks.Count; i++)
                    {
                        var amount = tasks[i].Amount(r);
                        for (var unit = 1; unit <= amount; unit++)
                        {
                            var credit = tasks[i].Credit(unit, amount) - tasks[i].Credit(unit - 1, amount);
                            walk.Add(
                                new(
                                    i,
                                    [
                                        1,
                                        credit,
                                        tasks[i].Calorie ? 1 : 0,
                                        tasks[i].Millimetres,
                                        turns && r % 2 == 0 ? 1 : 0,
                                        turns && r % 2 == 1 ? 1 : 0,
                                    ]
                                )
                            );
                        }
                    }
                }

                return new Case(text, endless ? walk.Take(400).ToList() : walk, endless);
            }
        )
        .Where(c => c.Walk.Count > 0 && (!c.Endless || c.Walk.Count >= 300));

    private sealed record TaskCase(
        string[] Lines,
        Func<int, int> Amount,
        Func<int, int, int> Credit,
        bool Calorie = false,
        int Millimetres = 0
    );

    private static Gen<TaskCase> TaskGen =>
        Gen.Select(Gen.Int[0, 8], Gen.Int[1, 9], Gen.Int[1, 5], Gen.Int[1, 6])
            .Select(x =>
            {
                var (kind, n, a, b) = x;
                return kind switch
                {
                    0 => new TaskCase([$"{n} pull-up"], _ => n, (d, _) => d),
                    1 => new TaskCase([$"{n} pull-up, counts {a}"], _ => n, (d, _) => d * a),
                    2 => new TaskCase([$"{n} single-under, every {a} count {b}"], _ => n, (d, _) => d / a * b),
                    3 => new TaskCase([$"{n} rope climb, credited {a}"], _ => n, (d, of) => of == 0 ? 0 : d * a / of),
                    4 => new TaskCase([$"{n} rope climb, credited {a} when done"], _ => n, (d, of) => d == of && of > 0 ? a : 0),
                    5 => new TaskCase([$"{n * 3} m walking lunge, marks every 3 m"], _ => n, (d, _) => d, Millimetres: 3000),
                    6 => new TaskCase(
                        [$"{n} cal air bike, every {a}{FairCompass.Core.Text.Words.Ordinal(a)[^2..]} round"],
                        r => (r + 1) % a == 0 ? n : 0,
                        (d, _) => d,
                        Calorie: true
                    ),
                    7 => new TaskCase(
                        [$"{n} sit-up, +{a} when done", $"  round 2: {b} sit-up"],
                        r => r == 1 ? b : n,
                        (d, of) => d + (d == of && d > 0 ? a : 0)
                    ),
                    _ => new TaskCase([$"{n} sit-up, round {a} only"], r => r == a - 1 ? n : 0, (d, _) => d),
                };
            });
}
