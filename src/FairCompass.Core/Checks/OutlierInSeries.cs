using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A series that rises or falls but for one term.</summary>
public sealed class OutlierInSeries : ICheck
{
    /// <inheritdoc/>
    public string Id => "outlier-series";

    /// <inheritdoc/>
    public string Title => "One term of a series far from its neighbours";

    /// <inheritdoc/>
    public string Why => "A digit typed twice is read as it stands, on every card.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from place in context.AllWork.OfType<Work.Scheme>().Select(s => (s.At, s.Of.First)).Concat(Amounts(context))
        let terms = place.First.Terms.Select(t => t.Value).ToList()
        where terms.Count > 3 && terms.TrueForAll(t => t is not null) && !place.First.Continues
        let values = terms.ConvertAll(t => t!.Value)
        let odd = Odd(values)
        where odd is not null
        let i = odd.Value
        let between = decimal.Round((values[i - 1] + values[i + 1]) / 2)
        let written = string.Join('-', values.Select(Number.Normal))
        select new Report(
            place.At,
            $"{Number.Normal(values[i])} stands between {Number.Normal(values[i - 1])} and {Number.Normal(values[i + 1])}.",
            context.Instead(
                place.At.Line,
                written,
                string.Join('-', values.Select((v, k) => Number.Normal(k == i ? between : v))),
                $"Write {Number.Normal(between)}"
            )
        );

    private static IEnumerable<(Quantities.SourceRange At, Series First)> Amounts(CheckContext context) =>
        context.TaskLines.Where(t => t.Amount is Amount.Counted).Select(t => (t.At, ((Amount.Counted)t.Amount!).Of.First));

    /// <summary>The place of the one term without which the rest goes one way, and which is several times both neighbours.</summary>
    private static int? Odd(List<decimal> values)
    {
        for (var i = 1; i < values.Count - 1; i++)
        {
            var rest = values.Where((_, k) => k != i).ToList();
            var steps = rest.Zip(rest.Skip(1), (a, b) => Math.Sign(b - a)).Distinct().ToList();
            if (steps is [not 0] && values[i] > 3 * Math.Max(values[i - 1], values[i + 1]))
            {
                return i;
            }
        }

        return null;
    }
}
