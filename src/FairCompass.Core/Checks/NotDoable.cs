using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>Work for time that even the fastest paces known do not do inside the cap.</summary>
public sealed class NotDoable : ICheck
{
    /// <inheritdoc/>
    public string Id => "not-doable";

    /// <inheritdoc/>
    public string Title => "Work that nobody does inside its cap";

    /// <inheritdoc/>
    public string Why => "A time that nobody reaches ranks nobody; only the count at the cap does.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        TimeNeeded
            .OfTimed(context)
            .Where(p => p.Fastest > p.Limit.Longest)
            .GroupBy(p => p.At)
            .Select(all =>
            {
                var (limit, usual) = (all.First().Limit, all.Max(p => p.Usual));
                var better = TimeNeeded.Round(usual + new Duration(usual.Ms / 4));
                return new Report(
                    all.Key,
                    $"{Words.Join(all.Select(p => p.Who.ToString()).Distinct())}: at the fastest pace known this takes "
                        + $"{all.Min(p => p.Fastest)}; the cap is {limit.Longest}, "
                        + "so nobody is inside it and only the count at the cap ranks.",
                    TimeNeeded.Rewritten(context, all.Key, limit.Base, better, $"Write a cap of {better}")
                );
            });
}
