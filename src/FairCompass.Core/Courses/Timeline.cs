using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>What a span of the hall clock is.</summary>
public enum SpanKind
{
    /// <summary>A window of work.</summary>
    Work,

    /// <summary>A rest.</summary>
    Rest,

    /// <summary>A change.</summary>
    Change,
}

/// <summary>A span of the hall clock.</summary>
/// <param name="Kind">Work, rest, or change.</param>
/// <param name="Label">Its name, or null.</param>
/// <param name="Starts">On the hall clock.</param>
/// <param name="Ends">On the hall clock; later than <paramref name="Starts"/> unless the text says 0:00.</param>
/// <param name="Pieces">Keys of the pieces worked at; the second of two gets what the first leaves.</param>
public sealed record ClockSpan(SpanKind Kind, string? Label, Duration Starts, Duration Ends, Eq<string> Pieces);

/// <summary>Words that the caller says at a time.</summary>
public sealed record ClockCall(Duration At, string Words);

/// <summary>The hall clock of a workout.</summary>
/// <param name="Spans">In order, without gaps.</param>
/// <param name="Calls">In order of time.</param>
/// <param name="Ends">The whole length.</param>
public sealed record Timeline(Eq<ClockSpan> Spans, Eq<ClockCall> Calls, Duration Ends)
{
    /// <summary>The clock of a workout; null when a time is unset, a stage is not computed yet, or there is no stage.</summary>
    public static Timeline? Of(Workout workout)
    {
        var spans = new List<ClockSpan>();
        var pieces = PieceOfWork.Of(workout);
        var next = 0;
        var now = Duration.Zero;
        foreach (var stage in workout.Stages)
        {
            var (kind, time, count) = stage switch
            {
                Stage.Window w => (SpanKind.Work, w.Time, 1),
                Stage.Clock c => (SpanKind.Work, c.Time, c.Pieces.Count),
                Stage.Gap g => (g.IsRest ? SpanKind.Rest : SpanKind.Change, g.Time, 0),
                _ => (SpanKind.Work, null, 0),
            };
            if (time is not { } length)
            {
                return null;
            }

            spans.Add(new(kind, stage.Label, now, now + length, pieces.Skip(next).Take(count).Select(p => p.Key).ToEq()));
            next += count;
            now += length;
        }

        return spans.Count == 0 ? null : new(spans.ToEq(), CallsOf(spans).ToEq(), now);
    }

    /// <summary>
    /// The usual calls: a count-in and go, one minute and ten seconds before the end of a window longer than they are, the end
    /// of each window, and a count-in before the next (common practice).
    /// </summary>
    private static List<ClockCall> CallsOf(List<ClockSpan> spans)
    {
        var calls = new List<ClockCall>();
        for (var i = 0; i < spans.Count; i++)
        {
            var span = spans[i];
            var length = span.Ends - span.Starts;
            if (span.Kind != SpanKind.Work)
            {
                if (i + 1 < spans.Count && length > Duration.Seconds(10))
                {
                    calls.Add(new(span.Ends - Duration.Seconds(10), "ten seconds to go"));
                }

                continue;
            }

            calls.Add(new(span.Starts, "3, 2, 1, go"));
            if (length > Duration.Seconds(120))
            {
                calls.Add(new(span.Ends - Duration.Seconds(60), "one minute"));
            }

            if (length > Duration.Seconds(30))
            {
                calls.Add(new(span.Ends - Duration.Seconds(10), "ten seconds"));
            }

            var after = i + 1 < spans.Count ? spans[i + 1] : null;
            calls.Add(new(span.Ends, after?.Kind switch { SpanKind.Rest => "time, rest", SpanKind.Change => "time, change", _ => "time" }));
        }

        return calls;
    }
}
