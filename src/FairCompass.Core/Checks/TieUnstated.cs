using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A score without a word on ties.</summary>
public sealed class TieUnstated : ICheck
{
    /// <inheritdoc/>
    public string Id => "tie-unstated";

    /// <inheritdoc/>
    public string Title => "No tie-break stated";

    /// <inheritdoc/>
    public string Why => "Whole seconds and equal counts tie often. Sharing the place is a good answer too, but it has to be said before.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var score in context.Workout.Scores)
        {
            if (
                score.Selection is { Of: not SelectionOf.Load }
                || score.Lines.Any(l =>
                    l is ScoreLine.TieShared or ScoreLine.TieScore or ScoreLine.TieTime or ScoreLine.TieMeasure or ScoreLine.TieLowestMember
                )
            )
            {
                continue;
            }

            var other = context.Workout.Scores.FirstOrDefault(s => s.Label is not null && s.Label != score.Label)?.Label;
            var mends = new List<Mend> { new("Ties share the place", UnfinishedUnstated.Under(context, score.At, "tie: shared")) };
            if (other is not null)
            {
                mends.Add(new($"Score {other} decides", UnfinishedUnstated.Under(context, score.At, $"tie: score {other}")));
            }

            mends.AddRange(
                Moments(context.Workout).Select(m => new Mend(m.Label, UnfinishedUnstated.Under(context, score.At, $"tie: {m.Line}")))
            );
            yield return new Report(score.At, "What decides a tie?", [.. mends]);
        }
    }

    /// <summary>More moments than this are not offered: who wants another writes it.</summary>
    private const int MostMoments = 4;

    /// <summary>Moments of the work whose time can be taken: ends of rounds but the last, which is the finish, gates, and
    /// checkpoints. Only of work in one order, for one score of one window, where each name means one thing.</summary>
    private static IEnumerable<(string Label, string Line)> Moments(Workout workout)
    {
        if (workout is not { Stages: [Stage.Window { Goal: Goal.Time or Goal.Reps } window], Scores.Count: 1 })
        {
            return [];
        }

        var work = WorkTree.Walk(window.Items).ToList();
        var checkpoints = work.OfType<Work.Checkpoint>().Select(c => ($"The earlier time at {c.Name}", $"time at {c.Name}"));
        var gates = work.Any(w => w is Work.Gate)
            ? [("The earlier time at the last gate passed", "time at the last gate passed")]
            : Enumerable.Empty<(string, string)>();
        return Rounds(window, work).Concat(gates).Concat(checkpoints).Take(MostMoments);
    }

    private static IEnumerable<(string Label, string Line)> Rounds(Stage.Window window, IReadOnlyList<Work> work)
    {
        var loops = work.Where(w => w is Work.Rounds or Work.Scheme).ToList();
        if (loops is not [var loop] || work.Any(w => w is Work.Every or Work.AnyOrder or Work.GroupOf))
        {
            return [];
        }

        if (loop is Work.Rounds { HasNoEnd: true })
        {
            return [("The earlier time at the last full round", "time at the last full round")];
        }

        // Behind the last round there may be more work, and then its end is a moment too.
        var last = ReferenceEquals(window.Items[^1], loop) ? 1 : 0;
        var times = loop is Work.Rounds { Times: { } n, Others.Count: 0 } ? n : (loop as Work.Scheme)?.Of.First.Length ?? 0;
        return Enumerable
            .Range(1, (int)Math.Clamp(times - last, 0, 99))
            .Reverse()
            .Select(k => ($"The earlier time at the end of round {k}", $"time at round {k}"));
    }
}
