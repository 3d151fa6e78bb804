using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>Places in the ledger as a judge names them.</content>
public static partial class Card
{
    /// <summary>Turns places in the ledger and numbers of boxes into performed units. What does not exist, or does not say what it is, is
    /// left for <see cref="Validate"/> to refuse.</summary>
    public static RunObservation Resolve(RunObservation run, Course course)
    {
        run = run with
        {
            Pieces = run.Pieces.Select(p => p with { Piece = KeyOf(p.Piece, course) }).ToEq(),
            Choices = run.Choices.Select(c => c with { Piece = KeyOf(c.Piece, course) }).ToEq(),
        };
        // An option taken where the athlete stood is an option taken in that round.
        var chosen = run
            .Choices.Concat(
                run.Pieces.Where(p => p.Stood is { Option: not null })
                    .Select(p => new Chosen(p.Piece, p.Stood!.Task, p.Stood.Option!.Value, p.Stood.Round))
            )
            .Distinct()
            .ToEq();
        var taken = Refusals(chosen, course).Any() ? course : course.With(chosen);
        var read = run with
        {
            Choices = chosen,
            Pieces = run
                .Pieces.Select(seen =>
                    taken.Piece(seen.Piece) is not { } piece ? seen
                    : seen is { Stood: { } at, Performed: null, Counted: null, Units: null } && Units(at, piece) is { } units
                        ? seen with
                        {
                            Performed = units,
                            Stood = null,
                            Beyond = Beyond(at, piece),
                        }
                    : seen.Stood is { } place && StandsIn(place, piece) is { } counter && seen.Counts.All(c => c.Strand != counter.Strand)
                        ? CardCounts.Read(
                            seen with
                            {
                                Counts = seen.Counts.Append(counter).ToEq(),
                                Stood = null,
                                Beyond = Beyond(place, piece),
                            },
                            piece
                        )
                    : CardCounts.Read(seen, piece)
                )
                .ToEq(),
        };
        return CardCounts.GoneOn(read, taken);
    }

    /// <summary>The key of a part that is named by its label; a name of none or of several stays, to be refused.</summary>
    private static string KeyOf(string name, Course course) =>
        course.Piece(name) is null && course.Pieces.Where(p => p.Piece.Label == name).ToList() is [var only] ? only.Piece.Key : name;

    /// <summary>The count of a place; null when there is no such place.</summary>
    internal static long? Units(LedgerPlace at, CoursePiece piece) => piece.Strand is { } strand ? Units(at, piece, strand) : null;

    /// <summary>The counter of a piece with several that a place stands in, with its count there; null for no such place.</summary>
    internal static StrandCount? StandsIn(LedgerPlace at, CoursePiece piece) =>
        piece.Strand is null
        && piece.Strands.FirstOrDefault(s => s.Counter.DepthOf(at.Task) is not null) is { } counter
        && Units(at, piece, counter.Counter) is { } units
            ? new(counter.Key, units)
            : null;

    /// <summary>What a distance has beyond its last mark, which does not count.</summary>
    private static string? Beyond(LedgerPlace at, CoursePiece piece)
    {
        if (
            at.Millimetres is not { } distance
            || piece.Tasks.FirstOrDefault(t => t.Index == at.Task) is not { } task
            || Sections(distance, task, out var left) is null
            || left == 0
        )
        {
            return null;
        }

        var said = at.Metres is null ? $"{Number.Normal(decimal.Round(left / 304.8m, 2))} ft" : $"{Number.Normal(left / 1000m)} m";
        return $"{said} beyond the last whole {task.Counted.Word} do not count.";
    }

    private static long? Units(LedgerPlace at, CoursePiece piece, Strand strand)
    {
        if (
            piece.Tasks.FirstOrDefault(t => t.Index == at.Task) is not { } task
            || strand.DepthOf(at.Task) is not { } depth
            || depth > 1
            || (depth == 1) != at.Round is not null
        )
        {
            return null;
        }

        var unit = at.Millimetres is { } distance ? Sections(distance, task, out _) : at.Unit;
        Eq<long> rounds = at.Round is { } round ? [round] : [];
        return unit is not { } n ? null
            // At the start of a task stands who has done all that comes before it.
            : n == 0 ? strand.UnitsAt(new Place(rounds, at.Task, 1, null)) - 1
            : strand.UnitsAt(new Place(rounds, at.Task, n, null));
    }

    /// <summary>A distance in whole sections or units of length; null for a task that is no distance.</summary>
    /// <param name="millimetres">From 0.</param>
    /// <param name="task">The task.</param>
    /// <param name="beyond">What lies beyond the last of them, in millimetres.</param>
    internal static long? Sections(decimal millimetres, CourseTask task, out decimal beyond)
    {
        var each = task.Prescription.Counting.OfType<Detail.Marks>().FirstOrDefault() is { Every.Value: > 0 and { } every } marks
            ? new Length(every, marks.Unit).InMillimetres
            : task.Unit switch
            {
                AmountUnit.Metre => 1000m,
                AmountUnit.Foot => 304.8m,
                _ => 0m,
            };
        beyond = 0;
        if (each == 0 || millimetres < 0)
        {
            return null;
        }

        var sections = decimal.Floor(millimetres / each);
        beyond = millimetres - (sections * each);
        return sections > Count.Ceiling ? null : (long)sections;
    }
}
