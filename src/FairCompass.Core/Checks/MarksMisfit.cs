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
                    + $"that count nothing."
            ));

    private static LengthUnit UnitOf(Work.Task task) => task.Amount.UnitOf() == AmountUnit.Foot ? LengthUnit.Foot : LengthUnit.Metre;
}
