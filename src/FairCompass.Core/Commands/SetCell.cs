using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Commands;

/// <summary>Sets a load or amount of the prescription table. The answer is the smallest change of the text.</summary>
/// <param name="Line">The task's line.</param>
/// <param name="Aspect"><c>load</c> or <c>amount</c>.</param>
/// <param name="Division">The division of the cell.</param>
/// <param name="Duty">The duty of the cell.</param>
/// <param name="Value">
/// A number, or both duties' numbers as <c>62.5/42.5</c> in the order of the draft. A load that is published in two units takes
/// both, as <c>24 or 53</c>, since one of them alone would leave the other wrong.
/// </param>
public sealed record SetCell(int Line, string Aspect, string Division, string Duty, string Value) : Command
{
    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        if (Aspect is not ("load" or "amount"))
        {
            return new FieldError("aspect", "load or amount.");
        }

        var (edit, refusal) = Change(draft.Read);
        return edit is null ? new FieldError("value", refusal!) : DraftEdits.In(draft.Read.Text, [Edits.At(draft.Read.Text, edit)!]);
    }

    /// <summary>The change, or the reason why there is none.</summary>
    /// <param name="u">The draft as it stands.</param>
    internal (TextEdit? Edit, string? Refusal) Change(ReadDraft u)
    {
        var (task, address) = Find(u);
        if (task is null || address is null)
        {
            return (null, "This cell is not in the draft any more.");
        }

        if (Aspect == "load" && WorkTree.All(u.Workout).OfType<Work.Complex>().Any(c => c.Lifts.Any(l => ReferenceEquals(l, task))))
        {
            return (null, "This is the bar of the whole complex; change it in the draft.");
        }

        var parts = Value.Split(" or ", StringSplitOptions.TrimEntries);
        if (parts.Length > 2 || Read(parts[0]) is not { } typed || (parts.Length == 2 && Read(parts[1]) is null))
        {
            return (null, "Type a number such as 22.5, or both as 22.5/15.");
        }

        var position = u.Resolver.Position(address);
        if (Aspect != "load")
        {
            return parts.Length == 2 ? (null, "Type a number such as 12, or both as 12/9.") : SetAmount(u, task, address, position, typed);
        }

        var also = parts.Length == 2 ? Read(parts[1]) : null;
        var known = Effective(u, task, address);
        return (known?.AlsoUnit, also) switch
        {
            _ when known?.Left is not null => (null, "This load is of two hands; change it in the draft."),
            ({ } second, null) => (
                null,
                $"This load is published in {known!.Unit.Symbol()} and {second.Symbol()}; type both, as 24 or 53."
            ),
            (null, not null) => (null, "This load is published in one unit; write the second one in the draft."),
            _ => SetLoad(u, task, address, position, typed, also),
        };
    }

    /// <summary>True when the cell has this one number already, written for it or inherited.</summary>
    internal bool Holds(ReadDraft u)
    {
        if (Find(u) is not ({ } task, { } address) || Read(Value) is not { Second: null } typed)
        {
            return false;
        }

        var now = u.Resolver.Resolve(task, address);
        return Aspect == "load"
            ? now.Load is { Value.Also: null } load && load.Value.Values == typed.First
            : now.Amount?.Value is Amount.Counted counted && counted.Of.For(u.Resolver.Position(address)) == typed.First;
    }

    private (Work.Task? Task, Address? Address) Find(ReadDraft u) =>
        (
            WorkTree.Tasks(u.Workout).FirstOrDefault(t => t.At.Line == Line),
            u.Resolver.Columns.FirstOrDefault(a =>
                string.Equals(a.Division.Name, Division, StringComparison.OrdinalIgnoreCase) && a.Within == Duty
            )
        );

    /// <summary>The figures of one publication, with its unit or without.</summary>
    private static Pair? Read(string figures)
    {
        var bare =
            figures.EndsWith(" kg", StringComparison.Ordinal) || figures.EndsWith(" lb", StringComparison.Ordinal)
                ? figures[..^3]
                : figures;
        var parsed = Parser.Parse($"x\n\n1:00 for reps\n  {bare} sit-up\n");
        return
            parsed.Problems.Count == 0
            && parsed.Workout.Stages
                is [Stage.Window { Items: [Work.Task { Amount: Amount.Counted { Unit: AmountUnit.Rep } a, Movement: "sit-up" }] }]
            ? a.Of
            : null;
    }

    private static Pair With(Pair? old, Pair typed, int position)
    {
        if (typed.Second is not null || old is null)
        {
            return typed;
        }

        var (a, b) = position == 0 ? (typed.First, old.For(1)) : (old.For(0), typed.First);
        return a == b ? new Pair(a, null) : new Pair(a, b);
    }

    private static Detail.Load Changed(Detail.Load load, Pair typed, Pair? also, int position) =>
        load with
        {
            Of = With(load.Of, typed, position),
            AlsoOf = also is null ? load.AlsoOf : With(load.AlsoOf, also, position),
        };

    private static (TextEdit?, string?) SetLoad(ReadDraft u, Work.Task task, Address address, int position, Pair typed, Pair? also)
    {
        var own = OwnLine(u, task, address);
        if (own is { } line && line.Details.OfType<Detail.Load>().FirstOrDefault() is { } written)
        {
            return (Replace(written.At, Printer.Detail(Changed(written, typed, also, position))), null);
        }

        if (own is null && OnTask(u, address) && task.Details.OfType<Detail.Load>().FirstOrDefault() is { } basic)
        {
            return (Replace(basic.At, Printer.Detail(Changed(basic, typed, also, position))), null);
        }

        var inherited = Effective(u, task, address);
        var load = new Detail.Load(
            inherited?.Implements > 1 ? inherited.Implements : null,
            With(inherited?.Of, typed, position),
            inherited?.Unit ?? u.Competition.Unit,
            also is null ? null : With(inherited!.AlsoOf, also, position),
            also is null ? null : inherited!.AlsoUnit
        );
        return own is not null ? (new TextEdit(own.At.Line, own.At.Column + own.At.Length, 0, ", " + Printer.Detail(load)), null)
            : OnTask(u, address)
                ? (new TextEdit(task.NameAt.Line, task.NameAt.Column + task.NameAt.Length, 0, ", " + Printer.Detail(load)), null)
            : (Insert(u, task, $"{string.Join(" and ", Names(u, address))}: {Printer.Detail(load)}"), null);
    }

    private static (TextEdit?, string?) SetAmount(ReadDraft u, Work.Task task, Address address, int position, Pair typed)
    {
        if (task.Amount is not (null or Amount.OfScheme or Amount.Counted))
        {
            return (null, "This amount is not a number; change it in the draft.");
        }

        var own = OwnLine(u, task, address);
        if (own is null && OnTask(u, address))
        {
            if (task.Amount is not Amount.Counted basic)
            {
                return (null, "This number is the scheme's; change it in the draft.");
            }

            var text = Printer.Amount(basic with { Of = With(basic.Of, typed, position) });
            return (new TextEdit(task.At.Line, task.At.Column, task.NameAt.Column - task.At.Column, text + " "), null);
        }

        var inherited = own?.Amount as Amount.Counted ?? u.Resolver.Resolve(task, address).Amount?.Value as Amount.Counted;
        var amount = Printer.Amount(new Amount.Counted(With(inherited?.Of, typed, position), inherited?.Unit ?? task.Amount.UnitOf()));
        if (own is null)
        {
            return (Insert(u, task, $"{string.Join(" and ", Names(u, address))}: {amount}"), null);
        }

        // The remark in brackets stands behind the line and stays.
        var changed = own with
        {
            Note = null,
            Amount = new Amount.Counted(With(inherited?.Of, typed, position), inherited?.Unit ?? task.Amount.UnitOf()),
        };
        return (new TextEdit(own.At.Line, own.At.Column, own.At.Length, Printer.Print(changed)), null);
    }

    /// <summary>The line that names this column alone.</summary>
    private static TaskLine.Override? OwnLine(ReadDraft u, Work.Task task, Address address)
    {
        var names = Names(u, address);
        return task
            .Lines.OfType<TaskLine.Override>()
            .FirstOrDefault(o =>
                !o.Choose
                && o.For.Count == 1
                && o.For[0].Names.Count == names.Count
                && o.For[0].Names.All(n => names.Contains(n, StringComparer.OrdinalIgnoreCase))
            );
    }

    /// <summary>The names that a line for this column begins with: the division where there are several, the place in the team, the
    /// level.</summary>
    private static List<string> Names(ReadDraft u, Address address)
    {
        var names = new List<string>();
        if (address.Seat is null || u.Divisions.Count > 1)
        {
            names.Add(address.Division.Name);
        }

        if (address.Seat is { } seat)
        {
            names.Add(Text.Words.Ordinal(seat));
        }

        // A line that names a division beats every line that names a level only, so it must name its level too.
        if (address.Level is { } level && (names.Count > 0 || level != u.Resolver.Levels[0]))
        {
            names.Add(level);
        }

        return names;
    }

    /// <summary>True when the value on the task itself is this division's own: it inherits from none, and no other division of the draft
    /// does.</summary>
    private static bool OnTask(ReadDraft u, Address address) =>
        address is { Seat: null, Division.InheritsFrom: null }
        && (address.Level is null || address.Level == u.Resolver.Levels[0])
        && u.Divisions.Count(d => d.InheritsFrom is null) == 1;

    private static Detail.Load? Effective(ReadDraft u, Work.Task task, Address address)
    {
        var at = u.Resolver.Resolve(task, address).Load?.From.At;
        var all = task.Details.Concat(task.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)).OfType<Detail.Load>();
        return at is { } place ? all.FirstOrDefault(d => d.At.Line == place.Line && d.At.Column == place.Column) : null;
    }

    private static TextEdit Replace(SourceRange at, string text) => new(at.Line, at.Column, at.Length, text);

    /// <summary>A new line under the task, after its note and comment.</summary>
    private static TextEdit Insert(ReadDraft u, Work.Task task, string text) =>
        new(task.At.Line, u.Text.Split('\n')[task.At.Line - 1].Length + 1, 0, "\n" + new string(' ', task.At.Column + 1) + text);
}
