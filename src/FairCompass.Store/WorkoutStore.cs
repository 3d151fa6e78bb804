using Dapper;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Draft texts in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class WorkoutStore(NpgsqlDataSource source)
{
    private const string Columns = "select id, revision, body, updated_at as UpdatedAt, competition_id as CompetitionId from workout ";

    private sealed record Row(Guid Id, int Revision, string Body, DateTime UpdatedAt, Guid CompetitionId)
    {
        public Versioned<string> Read() => new(Id, Revision, Body, DateTime.SpecifyKind(UpdatedAt, DateTimeKind.Utc));
    }

    /// <summary>The drafts of a competition in order, without removed ones.</summary>
    public async Task<IReadOnlyList<Versioned<string>>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.QueryAsync<Row>(
            new CommandDefinition(
                Columns + "where competition_id = @competition and deleted_at is null order by ordinal, id",
                new { competition },
                cancellationToken: cancel
            )
        );
        return rows.Select(r => r.Read()).ToList();
    }

    /// <summary>One draft and its competition; null when there is none or it was removed.</summary>
    public async Task<(Versioned<string> Draft, Guid Competition)?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var row = await db.QuerySingleOrDefaultAsync<Row>(
            new CommandDefinition(Columns + "where id = @id and deleted_at is null", new { id }, cancellationToken: cancel)
        );
        return row is null ? null : (row.Read(), row.CompetitionId);
    }

    /// <summary>Adds a draft at the end; null when there is no such competition.</summary>
    public async Task<Versioned<string>?> Create(Guid competition, string body, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (
            !await db.ExecuteScalarAsync<bool>(
                new CommandDefinition(
                    "select exists (select from competition where id = @competition)",
                    new { competition },
                    tx,
                    cancellationToken: cancel
                )
            )
        )
        {
            return null;
        }

        var created = await Insert(db, tx, competition, body, cancel);
        await tx.CommitAsync(cancel);
        return created;
    }

    /// <summary>Adds a draft at the end of a competition that exists, inside a transaction of the caller.</summary>
    internal static async Task<Versioned<string>> Insert(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        string body,
        CancellationToken cancel
    )
    {
        var id = Guid.CreateVersion7();
        var row = await db.QuerySingleAsync<Row>(
            new CommandDefinition(
                """
                insert into workout (id, competition_id, ordinal, revision, body)
                select @id, @competition, coalesce(max(ordinal), 0) + 1, 1, @body from workout where competition_id = @competition
                returning id, revision, body, updated_at as UpdatedAt, competition_id as CompetitionId
                """,
                new
                {
                    id,
                    competition,
                    body,
                },
                tx,
                cancellationToken: cancel
            )
        );
        await Keep(db, tx, id, 1, Guid.NewGuid(), body, cancel);
        return row.Read();
    }

    /// <summary>Saves a draft over a known revision. A retry with the same save id finds its own save.</summary>
    public async Task<SaveResult<string>> Save(Guid id, int baseRevision, Guid saveId, string body, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var row = await db.QuerySingleOrDefaultAsync<Row>(
            new CommandDefinition(Columns + "where id = @id and deleted_at is null for update", new { id }, tx, cancellationToken: cancel)
        );
        if (row is null)
        {
            return new SaveResult<string>.Gone();
        }

        if (
            await db.ExecuteScalarAsync<bool>(
                new CommandDefinition(
                    "select exists (select from workout_revision where workout_id = @id and save_id = @saveId)",
                    new { id, saveId },
                    tx,
                    cancellationToken: cancel
                )
            ) || (row.Revision == baseRevision && row.Body == body)
        )
        {
            return new SaveResult<string>.Saved(row.Read());
        }

        if (row.Revision != baseRevision)
        {
            var old = await db.ExecuteScalarAsync<string?>(
                new CommandDefinition(
                    "select body from workout_revision where workout_id = @id and revision = @baseRevision",
                    new { id, baseRevision },
                    tx,
                    cancellationToken: cancel
                )
            );
            return new SaveResult<string>.Outdated(row.Read(), old);
        }

        var saved = await db.QuerySingleAsync<Row>(
            new CommandDefinition(
                """
                update workout set revision = revision + 1, body = @body, updated_at = now() where id = @id
                returning id, revision, body, updated_at as UpdatedAt, competition_id as CompetitionId
                """,
                new { id, body },
                tx,
                cancellationToken: cancel
            )
        );
        await Keep(db, tx, id, saved.Revision, saveId, body, cancel);
        await tx.CommitAsync(cancel);
        return new SaveResult<string>.Saved(saved.Read());
    }

    /// <summary>Removes a draft, or brings a removed one back. False when there is none.</summary>
    public async Task<bool> SetRemoved(Guid id, bool removed, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(
                new CommandDefinition(
                    "update workout set deleted_at = case when @removed then now() end where id = @id",
                    new { id, removed },
                    cancellationToken: cancel
                )
            ) == 1;
    }

    private static Task Keep(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid id,
        int revision,
        Guid saveId,
        string body,
        CancellationToken cancel
    ) =>
        db.ExecuteAsync(
            new CommandDefinition(
                "insert into workout_revision (workout_id, revision, save_id, body) values (@id, @revision, @saveId, @body)",
                new
                {
                    id,
                    revision,
                    saveId,
                    body,
                },
                tx,
                cancellationToken: cancel
            )
        );
}
