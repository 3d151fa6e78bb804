using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A count of reps many times as large as all beside it, which are alike.</summary>
public sealed class Outlier : ICheck
{
    /// <inheritdoc/>
    public string Id => "outlier";

    /// <inheritdoc/>
    public string Title => "One amount far from its neighbours";

    /// <inheritdoc/>
    public string Why => "A zero too much is read as it stands, on every card.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        Lists(context)
            .SelectMany(items => items.Where(i => IsOutlier(i, items)))
            .Select(i => new Report(
                i.Task.At,
                $"{Number.Normal(i.Reps)} stand among much smaller numbers: a nought too many?",
                i.Reps % 10 == 0
                    ? context.Instead(
                        i.Task.At.Line,
                        Number.Normal(i.Reps),
                        Number.Normal(i.Reps / 10),
                        $"Write {Number.Normal(i.Reps / 10)}"
                    )
                    : []
            ));

    /// <summary>How many times the largest other count it is, and how far the others may lie apart (assumptions of ours).</summary>
    private const int Times = 8;

    private static bool IsOutlier((Work.Task Task, decimal Reps) one, IReadOnlyList<(Work.Task Task, decimal Reps)> all)
    {
        var others = all.Where(o => o.Task != one.Task).Select(o => o.Reps).ToList();
        return others.Count > 1 && others.Max() <= 2 * others.Min() && one.Reps >= Times * others.Max();
    }

    /// <summary>The counts of reps of each list of work; what is skipped over a rope comes in hundreds beside tens.</summary>
    private static IEnumerable<IReadOnlyList<(Work.Task Task, decimal Reps)>> Lists(CheckContext context) =>
        context
            .AllWork.Select(w => w is Work.Rounds r ? r.Items : default)
            .Concat(context.Workout.Stages.OfType<Stage.Window>().Select(w => w.Items))
            .Select(items =>
                items
                    .OfType<Work.Task>()
                    .Where(t => StandardsBook.Of(context.Competition).Find(t.Movement)?.Id is not ("double-under" or "single-under"))
                    .Select(t =>
                        (
                            Task: t,
                            Reps: t.Amount is Amount.Counted { Unit: AmountUnit.Rep, Of.First: { IsConstant: true } of } ? of.At(0) : null
                        )
                    )
                    .Where(x => x.Reps is > 0)
                    .Select(x => (x.Task, x.Reps!.Value))
                    .ToList()
            );
}
