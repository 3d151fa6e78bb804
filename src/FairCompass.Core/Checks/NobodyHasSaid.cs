using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A value written as <c>unset</c>.</summary>
public sealed class NobodyHasSaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "nobody-has-said";

    /// <inheritdoc/>
    public string Title => "A value that nobody has said";

    /// <inheritdoc/>
    public string Why => "It is marked unset on purpose; it has to be decided before the workout is published.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var unset = Unset(context.Workout).Select(r => r.Line).ToHashSet();
        for (var i = 0; i < context.Lines.Count && unset.Count > 0; i++)
        {
            if (!unset.Contains(i + 1))
            {
                continue;
            }

            var line = context.Lines[i];
            var comment = line.IndexOf("//", StringComparison.Ordinal);
            var content = comment < 0 ? line : line[..comment];
            if (content.IndexOf("unset", StringComparison.Ordinal) is >= 0 and var at)
            {
                yield return new Report(new SourceRange(i + 1, at + 1, 5), "Nobody has said this value yet.");
            }
        }
    }

    private static IEnumerable<SourceRange> Unset(Workout workout) =>
        workout
            .Headers.OfType<Header.LeadIn>()
            .Where(h => h.Time is null)
            .Select(h => h.At)
            .Concat(WorkTree.Stages(workout.Stages).Where(Has).Select(s => s.At))
            .Concat(WorkTree.All(workout).SelectMany(Unset));

    private static bool Has(Stage stage) =>
        stage switch
        {
            Stage.Window w => w.Time is null,
            Stage.Clock c => c.Time is null,
            Stage.Gap g => g.Time is null,
            Stage.Cycles c => c.Between is { Time: null },
            Stage.Relay r => r.Times.Any(t => t is null) || r.Between is { Time: null },
            Stage.Rota r => r.Each is null,
            Stage.Waves w => w.Each is null,
            Stage.SwapStations s => s.Time is null,
            _ => false,
        };

    private static IEnumerable<SourceRange> Unset(Work work) =>
        work switch
        {
            Work.Scheme s => Has(s.Of) ? [s.At] : [],
            Work.Task t => Lines(t.Lines).Concat(Has(t.Amount) || t.Details.Any(Has) ? [t.At] : []),
            Work.Complex c => Lines(c.Lines).Concat(c.Details.Any(Has) ? [c.At] : []),
            Work.Every { Each: null } or Work.OwnRest { Time: null } => [work.At],
            Work.Gate g => g.Adds.Any(t => t is null) ? [g.At] : [],
            _ => [],
        };

    private static IEnumerable<SourceRange> Lines(Eq<TaskLine> lines) =>
        lines.OfType<TaskLine.Override>().Where(o => Has(o.Amount) || o.Details.Any(Has)).Select(o => o.At);

    private static bool Has(Amount? amount) => amount is Amount.Counted c ? Has(c.Of) : amount is Amount.Held { Time: null };

    private static bool Has(Pair pair) => pair.First.HasUnset || pair.Second is { HasUnset: true };

    private static bool Has(Detail detail) => detail is Detail.Load l ? Has(l.Of) : detail is Detail.Height h && Has(h.Of);
}
