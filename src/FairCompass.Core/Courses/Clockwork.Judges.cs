using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <content>How many judges a lane needs.</content>
public sealed partial class Clockwork
{
    private readonly Dictionary<SourceRange, bool> holds = [];

    /// <summary>One judge for each station worked at once, and one more to watch a hold that decides whether a rep counts (common
    /// practice).</summary>
    private int JudgesOf(List<PieceOfWork> at)
    {
        // Parts that follow each other on one running clock are watched by the same judge.
        var stations = at.Where(p => !p.InTimeLeft).GroupBy(p => p.Key).Sum(g => Math.Max(g.Count(), g.First().Swaps.Count));
        return stations + (at.Exists(HasHold) ? 1 : 0);
    }

    /// <summary>Cycles and turns come back to the same lines, which are looked through once.</summary>
    private bool HasHold(PieceOfWork piece)
    {
        if (!holds.TryGetValue(piece.At, out var has))
        {
            holds[piece.At] = has = Holds(piece.Items).Any();
        }

        return has;
    }

    private static IEnumerable<Rule.Hold> Holds(IEnumerable<Work> items) =>
        WorkTree
            .Walk(items)
            .SelectMany(w =>
                w switch
                {
                    Work.RuleLine { Rule: Rule.Hold hold } => [hold],
                    Work.Task t => t.Lines.OfType<TaskLine.RuleOf>().Select(r => r.Rule).OfType<Rule.Hold>(),
                    _ => [],
                }
            );
}
