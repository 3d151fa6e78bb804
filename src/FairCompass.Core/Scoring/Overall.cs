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
    private PointsRule() { }

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
    public decimal Of(int place) =>
        this switch
        {
            ByTable t => place <= t.Points.Count ? t.Points[place - 1] : 0,
            Linear l => Math.Max(0, l.First - (l.Step * (place - 1))),
            _ => place,
        };

    /// <summary>The rule in a sentence.</summary>
    public string Sentence =>
        this switch
        {
            ByTable t => $"Places earn points by a table: {string.Join(", ", t.Points.Take(6).Select(Number.Normal))}"
                + $"{(t.Points.Count > 6 ? ", …" : "")}. More points are better.",
            Linear l => $"The first place earns {Number.Normal(l.First)} points, each further place {Number.Normal(l.Step)} less. More "
                + "points are better.",
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
                    if (decimal.Round(table[i], 4) != table[i])
                    {
                        return [new($"points.points[{i}]", "At most four decimals.")];
                    }

                    if (table[i] < 0 || table[i] > 100_000 || (i > 0 && table[i] > table[i - 1]))
                    {
                        return
                        [
                            new(
                                $"points.points[{i}]",
                                table[i] is < 0 or > 100_000 ? "From 0 to 100,000." : $"Place {i + 1} would earn more than place {i}."
                            ),
                        ];
                    }
                }

                return [];
            case PointsRule.Linear l when l.First is <= 0 or > 100_000 || decimal.Round(l.First, 4) != l.First:
                return [new("points.first", "Over 0 and up to 100,000, with at most four decimals.")];
            case PointsRule.Linear l when l.Step is <= 0 or > 100_000 || decimal.Round(l.Step, 4) != l.Step:
                return [new("points.step", "Over 0 and up to 100,000, with at most four decimals.")];
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

/// <summary>
/// The overall table over several scores: points by place, added up with the weights. Equal points are decided by the most best
/// places: more first places, then more second places, and so on; who is still equal shares the place.
/// </summary>
public sealed class Overall
{
    /// <summary>Points and weights have at most four decimals, so products are whole in hundred-millionths and sums are exact.</summary>
    private const decimal Scale = 10_000m;

    private readonly IReadOnlyList<int[]> places;
    private readonly IReadOnlyList<bool[]>? absent;
    private readonly OverallRule rule;
    private readonly long[] points;
    private readonly long[] sums;
    private readonly int[] result;
    private readonly bool[] decided;

    private Overall(IReadOnlyList<int[]> places, IReadOnlyList<bool[]>? absent, IReadOnlyList<decimal> weights, OverallRule rule)
    {
        (this.places, this.absent, this.rule) = (places, absent, rule);
        var entries = places.Count == 0 ? 0 : places[0].Length;
        // Points by place are looked up once for each place, not once for each entry; the last is for who has none.
        points = new long[entries + 2];
        for (var p = 1; p <= entries; p++)
        {
            points[p] = (long)(rule.Points.Of(p) * Scale);
        }

        points[0] = rule.Points.MoreIsBetter ? 0 : (long)((entries + 1) * Scale);
        sums = new long[entries];
        for (var s = 0; s < places.Count; s++)
        {
            var (column, weight) = (places[s], (long)(weights[s] * Scale));
            for (var e = 0; e < entries; e++)
            {
                sums[e] += points[PlaceOf(column, s, e)] * weight;
            }
        }

        result = new int[entries];
        decided = new bool[entries];
        Rank();
    }

    /// <summary>The place of each entry, in the order given.</summary>
    public IReadOnlyList<int> Places => result;

    /// <summary>The line of an entry.</summary>
    /// <param name="entry">From 0, in the order given.</param>
    public OverallLine this[int entry] =>
        new(
            result[entry],
            sums[entry] / (Scale * Scale) / 1.0000000000000000m,
            places.Select((p, s) => points[PlaceOf(p, s, entry)] / Scale / 1.0000000000000000m).ToEq(),
            decided[entry]
                ? "best places "
                    + string.Join(
                        ", ",
                        places.Select(p => p[entry]).Where(p => p > 0).Order().Select(p => p.ToString(CultureInfo.InvariantCulture))
                    )
                : null
        );

    /// <summary>Makes the table.</summary>
    /// <param name="places">For each score the place of each entry; 0 for one without a place.</param>
    /// <param name="absent">For each score whether the entry withdrew or did not start there; null when nobody did.</param>
    /// <param name="weights">The weight of each score, from 0 to 1,000 with at most four decimals.</param>
    /// <param name="rule">How places become points; it must have passed <see cref="OverallRule.Validate"/>.</param>
    public static Overall Of(
        IReadOnlyList<int[]> places,
        IReadOnlyList<bool[]>? absent,
        IReadOnlyList<decimal> weights,
        OverallRule rule
    ) => new(places, absent, weights, rule);

    /// <summary>Every line, in the order given.</summary>
    public IReadOnlyList<OverallLine> Lines() => Enumerable.Range(0, result.Length).Select(e => this[e]).ToList();

    private int PlaceOf(int[] column, int score, int entry) =>
        !rule.AbsentEarn && absent is not null && absent[score][entry] ? 0 : column[entry];

    private void Rank()
    {
        var keys = new long[sums.Length];
        var order = new int[sums.Length];
        for (var i = 0; i < sums.Length; i++)
        {
            (keys[i], order[i]) = (rule.Points.MoreIsBetter ? -sums[i] : sums[i], i);
        }

        Array.Sort(keys, order);
        for (var from = 0; from < order.Length; )
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
                Countback(order, from, to);
            }

            from = to;
        }
    }

    /// <summary>Among equal points: compares the places of each entry from best to worst; the first difference decides.</summary>
    private void Countback(int[] order, int from, int to)
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
        var differ = Compare(run[0].Best, run[^1].Best) != 0;
        var place = from;
        for (var i = 0; i < run.Length; i++)
        {
            if (i > 0 && Compare(run[i - 1].Best, run[i].Best) != 0)
            {
                place = from + i;
            }

            (result[run[i].Entry], decided[run[i].Entry]) = (place + 1, differ);
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
}
