using MathNet.Numerics.Distributions;

namespace FairCompass.Comparability;

/// <summary>Between which ratios of tallied to expected no-reps chance alone keeps a judge, for the eye.</summary>
/// <remarks>The interpolated exact limits of D. J. Spiegelhalter, “Funnel plots for comparing institutional performance”, Statistics in
/// Medicine 24 (2005), 1185–1202, appendix A.1.1, for counts.</remarks>
public static class Funnel
{
    /// <summary>The ratio that is stayed under with a probability; the interpolation may go below 0, where no ratio is.</summary>
    /// <param name="expected">Expected no-reps, over 0.</param>
    /// <param name="p">The probability, over 0 and under 1: 0.975 for the upper limit of 95 in 100.</param>
    public static double Limit(double expected, double p)
    {
        var law = new Poisson(expected);
        var r = 0;
        while (law.CumulativeDistribution(r) < p)
        {
            r++;
        }

        var (at, below) = (law.CumulativeDistribution(r), r > 0 ? law.CumulativeDistribution(r - 1) : 0);
        return (r - ((at - p) / (at - below))) / expected;
    }
}
