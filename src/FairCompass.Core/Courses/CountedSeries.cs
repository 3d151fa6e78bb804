using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Iterations <c>Start, Start + Stride, …</c>, <c>Times</c> of them.</summary>
internal readonly record struct Every(long Start, long Stride, long Times);

/// <summary>A series of whole numbers made ready for counting: the same values as <see cref="Series"/>, in 64-bit integers.</summary>
internal sealed class CountedSeries
{
    private readonly long[] terms;
    private readonly long[] sums;
    private readonly bool continues;
    private readonly long first;
    private readonly long step;
    private readonly long length;
    private readonly long last;

    /// <summary>Prepares a series whose terms are whole and known; see <see cref="Course.Countable"/>.</summary>
    /// <param name="series">The series.</param>
    /// <param name="times">Each value is multiplied by this: members who each do the amount.</param>
    public CountedSeries(Series series, long times = 1)
        : this(
            series.Terms.Select(t => Count.Times(Whole(t.Value), times)).ToArray(),
            series.Continues,
            series.Continues ? (long)series.Step!.Value * times : 0,
            series.Length ?? long.MaxValue,
            series.Last is { Value: { } end } ? Count.Times(Whole(end), times) : null
        ) { }

    private CountedSeries(long[] terms, bool continues, long step, long length, long? last)
    {
        this.terms = terms;
        this.continues = continues;
        this.step = step;
        this.length = length;
        this.last = last ?? terms[^1];
        first = terms[0];
        sums = new long[terms.Length + 1];
        for (var i = 0; i < terms.Length; i++)
        {
            sums[i + 1] = Count.Add(sums[i], terms[i]);
        }
    }

    /// <summary>The series in whole sections: 30 m with a mark every 3 m is 10. Null when a continued series does not divide
    /// evenly.</summary>
    /// <param name="series">The series.</param>
    /// <param name="section">The length of a section in its unit; over 0.</param>
    /// <param name="times">Each value is multiplied by this: members who each do the amount.</param>
    public static CountedSeries? InSections(Series series, decimal section, long times = 1)
    {
        static long Floor(decimal value) => (long)decimal.Clamp(decimal.Floor(value), 0, Count.Ceiling);
        var terms = series.Terms.Select(t => Count.Times(Floor((t.Value ?? 0) / section), times)).ToArray();
        if (!series.Continues)
        {
            return new(terms, false, 0, series.Terms.Count, null);
        }

        var step = series.Step!.Value / section;
        return step != decimal.Truncate(step) || series.Terms.Any(t => (t.Value ?? 0) % section != 0)
            ? null
            : new(
                terms,
                true,
                (long)step * times,
                series.Length ?? long.MaxValue,
                series.Last is { Value: { } end } ? Count.Times(Floor(end / section), times) : null
            );
    }

    /// <summary>The largest value, or null when the series rises without end.</summary>
    public long? Largest => continues && length == long.MaxValue ? null : Math.Max(terms.Max(), last);

    /// <summary>The value in an iteration, from 0; the last repeats after the end.</summary>
    public long Value(long iteration) =>
        iteration < terms.Length ? terms[iteration]
        : !continues || iteration >= length ? last
        : Math.Clamp((long)Int128.Clamp(first + ((Int128)step * iteration), 0, Count.Ceiling), 0, Count.Ceiling);

    /// <summary>The sum of the first k values: the written terms, then an arithmetic series, then the repeated last.</summary>
    public long Prefix(long k)
    {
        if (k <= terms.Length)
        {
            return sums[k];
        }

        var rest = k - terms.Length;
        var sum = sums[^1];
        var rising = continues ? Math.Clamp(length - terms.Length, 0, rest) : 0;
        if (rising > 0)
        {
            // n (first + last) / 2 in 128 bits.
            var ends = (Int128)Value(terms.Length) + Value(terms.Length + rising - 1);
            sum = (long)Int128.Min(sum + (rising * ends / 2), Count.Ceiling);
        }

        return rest > rising ? Count.Add(sum, Count.Times(last, rest - rising)) : sum;
    }

    /// <summary>The sum of the values at some iterations.</summary>
    public long Sum(Every over) =>
        !continues && terms.Length == 1 ? Count.Times(last, over.Times)
        : over is { Start: 0, Stride: 1 } ? Prefix(over.Times)
        : Fold(over, static (v, _) => v, static (a, d, n, _) => n * (a + a + (d * (n - 1))) / 2, 0);

    /// <summary>The sum of each value divided by a number and rounded down.</summary>
    public long SumOfQuotients(Every over, long divisor) =>
        Fold(
            over,
            static (v, k) => v / k,
            static (a, d, n, k) => d >= 0 ? Count.FloorSum(n, k, d, a) : Count.FloorSum(n, k, -d, a + (d * (n - 1))),
            divisor
        );

    /// <summary>How many of the values are at least so large.</summary>
    public long AtLeast(Every over, long threshold) =>
        Fold(
            over,
            static (v, k) => v >= k ? 1 : 0,
            static (a, d, n, k) =>
                d == 0 ? (a >= k ? n : 0)
                : d > 0 ? n - Int128.Clamp((k - a + d - 1) / d, 0, n)
                : a < k ? 0
                : Int128.Min(n, ((a - k) / -d) + 1),
            threshold
        );

    /// <summary>Adds something up over the three parts of a series: written terms one by one, the arithmetic part and the repeated last in
    /// closed form.</summary>
    private long Fold(Every over, Func<long, long, Int128> one, Func<Int128, Int128, Int128, long, Int128> line, long argument)
    {
        Int128 sum = 0;
        var j = 0L;
        for (; j < over.Times && over.Start + (over.Stride * j) < terms.Length; j++)
        {
            sum += one(terms[over.Start + (over.Stride * j)], argument);
        }

        if (continues && j < over.Times)
        {
            var from = over.Start + (over.Stride * j);
            var n = Math.Min(over.Times - j, length <= from ? 0 : ((length - 1 - from) / over.Stride) + 1);
            if (n > 0)
            {
                sum += line((Int128)first + ((Int128)step * from), (Int128)step * over.Stride, n, argument);
                j += n;
            }
        }

        if (j < over.Times)
        {
            sum += (Int128)(over.Times - j) * one(last, argument);
        }

        return (long)Int128.Clamp(sum, 0, Count.Ceiling);
    }

    private static long Whole(decimal? value) => (long)decimal.Clamp(decimal.Truncate(value ?? 0), 0, Count.Ceiling);
}
