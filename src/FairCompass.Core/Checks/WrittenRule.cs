using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A line of the draft that words, changes or adds a rule of a standard, with what it is compared with.</summary>
/// <param name="At">The line.</param>
/// <param name="Movement">The standard as it is without any such line.</param>
/// <param name="Clause">The rule’s id.</param>
/// <param name="Text">Its wording.</param>
/// <param name="Sense">What the wording says.</param>
internal sealed record WrittenRule(SourceRange At, Movement Movement, string Clause, string Text, RuleSense Sense)
{
    /// <summary>The rule that it changes; null where it adds one.</summary>
    public Clause? Was => Movement.Clauses.FirstOrDefault(c => c.Id == Clause);

    /// <summary>The no-rep of the rule that it changes; null where there is none.</summary>
    public Fault? NoRep => Movement.Faults.FirstOrDefault(f => f.Breaks == Clause);

    /// <summary>Every such line; none that leaves a rule out or words a no-rep.</summary>
    /// <param name="context">The draft.</param>
    public static IEnumerable<WrittenRule> Of(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        var lines = context
            .Workout.Policies.OfType<Policy.ClauseOf>()
            .Select(p => (p.At, p.Movement, p.Clause, p.Text))
            .Concat(
                from task in context.TaskLines
                from line in task.Lines.OfType<TaskLine.RuleOf>()
                where line.Rule is Rule.ClauseHere
                let here = (Rule.ClauseHere)line.Rule
                select (line.At, task.Movement, here.Clause, here.Text)
            )
            .ToList();
        var ids = lines.Select(l => l.Clause).ToHashSet(StringComparer.Ordinal);
        foreach (var (at, name, clause, text) in lines)
        {
            if (
                book.Find(name) is { } movement
                && !string.Equals(text, StandardsBook.DoesNotApply, StringComparison.OrdinalIgnoreCase)
                && book.Standing(movement, null, context.Workout) is { } standing
                && !NoRepLine.IsNoRep(standing, clause)
                && !(NoRepLine.Of(clause) is { } rule && ids.Contains(rule))
            )
            {
                yield return new(at, standing, clause, text, RuleSense.Of(text));
            }
        }
    }

    /// <summary>True where another line of the draft speaks of its no-rep.</summary>
    /// <param name="context">The draft.</param>
    public bool IsNoRepSaid(CheckContext context) =>
        context.Workout.Policies.OfType<Policy.ClauseOf>().Any(p => NoRepLine.Of(p.Clause) == Clause)
        || context.TaskLines.Any(t =>
            t.Lines.OfType<TaskLine.RuleOf>().Any(l => l.Rule is Rule.ClauseHere h && NoRepLine.Of(h.Clause) == Clause)
        );

    /// <summary>The same line with a piece of its wording replaced.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="label">What the change does.</param>
    /// <param name="old">The piece, as it is written; its last place is meant.</param>
    /// <param name="text">What stands there then.</param>
    public Mend Reworded(CheckContext context, string label, string old, string text)
    {
        var at = context.Lines[At.Line - 1].LastIndexOf(old, StringComparison.Ordinal);
        return new(label, new TextEdit(At.Line, at + 1, old.Length, text));
    }

    /// <summary>A line behind this one.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="label">What it does.</param>
    /// <param name="clause">Of which rule or no-rep.</param>
    /// <param name="text">Its wording.</param>
    public Mend Followed(CheckContext context, string label, string clause, string text)
    {
        var line = context.Lines[At.Line - 1];
        var at = line.IndexOf(Clause + ":", StringComparison.Ordinal);
        // For whom the rule holds stands between id and colon and is kept.
        var head = at < 0 ? $"standard {Movement.Name.English}, " : line[..at];
        var whom = at < 0 ? line[(line.IndexOf(Clause, StringComparison.Ordinal) + Clause.Length)..line.IndexOf(':')] : "";
        if (at < 0)
        {
            head = line[..line.IndexOf(Clause, StringComparison.Ordinal)];
        }

        return new(label, new TextEdit(At.Line, line.TrimEnd().Length + 1, 0, $"\n{head}{clause}{whom}: {text}"));
    }
}
