using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>The members hand over after a section, and the work has none.</summary>
public sealed class HandOverNowhere : ICheck
{
    /// <inheritdoc/>
    public string Id => "hand-over-mark";

    /// <inheritdoc/>
    public string Title => "A hand-over after a section that is not there";

    /// <inheritdoc/>
    public string Why => "Judges would wait for a mark that no lane has.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        from line in task.Lines.OfType<TaskLine.RuleOf>()
        let phrase = (line.Rule as Rule.Share)?.Phrases.FirstOrDefault(p =>
            p.Is == ShareKind.HandOverAfter && p.Text?.Contains("section", StringComparison.Ordinal) == true
        )
        where
            phrase is not null
            && !task.Details.Any(d => d is Detail.Marks or Detail.Lengths)
            && task.Amount is not Amount.Counted { Unit: AmountUnit.Metre or AmountUnit.Foot }
        select new Report(
            line.At,
            $"The {task.Movement} has no sections: after what is handed over?",
            context.Instead(line.At.Line, "hand over after a section", "hand over after 5 reps", "Hand over after 5 reps")
        );
}
