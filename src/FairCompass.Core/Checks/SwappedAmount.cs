using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A woman’s amount is larger than the man’s.</summary>
public sealed class SwappedAmount : ICheck
{
    /// <inheritdoc/>
    public string Id => "swapped-amount";

    /// <inheritdoc/>
    public string Title => "A woman’s amount is larger than the man’s";

    /// <inheritdoc/>
    public string Why => "The wrong half of the field does more until somebody asks.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        return SwappedValues.Of(
            context,
            p =>
                p.Prescription.Amount is { Value: Amount.Counted c } a && c.Of.For(context.Resolver.Position(p.Address)).At(0) is { } v
                    ? (v, a.From.At)
                    : null,
            "amount"
        );
    }
}
