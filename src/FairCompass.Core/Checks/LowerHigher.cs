using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A lower division that jumps higher.</summary>
public sealed class LowerHigher : ICheck
{
    /// <inheritdoc/>
    public string Id => "lower-higher";

    /// <inheritdoc/>
    public string Title => "A lower division that jumps higher";

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
                && Height(task.Prescription) is { } own
                && context.Resolver.Resolve(task.Source, address with { Division = parent }, default, task.Around) is var above
                && string.Equals(above.Movement.Value, task.Prescription.Movement.Value, StringComparison.OrdinalIgnoreCase)
                && Height(above) is { } theirs
                && own.Value > theirs.Value
                && told.Add(own.At.Line)
            )
            {
                yield return new Report(
                    own.At,
                    $"{address.Division.Name}, below {parent.Name}, has the higher box or target: {Number.Normal(own.Value)} "
                        + $"against {Number.Normal(theirs.Value)}.",
                    Exchanged.Of(context, theirs.At, own.At)
                );
            }
        }
    }

    private static (decimal Value, SourceRange At)? Height(Prescription of) =>
        of.Heights.FirstOrDefault(h => h.Value is { On: HeightKind.Box or HeightKind.Target, From: null }) is { } height
        && height.Value.Values.At(0) is { } value
            ? (value, height.From.At)
            : null;
}
