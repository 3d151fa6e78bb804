using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A hold that is counted in reps.</summary>
public sealed class HoldAsReps : ICheck
{
    /// <inheritdoc/>
    public string Id => "hold-as-reps";

    /// <inheritdoc/>
    public string Title => "A hold that is counted in reps";

    /// <inheritdoc/>
    public string Why => "Reps count how often somebody held, not how long.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        return context
            .TaskLines.Where(t => t.Amount is Amount.Max { Unit: AmountUnit.Rep } && book.Find(t.Movement) is { Family.English: "Holds" })
            .Select(t => new Report(
                t.At,
                $"The {t.Movement} is counted in seconds; “reps” counts how often somebody held.",
                new Mend(
                    $"Write max s {t.Movement}",
                    new TextEdit(
                        t.At.Line,
                        t.At.Column,
                        t.At.Length,
                        context.LineText(t.At).Replace("max ", "max s ", StringComparison.Ordinal)
                    )
                )
            ));
    }
}
