using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>Where a card notes a list that begins anew in each interval: a row for each, with its own running totals.</summary>
public sealed partial class BriefBuilder
{
    private IEnumerable<BriefBlock> InIntervals(Course course, CoursePiece only)
    {
        foreach (var piece in course.Pieces.Where(p => ReferenceEquals(p, only) && p.Strands.Any(s => s.Interval is not null)))
        {
            var each = piece.Plain!.Each!.Value;
            var starts = piece.Piece.Starts ?? Duration.Zero;
            var key = $"{piece.Piece.Key}/{course.Address}";
            yield return new BriefBlock.Table(
                piece.Piece.IsNamed
                    ? Cite($"piece/{key}", piece.Piece.NameIn(tongue)) + Say(": each interval by itself", ": cada intervalo por separado")
                    : Say("Each interval by itself", "Cada intervalo por separado"),
                [
                    Say("Interval", "Intervalo"),
                    Say("From", "Desde"),
                    .. piece.Tasks.Select(t => Named(t.Prescription.Movement.Value)),
                    Say("Done", "Hecho"),
                    Say("Or stopped at", "O llegó a"),
                    Say("Missed", "Perdido"),
                ],
                piece
                    .Strands.Select(s =>
                    {
                        var cite = $"interval/{piece.Piece.Key}/{s.Interval}/{course.Address}";
                        return new BriefRow([
                            Cite(cite, Figure(s.Interval!.Value)),
                            Cite(cite, (starts + new Duration(each.Ms * (s.Interval.Value - 1))).ToString()),
                            .. piece.Tasks.Select(t =>
                                Ends(s.Counter, t.Index) is { } total ? Cite(cite, $"□ {total}{Rung(t, s.Interval.Value)}") : "–"
                            ),
                            "□",
                            Cite(cite, Say($"____ of {s.Counter.AllCounted}", $"____ de {s.Counter.AllCounted}")),
                            "□",
                        ]);
                    })
                    .ToEq()
            );
        }
    }

    /// <summary>The load of a task in one interval, where it changes from interval to interval.</summary>
    private static string Rung(CourseTask task, int interval) =>
        task.Prescription.Load?.Value is { Values: { IsConstant: false, HasUnset: false } values } load
        && values.At(interval - 1) is { } rung
            ? $" ({Number.Normal(rung)} {load.Unit.Symbol()})"
            : "";

    /// <summary>The running total when a task of an interval is done for the last time; null where it is not done there.</summary>
    private static long? Ends(Strand interval, int task)
    {
        for (var n = interval.Units ?? 0; n > 0; n--)
        {
            var place = interval.At(n);
            if (place.Task == task)
            {
                return interval.Counted(n);
            }

            // A task that was passed is skipped at once.
            n -= place.Unit - 1;
        }

        return null;
    }
}
