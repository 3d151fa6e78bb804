using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private bool Arrangement(int i, bool first) =>
        TakenBack(i)
        || BlockName(i)
        || Spots(i)
        || Gate(i)
        || Choose(i)
        || Rounds(i)
        || Scheme(i)
        || Ladder(i)
        || Slots(i)
        || Rests(i)
        || Complex(i)
        || Joining(i, first)
        || Markers(i);

    /// <summary>Opens a block; one that is open at the same level ends.</summary>
    private void Open(Block block, int at)
    {
        while (open.Count > 1)
        {
            open.Pop();
        }

        Mark(block, at);
        Here.Items.Add(block);
        open.Push(block);
        task = null;
        openedOn = s[at].Line;
        if (nameNext is { } name)
        {
            blocks[name] = block;
            nameNext = null;
        }
    }

    private int openedOn;

    private void OpenWithin(Block block, int at)
    {
        Mark(block, at);
        Here.Items.Add(block);
        open.Push(block);
        task = null;
    }

    private void CloseAll()
    {
        while (open.Count > 1)
        {
            open.Pop();
        }
    }

    /// <summary><c>forget the 3 rounds</c>.</summary>
    private bool TakenBack(int i)
    {
        if (!s[i].Is("forget"))
        {
            return false;
        }

        // What is taken back is not read: the number and the rounds behind it.
        var gone = Next(i);
        worked.AddRange(s.Skip(gone).Take(1).Select(p => p.At));
        Take(i, gone, CountOf(At(gone)) is not null && At(Next(gone))?.Is("rounds") == true ? Next(gone) : -1);
        return true;
    }

    /// <summary><c>5 rounds</c>, <c>3 rds of</c>, <c>5 rondas</c>.</summary>
    private bool Rounds(int i)
    {
        if (waitingRounds is not null && CountOf(s[i]) is { } later && At(i + 1)?.Is("of") == true && At(i + 2) is { Word: "them" })
        {
            Open(new($"{later} rounds"), i);
            Take(i, i + 1, i + 2);
            waitingRounds = null;
            return true;
        }

        if (!s[i].Is("rounds", "sets"))
        {
            return false;
        }

        if (turning is not null && CountOf(At(i - 1)) is { } laps && s.Find(p => p.Sort == Sort.Time && !p.Taken) is { } pause)
        {
            Part.Again = $"{laps} cycles, rest {Times.Written(pause.Ms)} between";
            TakeAll(s);
            return true;
        }

        if (CountOf(At(i - 1)) is not { } n)
        {
            if (s[i].Is("rounds") && At(Next(i))?.Is("forTime") == true)
            {
                waitingRounds = s[i];
                Take(i);
                return true;
            }

            return false;
        }

        if (s[i].Is("sets") && s.Exists(p => p.Is("rest", "off")) && s.Exists(p => p.Sort == Sort.Time && !p.Taken))
        {
            waitingSets = n;
            return false;
        }

        // A number of intervals that does not fit their total is neither.
        if (every is not null && Here == every && Part.Length is { } total && total != n * everyMs)
        {
            return false;
        }

        Take(i - 1, i, At(i + 1)?.Is("of") == true ? i + 1 : -1);
        if (every is not null && Here == every)
        {
            Part.Lasts(n * everyMs, s[i - 1].At);
            countsAt.Add(s[i - 1].At);
            return true;
        }

        Open(new($"{n} rounds"), i);
        return true;
    }

    /// <summary><c>21-15-9</c> for the tasks under it or before it.</summary>
    private bool Scheme(int i)
    {
        if (s[i].Figure is not { IsList: true, Unit: "", Second.Count: 0 } f || s[i].Taken)
        {
            return false;
        }

        var next = BehindOf(i);
        var before = At(Previous(i));
        if (
            At(next) is { Movement: not null }
            && !At(i + 1)?.Is("of") == true
            && s.Count(p => p.Movement is not null) == 1
            && !IsNextLineTask(s[i].Line)
        )
        {
            // The numbers of one movement only: 21-15-9 thrusters.
            return false;
        }

        if (before is { Movement: not null } && task is not null && task.Amount is null && before.Line == s[i].Line && before.Taken)
        {
            task.Amount = f;
            Take(i);
            return true;
        }

        Take(i, At(Next(i))?.Is("of") == true ? Next(i) : -1);
        if (f.Open)
        {
            Open(new("rounds without end"), i);
            Part.Goal ??= "reps";
            OpenWithin(new(f.Side(f.First) + " of") { IsScheme = true }, i);
            return true;
        }

        Open(new(f.Side(f.First) + " of") { IsScheme = true }, i);
        schemeValues = f.First;
        return true;
    }

    /// <summary>The line of a scheme that several movements share, which may stand below them; 0 where there is none.</summary>
    private int schemeLine;

    private Eq<decimal> schemeValues = [];

    private bool IsNextLineTask(int line) =>
        line < lines.Length
        && PiecesOf(line) is var next
        && next.Exists(p => p.Movement is not null)
        && !next.Exists(p => p.Figure is { Unit: "", IsPair: false });

    /// <summary><c>add 2 reps each round</c>, <c>+2 each round</c>: the amounts rise by equal steps.</summary>
    private bool Ladder(int i)
    {
        if (
            !(s[i].Word is "add" or "adding" or "+")
            || At(Next(i)) is not { Figure.Count: { } step }
            || !s.Exists(p => p.Is("rounds", "eachMember", "every"))
        )
        {
            return false;
        }

        var rounds = s.FindIndex(i, p => p.Is("rounds"));
        if (rounds < 0)
        {
            return false;
        }

        rising = step;
        TakeAll(s.Skip(i).Take(rounds - i + 1));
        return true;
    }

    private int? rising;

    /// <summary>Odd and even minutes, first and second tasks of an interval.</summary>
    private bool Slots(int i)
    {
        if (every is null)
        {
            return false;
        }

        if (s[i].Is("alternating") && task is null)
        {
            alternates = true;
            Take(i);
            return true;
        }

        if (s[i].Is("odd", "even"))
        {
            alternates = true;
            Take(i, At(i + 1)?.IsMark(":") == true ? i + 1 : -1);
            task = null;
            return true;
        }

        if (s[i].Unit == "min" && At(i + 1)?.Figure?.Count is { } minute && At(Next(i + 1)) is { } && minute <= 12 && Previous(i) < 0)
        {
            alternates = true;
            Take(i, i + 1);
            return true;
        }

        if (s[i].Is("restOfInterval"))
        {
            OpenThen(i);
            return true;
        }

        return false;
    }

    private bool alternates;

    private void OpenThen(int i)
    {
        Take(i);
        if (every!.Items is [Block { Head: "first" }, ..])
        {
            return;
        }

        var first = new Block("first");
        first.Items.AddRange(every.Items);
        every.Items.Clear();
        every.Items.Add(first);
        first.Lines.UnionWith(first.Items.SelectMany(x => x.Lines).DefaultIfEmpty(s[i].Line));
        while (Here != every && open.Count > 1)
        {
            open.Pop();
        }

        OpenWithin(new("then"), i);
    }

    /// <summary>Words that lead on: what comes once before or after the rounds, and what comes next.</summary>
    private bool Joining(int i, bool first)
    {
        if (s[i].Is("buyIn"))
        {
            Take(i, At(i + 1)?.IsMark(":") == true ? i + 1 : -1);
            CloseAll();
            return true;
        }

        if (s[i].Is("cashOut"))
        {
            Take(i, At(i + 1)?.IsMark(":") == true ? i + 1 : -1);
            CloseAll();
            task = null;
            return true;
        }

        if (s[i].Is("then"))
        {
            // At the beginning of a sentence it ends the rounds, unless it stands among the tasks of an interval.
            if (Previous(i) < 0 && (every is null || Here != every) && openedOn != s[i].Line)
            {
                CloseAll();
                task = null;
            }

            Take(i);
            return true;
        }

        return first && s[i].IsMark(">") && TakeBoth(i, -1);
    }

    /// <summary>Tasks done with two implements, said in words.</summary>
    private readonly HashSet<TaskItem> pairs = [];
}
