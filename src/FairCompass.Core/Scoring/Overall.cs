using System.Globalization;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

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
