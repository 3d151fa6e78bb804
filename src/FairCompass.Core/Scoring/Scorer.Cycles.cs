using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>The slowest or the fastest of several windows, each timed from its own start.</content>
public static partial class Scorer
{
    /// <summary>
    /// The windows begin at fixed times of the clock, so who is ahead at every moment finishes none of them later and never ranks lower.
    /// Of the slowest each window must be finished, of the fastest one; who lacks that is ranked behind, by all that was done, or by the
    /// best window.
    /// </summary>
    private static ComponentResult TimeOfCycles(
        Selection pick,
        ScoreComponent c,
        RunObservation run,
        Course course,
        ScoreSheet sheet,
        Tongue tongue
    )
    {
        var windows = c.Pieces.Select(k => course.Piece(k)!).ToList();
        var times = windows
            .Select(p =>
                (
                    Of: p.Piece.Cycle ?? 0,
                    Time: Tallying.Finish(run.Of(p.Piece.Key), sheet) is { } finish
                        ? finish - (p.Piece.Starts ?? Duration.Zero)
                        : (Duration?)null
                )
            )
            .ToList();
        var finished = times.Where(t => t.Time is not null).Select(t => (t.Of, Time: t.Time!.Value)).ToList();
        if (pick.Lowest ? finished.Count < times.Count : finished.Count == 0)
        {
            return CyclesOpen(pick, c, run, windows, sheet, tongue);
        }

        var sorted = (pick.Lowest ? finished.OrderByDescending(t => t.Time.Ms) : finished.OrderBy(t => t.Time.Ms)).ToList();
        var next = c.Ties.Count > 0 ? [] : sorted.Skip(1).Select(t => t.Time.Ms).ToList();
        // Of the fastest, a window that was not finished stands behind every time.
        next.AddRange(c.Ties.Count > 0 ? [] : Enumerable.Repeat(long.MaxValue, times.Count - finished.Count));
        var listed = string.Join(", ", times.Select(t => $"cycle {t.Of} {t.Time?.ToString() ?? "not finished"}"));
        return new(
            ResultClass.Scored,
            sorted[0].Time.Ms,
            next.ToEq(),
            sorted[0].Time.ToString(),
            null,
            [$"{Words.Capital(listed)}.", $"The {(pick.Lowest ? "slowest" : "fastest")} counts: {sorted[0].Time} (cycle {sorted[0].Of})."]
        );
    }

    private static ComponentResult CyclesOpen(
        Selection pick,
        ScoreComponent c,
        RunObservation run,
        List<CoursePiece> windows,
        ScoreSheet sheet,
        Tongue tongue
    )
    {
        var done = windows
            .Select(p =>
                (
                    Of: p.Piece.Cycle ?? 0,
                    Units: Tallying.Of(run.Of(p.Piece.Key), p, c.Tally, sheet.UnverifiedIsNoRep == true, c.Takes),
                    Total: p.Total(c.Tally) ?? 0
                )
            )
            .ToList();
        var best = done.MaxBy(d => d.Units);
        var (units, total) = pick.Lowest ? (done.Sum(d => d.Units), done.Sum(d => d.Total)) : (best.Units, best.Total);
        var (cls, value) = new CapRule.CapLine().Key(null, units, total, new Limit(Duration.Zero, []));
        var what = pick.Lowest ? "Not every cycle was finished" : "No cycle was finished";
        return new(
            (ResultClass)cls,
            value,
            [],
            tongue.Say($"{Amount(units, c)} of {Amount(total, c)} at the cap", $"{Amount(units, c)} de {Amount(total, c)} en el tope"),
            null,
            [
                $"{what}: {string.Join(", ", done.Select(d => $"cycle {d.Of} {Amount(d.Units, c)} of {Amount(d.Total, c)}"))} {c.Words}.",
                $"Cap line: ranked after every finisher, by {c.Words} done{(pick.Lowest ? "" : $" in the best cycle ({best.Of})")}.",
            ]
        );
    }
}
