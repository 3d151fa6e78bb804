using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rule for unfinished intervals that <c>first</c> and <c>then</c> cannot keep.</summary>
public sealed class IntervalMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "interval-misfit";

    /// <inheritdoc/>
    public string Title => "A rule for unfinished intervals that first and then cannot keep";

    /// <inheritdoc/>
    public string Why => "What comes first is one running count; no card shows which of it was done in an interval that is void.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .AllWork.OfType<Work.Every>()
            .Where(e => !e.IsPlain)
            .SelectMany(e =>
                e.EndsWork ? [Told(e, "unfinished ends the work", "the work ends")]
                : e.Counts == false ? [Told(e, "nothing of it counts", "nothing counts")]
                : Array.Empty<Report>()
            );

    private static Report Told(Work.Every every, string words, string what) =>
        new(
            every.At,
            $"Where {what} with an interval that is not finished, each interval is counted for itself: write its work as a plain list, "
                + "without first and then.",
            new Mend($"Remove “{words}”", new TextEdit(every.At.Line, every.At.Column, every.At.Length, Without(every)))
        );

    /// <summary>The line with what <c>first</c> and <c>then</c> can keep.</summary>
    private static string Without(Work.Every every) => $"every {every.Each?.ToString() ?? "unset"}, unfinished is skipped";
}
