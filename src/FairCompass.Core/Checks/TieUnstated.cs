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

            yield return new Report(score.At, "What decides a tie?", [.. mends]);
        }
    }
}
