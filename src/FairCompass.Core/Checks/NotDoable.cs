using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>Work for time that even the fastest paces known do not do inside the cap.</summary>
public sealed class NotDoable : ICheck
{
    /// <inheritdoc/>
    public string Id => "not-doable";

    /// <inheritdoc/>
    public string Title => "Work that nobody does inside its cap";

    /// <inheritdoc/>
    public string Why => "A time that nobody reaches ranks nobody; only the count at the cap does.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var late =
            from entry in context.Courses.Zip(context.Sheets)
            let course = entry.First
            from piece in course.Pieces
            where
                piece is { Strand: { Units: > 0 and < ImpossibleNumber.LargeAmount }, Limit.Base.Ms: > 0, Every: null }
                && !piece.Piece.InTimeLeft
            where entry.Second.Components.Any(c => c.Measured == Measured.Time && c.Pieces.Contains(piece.Piece.Key))
            let needed = TimeNeeded.Of(context, course, piece, piece.Strand!)
            where needed is not null && needed.Value.Fastest > piece.Limit!.Longest
            group (course.Address, Needed: needed.Value) by (piece.Piece.At, Cap: piece.Limit!.Longest, Base: piece.Limit.Base) into same
            select same;
        return late.DistinctBy(l => l.Key.At.Line)
            .Select(l =>
            {
                var fastest = l.Min(x => x.Needed.Fastest);
                var better = TimeNeeded.Round(l.Max(x => x.Needed.Usual) + new Duration(l.Max(x => x.Needed.Usual).Ms / 4));
                return new Report(
                    l.Key.At,
                    $"{Words.Join(l.Select(x => x.Address.ToString()).Distinct())}: at the fastest pace known this takes {fastest}; the "
                        + $"cap is {l.Key.Cap}, so nobody is inside it and only the count at the cap ranks.",
                    TimeNeeded.Rewritten(context, l.Key.At, l.Key.Base, better, $"Write a cap of {better}")
                );
            });
    }
}
