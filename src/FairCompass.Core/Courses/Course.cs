using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>A task of a course: what this address does.</summary>
/// <param name="Index">From 0 in the order of the text within its piece.</param>
/// <param name="Source">The line it comes from.</param>
/// <param name="Prescription">Its resolved values.</param>
/// <param name="Count">How many units over the rounds; null when it has no end, is held, or nobody has said.</param>
/// <param name="Unit">What one unit is.</param>
public sealed record CourseTask(int Index, Work.Task Source, Prescription Prescription, Series? Count, AmountUnit Unit);

/// <summary>A piece compiled for an address.</summary>
/// <param name="Piece">The piece.</param>
/// <param name="Tasks">Its tasks in order.</param>
/// <param name="Strand">The counter; null for a heaviest set, and when something in the piece cannot be counted.</param>
public sealed record CoursePiece(PieceOfWork Piece, Eq<CourseTask> Tasks, Strand? Strand);

/// <summary>
/// A workout compiled for one division and duty: the one kernel of ledger, ribbon, cards, and scores.
/// </summary>
/// <param name="Address">For whom.</param>
/// <param name="Pieces">In the order of the text.</param>
public sealed record Course(Address Address, Eq<CoursePiece> Pieces)
{
    /// <summary>Compiles a workout for every address it is for.</summary>
    public static IReadOnlyList<Course> CompileAll(Workout workout, Resolver resolver)
    {
        var pieces = PieceOfWork.Of(workout);
        return resolver.Addresses.Select(a => Compile(pieces, resolver, a)).ToList();
    }

    private static Course Compile(IReadOnlyList<PieceOfWork> pieces, Resolver resolver, Address address) =>
        new(address, pieces.Select(p => Compile(p, resolver, address)).ToEq());

    private static CoursePiece Compile(PieceOfWork piece, Resolver resolver, Address address)
    {
        var tasks = new List<CourseTask>();
        var node = Sequence(piece.Items, resolver, address, null, tasks);
        var strand = node is null || piece.IsHeaviest || tasks.Count == 0 ? null : new Strand(node);
        return new(piece, tasks.ToEq(), strand);
    }

    /// <summary>A round far out: work without end must still have units there, or no count beyond them would ever be reached.</summary>
    private const long RunsDry = 1_000_000;

    /// <summary>Null when something in the block cannot be counted; the tasks are collected all the same.</summary>
    private static CountNode? Sequence(Eq<Work> items, Resolver resolver, Address address, Series? scheme, List<CourseTask> tasks)
    {
        var nodes = new List<CountNode>();
        var countable = true;
        foreach (var item in items)
        {
            if (item is Work.RuleLine)
            {
                continue;
            }

            if (nodes.Count > 0 && nodes[^1].Endless)
            {
                countable = false;
            }

            var node = Node(item, resolver, address, scheme, tasks);
            if (node is null)
            {
                countable = false;
            }
            else
            {
                nodes.Add(node);
            }
        }

        return !countable || nodes.Count == 0 ? null : nodes.Count == 1 ? nodes[0] : new CountNode.Sequence([.. nodes]);
    }

    private static CountNode? Node(Work work, Resolver resolver, Address address, Series? scheme, List<CourseTask> tasks)
    {
        switch (work)
        {
            case Work.Task task:
                return Leaf(task, resolver, address, scheme, tasks);
            case Work.Rounds rounds:
                return Sequence(rounds.Items, resolver, address, null, tasks) is { } body && rounds.Times != 0 && !body.Endless && body.Total(rounds.Times is null ? RunsDry : 0) > 0
                    ? new CountNode.Repeat(rounds.Times, body) : null;
            case Work.Scheme s:
                var series = s.Of.For(resolver.Position(address));
                return Sequence(s.Items, resolver, address, series, tasks) is { } list && Countable(series) && !list.Endless && list.Total(series.Length is null ? RunsDry : 0) > 0
                    ? new CountNode.Repeat(series.Length, list) : null;
            case Work.AnyOrder any:
                Sequence(any.Items, resolver, address, null, tasks);
                return null;
            case Work.GroupOf group:
                Sequence(group.Items, resolver, address, null, tasks);
                return null;
            case Work.Every every:
                Sequence(every.First, resolver, address, null, tasks);
                Sequence(every.Then, resolver, address, null, tasks);
                return null;
            case Work.Complex complex:
                foreach (var lift in complex.Lifts)
                {
                    Leaf(lift, resolver, address, null, tasks);
                }

                return null;
            default:
                return null;
        }
    }

    private static CountNode.Leaf? Leaf(Work.Task task, Resolver resolver, Address address, Series? scheme, List<CourseTask> tasks)
    {
        var prescription = resolver.Resolve(task, address);
        var duty = resolver.Position(address);
        var (count, unit, endless) = prescription.Amount?.Value switch
        {
            Amount.Counted c => (c.Of.For(duty), c.Unit, false),
            Amount.Max m => (null, m.Unit, true),
            null => (scheme, AmountUnit.Rep, false),
            _ => ((Series?)null, AmountUnit.Rep, false),
        };
        var index = tasks.Count;
        tasks.Add(new(index, task, prescription, count, unit));
        if (!NotComputed.CountsPlainly(task))
        {
            return null;
        }

        return endless ? new CountNode.Leaf(index, null) : count is not null && Countable(count) ? new CountNode.Leaf(index, new CountedSeries(count)) : null;
    }

    /// <summary>True when every value of a series is a whole number that is known and not negative.</summary>
    public static bool Countable(Series series) =>
        !series.HasUnset
        && series.Terms.All(t => t.IsWhole)
        && (!series.Continues || (series.HasEqualSteps && (series.Last is { IsWhole: true } ? series.Length is not null : series.Step >= 0)));
}
