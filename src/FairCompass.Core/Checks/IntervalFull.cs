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
            let units = InOneInterval(first.Counter)
            where units is not null
            let needed = TimeNeeded.Of(context, course, piece, first.Counter, units)
            where needed?.Fastest >= every.Each
            let what = TimeNeeded.Words(piece, piece.TasksOf(first))
            group (course.Address, What: what, needed!.Value.Fastest, piece) by (every.At, Each: every.Each!.Value) into same
            select same;
        foreach (var all in full)
        {
            var better = TimeNeeded.Round(new(all.Max(x => x.Fastest).Ms * 3 / 2));
            var piece = all.First().piece;
            var then = piece.Strands.FirstOrDefault(s => s.Role == StrandRole.Then);
            var to = then is null ? "the rest" : TimeNeeded.Words(piece, piece.TasksOf(then).Take(1));
            // Whose numbers differ is told by name.
            var each = all.GroupBy(x => (x.What, x.Fastest))
                .Select(g => $"{Words.Join(g.Select(x => x.Address.ToString()))}: {g.Key.What} takes {g.Key.Fastest} at the fastest");
            yield return new(
                all.Key.At,
                $"{string.Join("; ", each)}. The interval is {all.Key.Each}, so nobody comes to {to}.",
                TimeNeeded.Rewritten(context, all.Key.At, all.Key.Each, better, $"Write every {better}")
            );
        }
    }

    /// <summary>Units of the first interval; null where they cannot be told.</summary>
    private static long? InOneInterval(Strand strand)
    {
        var units = 0L;
        // A window shorter than two intervals has no second one that the first could end at.
        while (
            units < (strand.Units ?? long.MaxValue)
            && strand.At(units + 1) is { Of: { } of } place
            && place.Rounds.Count > 0
            && place.Rounds[0] == 1
        )
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
