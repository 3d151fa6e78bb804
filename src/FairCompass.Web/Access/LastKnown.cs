using FairCompass.Access;
using FairCompass.Store;
using Microsoft.Extensions.Caching.Memory;
using Npgsql;

namespace FairCompass.Web.Access;

/// <summary>
/// Who was let in a short while ago. It is asked only while the database is away or slow, and only for what stores nothing: somebody who
/// types goes on seeing what they type, and what they save is refused by the database itself. While it answers, what it says holds.
/// </summary>
/// <param name="time">The clock.</param>
public sealed class LastKnown(TimeProvider time) : IDisposable
{
    private static readonly TimeSpan Long = TimeSpan.FromMinutes(10);

    /// <summary>How long a keystroke waits for a database that is slow, when it is known who types.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromMilliseconds(300);

    /// <summary>How long nobody asks again after that.</summary>
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(3);

    private readonly MemoryCache known = new(new MemoryCacheOptions { SizeLimit = 10_000 });
    private DateTimeOffset paused;

    /// <summary>Whose a token is.</summary>
    /// <param name="token">What the cookie has.</param>
    /// <param name="storesNothing">True where what was known may stand in.</param>
    /// <param name="ask">Asks the database.</param>
    /// <param name="cancel">Ends the wait.</param>
    public Task<SignedIn?> Who(string token, bool storesNothing, Func<CancellationToken, Task<SignedIn?>> ask, CancellationToken cancel) =>
        Of(token, storesNothing, ask, cancel);

    /// <summary>What somebody is in a competition; nothing for a stranger.</summary>
    /// <param name="session">The session.</param>
    /// <param name="competition">The competition.</param>
    /// <param name="storesNothing">True where what was known may stand in.</param>
    /// <param name="ask">Asks the database.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<IReadOnlyList<Role>> Roles(
        Guid session,
        Guid competition,
        bool storesNothing,
        Func<CancellationToken, Task<IReadOnlyList<Role>>> ask,
        CancellationToken cancel
    ) => await Of((session, competition), storesNothing, async c => (IReadOnlyList<Role>?)await ask(c), cancel) ?? [];

    /// <inheritdoc/>
    public void Dispose() => known.Dispose();

    private async Task<T?> Of<T>(object key, bool storesNothing, Func<CancellationToken, Task<T?>> ask, CancellationToken cancel)
        where T : class
    {
        if (!storesNothing || known.Get<T>(key) is not { } last)
        {
            return Kept(key, await ask(cancel));
        }

        if (time.GetUtcNow() < paused)
        {
            return last;
        }

        // Asked to its end, whoever stops waiting: a question that is broken off costs its connection.
        var asked = ask(CancellationToken.None);
        try
        {
            return Kept(key, await asked.WaitAsync(Patience, time, cancel));
        }
        catch (Exception e) when (e is TimeoutException or NpgsqlException)
        {
            // What comes of it later is nobody’s concern.
            _ = asked.ContinueWith(t => t.Exception, TaskScheduler.Default);
            paused = time.GetUtcNow() + Pause;
            return last;
        }
    }

    private T? Kept<T>(object key, T? found)
        where T : class
    {
        if (found is null)
        {
            known.Remove(key);
        }
        else
        {
            known.Set(key, found, new MemoryCacheEntryOptions { Size = 1, AbsoluteExpirationRelativeToNow = Long });
        }

        return found;
    }
}
