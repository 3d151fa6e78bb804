using FairCompass.Core.Policies;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A line lets a grip pass that the policy in force does not, or the other way round.</summary>
public sealed class AgainstPolicy : ICheck
{
    /// <inheritdoc/>
    public string Id => "against-policy";

    /// <inheritdoc/>
    public string Title => "A rule that the answer on a topic forbids";

    /// <inheritdoc/>
    public string Why => "A judge who has read both can only guess which holds.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from rule in WrittenRule.Of(context)
        where rule.Sense.Says == Polarity.Allows && rule.Was is null
        from clause in rule.Movement.Clauses
        where clause.From.By != Source.Library && Forbids(clause, rule.Sense)
        select new Report(
            rule.At,
            $"“{clause.Text.English}” is in force ({clause.From.Detail ?? clause.Id}), and this rule lets something else pass.",
            [
                context.RemoveLine(rule.At.Line),
                .. Answers(context, clause).Select(a => context.RemoveLine(a.At.Line) with { Label = $"Remove “{Printed(context, a)}”" }),
            ]
        );

    private static bool Forbids(Clause clause, RuleSense said) =>
        clause.Of?.Grips is { Count: > 0 } grips
            ? said.Grips.Any(g => !grips.Contains(g))
            : RuleSense.Of(clause.Text.English) is { Says: Polarity.Forbids } other && other.Contradicts(said);

    /// <summary>The lines of the draft that word a rule.</summary>
    private static IEnumerable<Policy.Answered> Answers(CheckContext context, Clause clause) =>
        context
            .Workout.Policies.OfType<Policy.Answered>()
            .Where(a => Topics.Find(a.Topic)?.Schools.Any(s => s.Affects.Contains(clause.Id)) == true);

    private static string Printed(CheckContext context, Policy.Answered line) => context.Lines[line.At.Line - 1].Trim();
}
