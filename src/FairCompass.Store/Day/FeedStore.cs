using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>Addresses that phones follow, in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class FeedStore(NpgsqlDataSource source)
{
    /// <summary>The token of somebody’s times; the same each time it is asked for.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="subject">Whose: <c>entry:…</c>, <c>judge:…</c>, <c>gym:…</c>.</param>
    /// <param name="fresh">A token for the first time.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<string> Of(Guid competition, string subject, string fresh, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into time_feed (token, competition_id, subject) values (@fresh, @competition, @subject)
            on conflict (competition_id, subject) do nothing
            """,
            new
            {
                competition,
                subject,
                fresh,
            },
            cancel
        );
        return await db.One<string>(
            "select token from time_feed where competition_id = @competition and subject = @subject",
            new { competition, subject },
            cancel
        );
    }

    /// <summary>Whose times a token gives; null for one that is unknown.</summary>
    public async Task<(Guid Competition, string Subject)?> Find(string token, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<(Guid, string)?>(
            "select competition_id, subject from time_feed where token = @token",
            new { token },
            cancel
        );
    }
}
