using System.Globalization;
using System.Runtime.CompilerServices;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>The clock at a named mark.</summary>
/// <param name="Mark">The mark’s name.</param>
/// <param name="Time">The hall clock.</param>
public sealed record MarkRead(string Mark, Duration Time);

/// <summary>
/// A point of a piece whose clock is read: a checkpoint, a rep that a tie-break names, half of the work. One source for cards,
/// scores and runs.
/// </summary>
/// <param name="Name">What programs and cards call it: <c>Deck</c>, <c>rep 30 of burpee</c>, <c>half of the work</c>.</param>
/// <param name="Units">Performed units at which it is passed.</param>
/// <param name="Movement">The movement whose rep it is; null for others.</param>
/// <param name="Rep">That rep; null for others.</param>
public sealed record NamedMark(string Name, long Units, string? Movement = null, int? Rep = null)
{
    /// <summary>The name of half of the work.</summary>
    public const string Half = "half of the work";

    /// <summary>The most checkpoints of a piece.</summary>
    public const int Most = 50;

    private static readonly ConditionalWeakTable<CoursePiece, Known> Found = [];

    private sealed record Known(ScoreSheet Sheet, Eq<NamedMark> Marks);

    /// <summary>The name in words of a language.</summary>
    public string In(Tongue tongue) =>
        Movement is { } movement ? tongue.Say(Name, $"repetición {Rep} de {tongue.Movement(movement)}")
        : Name == Half ? tongue.Say(Name, "la mitad del trabajo")
        : Name;

    /// <summary>The marks of a piece in the order of the work: its checkpoints, and what the scores ask for.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="sheet">The scores.</param>
    public static Eq<NamedMark> Of(CoursePiece piece, ScoreSheet sheet)
    {
        if (Found.TryGetValue(piece, out var known) && ReferenceEquals(known.Sheet, sheet))
        {
            return known.Marks;
        }

        var asked = sheet
            .Components.SelectMany(c => c.Ties)
            .OfType<Tiebreak.TimeAtMark>()
            .Where(t => t.Piece == piece.Piece.Key)
            .Select(t => t.Mark);
        var marks = Checkpoints(piece).Concat(asked).DistinctBy(m => m.Name).OrderBy(m => m.Units).ToEq();
        Found.AddOrUpdate(piece, new(sheet, marks));
        return marks;
    }

    /// <summary>The checkpoints of a piece; one after the last unit is the finish, and none.</summary>
    public static IEnumerable<NamedMark> Checkpoints(CoursePiece piece) =>
        piece.Running?.Counter is { } strand
            ? strand
                .Marks<Work.Checkpoint>(Most)
                .Where(m => m.Units > 0 && !(m.Units >= strand.Units))
                .Select(m => new NamedMark(m.Line.Name, m.Units))
            : [];

    /// <summary>The rep of a movement, counted through the whole work; null where there is no such rep.</summary>
    public static NamedMark? RepOf(CoursePiece piece, string movement, int rep)
    {
        if (
            piece.Running?.Counter is not { } strand
            || rep < 1
            || piece.Tasks.Where(t => string.Equals(t.Prescription.Movement.Value, movement, StringComparison.OrdinalIgnoreCase)).ToList()
                is not { Count: > 0 } tasks
        )
        {
            return null;
        }

        long Done(long units) => tasks.Sum(t => strand.UnitsOf(t.Index, units));
        var high = strand.Units ?? Count.Ceiling / 2;
        if (Done(high) < rep)
        {
            return null;
        }

        var low = 1L;
        while (low < high)
        {
            var middle = low + ((high - low) / 2);
            (low, high) = Done(middle) >= rep ? (low, middle) : (middle + 1, high);
        }

        return new($"rep {rep} of {movement}", low, movement, rep);
    }

    /// <summary>The checkpoint or the rep of a name; null for none.</summary>
    public static NamedMark? Find(CoursePiece piece, string name) =>
        Checkpoints(piece).FirstOrDefault(m => m.Name == name)
        ?? (
            name.Split(' ', 4) is ["rep", var nth, "of", var movement]
            && int.TryParse(nth, NumberStyles.None, CultureInfo.InvariantCulture, out var rep)
                ? RepOf(piece, movement, rep)
                : null
        );

    /// <summary>Half of what is counted, rounded up; null for work without end.</summary>
    public static NamedMark? HalfOf(CoursePiece piece) =>
        piece.Running?.Counter is { AllCounted: { } all } strand && strand.Reach((all + 1) / 2, strand.Printed) is { } units
            ? new(Half, units)
            : null;
}
