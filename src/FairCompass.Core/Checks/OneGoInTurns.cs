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
        where most is not null && task.Amount is Amount.Counted c && c.Of.First.At(0) > most.N
        select new Report(line.At, $"The set is in one go, and a turn has at most {most.N} in a row.");
}
