using System.Collections.Concurrent;
using FairCompass.Core.Competitions;
using FairCompass.Planning.Days;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Day;

namespace FairCompass.Web.Standings;

/// <summary>What stands behind the cards of a competition: it changes now and then, while cards are typed all the time.</summary>
/// <param name="At">The number of the feed it is of.</param>
/// <param name="Name">The competition’s name.</param>
/// <param name="Rule">How places become points.</param>
/// <param name="Plan">The plan.</param>
/// <param name="Field">Everybody.</param>
/// <param name="Cards">Every card; where one is may have changed since.</param>
public sealed record DayBasis(long At, string Name, OverallRule Rule, Plan Plan, Field Field, IReadOnlyList<Card> Cards);

/// <summary>Reads what stands behind cards, once for each change of it.</summary>
/// <param name="competitions">The competitions.</param>
/// <param name="plans">The plan.</param>
/// <param name="fields">Everybody.</param>
/// <param name="cards">The cards.</param>
/// <param name="results">The feed.</param>
public sealed class DayBases(CompetitionStore competitions, PlanStore plans, Fields fields, CardStore cards, ResultStore results)
{
    private readonly ConcurrentDictionary<Guid, DayBasis> known = new();

    /// <summary>As it is now.</summary>
    public async Task<DayBasis> Of(Guid competition, CancellationToken cancel) =>
        await Of(competition, (await results.Feed(competition, cancel)).Basis, cancel);

    /// <summary>As it is now, where the number of the feed was read before.</summary>
    public async Task<DayBasis> Of(Guid competition, long at, CancellationToken cancel)
    {
        if (at > 0 && known.TryGetValue(competition, out var made) && made.At == at)
        {
            return made;
        }

        var now = (await competitions.Find(competition, cancel))?.Value;
        return known[competition] = new(
            at,
            now?.Name ?? "",
            now?.Overall ?? OverallRule.Usual,
            (await plans.Find(competition, cancel))?.Value ?? Plan.Empty,
            await fields.Of(competition, cancel),
            await cards.Of(competition, cancel)
        );
    }
}
