namespace FairCompass.Comparability;

/// <summary>Which of many tests are taken for found when a share of the found ones may be false.</summary>
/// <remarks>Benjamini, Y. and Hochberg, Y.: Controlling the false discovery rate, Journal of the Royal Statistical Society B 57 (1995),
/// 289–300.</remarks>
public static class BenjaminiHochberg
{
    /// <summary>True for each test that is taken for found.</summary>
    /// <param name="p">The p-values, each from 0 to 1.</param>
    /// <param name="rate">The share of false ones among the found that is accepted on average, over 0 and under 1. Where there is
    /// nothing to be found, it is how often anything is found at all.</param>
    public static IReadOnlyList<bool> Found(IReadOnlyList<double> p, double rate)
    {
        var order = Enumerable.Range(0, p.Count).OrderBy(i => p[i]).ToList();
        var last = order.FindLastIndex(i => p[i] <= rate * (order.IndexOf(i) + 1) / p.Count);
        var found = new bool[p.Count];
        foreach (var i in order.Take(last + 1))
        {
            found[i] = true;
        }

        return found;
    }
}
