using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A part that can stay unfinished without anybody having said how it is scored then.</summary>
public sealed class UnfinishedUnstated : ICheck
{
    /// <inheritdoc/>
    public string Id => "unfinished-unstated";

    /// <inheritdoc/>
    public string Title => "An unfinished part whose score nobody stated";

    /// <inheritdoc/>
    public string Why => "In most heats somebody hits the cap. Settled afterwards, it looks like favour.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var pieces = PieceOfWork.Of(context.Workout);
        foreach (var score in context.Workout.Scores)
        {
            if (score.Measure is Measure.Time or Measure.HallClock && !score.Lines.Any(l => l is ScoreLine.CapLine or ScoreLine.Penalty))
            {
                yield return new Report(
                    score.At,
                    "How is somebody scored who does not finish?",
                    new Mend("Cap line by reps", Under(context, score.At, "unfinished: cap line by reps")),
                    new Mend("+1 s for each missing rep", Under(context, score.At, "unfinished: +0:01 for each missing rep"))
                );
            }

            var first = score.Of.Count == 0 ? null : pieces.FirstOrDefault(p => p.Label == score.Of[0].ToString());
            var before = first is { InTimeLeft: true } ? pieces.TakeWhile(p => p.Key != first.Key).LastOrDefault() : null;
            if (before?.Label is { } name && !score.Lines.OfType<ScoreLine.Cascade>().Any(l => l.Part == name))
            {
                yield return new Report(
                    score.At,
                    $"What is this score when {name} is not finished?",
                    new Mend("Not reached", Under(context, score.At, $"{name} unfinished: not reached")),
                    new Mend("Zero", Under(context, score.At, $"{name} unfinished: zero"))
                );
            }
        }
    }

    /// <summary>A new line under the line at a place, after its note and comment.</summary>
    internal static TextEdit Under(CheckContext context, SourceRange line, string text) =>
        new(
            line.Line,
            (line.Line >= 1 && line.Line <= context.Lines.Count ? context.Lines[line.Line - 1].Length : 0) + 1,
            0,
            "\n" + new string(' ', line.Column + 1) + text
        );
}
