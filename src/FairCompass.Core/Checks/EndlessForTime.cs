using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
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
        PieceOfWork
            .Of(context.Workout)
            .Where(p => p.Goal == Goal.Time)
            .SelectMany(p =>
                p.Items.SelectMany(Endless)
                    .Select(e => new Report(
                        e.Work.At,
                        e.Sentence,
                        [.. ForReps(context, p), .. IsTimed(context) ? ClosedRounds.Of(context, e.Work) : []]
                    ))
            );

    private static IEnumerable<(Work Work, string Sentence)> Endless(Work work) =>
        work switch
        {
            Work.Rounds { HasNoEnd: true } => [(work, "These rounds have no end, but the part is for time.")],
            Work.Scheme { Of.First: { Continues: true, Last: null } } =>
            [
                (work, "This ladder has no end, but the part is for time. Close it, as in 2-4-6-...-20, or make the part for reps."),
            ],
            Work.Task { Amount: Amount.Max } => [(work, "“max” has no end, but the part is for time.")],
            Work.Rounds r => r.Items.SelectMany(Endless),
            Work.Scheme s => s.Items.SelectMany(Endless),
            Work.AnyOrder a => a.Items.SelectMany(Endless),
            Work.Every e => e.Then.SelectMany(Endless),
            _ => [],
        };

    private static bool IsTimed(CheckContext context) => context.Workout.Scores.All(s => s.Measure is Measure.Time or Measure.HallClock);

    /// <summary>The part for reps, and so its only score; none where several scores or parts make it a choice.</summary>
    private static Mend[] ForReps(CheckContext context, PieceOfWork piece)
    {
        if (
            context.Pieces.Count != 1
            || context.Workout.Scores is not [{ Measure: Measure.Time or Measure.Reps } score]
            || context.Instead(piece.At.Line, "for time", "for reps", "Write for reps") is not [var first]
        )
        {
            return [];
        }

        // A score of reps is right then; one of time becomes one of reps, and who does not finish is nobody.
        return score.Measure == Measure.Reps ? [first]
            : context.Instead(score.At.Line, ": time", ": reps", "") is [var second]
                ?
                [
                    first with
                    {
                        More =
                        [
                            second.Edit,
                            .. score
                                .Lines.Where(l => l is ScoreLine.CapLine or ScoreLine.Penalty)
                                .Select(l => context.RemoveLine(l.At.Line).Edit),
                        ],
                    },
                ]
            : [];
    }
}
