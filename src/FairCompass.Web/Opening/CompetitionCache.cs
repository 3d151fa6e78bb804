using System.Collections.Concurrent;
using System.Text.Json;
using FairCompass.Core.Competitions;
using FairCompass.Core.Format;
using FairCompass.Store;
using Microsoft.Extensions.Caching.Memory;
using Npgsql;

namespace FairCompass.Web.Opening;

/// <summary>
/// The competition a draft is explained in, by its revision. While the database is slow or away the last known one serves, so
/// that typing goes on; nothing is published from here.
/// </summary>
/// <param name="store">Reads competitions.</param>
/// <param name="time">The clock.</param>
public sealed class CompetitionCache(CompetitionStore store, TimeProvider time) : IDisposable
{
    /// <summary>How long a competition is taken for current: a burst of keystrokes asks the database once.</summary>
    private static readonly TimeSpan Fresh = TimeSpan.FromSeconds(1);

    /// <summary>How long a keystroke waits for a database that is slow, when there is a competition to go on with.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromMilliseconds(300);

    /// <summary>How long nobody asks again after that.</summary>
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(3);

    /// <summary>Characters of documents that are kept: some 60 MB.</summary>
    private const long MostCharacters = 20_000_000;

    /// <param name="Competition">As it was read or saved.</param>
    /// <param name="At">When that was.</param>
    /// <param name="Changes">How many changes had been told of before it was read: with one more, it may be another.</param>
    private sealed record Seen(Versioned<Competition> Competition, DateTimeOffset At, long Changes);

    private readonly MemoryCache known = new(new MemoryCacheOptions { SizeLimit = MostCharacters });

    /// <summary>
    /// Begun only by who took it from here: a reading that begins while it is put in may end, and be taken out, before it is in, and
    /// would then answer for ever.
    /// </summary>
    private readonly ConcurrentDictionary<Guid, Lazy<Task<Versioned<Competition>?>>> reading = new();
    private DateTimeOffset paused;

    /// <summary>How many changes of any competition have been told of.</summary>
    private long changes;

    /// <summary>The competition, or null when there is none.</summary>
    public async Task<Competition?> Find(Guid id, CancellationToken cancel) => (await FindRevision(id, cancel))?.Value;

    /// <summary>The competition with its revision, or null when there is none.</summary>
    public async Task<Versioned<Competition>?> FindRevision(Guid id, CancellationToken cancel)
    {
        var seen = known.Get<Seen>(id);
        if (seen is not null && (IsFresh(seen) || time.GetUtcNow() < paused))
        {
            return seen.Competition;
        }

        var read = reading.GetOrAdd(id, i => new(() => Read(i))).Value;
        if (seen is null)
        {
            return await read.WaitAsync(cancel);
        }

        try
        {
            return await read.WaitAsync(Patience, time, cancel);
        }
        catch (Exception e) when (e is TimeoutException or NpgsqlException)
        {
            paused = time.GetUtcNow() + Pause;
            return seen.Competition;
        }
    }

    private bool IsFresh(Seen seen) => seen.Changes == Interlocked.Read(ref changes) && time.GetUtcNow() - seen.At < Fresh;

    /// <summary>Remembers what was just read or saved.</summary>
    public void Put(Versioned<Competition> competition) => Remember(new(competition, time.GetUtcNow(), Interlocked.Read(ref changes)));

    private void Remember(Seen seen) =>
        known.Set(
            seen.Competition.Id,
            seen,
            new MemoryCacheEntryOptions
            {
                Size = JsonSerializer.SerializeToUtf8Bytes(seen.Competition.Value, FormatContext.Default.Competition).Length,
            }
        );

    /// <summary>
    /// A competition was changed, or may have been: the next who asks gets each as the database has it; what is remembered stays for while
    /// that does not answer.
    /// </summary>
    public void Changed()
    {
        Interlocked.Increment(ref changes);
        // Whoever tells of a change has just had the database: there is no more reason to spare it.
        paused = default;
    }

    /// <inheritdoc/>
    public void Dispose() => known.Dispose();

    /// <summary>One reading for all who wait; it goes on when they stop waiting, and no request ends it.</summary>
    private async Task<Versioned<Competition>?> Read(Guid id)
    {
        try
        {
            var before = Interlocked.Read(ref changes);
            var seen = known.Get<Seen>(id)?.Competition;
            var now =
                seen is not null && await store.Revision(id, CancellationToken.None) == seen.Revision
                    ? seen
                    : await store.Find(id, CancellationToken.None);
            if (now is not null)
            {
                Remember(new(now, time.GetUtcNow(), before));
            }

            return now;
        }
        finally
        {
            reading.TryRemove(id, out _);
        }
    }
}
