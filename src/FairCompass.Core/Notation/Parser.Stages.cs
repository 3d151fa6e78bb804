using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

public sealed partial class Parser
{
    private static readonly string[] StageWords =
    [
        "rest",
        "change",
        "relay",
        "rota",
        "waves",
        "score",
        "bell:",
        "attempts:",
        "clips:",
        "club:",
    ];
    private static readonly string[] Goals =
    [
        "for time",
        "for reps",
        "for load",
        "for calories",
        "for metres",
        "for points",
        "clock",
        "stations",
    ];

    private Stage? Stage(DraftLine line, Cursor c)
    {
        var label = Label(c);
        var stage = c.Failed ? null : StageBody(line, c);
        if (stage is null)
        {
            // The header is a hole; reading the rest keeps its mistakes visible and coloured.
            All(line.Children, (l, k) => WorkLine(l, k, inScheme: true));
        }

        return stage is null ? null : stage with { Label = label };
    }

    private static string? Label(Cursor c)
    {
        if (!char.IsUpper(c.Next) || !c.HasColonAhead)
        {
            return null;
        }

        var name = c.Name(TokenKind.Name);
        if (!c.EatChar(':'))
        {
            c.Fail("A label has letters, digits and spaces, then a colon.", "a label such as A:");
        }

        return name;
    }

    private Stage? StageBody(DraftLine line, Cursor c)
    {
        if (c.AtTime || c.Peek("unset"))
        {
            return !c.Time(out var time) ? null : TimedStage(line, c, time);
        }

        if (c.Eat("rest") || c.Peek("change"))
        {
            var isRest = !c.Eat("change");
            NoChildren(line);
            return c.Time(out var time) ? new Stage.Gap(isRest, time) : null;
        }

        if (c.Eat("relay"))
        {
            return Relay(line, c);
        }

        if (c.Eat("rota"))
        {
            return Rota(line, c);
        }

        if (c.Eat("waves"))
        {
            return Waves(line, c);
        }

        if (char.IsAsciiDigit(c.Next))
        {
            var saved = c.Save();
            if (c.Int("how many cycles") is { } times && c.Eat("cycles"))
            {
                return Cycles(line, c, times);
            }

            c.Back(saved);
            if (!c.HasColonAhead && line.Content.Contains("for ", StringComparison.Ordinal))
            {
                // "13 for time": no colon, so this fails with the message about times and its mend.
                c.Time(out _);
                return null;
            }

            return Nothing<Stage>(
                c,
                "At the left edge stands what the hall clock does; work is indented under it.",
                "a time such as 9:00 for time; or two spaces before this line"
            );
        }

        return Nothing<Stage>(
            c,
            "This line is not understood.",
            "a time such as 9:00 for time, rest, change, cycles, relay, rota, waves, score, or a rule such as bell:",
            StageWords
        );
    }

    private Stage? TimedStage(DraftLine line, Cursor c, Duration? time)
    {
        if (c.Eat("clock"))
        {
            var (times, rest) = TimesUnder(line);
            return new Stage.Clock(time, All(rest, PieceLine)) { Others = times };
        }

        if (c.Eat("stations"))
        {
            if (
                Goal(c) is not { } goal
                || !c.EatChar(',')
                || !c.Eat("swap when")
                || c.Name(TokenKind.Name, "is done") is not { } swap
                || !c.Eat("is done")
            )
            {
                return Nothing<Stage>(c, "When do they swap?", "for reps, swap when NAME is done");
            }

            string? until = null;
            if (c.EatChar(',') && (!c.Eat("until") || (until = c.Name(TokenKind.Name, "is done")) is null || !c.Eat("is done")))
            {
                return Nothing<Stage>(c, "Until when?", "until NAME is done");
            }

            return new Stage.SwapStations(time, goal, swap, until, All(line.Children, StationLine));
        }

        if (Goal(c) is not { } g)
        {
            return null;
        }

        var (others, work) = TimesUnder(line);
        return new Stage.Window(time, g, WorkBlock(work)) { Others = others };
    }

    private Piece? PieceLine(DraftLine line, Cursor c)
    {
        var label = Label(c);
        if (label is null)
        {
            return Nothing<Piece>(c, "A part of a clock begins with its name.", "a label such as A: for time");
        }

        if (Goal(c) is not { } goal)
        {
            return null;
        }

        var left = false;
        if (c.EatChar(','))
        {
            left = c.Eat("in the time left");
            if (!left)
            {
                return Nothing<Piece>(c, "What about this part?", "in the time left");
            }
        }

        return new Piece(label, goal, left, WorkBlock(line));
    }

    private Station? StationLine(DraftLine line, Cursor c) =>
        c.Eat("station") && c.Name(TokenKind.Name) is { } name
            ? new Station(name, WorkBlock(line))
            : Nothing<Station>(c, "Here a station is expected.", "station and its name", ["station"]);

    private Stage? Relay(DraftLine line, Cursor c)
    {
        if (Goal(c) is not { } goal || !c.EatChar(','))
        {
            return Nothing<Stage>(c, "How long is each member's window?", "a comma and times: 3:30-4:00, or 3:00 each");
        }

        var times = new List<Duration?>();
        var each = false;
        do
        {
            if (!c.Time(out var time))
            {
                return null;
            }

            times.Add(time);
        } while (c.EatChar('-'));
        each = times.Count == 1 && c.Eat("each");
        Stage.Gap? between = null;
        var continues = false;
        while (c.EatChar(','))
        {
            if (c.Eat("continues"))
            {
                continues = true;
            }
            else if (between is null && Between(c) is { } gap)
            {
                between = gap;
            }
            else
            {
                return null;
            }
        }

        return new Stage.Relay(goal, each, times.ToEq(), between, WorkBlock(line)) { Continues = continues };
    }

    private static Stage.Gap? Between(Cursor c)
    {
        var rest = c.Eat("rest");
        if (!rest && !c.Eat("change"))
        {
            return Nothing<Stage.Gap>(c, "What is between?", "rest or change, and a time");
        }

        return c.Time(out var time) ? new Stage.Gap(rest, time) : null;
    }

    private Stage? Rota(DraftLine line, Cursor c)
    {
        if (Goal(c) is not { } goal || !c.EatChar(',') || !c.Time(out var each) || !c.Eat("each"))
        {
            return Nothing<Stage>(c, "How long is a turn?", "a comma, a time, and each");
        }

        Duration? change = null;
        int? turns = null;
        var silent = false;
        while (c.EatChar(','))
        {
            if (change is null && c.Eat("change"))
            {
                if (!c.Time(out change))
                {
                    return null;
                }
            }
            else if (!silent && c.Eat("silent"))
            {
                silent = true;
            }
            else if (turns is null && char.IsAsciiDigit(c.Next) && c.Int("how many turns") is { } n && c.Eat("turns"))
            {
                turns = n;
            }
            else
            {
                return Nothing<Stage>(c, "This is not said of a rota, or twice.", "change and a time, a number of turns, or silent");
            }
        }

        return new Stage.Rota(goal, each, change, turns, silent, All(line.Children, StationLine));
    }

    private Stage? Waves(DraftLine line, Cursor c)
    {
        if (Goal(c) is not { } goal || !c.EatChar(',') || !c.Time(out var each) || !c.Eat("each"))
        {
            return Nothing<Stage>(c, "How long is a window?", "a comma, a time, and each");
        }

        Duration? change = null;
        Eq<Who> by = [];
        while (c.EatChar(','))
        {
            if (change is null && c.Eat("change"))
            {
                if (!c.Time(out change))
                {
                    return null;
                }
            }
            else if (by.Count == 0 && c.Eat("by"))
            {
                if (Names(c) is not { } names)
                {
                    return null;
                }

                by = names;
            }
            else
            {
                return Nothing<Stage>(c, "This is not said of waves, or twice.", "change and a time, or by and the groups");
            }
        }

        var stations = new List<Station>();
        var rules = new List<Work>();
        foreach (var child in line.Children)
        {
            var k = Open(child);
            if (k.Peek("station"))
            {
                Add(stations, child, k, StationLine(child, k));
            }
            else
            {
                Work? rule = Rule(k) is { } r ? new Work.RuleLine(r) : null;
                Add(rules, child, k, rule);
                NoChildren(child);
            }
        }

        return new Stage.Waves(goal, each, change, by, rules.ToEq(), stations.ToEq());
    }

    private Stage? Cycles(DraftLine line, Cursor c, int times)
    {
        Stage.Gap? between = null;
        if (c.EatChar(','))
        {
            if (Between(c) is not { } gap)
            {
                return null;
            }

            if (!c.Eat("between"))
            {
                return Nothing<Stage>(c, "Where is this time?", "between");
            }

            between = gap;
        }

        return new Stage.Cycles(times, between, All(line.Children, Stage));
    }

    private static Goal? Goal(Cursor c)
    {
        Goal? goal =
            c.Eat("for time") ? Workouts.Goal.Time
            : c.Eat("for reps") ? Workouts.Goal.Reps
            : c.Eat("for load") ? Workouts.Goal.Load
            : c.Eat("for calories") ? Workouts.Goal.Calories
            : c.Eat("for metres") ? Workouts.Goal.Metres
            : c.Eat("for points") ? Workouts.Goal.Points
            : c.Eat("for height") ? Workouts.Goal.Height
            : null;
        if (goal is null)
        {
            Nothing<Stage>(
                c,
                "What is this done for?",
                "for time, for reps, for load, for height, for calories, for metres, or for points",
                Goals
            );
        }

        return goal;
    }
}
