using Dapper;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>Why a fact about a card’s numbers was not taken.</summary>
public enum ScoreRefusal
{
    /// <summary>It was taken.</summary>
    None,

    /// <summary>There is no such card, or another stands for it.</summary>
    Gone,

    /// <summary>Somebody has typed this card meanwhile; what is to be done with the other numbers is another question.</summary>
    Outdated,

    /// <summary>The second entry is by who made the first.</summary>
    SameHand,
}

/// <summary>A fact about a card’s numbers that is to be added.</summary>
/// <param name="Card">The card.</param>
/// <param name="SaveId">Chosen by the client.</param>
/// <param name="Seen">The newest fact of the card that its writer has seen, 0 for none.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Run">What the card says.</param>
/// <param name="NoReps">Its tallies of no-reps.</param>
/// <param name="Reason">Why it is corrected; empty otherwise.</param>
/// <param name="Level">The level that was done, where the card says one; empty for the one of the entry.</param>
public sealed record NewFact(
    Guid Card,
    Guid SaveId,
    long Seen,
    ScoreFactKind Kind,
    RunObservation Run,
    Eq<NoReps> NoReps,
    string Reason,
    string Level = ""
);

/// <summary>What came of adding a fact.</summary>
/// <param name="Refusal">Why it was not taken.</param>
/// <param name="Facts">Every fact of the card, in order; empty where it was not taken.</param>
/// <param name="State">Where the card is now, as it is stored; empty where there is none.</param>
public sealed record ScoreAdded(ScoreRefusal Refusal, IReadOnlyList<ScoreFact> Facts, string State);

/// <summary>Facts about the numbers of cards, in PostgreSQL, which refuses to change them.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class ScoreStore(NpgsqlDataSource source)
{
    private sealed record Row(
        long Id,
        Guid Card,
        string Kind,
        string Run,
        string NoReps,
        string Level,
        string Reason,
        string? By,
        DateTime At
    )
    {
        public ScoreFact Read() =>
            new(
                Id,
                Card,
                Enum.Parse<ScoreFactKind>(Kind),
                PlanJson.Read<RunObservation>(Run),
                PlanJson.Read<Eq<NoReps>>(NoReps),
                Reason,
                By,
                At
            )
            {
                Level = Level,
            };
    }

    private const string Columns =
        "f.id, f.card_id as Card, f.kind, f.run::text, f.no_reps::text as NoReps, f.level, f.reason, "
        + "coalesce(a.name, l.name) as by, f.at";

    private const string Who = "left join account a on a.id = f.by_account left join link l on l.id = f.by_link";

    /// <summary>Every fact of a competition, in the order they came.</summary>
    public async Task<IReadOnlyList<ScoreFact>> Of(Guid competition, CancellationToken cancel) => await Of(competition, [], cancel);

    /// <summary>The same, where some were read before: a fact never changes, so those are not read again.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="known">Facts that were read before.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<IReadOnlyList<ScoreFact>> Of(Guid competition, IReadOnlyList<ScoreFact> known, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        // Not by the highest id: one that was given out earlier may come to be seen later.
        var rows = await db.Many<Row>(
            $"""
            select {Columns} from score_fact f {Who}
            where f.competition_id = @competition and f.id <> all (@ids) order by f.id
            """,
            new { competition, ids = known.Select(f => f.Id).ToArray() },
            cancel
        );
        return rows.Count == 0 ? known : [.. known.Concat(rows.Select(r => r.Read())).OrderBy(f => f.Id)];
    }

    /// <summary>The facts of one card, in the order they came.</summary>
    public async Task<IReadOnlyList<ScoreFact>> OfCard(Guid card, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.Many<Row>(
            $"select {Columns} from score_fact f {Who} where f.card_id = @card order by f.id",
            new { card },
            cancel
        );
        return [.. rows.Select(r => r.Read())];
    }

    /// <summary>The newest fact of a card; 0 where there is none.</summary>
    public async Task<long> Newest(Guid card, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<long>("select coalesce(max(id), 0) from score_fact where card_id = @card", new { card }, cancel);
    }

    private sealed record Before(string? State, bool Mine, long Newest, Guid? Account, Guid? Link);

    /// <summary>Adds a fact, and says that the card is entered or checked. A retry with the same save id finds its own.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="fact">The fact.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<ScoreAdded> Add(Guid competition, NewFact fact, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var (refusal, state) = await InTheWay(db, tx, competition, fact, cancel);
        if (refusal is { } why)
        {
            return why == ScoreRefusal.None ? new(why, await OfCard(fact.Card, cancel), state!) : new(why, [], state ?? "");
        }

        var rows = await db.Many<Row>(
            $"""
            insert into score_fact (competition_id, card_id, save_id, kind, run, no_reps, level, reason, by_account, by_link)
            values (@competition, @Card, @SaveId, @kind, @run::jsonb, @noReps::jsonb, @Level, @Reason, @Account, @Link);
            select {Columns} from score_fact f {Who} where f.card_id = @Card order by f.id
            """,
            new
            {
                competition,
                fact.Card,
                fact.SaveId,
                kind = fact.Kind.ToString(),
                run = PlanJson.Write(fact.Run),
                noReps = PlanJson.Write(fact.NoReps),
                fact.Level,
                fact.Reason,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
        List<ScoreFact> facts = [.. rows.Select(r => r.Read())];
        var now = CardNumbers.Of(facts).Checked ? "checked" : "entered";
        if (now != state)
        {
            await db.Run(
                "insert into card_fact (card_id, what, by_account, by_link) values (@Card, @now, @Account, @Link)",
                new
                {
                    fact.Card,
                    now,
                    Acting.Now.Account,
                    Acting.Now.Link,
                },
                cancel,
                tx
            );
        }

        await tx.CommitAsync(cancel);
        return new(ScoreRefusal.None, facts, now);
    }

    /// <summary>Why a fact need not, or may not, be added, null where it is to be; and where the card is.</summary>
    private static async Task<(ScoreRefusal? Refusal, string? State)> InTheWay(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        NewFact fact,
        CancellationToken cancel
    )
    {
        // Two desks with one card in the same second: the second one waits here, and its next statement sees what the first has typed. The
        // row itself cannot be locked by who may not change it.
        await using var read = await db.QueryMultipleAsync(
            new CommandDefinition(
                """
                select 1 from pg_advisory_xact_lock(hashtextextended(@Card::text, 6));
                select (select what from card_fact f where f.card_id = c.id order by f.id desc limit 1) as State,
                    exists (select from score_fact s where s.save_id = @SaveId and s.card_id = c.id) as Mine,
                    coalesce(n.id, 0) as Newest, n.by_account as Account, n.by_link as Link
                from card c
                left join lateral (select id, by_account, by_link from score_fact where card_id = c.id order by id desc limit 1) n on true
                where c.id = @Card and c.competition_id = @competition
                """,
                new
                {
                    fact.Card,
                    fact.SaveId,
                    competition,
                },
                tx,
                cancellationToken: cancel
            )
        );
        await read.ReadAsync<int>();
        return await read.ReadSingleOrDefaultAsync<Before>() is not { State: not null and not "replaced" } now ? (ScoreRefusal.Gone, null)
            : now.Mine ? (ScoreRefusal.None, now.State)
            : now.Newest != fact.Seen ? (ScoreRefusal.Outdated, now.State)
            : fact.Kind == ScoreFactKind.Again && (now.Account, now.Link) == (Acting.Now.Account, Acting.Now.Link)
                ? (ScoreRefusal.SameHand, now.State)
            : (null, now.State);
    }
}
