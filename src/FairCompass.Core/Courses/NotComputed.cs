using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>
/// Constructs of the notation that are understood as text but not computed yet. They are kept, printed in the briefs as
/// written, and named, so that nobody takes a total for complete that is not.
/// </summary>
public static class NotComputed
{
    /// <summary>Each line with such a construct, with its name.</summary>
    public static IEnumerable<(SourceRange At, string What)> In(Workout workout)
    {
        foreach (var header in workout.Headers)
        {
            if (header is Header.Levels or Header.Groups or Header.Video)
            {
                yield return (header.At, header switch { Header.Levels => "levels with boards", Header.Groups => "groups of a team", _ => "the video rule" });
            }
        }

        foreach (var stage in workout.Stages)
        {
            foreach (var found in In(stage))
            {
                yield return found;
            }
        }

        foreach (var score in workout.Scores)
        {
            if (score.Measure is Measure.HallClock or Measure.Points or Measure.SumOfBestLoads or Measure.Calories or Measure.Metres)
            {
                yield return (score.At, "this measure");
            }

            foreach (var line in score.Lines)
            {
                if (line is ScoreLine.TieMeasure or ScoreLine.TieLowestMember or ScoreLine.TieTime { Mark: TieMark.LastGate } or ScoreLine.Weight
                    or ScoreLine.CapLine { By: not CountedAs.Reps } or ScoreLine.Penalty { Of: not CountedAs.Reps })
                {
                    yield return (line.At, line is ScoreLine.Weight ? "the weight of a score" : line is ScoreLine.CapLine or ScoreLine.Penalty ? "this cap rule" : "this tie-break");
                }
            }
        }

        foreach (var policy in workout.Policies)
        {
            if (policy is not Policy.Bell)
            {
                yield return (policy.At, "this rule");
            }
        }
    }

    /// <summary>True when the details of a task leave its counting plain: one unit, one rep, every round.</summary>
    public static bool CountsPlainly(Work.Task task) =>
        !task.Details.Any(ChangesCounting) && !task.Lines.Any(l => l is TaskLine.Between
            || (l is TaskLine.Override o && (o.Choose || o.Details.Any(ChangesCounting))));

    private static bool ChangesCounting(Detail detail) => detail is Detail.Lengths or Detail.Marks or Detail.Chunks or Detail.Counts
        or Detail.EveryCount or Detail.Credited or Detail.Uncounted or Detail.Bonus or Detail.Only or Detail.EveryNth;

    private static IEnumerable<(SourceRange At, string What)> In(Stage stage)
    {
        switch (stage)
        {
            case Stage.Window w:
                return InBlock(w.Items);
            case Stage.Clock c:
                return c.Pieces.SelectMany(p => InBlock(p.Items));
            case Stage.Gap:
                return [];
            default:
                var what = stage switch
                {
                    Stage.Cycles => "cycles",
                    Stage.Relay => "a relay",
                    Stage.Rota => "a rota",
                    Stage.Waves => "waves",
                    _ => "stations with a swap",
                };
                return [(stage.At, what)];
        }
    }

    private static IEnumerable<(SourceRange At, string What)> InBlock(Eq<Work> items) => items.SelectMany(In);

    private static IEnumerable<(SourceRange At, string What)> In(Work work) => work switch
    {
        Work.Task t => In(t),
        Work.Rounds r => InBlock(r.Items),
        Work.Scheme s => InBlock(s.Items),
        Work.Every e => InBlock(e.First).Concat(InBlock(e.Then)).Prepend((e.At, "every interval")),
        Work.Complex c => [(c.At, "a complex")],
        Work.AnyOrder a => InBlock(a.Items).Prepend((a.At, "any order")),
        Work.GroupOf g => InBlock(g.Items).Prepend((g.At, "a group working apart")),
        Work.OwnRest => [(work.At, "a rest of one's own")],
        Work.Gate => [(work.At, "a gate")],
        Work.RuleLine { Rule: Rule.Remark } => [],
        Work.RuleLine => [(work.At, "this rule")],
        _ => [],
    };

    private static IEnumerable<(SourceRange At, string What)> In(Work.Task task)
    {
        foreach (var detail in task.Details)
        {
            if (ChangesCounting(detail) || detail is Detail.Flag)
            {
                yield return (detail.At, ChangesCounting(detail) ? "this way of counting" : "this phrase");
            }
        }

        if (task.Amount is Amount.Held)
        {
            yield return (task.At, "time held");
        }

        foreach (var line in task.Lines)
        {
            var what = line switch
            {
                TaskLine.Between => "a forced move",
                TaskLine.Attempt => "attempts as turns",
                TaskLine.Override { Choose: true } => "an athlete's choice",
                TaskLine.Override o when o.Details.Any(ChangesCounting) => "this way of counting",
                TaskLine.Override o when o.For.SelectMany(w => w.Names).Any(IsPlaceOrRound) => "values by place in the team or round",
                TaskLine.RuleOf { Rule: not Rule.Remark } => "this rule",
                _ => null,
            };
            if (what is not null)
            {
                yield return (line.At, what);
            }
        }
    }

    /// <summary>True for a position such as <c>2nd</c>, and for <c>round 2</c> and <c>cycle 2</c>.</summary>
    public static bool IsPlaceOrRound(string name) =>
        name.StartsWith("round ", StringComparison.Ordinal) || name.StartsWith("cycle ", StringComparison.Ordinal)
        || (name.Length > 2 && char.IsAsciiDigit(name[0]) && name[^2..] is "st" or "nd" or "rd" or "th" && name[..^2].All(char.IsAsciiDigit));
}
