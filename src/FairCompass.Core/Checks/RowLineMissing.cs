using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A row without the line of the heels.</summary>
public sealed class RowLineMissing : ICheck
{
    /// <inheritdoc/>
    public string Id => "row-line";

    /// <inheritdoc/>
    public string Title => "A row without the line of the heels";

    /// <inheritdoc/>
    public string Why => "The nearer the heels to the anchor, the lighter the pull.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        MeasureMissing.Of(
            context,
            "setup-row-line",
            t => t.Details.Any(d => d is Detail.Height),
            "Where stand the heels, how high hang the rings or the bar?",
            ", line 60 cm"
        );
}
