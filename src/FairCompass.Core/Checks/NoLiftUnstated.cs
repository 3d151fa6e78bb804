using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A sum of several lifters without a word on one who has no good lift.</summary>
public sealed class NoLiftUnstated : ICheck
{
    /// <inheritdoc/>
    public string Id => "no-lift-unstated";

    /// <inheritdoc/>
    public string Title => "A sum of lifts, and nobody said what it is without one of them";

    /// <inheritdoc/>
    public string Why =>
        "A lift that is missed three times is common. Whether the other lifts stand alone moves an entry by half a table: say it before.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var score in context.Workout.Scores.Where(s => s.Measure == Measure.SumOfBestLoads))
        {
            var alone = context.Courses.Count > 0 && context.Courses.All(c => !c.Address.Division.IsTeam);
            // The best lifts of one athlete in one part lack no part.
            if (score.Lines.Any(l => l is ScoreLine.NoGoodLift) || (alone && score.Selection is not null))
            {
                continue;
            }

            Mend Say(string label, string rule) => new(label, UnfinishedUnstated.Under(context, score.At, "no good lift: " + rule));
            var mends = new List<Mend> { Say("Zero for all of it", "zero"), Say("The other lifts stand", "the others stand") };
            // Behind a part that may stay unfinished it would rank who finished it behind who did not.
            if (!PieceOfWork.Of(context.Workout).Any(p => p.IsHeaviest && p.InTimeLeft))
            {
                mends.Add(Say("Not scored", "not scored"));
            }

            yield return new Report(
                score.At,
                alone ? "What is the sum without a good lift in one of the parts?" : "What is the sum when one lifter has no good lift?",
                [.. mends]
            );
        }
    }
}
