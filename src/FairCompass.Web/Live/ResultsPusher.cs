using FairCompass.Web.Standings;
using Microsoft.AspNetCore.SignalR;

namespace FairCompass.Web.Live;

/// <summary>Tells pages what has changed: computed once for each change, and once for many that come while it is computed.</summary>
/// <param name="changes">Where something has changed.</param>
/// <param name="book">The results; not made in an application that stores nothing.</param>
/// <param name="hub">The pages.</param>
/// <param name="log">Told when results cannot be computed.</param>
public sealed class ResultsPusher(
    Changes changes,
    Lazy<ResultBook> book,
    IHubContext<ResultsHub, IResultsPage> hub,
    ILogger<ResultsPusher> log
) : BackgroundService
{
    private readonly Dictionary<Guid, ResultsOf> told = [];

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                var next = await changes.Next(stoppingToken);
                // What was missed may be anything that somebody looks at.
                foreach (var competition in next.Contains(Guid.Empty) ? next.Union(told.Keys).ToHashSet() : next)
                {
                    await Push(competition, stoppingToken);
                }
            }
            catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
            {
                return;
            }
            catch (Exception e) when (!stoppingToken.IsCancellationRequested)
            {
                // Pages ask again by themselves after a while; the next change is told as if nothing had been.
                Failed(log, e.Message, null);
            }
        }
    }

    private async Task Push(Guid competition, CancellationToken cancel)
    {
        if (!changes.IsLookedAt(competition))
        {
            told.Remove(competition);
            return;
        }

        var now = await book.Value.Of(competition, cancel);
        var was = told.GetValueOrDefault(competition);
        told[competition] = now;
        var change =
            was is null ? new(0, now.Seq, true, [], [], [], null)
            : was.Seq < now.Seq ? ResultsChange.Between(was, now)
            : null;
        if (change is not null)
        {
            await hub.Clients.Group(ResultsHub.Group(competition)).Changed(change);
        }
    }

    private static readonly Action<ILogger, string, Exception?> Failed = LoggerMessage.Define<string>(
        LogLevel.Warning,
        new EventId(1, nameof(Failed)),
        "Results could not be told: {Why}"
    );
}
