namespace FairCompass.Core.Checks;

/// <summary>Two parts of one name.</summary>
public sealed class SameNameTwice : ICheck
{
    /// <inheritdoc/>
    public string Id => "same-name-twice";

    /// <inheritdoc/>
    public string Title => "Two parts of one name";

    /// <inheritdoc/>
    public string Why => "A score of that name would be of which?";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Stages.Where(s => s.Label is not null)
            .GroupBy(s => s.Label, StringComparer.OrdinalIgnoreCase)
            .Where(g => g.Count() > 1)
            .Select(g => new Report(
                g.Last().At,
                $"Two parts are called {g.Key}: a score of {g.Key} is of which?",
                context.Instead(g.Last().At.Line, $"{g.Key}:", $"{FreeName.Of(context, g.Key!)}:", $"Write {FreeName.Of(context, g.Key!)}")
            ));
}
