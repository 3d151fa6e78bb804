namespace FairCompass.Core.Checks;

/// <summary>Two scores of one name.</summary>
public sealed class TwoScoresOneName : ICheck
{
    /// <inheritdoc/>
    public string Id => "two-scores-one-name";

    /// <inheritdoc/>
    public string Title => "Two scores of one name";

    /// <inheritdoc/>
    public string Why => "The results have two columns of one name.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Scores.Where(s => s.Label is not null)
            .GroupBy(s => s.Label, StringComparer.OrdinalIgnoreCase)
            .Where(g => g.Count() > 1)
            .Select(g => new Report(
                g.Last().At,
                $"Two scores are called {g.Key}: the table of results has two columns of one name.",
                context.Instead(
                    g.Last().At.Line,
                    $"score {g.Key}",
                    $"score {FreeName.Of(context, g.Key!)}",
                    $"Write score {FreeName.Of(context, g.Key!)}"
                )
            ));
}
