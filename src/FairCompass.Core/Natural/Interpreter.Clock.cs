using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private bool Clock(int i) =>
        TimeRange(i)
        || Amrap(i)
        || Cap(i)
        || EveryMinutes(i)
        || WorkAndRest(i)
        || RunningClock(i)
        || PartLabel(i)
        || ForTime(i)
        || WindowOf(i);

    /// <summary>Begins another part where the one at hand is already said.</summary>
    private void NextPart(bool forced = false)
    {
        if (forced || (Part.Goal is not null && Part.Work.Tasks.Any()))
        {
            parts.Add(new());
            open.Clear();
            open.Push(Part.Work);
        }
    }

    private void SetLength(int at, long ms)
    {
        var where = s[at].At;
        Part.Lines.Add(where.Line);
        if (Part.Length is { } was && was != ms)
        {
            caps.Add((Part, was, Part.LengthAt));
            caps.Add((Part, ms, where));
            return;
        }

        Part.Lasts(ms, where);
    }

    /// <summary>Lengths of one part that contradict each other.</summary>
    private readonly List<(Part Part, long Ms, SourceRange At)> caps = [];

    /// <summary>Where numbers stand that were worked with and need not stand in the draft as they are.</summary>
    private readonly List<SourceRange> worked = [];

    /// <summary>The time that words without a meaning of their own lead from to a place; -1 for none.</summary>
    private int TimeAhead(int at)
    {
        var far = s.FindLastIndex(at, p => p.Sort == Sort.Time && !p.Taken);
        var between = far < 0 ? [] : s.GetRange(far + 1, at - far - 1);
        return far >= 0 && between.Count <= 4 && between.TrueForAll(p => p.Sort == Sort.Word || p.IsFiller) ? far : -1;
    }

    /// <summary><c>AMRAP 12</c>, <c>12' AMRAP</c>, <c>as many rounds as possible in 16 minutes of</c>.</summary>
    private bool Amrap(int i)
    {
        if (!s[i].Is("amrap"))
        {
            return false;
        }

        NextPart();
        Take(i);
        var (next, before) = (Next(i), Previous(i));
        next = At(next)?.Is("of") == true ? Next(next) : next;
        if (TimeOf(At(next)) is { } behind && !IsAmountOfTask(next))
        {
            SetLength(next, behind);
            Take(next);
        }
        else if (TimeOf(At(before)) is { } ahead)
        {
            SetLength(before, ahead);
            Take(before);
        }
        else if (TimeAhead(i) is var far && far >= 0)
        {
            // You have 12 minutes to get as many rounds as possible.
            SetLength(far, s[far].Ms);
            Take(far);
            TakeAll(s.Take(i).Skip(far + 1));
        }

        Part.Goal = "reps";
        Part.Lines.Add(s[i].Line);
        Open(new("rounds without end"), i);
        return true;
    }

    /// <summary>True for a number that says how many of a movement.</summary>
    private bool IsAmountOfTask(int at) => s[at].Sort == Sort.Figure && At(Next(at)) is { Movement: not null };

    /// <summary><c>for time</c>, with its length before it where one stands there; <c>5 RFT</c>.</summary>
    private bool ForTime(int i)
    {
        if (!s[i].Is("forTime", "rft", "forReps", "forLoad"))
        {
            return false;
        }

        var before = Previous(i);
        if (s[i].Is("rft") && CountOf(At(before)) is { } rounds)
        {
            NextPart();
            Open(new($"{rounds} rounds"), before);
            Take(before);
        }
        else if (At(before) is { Sort: Sort.Time, Taken: false } length)
        {
            NextPart();
            SetLength(before, length.Ms);
            Take(before);
        }
        else if (s[i].Is("rft") && CountOf(At(Next(i))) is { } behind && Next(Next(i)) < 0)
        {
            Take(Next(i));
            Open(new($"{behind} rounds"), i);
        }
        else if (s[i].Is("rft"))
        {
            waitingRounds = s[i];
        }

        Part.Goal ??=
            s[i].Is("forReps") ? "reps"
            : s[i].Is("forLoad") ? "load"
            : "time";
        Part.Lines.Add(s[i].Line);
        Take(i);
        return true;
    }

    /// <summary>Rounds without a number, which may come later: <c>rounds for time, 4 of them</c>.</summary>
    private Piece? waitingRounds;

    /// <summary><c>cap 11:00</c>, <c>TC 18</c>, <c>8 min cap</c>.</summary>
    private bool Cap(int i)
    {
        if (!s[i].Is("cap"))
        {
            return false;
        }

        var (next, before) = (Next(i), Previous(i));
        if (At(next)?.IsMark("+") == true)
        {
            return Penalty(i);
        }

        if (TimeOf(At(next)) is { } behind && !IsAmountOfTask(next))
        {
            SetLength(next, behind);
            Take(next);
        }
        else if (TimeOf(At(before)) is { } ahead && s[before].Sort == Sort.Time)
        {
            SetLength(before, ahead);
            Take(before);
        }
        else
        {
            return At(next)?.Is("tbd") == true && TakeBoth(i, next);
        }

        Part.Goal ??= "time";
        Take(i);
        return true;
    }

    private bool TakeBoth(int i, int next)
    {
        Take(i, next);
        return true;
    }

    [GeneratedRegex(@"^e(\d{1,2})m(om)?$")]
    private static partial Regex EveryN { get; }

    /// <summary><c>EMOM 10</c>, <c>E2MOM x 5</c>, <c>every 2:00 for 10 minutes</c>.</summary>
    private bool EveryMinutes(int i)
    {
        long? interval =
            s[i].Is("emom") ? 60_000
            : EveryN.Match(s[i].Word) is { Success: true } m
                ? 60_000 * long.Parse(m.Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture)
            : (s[i].Is("every") || s[i].Word == "e") && At(i + 1) is { Sort: Sort.Time } t ? t.Ms
            : null;
        if (interval is not { } each || each == 0 || (s[i].Is("every") && s.Exists(p => p.Is("stations", "rota"))))
        {
            return false;
        }

        if (task is not null && task.Lines.Contains(s[i].Line))
        {
            // Something done every minute beside the work is nothing that a draft can say.
            NotUnderstood(s[i], s[^1]);
            TakeAll(s.Skip(i));
            return true;
        }

        NextPart();
        var last = s[i].Sort == Sort.Phrase && s[i].Is("emom") || EveryN.IsMatch(s[i].Word) ? i : i + 1;
        Take(i, last);
        var next = Next(last);
        var times = At(next)?.Word == "x" || At(next)?.Is("sets") == true ? Next(next) : next;
        if (CountOf(At(times)) is { } n && (At(times - 1)?.Word == "x" || At(Next(times))?.Is("rounds", "sets") == true))
        {
            SetLength(times, n * each);
            countsAt.Add(s[times].At);
            intervalsAt.Add((Part, s[times].At));
            Take(times, At(Next(times))?.Is("rounds", "sets") == true ? Next(times) : -1);
        }
        else if (TimeOf(At(next)) is { } total && !IsAmountOfTask(next))
        {
            SetLength(next, total);
            Take(next);
        }
        else if (At(Previous(i)) is { Sort: Sort.Time, Taken: false } before)
        {
            SetLength(Previous(i), before.Ms);
            Take(Previous(i));
        }

        // The total of minutes stands in the draft as so many intervals.
        intervalsAt.Add((Part, Part.LengthAt));
        Part.Goal = "reps";
        Part.Lines.Add(s[i].Line);
        every = new("every " + Times.Written(each));
        everyMs = each;
        Open(every, i);
        return true;
    }

    private Block? every;

    /// <summary>Where the total of intervals stands, which is written as their number.</summary>
    private readonly List<(Part Part, SourceRange At)> intervalsAt = [];

    /// <summary>Where a length stands as a number of intervals.</summary>
    private readonly HashSet<SourceRange> countsAt = [];
    private long everyMs;

    /// <summary><c>A) for time</c>, <c>Part B</c>.</summary>
    private bool PartLabel(int i)
    {
        var named = s[i].Is("part");
        var letter = named ? i + 1 : i;
        if ((named ? i : letter) > 0 && At(Previous(i)) is not null || At(letter) is not { Word: "a" or "b" or "c" or "d" } p)
        {
            return false;
        }

        if (!named && At(letter + 1)?.IsMark("):") != true)
        {
            return false;
        }

        if (Part.Label.Length > 0 || Part.Work.Tasks.Any())
        {
            NextPart(forced: true);
        }

        Part.Label = p.Word.ToUpperInvariant();
        Part.Lines.Add(p.Line);
        Take(i, letter);
        return true;
    }

    /// <summary><c>7 minutes for the heaviest …</c>, <c>in the time left</c>, <c>inside 3:30</c>.</summary>
    private bool WindowOf(int i)
    {
        if (s[i].Is("timeLeft"))
        {
            Part.InTimeLeft = true;
            Part.Lines.Add(s[i].Line);
            Take(i);
            return true;
        }

        if (
            s[i].Sort != Sort.Time
            || At(i + 1)?.Is("max") == true
            || Part.Length is not null
            || clock is not null
            || s[i].Figure is not null
            || At(Next(i)) is { Movement: not null }
            || At(Next(i))?.Is("rest") == true
        )
        {
            return false;
        }

        var next = At(Next(i));
        if (
            s[i].Ms >= 60_000
            && (
                next is null
                || next.Is("heaviest", "heaviest2", "heaviest3", "heaviestSingle", "max", "amrap", "rounds", "of")
                || s.Skip(i).Any(p => p.Is("heaviest", "heaviest2", "heaviest3", "heaviestSingle"))
                || At(i + 1)?.IsMark(":,") == true
                || s.Take(i).Any(p => p.IsFiller && p.Word is "insid" or "in" or "within")
            )
        )
        {
            SetLength(i, s[i].Ms);
            Take(i);
            return true;
        }

        return false;
    }
}
