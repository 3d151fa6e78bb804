using System.Text.Json;
using Dapper;
using FairCompass.Core.Competitions;
using FairCompass.Core.Format;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Competitions in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class CompetitionStore(NpgsqlDataSource source)
{
    private sealed record Row(Guid Id, int Revision, string Doc, DateTime UpdatedAt)
    {
        public Versioned<Competition> Read() => new(Id, Revision, ReadDoc(Doc), DateTime.SpecifyKind(UpdatedAt, DateTimeKind.Utc));
    }

    /// <summary>Every competition, oldest first.</summary>
    public async Task<IReadOnlyList<Versioned<Competition>>> All(CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.QueryAsync<Row>(
            new CommandDefinition(
                "select id, revision, doc::text, updated_at as UpdatedAt from competition order by created_at, id",
                cancellationToken: cancel
            )
        );
        return rows.Select(r => r.Read()).ToList();
    }

    /// <summary>One competition, or null.</summary>
    public async Task<Versioned<Competition>?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (await Read(db, id, "", cancel))?.Read();
    }

    /// <summary>Stores a new competition.</summary>
    public Task<Versioned<Competition>> Create(Competition competition, CancellationToken cancel) => Create(competition, [], cancel);

    /// <summary>Stores a new competition with its drafts, all or nothing.</summary>
    public async Task<Versioned<Competition>> Create(Competition competition, IReadOnlyList<string> drafts, CancellationToken cancel)
    {
        var id = Guid.CreateVersion7();
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.ExecuteAsync(
            new CommandDefinition(
                "insert into competition (id, revision, doc) values (@id, 1, @doc::jsonb)",
                new { id, doc = WriteDoc(competition) },
                tx,
                cancellationToken: cancel
            )
        );
        await Keep(db, tx, id, 1, Guid.NewGuid(), competition, cancel);
        foreach (var draft in drafts)
        {
            await WorkoutStore.Insert(db, tx, id, draft, cancel);
        }

        await tx.CommitAsync(cancel);
        return (await Find(id, cancel))!;
    }

    /// <summary>Saves a competition over a known revision. A retry with the same save id finds its own save.</summary>
    public async Task<SaveResult<Competition>> Save(
        Guid id,
        int baseRevision,
        Guid saveId,
        Competition competition,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await Read(db, id, "for update", cancel, tx) is not { } row)
        {
            return new SaveResult<Competition>.Gone();
        }

        if (
            await db.ExecuteScalarAsync<bool>(
                new CommandDefinition(
                    "select exists (select from competition_revision where competition_id = @id and save_id = @saveId)",
                    new { id, saveId },
                    tx,
                    cancellationToken: cancel
                )
            )
        )
        {
            return new SaveResult<Competition>.Saved(row.Read());
        }

        if (row.Revision != baseRevision)
        {
            var old = await db.ExecuteScalarAsync<string?>(
                new CommandDefinition(
                    "select doc::text from competition_revision where competition_id = @id and revision = @baseRevision",
                    new { id, baseRevision },
                    tx,
                    cancellationToken: cancel
                )
            );
            return new SaveResult<Competition>.Outdated(row.Read(), old is null ? null : ReadDoc(old));
        }

        await db.ExecuteAsync(
            new CommandDefinition(
                "update competition set revision = revision + 1, doc = @doc::jsonb, updated_at = now() where id = @id",
                new { id, doc = WriteDoc(competition) },
                tx,
                cancellationToken: cancel
            )
        );
        await Keep(db, tx, id, baseRevision + 1, saveId, competition, cancel);
        var saved = (await Read(db, id, "", cancel, tx))!.Read();
        await tx.CommitAsync(cancel);
        return new SaveResult<Competition>.Saved(saved);
    }

    private static Task<Row?> Read(NpgsqlConnection db, Guid id, string suffix, CancellationToken cancel, NpgsqlTransaction? tx = null) =>
        db.QuerySingleOrDefaultAsync<Row>(
            new CommandDefinition(
                "select id, revision, doc::text, updated_at as UpdatedAt from competition where id = @id " + suffix,
                new { id },
                tx,
                cancellationToken: cancel
            )
        );

    private static Task Keep(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid id,
        int revision,
        Guid saveId,
        Competition competition,
        CancellationToken cancel
    ) =>
        db.ExecuteAsync(
            new CommandDefinition(
                "insert into competition_revision (competition_id, revision, save_id, doc) values (@id, @revision, @saveId, @doc::jsonb)",
                new
                {
                    id,
                    revision,
                    saveId,
                    doc = WriteDoc(competition),
                },
                tx,
                cancellationToken: cancel
            )
        );

    private static string WriteDoc(Competition competition) => JsonSerializer.Serialize(competition, FormatContext.Default.Competition);

    private static Competition ReadDoc(string doc) => JsonSerializer.Deserialize(doc, FormatContext.Default.Competition)!;
}
