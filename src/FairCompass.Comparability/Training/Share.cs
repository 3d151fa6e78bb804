namespace FairCompass.Comparability.Training;

/// <summary>So many of so many, with the interval that holds the true share 95 times in 100.</summary>
/// <remarks>The interval is that of E. B. Wilson, Journal of the American Statistical Association 22 (1927), 209–212; that of a
/// difference is method 10 of R. G. Newcombe, “Interval estimation for the difference between independent proportions”, Statistics in
/// Medicine 17 (1998), 873–890.</remarks>
/// <param name="Of">How many.</param>
/// <param name="All">Of how many, from 1.</param>
public sealed record Share(int Of, int All)
{
    private const double Z = 1.959964;

    /// <summary>The share, 0 to 1.</summary>
    public double Value => (double)Of / All;

    /// <summary>The lower end.</summary>
    public double Low => Ends().Low;

    /// <summary>The upper end.</summary>
    public double High => Ends().High;

    /// <summary>By how much this share is larger than another, with its interval.</summary>
    public (double Value, double Low, double High) Minus(Share other)
    {
        var (a, b) = (Ends(), other.Ends());
        var by = Value - other.Value;
        return (
            by,
            by - Math.Sqrt(Math.Pow(Value - a.Low, 2) + Math.Pow(b.High - other.Value, 2)),
            by + Math.Sqrt(Math.Pow(a.High - Value, 2) + Math.Pow(other.Value - b.Low, 2))
        );
    }

    private (double Low, double High) Ends()
    {
        var middle = Of + (Z * Z / 2);
        var half = Z * Math.Sqrt((Of * (1 - Value)) + (Z * Z / 4));
        return ((middle - half) / (All + (Z * Z)), (middle + half) / (All + (Z * Z)));
    }
}
