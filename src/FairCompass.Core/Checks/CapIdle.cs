using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>A cap many times as long as the work usually takes.</summary>
public sealed class CapIdle : ICheck
{
    /// <summary>How many times the usual time a cap may be: our estimate of what still separates the slowest from the others.</summary>
    private const int MostTimes = 60;

    /// <inheritdoc/>
    public string Id => "cap-idle";

    /// <inheritdoc/>
    public string Title => "A cap that decides nothing";

    /// <inheritdoc/>
    public string Why => "Every lane stays open, and the next heat waits, for a time that nobody needs.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        TimeNeeded
            .OfTimed(context)
            .GroupBy(p => p.At)
            // A cap that one entry needs is not idle.
            .Where(all => all.All(p => p.Limit.Gates.Count == 0 && p.Limit.Base.Ms > MostTimes * p.Usual.Ms))
            .Select(all =>
            {
                var (cap, usual) = (all.First().Limit.Base, all.Max(p => p.Usual));
                var better = TimeNeeded.Round(new(usual.Ms * 3));
                return new Report(
                    all.Key,
                    $"{Words.Join(all.Select(p => p.Who.ToString()).Distinct())}: this usually takes about "
                        + $"{Duration.Seconds((usual.Ms + 999) / 1000)}; the cap of {cap} decides nothing.",
                    TimeNeeded.Rewritten(context, all.Key, cap, better, $"Write a cap of {better}")
                );
            });
}
