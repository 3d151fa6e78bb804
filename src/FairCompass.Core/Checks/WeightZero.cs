using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Scores that all weigh nothing.</summary>
public sealed class WeightZero : ICheck
{
    /// <inheritdoc/>
    public string Id => "weight-zero";

    /// <inheritdoc/>
    public string Title => "Scores that all weigh nothing";

    /// <inheritdoc/>
    public string Why => "Nothing of this workout reaches the overall table.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var weights = context.Workout.Scores.Select(s => s.Lines.OfType<ScoreLine.Weight>().FirstOrDefault()).ToList();
        if (weights.Count > 0 && weights.TrueForAll(x => x is { Of.Value: 0 }))
        {
            yield return new Report(
                weights[0]!.At,
                "All weights are 0: nothing of this workout reaches the overall table.",
                context.Instead(weights[0]!.At.Line, "weight 0", "weight 1", "Write weight 1")
            );
        }
    }
}
