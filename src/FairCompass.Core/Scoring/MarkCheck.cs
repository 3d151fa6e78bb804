using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Looks for times at named marks that cannot have been read: out of order, after the end, at a mark that was not
/// reached.</summary>
internal static class MarkCheck
{
    /// <summary>Objections to the named marks of a piece; paths begin at <c>marks</c>.</summary>
    /// <param name="seen">What the card says of the piece, in performed units.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="sheet">The scores.</param>
    /// <param name="end">The latest time of the piece.</param>
    public static IEnumerable<FieldError> Objections(PieceObservation seen, CoursePiece piece, ScoreSheet sheet, Duration end)
    {
        if (seen.Marks.Count == 0)
        {
            yield break;
        }

        var marks = NamedMark.Of(piece, sheet);
        for (var i = 0; i < seen.Marks.Count; i++)
        {
            var read = seen.Marks[i];
            if (marks.FirstOrDefault(m => m.Name == read.Mark) is not { } mark)
            {
                yield return new(
                    $"marks[{i}].mark",
                    marks.Count == 0
                        ? "This part has no marks."
                        : $"There is no such mark; there is {Words.Join(marks.Select(m => m.Name))}."
                );
            }
            else if (seen.Marks.Take(i).Any(m => m.Mark == read.Mark))
            {
                yield return new($"marks[{i}].mark", "This mark is on the card twice.");
            }
            else if (Sentence(read.Time, mark, marks, seen, piece, Tallying.Finish(seen, sheet) ?? end) is { } sentence)
            {
                yield return new($"marks[{i}].time", sentence);
            }
        }
    }

    private static string? Sentence(
        Duration time,
        NamedMark mark,
        Eq<NamedMark> marks,
        PieceObservation seen,
        CoursePiece piece,
        Duration last
    )
    {
        var start = piece.Piece.Starts ?? Duration.Zero;
        var counted = piece.Running!.Counter.Counted(mark.Units);
        var before = marks.LastOrDefault(m => m.Units < mark.Units && seen.At(m.Name) is not null);
        return time <= start || time > last ? $"This time lies after {start} and not after {last}."
            : Tallying.Running(seen, piece) is { } done && done < mark.Units
                ? $"{mark.Name} stands after {counted}; {piece.Running.Counter.Counted(done)} have not reached it."
            : before is not null && seen.At(before.Name) > time
                ? $"{before.Name} comes before it, and was passed at {seen.At(before.Name)}."
            : piece.Strand is not null && piece.Limit is { } cap && time > start + cap.For(mark.Units - 1)
                ? $"{counted} had to be done by {start + cap.For(mark.Units - 1)}, when the clock ended for all who had less."
            : null;
    }
}
