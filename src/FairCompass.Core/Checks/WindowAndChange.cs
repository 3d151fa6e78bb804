using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A re-rig that is said to be in a window and in the change before it.</summary>
public sealed class WindowAndChange : ICheck
{
    /// <inheritdoc/>
    public string Id => "window-and-change";

    /// <inheritdoc/>
    public string Title => "A change of the bar at two times";

    /// <inheritdoc/>
    public string Why => "The crew stands at the bar at one of them, and the athletes wait at the other.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WorkTree
            .ReRigsAt(context.Workout)
            .Where(r => r.Rule is { Window: not null, InChange: true })
            .Select(r => new Report(
                r.At,
                $"In window {r.Rule.Window} and in the change before it: one of the two.",
                [
                    .. context.Instead(r.At.Line, ", in the change", "", "Remove “in the change”"),
                    .. context.Instead(r.At.Line, $", in window {r.Rule.Window}", "", $"Remove “in window {r.Rule.Window}”"),
                ]
            ));
}
