using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rest after the last rep.</summary>
public sealed class RestLast : ICheck
{
    /// <inheritdoc/>
    public string Id => "rest-last";

    /// <inheritdoc/>
    public string Title => "A rest after the last rep";

    /// <inheritdoc/>
    public string Why => "It is a time of nothing before the finish.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Stages.OfType<Stage.Window>()
            .Where(w => w.Items is [_, .., Work.OwnRest])
            .Select(w => w.Items[^1])
            .Select(rest => new Report(
                rest.At,
                "A rest after the last rep is a time of nothing before the finish.",
                context.RemoveLine(rest.At.Line)
            ));
}
