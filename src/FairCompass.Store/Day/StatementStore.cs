using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>That the statement of a competition may be read by everybody.</summary>
/// <param name="Seed">The seed of its draws.</param>
/// <param name="At">Since when, UTC.</param>
public sealed record StatementPublished(long Seed, DateTime At);

/// <summary>Published statements in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class StatementStore(NpgsqlDataSource source)
{
    /// <summary>Whether the statement of a competition is published; null where it is not.</summary>
    public async Task<StatementPublished?> Find(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<StatementPublished>(
            "select seed, at from statement_published where competition_id = @competition",
            new { competition },
            cancel
        );
    }

    /// <summary>Publishes it; published again it has the newer seed.</summary>
    public async Task Publish(Guid competition, long seed, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into statement_published (competition_id, seed) values (@competition, @seed)
            on conflict (competition_id) do update set seed = excluded.seed, at = now()
            """,
            new { competition, seed },
            cancel
        );
    }

    /// <summary>Takes it back; one that is not published stays so.</summary>
    public async Task TakeBack(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("delete from statement_published where competition_id = @competition", new { competition }, cancel);
    }
}
