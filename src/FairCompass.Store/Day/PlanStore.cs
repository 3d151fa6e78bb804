using FairCompass.Planning;
using FairCompass.Planning.Days;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>The plan of each competition in PostgreSQL, one document with its history.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PlanStore(NpgsqlDataSource source)
{
    private const string Columns = "competition_id as Id, revision, doc::text, updated_at as UpdatedAt";

    private static readonly Revisions History = new("plan_revision", "competition_id", "doc", "jsonb");

    private sealed record Row(Guid Id, int Revision, string Doc, DateTime UpdatedAt)
    {
        public Versioned<Plan> Read() => new(Id, Revision, PlanJson.Read(Doc), UpdatedAt);

        public Versioned<string> Unread() => new(Id, Revision, Doc, UpdatedAt);
    }

    /// <summary>The plan of a competition; null where none was made.</summary>
    public async Task<Versioned<Plan>?> Find(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.OneOrNone<Row>($"select {Columns} from plan where competition_id = @competition", new { competition }, cancel)
        )?.Read();
    }

    /// <summary>Saves a plan over a known revision, 0 for the first. A retry with the same save id finds its own save.</summary>
    public async Task<SaveResult<Plan>> Save(Guid competition, int baseRevision, Guid saveId, Plan plan, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 3))", new { competition }, cancel, tx);
        var row = await db.OneOrNone<Row>(
            $"select {Columns} from plan where competition_id = @competition for update",
            new { competition },
            cancel,
            tx
        );
        var now = row?.Unread() ?? new Versioned<string>(competition, 0, "", default);
        if (await History.InTheWay(db, tx, now, baseRevision, saveId, cancel) is { } found)
        {
            return row is null ? new SaveResult<Plan>.Gone()
                : found.Mine ? new SaveResult<Plan>.Saved(row.Read())
                : new SaveResult<Plan>.Outdated(row.Read(), found.Base is null ? null : PlanJson.Read(found.Base));
        }

        var doc = PlanJson.Write(plan);
        var saved = await db.One<Row>(
            $"""
            insert into plan (competition_id, revision, doc) values (@competition, 1, @doc::jsonb)
            on conflict (competition_id) do update set revision = plan.revision + 1, doc = excluded.doc, updated_at = now()
            returning {Columns}
            """,
            new { competition, doc },
            cancel,
            tx
        );
        await History.Keep(db, tx, competition, saved.Revision, saveId, doc, cancel);
        await tx.CommitAsync(cancel);
        return new SaveResult<Plan>.Saved(saved.Read());
    }
}
