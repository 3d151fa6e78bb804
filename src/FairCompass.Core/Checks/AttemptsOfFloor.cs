using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A number of attempts without a video.</summary>
public sealed class AttemptsOfFloor : ICheck
{
    /// <inheritdoc/>
    public string Id => "attempts-of-floor";

    /// <inheritdoc/>
    public string Title => "Attempts at a workout that is run in a heat";

    /// <inheritdoc/>
    public string Why => "Attempts belong to videos that are sent in.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Policies.OfType<Policy.Attempts>()
            .Where(_ => !context.Workout.Headers.OfType<Header.Video>().Any())
            .Select(p => new Report(
                p.At,
                "Attempts at a workout that is run in a heat? They belong to videos that are sent in.",
                context.RemoveLine(p.At.Line)
            ));
}
