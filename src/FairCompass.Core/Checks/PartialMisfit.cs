using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rule for distances cut off by the clock that does not fit the way in which they are counted.</summary>
public sealed class PartialMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "partial-misfit";

    /// <inheritdoc/>
    public string Title => "A rule for part of a distance that is counted otherwise";

    /// <inheritdoc/>
    public string Why => "The judge counts what the floor shows, marks or metres, and the rule speaks of the other.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var distances = context.TaskLines.Where(IsDistance).ToList();
        foreach (var line in context.Workout.Scores.SelectMany(s => s.Lines).OfType<ScoreLine.Partial>())
        {
            var marks = line.Is != PartialDistance.WholeMetres;
            if (distances.Count == 0)
            {
                yield return new Report(line.At, "No task of this work is a distance.");
            }
            else if (distances.Find(t => HasMarks(t) != marks) is { } other)
            {
                yield return new Report(
                    line.At,
                    marks
                        ? $"The {other.Movement} has no marks, so no section of it is seen: write marks every so many metres, "
                            + "or whole metres here."
                        : $"The {other.Movement} is counted in sections between marks: write whole sections here."
                );
            }
        }
    }

    private static bool HasMarks(Work.Task task) => task.Details.Any(d => d is Detail.Marks or Detail.Lengths);

    private static bool IsDistance(Work.Task task) => task.Amount.UnitOf() is AmountUnit.Metre or AmountUnit.Foot;
}
