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
/// <param name="For">The divisions it holds for; empty for all.</param>
/// <param name="Sense">What the wording says.</param>
internal sealed record WrittenRule(SourceRange At, Movement Movement, string Clause, string Text, Eq<Who> For, RuleSense Sense)
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
            .Select(p => (p.At, p.Movement, p.Clause, p.Text, p.For))
            .Concat(
                from task in context.TaskLines
                from line in task.Lines.OfType<TaskLine.RuleOf>()
                where line.Rule is Rule.ClauseHere
                let here = (Rule.ClauseHere)line.Rule
                select (line.At, task.Movement, here.Clause, here.Text, For: default(Eq<Who>))
            )
            .ToList();
        var ids = lines.Select(l => l.Clause).ToHashSet(StringComparer.Ordinal);
        foreach (var (at, name, clause, text, whom) in lines)
        {
            if (
                book.Find(name) is { } movement
                && !string.Equals(text, StandardsBook.DoesNotApply, StringComparison.OrdinalIgnoreCase)
                && book.Standing(movement, null, context.Workout) is { } standing
                && !NoRepLine.IsNoRep(standing, clause)
                && !(NoRepLine.Of(clause) is { } rule && ids.Contains(rule))
            )
            {
                yield return new(at, standing, clause, text, whom, RuleSense.Of(text));
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

    /// <summary>The same line with a piece of its wording replaced; none where the line writes it in another way.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="label">What the change does.</param>
    /// <param name="old">The piece, as it is written; its last place is meant.</param>
    /// <param name="text">What stands there then.</param>
    public Mend[] Reworded(CheckContext context, string label, string old, string text)
    {
        var at = context.Lines[At.Line - 1].LastIndexOf(old, StringComparison.Ordinal);
        return at < 0 ? [] : [new(label, new TextEdit(At.Line, at + 1, old.Length, text))];
    }

    /// <summary>A line behind this one, of the same movement and for the same divisions.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="label">What it does.</param>
    /// <param name="clause">Of which rule or no-rep.</param>
    /// <param name="text">Its wording.</param>
    public Mend Followed(CheckContext context, string label, string clause, string text)
    {
        var line = context.Lines[At.Line - 1];
        var colon = line.IndexOf(':', StringComparison.Ordinal);
        var id = line.LastIndexOf(Clause, colon, StringComparison.Ordinal);
        return context.Followed(At.Line, $"{line[..id]}{clause}{line[(id + Clause.Length)..colon]}: {text}", label);
    }

    /// <summary>True where somebody is under both rules, and neither replaces the other.</summary>
    /// <param name="other">Another line of the same movement.</param>
    public bool HoldsBeside(WrittenRule other) =>
        Clause != other.Clause && (For.Count == 0 || other.For.Count == 0 || For.Any(w => other.For.Contains(w)));
}
