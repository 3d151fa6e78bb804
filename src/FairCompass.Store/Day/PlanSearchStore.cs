using FairCompass.Core.Quantities;
using FairCompass.Planning;
using FairCompass.Planning.Days;
using FairCompass.Planning.Solving;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>What a search has found so far.</summary>
/// <param name="First">How good the plan was that it began with.</param>
/// <param name="Best">The best plan yet.</param>
/// <param name="Worth">How good it is.</param>
/// <param name="AtLeast">Minutes that the days take at least; null while nobody knows.</param>
/// <param name="Conflicts">What no plan can keep to; null while nobody knows.</param>
public sealed record SearchFindings(PlanWorth First, Plan Best, PlanWorth Worth, long? AtLeast, Eq<PlanConflict>? Conflicts);

/// <summary>A search for a better plan.</summary>
/// <param name="Id">Its id.</param>
/// <param name="BaseRevision">The revision of the plan that it began from.</param>
/// <param name="StartedAt">When, UTC.</param>
/// <param name="IsRunning">True while it goes on.</param>
/// <param name="IsBroken">True where whoever ran it is gone before its end.</param>
/// <param name="Findings">What it has found; null before the first plan.</param>
public sealed record StoredSearch(Guid Id, int BaseRevision, DateTime StartedAt, bool IsRunning, bool IsBroken, SearchFindings? Findings);

/// <summary>Searches for better plans in PostgreSQL, so that every copy of the application can tell of them.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PlanSearchStore(NpgsqlDataSource source)
{
    // Whoever runs a search says so every second.
    private const string Alive = "ended_at is null and seen_at > now() - interval '15 seconds'";

    private sealed record Row(Guid Id, int BaseRevision, DateTime StartedAt, bool IsRunning, bool IsBroken, string? Found);

    /// <summary>The newest search of a competition; null where none was begun.</summary>
    public async Task<StoredSearch?> Newest(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var row = await db.OneOrNone<Row>(
            $"""
            select id, base_revision as BaseRevision, started_at as StartedAt, {Alive} as IsRunning,
                   ended_at is null and not ({Alive}) as IsBroken, found::text
            from plan_search where competition_id = @competition order by started_at desc, id desc limit 1
            """,
            new { competition },
            cancel
        );
        return row is null
            ? null
            : new(
                row.Id,
                row.BaseRevision,
                row.StartedAt,
                row.IsRunning,
                row.IsBroken,
                row.Found is null ? null : PlanJson.Read<SearchFindings>(row.Found)
            );
    }

    /// <summary>Begins a search; false where one of this competition is running. Older ones are forgotten.</summary>
    public async Task<bool> Begin(Guid competition, Guid id, int baseRevision, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 5))", new { competition }, cancel, tx);
        if (
            await db.One<bool>(
                $"select exists (select from plan_search where competition_id = @competition and {Alive})",
                new { competition },
                cancel,
                tx
            )
        )
        {
            return false;
        }

        await db.Run("delete from plan_search where competition_id = @competition", new { competition }, cancel, tx);
        await db.Run(
            "insert into plan_search (id, competition_id, base_revision) values (@id, @competition, @baseRevision)",
            new
            {
                id,
                competition,
                baseRevision,
            },
            cancel,
            tx
        );
        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>Says that a search goes on, and what it has found since; null for nothing new.</summary>
    /// <returns>True where somebody wants it to end.</returns>
    public async Task<bool> Seen(Guid id, SearchFindings? found, bool ended, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<bool?>(
                """
                update plan_search set seen_at = now(), ended_at = case when @ended then now() end, found = coalesce(@doc::jsonb, found)
                where id = @id returning stop
                """,
                new
                {
                    id,
                    ended,
                    doc = found is null ? null : PlanJson.Write(found),
                },
                cancel
            )
            // A search that is forgotten has been overtaken.
            ?? true;
    }

    /// <summary>Wants the searches of a competition to end with what they have found.</summary>
    public async Task Stop(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("update plan_search set stop = true where competition_id = @competition", new { competition }, cancel);
    }
}
