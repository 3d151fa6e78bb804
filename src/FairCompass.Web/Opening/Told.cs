using FairCompass.Web.Hosting;
using Npgsql;

namespace FairCompass.Web.Opening;

/// <summary>
/// Listens to what other copies of the application have changed, and forgets it here. What was missed while nothing could be heard is
/// caught up by forgetting everything when the line is there again.
/// </summary>
/// <param name="connections">How the database is reached: a connection of its own, outside the pool, stays open for this.</param>
/// <param name="cache">What forgets; not made in an application that stores nothing.</param>
/// <param name="log">Told when the line breaks, once until it is there again.</param>
public sealed class Told(Connections connections, Lazy<CompetitionCache> cache, ILogger<Told> log) : BackgroundService
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
                    if (Guid.TryParse(told.Payload, out var id))
                    {
                        cache.Value.Forget(id);
                    }
                };
                await using (var listen = new NpgsqlCommand("listen competition", line))
                {
                    await listen.ExecuteNonQueryAsync(stoppingToken);
                }

                cache.Value.ForgetAll();
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
