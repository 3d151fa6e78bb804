using System.Runtime.CompilerServices;
using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Playing;

/// <summary>What is known of a piece before anybody starts: when it opens, how long it is open, who may work.</summary>
internal sealed class PieceSetting
{
    private static readonly ConditionalWeakTable<Course, PieceSetting[]> Known = [];

    private readonly Sharing[] sharing;
    private readonly bool[] moves;

    private PieceSetting(Course course, int index)
    {
        Piece = course.Pieces[index];
        var work = Piece.Piece;
        Members = course.MembersOf(work);
        Opens = work.InTimeLeft ? null : work.Starts;
        After = work.InTimeLeft ? index - 1 : null;
        Cap = work is { Starts: { } starts, Window: { } window } ? starts + window : null;
        Gates = [.. Piece.Strand?.Gates() ?? []];
        Each = Piece.Every?.Each;
        // At stations that swap everybody works at once, each at another.
        sharing =
        [
            .. Piece.Tasks.Select(t => Sharing.Of(Piece, t, Members.Count) is var s && work.Swaps.Count > 0 ? s with { AtOnce = true } : s),
        ];
        moves = [.. Piece.Tasks.Select(t => t.Source.Lines.Any(l => l is TaskLine.Between))];
        // The clock does not run on for work that nobody can count.
        IsPlayable = Cap is not null && (Piece.IsCounted || work.IsHeaviest);
        HasMarks = Piece.Strands.Any(s => HasMark(s.Counter.Root));
    }

    public CoursePiece Piece { get; }

    /// <summary>Who does it; the entry itself for an individual.</summary>
    public IReadOnlyList<Address> Members { get; }

    /// <summary>When its window opens on the hall clock; null for what gets the time that the piece before leaves.</summary>
    public Duration? Opens { get; }

    /// <summary>The index of the piece whose rest of the clock it gets; null for the others.</summary>
    public int? After { get; }

    /// <summary>The end of the window, without what gates add; null while a time is unset.</summary>
    public Duration? Cap { get; }

    public StrandGate[] Gates { get; }

    /// <summary>The length of an interval; null where the clock has none.</summary>
    public Duration? Each { get; }

    /// <summary>False for work that nobody has said completely.</summary>
    public bool IsPlayable { get; }

    /// <summary>True where something without units of its own stands between units.</summary>
    public bool HasMarks { get; }

    public Sharing SharingOf(int task) => sharing[task];

    /// <summary>True for a task with a move that is due after each chunk.</summary>
    public bool Moves(int task) => moves[task];

    /// <summary>The settings of the pieces of a course, made once.</summary>
    public static PieceSetting[] Of(Course course) =>
        Known.GetValue(course, c => [.. Enumerable.Range(0, c.Pieces.Count).Select(i => new PieceSetting(c, i))]);

    private static bool HasMark(CountNode node) =>
        node switch
        {
            CountNode.Mark => true,
            CountNode.Sequence s => Array.Exists(s.Items, HasMark),
            CountNode.Repeat r => HasMark(r.Body),
            _ => false,
        };
}
