using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>Positions that are held for seconds.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>Where the judge writes when a hold began and ended: once, or as often as it may be broken.</summary>
    private BriefSection? HeldSeconds(Course course)
    {
        var rows = course
            .Pieces.SelectMany(p => p.Tasks.Where(t => t.Unit == AmountUnit.Second).Select(t => (Piece: p, Task: t)))
            .SelectMany(x =>
                Enumerable
                    .Range(1, MayBreak(x.Task) ? MostBreaks : 1)
                    .Select(n => new BriefRow([
                        Words.Capital(Named(x.Task.Prescription.Movement.Value))
                            + (
                                x.Piece.Piece.IsNamed
                                    ? $" ({Cite($"piece/{x.Piece.Piece.Key}/{course.Address}", x.Piece.Piece.NameIn(tongue))})"
                                    : ""
                            ),
                        Cite("form/tries", Figure(n)),
                        "",
                        "",
                    ]))
            )
            .ToEq();
        return rows.Count == 0
            ? null
            : new(
                "held",
                Say("Held: on and off", "Mantenido: dentro y fuera"),
                [
                    new BriefBlock.Table(
                        null,
                        [Say("Position", "Posición"), Say("Time", "Vez"), Say("On at", "Entra a las"), Say("Off at", "Sale a las")],
                        rows
                    ),
                    new BriefBlock.Paragraph(
                        Say(
                            "Whole seconds count, from the moment the position stands to the moment it breaks.",
                            "Cuentan los segundos enteros, desde que la posición está fija hasta que se rompe."
                        )
                    ),
                ]
            );
    }

    /// <summary>True where a hold may be taken up again, or has an amount to reach.</summary>
    private static bool MayBreak(CourseTask task) =>
        task.Prescription.Amount?.Value is not Amount.Max
        || task.Source.Details.OfType<Detail.Flag>().Any(f => f.Is == FlagKind.MayBeBroken);
}
