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
        return LowBars.Reports(
            context,
            context.Prescribed.Where(t => t.At == default && bars.IsPulled(t)),
            (who, loads, enough) => $"{who}: no plate of full diameter at {loads}, so the bar starts below the height of one.{enough}"
        );
    }
}
