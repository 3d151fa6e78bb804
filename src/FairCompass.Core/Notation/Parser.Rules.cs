using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

public sealed partial class Parser
{
    private static readonly string[] RuleWords = ["share:", "hold:", "re-rig:", "help:", "touch:", "note:", "standard"];

    private static readonly (string Words, ShareKind Kind)[] PlainShares =
    [
        ("one at a time", ShareKind.OneAtATime),
        ("any number at a time", ShareKind.AnyNumber),
        ("any split", ShareKind.AnySplit),
        ("in rotation", ShareKind.InRotation),
        ("in fixed order", ShareKind.InFixedOrder),
        ("taking turns by the round", ShareKind.TurnsByRound),
        ("an attempt is a turn", ShareKind.AttemptIsTurn),
        ("hand tag", ShareKind.HandTag),
        ("no hand tag", ShareKind.NoHandTag),
        ("count by member", ShareKind.CountByMember),
    ];

    private static bool IsRule(Cursor c)
    {
        foreach (var word in RuleWords)
        {
            if (c.Peek(word))
            {
                return true;
            }
        }

        return false;
    }

    private static Rule? Rule(Cursor c)
    {
        if (c.Eat("share:"))
        {
            var phrases = new List<SharePhrase>();
            do
            {
                if (SharePhrase(c) is not { } phrase)
                {
                    return null;
                }

                phrases.Add(phrase);
            } while (c.EatChar(','));
            return new Rule.Share(phrases.ToEq());
        }

        if (c.Eat("hold:"))
        {
            return Hold(c);
        }

        if (c.Eat("re-rig:"))
        {
            return ReRig(c);
        }

        if (c.Eat("help:"))
        {
            return Help(c);
        }

        var touch = c.Eat("touch:");
        if (touch || c.Eat("note:"))
        {
            var text = c.TakeRest(TokenKind.Remark);
            return text.Length == 0 ? Nothing<Rule>(c, "Here the words are missing.", "what shall be printed")
                : touch ? new Rule.Touch(text)
                : new Rule.Remark(text);
        }

        if (c.Eat("standard"))
        {
            return c.Name(TokenKind.Name) is { } clause && c.EatChar(':') && c.TakeRest(TokenKind.Remark) is { Length: > 0 } wording
                ? new Rule.ClauseHere(clause, wording)
                : Nothing<Rule>(c, "Which clause, and what does it say here?", "standard between-hands: does not apply");
        }

        return Nothing<Rule>(c, "This is not a rule.", "share:, hold:, re-rig:, help:, touch:, note: or standard …:", RuleWords);
    }

    private static SharePhrase? SharePhrase(Cursor c)
    {
        foreach (var (words, kind) in PlainShares)
        {
            if (c.Eat(words))
            {
                return new(kind) { Order = kind == ShareKind.InFixedOrder ? Places(c) : [] };
            }
        }

        if (c.Eat("short is"))
        {
            ShortShare? costs =
                c.Eat("owed") ? ShortShare.Owed
                : c.Eat("not counted") ? ShortShare.NotCounted
                : c.Eat("no result") ? ShortShare.NoResult
                : null;
            return costs is null
                ? Nothing<SharePhrase>(
                    c,
                    "What does it cost when a member did fewer?",
                    "owed, not counted, or no result",
                    ["owed", "not counted", "no result"]
                )
                : new(ShareKind.Short) { Short = costs };
        }

        if (c.Eat("together at"))
        {
            return c.Name(TokenKind.Name) is { } position
                ? new(ShareKind.TogetherAt, Text: position)
                : Nothing<SharePhrase>(c, "Together at which position?", "the position that is compared");
        }

        if (c.Eat("by"))
        {
            return c.Int("how many members") is { } members && c.Eat("members")
                ? new(ShareKind.ByMembers, members)
                : Nothing<SharePhrase>(c, "By how many?", "by 2 members");
        }

        if (c.Eat("at least"))
        {
            if (c.Int("how many at least") is not { } least)
            {
                return null;
            }

            var per =
                c.Eat("each") ? "each"
                : c.Eat("a turn") ? "a turn"
                : null;
            if (per is null)
            {
                return Nothing<SharePhrase>(c, "At least so many per what?", "each, or a turn");
            }

            var movements = c.Eat("of every movement") ? " of every movement" : "";
            var rounds = c.Eat("in every round") ? " in every round" : "";
            return new(ShareKind.AtLeast, least, per + movements + rounds);
        }

        if (c.Eat("at most"))
        {
            if (c.Int("how many at most") is not { } most)
            {
                return null;
            }

            var tries = c.Eat("tries");
            return c.Eat("in a row")
                ? new(tries ? ShareKind.AtMostTries : ShareKind.AtMost, most)
                : Nothing<SharePhrase>(c, "At most so many what?", "in a row");
        }

        if (c.Eat("hand over at"))
        {
            return c.Name(TokenKind.Name) is { } point
                ? new(ShareKind.HandOverAt, Text: point)
                : Nothing<SharePhrase>(c, "At which checkpoint?", "the name of a checkpoint");
        }

        if (c.Eat("hand over after"))
        {
            if (c.AtNumber)
            {
                return c.Int("after how many") is { } reps && c.Eat("reps")
                    ? new(ShareKind.HandOverAfter, reps)
                    : Nothing<SharePhrase>(c, "After how many of what?", "hand over after 5 reps", ["reps"]);
            }

            return c.Name(TokenKind.Name) is { } what
                ? new(ShareKind.HandOverAfter, Text: what)
                : Nothing<SharePhrase>(c, "After what?", "what a hand-over waits for");
        }

        return Nothing<SharePhrase>(
            c,
            "This is not a way to share work.",
            "one at a time, any split, together at …, in rotation, at least …, at most …",
            [.. PlainShares.Select(p => p.Words), "together at", "at least", "at most", "hand over after", "hand over at", "short is"]
        );
    }

    /// <summary>The members of the largest team.</summary>
    private const int MostPlaces = 8;

    /// <summary>Places in words, such as <c>2nd, 1st</c>; none where the next phrase follows.</summary>
    private static Eq<int> Places(Cursor c)
    {
        var places = new List<int>();
        while (true)
        {
            var before = c.Save();
            var name = places.Count == 0 || c.EatChar(',') ? c.Name(TokenKind.Name) : null;
            if (
                name is null
                || Enumerable.Range(1, MostPlaces).FirstOrDefault(n => Text.Words.Ordinal(n) == name) is not (> 0 and var place)
            )
            {
                c.Back(before);
                return places.ToEq();
            }

            places.Add(place);
        }
    }

    private static Rule? Hold(Cursor c)
    {
        if (
            c.Int("how many hold") is not { } holders
            || !c.Eat("crew-mate in")
            || c.Name(TokenKind.Movement) is not { } position
            || !c.EatChar(',')
        )
        {
            return Nothing<Rule>(c, "Who holds what, and for how long?", "1 crew-mate in front plank, for every whole rep");
        }

        Detail.Load? load = null;
        if (c.AtNumber && ((load = Detail(c, quiet: false) as Detail.Load) is null || !c.EatChar(',')))
        {
            return Nothing<Rule>(c, "With which load is it held?", "a load such as 24/16 kg, and for how long it is held");
        }

        var turn = c.Eat("for the whole turn");
        if (!turn && !c.Eat("for every whole rep"))
        {
            return Nothing<Rule>(c, "For how long is it held?", "for every whole rep, or for the whole turn");
        }

        var hold = new Rule.Hold(holders, position, turn, false) { Load = load };
        while (c.EatChar(','))
        {
            if (c.Eat("another holder each cycle"))
            {
                hold = hold with { AnotherEachCycle = true };
            }
            else if (c.Eat("may pause between reps"))
            {
                hold = hold with { MayPause = true };
            }
            else if (c.Eat("another may take over"))
            {
                hold = hold with { OthersTakeOver = true };
            }
            else if (c.Eat("broken") && c.EatChar(':'))
            {
                if (Broken(c) is not { } broken)
                {
                    return null;
                }

                hold = hold with { Broken = broken };
            }
            else
            {
                return Nothing<Rule>(
                    c,
                    "What about the holder?",
                    "another holder each cycle, may pause between reps, another may take over, or broken: and what it costs",
                    ["another holder each cycle", "may pause between reps", "another may take over", "broken: rep lost"]
                );
            }
        }

        return hold;
    }

    private static BrokenHold? Broken(Cursor c) =>
        c.Eat("rep lost") ? new(LostWork.Rep)
        : c.Eat("set lost") ? new(LostWork.Set)
        : c.AtNumber && c.Int("how many") is { } work && c.Name(TokenKind.Movement, "by the team") is { } movement && c.Eat("by the team")
            ? new(null, work, movement)
        : Nothing<BrokenHold>(
            c,
            "What does a broken hold cost?",
            "rep lost, set lost, or a number of a movement by the team: 5 burpee by the team",
            ["rep lost", "set lost", "5 burpee by the team"]
        );

    private static Rule? ReRig(Cursor c)
    {
        Detail.Load? load = null;
        Detail.Load? added = null;
        if (c.EatChar('+'))
        {
            added = c.AtNumber ? Detail(c, quiet: false) as Detail.Load : null;
            if (added is null || !c.Eat("a side"))
            {
                return Nothing<Rule>(c, "What goes on each side?", "+ 10 kg a side");
            }
        }
        else if (c.Eat("to") || c.AtNumber)
        {
            load = c.AtNumber ? Detail(c, quiet: false) as Detail.Load : null;
            if (load is null)
            {
                return Nothing<Rule>(c, "To which load?", "a load such as 60/40 kg, or nothing for that of the next line");
            }
        }

        if (!c.Eat("by") || c.Name(TokenKind.Name) is not { } by)
        {
            return Nothing<Rule>(c, "Who changes the load?", "by and who, such as by the athlete");
        }

        int? window = null;
        var change = false;
        while (c.EatChar(','))
        {
            if (window is null && c.Eat("in window"))
            {
                window = c.Int("which window");
                if (window is null)
                {
                    return null;
                }
            }
            else if (!change && c.Eat("in the change"))
            {
                change = true;
            }
            else if (c.Name(TokenKind.Name) is { } another)
            {
                by += ", " + another;
            }
            else
            {
                return Nothing<Rule>(c, "When is the load changed?", "in window 2, or in the change");
            }
        }

        return new Rule.ReRig(load, by, window, change) { Added = added };
    }

    private static Rule? Help(Cursor c)
    {
        HelpAct? act =
            c.Eat("load plates") ? HelpAct.LoadPlates
            : c.Eat("spot") ? HelpAct.Spot
            : c.Eat("lift up") ? HelpAct.LiftUp
            : c.Eat("move kit") ? HelpAct.MoveKit
            : null;
        if (act is null || !c.Eat("by") || c.Name(TokenKind.Name) is not { } by)
        {
            return Nothing<Rule>(
                c,
                "Who may help with what?",
                "load plates, spot, lift up or move kit, then by and who",
                ["load plates", "spot", "lift up", "move kit"]
            );
        }

        if (!c.EatChar(','))
        {
            return new Rule.Help(act.Value, by, null);
        }

        return c.Eat("the rep does not count") ? new Rule.Help(act.Value, by, VoidedUnit.Rep)
            : c.Eat("the lift does not count") ? new Rule.Help(act.Value, by, VoidedUnit.Lift)
            : Nothing<Rule>(c, "What does such help void?", "the rep does not count, or the lift does not count");
    }
}
