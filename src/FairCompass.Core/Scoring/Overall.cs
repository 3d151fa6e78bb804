using System.Globalization;
using System.Text.Json.Serialization;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>How places become points in the overall table.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(ByTable), "table")]
[JsonDerivedType(typeof(Linear), "linear")]
[JsonDerivedType(typeof(SumOfPlaces), "sumOfPlaces")]
public abstract record PointsRule
{
    private PointsRule()
    {
    }

    /// <summary>An own table, first place first; more points are better.</summary>
    /// <param name="Points">At least as many as there are entries; never rising.</param>
    public sealed record ByTable(Eq<decimal> Points) : PointsRule;

    /// <summary>So many for the first and less for each further place, never under 0; more points are better.</summary>
    /// <param name="First">Points of the first place, over 0.</param>
    /// <param name="Step">Less for each further place, over 0.</param>
    public sealed record Linear(decimal First, decimal Step) : PointsRule;

    /// <summary>The places themselves are added up; less is better.</summary>
    public sealed record SumOfPlaces : PointsRule;

    /// <summary>True when more is better.</summary>
    public bool MoreIsBetter => this is not SumOfPlaces;

    /// <summary>Points of a place.</summary>
    /// <param name="place">From 1.</param>
    public decimal Of(int place) => this switch
    {
        ByTable t => place <= t.Points.Count ? t.Points[place - 1] : 0,
        Linear l => Math.Max(0, l.First - (l.Step * (place - 1))),
        _ => place,
    };

    /// <summary>The rule in a sentence.</summary>
    public string Sentence => this switch
    {
        ByTable t => $"Places earn points by a table: {string.Join(", ", t.Points.Take(6).Select(Number.Normal))}{(t.Points.Count > 6 ? ", …" : "")}. More points are better.",
        Linear l => $"The first place earns {Number.Normal(l.First)} points, each further place {Number.Normal(l.Step)} less. More points are better.",
        _ => "The places are added up. The smallest sum is best.",
    };
}

/// <summary>How the overall table is made.</summary>
/// <param name="Points">How places become points.</param>
/// <param name="AbsentEarn">
/// True when who withdrew or did not start still earns the points of the last place; false when they earn nothing (with a sum
/// of places: one place more than there are entries).
/// </param>
public sealed record OverallRule(PointsRule Points, bool AbsentEarn = false)
{
    /// <summary>What is used where nobody has said: 100 points for the first and one less for each further place.</summary>
    public static OverallRule Usual { get; } = new(new PointsRule.Linear(100, 1));

    /// <summary>Objections to a rule for a field of so many entries; paths begin with <c>points</c>.</summary>
    public IReadOnlyList<FieldError> Validate(int entries)
    {
        switch (Points)
        {
            case PointsRule.ByTable { Points: var table }:
                if (table.Count < entries)
                {
                    return [new("points.points", $"The table has {table.Count} places for {Words.Count(entries, "entry", "entries")}.")];
                }

                for (var i = 0; i < table.Count; i++)
                {
                    if (table[i] < 0 || table[i] > 100_000 || (i > 0 && table[i] > table[i - 1]))
                    {
                        return [new($"points.points[{i}]", table[i] is < 0 or > 100_000 ? "From 0 to 100,000." : $"Place {i + 1} would earn more than place {i}.")];
                    }
                }

                return [];
            case PointsRule.Linear { First: <= 0 or > 100_000 }:
                return [new("points.first", "Over 0 and up to 100,000.")];
            case PointsRule.Linear { Step: <= 0 or > 100_000 }:
                return [new("points.step", "Over 0 and up to 100,000.")];
            default:
                return [];
        }
    }
}

/// <summary>A line of the overall table.</summary>
/// <param name="Place">1, 2, 2, 4.</param>
/// <param name="Points">All points, weights included.</param>
/// <param name="Each">Points of each score before its weight.</param>
/// <param name="TieText">What decided a tie in points, or null.</param>
public sealed record OverallLine(int Place, decimal Points, Eq<decimal> Each, string? TieText);

/// <summary>The overall table over several scores.</summary>
public static class Overall
{
    /// <summary>
    /// Points by place, added up with the weights; equal points are decided by the most best places: more first places, then
    /// more second places, and so on; who is still equal shares the place.
    /// </summary>
    /// <param name="places">For each score the place of each entry; 0 for one without a place.</param>
    /// <param name="absent">For each score whether the entry withdrew or did not start there.</param>
    /// <param name="weights">The weight of each score, 0 or more.</param>
    /// <param name="rule">How places become points.</param>
    public static OverallLine[] Of(IReadOnlyList<int[]> places, IReadOnlyList<bool[]>? absent, IReadOnlyList<decimal> weights, OverallRule rule)
    {
        var entries = places.Count == 0 ? 0 : places[0].Length;
        // Points by place are looked up once for each place, not once for each entry.
        var table = new decimal[entries + 2];
        for (var p = 1; p < table.Length; p++)
        {
            table[p] = rule.Points.Of(p);
        }

        var sums = new decimal[entries];
        var each = new decimal[entries][];
        for (var e = 0; e < entries; e++)
        {
            each[e] = new decimal[places.Count];
            for (var s = 0; s < places.Count; s++)
            {
                var place = places[s][e];
                var none = place == 0 || (!rule.AbsentEarn && absent is not null && absent[s][e]);
                each[e][s] = none ? rule.Points.MoreIsBetter ? 0 : entries + 1 : table[place];
                sums[e] += each[e][s] * weights[s];
            }
        }

        var ranks = Order(sums, places, rule.Points.MoreIsBetter);
        var lines = new OverallLine[entries];
        for (var e = 0; e < entries; e++)
        {
            // Without trailing zeros, so that 140 is never printed as 140.0.
            lines[e] = new(ranks.Places[e], sums[e] / 1.0000000000000000m, Eq.From<decimal>(each[e]), ranks.Decided[e] ? TieText(places, e) : null);
        }

        return lines;
    }

    private static (int[] Places, bool[] Decided) Order(decimal[] sums, IReadOnlyList<int[]> places, bool more)
    {
        // Sums in ten-thousandths are whole numbers, and whole numbers sort fastest.
        var keys = new long[sums.Length];
        var order = new int[sums.Length];
        for (var i = 0; i < sums.Length; i++)
        {
            var whole = (long)decimal.Clamp(decimal.Round(sums[i] * 10_000), long.MinValue / 2, long.MaxValue / 2);
            (keys[i], order[i]) = (more ? -whole : whole, i);
        }

        Array.Sort(keys, order);
        var result = new int[sums.Length];
        var decided = new bool[sums.Length];
        for (var from = 0; from < order.Length;)
        {
            var to = from + 1;
            while (to < order.Length && keys[to] == keys[from])
            {
                to++;
            }

            if (to - from == 1)
            {
                result[order[from]] = from + 1;
            }
            else
            {
                Countback(order, from, to, places, result, decided);
            }

            from = to;
        }

        return (result, decided);
    }

    /// <summary>Among equal points: compares the places of each entry from best to worst; the first difference decides.</summary>
    private static void Countback(int[] order, int from, int to, IReadOnlyList<int[]> places, int[] result, bool[] decided)
    {
        var run = new (int Entry, int[] Best)[to - from];
        for (var i = from; i < to; i++)
        {
            var best = new int[places.Count];
            for (var s = 0; s < places.Count; s++)
            {
                best[s] = places[s][order[i]] == 0 ? int.MaxValue : places[s][order[i]];
            }

            Array.Sort(best);
            run[i - from] = (order[i], best);
        }

        Array.Sort(run, static (a, b) => Compare(a.Best, b.Best));
        var place = from;
        for (var i = 0; i < run.Length; i++)
        {
            if (i > 0 && Compare(run[i - 1].Best, run[i].Best) != 0)
            {
                place = from + i;
            }

            result[run[i].Entry] = place + 1;
            decided[run[i].Entry] = Compare(run[0].Best, run[^1].Best) != 0;
        }
    }

    private static int Compare(int[] a, int[] b)
    {
        for (var i = 0; i < a.Length; i++)
        {
            if (a[i] != b[i])
            {
                return a[i].CompareTo(b[i]);
            }
        }

        return 0;
    }

    private static string TieText(IReadOnlyList<int[]> places, int entry) =>
        "best places " + string.Join(", ", places.Select(p => p[entry]).Where(p => p > 0).Order().Select(p => p.ToString(CultureInfo.InvariantCulture)));
}
