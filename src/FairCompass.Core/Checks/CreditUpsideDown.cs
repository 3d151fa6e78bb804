using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A lighter way that is worth more.</summary>
public sealed class CreditUpsideDown : ICheck
{
    /// <inheritdoc/>
    public string Id => "credit-upside-down";

    /// <inheritdoc/>
    public string Title => "A lighter way that is worth more";

    /// <inheritdoc/>
    public string Why => "Who takes the full load loses.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        let own = task.Details.OfType<Detail.Credited>().FirstOrDefault()
        where own is not null
        from way in task.Lines.OfType<TaskLine.Override>().Where(o => o.Choose && (o.Movement is null || o.Movement == task.Movement))
        from credit in way.Details.OfType<Detail.Credited>()
        where
            credit.Credit > own.Credit
            && way.Details.OfType<Detail.Load>().FirstOrDefault() is { } lighter
            && task.Details.OfType<Detail.Load>().FirstOrDefault() is { } full
            && lighter.Of.First.At(0) < full.Of.First.At(0)
        select new Report(
            credit.At,
            $"The lighter way is worth more than the full load: {credit.Credit} against {own.Credit}.",
            CheckContext.Write(credit.At, Printer.Detail(credit with { Credit = own.Credit }))
        );
}
