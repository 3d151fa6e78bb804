using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A set in one go that a turn ends.</summary>
public sealed class OneGoInTurns : ICheck
{
    /// <inheritdoc/>
    public string Id => "one-go-in-turns";

    /// <inheritdoc/>
    public string Title => "A set in one go that a turn ends";

    /// <inheritdoc/>
    public string Why => "The turn ends the set before it is done.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        where task.Details.Any(d => d is Detail.Flag { Is: FlagKind.InOneGo })
        from line in task.Lines.OfType<TaskLine.RuleOf>()
        let most = (line.Rule as Rule.Share)?.Phrases.FirstOrDefault(p => p.Is == ShareKind.AtMost)
        let all = (task.Amount as Amount.Counted)?.Of.First.At(0)
        where most is not null && all > most.N
        select new Report(
            line.At,
            $"The set is in one go, and a turn has at most {most.N} in a row.",
            [
                .. task.Details.Where(d => d is Detail.Flag { Is: FlagKind.InOneGo }).SelectMany(d => context.WithoutPhrase(d.At)),
                .. context.Instead(
                    line.At.Line,
                    $"at most {most.N} in a row",
                    $"at most {Number.Normal(all!.Value)} in a row",
                    $"Write at most {Number.Normal(all.Value)} in a row"
                ),
            ]
        );
}
