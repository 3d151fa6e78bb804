using FairCompass.Core.Quantities;

namespace FairCompass.Core.Courses;

/// <summary>One way in which a bare total of an interval clock can have come about.</summary>
/// <param name="Interval">The interval in which the count stands, from 1.</param>
/// <param name="First">Units done of what begins each interval, over all intervals so far.</param>
/// <param name="Then">Units done of what fills the rest.</param>
/// <param name="From">When that interval begins, from the start of the part.</param>
/// <param name="Until">When it ends.</param>
public sealed record IntervalPlace(int Interval, long First, long Then, Duration From, Duration Until);

/// <summary>
/// An interval clock has two counters, so a total of both does not name a place: 143 of “5, then calories” can be interval 12
/// with 83 or interval 8 with 103. All that are possible are given.
/// </summary>
public static class Intervals
{
    /// <summary>The places that a total of both counters can mean, at the end of what comes first in each interval.</summary>
    /// <param name="piece">A piece with an interval clock.</param>
    /// <param name="total">Units of both counters together, from 0.</param>
    /// <returns>In the order of the intervals; empty when the piece has no interval clock, or no place has this total.</returns>
    public static Eq<IntervalPlace> Places(CoursePiece piece, long total)
    {
        if (piece.Every is not { Each: { Ms: > 0 } each } || piece.Piece.Window is not { } window)
        {
            return [];
        }

        var first = piece.Strands.First(s => s.Role == StrandRole.First).Counter;
        var then = piece.Strands.First(s => s.Role == StrandRole.Then).Counter;
        var places = new List<IntervalPlace>();
        var intervals = (int)Math.Min((window.Ms + each.Ms - 1) / each.Ms, 1000);
        for (var m = 1; m <= intervals; m++)
        {
            var done = first.UnitsAfterRound(m) ?? 0;
            var rest = total - done;
            var (from, until) = (new Duration(each.Ms * (m - 1)), new Duration(Math.Min(each.Ms * m, window.Ms)));
            if (rest >= 0 && rest <= (then.Units ?? long.MaxValue))
            {
                places.Add(new(m, done, rest, from, until));
            }
            else if (rest < 0 && total >= (first.UnitsAfterRound(m - 1) ?? 0))
            {
                // The interval has begun, and what comes first in it is not done: nothing of the rest need have been done.
                places.Add(new(m, total, 0, from, until));
            }
        }

        return places.ToEq();
    }
}
