using FairCompass.Core.Courses;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Work without an end in a part that is done for time.</summary>
public sealed class EndlessForTime : ICheck
{
    /// <inheritdoc/>
    public string Id => "endless-for-time";

    /// <inheritdoc/>
    public string Title => "Work without end in a part for time";

    /// <inheritdoc/>
    public string Why => "Nobody can finish it, so there is no time to score.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        PieceOfWork.Of(context.Workout).Where(p => p.Goal == Goal.Time).SelectMany(p => p.Items.SelectMany(Endless));

    private static IEnumerable<Report> Endless(Work work) =>
        work switch
        {
            Work.Rounds { HasNoEnd: true } => [new Report(work.At, "These rounds have no end, but the part is for time.")],
            Work.Scheme { Of.First: { Continues: true, Last: null } } =>
            [
                new Report(
                    work.At,
                    "This ladder has no end, but the part is for time. Close it, as in 2-4-6-...-20, or make the part for reps."
                ),
            ],
            Work.Task { Amount: Amount.Max } => [new Report(work.At, "“max” has no end, but the part is for time.")],
            Work.Rounds r => r.Items.SelectMany(Endless),
            Work.Scheme s => s.Items.SelectMany(Endless),
            Work.AnyOrder a => a.Items.SelectMany(Endless),
            Work.Every e => e.Then.SelectMany(Endless),
            _ => [],
        };
}
