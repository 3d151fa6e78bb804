using FairCompass.Core.Binding;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>A task as one column of the prescription table has it.</summary>
/// <param name="Source">The task's line.</param>
/// <param name="Around">The complex it is a lift of, or null.</param>
/// <param name="Address">The column.</param>
/// <param name="Prescription">Its values.</param>
/// <param name="At">The round or cycle it is for; the default for what holds in general.</param>
/// <param name="Option">The option, when the task leaves a choice; null for the task itself.</param>
public sealed record PrescribedTask(
    Work.Task Source,
    Work.Complex? Around,
    Address Address,
    Prescription Prescription,
    Iteration At,
    TaskLine.Override? Option
)
{
    /// <summary>True when the load is the result, so that none is prescribed.</summary>
    public bool IsHeaviest => Source.Amount is Amount.Heaviest;

    /// <summary>True when the task itself only heads a menu of options that carry the load.</summary>
    public bool IsMenuHead { get; init; }
}

/// <summary>Resolves every task for every column, with its options and the rounds and cycles that a line names.</summary>
public static class PrescriptionTable
{
    /// <summary>The table, tasks in the order of the text, each with its columns in order.</summary>
    public static IReadOnlyList<PrescribedTask> Of(Workout workout, Resolver resolver)
    {
        var all = new List<PrescribedTask>();
        foreach (var (task, around) in Tasks(workout))
        {
            var iterations = Iterations(task, resolver).Prepend(default).ToList();
            foreach (var address in resolver.Addresses.Where(a => !IsElsewhere(task, a, resolver)))
            {
                foreach (var at in iterations)
                {
                    var own = resolver.Resolve(task, address, at, around);
                    var options =
                        at == default
                            ? resolver.Options(task, address).Select(o => (Line: o, Is: resolver.Resolve(task, o, address))).ToList()
                            : [];
                    var heads = own.Load is null && options.Exists(o => o.Is.Load is not null && o.Is.Movement.Value == own.Movement.Value);
                    all.Add(new(task, around, address, own, at, null) { IsMenuHead = heads });
                    all.AddRange(options.Select(o => new PrescribedTask(task, around, address, o.Is, at, o.Line)));
                }
            }
        }

        return all;
    }

    /// <summary>True when a task is not for an address: <c>woman only</c> is not for the man.</summary>
    public static bool IsElsewhere(Work.Task task, Address address, Resolver resolver) =>
        task
            .Details.OfType<Detail.Only>()
            .Any(o => !resolver.Names.Of(o.For).Any(n => n.IsPlace) && !resolver.Holds(o.For, address, default));

    /// <summary>The rounds and cycles for which some line of a task says something else.</summary>
    public static IReadOnlyList<Iteration> Iterations(Work.Task task, Resolver resolver) =>
        task
            .Lines.OfType<TaskLine.Override>()
            .SelectMany(o => o.For)
            .SelectMany(resolver.Names.Of)
            .Where(n => n.IsPlace)
            .Select(n => n is Selector.AtCycle c ? new Iteration(c.Cycle, null) : new Iteration(null, ((Selector.AtRound)n).Round))
            .Distinct()
            .ToList();

    /// <summary>Every task of a workout in the order of the text, with the complex it is a lift of.</summary>
    public static IEnumerable<(Work.Task Task, Work.Complex? Around)> Tasks(Workout workout)
    {
        Work.Complex? complex = null;
        foreach (var work in WorkTree.All(workout))
        {
            // The lifts of a complex follow it directly; any other line ends it.
            complex =
                work is Work.Complex c ? c
                : work is Work.Task t && complex is not null && complex.Lifts.Any(l => ReferenceEquals(l, t)) ? complex
                : null;
            if (work is Work.Task task)
            {
                yield return (task, complex);
            }
        }
    }
}
