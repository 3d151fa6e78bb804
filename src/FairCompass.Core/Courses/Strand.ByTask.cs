namespace FairCompass.Core.Courses;

/// <content>How much of one task a count holds.</content>
public sealed partial class Strand
{
    /// <summary>Performed units of one task among the first units of the work.</summary>
    /// <param name="task">The task, by its index in the piece.</param>
    /// <param name="units">From 0 to <see cref="Units"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The strand has no such unit.</exception>
    public long UnitsOf(int task, long units)
    {
        InRange(units, 0);
        return part is { } own ? Among(task, own.Before + units) - Among(task, own.Before) : Among(task, units);
    }

    private long Among(int task, long units)
    {
        if (units == 0)
        {
            return 0;
        }

        var (node, index, left, sum) = (root, 0L, units, 0L);
        while (true)
        {
            switch (node)
            {
                case CountNode.Leaf leaf:
                    return Count.Add(sum, leaf.Task == task ? left : 0);
                case CountNode.Sequence sequence:
                    foreach (var item in sequence.Items)
                    {
                        node = item;
                        var total = item.Total(index);
                        if (left <= total)
                        {
                            break;
                        }

                        left -= total;
                        sum = Count.Add(sum, Total(item, task, index));
                    }

                    break;
                case CountNode.Repeat repeat:
                    index = repeat.Iteration(left, Tally.Units);
                    left -= repeat.Body.Prefix(index);
                    sum = Count.Add(sum, Prefix(repeat.Body, task, index));
                    node = repeat.Body;
                    break;
            }
        }
    }

    /// <summary>All units of one task; null where it has no end.</summary>
    /// <param name="task">The task, by its index in the piece.</param>
    public long? UnitsOf(int task) => Units is { } all ? UnitsOf(task, all) : null;

    private static long Total(CountNode node, int task, long index) =>
        node switch
        {
            CountNode.Leaf leaf => leaf.Task == task ? leaf.Total(index) : 0,
            CountNode.Sequence s => s.Items.Aggregate(0L, (sum, i) => Count.Add(sum, Total(i, task, index))),
            CountNode.Repeat r => r.Contains(task) ? Prefix(r.Body, task, r.Times ?? Count.Ceiling) : 0,
            _ => 0,
        };

    private static long Prefix(CountNode node, int task, long k) =>
        node switch
        {
            CountNode.Leaf leaf => leaf.Task == task ? leaf.Prefix(k) : 0,
            CountNode.Sequence s => s.Items.Aggregate(0L, (sum, i) => Count.Add(sum, Prefix(i, task, k))),
            CountNode.Repeat r => Count.Times(Total(r, task, 0), k),
            _ => 0,
        };
}
