using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A movement that is counted in sections of a lane has a number of reps and no length.</summary>
public sealed class SectionsUnmarked : ICheck
{
    /// <inheritdoc/>
    public string Id => "lunges-in-reps";

    /// <inheritdoc/>
    public string Title => "Sections are counted, and none is marked";

    /// <inheritdoc/>
    public string Why => "Reps on the spot and metres with marks are two workouts.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        where task.Amount is Amount.Counted { Unit: AmountUnit.Rep } && !task.Details.Any(d => d is Detail.Lengths or Detail.Marks)
        let movement = StandardsBook.Of(context.Competition).Find(task.Movement)
        where
            movement is not null
            && StandardsBook
                .Of(context.Competition)
                .InForce(movement, null, context.Workout, task)
                .Clauses.Any(c => c is { Id: "setup-sections", From.By: Source.Library })
        let written = Printer.Amount(task.Amount!)
        select new Report(
            task.At,
            "It is counted in sections, and no section is marked: metres with marks, or reps on the spot?",
            [
                .. context
                    .Instead(
                        task.At.Line,
                        $"{written} {task.Movement}",
                        $"{written} m {task.Movement}, marks every 5 m",
                        $"Write {written} m, marks every 5 m"
                    )
                    .Where(_ => task.Amount is Amount.Counted { Of: { Second: null, First: { IsConstant: true } n } } && n.At(0) % 5 == 0),
                context.Followed(
                    task.At.Line,
                    $"{context.Indent(task.At.Line)}  standard setup-sections: does not apply",
                    "They are reps on the spot"
                ),
            ]
        );
}
