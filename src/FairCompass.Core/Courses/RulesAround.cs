using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>Which rules hold for a task: its own, or those of the nearest block around it that has any.</summary>
public static class RulesAround
{
    /// <summary>The rule of sharing and the position that others hold for a task: its own, or those of the nearest block around it that
    /// has any; null for none.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="task">A task of it.</param>
    public static (Rule.Share? Share, Rule.Hold? Hold) Of(CoursePiece piece, CourseTask task)
    {
        var blocks = piece.Piece.Swaps.Count > 0 ? piece.Piece.Swaps.Select(s => s.Items) : [piece.Piece.Items];
        var rules = blocks.Select(b => Around(b, task.Source)).FirstOrDefault(r => r is not null) ?? [];
        rules.Insert(0, [.. task.Source.Lines.OfType<TaskLine.RuleOf>().Select(r => r.Rule)]);
        return (
            rules.Select(r => r.OfType<Rule.Share>().FirstOrDefault()).FirstOrDefault(s => s is not null),
            rules.Select(r => r.OfType<Rule.Hold>().FirstOrDefault()).FirstOrDefault(h => h is not null)
        );
    }

    /// <summary>The rules of each block around a task, the nearest first; null where the task is not among the items.</summary>
    private static List<List<Rule>>? Around(Eq<Work> items, Work.Task task)
    {
        foreach (var item in items)
        {
            var inside = ReferenceEquals(item, task)
                ? []
                : item switch
                {
                    Work.Rounds r => Around(r.Items, task),
                    Work.Scheme s => Around(s.Items, task),
                    Work.Complex c => c.Lifts.Any(l => ReferenceEquals(l, task)) ? [] : null,
                    Work.AnyOrder a => Around(a.Items, task),
                    Work.GroupOf g => Around(g.Items, task),
                    Work.Every e => Around(e.First, task) ?? Around(e.Then, task),
                    _ => (List<List<Rule>>?)null,
                };
            if (inside is not null)
            {
                inside.Add([.. items.OfType<Work.RuleLine>().Select(r => r.Rule)]);
                return inside;
            }
        }

        return null;
    }
}
