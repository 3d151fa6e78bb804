using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A window that is no whole number of intervals.</summary>
public sealed class IntervalsUneven : ICheck
{
    /// <inheritdoc/>
    public string Id => "intervals";

    /// <inheritdoc/>
    public string Title => "A window that is no whole number of intervals";

    /// <inheritdoc/>
    public string Why => "The last interval is shorter, and nobody said whether that is meant.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Stages.OfType<Stage.Window>()
            .Where(w => w.Time is not null)
            .SelectMany(w => w.Items.OfType<Work.Every>().Select(e => (Stage: w, Window: w.Time!.Value, Every: e)))
            .Where(x => x.Every.Each is { Ms: > 0 } each && each < x.Window && x.Window.Ms % each.Ms != 0)
            .Select(x => new Report(
                x.Every.At,
                $"{x.Window} is no whole number of {x.Every.Each}: the last interval lasts "
                    + $"{new Duration(x.Window.Ms % x.Every.Each!.Value.Ms)}.",
                [.. Whole(context, x.Stage, x.Every.Each!.Value)]
            ));

    /// <summary>The nearest windows that are whole intervals.</summary>
    private static IEnumerable<Mend> Whole(CheckContext context, Stage.Window window, Duration each) =>
        new[] { window.Time!.Value.Ms / each.Ms * each.Ms, ((window.Time!.Value.Ms / each.Ms) + 1) * each.Ms }
            .Select(ms => new Duration(ms))
            .SelectMany(time => TimeNeeded.Rewritten(context, window.At, window.Time!.Value, time, $"Write {time}"));
}
