using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Work that no score counts.</summary>
public sealed class NoScore : ICheck
{
    /// <inheritdoc/>
    public string Id => "no-score";

    /// <inheritdoc/>
    public string Title => "Work that no score counts";

    /// <inheritdoc/>
    public string Why => "Athletes would do it for nothing, or everybody assumes another score.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var w = context.Workout;
        var pieces = PieceOfWork.Of(w);
        if (w.Scores.Count == 0)
        {
            if (w.Stages.Count > 0 && !context.HasHoleAtTheEdge)
            {
                var last = context.Lines.Count;
                while (last > 1 && context.Lines[last - 1].Trim().Length == 0)
                {
                    last--;
                }

                var text =
                    pieces.Count == 1 && pieces[0].Goal == Goal.Time
                        ? "score: time\n  unfinished: cap line by reps\n  tie: shared"
                        : "score: reps\n  tie: shared";
                yield return new Report(
                    w.At,
                    "No score is stated.",
                    pieces.Count == 1
                        ? [new Mend("Add " + text.Split('\n')[0], new TextEdit(last, context.Lines[last - 1].Length + 1, 0, "\n\n" + text))]
                        : []
                );
            }

            yield break;
        }

        if (w.Scores.Any(s => s.Of.Count == 0) || pieces.Count < 2)
        {
            foreach (
                var piece in pieces.Where(p =>
                    p.IsHeaviest
                    && !w.Scores.Any(s =>
                        p.IsRising ? s.Measure == Measure.Height : s.Measure is Measure.BestLoad or Measure.SumOfBestLoads
                    )
                )
            )
            {
                yield return new Report(piece.At, $"No score counts the {(piece.IsRising ? "height" : "load")} of {piece.Name}.");
            }

            yield break;
        }

        var named = w.Scores.SelectMany(s => s.Of).Select(n => n.ToString()).ToHashSet(StringComparer.Ordinal);
        var missed = pieces.Where(p => !named.Any(n => p.Answers(n) || p.Swaps.Any(s => s.Name == n))).ToList();
        if (missed.Count > 0)
        {
            yield return new Report(missed[0].At, $"No score counts {Words.Join(missed.Select(p => p.Name).Distinct().Take(4))}.");
        }
    }
}
