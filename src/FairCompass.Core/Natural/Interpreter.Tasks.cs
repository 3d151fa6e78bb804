namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private int? pendingHeaviest;
    private bool pendingMax;
    private long? pendingWindow;

    /// <summary>The value that was read last in this sentence, for whom words behind it say.</summary>
    private (TaskItem Task, int Index)? lastValue;

    /// <summary>True where names stand before their values in this sentence, false where they stand behind.</summary>
    private bool? prefixed;

    /// <summary><c>la serie de 2 más pesada</c>: the set first, that it is the heaviest behind it.</summary>
    private bool HeaviestBehind(int i)
    {
        var n = BehindOf(i);
        var word = s.FindIndex(i, p => p.Is("heaviest"));
        if (!s[i].Is("sets") || CountOf(At(n)) is not { } reps || word < 0)
        {
            return false;
        }

        pendingHeaviest = reps;
        Part.Goal ??= "load";
        Take(i, n, word, At(Next(i))?.Is("of") == true ? Next(i) : -1);
        return true;
    }

    private bool Task(int i, TaskItem? before) =>
        HeaviestBehind(i) || Heaviest(i) || AsLong(i) || Max(i) || InsteadOf(i) || Held(i) || Amount(i) || Unknown(i) || Bare(i, before);

    private bool Heaviest(int i)
    {
        int? reps =
            s[i].Is("heaviest2") ? 2
            : s[i].Is("heaviest3") ? 3
            : s[i].Is("heaviest5") ? 5
            : s[i].Is("heaviest", "heaviestSingle") ? 1
            : null;
        if (reps is null || !s.Exists(p => p.Movement is not null || p.Is("complex")))
        {
            return false;
        }

        Take(i);
        var next = Next(i);
        if (At(next)?.Is("double") == true)
        {
            (reps, next) = (2, Next(next));
            Take(Previous(next) is var b && b > i ? b : next - 1);
        }
        else if (At(next)?.Is("triple") == true)
        {
            (reps, next) = (3, Next(next));
            Take(Previous(next) is var b && b > i ? b : next - 1);
        }
        else if (At(next)?.Is("sets") == true)
        {
            var n = BehindOf(next);
            if (CountOf(At(n)) is { } of)
            {
                reps = of;
                Take(next, n, At(Next(next))?.Is("of") == true ? Next(next) : -1);
            }
        }

        pendingHeaviest = reps;
        Part.Goal ??= "load";
        return true;
    }

    private bool Max(int i)
    {
        if (!s[i].Is("max") || s[i].Taken)
        {
            return false;
        }

        if (CountOf(At(Next(i))) is not null && s.Skip(i).Any(p => p.Is("inARow")))
        {
            return false;
        }

        Take(i);
        pendingMax = true;
        if (At(i - 1) is { Sort: Sort.Time, Taken: false } own && own.Ms >= 10_000)
        {
            // 1 min max wall balls: a window of its own.
            pendingWindow = own.Ms;
            Take(i - 1);
        }

        var next = Next(i);
        if (At(next)?.Is("of") == true)
        {
            Take(next);
        }

        return true;
    }

    /// <summary>An amount with its movement: <c>14/11 cal bike</c>, <c>20 calories on the air bike</c>, <c>80 m farmer's
    /// carry</c>.</summary>
    private bool Amount(int i)
    {
        if (section == Section.Loads && task is not null && s[i].Figure is { IsPair: true, Unit: "" })
        {
            // Deadlifts 100/70, thrusters 43/30: a load, and the movement behind it has its own.
            return false;
        }

        if (s[i].Figure is not { } f || s[i].Taken || f.IsMass || f.IsHeight || s[i].Sort == Sort.Time)
        {
            return false;
        }

        var next = Next(i);
        var unit = f.Unit == "rep" ? "" : f.Unit;
        var marked = new List<int> { i };
        while (
            At(next) is { } p
            && next - i <= 5
            && (p.Is("of", "eachMember", "alternating", "on", "synchro") || (p.Unit is "cal" or "m" or "ft" or "rep" && p.Movement is null))
        )
        {
            if (p.Unit is "cal" or "m" or "ft" or "rep")
            {
                unit = p.Unit == "rep" ? "" : p.Unit!;
            }

            marked.Add(next);
            next = Next(next);
        }

        if (
            At(next) is not { Movement: { } movement } at
            || at.Taken
            || s.Skip(i + 1).Take(next - i - 1).Any(p => p.IsMark(":;") || p.Sort == Sort.Division)
        )
        {
            return false;
        }

        if (IsOverride() && task is not null && !At(Next(next))?.Is("insteadOf") == true)
        {
            task.Values.Add(new(scope, Aspect.Movement, f with { Unit = unit }, movement.Value, at.At));
            TakeAll(marked.Select(k => s[k]).Append(at));
            return true;
        }

        if (At(Next(next))?.Is("insteadOf") == true)
        {
            return false;
        }

        NewTask(next, movement);
        (task!.Amount, task.Unit, task.AmountAt) = (f with { Unit = "" }, unit, s[i].At);
        Between(i, next, task);
        TakeAll(marked.Select(k => s[k]).Append(at));
        Qualified(next);
        return true;
    }

    /// <summary>Words between an amount and its movement: alternating, synchronised.</summary>
    private void Between(int i, int next, TaskItem task)
    {
        if (s.Skip(i).Take(next - i).Any(p => p.Is("alternating")))
        {
            task.Remark = "alternating";
        }

        if (IsTeam && s.Skip(i).Take(next - i).Any(p => p.Is("synchro")) && !task.Under.Contains("share:together at unset"))
        {
            task.Under.Add("share:together at unset");
        }
    }

    /// <summary>True where the words at hand are said for some only, behind a task of the same sentence.</summary>
    private bool IsOverride() => scope != Scope.All && task is not null && scopedTask == task && task.Lines.Contains(s[0].Line);

    /// <summary>The task that was read before the names at hand.</summary>
    private TaskItem? scopedTask;

    /// <summary>Tasks that a line speaks of again, in their order: <c>Sport: power snatches 30/20 and 40/27.5 kg</c>.</summary>
    private readonly Queue<TaskItem> spokenOf = new();

    private void NewTask(int at, Entry movement)
    {
        task = new TaskItem
        {
            Movement = movement.Value,
            Options = movement.Options,
            At = s[at].At,
        };
        task.Lines.Add(s[at].Line);
        if (sharers is { } n)
        {
            task.Under.Add($"share:by {n} members");
            sharers = null;
        }

        if (pendingHeaviest is { } reps)
        {
            (task.Heaviest, pendingHeaviest) = (reps, null);
            Part.Goal ??= "load";
        }

        if (pendingMax)
        {
            (task.Max, pendingMax) = (true, false);
            (task.Window, pendingWindow) = (pendingWindow, null);
            task.Unit = IsHeld(movement.Value) ? "s" : task.Unit;
        }

        if (scope != Scope.All && scope.Divisions.Count > 0 && Here.Items.Count > 0)
        {
            task.OnlyFor = scope.Divisions;
        }

        if (IsTeam && movement.Value.StartsWith("synchronised", StringComparison.Ordinal))
        {
            task.Under.Add("share:together at unset");
        }

        if (optionOf is { } menu)
        {
            menu.Choices.Add(task);
            optionOf = null;
            return;
        }

        Here.Items.Add(task);
    }

    /// <summary>True where a scheme stands further down, so that tasks before it need no amount.</summary>
    private bool schemeLater => schemeLine > s[0].Line;
}
