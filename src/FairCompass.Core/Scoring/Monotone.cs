using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>Two runs of which the first did more work in no more time and yet ranks lower.</summary>
/// <param name="MoreUnits">Units of the run that did more; the total when it finished.</param>
/// <param name="MoreFinish">Its finishing time, or null when it did not finish.</param>
/// <param name="LessUnits">Units of the run that did less.</param>
/// <param name="MoreValue">The value of the run that did more.</param>
/// <param name="LessValue">The value of the run that did less, which is better.</param>
public sealed record CounterExample(long MoreUnits, Duration? MoreFinish, long LessUnits, Duration MoreValue, Duration LessValue);

/// <summary>
/// Searches for a proof that a cap rule ranks more work lower. Run B dominates run A when at every instant it has done at
/// least as much; then B must not rank lower. Two kinds of pairs decide it: neighbouring counts at the cap, and a finisher
/// at the last possible moment against every count at the cap.
/// </summary>
public static class Monotone
{
    /// <summary>A counter-example, or null when the rule is fair.</summary>
    /// <param name="rule">The rule.</param>
    /// <param name="total">Units of the whole work, from 1.</param>
    /// <param name="limit">The time allowed.</param>
    public static CounterExample? Find(CapRule rule, long total, Limit limit)
    {
        // Who has finished by the longest cap has done everything; nobody who was stopped may rank before.
        var last = rule.Key(limit.Longest, total, total, limit);
        foreach (var units in Candidates(total, limit))
        {
            var stopped = rule.Key(null, units, total, limit);
            if (last.CompareTo(stopped) > 0 && stopped.Class == 0)
            {
                // The earliest finish that still loses by a second makes the plainest example.
                var finish = new Duration(Math.Min(limit.Longest.Ms, stopped.Value + 8000));
                return new(total, finish, units, finish, new(stopped.Value));
            }
        }

        foreach (var units in Candidates(total, limit))
        {
            var less = rule.Key(null, units, total, limit);
            var more = units + 1 < total ? rule.Key(null, units + 1, total, limit) : (Class: 0L, Value: long.MinValue);
            if (units + 1 < total && more.CompareTo(less) > 0)
            {
                return new(units + 1, null, units, new(more.Value), new(less.Value));
            }
        }

        return null;
    }

    /// <summary>Every count of small work; of large work both ends, the surroundings of each gate, and an even spread.</summary>
    private static IEnumerable<long> Candidates(long total, Limit limit)
    {
        if (total <= 2000)
        {
            return Range(total);
        }

        var near = limit.Gates.SelectMany(g => new[] { g.Units - 1, g.Units, g.Units + 1 });
        var spread = Enumerable.Range(0, 500).Select(i => total / 500 * i);
        return near.Concat(spread).Concat([0, 1, total - 2, total - 1]).Where(u => u >= 0 && u < total).Distinct().OrderDescending();

        static IEnumerable<long> Range(long n)
        {
            for (var i = n - 1; i >= 0; i--)
            {
                yield return i;
            }
        }
    }
}
