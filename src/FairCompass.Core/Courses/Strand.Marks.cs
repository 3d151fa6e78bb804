using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <content>What has no units of its own: gates, rests, moves that are due.</content>
public sealed partial class Strand
{
    /// <summary>
    /// What is due after a unit and before the next one, and has no units of its own: a gate, a rest of one's own, a change
    /// of the kit, the forced move of a chunk. A count alone does not tell whether it is done.
    /// </summary>
    /// <param name="unit">From 1 to <see cref="Units"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The strand has no such unit.</exception>
    public Eq<Node> DueAfter(long unit)
    {
        InRange(unit, 1);
        var due = new List<Node>();
        Due(root, 0, unit + (part?.Before ?? 0), due);
        return due.ToEq();
    }

    /// <summary>
    /// The gates in the order of the work, at most 100. After the last unit the work is finished, so a gate that stands there
    /// opens nothing and is none.
    /// </summary>
    public Eq<StrandGate> Gates()
    {
        var behind = Marks<Work.Gate>(GatePasses.Most).TakeWhile(m => Units is not { } all || m.Units < all);
        return GatePasses.Opened(behind, m => m.Line).Select(g => new StrandGate(g.Pass.Units, g.Adds, g.Pass.Line)).ToEq();
    }

    /// <summary>Lines of one kind that have no units of their own, with the units before them, in the order of the work.</summary>
    /// <param name="most">How many at most.</param>
    /// <typeparam name="T">A gate, a rest of one's own, or a rule such as a re-rig.</typeparam>
    public IReadOnlyList<(T Line, long Units)> Marks<T>(int most)
        where T : Work
    {
        var marks = new List<(T, long)>();
        var steps = 0;
        // What stands in a round of which it is a part, stands in all of them.
        if (part is null)
        {
            Marks(root, 0, 0, marks, most, ref steps);
        }

        return marks;
    }

    /// <summary>True when the unit is the last of the node's iteration, so that what follows the node is due too.</summary>
    private static bool Due(CountNode node, long index, long left, List<Node> due)
    {
        switch (node)
        {
            case CountNode.Leaf leaf:
                var of = leaf.Total(index);
                if (leaf.Chunk > 0 && leaf.After is { } after && left % leaf.Chunk == 0 && (after.AfterLast || left < of))
                {
                    due.Add(after);
                }

                return left == of;
            case CountNode.Sequence sequence:
                for (var i = 0; i < sequence.Items.Length; i++)
                {
                    var total = sequence.Items[i].Total(index);
                    if (left > total || total == 0)
                    {
                        left -= total;
                        continue;
                    }

                    if (!Due(sequence.Items[i], index, left, due))
                    {
                        return false;
                    }

                    // Marks follow the unit until the next work begins.
                    while (++i < sequence.Items.Length)
                    {
                        if (sequence.Items[i] is CountNode.Mark mark)
                        {
                            if (GatePasses.StandsIn(mark.Work, index))
                            {
                                due.Add(mark.Work);
                            }
                        }
                        else if (sequence.Items[i].Total(index) > 0)
                        {
                            return false;
                        }
                    }

                    return true;
                }

                return true;
            case CountNode.Repeat repeat:
                var iteration = repeat.Iteration(left, Tally.Units);
                return Due(repeat.Body, iteration, left - repeat.Body.Prefix(iteration), due)
                    && repeat.Times is { } times
                    && iteration == times - 1;
            default:
                return true;
        }
    }

    private static void Marks<T>(CountNode node, long index, long before, List<(T, long)> marks, int most, ref int steps)
        where T : Work
    {
        if (++steps > GatePasses.MostSteps)
        {
            return;
        }

        switch (node)
        {
            case CountNode.Mark { Work: T line } when marks.Count < most && GatePasses.StandsIn(line, index):
                marks.Add((line, before));
                break;
            case CountNode.Sequence sequence:
                foreach (var item in sequence.Items)
                {
                    Marks(item, index, before, marks, most, ref steps);
                    before = Count.Add(before, item.Total(index));
                }

                break;
            case CountNode.Repeat repeat when HasMark<T>(repeat.Body):
                for (
                    var i = 0L;
                    i < Math.Min(repeat.Times ?? most, GatePasses.MostRounds) && marks.Count < most && steps <= GatePasses.MostSteps;
                    i++
                )
                {
                    Marks(repeat.Body, i, Count.Add(before, repeat.Body.Prefix(i)), marks, most, ref steps);
                }

                break;
        }
    }

    private static bool HasMark<T>(CountNode node)
        where T : Work =>
        node switch
        {
            CountNode.Mark m => m.Work is T,
            CountNode.Sequence s => Array.Exists(s.Items, HasMark<T>),
            CountNode.Repeat r => HasMark<T>(r.Body),
            _ => false,
        };
}
