using System.Runtime.CompilerServices;
using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Playing;

/// <summary>What is known of a piece before anybody starts: when it opens, how long it is open, who may work.</summary>
internal sealed class PieceSetting
{
    private static readonly ConditionalWeakTable<Course, PieceSetting[]> Known = [];

    private readonly Sharing[] sharing;
    private readonly bool[] moves;
    private readonly Eq<Chosen> taken;

    private PieceSetting(Course course, int index, Eq<Chosen> choices)
    {
        Piece = course.Pieces[index];
        var work = Piece.Piece;
        taken = choices.Where(c => c.Piece == work.Key).ToEq();
        Members = course.MembersOf(work);
        Opens = work.InTimeLeft ? null : work.Starts;
        After = work.InTimeLeft ? index - 1 : null;
        Cap = work is { Starts: { } starts, Window: { } window } ? starts + window : null;
        Gates = [.. Piece.Strand?.Gates() ?? []];
        Plain = Piece.Plain;
        Each = Piece.Every?.Each ?? Plain?.Each;
        // At stations that swap everybody works at once, each at another.
        sharing =
        [
            .. Piece.Tasks.Select(t => Sharing.Of(Piece, t, Members.Count) is var s && work.Swaps.Count > 0 ? s with { AtOnce = true } : s),
        ];
        moves = [.. Piece.Tasks.Select(t => t.Source.Lines.Any(l => l is TaskLine.Between))];
        // Work that nobody can count is not played, nor stations of one name that nobody can tell apart.
        Lifted = Piece.Tasks.FirstOrDefault(t => t.Prescription.Amount?.Value is Amount.Heaviest or Amount.Highest);
        Shares = MemberShare.Of(course, Piece);
        Lifting = LiftRules.Of(course, Piece, bell: null);
        var counters = Piece.Strands.DistinctBy(s => s.Key).Count();
        IsPlayable = Cap is not null && (work.IsHeaviest ? Lifted is not null : counters > 0 && counters == Piece.Strands.Count);
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

    /// <summary>The plain interval clock, whose list begins anew in each interval; null for other work.</summary>
    public Work.Every? Plain { get; }

    /// <summary>What is lifted for the heaviest load; null where nothing is.</summary>
    public CourseTask? Lifted { get; }

    /// <summary>The tasks that are counted by member.</summary>
    public Eq<MemberShare> Shares { get; }

    /// <summary>What a lift is bound by; null where nothing is lifted for the heaviest load.</summary>
    public LiftRules? Lifting { get; }

    /// <summary>False for work that nobody has said completely.</summary>
    public bool IsPlayable { get; }

    /// <summary>True where something without units of its own stands between units.</summary>
    public bool HasMarks { get; }

    public Sharing SharingOf(int task) => sharing[task];

    /// <summary>True for a task with a move that is due after each chunk.</summary>
    public bool Moves(int task) => moves[task];

    /// <summary>The task as it is done at a place: in the option that was taken, where it leaves a choice.</summary>
    /// <param name="strand">The counter: it may be that of one option.</param>
    /// <param name="at">The place.</param>
    public CourseTask TaskAt(CourseStrand strand, Place at)
    {
        var task = Piece.Tasks[at.Task];
        if (task.Options.Count == 0)
        {
            return task;
        }

        var option = strand.Role == StrandRole.Option ? Piece.Strands.TakeWhile(s => s.Key != strand.Key).Count() : Taken(at);
        if (option == 0 || option >= task.Options.Count)
        {
            return task with { Prescription = task.Options[0].Prescription, Counted = task.Options[0].Unit };
        }

        var way = task.Options[option];
        return task with { Prescription = way.Prescription, Count = way.Count, Counted = way.Unit };
    }

    private int Taken(Place at)
    {
        var round = at.Rounds.Count > 0 ? at.Rounds[^1] : (long?)null;
        return taken.FirstOrDefault(c => c.Task == at.Task && c.Round == round && round is not null)?.Option
            ?? taken.FirstOrDefault(c => c.Task == at.Task && c.Round is null)?.Option
            ?? 0;
    }

    /// <summary>The settings of the pieces of a course, made once.</summary>
    /// <param name="course">The course, with its options taken.</param>
    /// <param name="choices">The options.</param>
    public static PieceSetting[] Of(Course course, Eq<Chosen> choices) =>
        Known.GetValue(course, c => [.. Enumerable.Range(0, c.Pieces.Count).Select(i => new PieceSetting(c, i, choices))]);

    private static bool HasMark(CountNode node) =>
        node switch
        {
            CountNode.Mark => true,
            CountNode.Sequence s => Array.Exists(s.Items, HasMark),
            CountNode.Repeat r => HasMark(r.Body),
            _ => false,
        };
}
