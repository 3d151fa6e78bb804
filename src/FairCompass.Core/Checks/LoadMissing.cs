using FairCompass.Core.Standards;
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
        from t in context.Tasks
        let movement = MovementLibrary.Find(t.Task.Prescription.Movement.Value)
        where movement is { NeedsLoad: true } && !t.Piece.Piece.IsHeaviest && t.Task.Prescription.Load is null && t.Task.Source.Amount is not Amount.Heaviest
        group t.Address by (t.Task.Prescription.Movement.From.At.Line, movement.Name, t.Task.Prescription.Movement.From.At.Column, t.Task.Prescription.Movement.From.At.Length) into g
        select new Report(new(g.Key.Line, g.Key.Column, g.Key.Length),
            $"{Words.Join(g.Select(a => a.ToString()).Distinct())}: the {g.Key.Name} has no load.");
}
