using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A jumping pull-up without the height of its bar.</summary>
public sealed class BarHeightMissing : ICheck
{
    /// <inheritdoc/>
    public string Id => "bar-height";

    /// <inheritdoc/>
    public string Title => "A jumping pull-up without the height of its bar";

    /// <inheritdoc/>
    public string Why => "Each lane would jump to another height.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        MeasureMissing.Of(
            context,
            "setup-jump-bar",
            t => t.Details.Any(d => d is Detail.Height),
            "The bar has no height above the head.",
            ", bar 15 cm above the head"
        );
}
