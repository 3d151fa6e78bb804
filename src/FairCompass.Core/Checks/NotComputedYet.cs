using FairCompass.Core.Courses;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>A construct that is understood as text but not computed yet.</summary>
public sealed class NotComputedYet : ICheck
{
    /// <inheritdoc/>
    public string Id => "not-computed-yet";

    /// <inheritdoc/>
    public string Title => "Not computed yet";

    /// <inheritdoc/>
    public string Why => "The line is kept and printed as written. Totals, scores and the clock leave it out.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        NotComputed.In(context.Workout).Select(n => new Report(n.At, $"{Words.Capital(n.What)} is not computed yet."));
}
