using FairCompass.Core.Courses;

namespace FairCompass.Core.Scoring;

/// <summary>Looks for work after an interval that ended it.</summary>
internal static class IntervalCheck
{
    /// <summary>Why the counts of intervals cannot be; null when they can.</summary>
    /// <param name="seen">What the card says of the piece, in performed units.</param>
    /// <param name="piece">The piece.</param>
    public static string? Objection(PieceObservation seen, CoursePiece piece)
    {
        if (piece.Plain is not { EndsWork: true })
        {
            return null;
        }

        var each = Tallying.Counts(seen, piece).ToList();
        var broken = each.FindIndex(x => x.Units < x.Strand.Counter.Units);
        var after = broken < 0 ? -1 : each.FindIndex(broken + 1, x => x.Units > 0);
        return after < 0
            ? null
            : $"Interval {each[broken].Strand.Interval} was not finished, and that ends the work; nothing was done in interval "
                + $"{each[after].Strand.Interval}.";
    }
}
