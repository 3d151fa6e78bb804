namespace FairCompass.Core.Checks;

/// <summary>A bar that is pulled from the floor without a plate of full diameter on it.</summary>
public sealed class PullPlates : ICheck
{
    /// <inheritdoc/>
    public string Id => "pull-plates";

    /// <inheritdoc/>
    public string Title => "A pull from lower than a full plate";

    /// <inheritdoc/>
    public string Why => "A bar on small plates, or on none, starts lower than the bars beside it, and the lift is another one.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var bars = context.Bars;
        return LowBars
            .Reports(
                context,
                context.Prescribed.Where(t => t.At == default && bars.IsPulled(t)),
                (who, loads, enough) => $"{who}: no plate of full diameter at {loads}, so the bar starts below the height of one.{enough}"
            )
            // A deadlift is that height; a clean or a front squat from the floor only begins there.
            .Select(r => IsDeadlift(context, r.At.Line) ? r : r with { Matters = Severity.WorthALook });
    }

    private static bool IsDeadlift(CheckContext context, int line) =>
        context.TaskLines.Any(t =>
            t.Movement.Contains("deadlift", StringComparison.OrdinalIgnoreCase)
            && (t.At.Line == line || t.Lines.Any(l => l.At.Line == line))
        );
}
