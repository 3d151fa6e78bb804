using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rest or change that does not stand between two windows.</summary>
public sealed class RestOutsideWindows : ICheck
{
    /// <inheritdoc/>
    public string Id => "rest-outside-windows";

    /// <inheritdoc/>
    public string Title => "A rest outside any window";

    /// <inheritdoc/>
    public string Why => "A rest before the first or after the last window changes nothing but the timetable.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var stages = context.Workout.Stages;
        for (var i = 0; i < stages.Count; i++)
        {
            if (stages[i] is Stage.Gap gap && (i == 0 || i == stages.Count - 1 || stages[i - 1] is Stage.Gap))
            {
                var word = gap.IsRest ? "rest" : "change";
                yield return new Report(
                    gap.At,
                    i == 0 ? $"This {word} stands before the first window."
                        : i == stages.Count - 1 ? $"This {word} stands after the last window."
                        : $"Two gaps follow each other; write one {word}.",
                    context.RemoveLine(gap.At.Line)
                );
            }
        }
    }
}
