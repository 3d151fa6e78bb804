using FairCompass.Comparability.Training;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>A borderline rep of the own floor, drawn or filmed, with the ruling as its truth.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Movement">Of which movement.</param>
/// <param name="Clause">The clause that it is about.</param>
/// <param name="Margin">How far inside its limit it is, in the clause’s unit; negative is outside. Null where it is filmed.</param>
/// <param name="Seed">Who does it and how, where it is drawn.</param>
/// <param name="Good">What the head judge rules.</param>
/// <param name="Ruling">Why, in a sentence.</param>
/// <param name="At">When it was made, UTC.</param>
/// <param name="Frames">How many pictures the film has; null where it is drawn.</param>
/// <param name="Across">How many of them stand beside each other.</param>
/// <param name="Wide">Pixels across of one picture.</param>
/// <param name="High">Pixels down of one picture.</param>
public sealed record FloorRep(
    Guid Id,
    string Movement,
    string Clause,
    double? Margin,
    long Seed,
    bool Good,
    string Ruling,
    DateTime At,
    int? Frames,
    int? Across,
    int? Wide,
    int? High
);

/// <summary>What judges called of one such rep.</summary>
/// <param name="Rep">The rep.</param>
/// <param name="Good">How many called it good.</param>
/// <param name="NoRep">How many called a no-rep.</param>
/// <param name="Unseen">How many did not see it.</param>
public sealed record FloorRepTally(Guid Rep, int Good, int NoRep, int Unseen);

/// <summary>Borderline reps in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class FloorRepStore(NpgsqlDataSource source)
{
    /// <summary>Reps of a competition: each is called once by each judge, and more are a second book of rules.</summary>
    public const int Most = 40;

    private const string Columns =
        "r.id, r.movement, r.clause, r.margin, r.seed, r.good, r.ruling, r.at, r.frames, r.across, r.wide, r.high";

    /// <summary>The reps of a competition, oldest first.</summary>
    public async Task<IReadOnlyList<FloorRep>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<FloorRep>(
            $"select {Columns} from floor_rep r where r.competition_id = @competition order by r.at, r.id",
            new { competition },
            cancel
        );
    }

    /// <summary>What was called of each, without names.</summary>
    public async Task<IReadOnlyList<FloorRepTally>> Tallies(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<FloorRepTally>(
            """
            select r.id as rep, count(c.*) filter (where c.call = 'Good')::int as good,
                count(c.*) filter (where c.call = 'NoRep')::int as NoRep, count(c.*) filter (where c.call = 'Unseen')::int as unseen
            from floor_rep r left join floor_rep_call c on c.rep_id = r.id
            where r.competition_id = @competition group by r.id
            """,
            new { competition },
            cancel
        );
    }

    /// <summary>The ids of those that somebody has called.</summary>
    public async Task<IReadOnlyList<Guid>> CalledBy(Guid competition, Guid who, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<Guid>(
            """
            select c.rep_id from floor_rep_call c join floor_rep r on r.id = c.rep_id
            where r.competition_id = @competition and c.who = @who
            """,
            new { competition, who },
            cancel
        );
    }

    /// <summary>The pictures of a filmed rep in one; null where there is none.</summary>
    public async Task<byte[]?> Strip(Guid competition, Guid rep, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<byte[]>(
            "select f.strip from floor_film f join floor_rep r on r.id = f.rep_id where r.id = @rep and r.competition_id = @competition",
            new { rep, competition },
            cancel
        );
    }

    /// <summary>Keeps a rep; one that is there under its id stays.</summary>
    /// <param name="competition">Of which competition.</param>
    /// <param name="rep">The rep.</param>
    /// <param name="strip">The pictures of its film in one; null where it is drawn.</param>
    /// <param name="cancel">Ends the request.</param>
    /// <exception cref="FullException">There would be more than <see cref="Most"/>.</exception>
    public async Task Add(Guid competition, FloorRep rep, byte[]? strip, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 21))", new { competition }, cancel, tx);
        var count = await db.One<int>(
            "select count(*)::int from floor_rep where competition_id = @competition and id <> @Id",
            new { competition, rep.Id },
            cancel,
            tx
        );
        if (count >= Most)
        {
            throw new FullException($"A competition has {Most} borderline reps at most; take one away first.");
        }

        await db.Run(
            """
            with kept as (
                insert into floor_rep (id, competition_id, movement, clause, margin, seed, good, ruling, frames, across, wide, high)
                values (@Id, @competition, @Movement, @Clause, @Margin, @Seed, @Good, @Ruling, @Frames, @Across, @Wide, @High)
                on conflict (id) do nothing returning id)
            insert into floor_film (rep_id, strip) select id, @strip from kept where @strip::bytea is not null
            """,
            new
            {
                rep.Id,
                competition,
                rep.Movement,
                rep.Clause,
                rep.Margin,
                rep.Seed,
                rep.Good,
                rep.Ruling,
                rep.Frames,
                rep.Across,
                rep.Wide,
                rep.High,
                strip,
            },
            cancel,
            tx
        );
        await tx.CommitAsync(cancel);
    }

    /// <summary>Takes a rep away with what was called of it; false where there is none.</summary>
    public async Task<bool> Remove(Guid competition, Guid rep, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run("delete from floor_rep where id = @rep and competition_id = @competition", new { rep, competition }, cancel)
            == 1;
    }

    /// <summary>Takes a call; the first one stays, and is answered.</summary>
    public async Task<Call> Take(Guid rep, Guid who, Call call, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var holds = await db.One<string>(
            """
            insert into floor_rep_call as c (rep_id, who, call) values (@rep, @who, @call)
            on conflict (rep_id, who) do update set call = c.call returning c.call
            """,
            new
            {
                rep,
                who,
                call = call.ToString(),
            },
            cancel
        );
        return Enum.Parse<Call>(holds);
    }
}
