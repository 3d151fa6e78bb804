using FairCompass.Core.Courses;

namespace FairCompass.Core.Checks;

/// <summary>More units than are counted.</summary>
public sealed class TooLarge : ICheck
{
    /// <inheritdoc/>
    public string Id => "too-large";

    /// <inheritdoc/>
    public string Title => "More work than can be counted";

    /// <inheritdoc/>
    public string Why => "Totals stop at a million billion; somewhere a number is wrong.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context.TooLarge is { } objection ? [new Report(new(1, 1, 1), objection)] : Parts(context);

    private static IEnumerable<Report> Parts(CheckContext context) =>
        context
            .Courses.Take(1)
            .SelectMany(c => c.Pieces)
            .Where(p => p.Strands.Any(s => s.Counter.TooLarge))
            .Select(p => new Report(p.Piece.At, $"The total of {p.Piece.Name} is too large to explain."))
            .Concat(
                context
                    .Courses.Where(c => c.Clock.TooMany)
                    .Take(1)
                    .Select(c => new Report(
                        c.Clock.Pieces is [.., var last] ? last.At : context.Workout.Stages[0].At,
                        $"More than {Clockwork.LargestCount} windows and turns, or {Clockwork.MostSteps} with the rests; the "
                            + "rest is left out."
                    ))
            );
}
