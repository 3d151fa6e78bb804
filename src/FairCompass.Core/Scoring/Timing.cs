using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>How a time is read and rounded, so that all lanes are timed alike.</summary>
public static class Timing
{
    /// <summary>A time as it is ranked and published.</summary>
    /// <param name="time">As read.</param>
    /// <param name="resolution">The policy of the workout.</param>
    /// <example>7:41.32 is 7:41 off the hall clock, which shows the second that has begun; 7:41.4 by hand.</example>
    public static Duration Round(Duration time, TimeResolution resolution) =>
        resolution switch
        {
            TimeResolution.TenthsByHand => Up(time, 100),
            TimeResolution.Hundredths => Up(time, 10),
            _ => new(time.Ms / 1000 * 1000),
        };

    /// <summary>
    /// The official time of several hand watches: two that agree decide; of three that all differ the middle one; of two that
    /// differ the longer (World Athletics Technical Rules, hand timing, from memory).
    /// </summary>
    /// <param name="watches">One to three times, already rounded.</param>
    /// <exception cref="ArgumentException">None, or more than three.</exception>
    public static Duration Official(IReadOnlyList<Duration> watches)
    {
        var sorted = watches.Order().ToList();
        return sorted.Count switch
        {
            1 => sorted[0],
            2 => sorted[1],
            3 => sorted[1],
            _ => throw new ArgumentException("One to three watches.", nameof(watches)),
        };
    }

    /// <summary>Up to the next step; a time exactly on a step stays.</summary>
    private static Duration Up(Duration time, long step) => new((time.Ms + step - 1) / step * step);
}
