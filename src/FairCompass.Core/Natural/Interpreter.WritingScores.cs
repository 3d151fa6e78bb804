namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private void WriteScores()
    {
        var labels = parts.Where(p => p.Label.Length > 0).ToList();
        if (labels.Count > 0 && !onlyOneScore && scores.TrueForAll(x => x.Label.Length > 0))
        {
            foreach (var p in labels)
            {
                var score = scores.Find(x => x.Label == p.Label);
                WriteScore(score ?? new() { Label = p.Label }, MeasureFor(p, score) + " of " + p.Label);
            }

            return;
        }

        if (scores.Count > 1 && scores.TrueForAll(x => x.Label.Length > 0))
        {
            foreach (var score in scores)
            {
                WriteScore(score, (score.Measure.Length > 0 ? score.Measure : "reps") + OfStation(score));
            }

            return;
        }

        var only = scores.Find(x => x.Label.Length == 0) ?? new();
        WriteScore(
            only,
            only.Measure.Length > 0 && !(only.Measure == "time" && GoalOf(parts[0]) != "time") ? only.Measure : MeasureFor(parts[0], only)
        );
    }

    /// <summary>The station whose movement or unit a score counts; empty for all.</summary>
    private string OfStation(ScoreItem score)
    {
        var stations = parts
            .SelectMany(p => p.Work.Items)
            .OfType<Block>()
            .Where(b => b.Head.StartsWith("station ", StringComparison.Ordinal))
            .ToList();
        var its = stations.FindAll(b =>
            b.Tasks.Any(t => score.Only is { } only ? IsMeant(t, only) : score.Measure == "calories" && t.Unit == "cal")
        );
        return its.Count == 1 && stations.Count > 1 ? " of " + its[0].Head[8..] : "";
    }

    private string MeasureFor(Part p, ScoreItem? score) =>
        GoalOf(p) switch
        {
            "reps" when IsOnlyHeld(p) => "seconds",
            "load" => "best load",
            "time" when score?.Measure is null or "" or "time" or "reps" => "time",
            var goal when score?.Measure is { Length: > 0 } said && goal != "time" => said,
            var goal => goal,
        };

    private void WriteScore(ScoreItem score, string measure)
    {
        // A rule of a score that is typed by itself belongs to the score of the draft, whatever that is.
        if (!OfALine || score.Measure.Length > 0)
        {
            draft.Add(
                0,
                $"score{(score.Label.Length > 0 ? " " + score.Label : "")}: {measure}",
                score.Lines.FirstOrDefault(),
                score.Measure.Length > 0 ? "how it is scored" : "what the form implies"
            );
        }

        foreach (
            var line in score
                .Under.Distinct()
                .OrderBy(u =>
                    u.StartsWith("unfinished", StringComparison.Ordinal) ? 0
                    : u.StartsWith("tie", StringComparison.Ordinal) ? 2
                    : 1
                )
        )
        {
            if (OfALine || !line.StartsWith("unfinished", StringComparison.Ordinal) || measure.StartsWith("time", StringComparison.Ordinal))
            {
                draft.Add(1, line, score.Lines.FirstOrDefault(), "a rule of the score");
            }
        }
    }
}
