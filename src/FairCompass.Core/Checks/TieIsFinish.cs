using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A tie-break at the finish itself.</summary>
public sealed class TieIsFinish : ICheck
{
    /// <inheritdoc/>
    public string Id => "tie-is-finish";

    /// <inheritdoc/>
    public string Title => "A tie-break at the finish itself";

    /// <inheritdoc/>
    public string Why => "Its time is the score, so it breaks no tie.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from score in context.Workout.Scores
        where score.Measure == Measure.Time
        from line in score.Lines.OfType<ScoreLine.TieTime>()
        where
            line.Mark == TieMark.Round
            && context.Workout.Stages is [Stage.Window { Items: [Work.Rounds { Times: { } times }] }]
            && line.Round == times
        let round = line.Round!.Value
        select new Report(
            line.At,
            $"Round {line.Round} is the last: its time is the finish itself, so it breaks no tie.",
            [
                .. round > 1 ? context.Instead(line.At.Line, $"round {round}", $"round {round - 1}", $"Write round {round - 1}") : [],
                .. context.Instead(line.At.Line, context.LineText(line.At), "tie: shared", "Share the place"),
            ]
        );
}
