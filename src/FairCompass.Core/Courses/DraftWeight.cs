using FairCompass.Core.Prescriptions;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>
/// How much there is to work out in a draft, known before anything is worked out: few lines can mean very much work, because
/// every task is compiled for every entry in every window. What is too much is refused whole, with a finding, and costs nothing.
/// </summary>
/// <param name="Cells">Values of the prescription table: tasks × columns × (options and rounds that are named).</param>
/// <param name="Steps">Comparisons of a name with an address, over the table and over every piece of every entry.</param>
public sealed record DraftWeight(long Cells, long Steps)
{
    /// <summary>The most cells that are worked out: 80 tasks for 60 divisions of two duties, twice over; an answer of some 4 MB.</summary>
    public const long MostCells = 20_000;

    /// <summary>The most steps that are worked out: about a second. The largest workout of the demo has 5,000.</summary>
    public const long MostSteps = 600_000;

    /// <summary>Weighs a draft.</summary>
    /// <param name="workout">The draft.</param>
    /// <param name="resolver">Knows the columns and entries.</param>
    /// <param name="clocks">The hall clock of each entry.</param>
    public static DraftWeight Of(Workout workout, Resolver resolver, IReadOnlyDictionary<Address, Clockwork> clocks)
    {
        var columns = resolver.Addresses.Count;
        var weights = new Dictionary<Work.Task, (long Cells, long Steps)>(ReferenceEqualityComparer.Instance);
        foreach (var (task, around) in PrescriptionTable.Tasks(workout))
        {
            weights[task] = Of(task, around, resolver);
        }

        var (cells, steps) = (0L, 0L);
        foreach (var (each, compared) in weights.Values)
        {
            cells = Count.Add(cells, Count.Times(each, columns));
            steps = Count.Add(steps, Count.Times(compared, columns));
        }

        foreach (var entries in resolver.Entries.GroupBy(e => e.Division))
        {
            var pieces = 0L;
            // Cycles and turns come back to the same lines, which are weighed once.
            foreach (var same in clocks[entries.First()].Pieces.GroupBy(p => p.At))
            {
                var one = WorkTree.Walk(same.First().Items).OfType<Work.Task>().Sum(t => weights[t].Steps);
                pieces = Count.Add(pieces, Count.Times(one, same.Count()));
            }

            steps = Count.Add(steps, Count.Times(pieces, entries.Count()));
        }

        return new(cells, steps);
    }

    /// <summary>Why the draft is not worked out; null when it is.</summary>
    public string? Objection =>
        Cells > MostCells ? $"This draft has {Cells} values for all its divisions, more than {MostCells}; write it as several workouts."
        : Steps > MostSteps ? "There is too much here to work out for all divisions, windows and lines; write it as several workouts."
        : null;

    private static (long Cells, long Steps) Of(Work.Task task, Work.Complex? around, Resolver resolver)
    {
        var lines = task.Lines.Concat(around?.Lines ?? []).OfType<TaskLine.Override>().ToList();
        var names = lines.Sum(l => 1L + l.For.Sum(w => (long)w.Names.Count));
        var cells = 1L + lines.Count(l => l.Choose) + PrescriptionTable.Iterations(task, resolver).Count;
        return (cells, Count.Times(cells, 4 + names));
    }
}
