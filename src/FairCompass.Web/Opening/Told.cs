using FairCompass.Web.Hosting;
using FairCompass.Web.Live;
using Npgsql;

namespace FairCompass.Web.Opening;

/// <summary>
/// Listens to what any copy of the application has changed: forgets it here, and passes on that results have changed. What was missed while
/// nothing could be heard is caught up when the line is there again.
/// </summary>
/// <param name="connections">How the database is reached: a connection of its own, outside the pool, stays open for this.</param>
/// <param name="cache">What forgets; not made in an application that stores nothing.</param>
/// <param name="changes">Told of changed results.</param>
/// <param name="log">Told when the line breaks, once until it is there again.</param>
public sealed class Told(Connections connections, Lazy<CompetitionCache> cache, Changes changes, ILogger<Told> log) : BackgroundService
{
    private static readonly TimeSpan Again = TimeSpan.FromSeconds(1);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var broken = false;
        while (connections.Daily is { } daily && !stoppingToken.IsCancellationRequested)
        {
            try
            {
                await using var line = new NpgsqlConnection(
                    // A line that is cut without a word is noticed by asking now and then.
                    new NpgsqlConnectionStringBuilder(daily) { Pooling = false, KeepAlive = 10 }.ConnectionString
                );
                await line.OpenAsync(stoppingToken);
                line.Notification += (_, told) =>
                {
                    if (told.Channel == "competition")
                    {
                        cache.Value.Changed();
                    }
                    else if (Guid.TryParse(told.Payload.Split(' ')[0], out var id))
                    {
                        changes.Tell(id);
                    }
                };
                await using (var listen = new NpgsqlCommand("listen competition; listen changes", line))
                {
                    await listen.ExecuteNonQueryAsync(stoppingToken);
                }

                cache.Value.Changed();
                changes.Tell(Guid.Empty);
                broken = false;
                while (true)
                {
                    await line.WaitAsync(stoppingToken);
                }
            }
            catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
            {
                return;
            }
            catch (Exception e) when (!stoppingToken.IsCancellationRequested)
            {
                // Whatever it is: the application goes on without this line, and one that ends here would end all of it.
                if (!broken)
                {
                    Broken(log, e.Message, null);
                    broken = true;
                }

                await Task.Delay(Again, stoppingToken).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            }
        }
    }

    private static readonly Action<ILogger, string, Exception?> Broken = LoggerMessage.Define<string>(
        LogLevel.Warning,
        new EventId(1, nameof(Broken)),
        "Changes of other copies cannot be heard: {Why}"
    );
}
