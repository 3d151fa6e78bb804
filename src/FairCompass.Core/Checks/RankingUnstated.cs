using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Entries of one division that are made up differently, and nobody has said whether they are ranked together.</summary>
public sealed class RankingUnstated : ICheck
{
    /// <inheritdoc/>
    public string Id => "ranking-unstated";

    /// <inheritdoc/>
    public string Title => "Line-ups that are ranked nobody knows how";

    /// <inheritdoc/>
    public string Why =>
        "With other loads for men and women, a board for all compares what each carried only if everybody agreed to it before.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        if (context.Workout.Headers.OfType<Header.Entries>().FirstOrDefault() is { Makes.Count: > 1 } said)
        {
            if (said.Apart is null)
            {
                TextEdit With(string how) =>
                    new(said.At.Line, said.At.Column, said.At.Length, context.LineText(said.At) + ", ranked " + how);
                yield return new Report(
                    said.At,
                    "Are these entries ranked together or apart?",
                    new Mend("Ranked together", With("together")),
                    new Mend("Ranked apart", With("apart"))
                );
            }

            yield break;
        }

        foreach (
            var division in context
                .Courses.Select(c => context.Competition.Find(c.Address.Division.Name))
                .OfType<Competitions.Division>()
                .Distinct()
                .Where(d => d.Entries.Count > 1 && d.RankedApart is null)
        )
        {
            yield return new Report(
                new SourceRange(1, 1, 1),
                $"Entries of {division.Name} may be made up differently; say with the division whether they are ranked together or apart."
            );
        }
    }
}
