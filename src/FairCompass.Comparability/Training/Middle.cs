using MathNet.Numerics.Distributions;

namespace FairCompass.Comparability.Training;

/// <summary>The middle of some numbers, with the interval that holds the true middle at least 95 times in 100: between two of the numbers
/// themselves, by the binomial law of how many lie below the middle, whatever law the numbers have (W. J. Conover, Practical Nonparametric
/// Statistics, 3rd edition, 1999, section 3.2).</summary>
/// <param name="Value">The middle one; of an even number the upper of the two.</param>
/// <param name="Low">The lower end; null with fewer than six numbers, of which no two hold it so often.</param>
/// <param name="High">The upper end.</param>
public sealed record Middle(int Value, int? Low, int? High)
{
    /// <summary>The middle of numbers; null of none.</summary>
    /// <param name="numbers">In any order.</param>
    public static Middle? Of(IEnumerable<int> numbers)
    {
        var all = numbers.Order().ToList();
        if (all.Count == 0)
        {
            return null;
        }

        var rank = RankOf(all.Count);
        return rank == 0 ? new(all[all.Count / 2], null, null) : new(all[all.Count / 2], all[rank - 1], all[all.Count - rank]);
    }

    /// <summary>Which of so many numbers, counted from either end, is the end of the interval; 0 where there is none.</summary>
    /// <param name="count">From 1.</param>
    public static int RankOf(int count)
    {
        var rank = 0;
        while (2 * Binomial.CDF(0.5, count, rank) <= 0.05)
        {
            rank++;
        }

        return rank;
    }
}
