using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Ways to choose with other loads and other counts, and no credit on them.</summary>
public sealed class MenuWithoutCredit : ICheck
{
    /// <inheritdoc/>
    public string Id => "menu-without-credit";

    /// <inheritdoc/>
    public string Title => "A lighter way with more reps, and what it is worth";

    /// <inheritdoc/>
    public string Why => "Who lifts less and counts more leads; nobody has said whether that is meant.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        where context.Workout.Scores.Any(s => s.Measure is Measure.Reps or Measure.Points or Measure.RoundsAndReps)
        let ways = task.Lines.OfType<TaskLine.Override>().Where(o => o.Choose && o.Movement is null).ToList()
        where
            ways.Exists(w => IsMore(w, task))
            && !task.Details.Concat(ways.SelectMany(w => w.Details)).Any(d => d is Detail.Credited or Detail.Counts or Detail.EveryCount)
        let own = ((Amount.Counted)task.Amount!).Of.First.At(0)!.Value
        let more = ((Amount.Counted)ways.First(w => IsMore(w, task)).Amount!).Of.First.At(0)!.Value
        select new Report(
            task.At,
            $"Lighter and more is worth more: {Number.Normal(more)} lighter reps are {Number.Normal(more)}, "
                + $"the full load is {Number.Normal(own)}. Equal credit, or as done on purpose?",
            Equal(context, task, ways, $", credited {Number.Normal(own)}", $"Equal credit: credited {Number.Normal(own)} on all"),
            Equal(context, task, ways, ", counts 1", "As done, on purpose: counts 1 on all")
        );

    private static bool IsMore(TaskLine.Override way, Work.Task task) =>
        way.Amount is Amount.Counted { Unit: AmountUnit.Rep, Of.First: { IsConstant: true } more }
        && task.Amount is Amount.Counted { Unit: AmountUnit.Rep, Of: { Second: null, First: { IsConstant: true } own } }
        && more.At(0) > own.At(0)
        && way.Details.OfType<Detail.Load>().FirstOrDefault() is { } lighter
        && task.Details.OfType<Detail.Load>().FirstOrDefault() is { } full
        && lighter.Of.First.At(0) < full.Of.First.At(0);

    private static Mend Equal(CheckContext context, Work.Task task, List<TaskLine.Override> ways, string phrase, string label) =>
        context.Added(task.At.Line, phrase, label) with
        {
            More = [.. ways.Select(w => context.Added(w.At.Line, phrase, label).Edit)],
        };
}
