namespace FairCompass.Core.Checks;

/// <summary>A woman’s load is heavier than the man’s.</summary>
public sealed class SwappedLoad : ICheck
{
    /// <inheritdoc/>
    public string Id => "swapped-load";

    /// <inheritdoc/>
    public string Title => "A woman’s load is heavier than the man’s";

    /// <inheritdoc/>
    public string Why => "The wrong half of the field lifts the heavier load until somebody asks.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        return SwappedValues.Of(
            context,
            p => p.Prescription.Load is { } l && l.Value.Values.At(0) is { } v ? (v, l.From.At) : null,
            "load"
        );
    }
}
