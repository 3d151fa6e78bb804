using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary><c>hand-release push-ups instead of wall walks</c>: for whom the sentence says.</summary>
    private bool InsteadOf(int i)
    {
        if (
            s[i].Movement is not { } does
            || s[i].Taken
            || At(Next(i))?.Is("insteadOf") != true
            || At(Next(Next(i))) is not { Movement: { } replaced }
        )
        {
            return false;
        }

        var target = AllTasks.LastOrDefault(t => t.Movement == replaced.Value || t.Options.Contains(replaced.Value));
        if (target is null)
        {
            replacing.Add((scope, does.Value, AmountBefore(i), replaced.Value, s[i].At));
        }
        else
        {
            target.Values.Add(new(scope, Aspect.Movement, AmountBefore(i), does.Value, s[i].At));
            Mark(target, i);
        }

        Take(i, Next(i), Next(Next(i)), AmountBefore(i) is null ? -1 : i - 1);
        return true;
    }

    private Figure? AmountBefore(int i) => At(i - 1) is { Figure: { Unit: "" or "cal" or "m" or "rep" } f } ? f : null;

    private readonly List<(Scope For, string Does, Figure? Amount, string Replaced, SourceRange At)> replacing = [];

    /// <summary>An amount of something that has no standard: the words are kept as its name, and it is asked what is meant.</summary>
    private bool Unknown(int i)
    {
        if (
            s[i].Figure is not { IsMass: false, IsHeight: false } f
            || s[i].Taken
            || s[i].Sort != Sort.Figure
            || Previous(i) >= 0 && At(i - 1)?.IsMark(",") != true
            || At(i + 1) is not { Sort: Sort.Word } first
            || scope != Scope.All
        )
        {
            return false;
        }

        var words = s.Skip(i + 1)
            .TakeWhile(p =>
                p.Sort is Sort.Word
                || (p.IsMark("-") && p != first)
                || (p.Sort == Sort.Phrase && p.Movement is null && p.Figure is null && IsLight(p))
            )
            .ToList();
        while (words.Count > 0 && words[^1].Sort != Sort.Word)
        {
            words.RemoveAt(words.Count - 1);
        }

        var name = words.Count is > 0 and <= 4 ? Note(words[0], words[^1]) : "";
        var goesOn = At(i + 1 + words.Count);
        if (
            name.Length < 3
            || name.Any(c => !char.IsLetter(c) && c is not (' ' or '-' or '\''))
            || !(goesOn is null || goesOn.IsMark(",(@-") || goesOn.Figure is not null)
            || (Part.Goal is null && !Part.Work.Tasks.Any() && Here == Part.Work)
        )
        {
            return false;
        }

        NewTask(i + 1, new(EntryKind.Movement, name.ToLowerInvariant()));
        (task!.Amount, task.Unit, task.AmountAt) = (f with { Unit = "" }, f.Unit == "rep" ? "" : f.Unit, s[i].At);
        task.At = words[0].At with { Length = words[^1].End - words[0].Column };
        var near = book
            .All.OrderByDescending(m => Core.Text.Similarity.Of(m.Name.English, name))
            .Where(m => Core.Text.Similarity.Of(m.Name.English, name) > 0)
            .Take(3)
            .Select(m => m.Name.English)
            .ToList();
        Ask(
            task.At,
            "movement",
            $"No movement is called “{name}”. Which is meant, or is a standard to be written for it?",
            [.. near.Select(m => Option(m, $"The standard of the {m} holds.", task.At, m))]
        );
        Take(i);
        TakeAll(words);
        return true;
    }

    /// <summary>A movement that some do, in a line that names them and no other: it stands in place of the task that it is most
    /// like.</summary>
    private bool Substitute(int i, Entry movement)
    {
        if (
            scope.Divisions.Count == 0
            || IsOverride()
            || s.Take(i).Any(p => p.Figure is { IsMass: false, IsHeight: false } && !p.Taken)
            || At(Next(i))?.Is("insteadOf") == true
        )
        {
            return false;
        }

        var free = AllTasks
            .Where(t =>
                !t.Values.Exists(v =>
                    v.Aspect == Aspect.Movement
                    && v.For.Divisions.Count <= scope.Divisions.Count
                    && v.For.Divisions.Any(scope.Divisions.Contains)
                )
            )
            .Select(t => (Task: t, Like: Likeness(t.Movement, movement.Value)))
            .Where(x => x.Like > 0)
            .OrderByDescending(x => x.Like)
            .ToList();
        if (free.Count == 0 || (free.Count > 1 && free[0].Like == free[1].Like))
        {
            return false;
        }

        task = free[0].Task;
        task.Values.Add(new(scope, Aspect.Movement, null, movement.Value, s[i].At));
        Mark(task, i);
        Take(i);
        return true;
    }

    /// <summary>How much one movement is like another: the same last word, the same thing, the same kind of work.</summary>
    private int Likeness(string a, string b)
    {
        var (x, y) = (book.Find(a), book.Find(b));
        var last = a.Split(' ', '-')[^1] == b.Split(' ', '-')[^1] ? 4 : 0;
        var kit =
            x is not null && y is not null && x.Kit == y.Kit
                ? x.Kit == Standards.MovementKit.None
                    ? 1
                    : 2
                : 0;
        var travel = Standards.Plurals.IsTravel(a) && Standards.Plurals.IsTravel(b) ? 3 : 0;
        return last + kit + travel + (x is not null && x.Family == y?.Family ? 1 : 0);
    }

    /// <summary>True for a movement that a line begins with and a mass follows: <c>Thrusters: 43/30 kg</c> under the work.</summary>
    private bool IsLoadOf(int i) =>
        s.Take(i).All(p => p.Taken || IsLight(p))
        && At(Next(i)) is { Figure: { } f, Taken: false }
        && (f.IsMass || (section == Section.Loads && (f.IsPair || f.Times > 1)));

    private bool SpeaksOf(int i, string movement)
    {
        var same =
            scope == Scope.All && !IsLoadOf(i) ? [] : AllTasks.Where(t => t.Movement == movement || t.Options.Contains(movement)).ToList();
        if (same.Count == 0 || At(Next(i))?.Is("insteadOf") == true || IsOverride())
        {
            return false;
        }

        spokenOf.Clear();
        same.ForEach(spokenOf.Enqueue);
        task = spokenOf.Dequeue();
        scopedTask = null;
        Mark(task, i);
        Take(i);
        return true;
    }

    /// <summary>A word behind a movement that says which of its forms it is: <c>snatches (power)</c>.</summary>
    private void Qualified(int at)
    {
        if (task is { Options.Count: > 0 } && At(Next(at)) is { } p && p.Is("power", "squatStyle", "strict"))
        {
            var word =
                p.Is("power") ? "power"
                : p.Is("strict") ? "strict"
                : "squat";
            if (task.Options.FirstOrDefault(o => o.Contains(word, StringComparison.Ordinal)) is { } meant)
            {
                (task.Movement, task.Options) = (meant, []);
                p.Taken = true;
            }
        }
    }

    /// <summary>A movement without a number: under a scheme, as many as possible, or in place of another one.</summary>
    private bool Bare(int i, TaskItem? before)
    {
        if (s[i].Movement is not { } movement || s[i].Taken)
        {
            return false;
        }

        if (SpeaksOf(i, movement.Value) || Substitute(i, movement))
        {
            return true;
        }

        pendingMax |= FillsItsTime(i);
        if (pendingMax || pendingHeaviest is not null)
        {
            NewTask(i, movement);
            task!.Unit = s.Take(i).LastOrDefault(p => p.Unit is "cal" or "m")?.Unit ?? task.Unit;
            TakeAll(s.Take(i).Where(p => p.Unit is "cal" or "m" or "rep"));
            Take(i);
            Qualified(i);
            return true;
        }

        if (IsOverride() || (scope != Scope.All && task is not null && before == task && s.Take(i).All(p => p.Taken || IsLight(p))))
        {
            task!.Values.Add(new(scope, Aspect.Movement, null, movement.Value, s[i].At));
            Mark(task, i);
            Take(i);
            return true;
        }

        if (Doubted(i, movement))
        {
            return true;
        }

        if (Here is Block { IsScheme: true } || schemeLater)
        {
            NewTask(i, movement);
            task!.Unit = At(Previous(i))?.Unit is "cal" or "m" ? s[Previous(i)].Unit! : "";
            Take(i, task.Unit.Length > 0 ? Previous(i) : -1);
            Qualified(i);
            return true;
        }

        return AmountBehind(i, movement);
    }

    /// <summary>A movement without an amount that is done as often as the time allows: at a station, or in intervals of work and
    /// rest.</summary>
    private bool FillsItsTime(int i) =>
        task is null
        && (
            (InStation && !s.Take(i).Any(p => p.Figure is not null))
            || (
                Part.Again is not null
                && Part.Goal == "reps"
                && !s.Take(i).Any(p => p.Figure is not null && !p.Taken)
                && At(Next(i))?.Figure is not { IsMass: false }
            )
        );

    /// <summary><c>Thrusters 21</c>: the amount behind the movement.</summary>
    private bool AmountBehind(int i, Entry movement)
    {
        var behind = At(Next(i));
        if (
            behind?.Figure is { IsMass: false, IsHeight: false } f
            && !behind.Taken
            && s.Take(i).All(p => p.Taken || IsLight(p))
            && At(Next(Next(i)))?.Movement is null
        )
        {
            NewTask(i, movement);
            (task!.Amount, task.Unit) = (f with { Unit = "" }, f.Unit == "rep" ? "" : f.Unit);
            task.AmountAt = behind.At;
            Take(i, Next(i));
            return true;
        }

        return false;
    }

    /// <summary>Another movement with a question mark behind a task: the text leaves open which of the two is meant.</summary>
    private bool Doubted(int i, Entry movement)
    {
        if (task is null || !task.Lines.Contains(s[i].Line) || !(At(i + 1)?.IsMark("?") == true || s.Skip(i).Any(p => p.Is("tbd"))))
        {
            return false;
        }

        var where = s[i].At;
        Ask(
            where,
            "movement",
            $"“{TextAt(task.At)}” or “{TextAt(where)}”: the text leaves open which is meant.",
            Option(task.Movement, $"{task.Movement} is done.", where, ""),
            Option(movement.Value, $"{movement.Value} is done.", task.At, TextAt(where))
        );
        // The draft says so too, whoever takes it before the question is answered.
        task.Remark ??= TextAt(where) + "?";
        TakeAll(s.Skip(i).Where(p => p.Is("tbd") || p.IsMark("?") || p == s[i]));
        return true;
    }
}
