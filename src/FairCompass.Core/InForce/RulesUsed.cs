using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.InForce;

/// <summary>Which rules are judged beside the movements of a workout.</summary>
public static class RulesUsed
{
    /// <summary>The rules of its heaviest lifts, holds and shared work, each once, in the order of the book.</summary>
    /// <param name="workout">The workout.</param>
    public static IEnumerable<Movement> Of(Workout workout)
    {
        var all = WorkTree.All(workout).ToList();
        var rules = all.SelectMany(w =>
                w switch
                {
                    Work.RuleLine line => [line.Rule],
                    Work.Task task => task.Lines.OfType<TaskLine.RuleOf>().Select(l => l.Rule),
                    _ => Array.Empty<Rule>(),
                }
            )
            .Concat(workout.Stages.OfType<Stage.Waves>().SelectMany(w => w.Rules.OfType<Work.RuleLine>().Select(r => r.Rule)))
            .ToList();
        var ids = rules
            .OfType<Rule.Share>()
            .SelectMany(s => s.Phrases)
            .Select(p => Of(p.Is))
            .OfType<string>()
            .Concat(rules.OfType<Rule.Hold>().Select(_ => "rules-of-a-hold"))
            .Concat(all.OfType<Work.Task>().Where(t => t.Amount is Amount.Heaviest).Select(_ => "rules-of-a-heaviest-lift"))
            .ToHashSet(StringComparer.Ordinal);
        return MovementLibrary.Rules.Where(r => ids.Contains(r.Id));
    }

    private static string? Of(ShareKind kind) =>
        kind switch
        {
            ShareKind.TogetherAt => "rules-of-work-together",
            ShareKind.OneAtATime => "rule-of-one-at-a-time",
            ShareKind.AtLeast => "rule-of-a-least-share",
            ShareKind.AtMost => "rule-of-a-most-in-a-row",
            ShareKind.InRotation or ShareKind.InFixedOrder or ShareKind.TurnsByRound => "rule-of-the-order-of-turns",
            ShareKind.HandTag => "rule-of-a-hand-tag",
            ShareKind.HandOverAt or ShareKind.HandOverAfter => "rule-of-a-hand-over-place",
            ShareKind.AttemptIsTurn => "rule-of-an-attempt-that-is-a-turn",
            ShareKind.AtMostTries => "rule-of-most-tries-in-a-row",
            _ => null,
        };
}
