using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;

namespace FairCompass.Core.Tests.Outcomes;

/// <summary>Writes down what a hand types of a card, field by field; null where the run took options, which a card names by
/// letters.</summary>
internal static class Hand
{
    public static TypedCard? Of(RunObservation run, Course course, ScoreSheet sheet)
    {
        if (run.Choices.Count > 0 || run.Adjustments.Count > 0 || run.Unjudged)
        {
            return null;
        }

        var fields = new List<TypedField>();
        foreach (var field in CardReader.Fields(course, sheet))
        {
            if (Text(field, run.Of(field.Piece), course.Piece(field.Piece)!) is { } text)
            {
                fields.Add(new(field.Key, text));
            }
        }

        var lifts = run.Pieces.SelectMany(p =>
            p.Tries.Select(t => new TypedLift(p.Piece, t.Load.ToString(CultureInfo.InvariantCulture), t.Made, t.Seat))
        );
        return new(run.Status, [.. fields], [.. lifts], [], []);
    }

    private static string? Text(CardField field, PieceObservation seen, CoursePiece piece) =>
        field.Field switch
        {
            CardFieldKind.Finish => seen.Finish?.ToString(),
            CardFieldKind.TieTime => seen.TieTime?.ToString(),
            CardFieldKind.Gates => seen.Gates.ElementAtOrDefault(field.Number!.Value - 1)?.ToString(),
            CardFieldKind.Marks => seen.Marks.Where(m => m.Mark == field.Mark).Select(m => m.Time.ToString()).FirstOrDefault(),
            CardFieldKind.Counted => Number(
                seen.Counted ?? seen.Units ?? (seen.Performed is { } done ? piece.Strand!.Counted(done) : null)
            ),
            // Who writes down one counter writes a nought into the others.
            CardFieldKind.Count when seen.Counts.Count > 0 && !seen.Counts.Any(c => c.Strand == field.Strand) => "0",
            CardFieldKind.By when seen.By.Count > 0 && !seen.By.Any(b => b.Seat == field.Number && (b.Task ?? field.Task) == field.Task) =>
                "0",
            CardFieldKind.Count => seen
                .Counts.Where(c => c.Strand == field.Strand)
                .Select(c => Number(c.Counted ?? c.Units ?? Counter(piece, field).Counted(c.Performed!.Value)))
                .FirstOrDefault(),
            CardFieldKind.By => seen
                .By.Where(b => b.Seat == field.Number && (b.Task ?? field.Task) == field.Task)
                .Select(b => Number(b.Units))
                .FirstOrDefault(),
            CardFieldKind.Faults => seen.Faults.Where(f => f.Fault == field.Fault).Select(f => Number(f.Times)).FirstOrDefault(),
            CardFieldKind.Unverified => Number(seen.Unverified),
            _ => null,
        };

    private static Strand Counter(CoursePiece piece, CardField field) => piece.Strands.First(s => s.Key == field.Strand).Counter;

    private static string? Number(long? n) => n?.ToString(CultureInfo.InvariantCulture);
}
