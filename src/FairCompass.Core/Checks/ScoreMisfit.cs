using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A score line that refers to what is not there, or does not fit its part.</summary>
public sealed class ScoreMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "score-misfit";

    /// <inheritdoc/>
    public string Title => "A score that does not fit the work";

    /// <inheritdoc/>
    public string Why => "The score desk could not compute it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Sheets.SelectMany(s => s.Problems)
            .Select(p => (p.At.Line, p.At.Column, p.At.Length, p.Sentence))
            .Distinct()
            .Select(p => new Report(
                new(p.Line, p.Column, p.Length),
                p.Sentence,
                // A tie-break that decides nothing can go; everything else is somebody’s decision.
                context.LineText(new(p.Line, p.Column, p.Length)).StartsWith("tie:", StringComparison.Ordinal)
                && TiesOf(context, p.Line) > 1
                    ? [context.RemoveLine(p.Line)]
                    : []
            ));

    private static int TiesOf(CheckContext context, int line) =>
        context.Workout.Scores.Where(s => s.Lines.Any(l => l.At.Line == line)).Sum(s => s.Lines.Count(l => IsTie(context, l)));

    private static bool IsTie(CheckContext context, ScoreLine line) =>
        context.LineText(line.At).StartsWith("tie:", StringComparison.Ordinal);
}
