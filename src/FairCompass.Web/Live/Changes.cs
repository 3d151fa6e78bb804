using System.Collections.Concurrent;
using System.Threading.Channels;

namespace FairCompass.Web.Live;

/// <summary>Competitions whose results have changed, as the database tells; who is told twice before looking looks once.</summary>
public sealed class Changes
{
    private readonly Channel<Guid> told = Channel.CreateUnbounded<Guid>(new UnboundedChannelOptions { SingleReader = true });

    /// <summary>Says that something has changed.</summary>
    /// <param name="competition">Where; <see cref="Guid.Empty"/> for what was missed while nothing could be heard.</param>
    public void Tell(Guid competition) => told.Writer.TryWrite(competition);

    private readonly ConcurrentDictionary<Guid, int> lookers = new();

    /// <summary>Pages that follow all competitions together.</summary>
    public int Lookers => lookers.Values.Sum();

    /// <summary>Somebody looks at a competition.</summary>
    public void Come(Guid competition)
    {
        lookers.AddOrUpdate(competition, 1, (_, n) => n + 1);
        Tell(competition);
    }

    /// <summary>Somebody looks no more.</summary>
    public void Leave(Guid competition) => lookers.AddOrUpdate(competition, 0, (_, n) => Math.Max(0, n - 1));

    /// <summary>True while somebody looks: what nobody looks at is not computed.</summary>
    public bool IsLookedAt(Guid competition) => lookers.GetValueOrDefault(competition) > 0;

    /// <summary>Waits for the next changes, and gives each competition once.</summary>
    public async Task<IReadOnlySet<Guid>> Next(CancellationToken cancel)
    {
        var all = new HashSet<Guid> { await told.Reader.ReadAsync(cancel) };
        while (told.Reader.TryRead(out var more))
        {
            all.Add(more);
        }

        return all;
    }
}
