using FairCompass.Core.Courses;

namespace FairCompass.Core.Checks;

/// <summary>Intervals at the end of a window in which nothing is left to do.</summary>
public sealed class IntervalEmpty : ICheck
{
    /// <inheritdoc/>
    public string Id => "interval-empty";

    /// <inheritdoc/>
    public string Title => "Intervals with nothing to do";

    /// <inheritdoc/>
    public string Why => "Who reads “1st, 3rd” as every odd minute goes on, who reads it as two minutes stops: the lanes would differ.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var found =
            from course in context.Courses
            from piece in course.Pieces
            let plain = piece.Plain
            where plain?.Each is { Ms: > 0 } && piece.Piece.Window is not null
            let all = (int)Math.Min(((piece.Piece.Window!.Value.Ms - 1) / plain.Each!.Value.Ms) + 1, int.MaxValue)
            let last = LastWithWork(piece, all)
            where last < all
            select (plain.At, Last: last, All: all);
        return found
            .DistinctBy(f => f.At)
            .Select(f => new Report(
                f.At,
                $"Behind interval {f.Last} {(f.All - f.Last == 1 ? "the last one has" : $"the last {f.All - f.Last} of {f.All} have")} "
                    + "nothing to do. Lists that come again are written with dots: 1st, 3rd, ...:"
            ));
    }

    private static int LastWithWork(CoursePiece piece, int all) =>
        piece.Strands.Any(s => s.Interval is not null)
            ? piece.Strands.Max(s => s.Interval ?? 0)
            : Enumerable
                .Range(1, Math.Min(all, MostLooked))
                .LastOrDefault(n => (piece.Strand?.UnitsAfterRound(n) ?? 0) > (piece.Strand?.UnitsAfterRound(n - 1) ?? 0), all);

    private const int MostLooked = 200;
}
