using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Rulings for the whole workout.</content>
public sealed partial class Parser
{
    private static readonly string[] PolicyWords =
    [
        "bell:",
        "gate on the second:",
        "attempts:",
        "clips:",
        "club:",
        "timing:",
        "policy",
        "standard",
        "waive:",
    ];

    private static bool IsPolicy(Cursor c)
    {
        foreach (var word in PolicyWords)
        {
            if (c.Peek(word))
            {
                return true;
            }
        }

        return false;
    }

    private static Policy? Policy(Cursor c)
    {
        if (c.Eat("bell: a"))
        {
            var lift = c.Eat("lift");
            if (!lift && !c.Eat("rep"))
            {
                return Nothing<Policy>(c, "What counts at the bell?", "rep or lift");
            }

            if (!c.Eat("counts when"))
            {
                return Nothing<Policy>(c, "When does it count?", "counts when begun, finished, or finished and steady");
            }

            BellWhen? when =
                c.Eat("begun") ? BellWhen.Begun
                : c.Eat("finished and steady") ? BellWhen.FinishedAndSteady
                : c.Eat("finished") ? BellWhen.Finished
                : null;
            return when is { } w
                ? new Policy.Bell(lift ? VoidedUnit.Lift : VoidedUnit.Rep, w)
                : Nothing<Policy>(c, "When does it count?", "begun, finished, or finished and steady");
        }

        if (c.Eat("gate on the second:"))
        {
            return c.Eat("counts") ? new Policy.GateOnSecond(true)
                : c.Eat("misses") ? new Policy.GateOnSecond(false)
                : Nothing<Policy>(c, "A gate reached exactly on its second?", "counts or misses");
        }

        if (c.Eat("attempts:"))
        {
            var best = c.Eat("best of");
            if (!best && !c.Eat("last of"))
            {
                return Nothing<Policy>(c, "Which attempt holds?", "best of 2, last of 3, best of all");
            }

            return c.Eat("all") ? new Policy.Attempts(best, null)
                : c.Int("how many attempts") is { } n ? new Policy.Attempts(best, n)
                : null;
        }

        if (c.Eat("clips: a lift without them"))
        {
            return c.Eat("counts") ? new Policy.Clips(true)
                : c.Eat("does not count") ? new Policy.Clips(false)
                : Nothing<Policy>(c, "Does a lift without clips count?", "counts or does not count");
        }

        if (c.Eat("club: best"))
        {
            return c.Int("how many members") is { } n && c.Eat("members")
                ? new Policy.Club(n)
                : Nothing<Policy>(c, "How many members?", "best 4 members");
        }

        if (c.Eat("timing:"))
        {
            TimeResolution? resolution =
                c.Eat("whole seconds") ? TimeResolution.WholeSeconds
                : c.Eat("tenths by hand") ? TimeResolution.TenthsByHand
                : c.Eat("hundredths") ? TimeResolution.Hundredths
                : null;
            return resolution is { } r
                ? new Policy.Timing(r)
                : Nothing<Policy>(
                    c,
                    "How finely are times read?",
                    "whole seconds, tenths by hand, or hundredths",
                    ["whole seconds", "tenths by hand", "hundredths"]
                );
        }

        if (c.Eat("policy"))
        {
            return
                c.Name(TokenKind.Name) is { } topic
                && ForNames(c) is { } who
                && c.EatChar(':')
                && c.TakeRest(TokenKind.Remark) is { Length: > 0 } answer
                ? new Policy.Answered(topic, who, answer)
                : Nothing<Policy>(c, "Which policy, and what is the answer?", "policy dropping: only when settled");
        }

        if (c.Eat("standard"))
        {
            return
                c.Name(TokenKind.Movement) is { } movement
                && c.EatChar(',')
                && c.Name(TokenKind.Name) is { } clause
                && ForNames(c) is { } who
                && c.EatChar(':')
                && c.TakeRest(TokenKind.Remark) is { Length: > 0 } text
                ? new Policy.ClauseOf(movement, clause, who, text)
                : Nothing<Policy>(c, "Which rule of which movement?", "standard toes-to-bar, between-hands: does not apply");
        }

        if (c.Eat("waive:"))
        {
            return c.Name(TokenKind.Name) is { } rule && c.EatChar(',') && c.TakeRest(TokenKind.Remark) is { Length: > 0 } reason
                ? new Policy.Waived(rule, reason)
                : Nothing<Policy>(c, "Which check, and why may it stand?", "waive: series-misfit, the last round is meant to be short");
        }

        return Nothing<Policy>(
            c,
            "This rule is not understood.",
            "bell: a rep counts when finished; gate on the second:; attempts:; clips:; club:; timing:; policy …:; standard …:; waive:",
            PolicyWords
        );
    }

    /// <summary><c>, for Meadow, Estuary</c>; empty when it is not there.</summary>
    private static Eq<Who>? ForNames(Cursor c)
    {
        if (!c.EatChar(','))
        {
            return new Eq<Who>?([]);
        }

        return c.Eat("for") ? Names(c) : null;
    }
}
