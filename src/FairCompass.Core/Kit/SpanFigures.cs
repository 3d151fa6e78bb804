namespace FairCompass.Core.Kit;

/// <summary>
/// What is asked of every span of moments again and again, worked out once: the least and the greatest mass that is needed in it, the pairs
/// of a kind that are free all through it, what they cost, and what must be handled whatever is chosen. Moment 0 is how the bar stands
/// before the first, and needs nothing.
/// </summary>
internal sealed class SpanFigures
{
    private readonly int width;
    private readonly long[] least;
    private readonly long[] greatest;
    private readonly int[] free;
    private readonly long[]? price;
    private readonly int kinds;
    private readonly long?[] need;
    private readonly long heaviest;

    // What the changes of load inside the first so many moments cost at least; the difference of two is that of a span.
    private readonly long[] inside;

    /// <summary>Works them out.</summary>
    /// <param name="masses">The mass of one plate of each kind, in thousandths.</param>
    /// <param name="free">For each moment the pairs of each kind that no other bar has.</param>
    /// <param name="need">For each moment the mass on one side; null where the bar may stand as it is.</param>
    /// <param name="prices">For each moment what a pair of each kind costs; null for nothing.</param>
    /// <exception cref="ArgumentException">More than <see cref="SidePlanner.MostMoments"/> moments.</exception>
    public SpanFigures(long[] masses, int[][] free, long?[] need, long[][]? prices)
    {
        if (need.Length > SidePlanner.MostMoments)
        {
            throw new ArgumentException("Too many moments for one plan.", nameof(need));
        }

        (kinds, this.need, heaviest) = (masses.Length, need, masses.DefaultIfEmpty(1).Max());
        width = need.Length + 1;
        (least, greatest, this.free) = (new long[width * width], new long[width * width], new int[width * width * kinds]);
        price = prices is null ? null : new long[(width + 1) * kinds];
        for (var from = 0; from < width; from++)
        {
            var (low, high) = (long.MaxValue, -1L);
            var row = new int[kinds];
            Array.Fill(row, int.MaxValue);
            for (var to = from; to < width; to++)
            {
                if (to > 0)
                {
                    low = Math.Min(low, need[to - 1] ?? long.MaxValue);
                    high = Math.Max(high, need[to - 1] ?? -1);
                    for (var kind = 0; kind < kinds; kind++)
                    {
                        row[kind] = Math.Min(row[kind], free[to - 1][kind]);
                    }
                }

                (least[At(from, to)], greatest[At(from, to)]) = (low, high);
                row.CopyTo(this.free, At(from, to) * kinds);
            }
        }

        inside = Inside();
        for (var moment = 1; price is not null && moment < width; moment++)
        {
            for (var kind = 0; kind < kinds; kind++)
            {
                price[((moment + 1) * kinds) + kind] = price[(moment * kinds) + kind] + prices![moment - 1][kind];
            }
        }
    }

    /// <summary>The least mass needed in a span; the largest number where nothing is.</summary>
    public long Least(int from, int to) => least[At(from, to)];

    /// <summary>The greatest mass needed in a span; -1 where nothing is.</summary>
    public long Greatest(int from, int to) => greatest[At(from, to)];

    /// <summary>Pairs of a kind that are free all through a span.</summary>
    public int Free(int from, int to, int kind) => free[(At(from, to) * kinds) + kind];

    /// <summary>What a pair of a kind costs all through a span.</summary>
    public long Price(int from, int to, int kind) =>
        price is null ? 0 : price[((to + 1) * kinds) + kind] - price[(Math.Max(1, from) * kinds) + kind];

    /// <summary>What a span costs at least on top of what lies there all the time, however it is planned: where the load changes by so
    /// much, plates of that mass are put on or taken off, and no plate has more than the heaviest.</summary>
    /// <param name="from">The first moment.</param>
    /// <param name="to">The last.</param>
    /// <param name="mass">What lies on the bar all the time, in thousandths.</param>
    public long AtLeast(int from, int to, long mass)
    {
        var on = from > 0 && need[from - 1] is { } first && first > mass ? Put(first - mass) : 0;
        var off = to > 0 && to <= need.Length - 1 && need[to - 1] is { } last && last > mass ? Taken(last - mass) : 0;
        return on + off + inside[to] - inside[from];
    }

    private long[] Inside()
    {
        var sum = new long[need.Length + 1];
        for (var moment = 2; moment <= need.Length; moment++)
        {
            var change = (need[moment - 1] - need[moment - 2]) ?? 0;
            sum[moment] =
                sum[moment - 1]
                + (
                    change > 0 ? Put(change)
                    : change < 0 ? Taken(-change)
                    : 0
                );
        }

        return sum;
    }

    private long Put(long mass) => ((mass + heaviest - 1) / heaviest * SidePlanner.Plate) + (mass * SidePlanner.Mass);

    private long Taken(long mass) => Put(mass) + ((mass + heaviest - 1) / heaviest * SidePlanner.Off);

    private int At(int from, int to) => (from * width) + to;
}
