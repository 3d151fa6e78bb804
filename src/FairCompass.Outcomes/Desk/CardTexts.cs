using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Desk;

/// <summary>A field of a card with what stands in it.</summary>
/// <param name="Key">The key of the field.</param>
/// <param name="Label">What it asks for, in words.</param>
/// <param name="Text">What stands there, as a hand types it.</param>
public sealed record CardText(string Key, string Label, string Text);

/// <summary>Writes down what a card says, field by field, as a hand types it: what <see cref="CardReader"/> reads again.</summary>
public static class CardTexts
{
    /// <summary>A card as it is typed; nothing that the head judge has added stands on it.</summary>
    /// <param name="run">What it says.</param>
    /// <param name="course">The workout for this entry, without options taken.</param>
    /// <param name="sheet">Its scores.</param>
    public static TypedCard Typed(RunObservation run, Course course, ScoreSheet sheet) =>
        new(
            run.Status,
            [.. Fields(run, course, sheet).Select(f => new TypedField(f.Key, f.Text))],
            [
                .. run.Pieces.SelectMany(p =>
                    p.Tries.Select(t => new TypedLift(p.Piece, t.Load.ToString(CultureInfo.InvariantCulture), t.Made, t.Seat))
                ),
            ],
            [
                .. run
                    .Pieces.Where(p => p.Stood is { Unit: not null })
                    .Select(p => new TypedPlace(
                        p.Piece,
                        Number(p.Stood!.Round) ?? "",
                        p.Stood.Task,
                        Number(p.Stood.Unit) ?? "",
                        p.Stood.Option
                    )),
            ],
            [],
            run.Unjudged
        );

    /// <summary>Every field in which something stands, with lifts and places in words, for people to read.</summary>
    /// <param name="run">What the card says.</param>
    /// <param name="noReps">The tallies on it.</param>
    /// <param name="course">The workout for this entry, without options taken.</param>
    /// <param name="sheet">Its scores.</param>
    public static IReadOnlyList<CardText> Said(RunObservation run, Eq<NoReps> noReps, Course course, ScoreSheet sheet) =>
        [
            new("status", "status", StatusOf(run.Status)),
            .. run.Unjudged ? (CardText[])[new("judge", "judge", "nobody judged")] : [],
            .. Fields(run, course, sheet),
            .. CardReader
                .Fields(course, sheet)
                .Where(f => f.Field is CardFieldKind.Tries or CardFieldKind.Stood)
                .Select(f => new CardText(f.Key, f.Label, f.Field == CardFieldKind.Tries ? Lifts(run, f) : Place(run, f, course)))
                .Where(t => t.Text.Length > 0),
            .. noReps.Select(n => new CardText(CardReader.NoRep + n.Movement, $"no-reps, {n.Movement}", Number(n.Times)!)),
        ];

    /// <summary>A status in words.</summary>
    public static string StatusOf(EntryStatus status) =>
        status switch
        {
            EntryStatus.Withdrew => "withdrew",
            EntryStatus.DidNotStart => "did not start",
            _ => "ran",
        };

    private static IEnumerable<CardText> Fields(RunObservation run, Course course, ScoreSheet sheet) =>
        CardOptions
            .Of(course)
            .Select(o => new CardText(o.Key, o.Label, o.Letters(run.Choices)))
            .Concat(
                CardReader
                    .Fields(course, sheet)
                    .Select(f => new CardText(f.Key, f.Label, Text(f, run.Of(f.Piece), course.With(run.Choices).Piece(f.Piece)!) ?? ""))
            )
            .Where(t => t.Text.Length > 0);

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
            CardFieldKind.By when seen.By.Count > 0 && !seen.By.Any(b => IsOf(b, field)) => "0",
            CardFieldKind.Count => seen
                .Counts.Where(c => c.Strand == field.Strand)
                .Select(c => Number(c.Counted ?? c.Units ?? Counter(piece, field).Counted(c.Performed!.Value)))
                .FirstOrDefault(),
            CardFieldKind.By => seen.By.Where(b => IsOf(b, field)).Select(b => Number(b.Units)).FirstOrDefault(),
            CardFieldKind.Faults => seen.Faults.Where(f => f.Fault == field.Fault).Select(f => Number(f.Times)).FirstOrDefault(),
            CardFieldKind.Unverified => Number(seen.Unverified),
            _ => null,
        };

    private static bool IsOf(MemberUnits b, CardField field) => b.Seat == field.Number && (b.Task ?? field.Task) == field.Task;

    private static Strand Counter(CoursePiece piece, CardField field) => piece.Strands.First(s => s.Key == field.Strand).Counter;

    private static string Lifts(RunObservation run, CardField field) =>
        string.Join(
            ", ",
            run.Of(field.Piece)
                .Tries.Select(t =>
                    (t.Seat is { } seat ? $"{seat}: " : "") + $"{Core.Quantities.Number.Normal(t.Load)} {(t.Made ? "good" : "no lift")}"
                )
        );

    private static string Place(RunObservation run, CardField field, Course course)
    {
        if (run.Of(field.Piece).Stood is not { } at)
        {
            return "";
        }

        var task = course.Piece(field.Piece)!.Tasks[at.Task].Prescription.Movement.Value;
        return (at.Round is { } round ? $"round {round}, " : "") + $"{task}, {Number(at.Unit)}";
    }

    private static string? Number(long? n) => n?.ToString(CultureInfo.InvariantCulture);
}
