using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A value that two lines of the same rank set for the same people.</summary>
public sealed class SaidTwice : ICheck
{
    /// <inheritdoc/>
    public string Id => "said-twice";

    /// <inheritdoc/>
    public string Title => "A value said twice for the same people";

    /// <inheritdoc/>
    public string Why => "Readers take the one they find first.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines.Where(t => t.Lines.OfType<TaskLine.Override>().Count(o => !o.Choose) > 1)
        from address in context.Resolver.Addresses
        from found in context.Resolver.Contradictions(task, address)
        group address by (found.Second.At, First: found.First.At.Line, found.Field) into g
        select new Report(
            g.Key.At,
            $"The {g.Key.Field} of {Words.Join(g.Select(a => a.ToString()).Distinct())} is also said in line {g.Key.First}.",
            [.. Without(context, g.Key.At.Line, g.Key.First), .. Without(context, g.Key.First, g.Key.At.Line)]
        );

    /// <summary>The mend that removes one of the two lines, where it says nothing else.</summary>
    private static Mend[] Without(CheckContext context, int line, int kept) =>
        context
            .TaskLines.SelectMany(t => t.Lines.OfType<TaskLine.Override>())
            .Any(o => o.At.Line == line && o.Details.Count + (o.Amount is null ? 0 : 1) + (o.Movement is null ? 0 : 1) == 1)
            ? [context.RemoveLine(line) with { Label = $"Keep line {kept}" }]
            : [];
}
