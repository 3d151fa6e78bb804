using FairCompass.Core.Competitions;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>A division with a heavier load than the division it inherits from.</summary>
public sealed class HeavierThanParent : ICheck
{
    /// <inheritdoc/>
    public string Id => "heavier-than-parent";

    /// <inheritdoc/>
    public string Title => "A lower division heavier than the one it inherits from";

    /// <inheritdoc/>
    public string Why => "Mostly a slip of the pen: a column was swapped, or the division above was changed later.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var task in context.Prescribed.Where(t => t.Option is null && t.At == default))
        {
            var address = task.Address;
            if (
                address.Division.InheritsFrom is not { } name
                || context.Competition.Find(name) is not { } parent
                || address.Duty is not { } duty
                || !parent.EachDuty.Contains(duty)
                || task.Prescription.Load is not { From.Own: true } own
            )
            {
                continue;
            }

            var above = context.Resolver.Resolve(task.Source, address with { Division = parent }, default, task.Around);
            if (
                above.Load is not { } theirs
                || !string.Equals(above.Movement.Value, task.Prescription.Movement.Value, StringComparison.OrdinalIgnoreCase)
            )
            {
                continue;
            }

            if (Enumerable.Range(0, 30).Any(i => Total(own.Value, i) > Total(theirs.Value, i)))
            {
                yield return new Report(
                    own.From.At,
                    $"{address} has {own.Value}, more than {parent.Name} {duty.Word()} with {theirs.Value}.",
                    Exchanged.Of(context, theirs.From.At, own.From.At)
                );
            }
        }
    }

    private static decimal? Total(DutyLoad load, int round) =>
        load.Values.At(round) is { } value
            ? new Mass((load.Implements * value) + (load.Left?.At(round) ?? 0), load.Unit).InKilograms
            : null;
}
