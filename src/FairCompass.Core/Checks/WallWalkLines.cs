using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A wall walk without the line near the wall.</summary>
public sealed class WallWalkLines : ICheck
{
    /// <inheritdoc/>
    public string Id => "wall-walk-lines";

    /// <inheritdoc/>
    public string Title => "A wall walk without the line near the wall";

    /// <inheritdoc/>
    public string Why => "Each lane would walk to another line.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        MeasureMissing.Of(
            context,
            "setup-walk-lines",
            t => t.Details.Any(d => d is Detail.Height),
            "Where is the line near the wall, and where the start line?",
            ", line 25 cm"
        );
}
