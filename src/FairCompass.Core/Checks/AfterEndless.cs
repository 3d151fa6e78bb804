using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Work that stands after work without an end.</summary>
public sealed class AfterEndless : ICheck
{
    /// <inheritdoc/>
    public string Id => "after-endless";

    /// <inheritdoc/>
    public string Title => "Work that nobody reaches";

    /// <inheritdoc/>
    public string Why => "The work before it has no end, so the clock ends first.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) => WorkTree.Blocks(context.Workout).SelectMany(b => Block(context, b));

    private static IEnumerable<Report> Block(CheckContext context, Eq<Work> items)
    {
        Work? endless = null;
        foreach (var item in items.Where(w => w is not (Work.RuleLine or Work.Gate or Work.Checkpoint or Work.GroupOf)))
        {
            if (endless is not null)
            {
                yield return new Report(
                    item.At,
                    $"Line {endless.At.Line} has no end, so this is never reached.",
                    ClosedRounds.Of(context, endless)
                );
                yield break;
            }

            endless = IsEndless(item) ? item : null;
            foreach (
                var report in item is Work.Rounds r ? Inside(context, r.Items)
                : item is Work.Scheme s ? Inside(context, s.Items)
                : []
            )
            {
                yield return report;
            }
        }
    }

    /// <summary>Inside rounds even the last task must end, or there is no second round.</summary>
    private static IEnumerable<Report> Inside(CheckContext context, Eq<Work> items) =>
        Block(context, items)
            .Concat(
                items
                    .Where(w => w is not Work.RuleLine)
                    .TakeLast(1)
                    .Where(IsEndless)
                    .Select(w => new Report(w.At, "This has no end, so there is never a next round.", ClosedRounds.Of(context, w)))
            );

    private static bool IsEndless(Work work) =>
        work
            is Work.Rounds { HasNoEnd: true }
                or Work.Task { Amount: Amount.Max }
                or Work.Scheme { Of.First: { Continues: true, Last: null } };
}
