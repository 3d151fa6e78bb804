using FairCompass.Core.InForce;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>What is held has no standard in the book.</summary>
public sealed class HoldUnknown : ICheck
{
    /// <inheritdoc/>
    public string Id => "hold-unknown";

    /// <inheritdoc/>
    public string Title => "A hold without a standard";

    /// <inheritdoc/>
    public string Why => "Nobody knows when it breaks.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from line in context
            .AllWork.OfType<Work.RuleLine>()
            .Select(w => (w.At, w.Rule))
            .Concat(context.TaskLines.SelectMany(t => t.Lines.OfType<TaskLine.RuleOf>()).Select(l => (l.At, l.Rule)))
        let hold = line.Rule as Rule.Hold
        where hold is not null && StandardsBook.Of(context.Competition).Find(hold.Position) is null
        select new Report(
            line.At,
            $"“{hold.Position}” has no standard in the book: nobody knows when it breaks.",
            [.. Holds(context, hold.Position).SelectMany(n => context.Instead(line.At.Line, hold.Position, n, $"Write {n}"))]
        );

    /// <summary>Names of holds that share a word with what is written.</summary>
    private static IEnumerable<string> Holds(CheckContext context, string written) =>
        StandardsBook
            .Of(context.Competition)
            .All.Select(m => m.Name.English)
            .Where(n =>
                n.Split(' ')[^1] is "hang" or "plank" or "hold" && n.Split(' ').Intersect(written.ToLowerInvariant().Split(' ')).Any()
            )
            .Take(3);
}
