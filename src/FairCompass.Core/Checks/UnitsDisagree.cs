using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Two published figures of one load that are too far apart to be the same load.</summary>
public sealed class UnitsDisagree : ICheck
{
    /// <summary>
    /// How far the pounds may lie from the kilograms, as a share of the kilograms. Published pairs are round numbers on both
    /// sides (common practice: 5 kg beside 10 lb, 9 % apart; 20 kg beside 50 lb, 13 %), so only more than that is a slip.
    /// </summary>
    public const decimal Most = 0.15m;

    /// <inheritdoc/>
    public string Id => "units-disagree";

    /// <inheritdoc/>
    public string Title => "Kilograms and pounds that are not one load";

    /// <inheritdoc/>
    public string Why => "Athletes with another kit would lift another load for the same score.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var details = context
            .TaskLines.SelectMany(t => t.Details.Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)))
            .Concat(
                WorkTree
                    .All(context.Workout)
                    .OfType<Work.Complex>()
                    .SelectMany(c => c.Details.Concat(c.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)))
            );
        foreach (var load in details.OfType<Detail.Load>())
        {
            if (load is not { AlsoOf: { } also, AlsoUnit: { } unit })
            {
                continue;
            }

            foreach (var position in load.Of.Second is null && also.Second is null ? [0] : (int[])[0, 1])
            {
                if (Apart(load.Of.For(position), load.Unit, also.For(position), unit) is { } pair)
                {
                    yield return new Report(
                        load.At,
                        $"{pair.First} and {pair.Second} are not one load: {pair.Second} is "
                            + $"{Number.Normal(decimal.Round(In(pair.Second, pair.First.Unit), 1))} {pair.First.Unit.Symbol()}.",
                        Agreeing(context, load, pair.First, pair.Second)
                    );
                }
            }
        }
    }

    /// <summary>The second figure as the first says, to the next plate of the trade: 5 lb or 2.5 kg.</summary>
    private static Mend[] Agreeing(CheckContext context, Detail.Load load, Mass first, Mass second)
    {
        var step = second.Unit == MassUnit.Pound ? 5m : 2.5m;
        var right = new Mass(decimal.Round(In(first, second.Unit) / step) * step, second.Unit);
        var written = context.LineText(load.At);
        var or = written.IndexOf(" or ", StringComparison.Ordinal);
        var at = or < 0 ? -1 : written.IndexOf(Number.Normal(second.Value), or, StringComparison.Ordinal);
        return at < 0
            ? []
            :
            [
                new(
                    $"Write {right}",
                    new TextEdit(load.At.Line, load.At.Column + at, Number.Normal(second.Value).Length, Number.Normal(right.Value))
                ),
            ];
    }

    private static decimal In(Mass mass, MassUnit unit) =>
        unit == MassUnit.Kilogram ? mass.InKilograms : mass.InKilograms / Mass.KilogramsPerPound;

    private static (Mass First, Mass Second)? Apart(Series a, MassUnit unit, Series b, MassUnit other)
    {
        for (var i = 0; i < Math.Min(a.Terms.Count, b.Terms.Count); i++)
        {
            if (
                a.Terms[i].Value is { } x
                && b.Terms[i].Value is { } y
                && new Mass(x, unit) is var first
                && new Mass(y, other) is var second
                && Math.Abs(first.InKilograms - second.InKilograms) > Most * Math.Min(first.InKilograms, second.InKilograms)
            )
            {
                return (first, second);
            }
        }

        return null;
    }
}
