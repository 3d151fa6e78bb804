using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Observing;

/// <summary>A counter of a piece, by their keys.</summary>
internal sealed record CounterPlace(string Piece, string Key);

/// <summary>An option of a task of a piece.</summary>
internal sealed record OptionPlace(string Piece, int Task, int Option);

/// <summary>Finds the pieces, counters and options of one version of a workout in another, by the ids of their lines.</summary>
internal sealed class SamePlaces
{
    private static readonly FieldError Gone = new("piece", "The newer version has no such part.");

    private static readonly FieldError Other = new("piece", "The work of this part is another in the newer version.");

    /// <summary>Further than anybody comes in work without end.</summary>
    private const long FarOut = 10_000;

    private readonly RanUnder older;
    private readonly RanUnder newer;
    private readonly Course was;
    private readonly Course now;
    private readonly HashSet<string> lost;
    private readonly Dictionary<string, Answer<string>> whole = new(StringComparer.Ordinal);

    /// <summary>Prepares the comparison for an entry that took some options.</summary>
    /// <param name="older">What the entry ran under.</param>
    /// <param name="newer">What it is to be read by.</param>
    /// <param name="choices">The options taken, as the older version numbers them.</param>
    public SamePlaces(RanUnder older, RanUnder newer, Eq<Chosen> choices)
    {
        (this.older, this.newer) = (older, newer);
        was = older.Course.With(choices);
        // A count of a way that is no more would be read as one of another.
        lost = choices.Where(c => Option(c.Piece, c.Task, c.Option).Value is null).Select(c => c.Piece).ToHashSet(StringComparer.Ordinal);
        now = newer.Course.With(
            choices
                .Select(c =>
                    Option(c.Piece, c.Task, c.Option).Value is { } o ? c with { Piece = o.Piece, Task = o.Task, Option = o.Option } : null
                )
                .OfType<Chosen>()
                .ToEq()
        );
    }

    /// <summary>Where a counter went, when the first of its units are what they were.</summary>
    /// <param name="piece">The piece’s key.</param>
    /// <param name="key">The counter’s key.</param>
    /// <param name="units">How many units have to be the same, of the older counter; null when there is no such place.</param>
    public Answer<CounterPlace> Counter(string piece, string key, Func<Strand, long?> units)
    {
        if (was.Piece(piece) is not { } from || from.Strands.FirstOrDefault(s => s.Key == key) is not { } strand)
        {
            return Gone;
        }

        if (Of(from.Piece) is not { } to || Of(from, strand, to) is not { } same)
        {
            return Gone;
        }

        return !lost.Contains(piece) && units(strand.Counter) is { } n && IsSame(from, strand.Counter, to, same.Counter, n)
            ? new CounterPlace(to.Piece.Key, same.Key)
            : Other;
    }

    /// <summary>Where a piece went, when all of its work is what it was.</summary>
    public Answer<string> WholeWork(string piece)
    {
        if (!whole.TryGetValue(piece, out var answer))
        {
            whole[piece] = answer = LookedAt(piece);
        }

        return answer;
    }

    private Answer<string> LookedAt(string piece)
    {
        if (was.Piece(piece) is not { } from || Of(from.Piece) is not { } to)
        {
            return Gone;
        }

        return
            !lost.Contains(piece)
            && from.Piece.IsHeaviest == to.Piece.IsHeaviest
            && from.Strands.Count == to.Strands.Count
            && from.Strands.All(s =>
                Of(from, s, to) is { } same
                && same.Counter.Units == s.Counter.Units
                && IsSame(from, s.Counter, to, same.Counter, s.Counter.Units ?? FarOut)
            )
            ? to.Piece.Key
            : Other;
    }

    /// <summary>Where an option went: of the same line, and the same to do.</summary>
    public Answer<OptionPlace> Option(string piece, int task, int option)
    {
        // Looked up without options taken, because it is what finds them.
        if (
            older.Course.Piece(piece) is not { } from
            || Of(from.Piece, newer.Course) is not { } to
            || from.Tasks.FirstOrDefault(t => t.Index == task) is not { } menu
            || option >= menu.Options.Count
        )
        {
            return Gone;
        }

        var of = to.Tasks.FirstOrDefault(t => newer.Lines.GetValueOrDefault(t.Source.At.Line) == Line(older, menu.Source));
        var same = of?.Options.Select((o, i) => (o, i)).Where(x => IsSame(x.o, menu.Options[option])).ToList() ?? [];
        if (of is null || same.Count == 0)
        {
            return new FieldError("option", "The newer version has no such option.");
        }

        var exact = same.FindIndex(x => x.o.Name == menu.Options[option].Name);
        return new OptionPlace(to.Piece.Key, of.Index, same[Math.Max(0, exact)].i);
    }

    private static bool IsSame(TaskOption one, TaskOption other) =>
        one.Prescription.Movement.Value == other.Prescription.Movement.Value && one.Count == other.Count && one.Unit == other.Unit;

    private CoursePiece? Of(PieceOfWork piece) => Of(piece, now);

    /// <summary>The piece of the same line; of several, the one of the same cycle, turn, member and group.</summary>
    private CoursePiece? Of(PieceOfWork piece, Course course) =>
        older.Lines.TryGetValue(piece.At.Line, out var line)
            ? course.Pieces.FirstOrDefault(p =>
                newer.Lines.GetValueOrDefault(p.Piece.At.Line) == line
                && (p.Piece.Cycle, p.Piece.Turn, p.Piece.Seat, p.Piece.Group) == (piece.Cycle, piece.Turn, piece.Seat, piece.Group)
            )
            : null;

    /// <summary>The counter of the same line, where lines have counters; else the one of the same key.</summary>
    private CourseStrand? Of(CoursePiece from, CourseStrand strand, CoursePiece to)
    {
        if (strand.Role is StrandRole.Only or StrandRole.First or StrandRole.Then or StrandRole.Interval)
        {
            return to.Strands.FirstOrDefault(s => s.Key == strand.Key);
        }

        var lines = LinesOf(from, strand, older);
        return to.Strands.FirstOrDefault(s => s.Role == strand.Role && LinesOf(to, s, newer).SequenceEqual(lines));
    }

    /// <summary>What tells a counter from those beside it: its line, or what an option says.</summary>
    private static IEnumerable<string> LinesOf(CoursePiece piece, CourseStrand strand, RanUnder ran) =>
        strand.Role == StrandRole.Option
            ? [strand.Name]
            : piece.TasksOf(strand).Select(t => Line(ran, t.Source).Value.ToString(System.Globalization.CultureInfo.InvariantCulture));

    private static NodeId Line(RanUnder ran, Node node) => ran.Lines.GetValueOrDefault(node.At.Line);

    /// <summary>
    /// True when the first units are done in the same order, at the same movements, in the same unit, and are worth the same. Looked
    /// at from task to task, not unit by unit.
    /// </summary>
    private static bool IsSame(CoursePiece from, Strand one, CoursePiece to, Strand other, long units)
    {
        if (units > (other.Units ?? long.MaxValue))
        {
            return false;
        }

        for (var unit = 1L; unit <= units; )
        {
            var (a, b) = (one.At(unit), other.At(unit));
            var (task, same) = (from.Tasks[a.Task], to.Tasks[b.Task]);
            if (
                (a.Rounds, a.Unit, a.Seat) != (b.Rounds, b.Unit, b.Seat)
                || task.Prescription.Movement.Value != same.Prescription.Movement.Value
                || task.Counted != same.Counted
            )
            {
                return false;
            }

            if (a.Of is not { } of || b.Of is not { } also)
            {
                return a.Of == b.Of;
            }

            unit += Math.Min(of, also) - a.Unit + 1;
        }

        return true;
    }
}
