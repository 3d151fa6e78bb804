namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary><c>4 sets of 2:00 work, 1:30 rest</c>, <c>3:00 on, 1:00 off x 4</c>.</summary>
    private bool WorkAndRest(int i)
    {
        if (TimeOf(At(i)) is not { } work || s[i].Sort != Sort.Time || At(Next(i)) is not { } on || !on.Is("on"))
        {
            return false;
        }

        var rest = Next(Next(i));
        if (TimeOf(At(rest)) is not { } pause || At(Next(rest))?.Is("rest", "off") != true)
        {
            return false;
        }

        var (count, sets) = (-1, Previous(i));
        sets = At(sets)?.Is("of") == true ? Previous(sets) : sets;
        if (At(sets)?.Word == "x" || (At(i - 1)?.Word == "x" && CountOf(At(i - 2)) is not null))
        {
            count = i - 2;
            sets = i - 1;
        }
        else if (At(sets)?.Is("sets", "rounds", "windows") == true && CountOf(At(Previous(sets))) is not null)
        {
            count = Previous(sets);
        }
        else if (At(Next(Next(rest))) is { } times && (CountOf(times) is not null || times.Word == "x"))
        {
            count = CountOf(times) is null ? Next(Next(Next(rest))) : Next(Next(rest));
            sets = -1;
        }

        if (count < 0 && Here is { Items.Count: 0 } empty && empty.Head.EndsWith(" rounds", StringComparison.Ordinal))
        {
            // 5 sets: in the line before.
            Part.Again = empty.Head.Replace("rounds", "cycles", StringComparison.Ordinal) + $", rest {Times.Written(pause)} between";
            CloseAll();
            Part.Work.Items.Remove(empty);
        }
        else if (count < 0 && waitingSets is { } known)
        {
            Part.Again = $"{known} cycles, rest {Times.Written(pause)} between";
        }
        else if (CountOf(At(count)) is { } n)
        {
            Part.Again = $"{n} cycles, rest {Times.Written(pause)} between";
        }
        else
        {
            return false;
        }

        SetLength(i, work);
        Part.Goal = "reps";
        Take(i, Next(i), rest, Next(rest), count, sets);
        return true;
    }

    private int? waitingSets;

    /// <summary><c>14:00 running clock</c>.</summary>
    private bool RunningClock(int i)
    {
        if (!s[i].Is("clock"))
        {
            return false;
        }

        var at =
            TimeOf(At(Previous(i))) is not null ? Previous(i)
            : TimeOf(At(Next(i))) is not null ? Next(i)
            : At(Next(i))?.Is("of") == true ? Next(Next(i))
            : -1;
        if (TimeOf(At(at)) is not { } length)
        {
            return false;
        }

        clock = length;
        clockLine = s[i].Line;
        Take(i, at);
        return true;
    }

    /// <summary><c>0:00-6:00</c>: a part with its place on the clock.</summary>
    private bool TimeRange(int i)
    {
        if (
            s[i].Sort != Sort.Time
            || At(i + 1)?.IsMark("-") != true
            || At(i + 2) is not { Sort: Sort.Time } to
            || to.Ms <= s[i].Ms
            || s[i].Taken
        )
        {
            return false;
        }

        var end = ranges.Count > 0 ? ranges[^1].To : 0;
        if (ranges.Count > 0 && Part.Label.Length == 0)
        {
            NextPart(forced: true);
        }

        ranges.Add((s[i].Ms, to.Ms));
        worked.AddRange([s[i].At, to.At]);
        Part.Before = ranges.Count > 1 && s[i].Ms > end ? "rest " + Times.Written(s[i].Ms - end) : null;
        Part.Lasts(to.Ms - s[i].Ms, s[i].At);
        Part.Lines.Add(s[i].Line);
        // Each part has a window of its own, so there is no clock that one leaves to the next.
        clock = null;
        Take(i, i + 1, i + 2);
        return true;
    }

    private readonly List<(long From, long To)> ranges = [];

    private long? clock;

    private int clockLine;
}
