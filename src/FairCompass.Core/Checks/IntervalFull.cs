using FairCompass.Core.Courses;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>First work of an interval that takes even the fastest longer than the interval.</summary>
public sealed class IntervalFull : ICheck
{
    /// <inheritdoc/>
    public string Id => "interval-full";

    /// <inheritdoc/>
    public string Title => "An interval that the first work fills";

    /// <inheritdoc/>
    public string Why => "The rest of the interval, which decides the score, would never begin.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var full =
            from course in context.Courses
            from piece in course.Pieces
            let every = piece.Every
            where every?.Each is { Ms: > 0 }
            let first = piece.Strands.First(s => s.Role == StrandRole.First)
            let then = piece.Strands.FirstOrDefault(s => s.Role == StrandRole.Then)
            let once = first.Counter.At(1)
            let units = piece.TasksOf(first).Count() == 1 ? once.Of : InOneInterval(first.Counter)
            where units is not null
            let needed = TimeNeeded.Of(context, course, piece, first.Counter, units)
            where needed?.Fastest >= every.Each
            group course.Address by (every, needed!.Value.Fastest, piece, first, then) into same
            select same;
        return full.DistinctBy(f => f.Key.every.At)
            .Select(f =>
            {
                var ((every, fastest, piece, first, then), each) = (f.Key, f.Key.every.Each!.Value);
                var better = TimeNeeded.Round(new(fastest.Ms * 3 / 2));
                var to = then is null ? "the rest" : TimeNeeded.Words(piece, piece.TasksOf(then).Take(1));
                return new Report(
                    every.At,
                    $"{Words.Join(f.Select(a => a.ToString()).Distinct())}: {TimeNeeded.Words(piece, piece.TasksOf(first))} takes "
                        + $"longer than {each} "
                        + $"(fastest {fastest}), so nobody comes to {to}.",
                    TimeNeeded.Rewritten(context, every.At, each, better, $"Write every {better}")
                );
            });
    }

    /// <summary>Units of the first interval; null where they cannot be told.</summary>
    private static long? InOneInterval(Strand strand)
    {
        var units = 0L;
        for (var place = strand.At(1); place.Rounds.Count > 0 && place.Rounds[0] == 1 && place.Of is { } of; place = strand.At(units + 1))
        {
            units += of;
            if (units > 10_000)
            {
                return null;
            }
        }

        return units == 0 ? null : units;
    }
}
