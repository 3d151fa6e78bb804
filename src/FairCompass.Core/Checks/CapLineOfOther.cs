using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A cap line of what is not in the work.</summary>
public sealed class CapLineOfOther : ICheck
{
    /// <inheritdoc/>
    public string Id => "cap-line-of-other";

    /// <inheritdoc/>
    public string Title => "A cap line of what is not in the work";

    /// <inheritdoc/>
    public string Why => "At the cap everybody has 0.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from score in context.Workout.Scores
        from line in score.Lines.OfType<ScoreLine.CapLine>()
        where
            line.By != CountedAs.Reps
            && context.TaskLines.Any()
            && context.TaskLines.All(t => t.Amount.UnitOf() is not (AmountUnit.Calorie or AmountUnit.Metre or AmountUnit.Foot))
        select new Report(
            line.At,
            $"No {(line.By == CountedAs.Calories ? "calorie" : "metre")} is in this work: at the cap everybody has 0.",
            new Mend("Write cap line by reps", new TextEdit(line.At.Line, line.At.Column, line.At.Length, "unfinished: cap line by reps"))
        );
}
