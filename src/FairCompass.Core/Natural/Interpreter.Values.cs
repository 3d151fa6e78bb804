using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>Values of things that several tasks are done with: <c>Pro: kettlebell 24/16 kg</c>.</summary>
    private readonly List<(string Kit, Value Value)> kitValues = [];

    /// <summary>Names of divisions and duties: before their values, or behind them.</summary>
    private bool Names(int i)
    {
        if (s[i].Sort == Sort.Division)
        {
            return OfDivision(i);
        }

        if (SexOf(s[i]) is { } woman && (s[i].Unit is null || At(i + 1)?.IsMark(":/") == true))
        {
            return OfDuty(i, woman);
        }

        return false;
    }

    private bool OfDivision(int i)
    {
        var divisions = s[i].Divisions.ToEq();
        // Pro men: a name and a duty, where the divisions are not told apart by it already.
        var next = i + 1;
        bool? woman = null;
        if (At(next) is { } p && SexOf(p) is { } sex && !p.IsMark("/"))
        {
            woman = sex;
            Take(next);
            next++;
        }

        // Pro and Sport, each of them.
        while (
            At(next) is { } and
            && (and.IsMark(",") || and.Word is "and" or "y" or "e")
            && At(next + 1) is { Sort: Sort.Division, Taken: false } other
        )
        {
            divisions = [.. divisions, .. other.Divisions];
            Take(next, next + 1);
            next += 2;
        }

        Take(i);
        var named = new Scope(divisions, woman);
        var behind =
            lastValue is not null && s.Take(i).LastOrDefault(x => x.Sort is not Sort.Mark) is { IsFiller: true, Word: "for" or "para" };
        if (behind)
        {
            Rescope(named);
            return true;
        }

        (scope, scopedTask) = (named, task);
        mentioned.UnionWith(divisions);
        return true;
    }

    /// <summary>Divisions that the text names.</summary>
    private readonly HashSet<int> mentioned = [];

    private bool OfDuty(int i, bool woman)
    {
        if (At(i + 1)?.IsMark("/|") == true && At(i + 2) is { } other && SexOf(other) is not null)
        {
            // A legend, read already.
            Take(i, i + 2);
            return true;
        }

        var next = At(Next(i));
        var isBefore = next?.Figure is not null && !next.Taken;
        var value = s.Take(i).LastOrDefault(p => !IsLight(p));
        var isBehind = lastValue is not null && value is { Figure: not null, Taken: true };
        prefixed ??=
            isBefore && !isBehind ? true
            : isBehind ? false
            : null;
        if (prefixed == false && isBehind)
        {
            Rescope(scope with { Woman = woman });
        }
        else if (isBefore)
        {
            (scope, scopedTask) = (scope with { Woman = woman }, task);
        }
        else
        {
            return false;
        }

        Take(i);
        return true;
    }

    private void Rescope(Scope named)
    {
        if (lastValue is var (of, index))
        {
            of.Values[index] = of.Values[index] with { For = named };
            mentioned.UnionWith(named.Divisions.Where(d => d < FirstLevel));
        }
    }

    private bool Values(int i) => Marks(i) || OtherSide(i) || SameHeight(i) || StatedTotal(i) || NamedKit(i) || ValueAt(i);

    /// <summary><c>20 cal air bike/15 cal</c>: the amount of the other side behind the movement.</summary>
    private bool OtherSide(int i)
    {
        if (
            s[i].Figure is not { Only: not null } f
            || s[i].Taken
            || !(At(i - 1)?.IsMark("/") == true)
            || task is not { Amount.Only: not null } of
            || !of.Lines.Contains(s[i].Line)
            || (f.Unit == "rep" ? "" : f.Unit) != of.Unit
            || (of.Unit.Length == 0 && At(Next(i))?.Movement is not null)
        )
        {
            return false;
        }

        of.Amount = of.Amount with { Second = f.First };
        Take(i);
        return true;
    }

    /// <summary><c>at the same height</c>: what all have, for those who do something else there.</summary>
    private bool SameHeight(int i)
    {
        if (
            !s[i].Is("sameHeight")
            || task?.Values.FindAll(v => v.Aspect == Aspect.Height && v.For.Divisions.Count == 0) is not { Count: > 0 } same
        )
        {
            return false;
        }

        task.Values.AddRange(same.Select(v => v with { For = scope with { Woman = v.For.Woman } }));
        Take(i);
        return true;
    }

    /// <summary><c>(231 reps)</c>: a total that the tasks are held against.</summary>
    private bool StatedTotal(int i)
    {
        if (
            s[i].Figure is not { Unit: "rep", Only: { } stated }
            || !(At(i - 1)?.IsMark("(=") == true || At(i - 1)?.Word is "total")
            || At(Next(i))?.Movement is not null
            || optionOf is not null
            || Way is not null
        )
        {
            return false;
        }

        totals.Add((stated, s[i].At));
        Take(i);
        return true;
    }

    /// <summary>A thing before its mass or height: <c>kettlebell 24/16 kg</c>, <c>Box for all: 60/50 cm</c>.</summary>
    private bool NamedKit(int i)
    {
        var behind = At(Next(i))?.Is("forAll") == true ? Next(Next(i)) : Next(i);
        if (KitOf(s[i]) is not { } kit || s[i].Movement is not null || At(behind) is not { Figure: not null, Taken: false })
        {
            return false;
        }

        heldKit = (kit, i);
        Take(i, behind == Next(i) ? -1 : Next(i));
        return true;
    }

    private bool ValueAt(int i)
    {
        if (
            s[i].Figure is not { } f
            || s[i].Taken
            || (!f.IsMass && !f.IsHeight && section != Section.Loads && At(Next(i)) is { Movement: not null, Taken: false })
            || At(Next(i))?.Is("atLeast") == true
        )
        {
            return false;
        }

        // A pair is for both, whoever was named before.
        scope = f.IsPair ? scope.Both : scope;
        if (OptionValue(i, f))
        {
            return true;
        }

        if (f.IsMass || f.IsHeight || (f.Unit == "m" && heldKit is ("target" or "box", _)))
        {
            Put(i, f.IsMass ? Aspect.Load : Aspect.Height, f);
            return true;
        }

        if (f.Unit == "m" && task is { Unit: "", Movement: "shuttle run" } && f.Only is { } length)
        {
            task.Details.Add($"1 x {Number.Normal(length)} m");
            Take(i);
            return true;
        }

        return f.Unit.Length > 0 ? CountedFor(i, f) : task is not null && MayBeValue(i, f) && Bare(i, f, task);
    }

    /// <summary>True for a number without a unit that can be a value of the task at hand: said for some, in brackets, or a pair.</summary>
    private bool MayBeValue(int i, Figure f) =>
        // 15s for the men are dumbbells of 15, not seconds; a number before an unknown word is of that word.
        (s[i].Sort != Sort.Time || s.Exists(p => p.Sort == Sort.Division || SexOf(p) is not null))
        && (At(i + 1)?.Sort != Sort.Word || f.IsPair || At(i - 1)?.IsMark("(@") == true)
        && (scope != Scope.All || Previous(i) < 0 || At(i - 1)?.IsMark("(@,-") == true || (s[i].Sort == Sort.Figure && f.IsPair));

    private bool Bare(int i, Figure f, TaskItem of)
    {
        var needsLoad = book.Find(of.Movement) is { NeedsLoad: true } || of.Options.Count > 0;
        if (of.Unit.Length > 0 && scope != Scope.All)
        {
            of.Values.Add(new(scope, Aspect.Amount, f with { Unit = "" }, "", s[i].At));
        }
        else if (needsLoad || heldKit is not null)
        {
            Put(i, heldKit is ("box" or "target", _) ? Aspect.Height : Aspect.Load, f);
            return true;
        }
        else if (scope != Scope.All && f.Only is not null)
        {
            of.Values.Add(new(scope, Aspect.Amount, f, "", s[i].At));
        }
        else
        {
            return false;
        }

        lastValue = (of, of.Values.Count - 1);
        Mark(of, i);
        Take(i);
        return true;
    }

    /// <summary>Calories or metres that some do of a task: <c>Start: 15/12 calories</c>.</summary>
    private bool CountedFor(int i, Figure f)
    {
        var of =
            task is { } now && now.Unit == f.Unit ? now
            : AllTasks.Where(t => t.Unit == f.Unit).ToList() is [var only] ? only
            : null;
        if (scope == Scope.All || of is null || f.Unit is not ("cal" or "m"))
        {
            return false;
        }

        of.Values.Add(new(scope, Aspect.Amount, f with { Unit = "" }, "", s[i].At));
        lastValue = (of, of.Values.Count - 1);
        Mark(of, i);
        Take(i);
        return true;
    }

    private (string Kit, int At)? heldKit;

    /// <summary>Totals that the text states.</summary>
    private readonly List<(decimal Reps, SourceRange At)> totals = [];

    private static readonly string[] Kits = ["barbell", "dumbbell", "kettlebell", "ball", "sandbag", "box", "target"];

    private static string? KitOf(Piece p) => Kits.FirstOrDefault(k => p.Is(k));

    /// <summary>Puts a load or height to its task, or to all tasks with a thing.</summary>
    private void Put(int i, Aspect aspect, Figure f)
    {
        var behind =
            At(Next(i)) is { } next && KitOf(next) is { } kit && next.Movement is null && !next.Taken && At(Next(Next(i)))?.Figure is null
                ? kit
                : null;
        var thing = heldKit?.Kit ?? behind ?? (section == Section.Loads ? sectionKit : null);
        if (behind is not null)
        {
            Take(Next(i));
        }

        heldKit = null;
        Take(i);
        if (f.First.Count >= 3 && aspect == Aspect.Load && (task is null || !Uses(task, "barbell")))
        {
            kitValues.Add(("barbell", new(scope, aspect, f, "", s[i].At)));
            return;
        }

        var word = aspect == Aspect.Height ? (thing is "target" ? "target" : "box") : "";
        var figure = aspect == Aspect.Height && f.Unit.Length == 0 ? f with { Unit = "cm" } : f;
        if (thing is not null && (section == Section.Loads || task is null || !Uses(task, thing) || (scope != Scope.All && !IsOverride())))
        {
            kitValues.Add((thing, new(scope, aspect, figure, word, s[i].At)));
            return;
        }

        if (task is null || (aspect == Aspect.Load && IsOfAnother(task, s[i].Line)))
        {
            kitValues.Add(("", new(scope, aspect, figure, word, s[i].At)));
            return;
        }

        task.Values.Add(new(scope, aspect, figure, thing is null && aspect == Aspect.Height ? HeightWord(task) : word, s[i].At));
        lastValue = (task, task.Values.Count - 1);
        Mark(task, i);
        if (spokenOf.Count > 0)
        {
            task = spokenOf.Dequeue();
        }
    }

    /// <summary>True for a task in which nothing is lifted, where a load stands in a line of its own and others are done with
    /// one.</summary>
    private bool IsOfAnother(TaskItem of, int line) =>
        !of.Lines.Contains(line)
        && book.Find(of.Movement) is { NeedsLoad: false }
        && AllTasks.Any(t => book.Find(t.Movement) is { NeedsLoad: true });

    private string HeightWord(TaskItem of) => book.Find(of.Movement)?.Kit is MovementKit.BallAndTarget ? "target" : "box";

    /// <summary>True where a task is done with a thing.</summary>
    private bool Uses(TaskItem of, string thing) =>
        of
            .Options.Append(of.Movement)
            .Concat(of.Values.Where(v => v.Aspect == Aspect.Movement).Select(v => v.Word))
            .Any(m => KitName(m, thing));

    private bool KitName(string movement, string thing) =>
        book.Find(movement)?.Kit switch
        {
            MovementKit.Barbell => thing == "barbell",
            MovementKit.Dumbbell => thing == "dumbbell",
            MovementKit.Kettlebell => thing == "kettlebell",
            MovementKit.BallAndTarget => thing is "ball" or "target",
            MovementKit.Ball => thing == "ball",
            MovementKit.Sandbag => thing == "sandbag",
            MovementKit.SandbagAndBox => thing is "sandbag" or "box",
            MovementKit.Box => thing == "box",
            _ => thing == "dumbbell" && movement.Contains("dumbbell", StringComparison.Ordinal),
        };

    /// <summary>Sections, lengths and chunks of a task: <c>in sections of 5 m</c>, <c>every 10 m</c>, <c>in tens</c>.</summary>
    private bool Marks(int i)
    {
        if (task is null || !s[i].Is("sections", "every"))
        {
            return false;
        }

        var next = BehindOf(i);
        if (At(next) is not { Taken: false, Figure: { Unit: "m" or "ft" } f } || f.Only is null)
        {
            return false;
        }

        task.Details.Add($"marks every {Number.Normal(f.First[0])} {f.Unit}");
        Mark(task, i);
        Take(i, next);
        if (At(Next(next))?.Is("sections") == true)
        {
            Take(Next(next));
        }

        return true;
    }
}
