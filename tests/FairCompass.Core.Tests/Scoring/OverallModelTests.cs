using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>The packed overall table against the rule written down plainly: points, then the most best places, to the last one.</summary>
public class OverallModelTests
{
    private sealed record Field(int[][] Places, bool[][] Absent, decimal[] Weights, OverallRule Rule);

    private static readonly Gen<OverallRule> Rules = Gen.Select(
            Gen.OneOf<PointsRule>(
                Gen.Select(Gen.Int[1, 200], Gen.Int[1, 400]).Select(x => (PointsRule)new PointsRule.Linear(x.Item1, x.Item2 / 100m)),
                Gen.Int[0, 90]
                    .Array[12]
                    .Select(t => (PointsRule)new PointsRule.ByTable(t.OrderDescending().Select(p => (decimal)p).ToEq())),
                Gen.Const((PointsRule)new PointsRule.SumOfPlaces())
            ),
            Gen.Bool
        )
        .Select(x => new OverallRule(x.Item1, x.Item2));

    /// <summary>Places as ranking gives them: 1, 2, 2, 4, and 0 for who has none; many are equal, so that ties are frequent.</summary>
    private static readonly Gen<Field> Fields = Gen.Select(Gen.Int[1, 9], Gen.Int[1, 6], Gen.Int[0, 1_000_000], Rules)
        .Select(x =>
        {
            var (entries, events, seed, rule) = x;
            var random = new Random(seed);
            var places = new int[events][];
            var absent = new bool[events][];
            for (var e = 0; e < events; e++)
            {
                var scores = Enumerable.Range(0, entries).Select(_ => random.Next(0, 4)).ToArray();
                places[e] = scores.Select(s => 1 + scores.Count(o => o < s)).ToArray();
                absent[e] = scores.Select(_ => random.Next(0, 6) == 0).ToArray();
                if (random.Next(0, 4) == 0)
                {
                    places[e][random.Next(0, entries)] = 0;
                }
            }

            return new Field(places, absent, Enumerable.Range(0, events).Select(_ => random.Next(0, 40) / 16m).ToArray(), rule);
        });

    private static decimal Points(Field f, int score, int entry)
    {
        var place = f.Places[score][entry];
        var none = place == 0 || (f.Absent[score][entry] && !f.Rule.AbsentEarn);
        return !none ? f.Rule.Points.Of(place)
            : f.Rule.Points.MoreIsBetter ? 0
            : f.Places[0].Length + 1;
    }

    private static decimal Sum(Field f, int entry) => Enumerable.Range(0, f.Places.Length).Sum(s => Points(f, s, entry) * f.Weights[s]);

    /// <summary>The places of an entry from best to worst; none is worse than the last.</summary>
    private static List<int> Best(Field f, int entry) => f.Places.Select(p => p[entry] == 0 ? int.MaxValue : p[entry]).Order().ToList();

    private static int Compare(Field f, int a, int b)
    {
        var points = Sum(f, a).CompareTo(Sum(f, b)) * (f.Rule.Points.MoreIsBetter ? -1 : 1);
        if (points != 0)
        {
            return points;
        }

        foreach (var (x, y) in Best(f, a).Zip(Best(f, b)))
        {
            if (x != y)
            {
                return x.CompareTo(y);
            }
        }

        return 0;
    }

    [Fact]
    public void Every_line_is_what_the_rule_says() =>
        Fields.Sample(
            f =>
            {
                var lines = Overall.Of(f.Places, f.Absent, f.Weights, f.Rule).Lines();
                for (var e = 0; e < lines.Count; e++)
                {
                    Assert.Equal(Sum(f, e), lines[e].Points);
                    Assert.Equal(Enumerable.Range(0, f.Places.Length).Select(s => Points(f, s, e)), lines[e].Each);
                    Assert.Equal(1 + Enumerable.Range(0, lines.Count).Count(o => Compare(f, o, e) < 0), lines[e].Place);
                    var level = Enumerable.Range(0, lines.Count).Where(o => Sum(f, o) == Sum(f, e)).ToList();
                    var decided = level.Exists(o => Compare(f, o, e) != 0);
                    Assert.Equal(
                        decided ? "best places " + string.Join(", ", Best(f, e).Where(p => p != int.MaxValue)) : null,
                        lines[e].TieText
                    );
                }
            },
            iter: 3000
        );

    /// <summary>Only the last of their places differs, and it decides (common practice).</summary>
    [Fact]
    public void Countback_goes_to_the_last_place()
    {
        // The third and the fourth earn the same, so the first two have equal points and equal best places but for the last.
        int[][] places =
        [
            [1, 1, 3, 4, 5],
            [2, 2, 1, 4, 5],
            [4, 3, 1, 2, 5],
        ];
        var lines = Overall.Of(places, null, [1, 1, 1], new(new PointsRule.ByTable([10, 6, 3, 3, 1]))).Lines();
        Assert.Equal([19m, 19m], lines.Take(2).Select(l => l.Points));
        Assert.Equal([3, 2], lines.Take(2).Select(l => l.Place));
        Assert.Equal("best places 1, 2, 3", lines[1].TieText);
    }

    [Fact]
    public void Clubs_level_on_points_share_the_place_and_the_next_one_is_left_out()
    {
        var table = ClubTable.Of(
            [("Kelp Street", 40m), ("Heron & Rope", 25m), ("Heron & Rope", 15m), ("Tar & Twine", 39.5m), ("Net Loft", 41m), (" ", 99m)],
            ClubRule.Sum,
            1
        );
        Assert.Equal(
            ["Net Loft 1", "Heron & Rope 2", "Kelp Street 2", "Tar & Twine 4"],
            table.Select(c => $"{c.Club} {c.Place.ToString(System.Globalization.CultureInfo.InvariantCulture)}")
        );
    }

    /// <summary>The club table against its rule: whatever the members and their order.</summary>
    [Fact]
    public void A_club_is_worth_what_its_members_are() =>
        Gen.Select(Gen.Select(Gen.Int[0, 3], Gen.Int[0, 8]).List[0, 14], Gen.Enum<ClubRule>(), Gen.Int[1, 4])
            .Sample(
                (members, rule, best) =>
                {
                    string[] names = ["Kelp Street", "Heron & Rope", "Tar & Twine"];
                    var all = members.Select(m => (m.Item1 == 3 ? null : names[m.Item1], m.Item2 * 12.5m)).ToList();
                    var table = ClubTable.Of(all, rule, best);
                    Assert.Equal(all.Select(m => m.Item1).OfType<string>().Distinct().Order(), table.Select(c => c.Club).Order());
                    Assert.Equal(table.Select(c => 1 + table.Count(o => o.Points > c.Points)), table.Select(c => c.Place));
                    foreach (var club in table)
                    {
                        var points = all.Where(m => m.Item1 == club.Club).Select(m => m.Item2).OrderDescending().ToList();
                        var expected = rule switch
                        {
                            ClubRule.Sum => points.Sum(),
                            ClubRule.Mean => Math.Round(points.Average(), 4, MidpointRounding.AwayFromZero),
                            _ => points.Take(best).Sum(),
                        };
                        Assert.Equal(expected, club.Points);
                    }

                    Assert.Equal(table, ClubTable.Of(Enumerable.Reverse(all), rule, best));
                },
                iter: 1000
            );
}
