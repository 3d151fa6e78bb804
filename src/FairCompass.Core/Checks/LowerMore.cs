using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A lower division that does more.</summary>
public sealed class LowerMore : ICheck
{
    /// <inheritdoc/>
    public string Id => "lower-more";

    /// <inheritdoc/>
    public string Title => "A lower division that does more";

    /// <inheritdoc/>
    public string Why => "The easier division would be the harder one.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var told = new HashSet<int>();
        foreach (var task in context.Prescribed.Where(t => t.Option is null && t.At == default))
        {
            var address = task.Address;
            if (
                address.Division.InheritsFrom is { } name
                && context.Competition.Find(name) is { } parent
                && (address.Duty is null || parent.EachDuty.Contains(address.Duty.Value))
                && Amount(task.Prescription, address, context) is { } own
                && context.Resolver.Resolve(task.Source, address with { Division = parent }, default, task.Around) is var above
                && string.Equals(above.Movement.Value, task.Prescription.Movement.Value, StringComparison.OrdinalIgnoreCase)
                && Amount(above, address, context) is { } theirs
                && own.Value > theirs.Value
                && told.Add(own.At.Line)
            )
            {
                yield return new Report(
                    own.At,
                    $"{address.Division.Name}, below {parent.Name}, has more of the same: {Number.Normal(own.Value)} against "
                        + $"{Number.Normal(theirs.Value)}.",
                    context.Instead(
                        own.At.Line,
                        Number.Normal(own.Value),
                        Number.Normal(theirs.Value),
                        $"Write {Number.Normal(theirs.Value)}"
                    )
                );
            }
        }
    }

    private static (decimal Value, SourceRange At)? Amount(Prescription of, Address who, CheckContext context) =>
        of.Load is null
        && of.Amount is { Value: Amount.Counted { Unit: AmountUnit.Rep } counted, From: { } from }
        && counted.Of.For(context.Resolver.Position(who)).At(0) is { } value
            ? (value, from.At)
            : null;
}
