namespace FairCompass.Comparability.Agreement;

/// <summary>How far several who judge the same things agree beyond chance: 1 is always, 0 is as chance would have it.</summary>
public static class AgreementMeasures
{
    /// <summary>κ of two who judge the same things.</summary>
    /// <remarks>J. Cohen, “A coefficient of agreement for nominal scales”, Educational and Psychological Measurement 20 (1960),
    /// 37–46.</remarks>
    /// <param name="table">How often the first said the row and the second the column.</param>
    /// <returns>Null where chance alone would always agree.</returns>
    public static double? Cohen(int[,] table)
    {
        var size = table.GetLength(0);
        double all = table.Cast<int>().Sum();
        var (same, chance) = (0.0, 0.0);
        for (var i = 0; i < size; i++)
        {
            var (row, column) = (0.0, 0.0);
            for (var j = 0; j < size; j++)
            {
                row += table[i, j];
                column += table[j, i];
            }

            same += table[i, i] / all;
            chance += row * column / (all * all);
        }

        return all > 0 && chance < 1 ? (same - chance) / (1 - chance) : null;
    }

    /// <summary>κ of equally many for each thing, not always the same people.</summary>
    /// <remarks>J. L. Fleiss, “Measuring nominal scale agreement among many raters”, Psychological Bulletin 76 (1971), 378–382.</remarks>
    /// <param name="counts">For each thing how many said each kind; as many for every thing, at least two.</param>
    /// <returns>Null where chance alone would always agree.</returns>
    public static double? Fleiss(IReadOnlyList<int[]> counts)
    {
        double raters = counts[0].Sum();
        double things = counts.Count;
        var same = counts.Average(c => c.Sum(n => n * (n - 1.0)) / (raters * (raters - 1)));
        var chance = Enumerable.Range(0, counts[0].Length).Sum(k => Math.Pow(counts.Sum(c => c[k]) / (things * raters), 2));
        return chance < 1 ? (same - chance) / (1 - chance) : null;
    }

    /// <summary>α for kinds without an order, where some may have said nothing of some things.</summary>
    /// <remarks>K. Krippendorff, “Computing Krippendorff’s Alpha-Reliability”, University of Pennsylvania, 2011.</remarks>
    /// <param name="said">For each thing how many said each kind. Things of which fewer than two said anything tell nothing.</param>
    /// <returns>Null where nothing can be compared, or all that was said is one kind.</returns>
    public static double? Krippendorff(IEnumerable<int[]> said)
    {
        var paired = said.Where(c => c.Sum() >= 2).ToList();
        if (paired.Count == 0)
        {
            return null;
        }

        var totals = Enumerable.Range(0, paired[0].Length).Select(k => (double)paired.Sum(c => c[k])).ToList();
        var all = totals.Sum();
        var expected = (all * all) - totals.Sum(n => n * n);
        if (expected <= 0)
        {
            return null;
        }

        // Pairs that differ within a thing, each weighed so that every value counts once.
        var observed = paired.Sum(c => ((double)c.Sum() * c.Sum() - c.Sum(n => (double)n * n)) / (c.Sum() - 1));
        return 1 - ((all - 1) * observed / expected);
    }
}
