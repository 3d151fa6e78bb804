using FairCompass.Core.Courses;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A window without work, or a workout without a window.</summary>
public sealed class NoWork : ICheck
{
    /// <inheritdoc/>
    public string Id => "no-work";

    /// <inheritdoc/>
    public string Title => "Nothing to do";

    /// <inheritdoc/>
    public string Why => "There is time on the clock, or rounds, and no work in it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        if (context.Workout.Stages.Count == 0 && context.Workout.Title.Length > 0 && !context.HasHoleAtTheEdge)
        {
            yield return new Report(context.Workout.At, "There is no window yet. Begin with a time, such as 9:00 for time.");
        }

        foreach (var clock in context.Workout.Stages.OfType<Stage.Clock>().Where(c => c.Pieces.Count == 0 && !context.HasHoleUnder(c.At)))
        {
            yield return new Report(clock.At, "This clock has no parts. Write A: for time under it.");
        }

        foreach (var piece in PieceOfWork.Of(context.Workout).Where(p => p.Items.Count == 0 && !context.HasHoleUnder(p.At)))
        {
            yield return new Report(
                piece.At,
                $"There is no work under {piece.Label ?? "this window"}.",
                context.Pieces.Count > 1 ? [context.RemoveLine(piece.At.Line)] : []
            );
        }

        foreach (
            var work in context.AllWork.Where(w =>
                w is (Work.Rounds { Items.Count: 0 } or Work.Scheme { Items.Count: 0 }) && !context.HasHoleUnder(w.At)
            )
        )
        {
            yield return new Report(work.At, "There is no work in these rounds.", context.RemoveLine(work.At.Line));
        }
    }
}
