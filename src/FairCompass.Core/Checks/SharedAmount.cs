using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>An amount of two values in work that a team shares.</summary>
public sealed class SharedAmount : ICheck
{
    /// <inheritdoc/>
    public string Id => "shared-amount";

    /// <inheritdoc/>
    public string Title => "An amount of two values in work that a team shares";

    /// <inheritdoc/>
    public string Why => "Two readers would compute two totals: nobody knows whose number the team has to reach.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var course in context.Courses.Where(c => c.Address.Division is { IsTeam: true, Duties.Count: > 1 }).Take(1))
        {
            foreach (var piece in course.Pieces.Select(p => p.Piece).Where(p => p.Seat is null))
            {
                foreach (
                    var task in WorkTree
                        .Walk(piece.Items)
                        .OfType<Work.Task>()
                        .Where(t =>
                            t.Amount is Amount.Counted { Of: { Second: not null } of }
                            // What each does by the own duty adds up, where it is one number for each.
                            && !(
                                t.Details.Any(d => d is Detail.Flag { Is: FlagKind.Each or FlagKind.ByEach })
                                && of is { First.IsConstant: true, Second.IsConstant: true }
                            )
                        )
                )
                {
                    yield return new Report(
                        task.At,
                        $"{Printer.Amount(task.Amount!)} is shared by {course.Address.Division.Name}: write the one amount of "
                            + "the team, or what each does with “man only” and “woman only”.",
                        ForEach(context, task)
                    );
                }
            }
        }
    }

    /// <summary>A line for each duty; none where something stands under the task.</summary>
    private static Mend[] ForEach(CheckContext context, Work.Task task)
    {
        if (task is not { Lines.Count: 0, Amount: Amount.Counted { Of: { Second: { } second } of } })
        {
            return [];
        }

        var (line, both) = (context.Lines[task.At.Line - 1].TrimEnd(), of.ToString());
        var at = line.IndexOf(both, StringComparison.Ordinal);
        var (first, other) =
            context.Workout.Headers.OfType<Header.Order>().FirstOrDefault() is { } order && order.Duties == DutyOrder.WomanMan
                ? ("woman", "man")
                : ("man", "woman");
        return at < 0 || line.Contains('(', StringComparison.Ordinal)
            ? []
            :
            [
                new(
                    $"Write {first} only and {other} only",
                    new TextEdit(
                        task.At.Line,
                        1,
                        context.Lines[task.At.Line - 1].Length,
                        $"{line[..at]}{of.First}{line[(at + both.Length)..]}, {first} only\n"
                            + $"{line[..at]}{second}{line[(at + both.Length)..]}, {other} only"
                    )
                ),
            ];
    }
}
