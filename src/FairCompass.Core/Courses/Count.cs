using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Exact counting that stops at a ceiling instead of overflowing.</summary>
internal static class Count
{
    /// <summary>More units than any athlete does; totals stop here and a finding says that the work is too large.</summary>
    public const long Ceiling = 1_000_000_000_000_000;

    public static long Add(long a, long b) => Math.Min(a + b, Ceiling);

    public static long Times(long a, long b) => (long)Int128.Min((Int128)a * b, Ceiling);

    /// <summary>The value of a counted series in an iteration, never negative.</summary>
    public static long Value(Series series, long iteration) =>
        series.At(iteration) is { } v ? (long)decimal.Clamp(decimal.Truncate(v), 0, Ceiling) : 0;

    /// <summary>The sum of the first k values in closed form: the written terms, then an arithmetic series, then the repeated last.</summary>
    public static long Prefix(Series series, long k)
    {
        var head = Math.Min(k, series.Terms.Count);
        var sum = 0L;
        for (var i = 0; i < head; i++)
        {
            sum = Add(sum, Value(series, i));
        }

        if (k <= series.Terms.Count)
        {
            return sum;
        }

        var rest = k - series.Terms.Count;
        if (!series.Continues)
        {
            return Add(sum, Times(Value(series, series.Terms.Count - 1), rest));
        }

        var rising = series.Length is { } length ? Math.Clamp(length - series.Terms.Count, 0, rest) : rest;
        if (rising > 0)
        {
            // Sum of an arithmetic series: n (first + last) / 2, in 128 bits.
            var (a, b) = (Value(series, series.Terms.Count), Value(series, series.Terms.Count + rising - 1));
            sum = (long)Int128.Min(sum + ((Int128)rising * ((Int128)a + b) / 2), Ceiling);
        }

        return rest > rising ? Add(sum, Times(Value(series, series.Terms.Count + rising), rest - rising)) : sum;
    }
}
