namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary><c>rest 1:00</c> after some work; between sets it is read with them.</summary>
    private bool Rests(int i)
    {
        if (!s[i].Is("rest", "change"))
        {
            return false;
        }

        var (next, before) = (Next(i), Previous(i));
        next = At(next)?.Is("of") == true ? Next(next) : next;
        var at =
            TimeOf(At(next)) is not null && At(next)!.Sort == Sort.Time ? next
            : TimeOf(At(before)) is not null && s[before].Sort == Sort.Time ? before
            : -1;
        if (at < 0)
        {
            return false;
        }

        var length = TimeOf(s[at])!.Value;
        Take(i, at);
        var word = s[i].Is("change") ? "change" : "rest";
        if (s.Exists(p => p.Is("between") && !p.Taken) && Part.Again is null && Here.Head.EndsWith(" rounds", StringComparison.Ordinal))
        {
            Take(s.FindIndex(p => p.Is("between")));
            var between = new Block("own rest " + Times.Written(length));
            Mark(between, i);
            restsBetween.Add((Here, between));
            return true;
        }

        if (turning is not null && !Part.Work.Tasks.Any())
        {
            changeMs = length;
            return true;
        }

        if (Here.Tasks.Any() && Here.Tasks.All(t => t.Window is not null))
        {
            var pause = new Block("own rest " + Times.Written(length));
            Mark(pause, i);
            Here.Items.Add(pause);
            task = null;
            return true;
        }

        if (Part.Work.Tasks.Any() || s.Exists(p => p.Is("untilEnd")))
        {
            CloseAll();
            var rest = new Block("own rest " + Times.Written(length));
            Mark(rest, i);
            Here.Items.Add(rest);
            task = null;
        }

        return true;
    }

    private readonly List<(Block Rounds, Block Pause)> restsBetween = [];

    /// <summary>A complex: lifts in order at one bar.</summary>
    private bool Complex(int i)
    {
        if (!s[i].Is("complex"))
        {
            return false;
        }

        Take(i);
        var unbroken = s.Exists(p => p.Is("inOneGo"));
        foreach (var p in s.Where(p => p.Is("inOneGo")))
        {
            p.Taken = true;
        }

        if (pendingHeaviest is not null)
        {
            Part.Goal = "load";
            pendingHeaviest = null;
        }

        OpenWithin(new("complex" + (unbroken ? ", in one go" : "")) { Bar = new() { Movement = "" } }, i);
        return true;
    }

    /// <summary>Words that say which rounds a task stands in, and how it may be done.</summary>
    private bool Markers(int i)
    {
        if (InAnyOrder(i))
        {
            return true;
        }

        if (s[i].Is("lastRepeats", "mayBreak"))
        {
            (lastRepeats, mayBreak) = (lastRepeats || s[i].Is("lastRepeats"), mayBreak || s[i].Is("mayBreak"));
            TakeAll(s.Where(p => p.Is("untilEnd") || p == s[i] || p.Word is "lift"));
            return true;
        }

        var detail =
            s[i].Is("firstRoundOnly") ? "round 1 only"
            : s[i].Is("everyOtherRound") ? "every 2nd round"
            : s[i].Is("fromRack") ? "from the rack"
            : s[i].Is("fromFloor") ? "from the floor"
            : s[i].Is("inOneGo") ? "in one go"
            : s[i].Is("uncounted") && !s.Take(i).Any(p => p.Word is "if" or "si" or "nobody" or "nadie") ? "uncounted"
            : s[i].Is("twoForOne") ? "every 2 count 1"
            : null;
        if (s[i].Is("alternating") && task?.Lines.Contains(s[i].Line) == true)
        {
            task.Remark ??= TextAt(s[i].At);
            Take(i);
            return true;
        }

        if (s[i].Is("pairOf") && task?.Lines.Contains(s[i].Line) == true)
        {
            pairs.Add(task);
            Take(i);
            return true;
        }

        if (detail is null || task is null)
        {
            return false;
        }

        if (detail == "uncounted" && Previous(i) is >= 0 and var named && s[named].Movement is { } movement)
        {
            Uncounted(movement.Value);
            Take(named);
        }
        else
        {
            task.Details.Add(detail);
            Mark(task, i);
        }

        Take(i);
        return true;
    }

    /// <summary>The tasks so far may be mixed.</summary>
    private bool InAnyOrder(int i)
    {
        if (!s[i].Is("anyOrder"))
        {
            return false;
        }

        Take(i);
        var all = new Block("in any order");
        Mark(all, i);
        all.Items.AddRange(Here.Items);
        Here.Items.Clear();
        Here.Items.Add(all);
        open.Push(all);
        return true;
    }

    private void Uncounted(string movement)
    {
        foreach (var t in AllTasks.Where(t => t.Movement == movement))
        {
            t.Details.Add("uncounted");
        }
    }
}
