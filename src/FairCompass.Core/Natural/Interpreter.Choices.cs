namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>The task to which the next words are another way; null where they are not.</summary>
    private TaskItem? optionOf;

    /// <summary>The way that was read last in this line.</summary>
    private TaskItem? Way => task is not null && AllTasks.Any(t => t.Choices.Contains(task)) ? task : null;

    /// <summary><c>60 DU or 120 singles</c>, <c>… OR 50/35 kg 13 reps</c>, <c>no rope skills = 6 strict pull-ups</c>.</summary>
    private bool Choose(int i)
    {
        if (task is null || !task.Lines.Contains(s[i].Line) || !(s[i].Is("choose") || s[i].IsMark("=")))
        {
            return Worth(i);
        }

        var next = At(Next(i));
        if (
            next is null
            || !(next.Figure is not null || next.Is("max") || next.Movement is not null)
            || (s[i].IsMark("=") && At(Next(Next(i)))?.Movement is null)
        )
        {
            return false;
        }

        optionOf = AllTasks.LastOrDefault(t => t.Choices.Contains(task)) ?? task;
        Take(i);
        if (next.Movement is not null && next.Figure is null)
        {
            pendingMax = optionOf.Max;
        }

        return true;
    }

    /// <summary>A load or an amount of another way to do the same movement.</summary>
    private bool OptionValue(int i, Figure f)
    {
        if (optionOf is { } menu && (f.IsMass || f.Unit == "rep"))
        {
            task = new() { At = menu.At };
            task.Lines.Add(s[i].Line);
            menu.Choices.Add(task);
            optionOf = null;
        }

        if (Way is { Movement: "" } way && f is { Unit: "rep", Only: not null })
        {
            way.Amount = f with { Unit = "" };
            Take(i);
            return true;
        }

        // The amount said once more behind the load: 60/40 kg 10 reps.
        if (task?.Amount is { } own && f.Unit == "rep" && f.Only == own.Only)
        {
            Take(i);
            return true;
        }

        return false;
    }

    /// <summary><c>13 still only counts 10</c>, <c>also worth 3</c>.</summary>
    private bool Worth(int i)
    {
        if (!s[i].Is("worth") || task is null || CountOf(At(Next(i))) is not { } credit)
        {
            return false;
        }

        task.Details.Add($"credited {credit}");
        Take(i, Next(i));
        if (CountOf(At(Previous(i))) is { } same && same == (int?)task.Amount?.Only)
        {
            Take(Previous(i));
        }

        return true;
    }

    /// <summary>A segment that must be reached for the clock to go on: <c>who gets there has 2:30 more</c>.</summary>
    private bool Gate(int i)
    {
        if (!s[i].Is("gateTo"))
        {
            return false;
        }

        var at = s.FindIndex(i, p => p is { Sort: Sort.Time, Taken: false });
        if (at < 0)
        {
            return false;
        }

        CloseAll();
        var gate = new Block("gate, adds " + Times.Written(s[at].Ms));
        Mark(gate, i);
        Here.Items.Add(gate);
        task = null;
        TakeAll(s.Skip(i).Take(at - i + 1));
        Take(At(at + 1)?.Is("more") == true ? at + 1 : -1);
        return true;
    }
}
