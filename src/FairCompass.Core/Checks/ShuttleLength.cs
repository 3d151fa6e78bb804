using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A shuttle without a length.</summary>
public sealed class ShuttleLength : ICheck
{
    /// <inheritdoc/>
    public string Id => "shuttle-length";

    /// <inheritdoc/>
    public string Title => "A shuttle without a length";

    /// <inheritdoc/>
    public string Why => "Each lane would run another distance.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        MeasureMissing.Of(
            context,
            "setup-turns",
            t => t.Details.Any(d => d is Detail.Lengths) || t.Amount.UnitOf() is AmountUnit.Metre or AmountUnit.Foot,
            "How long is a shuttle? Write 2 x 9 m, say.",
            ", 2 x 9 m"
        );
}
