using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Loads that change from round to round, and no rounds around them.</summary>
public sealed class RungOutOfRounds : ICheck
{
    /// <inheritdoc/>
    public string Id => "rung-out-of-rounds";

    /// <inheritdoc/>
    public string Title => "A ladder of loads in no loop";

    /// <inheritdoc/>
    public string Why => "The work is done once, at its first load, and nobody comes to the others.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from window in context.Workout.Stages.OfType<Stage.Window>()
        from work in window.Items
        let load = work switch
        {
            Work.Complex c => c.Details.OfType<Detail.Load>().FirstOrDefault(),
            Work.Task { Amount: not Amount.Heaviest } t => t.Details.OfType<Detail.Load>().FirstOrDefault(),
            _ => null,
        }
        where load is { Of.First.IsConstant: false }
        select new Report(
            work.At,
            $"{Printer.Detail(load)} in no loop: it is done once, and nobody comes to the later loads.",
            Looped(context, work)
        );

    /// <summary>The work with all that stands under it, in rounds without end.</summary>
    private static Mend Looped(CheckContext context, Work work)
    {
        var indent = context.Indent(work.At.Line);
        var under = Enumerable
            .Range(work.At.Line + 1, context.Lines.Count - work.At.Line)
            .TakeWhile(n => context.Lines[n - 1].StartsWith(indent + " ", StringComparison.Ordinal));
        return new Mend("Put it into rounds without end", new TextEdit(work.At.Line, 1, 0, $"{indent}rounds without end\n  "))
        {
            More = [.. under.Select(n => new TextEdit(n, 1, 0, "  "))],
        };
    }
}
