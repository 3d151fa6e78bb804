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
        for (var i = 0; i < context.Lines.Count; i++)
        {
            var line = context.Lines[i];
            var comment = line.IndexOf("//", StringComparison.Ordinal);
            var content = comment < 0 ? line : line[..comment];
            foreach (var at in Unset(context.Workout).Where(r => r.Line == i + 1).Select(r => content.IndexOf("unset", StringComparison.Ordinal)).Where(a => a >= 0).Take(1))
            {
                yield return new Report(new SourceRange(i + 1, at + 1, 5), "Nobody has said this value yet.");
            }
        }
    }

    private static IEnumerable<SourceRange> Unset(Workout workout)
    {
        foreach (var stage in workout.Stages)
        {
            if (stage is Stage.Window { Time: null } or Stage.Clock { Time: null } or Stage.Gap { Time: null })
            {
                yield return stage.At;
            }
        }

        foreach (var piece in Courses.PieceOfWork.Of(workout))
        {
            foreach (var at in piece.Items.SelectMany(Unset))
            {
                yield return at;
            }
        }
    }

    private static IEnumerable<SourceRange> Unset(Work work) => work switch
    {
        Work.Rounds r => r.Items.SelectMany(Unset),
        Work.Scheme s => s.Items.SelectMany(Unset).Concat(Has(s.Of) ? [s.At] : []),
        Work.Task t => t.Lines.OfType<TaskLine.Override>().Where(o => Has(o.Amount) || o.Details.Any(Has)).Select(o => o.At).Concat(Has(t.Amount) || t.Details.Any(Has) ? [t.At] : []),
        _ => [],
    };

    private static bool Has(Amount? amount) => amount is Amount.Counted c ? Has(c.Of) : amount is Amount.Held { Time: null };

    private static bool Has(Pair pair) => pair.First.HasUnset || pair.Second is { HasUnset: true };

    private static bool Has(Detail detail) => detail is Detail.Load l ? Has(l.Of) : detail is Detail.Height h && Has(h.Of);
}
