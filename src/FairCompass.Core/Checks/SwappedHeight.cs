using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A woman’s height is higher than the man’s.</summary>
public sealed class SwappedHeight : ICheck
{
    /// <inheritdoc/>
    public string Id => "swapped-height";

    /// <inheritdoc/>
    public string Title => "A woman’s height is higher than the man’s";

    /// <inheritdoc/>
    public string Why => "The wrong half of the field jumps or throws higher until somebody asks.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        return SwappedValues.Of(
            context,
            p =>
                p.Prescription.Heights is [{ } h, ..]
                && h.Value.On != HeightKind.Wall
                && h.Value.From is null
                && h.Value.Values.At(0) is { } v
                    ? (v, h.From.At)
                    : null,
            "height"
        );
    }
}
