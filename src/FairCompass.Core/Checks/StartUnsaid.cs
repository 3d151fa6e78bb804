using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A heaviest lift whose first load is not said.</summary>
public sealed class StartUnsaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "start-load";

    /// <inheritdoc/>
    public string Title => "A heaviest lift that begins at no load";

    /// <inheritdoc/>
    public string Why => "Each lane would begin with another bar.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        where !WorkTree.ReRigs(context.Workout).Any()
        // Who chooses the own first load begins with an empty bar, or names it before.
        where StandardsBook.Of(context.Competition).InForce(Topics.Find("first load")!, null, context.Workout) is null
        // From a rack the bar begins empty (common practice).
        where !task.Details.Any(d => d is Detail.From { Place: FromPlace.Rack })
        // Who has a number of attempts calls the load of each.
        where task.Amount is Amount.Heaviest && !task.Details.Any(d => d is Detail.Load { Start: true } or Detail.LiftAttempts)
        let loads = StartLoads(context)
        select new Report(
            task.At,
            "With what load does the bar stand when it begins?",
            loads is null ? [] : [context.Added(task.At.Line, $", start {loads}", $"Start at {loads}")]
        );

    /// <summary>A light bar of each duty (common practice: 60 and 40 kg), where the kit makes it.</summary>
    private static string? StartLoads(CheckContext context)
    {
        var kit = context.Competition.Kit;
        return
            context.Competition.Unit == MassUnit.Kilogram
            && BarLoads.All(kit.Bar(Duty.Man), kit).Contains(60)
            && BarLoads.All(kit.Bar(Duty.Woman), kit).Contains(40)
            && context.Workout.Headers.OfType<Header.Order>().Any()
            ? "60/40 kg"
            : null;
    }
}
