using FairCompass.Core.InForce;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rule for clips without a bar.</summary>
public sealed class ClipsIdle : ICheck
{
    /// <inheritdoc/>
    public string Id => "clips-idle";

    /// <inheritdoc/>
    public string Title => "A rule for clips without a bar";

    /// <inheritdoc/>
    public string Why => "The line decides nothing.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        return context
            .Workout.Policies.OfType<Policy.Clips>()
            .Where(_ =>
                !context.TaskLines.Any(t =>
                    book.Find(t.Movement) is null or { Kit: Standards.MovementKit.Barbell or Standards.MovementKit.BarToClear }
                )
            )
            .Select(p => new Report(p.At, "No bar is in this workout, so the line decides nothing.", context.RemoveLine(p.At.Line)));
    }
}
