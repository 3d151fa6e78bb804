using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Incidents;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>Under which version the cards of a workout are scored.</summary>
/// <param name="Id">From 1, in the order they came.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Version">The id of the version; null for the one that each card was printed from.</param>
/// <param name="Reason">Why.</param>
/// <param name="By">Who said so.</param>
/// <param name="At">When, UTC.</param>
public sealed record RescoreFact(long Id, Guid Workout, Guid? Version, string Reason, string? By, DateTime At);

/// <summary>What results are made of beside the cards.</summary>
/// <param name="Rules">What has to be before they are final.</param>
/// <param name="Incidents">Every incident, by its number.</param>
/// <param name="Finals">What was made final and opened again, in order.</param>
/// <param name="Rescored">Under which versions cards are scored, in order.</param>
public sealed record ResultFacts(
    ResultRules Rules,
    IReadOnlyList<Incident> Incidents,
    IReadOnlyList<FinalFact> Finals,
    IReadOnlyList<RescoreFact> Rescored
);

/// <summary>Incidents, final results and their rules, in PostgreSQL, which refuses to change them.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class ResultStore(NpgsqlDataSource source)
{
    private const string By = "coalesce(a.name, l.name) as by";
    private const string Who = "left join account a on a.id = f.by_account left join link l on l.id = f.by_link";

    private sealed record IncidentRow(long Id, int Number, string? Report, string? Decision, string? By, DateTime At)
    {
        public IncidentFact Read() =>
            new(
                Id,
                Number,
                Report is null ? null : PlanJson.Read<IncidentReport>(Report),
                Decision is null ? null : PlanJson.Read<IncidentDecision>(Decision),
                By,
                At
            );
    }

    private sealed record FinalRow(
        long Id,
        Guid Workout,
        string Division,
        string Code,
        string Tables,
        string Reason,
        string? By,
        DateTime At
    )
    {
        public FinalFact Read() => new(Id, Workout, Division, Code, PlanJson.Read<Eq<ResultTable>>(Tables), Reason, By, At);
    }

    /// <summary>How often something has changed that results are made of, and how often what stands behind the cards has; 0 where nothing
    /// has.</summary>
    public async Task<(long Seq, long Basis)> Feed(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<(long, long)>(
            "select seq, basis from change_feed where competition_id = @competition",
            new { competition },
            cancel
        );
    }

    /// <summary>All of it.</summary>
    public async Task<ResultFacts> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var of = new { competition };
        var rules = await db.OneOrNone<string>(
            "select doc::text from result_rules where competition_id = @competition order by id desc limit 1",
            of,
            cancel
        );
        var incidents = await db.Many<IncidentRow>(
            $"""
            select f.id, f.number, f.report::text, f.decision::text, {By}, f.at from incident_fact f {Who}
            where f.competition_id = @competition order by f.id
            """,
            of,
            cancel
        );
        var finals = await db.Many<FinalRow>(
            $"""
            select f.id, f.workout_id as Workout, f.division, f.code, f.tables::text, f.reason, {By}, f.at from final_fact f {Who}
            where f.competition_id = @competition order by f.id
            """,
            of,
            cancel
        );
        var rescored = await db.Many<RescoreFact>(
            $"""
            select f.id, f.workout_id as Workout, f.published_id as Version, f.reason, {By}, f.at from rescore_fact f {Who}
            where f.competition_id = @competition order by f.id
            """,
            of,
            cancel
        );
        return new(
            rules is null ? ResultRules.Usual : PlanJson.Read<ResultRules>(rules),
            Incident.Of(incidents.Select(r => r.Read())),
            [.. finals.Select(r => r.Read())],
            [.. rescored]
        );
    }

    /// <summary>Says what has to be before results are final.</summary>
    public async Task Settle(Guid competition, ResultRules rules, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            "insert into result_rules (competition_id, doc, by_account, by_link) values (@competition, @doc::jsonb, @Account, @Link)",
            new
            {
                competition,
                doc = PlanJson.Write(rules),
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel
        );
    }

    /// <summary>Writes down an incident, and gives its number. A retry with the same save id finds its own.</summary>
    public async Task<int> Report(Guid competition, Guid saveId, IncidentReport report, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await Lock(db, tx, competition, cancel);
        var mine = await db.OneOrNone<int?>("select number from incident_fact where save_id = @saveId", new { saveId }, cancel, tx);
        var number =
            mine
            ?? await db.One<int>(
                """
                insert into incident_fact (competition_id, number, save_id, report, by_account, by_link)
                select @competition, 1 + coalesce(max(number), 0), @saveId, @report::jsonb, @Account, @Link
                from incident_fact where competition_id = @competition
                returning number
                """,
                new
                {
                    competition,
                    saveId,
                    report = PlanJson.Write(report),
                    Acting.Now.Account,
                    Acting.Now.Link,
                },
                cancel,
                tx
            );
        await tx.CommitAsync(cancel);
        return number;
    }

    /// <summary>Decides an incident, or decides it anew; false where somebody has decided it meanwhile. A retry finds its own.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="number">The incident’s number.</param>
    /// <param name="saveId">Chosen by the client.</param>
    /// <param name="seen">The newest fact of it that was seen, 0 for its report.</param>
    /// <param name="decision">The decision.</param>
    /// <param name="rerun">The report, where those in it run again, and their cards are replaced with it; null otherwise.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<bool> Decide(
        Guid competition,
        int number,
        Guid saveId,
        long seen,
        IncidentDecision decision,
        IncidentReport? rerun,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await Lock(db, tx, competition, cancel);
        if (await db.One<bool>("select exists (select from incident_fact where save_id = @saveId)", new { saveId }, cancel, tx))
        {
            return true;
        }

        if (rerun is not null)
        {
            // Before the row of the feed, as printing takes the two.
            await CardStore.Lock(db, tx, competition, cancel);
        }

        if (await NewestDecision(db, tx, competition, number, cancel) != seen)
        {
            return false;
        }

        await db.Run(
            """
            insert into incident_fact (competition_id, number, save_id, decision, by_account, by_link)
            values (@competition, @number, @saveId, @decision::jsonb, @Account, @Link)
            """,
            new
            {
                competition,
                number,
                saveId,
                decision = PlanJson.Write(decision),
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
        if (rerun is not null)
        {
            await CardStore.RunAgain(db, tx, competition, rerun, $"runs again, incident {number}", cancel);
        }

        await tx.CommitAsync(cancel);
        return true;
    }

    private static Task<long> NewestDecision(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        int number,
        CancellationToken cancel
    ) =>
        db.OneOrNone<long>(
            """
            select id from incident_fact where competition_id = @competition and number = @number and decision is not null
            order by id desc limit 1
            """,
            new { competition, number },
            cancel,
            tx
        );

    /// <summary>Makes results final as they stand, or opens them again; false where something has changed since they were looked
    /// at.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="saveId">Chosen by the client.</param>
    /// <param name="seq">What <see cref="Feed"/> was when the tables were made.</param>
    /// <param name="fact">What is said; its id, name and time are given here.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<bool> Finish(Guid competition, Guid saveId, long seq, FinalFact fact, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        // Whoever changes anything of these results holds this row: what was looked at is what is kept.
        var now = await db.OneOrNone<long>(
            "select seq from change_feed where competition_id = @competition for update",
            new { competition },
            cancel,
            tx
        );
        if (await db.One<bool>("select exists (select from final_fact where save_id = @saveId)", new { saveId }, cancel, tx))
        {
            return true;
        }

        if (now != seq)
        {
            return false;
        }

        await db.Run(
            """
            insert into final_fact (competition_id, workout_id, division, save_id, code, tables, reason, by_account, by_link)
            values (@competition, @Workout, @Division, @saveId, @Code, @tables::jsonb, @Reason, @Account, @Link)
            """,
            new
            {
                competition,
                fact.Workout,
                fact.Division,
                saveId,
                fact.Code,
                tables = PlanJson.Write(fact.Tables),
                fact.Reason,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>Scores the cards of a workout under another version. A retry finds its own.</summary>
    public async Task Rescore(Guid competition, Guid saveId, Guid workout, Guid? version, string reason, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into rescore_fact (competition_id, workout_id, save_id, published_id, reason, by_account, by_link)
            values (@competition, @workout, @saveId, @version, @reason, @Account, @Link) on conflict (save_id) do nothing
            """,
            new
            {
                competition,
                workout,
                saveId,
                version,
                reason,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel
        );
    }

    private static Task Lock(NpgsqlConnection db, NpgsqlTransaction tx, Guid competition, CancellationToken cancel) =>
        db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 7))", new { competition }, cancel, tx);
}
