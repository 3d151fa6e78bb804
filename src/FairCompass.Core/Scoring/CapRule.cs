using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>How a result that hit the cap is ordered.</summary>
public abstract record CapRule
{
    private CapRule() { }

    /// <summary>Finishers first, by time; then the others by what they did.</summary>
    public sealed record CapLine : CapRule;

    /// <summary>Cap plus a time for each missing unit.</summary>
    /// <param name="Each">Added for each missing unit.</param>
    /// <param name="FromLongest">
    /// True to count from the longest cap. Counting from one's own cap lets who misses a gate beat who passes it.
    /// </param>
    public sealed record Penalty(Duration Each, bool FromLongest) : CapRule;

    /// <summary>The tempting wrong rule: cap plus a time for each unit <em>done</em>. Kept so that it can be refused with an
    /// example.</summary>
    public sealed record AddDone(Duration Each) : CapRule;

    /// <summary>
    /// The rank key of a result: class first, then value; smaller is better. A value in milliseconds stops at
    /// <see cref="long.MaxValue"/> (292 million years), which only a slip of the pen in a draft can reach.
    /// </summary>
    /// <param name="finish">Time of a finisher, or null.</param>
    /// <param name="units">Units done by who did not finish.</param>
    /// <param name="total">Units of the whole work.</param>
    /// <param name="limit">The time allowed, with gates in the same units.</param>
    public (long Class, long Value) Key(Duration? finish, long units, long total, Limit limit) =>
        (this, finish) switch
        {
            (_, { } time) => (0, time.Ms),
            (CapLine, _) => (1, -units),
            (Penalty p, _) => (0, After(p.FromLongest ? limit.Longest : limit.For(units), total - units, p.Each)),
            (AddDone a, _) => (0, After(limit.For(units), units, a.Each)),
            _ => throw new InvalidOperationException("A cap rule without a key."),
        };

    private static long After(Duration cap, long units, Duration each) =>
        (long)Int128.Min(cap.Ms + ((Int128)units * each.Ms), long.MaxValue);
}
