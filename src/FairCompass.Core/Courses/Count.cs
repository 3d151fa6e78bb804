namespace FairCompass.Core.Courses;

/// <summary>Exact counting that stops at a ceiling instead of overflowing.</summary>
internal static class Count
{
    /// <summary>More units than any athlete does; totals stop here and a finding says that the work is too large.</summary>
    public const long Ceiling = 1_000_000_000_000_000;

    public static long Add(long a, long b) => Math.Min(a + b, Ceiling);

    public static long Times(long a, long b) => (long)Int128.Min((Int128)a * b, Ceiling);
}
