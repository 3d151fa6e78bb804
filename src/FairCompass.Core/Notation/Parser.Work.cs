using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

public sealed partial class Parser
{
    private static readonly string[] WorkWords =
    [
        "rounds without end",
        "every",
        "complex",
        "in any order",
        "group",
        "own rest",
        "gate",
        "max",
        "heaviest",
        "share:",
        "hold:",
        "re-rig:",
        "help:",
        "touch:",
        "note:",
    ];

    /// <summary>Lines such as <c>Meadow: 11:00</c>, and the others under the same line.</summary>
    private (Eq<TimeFor> Times, List<DraftLine> Others) TimesUnder(DraftLine line)
    {
        var times = new List<TimeFor>();
        var rest = new List<DraftLine>();
        foreach (var child in line.Children)
        {
            var k = Open(child);
            if (k.HasColonAhead && TimeAhead(child.Content) && TimeLine(child, k) is var read)
            {
                Add(times, child, k, read);
            }
            else
            {
                rest.Add(child);
            }
        }

        return (times.ToEq(), rest);
    }

    /// <summary>Where a line can have other times for some and nothing else under it.</summary>
    private Eq<TimeFor> OnlyTimes(DraftLine line)
    {
        var (times, rest) = TimesUnder(line);
        NoChildren(rest);
        return times;
    }

    /// <summary>True for a name, a colon, and nothing but a time behind it.</summary>
    private static bool TimeAhead(string content) =>
        content.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon
        && char.IsLetterOrDigit(content[0])
        && content[(colon + 2)..].Trim() is { Length: > 0 } behind
        && behind
            .Split('-')
            .All(t =>
                t.Trim() is "unset" || (t.Contains(':', StringComparison.Ordinal) && t.All(ch => char.IsAsciiDigit(ch) || ch is ':' or ' '))
            );

    private TimeFor? TimeLine(DraftLine line, Cursor c)
    {
        NoChildren(line);
        if (Names(c) is not { } names || !c.EatChar(':'))
        {
            return Nothing<TimeFor>(c, "For whom is this time?", "a division, a duty or a level, and a colon");
        }

        var times = new List<Duration?>();
        do
        {
            if (!c.Time(out var time))
            {
                return null;
            }

            times.Add(time);
        } while (c.EatChar('-'));
        return new TimeFor(names, times.ToEq());
    }

    private Eq<Work> WorkBlock(DraftLine line, bool inScheme = false) => WorkBlock(line.Children, inScheme);

    private Eq<Work> WorkBlock(IReadOnlyList<DraftLine> lines, bool inScheme = false) => All(lines, (l, c) => WorkLine(l, c, inScheme));

    private Work? WorkLine(DraftLine line, Cursor c, bool inScheme)
    {
        if (c.Eat("rounds without end"))
        {
            return new Work.Rounds(null, WorkBlock(line));
        }

        if (c.Peek("every") && !c.Peek("every:"))
        {
            return Every(line, c);
        }

        if (c.Eat("complex"))
        {
            return Complex(line, c);
        }

        if (c.Eat("in any order"))
        {
            return new Work.AnyOrder(WorkBlock(line));
        }

        if (c.Eat("own rest"))
        {
            var others = OnlyTimes(line);
            return c.Time(out var rest) ? new Work.OwnRest(rest) { Others = others } : null;
        }

        if (c.Eat("checkpoint"))
        {
            NoChildren(line);
            return Checkpoint(c);
        }

        if (c.Eat("gate"))
        {
            var others = OnlyTimes(line);
            return Gate(c) is Work.Gate gate ? gate with { Others = others } : null;
        }

        if (c.Eat("groups"))
        {
            return Groups(line, c);
        }

        if (c.Eat("group"))
        {
            return c.Name(TokenKind.Name) is { } name
                ? new Work.GroupOf(name, WorkBlock(line))
                : Nothing<Work>(c, "Which group?", "the group's name");
        }

        if (IsRule(c))
        {
            NoChildren(line);
            return Rule(c) is { } rule ? new Work.RuleLine(rule) : null;
        }

        if (c.Peek("rest") || c.Peek("change"))
        {
            return Nothing<Work>(
                c,
                "A rest on the hall clock stands at the left edge between two windows, not inside work.",
                "own rest and a time, for a rest that starts when the athlete gets there"
            );
        }

        return c.AtNumber || c.Peek("max") || c.Peek("heaviest") || inScheme || c.Next is '-' or '−'
            ? AmountLine(line, c, inScheme)
            : WorkNotUnderstood(line, c);
    }

    private Work? WorkNotUnderstood(DraftLine line, Cursor c)
    {
        // The lines under a hole are still read, so that their own mistakes show.
        All(line.Children, TaskLineOf);
        return char.IsLetter(c.Next) && Guess(c.Rest, WorkWords) is null
            ? Nothing<Work>(c, "How many? A task begins with its amount.", "an amount before the movement: 12, 15/11 cal, max")
            : Nothing<Work>(
                c,
                "This line is not understood.",
                "an amount such as 12 or 15/11 cal, or a word such as rounds, every, gate",
                WorkWords
            );
    }

    private Work? AmountLine(DraftLine line, Cursor c, bool inScheme)
    {
        if (c.AtNumber && !c.AtTime)
        {
            var saved = c.Save();
            if (c.Pair() is { } pair)
            {
                if (c.Eat("rounds"))
                {
                    return pair.Second is null && pair.First.IsConstant && pair.First.Terms[0] is { } n && (n.IsWhole || n.IsUnset)
                        ? RoundsOf(line, (int?)n.Value)
                        : Nothing<Work>(c, "The number of rounds is one whole number.", "as in 5 rounds");
                }

                if (c.Eat("of"))
                {
                    return new Work.Scheme(pair, WorkBlock(line, inScheme: true));
                }
            }

            if (c.Failed)
            {
                All(line.Children, TaskLineOf);
                return null;
            }

            c.Back(saved);
        }

        Amount? amount = null;
        if (inScheme && Unit(c) is var unit and not AmountUnit.Rep)
        {
            amount = new Amount.OfScheme(unit);
        }
        else if (c.AtNumber || c.Peek("max") || c.Peek("heaviest") || !inScheme)
        {
            amount = Amount(c);
            if (amount is null)
            {
                All(line.Children, TaskLineOf);
                return null;
            }
        }

        var task = Task(line, c, amount);
        return task;
    }

    private Work.Task? Task(DraftLine line, Cursor c, Amount? amount)
    {
        if (amount is Amount.Heaviest { SetOf: null } && c.Eat("complex"))
        {
            return HeaviestComplex(line, c);
        }

        var start = c.Mark();
        var movement = Movement(c);
        var name = c.From(start);
        var details = movement is null ? null : Details(c);
        var lines = All(line.Children, TaskLineOf);
        return movement is null || details is null ? null : new Work.Task(amount, movement, details.Value, lines) { NameAt = name };
    }

    private static Amount? Amount(Cursor c)
    {
        if (c.Eat("max"))
        {
            if (c.Eat("cm"))
            {
                return new Amount.Highest();
            }

            return new Amount.Max(Unit(c));
        }

        if (c.Eat("heaviest"))
        {
            if (!c.Eat("set of"))
            {
                return new Amount.Heaviest(null);
            }

            return c.Int("how many reps a set has") is { } n ? new Amount.Heaviest(n) : null;
        }

        if (c.AtTime)
        {
            return c.Time(out var time) ? new Amount.Held(time) : null;
        }

        if (c.Pair() is { } pair)
        {
            return new Amount.Counted(pair, Unit(c));
        }

        c.Fail("Here an amount is missing.", "an amount such as 12, 15/11 cal, 0:30, or max");
        return null;
    }

    /// <summary><c>groups One, Two each</c>: the same work for several groups.</summary>
    private Work? Groups(DraftLine line, Cursor c)
    {
        var names = new List<string>();
        var each = false;
        do
        {
            if (c.Name(TokenKind.Name, "each") is not { } name)
            {
                return Nothing<Work>(c, "Which groups?", "their names and each: groups One, Two each");
            }

            names.Add(name);
            each = c.Eat("each");
        } while (!each && c.EatChar(','));
        return each
            ? new Work.GroupOf(names[0], WorkBlock(line)) { Others = names.Skip(1).ToEq() }
            : Nothing<Work>(c, "Do the groups each do all of it?", "each after the last name", ["each"]);
    }

    private static AmountUnit Unit(Cursor c) =>
        c.Eat("cal") ? AmountUnit.Calorie
        : c.Eat("m") ? AmountUnit.Metre
        : c.Eat("ft") ? AmountUnit.Foot
        : c.Eat("s") ? AmountUnit.Second
        : AmountUnit.Rep;

    private static readonly string[] NoMovement = ["of", "rounds", "unset"];

    private static string? Movement(Cursor c)
    {
        foreach (var word in NoMovement)
        {
            if (c.Peek(word))
            {
                return Nothing<string>(c, $"A movement's name cannot begin with “{word}”.", "the name of a movement");
            }
        }

        var start = c.Mark();
        if (!char.IsLetter(c.Next) || c.Name(TokenKind.Movement) is not { } name)
        {
            return Nothing<string>(
                c,
                "Here the name of a movement is missing.",
                "a movement such as power clean; a unit is cal, m, ft, or s"
            );
        }

        if (name.StartsWith("calories ", StringComparison.Ordinal) || name.StartsWith("cals ", StringComparison.Ordinal))
        {
            c.Fail(
                "The unit is written cal.",
                "cal",
                r => new Mend("Write cal", new TextEdit(r.Line, r.Column, name.IndexOf(' ', StringComparison.Ordinal), "cal")),
                start
            );
            return null;
        }

        return name;
    }
}
