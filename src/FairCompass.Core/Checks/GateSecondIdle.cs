using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rule for gates where there are none.</summary>
public sealed class GateSecondIdle : ICheck
{
    /// <inheritdoc/>
    public string Id => "gate-second-idle";

    /// <inheritdoc/>
    public string Title => "A rule for gates where there are none";

    /// <inheritdoc/>
    public string Why => "The line decides nothing.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Policies.OfType<Policy.GateOnSecond>()
            .Where(_ => !context.AllWork.OfType<Work.Gate>().Any())
            .Select(p => new Report(p.At, "No gate is in this workout, so the line decides nothing.", context.RemoveLine(p.At.Line)));
}
