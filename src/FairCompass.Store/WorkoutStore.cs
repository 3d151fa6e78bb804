using FairCompass.Core.Format;
using FairCompass.Core.Notation;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Draft texts in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class WorkoutStore(NpgsqlDataSource source)
{
    private const string Columns = "id, revision, body, updated_at as UpdatedAt, competition_id as CompetitionId";

    private static readonly Revisions History = new("workout_revision", "workout_id", "body", "text");

    private sealed record Row(Guid Id, int Revision, string Body, DateTime UpdatedAt, Guid CompetitionId)
    {
        public Versioned<string> Read() => new(Id, Revision, Body, UpdatedAt);
    }

    /// <summary>The drafts of a competition in order, without removed ones.</summary>
    public async Task<IReadOnlyList<Versioned<string>>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.Many<Row>(
            $"select {Columns} from workout where competition_id = @competition and deleted_at is null order by ordinal, id",
            new { competition },
            cancel
        );
        return rows.Select(r => r.Read()).ToList();
    }

    /// <summary>One draft and its competition; null when there is none or it was removed.</summary>
    public async Task<(Versioned<string> Draft, Guid Competition)?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var row = await db.OneOrNone<Row>($"select {Columns} from workout where id = @id and deleted_at is null", new { id }, cancel);
        return row is null ? null : (row.Read(), row.CompetitionId);
    }

    /// <summary>A draft with the ids of its lines; null when there is none or it was removed.</summary>
    public async Task<Draft?> Identified(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.OneOrNone<Said>($"select {Said.Columns} from workout where id = @id and deleted_at is null", new { id }, cancel)
        )?.Read();
    }

    /// <summary>The drafts of a competition in order with the ids of their lines, without removed ones.</summary>
    public async Task<IReadOnlyList<Draft>> AllIdentified(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.Many<Said>(
            $"select {Said.Columns} from workout where competition_id = @competition and deleted_at is null order by ordinal, id",
            new { competition },
            cancel
        );
        return rows.Select(r => r.Read()).ToList();
    }

    /// <summary>A draft that the transaction holds, with the ids of its lines.</summary>
    internal static async Task<Draft> Identified(NpgsqlConnection db, NpgsqlTransaction tx, Guid id, CancellationToken cancel) =>
        (await db.One<Said>($"select {Said.Columns} from workout where id = @id", new { id }, cancel, tx)).Read();

    /// <summary>Drafts from before lines had ids get them when they are first read.</summary>
    private sealed record Said(string Body, string? Lines)
    {
        public const string Columns = "body, lines::text as Lines";

        public Draft Read() => Lines is null ? Draft.New(Body) : new(Body, LineJson.Read(Lines));
    }

    /// <summary>Adds a draft at the end; null when there is no such competition.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="draft">The text with the ids of its lines.</param>
    /// <param name="request">Chosen by the client, so that a retry finds the draft it made; null for none.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<Versioned<string>?> Create(Guid competition, Draft draft, Guid? request, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await db.Made(tx, request, cancel) is { } made)
        {
            return (await db.OneOrNone<Row>($"select {Columns} from workout where id = @made", new { made }, cancel, tx))?.Read();
        }

        if (!await db.One<bool>("select exists (select from competition where id = @competition)", new { competition }, cancel, tx))
        {
            return null;
        }

        var created = await Insert(db, tx, competition, draft, cancel);
        await db.Remember(tx, request, created.Id, cancel);
        await tx.CommitAsync(cancel);
        return created;
    }

    /// <summary>Adds a draft at the end of a competition that exists, inside a transaction of the caller.</summary>
    /// <exception cref="FullException">The competition takes no more.</exception>
    internal static async Task<Versioned<string>> Insert(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        Draft draft,
        CancellationToken cancel
    )
    {
        const string Count = "select count(*) from workout where competition_id = @competition and deleted_at is null";
        if (await db.One<int>(Count, new { competition }, cancel, tx) >= FullException.Drafts)
        {
            throw new FullException($"A competition has {FullException.Drafts} drafts at most; remove one first.");
        }

        var id = Guid.CreateVersion7();
        var row = await db.One<Row>(
            $"""
            insert into workout (id, competition_id, ordinal, revision, body, lines)
            select @id, @competition, coalesce(max(ordinal), 0) + 1, 1, @Text, @lines::jsonb
            from workout where competition_id = @competition
            returning {Columns}
            """,
            new
            {
                id,
                competition,
                draft.Text,
                lines = LineJson.Write(draft.Lines),
            },
            cancel,
            tx
        );
        await History.Keep(db, tx, id, 1, Guid.NewGuid(), draft.Text, cancel);
        return row.Read();
    }

    /// <summary>Saves a draft over a known revision. A retry with the same save id finds its own save.</summary>
    public async Task<SaveResult<string>> Save(Guid id, int baseRevision, Guid saveId, string body, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await Hold(db, tx, id, cancel) is not { } now)
        {
            return new SaveResult<string>.Gone();
        }

        if (await History.InTheWay(db, tx, now, baseRevision, saveId, cancel) is { } found)
        {
            return found.Mine ? new SaveResult<string>.Saved(now) : new SaveResult<string>.Outdated(now, found.Base);
        }

        if (now.Value == body)
        {
            return new SaveResult<string>.Saved(now);
        }

        var saved = await Write(db, tx, id, saveId, body, cancel);
        await tx.CommitAsync(cancel);
        return new SaveResult<string>.Saved(saved);
    }

    /// <summary>Holds a draft for the rest of a transaction; null when there is none or it was removed.</summary>
    internal static async Task<Versioned<string>?> Hold(NpgsqlConnection db, NpgsqlTransaction tx, Guid id, CancellationToken cancel) =>
        (
            await db.OneOrNone<Row>(
                $"select {Columns} from workout where id = @id and deleted_at is null for update",
                new { id },
                cancel,
                tx
            )
        )?.Read();

    /// <summary>Writes the next revision of a draft that the transaction holds.</summary>
    internal static async Task<Versioned<string>> Write(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid id,
        Guid saveId,
        string body,
        CancellationToken cancel
    )
    {
        var lines = LineJson.Write((await Identified(db, tx, id, cancel)).Becomes(body).Lines);
        var saved = await db.One<Row>(
            $"""
            update workout set revision = revision + 1, body = @body, lines = @lines::jsonb, updated_at = now()
            where id = @id returning {Columns}
            """,
            new
            {
                id,
                body,
                lines,
            },
            cancel,
            tx
        );
        await History.Keep(db, tx, id, saved.Revision, saveId, body, cancel);
        return saved.Read();
    }

    /// <summary>True when a save was stored, whatever has come since.</summary>
    public async Task<bool> Knows(Guid id, Guid saveId, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<bool>(
            "select exists (select from workout_revision where workout_id = @id and save_id = @saveId)",
            new { id, saveId },
            cancel
        );
    }

    /// <summary>Removes a draft, or brings a removed one back. False when there is none.</summary>
    public async Task<bool> SetRemoved(Guid id, bool removed, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run("update workout set deleted_at = case when @removed then now() end where id = @id", new { id, removed }, cancel)
            == 1;
    }
}
