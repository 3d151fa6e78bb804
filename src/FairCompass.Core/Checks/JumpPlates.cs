using FairCompass.Core.InForce;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Checks;

/// <summary>A bar that is jumped over without a plate of full diameter on it.</summary>
public sealed class JumpPlates : ICheck
{
    /// <inheritdoc/>
    public string Id => "jump-plates";

    /// <inheritdoc/>
    public string Title => "A jump over a bar that lies too low";

    /// <inheritdoc/>
    public string Why => "The height of the bar is the height of the jump: on small plates it is another one, and feet roll on the bar.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        LowBars.Reports(
            context,
            Jumped(context),
            (who, loads, enough) => $"{who}: no plate of full diameter at {loads}, so the bar lies too low to be jumped over.{enough}"
        );

    /// <summary>The bar of the jump’s own line; where it names no load, every bar of the same piece of work.</summary>
    private static IEnumerable<PrescribedTask> Jumped(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        MovementKit Kit(string movement) => book.Find(movement)?.Kit ?? MovementKit.None;
        foreach (var course in context.Courses)
        {
            foreach (var piece in course.Pieces)
            {
                var jumps = piece.Tasks.Where(t => Kit(t.Prescription.Movement.Value) == MovementKit.BarToClear).ToList();
                var lines = (jumps.Exists(t => t.Prescription.Load is null) ? piece.Tasks.AsEnumerable() : jumps)
                    .Select(t => t.Source.At.Line)
                    .ToHashSet();
                if (jumps.Count == 0)
                {
                    continue;
                }

                foreach (
                    var task in context.Prescribed.Where(p =>
                        p.At == default
                        && p.Prescription.Load is not null
                        && lines.Contains(p.Source.At.Line)
                        && Kit(p.Prescription.Movement.Value) is MovementKit.Barbell or MovementKit.BarToClear
                        && p.Address.Division == course.Address.Division
                        && (course.Address.Duty is null || p.Address.Duty == course.Address.Duty)
                        && p.Address.Level == course.Address.Level
                    )
                )
                {
                    yield return task;
                }
            }
        }
    }
}
