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

/// <summary>Facts about the numbers of cards, in PostgreSQL, which refuses to change them.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class ScoreStore(NpgsqlDataSource source)
{
    private sealed record Row(long Id, Guid Card, string Kind, string Run, string NoReps, string Level, string Reason, string? By, DateTime At)
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
        "f.id, f.card_id as Card, f.kind, f.run::text, f.no_reps::text as NoReps, f.level, f.reason, " + "coalesce(a.name, l.name) as by, f.at";

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

    /// <summary>Adds a fact, and says that the card is entered or checked. A retry with the same save id finds its own.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="fact">The fact.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<ScoreRefusal> Add(Guid competition, NewFact fact, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        // Two desks with one card in the same second: the second one waits here, and then sees what the first has typed. The row itself
        // cannot be locked by who may not change it.
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@Card::text, 6))", new { fact.Card }, cancel, tx);
        var state = await db.OneOrNone<string>(
            """
            select (select what from card_fact f where f.card_id = c.id order by f.id desc limit 1)
            from card c where c.id = @Card and c.competition_id = @competition
            """,
            new { fact.Card, competition },
            cancel,
            tx
        );
        if (state is null or "replaced")
        {
            return ScoreRefusal.Gone;
        }

        if (await InTheWay(db, tx, fact, cancel) is { } found)
        {
            return found;
        }

        await db.Run(
            """
            insert into score_fact (competition_id, card_id, save_id, kind, run, no_reps, level, reason, by_account, by_link)
            values (@competition, @Card, @SaveId, @kind, @run::jsonb, @noReps::jsonb, @Level, @Reason, @Account, @Link)
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
        await Say(db, tx, fact.Card, state, cancel);
        await tx.CommitAsync(cancel);
        return ScoreRefusal.None;
    }

    /// <summary>Why a fact need not, or may not, be added; null where it is to be.</summary>
    private static async Task<ScoreRefusal?> InTheWay(NpgsqlConnection db, NpgsqlTransaction tx, NewFact fact, CancellationToken cancel)
    {
        var mine = await db.One<bool>(
            "select exists (select from score_fact where save_id = @SaveId and card_id = @Card)",
            new { fact.SaveId, fact.Card },
            cancel,
            tx
        );
        var newest = await db.OneOrNone<(long Id, Guid? Account, Guid? Link)>(
            "select id, by_account, by_link from score_fact where card_id = @Card order by id desc limit 1",
            new { fact.Card },
            cancel,
            tx
        );
        return mine ? ScoreRefusal.None
            : newest.Id != fact.Seen ? ScoreRefusal.Outdated
            : fact.Kind == ScoreFactKind.Again && (newest.Account, newest.Link) == (Acting.Now.Account, Acting.Now.Link)
                ? ScoreRefusal.SameHand
            : null;
    }

    /// <summary>The card is where its facts say: entered, or checked once two have typed the same.</summary>
    private static async Task Say(NpgsqlConnection db, NpgsqlTransaction tx, Guid card, string state, CancellationToken cancel)
    {
        var rows = await db.Many<Row>(
            """
            select id, card_id as Card, kind, run::text, no_reps::text as NoReps, level, reason, null::text as by, at
            from score_fact where card_id = @card order by id
            """,
            new { card },
            cancel,
            tx
        );
        var now = CardNumbers.Of(rows.Select(r => r.Read())).Checked ? "checked" : "entered";
        if (now != state)
        {
            await db.Run(
                "insert into card_fact (card_id, what, by_account, by_link) values (@card, @now, @Account, @Link)",
                new
                {
                    card,
                    now,
                    Acting.Now.Account,
                    Acting.Now.Link,
                },
                cancel,
                tx
            );
        }
    }
}
