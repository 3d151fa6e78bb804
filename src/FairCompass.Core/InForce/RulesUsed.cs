using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Movements;
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
        var written = WorkTree.Rules(workout).Select(r => r.Rule).ToList();
        var used = written
            .OfType<Rule.Share>()
            .SelectMany(s => s.Phrases)
            .Select(p => Of(p.Is))
            .OfType<Movement>()
            .Concat(written.OfType<Rule.Hold>().Select(_ => Rules.Hold))
            .Concat(all.OfType<Work.Task>().Where(t => t.Amount is Amount.Heaviest).Select(_ => Rules.HeaviestLift))
            .ToHashSet(ReferenceEqualityComparer.Instance);
        return MovementLibrary.Rules.Where(used.Contains);
    }

    private static Movement? Of(ShareKind kind) =>
        kind switch
        {
            ShareKind.TogetherAt => Rules.Together,
            ShareKind.OneAtATime => Rules.OneAtATime,
            ShareKind.AtLeast => Rules.Least,
            ShareKind.AtMost => Rules.Most,
            ShareKind.InRotation or ShareKind.InFixedOrder or ShareKind.TurnsByRound => Rules.Order,
            ShareKind.HandTag => Rules.HandTag,
            ShareKind.HandOverAt or ShareKind.HandOverAfter => Rules.HandOver,
            ShareKind.AttemptIsTurn => Rules.AttemptIsTurn,
            ShareKind.AtMostTries => Rules.Tries,
            _ => null,
        };
}
