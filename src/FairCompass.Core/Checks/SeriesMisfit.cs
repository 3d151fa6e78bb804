using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A series of numbers that does not fit the rounds around it, or is no series.</summary>
public sealed class SeriesMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "series-misfit";

    /// <inheritdoc/>
    public string Title => "Numbers that do not fit the rounds";

    /// <inheritdoc/>
    public string Why => "Two readers would compute two totals.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) => WorkTree.Blocks(context.Workout).SelectMany(b => Block(context, b, 1));

    private static IEnumerable<Report> Block(CheckContext context, Eq<Work> items, long? rounds) =>
        items.SelectMany(w => One(context, w, rounds));

    private static IEnumerable<Report> One(CheckContext context, Work work, long? rounds)
    {
        switch (work)
        {
            case Work.Rounds r:
                return Block(context, r.Items, r.Times);
            case Work.Scheme s:
                var own = Shape(s.Of, s.At);
                var differ =
                    s.Of.Second is { } second && second.Length != s.Of.First.Length
                        ? [new Report(s.At, "The two duties have different numbers of rounds.")]
                        : Array.Empty<Report>();
                return own.Concat(differ).Concat(Block(context, s.Items, s.Of.First.Length));
            case Work.Task t:
                var amounts = t.Lines.OfType<TaskLine.Override>().Select(o => (o.Amount, o.At)).Prepend((t.Amount, t.At));
                return amounts
                    .SelectMany(a => a.Amount is Amount.Counted c ? Shape(c.Of, a.At).Concat(Fit(context, c.Of, rounds, a.At)) : [])
                    .Concat(Start(t, rounds));
            case Work.Every e:
                return Block(context, e.First, null).Concat(Block(context, e.Then, 1));
            case Work.AnyOrder a:
                return Block(context, a.Items, rounds);
            case Work.GroupOf g:
                return Block(context, g.Items, rounds);
            case Work.Complex c:
                return c.Lifts.SelectMany(l => One(context, l, rounds));
            default:
                return [];
        }
    }

    private static IEnumerable<Report> Start(Work.Task task, long? rounds) =>
        (task.Amount is null or Amount.OfScheme) && rounds == 1
            ? [new Report(task.At, "How many? Outside a scheme a task needs its own amount.")]
            : [];

    private static IEnumerable<Report> Shape(Pair pair, SourceRange at)
    {
        foreach (var series in new[] { pair.First, pair.Second }.OfType<Series>().Where(s => s.Continues && !s.HasUnset))
        {
            if (series.Step is null)
            {
                yield return new Report(at, $"“{series}” has an unknown step: write at least two terms.");
            }
            else if (!series.HasEqualSteps)
            {
                yield return new Report(at, $"“{series}” does not rise by equal steps, so it cannot be continued.");
            }
            else if (series.Step == 0 || (series.Last is null && series.Step < 0))
            {
                yield return new Report(
                    at,
                    series.Step == 0 ? $"“{series}” stands still." : $"“{series}” falls and runs out; close it with a last term."
                );
            }
            else if (
                series.Last is { Value: { } last }
                && (
                    (last - series.Terms[^1].Value!.Value) / series.Step!.Value is var steps
                    && (steps < 1 || steps != decimal.Truncate(steps))
                )
            )
            {
                yield return new Report(at, $"“{series}” never meets its last term with steps of {Number.Normal(series.Step.Value)}.");
            }
        }
    }

    private static IEnumerable<Report> Fit(CheckContext context, Pair pair, long? rounds, SourceRange at)
    {
        foreach (var series in new[] { pair.First, pair.Second }.OfType<Series>().Where(s => !s.IsConstant))
        {
            if (series.Length is { } length && length != rounds)
            {
                yield return new Report(
                    at,
                    rounds switch
                    {
                        null => $"“{series}” has {length} numbers, but the rounds have no end. Continue it with -... or close the rounds.",
                        1 => $"“{series}” lists rounds, but there is no loop around it. Write {length} rounds above it.",
                        _ => $"“{series}” has {length} numbers for {rounds} rounds.",
                    },
                    rounds is > 1 and <= MostFilled ? Filled(context, series, (int)rounds, at) : []
                );
            }
            else if (series.Length is null && rounds == 1)
            {
                yield return new Report(
                    at,
                    $"“{series}” climbs from round to round, but there are no rounds around it. Write rounds without end above it."
                );
            }
        }
    }

    /// <summary>More rounds than this are no list to fill.</summary>
    private const int MostFilled = 20;

    /// <summary>The list with as many numbers as there are rounds: cut off, or with its last number again.</summary>
    private static Mend[] Filled(CheckContext context, Series series, int rounds, SourceRange at)
    {
        var terms = series.Continues ? [] : series.Terms.Select(t => t.Value).OfType<decimal>().ToList();
        if (terms.Count == 0)
        {
            return [];
        }

        var filled = string.Join('-', Enumerable.Range(0, rounds).Select(i => Number.Normal(terms[Math.Min(i, terms.Count - 1)])));
        return context.Instead(at.Line, series.ToString(), filled, $"Write {filled}");
    }
}
