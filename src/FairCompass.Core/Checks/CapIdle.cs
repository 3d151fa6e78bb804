using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>A cap many times as long as the work usually takes.</summary>
public sealed class CapIdle : ICheck
{
    /// <summary>How many times the usual time a cap may be: our estimate of what still separates the slowest from the others.</summary>
    private const int MostTimes = 60;

    /// <inheritdoc/>
    public string Id => "cap-idle";

    /// <inheritdoc/>
    public string Title => "A cap that decides nothing";

    /// <inheritdoc/>
    public string Why => "Every lane stays open, and the next heat waits, for a time that nobody needs.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var idle =
            from entry in context.Courses.Zip(context.Sheets)
            let course = entry.First
            from piece in course.Pieces
            where
                piece is { Strand: { Units: > 0 and < ImpossibleNumber.LargeAmount }, Limit.Base.Ms: > 0, Every: null }
                && !piece.Piece.InTimeLeft
            where entry.Second.Components.Any(c => c.Measured == Measured.Time && c.Pieces.Contains(piece.Piece.Key))
            let needed = TimeNeeded.Of(context, course, piece, piece.Strand!)
            where needed is not null && piece.Limit!.Gates.Count == 0 && piece.Limit.Base.Ms > MostTimes * needed.Value.Usual.Ms
            group (course.Address, Needed: needed.Value) by (piece.Piece.At, Cap: piece.Limit!.Base) into same
            select same;
        return idle.DistinctBy(l => l.Key.At.Line)
            .Select(l =>
            {
                var usual = l.Max(x => x.Needed.Usual);
                var better = TimeNeeded.Round(new(usual.Ms * 3));
                return new Report(
                    l.Key.At,
                    $"{Words.Join(l.Select(x => x.Address.ToString()).Distinct())}: this usually takes about "
                        + $"{Duration.Seconds((usual.Ms + 999) / 1000)}; "
                        + $"the cap of {l.Key.Cap} decides nothing.",
                    TimeNeeded.Rewritten(context, l.Key.At, l.Key.Cap, better, $"Write a cap of {better}")
                );
            });
    }
}
