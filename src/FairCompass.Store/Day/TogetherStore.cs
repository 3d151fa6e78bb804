using System.Text.Json;
using FairCompass.Comparability.Training;
using FairCompass.Core.Standards.Figures.Reps;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>A calibration in the hall.</summary>
/// <param name="Id">Its id.</param>
/// <param name="What">What is judged, in words.</param>
/// <param name="Workout">The workout; null where one movement is judged.</param>
/// <param name="Movement">The movement; empty where a workout is.</param>
/// <param name="First">Reps before the ruling.</param>
/// <param name="Reps">Reps in all.</param>
/// <param name="Shown">The rep that is shown; 0 before the first.</param>
/// <param name="Ruling">What the head judge said; empty before.</param>
/// <param name="At">When it began, UTC.</param>
public sealed record Together(
    Guid Id,
    string What,
    Guid? Workout,
    string Movement,
    int First,
    int Reps,
    int Shown,
    string Ruling,
    DateTime At
);

/// <summary>What was called of one rep.</summary>
/// <param name="Number">From 1.</param>
/// <param name="IsGood">The truth.</param>
/// <param name="Sentence">The truth in words.</param>
/// <param name="Good">How many called it good.</param>
/// <param name="NoRep">How many called a no-rep.</param>
/// <param name="Unseen">How many did not see it.</param>
public sealed record TogetherTally(int Number, bool IsGood, string Sentence, int Good, int NoRep, int Unseen);

/// <summary>Calibrations in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class TogetherStore(NpgsqlDataSource source)
{
    private const string Columns = """
        t.id, t.what, t.workout_id as workout, t.movement, t.first,
        (select count(*)::int from together_rep r where r.together_id = t.id) as reps, t.shown, t.ruling, t.at
        """;

    /// <summary>Begins one with its reps; one that has begun under its id is left.</summary>
    public async Task Begin(
        Guid competition,
        Together t,
        IReadOnlyList<(Item Item, bool Good, string Sentence)> reps,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var made = await db.Run(
            """
            insert into together (id, competition_id, what, workout_id, movement, first)
            values (@Id, @competition, @What, @Workout, @Movement, @First) on conflict (id) do nothing
            """,
            new
            {
                t.Id,
                competition,
                t.What,
                t.Workout,
                t.Movement,
                t.First,
            },
            cancel,
            tx
        );
        if (made == 0)
        {
            return;
        }

        for (var i = 0; i < reps.Count; i++)
        {
            var (item, good, sentence) = reps[i];
            await db.Run(
                """
                insert into together_rep (together_id, number, movement, asked, seed, good, sentence)
                values (@Id, @number, @Movement, @asked::jsonb, @seed, @good, @sentence)
                """,
                new
                {
                    t.Id,
                    number = i + 1,
                    item.Movement,
                    asked = JsonSerializer.Serialize(item.Asked.ToArray()),
                    seed = unchecked((long)item.Seed),
                    good,
                    sentence,
                },
                cancel,
                tx
            );
        }

        await tx.CommitAsync(cancel);
    }

    /// <summary>A calibration; the newest where no id is given; null where there is none.</summary>
    public async Task<Together?> Find(Guid competition, Guid? id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Together>(
            $"""
            select {Columns} from together t
            where t.competition_id = @competition and (@id::uuid is null or t.id = @id) order by t.at desc, t.id limit 1
            """,
            new { competition, id },
            cancel
        );
    }

    /// <summary>Every calibration of a competition, the oldest first.</summary>
    public async Task<IReadOnlyList<Together>> All(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<Together>(
            $"select {Columns} from together t where t.competition_id = @competition order by t.at, t.id",
            new { competition },
            cancel
        );
    }

    /// <summary>A rep; null where there is none of that number.</summary>
    public async Task<Item?> Rep(Guid id, int number, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var found = await db.OneOrNone<(string Movement, string Asked, long Seed)?>(
            "select movement, asked::text, seed from together_rep where together_id = @id and number = @number",
            new { id, number },
            cancel
        );
        return found is { } r ? new(r.Movement, [.. JsonSerializer.Deserialize<Asked[]>(r.Asked)!], unchecked((ulong)r.Seed), true) : null;
    }

    /// <summary>Shows the next rep; what is shown already stays, so that two presses are one.</summary>
    public async Task Show(Guid id, int number, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("update together set shown = @number where id = @id and shown = @number - 1", new { id, number }, cancel);
    }

    /// <summary>Writes the ruling down.</summary>
    public async Task Rule(Guid id, string ruling, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("update together set ruling = @ruling where id = @id", new { id, ruling }, cancel);
    }

    /// <summary>Takes an answer; the last one before the next rep holds. False where that rep is not the one that is shown.</summary>
    public async Task<bool> Answer(Guid id, int number, Guid who, Call call, bool late, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                """
                insert into together_answer (together_id, number, who, call)
                select t.id, r.number, @who, @call from together t join together_rep r on r.together_id = t.id and r.number = @number
                where t.id = @id and (@late or t.shown = @number)
                on conflict (together_id, number, who) do update set call = excluded.call, at = now()
                """,
                new
                {
                    id,
                    number,
                    who,
                    call = call.ToString(),
                    late,
                },
                cancel
            ) == 1;
    }

    /// <summary>What somebody called, by number.</summary>
    public async Task<IReadOnlyList<(int Number, string Call)>> Of(Guid id, Guid who, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<(int, string)>(
            "select number, call from together_answer where together_id = @id and who = @who order by number",
            new { id, who },
            cancel
        );
    }

    /// <summary>How many answered anything.</summary>
    public async Task<int> Answered(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<int>("select count(distinct who)::int from together_answer where together_id = @id", new { id }, cancel);
    }

    /// <summary>What was called of each rep that was shown.</summary>
    public async Task<IReadOnlyList<TogetherTally>> Tally(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<TogetherTally>(
            """
            select r.number, r.good as IsGood, r.sentence,
                count(a.*) filter (where a.call = 'Good')::int as good, count(a.*) filter (where a.call = 'NoRep')::int as NoRep,
                count(a.*) filter (where a.call = 'Unseen')::int as unseen
            from together t join together_rep r on r.together_id = t.id
            left join together_answer a on a.together_id = r.together_id and a.number = r.number
            where t.id = @id and r.number <= t.shown group by r.number, r.good, r.sentence order by r.number
            """,
            new { id },
            cancel
        );
    }
}
