using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Two scores that rank alike.</summary>
public sealed class TwoScoresOfOne : ICheck
{
    /// <inheritdoc/>
    public string Id => "two-scores-of-one";

    /// <inheritdoc/>
    public string Title => "Two scores that rank alike";

    /// <inheritdoc/>
    public string Why => "The same thing counts twice in the overall table.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from pair in context.Workout.Scores.SelectMany((a, i) => context.Workout.Scores.Skip(i + 1).Select(b => (A: a, B: b)))
        where
            pair.A.Of.Select(w => w.ToString()).SequenceEqual(pair.B.Of.Select(w => w.ToString()))
            && (pair.A.Measure, pair.B.Measure) is (Measure.Reps, Measure.RoundsAndReps) or (Measure.RoundsAndReps, Measure.Reps)
            && pair.B.Lines.OfType<ScoreLine.Weight>().All(x => x.Of.Value != 0)
            && pair.A.Lines.OfType<ScoreLine.Weight>().All(x => x.Of.Value != 0)
        select new Report(
            pair.B.At,
            $"{pair.A.Label ?? "One"} and {pair.B.Label ?? "the other"} rank alike: the same thing counts twice in the overall table.",
            context.Followed(pair.B.At.Line, "  weight 0", $"Weigh {pair.B.Label ?? "the other"} 0")
        );
}
