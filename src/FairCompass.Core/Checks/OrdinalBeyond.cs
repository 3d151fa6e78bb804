using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Every nth round of fewer rounds.</summary>
public sealed class OrdinalBeyond : ICheck
{
    /// <inheritdoc/>
    public string Id => "ordinal-beyond";

    /// <inheritdoc/>
    public string Title => "Every nth round of fewer rounds";

    /// <inheritdoc/>
    public string Why => "It is never done, and somebody believed it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .AllWork.OfType<Work.Rounds>()
            .Where(r => r.Times is not null)
            .SelectMany(r =>
                r.Items.OfType<Work.Task>().SelectMany(t => t.Details.OfType<Detail.EveryNth>()).Select(d => (r.Times, Detail: d))
            )
            .Where(x => x.Detail.N > x.Times)
            .Select(x => new Report(
                x.Detail.At,
                $"Every {Words.Ordinal(x.Detail.N)} round of {x.Times} is never.",
                x.Times > 1
                    ? [CheckContext.Write(x.Detail.At, $"every {Words.Ordinal(x.Times!.Value)} round")]
                    : context.WithoutPhrase(x.Detail.At)
            ));
}
