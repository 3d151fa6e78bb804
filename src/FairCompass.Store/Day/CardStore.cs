using FairCompass.Core.Briefing;
using FairCompass.Outcomes.Incidents;
using FairCompass.Planning.Days;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>A run that needs a card.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Version">The version in force for its heat.</param>
/// <param name="Entry">Whose it is.</param>
/// <param name="Heat">The heat.</param>
public sealed record RunWithoutCard(Guid Workout, Guid Version, Guid Entry, Guid Heat);

/// <summary>Cards and what becomes of them, in PostgreSQL; both are added and never changed.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class CardStore(NpgsqlDataSource source)
{
    private const string Selected = """
        select c.id, c.number, c.workout_id as Workout, c.published_id as Version, p.code, c.entry_id as Entry, c.heat_id as Heat,
            f.what, f.who, f.reason, f.at
        from card c join published p on p.id = c.published_id
        join lateral (select what, who, reason, at from card_fact where card_id = c.id order by id desc limit 1) f on true
        """;

    private sealed record Row(
        Guid Id,
        int Number,
        Guid Workout,
        Guid Version,
        string Code,
        Guid Entry,
        Guid Heat,
        string What,
        string Who,
        string Reason,
        DateTime At
    )
    {
        public Card Read() =>
            new(Id, Number, Workout, Version, Code, Entry, Heat, Enum.Parse<CardState>(What, ignoreCase: true), Who, Reason, At);
    }

    /// <summary>Every card of a competition, by version and number.</summary>
    public async Task<IReadOnlyList<Card>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await Of(db, null, competition, cancel);
    }

    /// <summary>One card; null where there is none.</summary>
    public async Task<Card?> One(Guid competition, Guid card, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.OneOrNone<Row>($"{Selected} where c.competition_id = @competition and c.id = @card", new { competition, card }, cancel)
        )?.Read();
    }

    /// <summary>Gives each run a card that has none; who prints twice gets the same cards, and a card of a heat that its athlete has left
    /// counts no more.</summary>
    /// <exception cref="FullException">A version would have more than <see cref="CardCode.Highest"/> cards.</exception>
    public async Task<IReadOnlyList<Card>> Print(Guid competition, IReadOnlyList<RunWithoutCard> runs, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await Lock(db, tx, competition, cancel);
        var current = (await Of(db, tx, competition, cancel)).Where(c => c.State != CardState.Replaced).ToLookup(c => (c.Workout, c.Entry));
        foreach (var run in runs.Where(r => !current[(r.Workout, r.Entry)].Any(c => c.Heat == r.Heat)))
        {
            // Who has gone to another heat since has one card, not two.
            const string Moved = "stands in another heat now";
            var old = current[(run.Workout, run.Entry)].ToList();
            await Add(db, tx, competition, run, old is [var first, ..] ? first.Id : null, old.Count > 0 ? Moved : "", cancel);
            foreach (var card in old)
            {
                await Note(db, tx, card.Id, CardState.Replaced, "", Moved, cancel);
            }
        }

        await tx.CommitAsync(cancel);
        return await Of(competition, cancel);
    }

    /// <summary>Puts a new card in the place of one that is lost or spoilt; false where there is none, or it was replaced before.</summary>
    public async Task<bool> Replace(Guid competition, Guid card, string reason, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await Lock(db, tx, competition, cancel);
        if ((await Of(db, tx, competition, cancel)).FirstOrDefault(c => c.Id == card) is not { State: not CardState.Replaced } old)
        {
            return false;
        }

        await Replace(db, tx, competition, old, reason, cancel);
        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>Says where a card is; false where there is no such card, or another stands for it.</summary>
    public async Task<bool> Say(Guid competition, Guid card, CardState state, string who, string reason, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await Lock(db, tx, competition, cancel);
        if ((await Of(db, tx, competition, cancel)).FirstOrDefault(c => c.Id == card) is not { State: not CardState.Replaced } now)
        {
            return false;
        }

        if ((now.State, now.Who, now.Reason) != (state, who, reason))
        {
            await Note(db, tx, card, state, who, reason, cancel);
        }

        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>Gives those of an incident new cards of its workout. One that is printed and with nobody yet is the new one
    /// already.</summary>
    internal static async Task RunAgain(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        IncidentReport report,
        string reason,
        CancellationToken cancel
    )
    {
        foreach (var card in await Of(db, tx, competition, cancel))
        {
            if (
                card.Workout == report.Workout
                && report.Entries.Contains(card.Entry)
                && card.State is not (CardState.Replaced or CardState.Printed)
            )
            {
                await Replace(db, tx, competition, card, reason, cancel);
            }
        }
    }

    private static async Task Replace(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        Card old,
        string reason,
        CancellationToken cancel
    )
    {
        await Add(db, tx, competition, new(old.Workout, old.Version, old.Entry, old.Heat), old.Id, reason, cancel);
        await Note(db, tx, old.Id, CardState.Replaced, "", reason, cancel);
    }

    /// <summary>Whoever makes or replaces cards of a competition waits for who does.</summary>
    internal static Task Lock(NpgsqlConnection db, NpgsqlTransaction tx, Guid competition, CancellationToken cancel) =>
        db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 4))", new { competition }, cancel, tx);

    private static async Task Add(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        RunWithoutCard run,
        Guid? replaces,
        string reason,
        CancellationToken cancel
    )
    {
        var id = Guid.CreateVersion7();
        var number =
            1
            + await db.One<int>("select coalesce(max(number), 0) from card where published_id = @Version", new { run.Version }, cancel, tx);
        if (number > CardCode.Highest)
        {
            throw new FullException($"One version has {CardCode.Highest} cards at most; publish it again to print more.");
        }

        await db.Run(
            """
            insert into card (id, competition_id, number, workout_id, published_id, entry_id, heat_id, replaces)
            values (@id, @competition, @number, @Workout, @Version, @Entry, @Heat, @replaces)
            """,
            new
            {
                id,
                competition,
                number,
                run.Workout,
                run.Version,
                run.Entry,
                run.Heat,
                replaces,
            },
            cancel,
            tx
        );
        await Note(db, tx, id, CardState.Printed, "", reason, cancel);
    }

    private static Task Note(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid card,
        CardState state,
        string who,
        string reason,
        CancellationToken cancel
    ) =>
        db.Run(
            """
            insert into card_fact (card_id, what, who, reason, by_account, by_link)
            values (@card, lower(@what), @who, @reason, @Account, @Link)
            """,
            new
            {
                card,
                what = state.ToString(),
                who,
                reason,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );

    private static async Task<IReadOnlyList<Card>> Of(
        NpgsqlConnection db,
        NpgsqlTransaction? tx,
        Guid competition,
        CancellationToken cancel
    ) =>
        (
            await db.Many<Row>(
                $"{Selected} where c.competition_id = @competition order by c.published_id, c.number",
                new { competition },
                cancel,
                tx
            )
        )
            .Select(r => r.Read())
            .ToList();
}
