using FairCompass.Core.InForce;
using FairCompass.Core.Policies;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>An answer that no movement here has.</summary>
public sealed class PolicyIdle : ICheck
{
    /// <inheritdoc/>
    public string Id => "policy-nothing";

    /// <inheritdoc/>
    public string Title => "An answer that no movement here has";

    /// <inheritdoc/>
    public string Why => "Readers believe that something was decided.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        // An answer that is none is told as that.
        if (new PolicyMisfit().Look(context).Any())
        {
            return [];
        }

        var book = StandardsBook.Of(context.Competition);
        var clauses = context
            .TaskLines.SelectMany(t => t.Lines.Select(Named).Prepend(t.Movement))
            .OfType<string>()
            .Select(book.Find)
            .OfType<Standards.Movement>()
            .Concat(book.Rules(context.Workout))
            .SelectMany(m => m.Clauses.Select(c => c.Id))
            .ToHashSet(StringComparer.Ordinal);
        return context
            .Workout.Policies.OfType<Policy.Answered>()
            .Where(p =>
                Topics.Find(p.Topic) is { } topic
                && topic.Schools.Any(s => s.Affects.Count > 0)
                && !topic.Schools.Any(s => s.Affects.Any(clauses.Contains))
            )
            .Select(p => new Report(p.At, $"No movement of this workout has a rule of “{p.Topic}”.", context.RemoveLine(p.At.Line)));
    }

    /// <summary>The movement that a line under a task names; null for none.</summary>
    private static string? Named(TaskLine line) =>
        line switch
        {
            TaskLine.Override o => o.Movement,
            TaskLine.Between b => b.Movement,
            TaskLine.Attempt a => a.Movement,
            TaskLine.Then t => t.Movement,
            TaskLine.RuleOf { Rule: Rule.Hold hold } => hold.Position,
            _ => null,
        };
}
