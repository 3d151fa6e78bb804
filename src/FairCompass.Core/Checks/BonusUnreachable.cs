using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A bonus that nobody can earn.</summary>
public sealed class BonusUnreachable : ICheck
{
    /// <inheritdoc/>
    public string Id => "bonus-unreachable";

    /// <inheritdoc/>
    public string Title => "A bonus that nobody can earn";

    /// <inheritdoc/>
    public string Why => "Athletes would pace for a number that the task never reaches.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context.TaskLines
        where task.Amount is Amount.Counted { Of: { First: { IsConstant: true }, Second: null or { IsConstant: true } } }
        let amount = ((Amount.Counted)task.Amount!).Of
        from bonus in task.Details.OfType<Detail.Bonus>()
        where
            bonus.AtAmount is not null
            && (bonus.AtAmount.For(0).At(0) > amount.For(0).At(0) || bonus.AtAmount.For(1).At(0) > amount.For(1).At(0))
        select new Report(
            bonus.At,
            $"The bonus stands at {bonus.AtAmount}, but the task ends at {amount}.",
            context.Instead(bonus.At.Line, $"at {bonus.AtAmount}", $"at {amount}", $"Write at {amount}")
        );
}
