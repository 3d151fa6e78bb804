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
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Where(r => r.Sense.Back is not null)
            .GroupBy(r => r.Movement.Id)
            .Where(g => g.Select(r => r.Sense.Back).Distinct().Skip(1).Any())
            .Select(g => g.ToList())
            .Select(two => new Report(
                two[^1].At,
                $"Two rules say where it begins again: {two[0].Sense.Back} and "
                    + $"{two.Last(r => r.Sense.Back != two[0].Sense.Back).Sense.Back}.",
                [
                    .. two.Select(keep =>
                        context.RemoveLine(two.First(r => r.Sense.Back != keep.Sense.Back).At.Line) with
                        {
                            Label = $"Keep {keep.Clause}",
                        }
                    ),
                ]
            ));
}
