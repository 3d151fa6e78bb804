using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Metres that are counted with reps.</summary>
public sealed class MetresAmongReps : ICheck
{
    /// <inheritdoc/>
    public string Id => "metres-among-reps";

    /// <inheritdoc/>
    public string Title => "Metres counted among reps";

    /// <inheritdoc/>
    public string Why => "Each metre counts as one rep, so a distance outweighs everything else in the total.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from course in context.Courses.Take(1)
        from piece in course.Pieces
        from strand in piece.Strands
        let tasks = piece.TasksOf(strand).ToList()
        where tasks.Exists(t => t.Unit is AmountUnit.Rep or AmountUnit.Calorie)
        from task in tasks
        where
            task.Unit is AmountUnit.Metre or AmountUnit.Foot or AmountUnit.Second
            && task.Counted is { Word: "m" or "ft" or "s", Credit: Courses.Credit.Each { Worth: > 0 } }
        select new Report(
            task.Source.At,
            task.Count is { } count
                ? $"{count} {task.Unit.Symbol()} count as many reps here."
                : $"Each {(task.Unit == AmountUnit.Metre ? Term.Metre : Term.Of(task.Unit.Symbol())).One.English} counts as a rep here.",
            Credited(context, task)
        );

    /// <summary>Units that are reckoned as one rep: 200 m as 10.</summary>
    private const int ForOne = 20;

    private static Mend[] Credited(CheckContext context, CourseTask task) =>
        task.Count is { IsConstant: true } count && count.At(0) is >= ForOne and { } all && all % ForOne == 0
            ?
            [
                context.Added(
                    task.Source.At.Line,
                    $", credited {Number.Normal(all / ForOne)}",
                    $"Count {Number.Normal(all)} {task.Unit.Symbol()} as {Number.Normal(all / ForOne)}"
                ),
            ]
            : [];
}
