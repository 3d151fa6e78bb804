using System.Threading.Channels;

namespace FairCompass.Web.Live;

/// <summary>Competitions whose results have changed, as the database tells; who is told twice before looking looks once.</summary>
public sealed class Changes
{
    private readonly Channel<Guid> told = Channel.CreateUnbounded<Guid>(new UnboundedChannelOptions { SingleReader = true });

    /// <summary>Says that something has changed.</summary>
    /// <param name="competition">Where; <see cref="Guid.Empty"/> for what was missed while nothing could be heard.</param>
    public void Tell(Guid competition) => told.Writer.TryWrite(competition);

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
