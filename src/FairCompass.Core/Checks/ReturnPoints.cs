namespace FairCompass.Core.Checks;

/// <summary>Two lines of one movement say differently where work begins again.</summary>
public sealed class ReturnPoints : ICheck
{
    /// <inheritdoc/>
    public string Id => "return-points";

    /// <inheritdoc/>
    public string Title => "Two rules, two places to begin again";

    /// <inheritdoc/>
    public string Why => "Two lanes send the same fault back to different places.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var rules = WrittenRule.Of(context).Where(r => r.Sense.Back is not null).ToList();
        return from later in rules
            let others = rules
                .Where(o => o.Movement.Id == later.Movement.Id && o.Sense.Back != later.Sense.Back && o.HoldsBeside(later))
                .TakeWhile(o => o.At.Line < later.At.Line)
                .ToList()
            where others.Count > 0
            let first = others[0]
            select new Report(
                later.At,
                $"Two rules say where it begins again: {first.Sense.Back} and {later.Sense.Back}.",
                context.RemoveLine(later.At.Line) with
                {
                    Label = $"Keep {first.Clause}",
                },
                context.RemoveLine(first.At.Line) with
                {
                    Label = $"Keep {later.Clause}",
                    More = [.. others.Skip(1).Select(o => context.RemoveLine(o.At.Line).Edit)],
                }
            );
    }
}
