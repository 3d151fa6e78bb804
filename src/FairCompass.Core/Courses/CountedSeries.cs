using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

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
    public CountedSeries(Series series)
    {
        terms = series.Terms.Select(t => Whole(t.Value)).ToArray();
        sums = new long[terms.Length + 1];
        for (var i = 0; i < terms.Length; i++)
        {
            sums[i + 1] = Count.Add(sums[i], terms[i]);
        }

        continues = series.Continues;
        first = terms[0];
        step = continues ? (long)series.Step!.Value : 0;
        length = series.Length ?? long.MaxValue;
        last = series.Last is { Value: { } end } ? Whole(end) : terms[^1];
    }

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

    private static long Whole(decimal? value) => (long)decimal.Clamp(decimal.Truncate(value ?? 0), 0, Count.Ceiling);
}
