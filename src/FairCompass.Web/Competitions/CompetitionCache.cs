using System.Collections.Concurrent;
using FairCompass.Core.Competitions;
using FairCompass.Store;
using Npgsql;

namespace FairCompass.Web.Competitions;

/// <summary>
/// The competition a draft is explained in. Each read goes to the database; while it does not answer, the last known
/// competition serves, so that typing goes on.
/// </summary>
public sealed class CompetitionCache(CompetitionStore store)
{
    private readonly ConcurrentDictionary<Guid, (Versioned<Competition> Value, long At)> known = new();

    /// <summary>How long a competition is taken for current, in milliseconds: a burst of keystrokes asks the database once.</summary>
    private const long Fresh = 1000;

    /// <summary>The competition, or null when there is none.</summary>
    public async Task<Competition?> Find(Guid id, CancellationToken cancel)
    {
        if (known.TryGetValue(id, out var seen) && Environment.TickCount64 - seen.At < Fresh)
        {
            return seen.Value.Value;
        }

        try
        {
            var found = await store.Find(id, cancel);
            if (found is not null)
            {
                Put(found);
            }

            return found?.Value;
        }
        catch (NpgsqlException) when (known.ContainsKey(id))
        {
            return known[id].Value.Value;
        }
    }

    /// <summary>Remembers what was just saved.</summary>
    public void Put(Versioned<Competition> competition) => known[competition.Id] = (competition, Environment.TickCount64);
}
