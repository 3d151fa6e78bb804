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

                var end = new TextEdit(last, context.Lines[last - 1].Length + 1, 0, "");
                yield return new Report(
                    w.At,
                    "No score is stated.",
                    [.. Usual(pieces).Select(s => new Mend(s.Label, end with { Text = "\n\n" + s.Text }))]
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

    /// <summary>The usual scores of some pieces: of one by what it is for; of several lifts their sum, each alone, or the best of all; of
    /// others one for each. None where a piece has no name to score it by.</summary>
    private static IEnumerable<(string Label, string Text)> Usual(IReadOnlyList<PieceOfWork> pieces)
    {
        if (pieces is [var only])
        {
            var text = Score("score", only, null);
            yield return ("Add " + text.Split('\n')[0], text);
            yield break;
        }

        if (pieces.Any(p => p.Label is null) || pieces.Select(p => p.Label).Distinct().Count() != pieces.Count)
        {
            yield break;
        }

        var names = string.Join(", ", pieces.Select(p => p.Label));
        var lifts = pieces.All(p => p is { IsHeaviest: true, IsRising: false });
        if (lifts)
        {
            yield return ("The sum of the best of each", $"score: sum of best loads of {names}\n  no good lift: zero\n  tie: shared");
        }

        yield return ("A score for each", string.Join('\n', pieces.Select(p => Score($"score {p.Label}", p, p.Label) + Before(pieces, p))));
        if (lifts)
        {
            yield return ("The best of all", $"score: best load of {names}\n  tie: shared");
        }
    }

    /// <summary>What a part in the time left is without the part before it.</summary>
    private static string Before(IReadOnlyList<PieceOfWork> pieces, PieceOfWork piece) =>
        piece.InTimeLeft && pieces.TakeWhile(p => p.Key != piece.Key).LastOrDefault()?.Label is { } before
            ? $"\n  {before} unfinished: not reached"
            : "";

    private static string Score(string head, PieceOfWork piece, string? of)
    {
        var measure = piece switch
        {
            { IsRising: true } => "height",
            { IsHeaviest: true } => "best load",
            { Goal: Goal.Time } => "time",
            { Goal: Goal.Calories } => "calories",
            { Goal: Goal.Metres } => "metres",
            { Goal: Goal.Points } => "points",
            _ => "reps",
        };
        return $"{head}: {measure}{(of is null ? "" : $" of {of}")}"
            + (measure == "time" ? "\n  unfinished: cap line by reps" : "")
            + "\n  tie: shared";
    }
}
