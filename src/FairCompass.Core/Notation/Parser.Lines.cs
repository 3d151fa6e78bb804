using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Lines under a task, intervals, complexes, and gates.</content>
public sealed partial class Parser
{
    private TaskLine? TaskLineOf(DraftLine line, Cursor c)
    {
        NoChildren(line);
        if (c.Eat("between:") || c.Peek("after each:"))
        {
            var after = c.Eat("after each:");
            return Amount(c) is { } amount && Movement(c) is { } movement && Details(c) is { } details
                ? new TaskLine.Between(after, amount, movement, details)
                : null;
        }

        if (c.Eat("then:"))
        {
            return c.Int("how many reps follow") is { } reps && Movement(c) is { } next ? new TaskLine.Then(reps, next) : null;
        }

        if (c.Eat("attempt:"))
        {
            return Movement(c) is { } movement ? new TaskLine.Attempt(movement) : null;
        }

        if (IsRule(c))
        {
            return Rule(c) is { } rule ? new TaskLine.RuleOf(rule) : null;
        }

        return c.HasColonAhead
            ? Override(c)
            : Nothing<TaskLine>(
                c,
                "Under a task stands for whom something differs, or a rule.",
                "a name and a colon, such as Meadow: 10/7 cal"
            );
    }

    private static TaskLine.Override? Override(Cursor c)
    {
        var names = new List<Who>();
        var choose = c.Eat("choose");
        ChoiceTime? when = null;
        if (!choose)
        {
            do
            {
                if (names.Count > 0 && c.Eat("choose"))
                {
                    choose = true;
                    break;
                }

                if (names.Count > 0 && ChoiceTimeOf(c) is { } early)
                {
                    when = early;
                    break;
                }

                if (Who(c) is not { } who)
                {
                    return null;
                }

                names.Add(who);
            } while (c.EatChar(','));
        }

        if (when is null && c.EatChar(','))
        {
            when = ChoiceTimeOf(c);
            if (when is null)
            {
                return Nothing<TaskLine.Override>(c, "When is the choice made?", "once, each round, or rep by rep");
            }
        }

        if (!c.EatChar(':'))
        {
            return Nothing<TaskLine.Override>(c, "After the names a colon is missing.", "a colon and what differs");
        }

        var saved = c.Save();
        var first = Detail(c, quiet: true);
        if (first is not null && !c.Failed && (c.AtEnd || c.Next == ','))
        {
            var more = MoreDetails(c, [first]);
            return more is { } all ? new TaskLine.Override(names.ToEq(), choose, when, null, null, all) : null;
        }

        if (first is null && c.Failed)
        {
            var failed = c.Problem;
            c.Back(saved);
            if (failed!.Mend is not null || failed.Sentence.StartsWith("There are two duties", StringComparison.Ordinal))
            {
                Detail(c, quiet: false);
                return null;
            }
        }

        c.Back(saved);
        Amount? amount = null;
        if (c.AtNumber || c.Peek("max") || c.Peek("heaviest") || c.Next is '-' or '−')
        {
            amount = Amount(c);
            if (amount is null)
            {
                return null;
            }
        }

        string? movement = null;
        var start = c.Mark();
        if (char.IsLetter(c.Next) && !c.AtEnd)
        {
            movement = Movement(c);
            if (movement is null)
            {
                return null;
            }

            if (amount is Workouts.Amount.Counted { Unit: AmountUnit.Rep } && LooksLikeUnit(movement))
            {
                UnknownUnit(c, movement, start);
                return null;
            }
        }

        if (amount is null && movement is null)
        {
            return Nothing<TaskLine.Override>(c, "What is different for them?", "a load, an amount, or another movement");
        }

        var name = c.From(start);
        return Details(c) is { } details
            ? new TaskLine.Override(names.ToEq(), choose, when, amount, movement, details) { NameAt = name }
            : null;
    }

    private static ChoiceTime? ChoiceTimeOf(Cursor c) =>
        c.Eat("once") ? ChoiceTime.Once
        : c.Eat("each round") ? ChoiceTime.EachRound
        : c.Eat("rep by rep") ? ChoiceTime.RepByRep
        : null;

    /// <summary>What is said of an interval that has no work yet.</summary>
    internal const string EveryNeedsWork =
        "Every needs its work: a list that begins anew in each interval, or what comes first and then what fills it.";

    private Work? Every(DraftLine line, Cursor c)
    {
        c.Eat("every");
        if (!c.Time(out var each))
        {
            return null;
        }

        if (Late(c) is not var (carries, ends, counts))
        {
            return null;
        }

        var (others, rest) = TimesUnder(line);
        // A list with nothing beside it begins anew in each interval.
        if (rest.Count > 0 && !rest.Exists(l => l.Content.Trim() is "first" or "then"))
        {
            return new Work.Every(each, carries, IntervalLists(rest), [])
            {
                EndsWork = ends,
                Counts = counts,
                Others = others,
            };
        }

        Eq<Work>? first = null;
        Eq<Work>? then = null;
        foreach (var child in rest)
        {
            var k = Open(child);
            if (first is null && then is null && k.Eat("first") && k.AtEnd)
            {
                first = WorkBlock(child);
            }
            else if (first is not null && then is null && k.Eat("then") && k.AtEnd)
            {
                then = WorkBlock(child);
            }
            else
            {
                k.Fail("Under every stand two lines: first, and then.", first is null ? "first" : "then");
                problems.Add(k.Problem!);
            }
        }

        if (first is null || then is null)
        {
            c.Fail(EveryNeedsWork, "a list such as 12 burpee, or first and then, one level in", start: 0);
            return null;
        }

        return new Work.Every(each, carries, first.Value, then.Value)
        {
            EndsWork = ends,
            Counts = counts,
            Others = others,
        };
    }

    /// <summary>What happens to an interval that is not finished; null after a failure.</summary>
    private static (bool? Carries, bool Ends, bool? Counts)? Late(Cursor c)
    {
        bool? carries = null;
        bool? counts = null;
        var ends = false;
        while (c.EatChar(','))
        {
            if (c.Eat("unfinished carries over"))
            {
                carries = true;
            }
            else if (c.Eat("unfinished is skipped"))
            {
                carries = false;
            }
            else if (c.Eat("unfinished is lost"))
            {
                (carries, counts) = (false, true);
            }
            else if (c.Eat("unfinished ends the work") || c.Eat("until unfinished"))
            {
                (carries, ends) = (false, true);
            }
            else if (c.Eat("nothing of it counts"))
            {
                counts = false;
            }
            else if (c.Eat("what is done counts"))
            {
                counts = true;
            }
            else
            {
                Nothing<Work>(
                    c,
                    "What happens to an unfinished interval?",
                    "unfinished carries over, unfinished is skipped, unfinished ends the work; nothing of it counts, what is done counts",
                    [
                        "unfinished carries over",
                        "unfinished is skipped",
                        "unfinished ends the work",
                        "nothing of it counts",
                        "what is done counts",
                    ]
                );
                return null;
            }
        }

        return (carries, ends, counts);
    }

    private Work? Complex(DraftLine line, Cursor c)
    {
        var details = new List<Detail>();
        while (c.EatChar(','))
        {
            if (Detail(c, quiet: false) is not { } detail)
            {
                return null;
            }

            if (
                detail
                is not (
                    Workouts.Detail.Load
                    or Workouts.Detail.Flag
                    {
                        Is: FlagKind.LastBarRepeats or FlagKind.MayBeBroken or FlagKind.InOneGo or FlagKind.NeighboursMayBeJoined
                    }
                )
            )
            {
                return Nothing<Work>(
                    c,
                    "This is not said of a complex.",
                    "a load, last bar repeats, may be broken, in one go, or neighbours may be joined"
                );
            }

            details.Add(detail);
        }

        // Lifts and, like under a task, what differs for some; only the latter have a colon.
        var lifts = new List<Work.Task>();
        var lines = new List<TaskLine>();
        foreach (var child in line.Children)
        {
            var k = Open(child);
            if (k.HasColonAhead || IsRule(k))
            {
                Add(lines, child, k, TaskLineOf(child, k));
            }
            else
            {
                Add(lifts, child, k, Amount(k) is { } amount ? Task(child, k, amount) : null);
            }
        }

        return new Work.Complex(details.ToEq(), lifts.ToEq(), lines.ToEq());
    }

    private static Work? Checkpoint(Cursor c)
    {
        if (!char.IsUpper(c.Next) || c.Name(TokenKind.Name) is not { } name)
        {
            return Nothing<Work>(c, "What is this checkpoint called?", "a name with a capital, such as checkpoint Deck");
        }

        if (!c.EatChar(','))
        {
            return new Work.Checkpoint(name, null);
        }

        return c.Eat("round") && c.Int("which round") is { } round && c.Eat("only")
            ? new Work.Checkpoint(name, round)
            : Nothing<Work>(c, "What about this checkpoint?", "round 2 only");
    }

    private static Work? Gate(Cursor c)
    {
        int? round = null;
        while (c.EatChar(','))
        {
            if (c.Eat("adds"))
            {
                var adds = new List<Duration?>();
                do
                {
                    if (!c.Time(out var time))
                    {
                        return null;
                    }

                    adds.Add(time);
                } while (c.EatChar('-'));
                return new Work.Gate(round, adds.ToEq());
            }

            if (round is not null || !c.Eat("round") || (round = c.Int("which round")) is null || !c.Eat("only"))
            {
                return Nothing<Work>(c, "What about this gate?", "adds and a time, before it perhaps round 3 only");
            }
        }

        return Nothing<Work>(c, "How much time does the gate add?", ", adds and a time");
    }
}
