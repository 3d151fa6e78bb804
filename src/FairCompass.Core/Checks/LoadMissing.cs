using FairCompass.Core.InForce;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A division without a load that its movement needs.</summary>
public sealed class LoadMissing : ICheck
{
    /// <inheritdoc/>
    public string Id => "load-missing";

    /// <inheritdoc/>
    public string Title => "A division without a needed load";

    /// <inheritdoc/>
    public string Why => "Floor crew and athletes would guess, and each lane would guess differently.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from t in context.Prescribed
        let movement = StandardsBook.Of(context.Competition).Find(t.Prescription.Movement.Value)
        where
            movement is { NeedsLoad: true }
            && !t.IsHeaviest
            && !t.IsMenuHead
            && t.Prescription is { Load: null, OfBest: null }
            // A figure without a unit is asked about by itself.
            && !t.Source.Details.Concat(t.Source.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)).Any(d => d is Detail.Figure)
        let at = t.Prescription.Movement.From.At
        group t.Address by (at.Line, movement.Name.English, at.Column, at.Length) into g
        select new Report(
            new(g.Key.Line, g.Key.Column, g.Key.Length),
            $"{Words.Join(g.Select(a => a.ToString()).Distinct())}: the {g.Key.English} has no load."
        );
}
