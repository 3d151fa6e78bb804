using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>A bar that the kit of the competition does not name, or one under a movement that has none.</summary>
public sealed class BarUnknown : ICheck
{
    /// <inheritdoc/>
    public string Id => "bar-unknown";

    /// <inheritdoc/>
    public string Title => "A bar that is not in the kit";

    /// <inheritdoc/>
    public string Why => "Its mass is not known, so no plates can be planned and the load may be wrong.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var (kit, book) = (context.Competition.Kit, StandardsBook.Of(context.Competition));
        return context
            .Prescribed.Where(p => p.Prescription.Bar is not null)
            .Select(p =>
            {
                var (bar, movement) = (p.Prescription.Bar!, p.Prescription.Movement.Value);
                return (
                    bar.From.At,
                    Sentence: BarByMass.Of(bar.Value) is { } said && said.Unit != context.Competition.Unit
                        ? $"The kit of this competition is in {context.Competition.Unit.Symbol()}, and a bar of {bar.Value} is none of it."
                    : kit.FindBar(bar.Value) is null
                        ? $"The kit has no bar called “{bar.Value}”"
                            + (kit.Bars.Count == 0 ? "; bars beside the usual two are named in the kit of the competition." : "; it has ")
                            + (kit.Bars.Count == 0 ? "" : Words.Join(kit.Bars.Select(b => $"“{b.Name}”")) + ".")
                    : book.Find(movement) is { Kit: not MovementKit.Barbell } ? $"{Words.Capital(movement)} is not done with a bar."
                    : null
                );
            })
            .Where(x => x.Sentence is not null)
            .Distinct()
            .Select(x => new Report(x.At, x.Sentence!));
    }
}
