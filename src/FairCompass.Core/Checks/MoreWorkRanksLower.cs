using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rule under which more work can rank lower.</summary>
public sealed class MoreWorkRanksLower : ICheck
{
    /// <inheritdoc/>
    public string Id => "more-work-ranks-lower";

    /// <inheritdoc/>
    public string Title => "A rule under which more work can rank lower";

    /// <inheritdoc/>
    public string Why => "Athletes would gain by stopping. Such a rule cannot be used.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var score in context.Workout.Scores)
        {
            foreach (var line in score.Lines.OfType<ScoreLine.Penalty>())
            {
                if (Example(context, score) is { } found)
                {
                    yield return new Report(
                        line.At,
                        Sentence(found),
                        line.Missing
                            ? line.FromOwnCap
                                ?
                                [
                                    new Mend(
                                        "Count from the longest cap",
                                        new TextEdit(
                                            line.At.Line,
                                            line.At.Column,
                                            line.At.Length,
                                            $"unfinished: +{line.Each} for each missing rep"
                                        )
                                    ),
                                    new Mend(
                                        "Cap line by reps",
                                        new TextEdit(line.At.Line, line.At.Column, line.At.Length, "unfinished: cap line by reps")
                                    ),
                                ]
                                : []
                            :
                            [
                                new Mend(
                                    "Count what is missing",
                                    new TextEdit(
                                        line.At.Line,
                                        line.At.Column,
                                        line.At.Length,
                                        $"unfinished: +{line.Each} for each missing rep"
                                    )
                                ),
                                new Mend(
                                    "Cap line by reps",
                                    new TextEdit(line.At.Line, line.At.Column, line.At.Length, "unfinished: cap line by reps")
                                ),
                            ]
                    );
                }
            }
        }
    }

    private static CounterExample? Example(CheckContext context, Score score)
    {
        for (var i = 0; i < context.Courses.Count; i++)
        {
            var component = context.Sheets[i].Components.FirstOrDefault(c => ReferenceEquals(c.Source, score));
            if (component?.Cap is not { } rule)
            {
                continue;
            }

            var piece = context.Courses[i].Pieces.First(p => p.Piece.Key == component.Pieces[0]);
            if (
                piece.Limit is { } limit
                && piece.Total(component.Tally) is > 0 and var total
                && Monotone.Find(
                    rule,
                    total,
                    limit with
                    {
                        Gates = limit.Gates.Select(g => g with { Units = piece.Strand!.Sum(g.Units, component.Tally) }).ToEq(),
                    }
                )
                    is { } found
            )
            {
                return found;
            }
        }

        return null;
    }

    private static string Sentence(CounterExample e) =>
        e.MoreFinish is { } finish
            ? $"Who finishes in {finish} would lose to who was stopped after {e.LessUnits} reps with {e.LessValue}."
            : $"{e.MoreUnits} reps at the cap give {e.MoreValue}, but {e.LessUnits} reps give {e.LessValue}, which ranks higher.";
}
