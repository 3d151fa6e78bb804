using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A score in reps for work that ends.</summary>
public sealed class RepsOfFixedWork : ICheck
{
    /// <inheritdoc/>
    public string Id => "reps-of-fixed-work";

    /// <inheritdoc/>
    public string Title => "A score in reps for work that ends";

    /// <inheritdoc/>
    public string Why => "Everybody who finishes has the same number and shares the place.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context.Workout.Stages is [Stage.Window { Goal: Goal.Time }]
        && context.Courses is [{ Pieces: [{ IsCounted: true, Strand.Units: not null }] }, ..]
            ? context
                .Workout.Scores.Where(s => s is { Measure: Measure.Reps, Of.Count: 0 })
                .Select(s => new Report(
                    s.At,
                    "The work is for time and ends, and the score counts reps: everybody who finishes has the same number and shares the "
                        + "place."
                ))
            : [];
}
