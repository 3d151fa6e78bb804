using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>
/// Values indexed by the nearest loop: one idea for a constant (<c>12</c>), a falling scheme (<c>24-18-12</c>), and a
/// rising ladder (<c>2-4-6-...</c>, <c>40-45-...-85</c>).
/// </summary>
/// <param name="Terms">The written terms, at least one.</param>
/// <param name="Continues">True when <c>-...</c> follows: equal steps go on.</param>
/// <param name="Last">The term that closes a continued series, or null when it has no end.</param>
public sealed record Series(Eq<Number> Terms, bool Continues, Number? Last)
{
    /// <summary>A constant.</summary>
    public static Series Of(Number value) => new([value], false, null);

    /// <summary>True when the value is the same in every round.</summary>
    public bool IsConstant => Terms.Count == 1 && !Continues;

    /// <summary>True when any term is <c>unset</c>.</summary>
    public bool HasUnset => Terms.Any(t => t.IsUnset) || Last is { IsUnset: true };

    /// <summary>The step of a continued series: the last two terms' difference; null when there is only one term.</summary>
    public decimal? Step => Continues && Terms.Count >= 2 && Terms[^1].Value is { } b && Terms[^2].Value is { } a ? b - a : null;

    /// <summary>True when a continued series rises or falls by one step throughout.</summary>
    public bool HasEqualSteps =>
        Step is { } step && Enumerable.Range(1, Terms.Count - 1).All(i => Terms[i].Value - Terms[i - 1].Value == step);

    /// <summary>
    /// How many terms the series has: 1 for a constant, the number of a list, up to the closing term of a closed
    /// ladder; null for one without end.
    /// </summary>
    public long? Length =>
        !Continues ? Terms.Count
        : Last?.Value is { } last && Step is { } step && step != 0 && Terms[0].Value is { } first
            ? Math.Max(Terms.Count, (long)decimal.Floor((last - first) / step) + 1)
        : null;

    /// <summary>The value in an iteration; the last term repeats after the end.</summary>
    /// <param name="iteration">From 0.</param>
    /// <returns>Null when the value is unset or the step is unknown.</returns>
    public decimal? At(long iteration)
    {
        if (iteration < Terms.Count)
        {
            return Terms[(int)iteration].Value;
        }

        if (!Continues)
        {
            return Terms[^1].Value;
        }

        if (Step is not { } step || Terms[0].Value is not { } first)
        {
            return null;
        }

        return Length is { } length && iteration >= length ? Last!.Value.Value : first + (step * iteration);
    }

    /// <summary>The series as written: <c>2-4-6-...</c>.</summary>
    public override string ToString() => string.Join('-', Terms) + (Continues ? "-..." : "") + (Last is { } last ? "-" + last : "");
}

/// <summary>The written <c>a/b</c>: a value for each duty in the declared order, or one for both.</summary>
/// <param name="First">The value before the stroke, or the only one.</param>
/// <param name="Second">The value after the stroke; null when one value holds for both.</param>
public sealed record Pair(Series First, Series? Second)
{
    /// <summary>One constant for both duties.</summary>
    public static Pair Of(Number value) => new(Series.Of(value), null);

    /// <summary>The series of the duty at a position in the declared order.</summary>
    /// <param name="duty">0 or 1.</param>
    public Series For(int duty) => duty == 0 ? First : Second ?? First;

    /// <summary>The pair as written: <c>22.5/15</c>.</summary>
    public override string ToString() =>
        Second is null ? First.ToString()
        : First.IsConstant && Second.IsConstant ? $"{First}/{Second}"
        : $"{First} / {Second}";
}
