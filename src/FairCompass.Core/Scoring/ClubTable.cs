using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>How members' points make a club's.</summary>
public enum ClubRule
{
    /// <summary>All members' points are added up.</summary>
    Sum,

    /// <summary>The mean of all members' points.</summary>
    Mean,

    /// <summary>The points of the best few are added up.</summary>
    BestOf,
}

/// <summary>A club in the club table.</summary>
/// <param name="Club">Its name.</param>
/// <param name="Place">1, 2, 2, 4; more points are better.</param>
/// <param name="Points">The club's points; a mean is rounded to four decimals, half away from zero.</param>
/// <param name="Reason">How they came about.</param>
public sealed record ClubLine(string Club, int Place, decimal Points, string Reason);

/// <summary>The table of clubs.</summary>
public static class ClubTable
{
    /// <summary>Ranks clubs by their members' points, best first.</summary>
    /// <param name="members">The club and points of each member; members without a club are left out.</param>
    /// <param name="rule">How points are put together.</param>
    /// <param name="best">How many count, from 1, for <see cref="ClubRule.BestOf"/>.</param>
    public static Eq<ClubLine> Of(IEnumerable<(string? Club, decimal Points)> members, ClubRule rule, int best)
    {
        var clubs = members
            .Where(m => !string.IsNullOrWhiteSpace(m.Club))
            .GroupBy(m => m.Club!, StringComparer.Ordinal)
            .Select(g =>
            {
                var all = g.Select(m => m.Points).OrderDescending().ToList();
                var counted = rule == ClubRule.BestOf ? all.Take(best).ToList() : all;
                var points =
                    rule == ClubRule.Mean ? decimal.Round(counted.Sum() / counted.Count, 4, MidpointRounding.AwayFromZero) : counted.Sum();
                var list = string.Join(" + ", counted.Select(Number.Normal));
                return (
                    Club: g.Key,
                    Points: points,
                    Reason: rule switch
                    {
                        ClubRule.Mean => $"({list}) / {counted.Count}",
                        ClubRule.BestOf => $"the best {counted.Count} of {all.Count}: {list}",
                        _ => list,
                    }
                );
            })
            .OrderByDescending(c => c.Points)
            .ThenBy(c => c.Club, StringComparer.Ordinal)
            .ToList();
        return clubs
            .Select(c => new ClubLine(c.Club, 1 + clubs.Count(o => o.Points > c.Points), c.Points / 1.0000000000000000m, c.Reason))
            .ToEq();
    }
}
