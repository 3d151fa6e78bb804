using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>A complex whose load is the result.</content>
public sealed partial class Parser
{
    /// <summary><c>heaviest complex</c> with its lifts under it: the first is the lift, the others follow before the bar is put
    /// down.</summary>
    private Work.Task? HeaviestComplex(DraftLine line, Cursor c)
    {
        var details = Details(c);
        var lifts = new List<(int Reps, string Movement, TaskLine.Then Node)>();
        var lines = new List<TaskLine>();
        foreach (var child in line.Children)
        {
            var k = Open(child);
            if (!k.AtNumber || k.HasColonAhead)
            {
                Add(lines, child, k, TaskLineOf(child, k));
                continue;
            }

            NoChildren(child);
            var start = 0;
            var then =
                k.Int("how many reps") is { } reps && (start = k.Mark()) >= 0 && Movement(k) is { } movement
                    ? new TaskLine.Then(reps, movement) { NameAt = k.From(start) }
                    : null;
            var read = new List<TaskLine>();
            Add(read, child, k, then);
            lifts.AddRange(read.Cast<TaskLine.Then>().Select(t => (t.Reps, t.Movement, t)));
        }

        if (details is null)
        {
            return null;
        }

        if (lifts.Count < 2)
        {
            c.Fail(
                "A complex has two lifts or more.",
                "its lifts in order, one level in, as 1 power clean and then 2 front squat",
                start: 0
            );
            return null;
        }

        // Where the whole is one movement after the other, the first one names it.
        var (first, name, node) = lifts[0];
        return new Work.Task(
            new Amount.Heaviest(first == 1 ? null : first),
            name,
            details.Value,
            lifts.Skip(1).Select(l => (TaskLine)l.Node).Concat(lines).ToEq()
        )
        {
            NameAt = node.NameAt,
        };
    }
}
