using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rope without the height of its mark.</summary>
public sealed class RopeMarkMissing : ICheck
{
    /// <inheritdoc/>
    public string Id => "rope-mark";

    /// <inheritdoc/>
    public string Title => "A rope without the height of its mark";

    /// <inheritdoc/>
    public string Why => "Each rope would be climbed to another height.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        MeasureMissing.Of(
            context,
            "setup-climbing-rope",
            t => t.Details.Any(d => d is Detail.Height),
            "The height of the mark on the rope is not said.",
            ", mark 4.5 m"
        );
}
