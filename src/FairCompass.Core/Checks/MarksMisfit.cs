using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Marks that do not divide a length.</summary>
public sealed class MarksMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "marks";

    /// <inheritdoc/>
    public string Title => "Marks that do not divide a length";

    /// <inheritdoc/>
    public string Why => "The metres behind the last mark count nothing, and each judge would count them differently.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .TaskLines.Select(t => (Task: t, Marks: t.Details.OfType<Detail.Marks>().FirstOrDefault()))
            .Where(x =>
                x.Marks is { Every.Value: > 0 }
                && x.Task.Amount
                    is Amount.Counted { Unit: AmountUnit.Metre or AmountUnit.Foot, Of: { Second: null, First.IsConstant: true } }
            )
            .Select(x => (x.Task, Marks: x.Marks!, Of: ((Amount.Counted)x.Task.Amount!).Of.First.At(0)))
            .Where(x => x.Of is { } of && x.Marks.Unit == UnitOf(x.Task) && of % x.Marks.Every.Value!.Value != 0)
            .Select(x => new Report(
                x.Marks.At,
                $"{Number.Normal(x.Of!.Value)} are {Number.Normal(decimal.Floor(x.Of.Value / x.Marks.Every.Value!.Value))} sections of "
                    + $"{Number.Normal(x.Marks.Every.Value.Value)} and {Number.Normal(x.Of.Value % x.Marks.Every.Value.Value)} "
                    + $"that count nothing.",
                [.. Whole(context, x.Task, x.Marks, x.Of.Value), .. Divided(x.Marks, x.Of.Value)]
            ));

    /// <summary>The nearest lengths that are whole sections.</summary>
    private static IEnumerable<Mend> Whole(CheckContext context, Work.Task task, Detail.Marks marks, decimal of)
    {
        var every = marks.Every.Value!.Value;
        var written = Printer.Amount(task.Amount!);
        return new[] { decimal.Floor(of / every) * every, decimal.Ceiling(of / every) * every }
            .Where(n => n > 0)
            .SelectMany(n =>
            {
                var text = Printer.Amount(((Amount.Counted)task.Amount!) with { Of = Pair.Of(new(n)) });
                return context.Instead(task.At.Line, written, text, $"Write {text} ({(n > of ? "more" : "less")})");
            });
    }

    /// <summary>The nearest sections of which the length is a whole number.</summary>
    private static IEnumerable<Mend> Divided(Detail.Marks marks, decimal of) =>
        new[] { decimal.Round(of / marks.Every.Value!.Value), decimal.Ceiling(of / marks.Every.Value!.Value) }
            .Where(sections => sections > 0 && of * 100 % sections == 0)
            .Select(sections => Printer.Detail(marks with { Every = new(of / sections) }))
            .Distinct()
            .Select(text => CheckContext.Write(marks.At, text));

    private static LengthUnit UnitOf(Work.Task task) => task.Amount.UnitOf() == AmountUnit.Foot ? LengthUnit.Foot : LengthUnit.Metre;
}
