using FairCompass.Core.Competitions;
using FairCompass.Core.Format;
using FairCompass.Core.Notation;
using Npgsql;

namespace FairCompass.Store;

/// <summary>A competition in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
public sealed record CompetitionName(Guid Id, string Name);

/// <summary>Competitions in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class CompetitionStore(NpgsqlDataSource source)
{
    private const string Columns = "id, revision, doc::text, updated_at as UpdatedAt";

    private static readonly Revisions History = new("competition_revision", "competition_id", "doc", "jsonb");

    private sealed record Row(Guid Id, int Revision, string Doc, DateTime UpdatedAt)
    {
        public Versioned<Competition> Read() => new(Id, Revision, ReadDoc(Doc), UpdatedAt);

        public Versioned<string> Unread() => new(Id, Revision, Doc, UpdatedAt);
    }

    /// <summary>The names of every competition, oldest first; no document is read for them.</summary>
    public async Task<IReadOnlyList<CompetitionName>> Names(CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<CompetitionName>("select id, doc ->> 'name' as name from competition order by created_at, id", null, cancel);
    }

    /// <summary>One competition, or null.</summary>
    public async Task<Versioned<Competition>?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (await db.OneOrNone<Row>($"select {Columns} from competition where id = @id", new { id }, cancel))?.Read();
    }

    /// <summary>The newest revision of a competition; null when there is none.</summary>
    public async Task<int?> Revision(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<int?>("select revision from competition where id = @id", new { id }, cancel);
    }

    /// <summary>Stores a new competition with its drafts, all or nothing.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="drafts">Its drafts in order.</param>
    /// <param name="request">Chosen by the client, so that a retry finds the competition it made; null for none.</param>
    /// <param name="cancel">Cancels.</param>
    /// <exception cref="FullException">Who acts organises as many as one account may.</exception>
    public async Task<Versioned<Competition>> Create(
        Competition competition,
        IReadOnlyList<Draft> drafts,
        Guid? request,
        CancellationToken cancel
    )
    {
        var id = Guid.CreateVersion7();
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await db.Made(tx, request, cancel) is { } made)
        {
            return (await db.One<Row>($"select {Columns} from competition where id = @made", new { made }, cancel, tx)).Read();
        }

        const string Count = "select count(*) from member where account_id = @Account and role = 'Organiser'";
        if (await db.One<int>(Count, new { Acting.Now.Account }, cancel, tx) >= FullException.Competitions)
        {
            throw new FullException($"One account organises {FullException.Competitions} competitions at most; leave one first.");
        }

        var doc = WriteDoc(competition);
        var row = await db.One<Row>(
            $"insert into competition (id, revision, doc) values (@id, 1, @doc::jsonb) returning {Columns}",
            new { id, doc },
            cancel,
            tx
        );
        await History.Keep(db, tx, id, 1, Guid.NewGuid(), doc, cancel);
        foreach (var draft in drafts)
        {
            await WorkoutStore.Insert(db, tx, id, draft, cancel);
        }

        await db.Remember(tx, request, id, cancel);
        await tx.CommitAsync(cancel);
        return row.Read();
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
        if (await db.OneOrNone<Row>($"select {Columns} from competition where id = @id for update", new { id }, cancel, tx) is not { } row)
        {
            return new SaveResult<Competition>.Gone();
        }

        if (await History.InTheWay(db, tx, row.Unread(), baseRevision, saveId, cancel) is { } found)
        {
            return found.Mine
                ? new SaveResult<Competition>.Saved(row.Read())
                : new SaveResult<Competition>.Outdated(row.Read(), found.Base is null ? null : ReadDoc(found.Base));
        }

        var doc = WriteDoc(competition);
        var saved = await db.One<Row>(
            $"update competition set revision = revision + 1, doc = @doc::jsonb, updated_at = now() where id = @id returning {Columns}",
            new { id, doc },
            cancel,
            tx
        );
        await History.Keep(db, tx, id, saved.Revision, saveId, doc, cancel);
        await tx.CommitAsync(cancel);
        return new SaveResult<Competition>.Saved(saved.Read());
    }

    private static string WriteDoc(Competition competition) => CompetitionJson.Write(competition);

    private static Competition ReadDoc(string doc) => CompetitionJson.Read(doc);
}
