using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Help by a partner where there is none.</summary>
public sealed class HelpAlone : ICheck
{
    /// <inheritdoc/>
    public string Id => "help-alone";

    /// <inheritdoc/>
    public string Title => "Help by a partner where there is none";

    /// <inheritdoc/>
    public string Why => "Nobody may do it, and somebody will.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        from line in task.Lines.OfType<TaskLine.RuleOf>()
        let help = line.Rule as Rule.Help
        where help?.By.Contains("partner", StringComparison.OrdinalIgnoreCase) == true && context.Courses.Count > 0
        let alone = context.Courses.FirstOrDefault(c => !c.Address.Division.IsTeam)
        where alone is not null
        select new Report(
            line.At,
            $"{alone.Address.Division.Name} is for one athlete: there is no partner.",
            [
                .. context.Instead(line.At.Line, help.By, "the athlete", "By the athlete"),
                .. context.Instead(line.At.Line, help.By, "the floor crew", "By the floor crew"),
            ]
        );
}
