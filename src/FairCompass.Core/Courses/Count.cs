namespace FairCompass.Core.Courses;

/// <summary>Exact counting that stops at a ceiling instead of overflowing.</summary>
internal static class Count
{
    /// <summary>More units than any athlete does; totals stop here and a finding says that the work is too large.</summary>
    public const long Ceiling = 1_000_000_000_000_000;

    public static long Add(long a, long b) => Math.Min(a + b, Ceiling);

    public static long Times(long a, long b) => (long)Int128.Min((Int128)a * b, Ceiling);

    /// <summary>
    /// The sum of ⌊(a·i + b) / m⌋ for i from 0 to n − 1, by the Euclid-like recursion on lattice points under a line
    /// (Graham, Knuth, Patashnik, Concrete Mathematics, 3.5). All arguments are at least 0, m at least 1.
    /// </summary>
    public static Int128 FloorSum(Int128 n, Int128 m, Int128 a, Int128 b)
    {
        Int128 sum = 0;
        while (n > 0)
        {
            sum += n * (n - 1) / 2 * (a / m) + (n * (b / m));
            (a, b) = (a % m, b % m);
            var top = (a * n) + b;
            if (top < m)
            {
                break;
            }

            (n, b) = (top / m, top % m);
            (m, a) = (a, m);
        }

        return sum;
    }
}
