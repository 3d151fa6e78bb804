using FairCompass.Core.Quantities;
using FairCompass.Planning;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using NodaTime;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>Judges, callers, crew and desk in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class OfficialStore(NpgsqlDataSource source)
{
    /// <summary>Officials of one competition at most.</summary>
    public const int Most = 1000;

    private sealed record Row(Guid Id, string Kind, string Name, string Gym, string Doc)
    {
        public Official Read()
        {
            var rest = PlanJson.Read<OfficialRest>(Doc);
            return new(Id, Enum.Parse<OfficialKind>(Kind), Name, Gym, rest.Days, rest.NotEntries, rest.Breaks, rest.Experience);
        }
    }

    /// <summary>What is stored of an official beside the name.</summary>
    private sealed record OfficialRest(Eq<LocalDate> Days, Eq<Guid> NotEntries, Eq<Break> Breaks, int Experience);

    /// <summary>Everybody who helps, by kind and name.</summary>
    public async Task<IReadOnlyList<Official>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.Many<Row>(
            "select id, kind, name, gym, doc::text from official where competition_id = @competition order by kind, name, id",
            new { competition },
            cancel
        );
        return rows.Select(r => r.Read()).ToList();
    }

    /// <summary>Stores officials: new ones are added, those that are there are changed; all or none.</summary>
    /// <exception cref="FullException">The competition would have more than <see cref="Most"/>.</exception>
    public async Task Put(Guid competition, IReadOnlyList<Official> officials, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        foreach (var o in officials)
        {
            await db.Run(
                """
                insert into official (id, competition_id, kind, name, gym, doc) values (@Id, @competition, @kind, @Name, @Gym, @doc::jsonb)
                on conflict (id) do update set kind = excluded.kind, name = excluded.name, gym = excluded.gym, doc = excluded.doc,
                    revision = official.revision + 1
                where official.competition_id = @competition
                """,
                new
                {
                    o.Id,
                    competition,
                    kind = o.Kind.ToString(),
                    o.Name,
                    o.Gym,
                    doc = PlanJson.Write(new OfficialRest(o.Days, o.NotEntries, o.Breaks, o.Experience)),
                },
                cancel,
                tx
            );
        }

        if (await db.One<int>("select count(*) from official where competition_id = @competition", new { competition }, cancel, tx) > Most)
        {
            throw new FullException($"A competition has {Most} judges and helpers at most.");
        }

        await tx.CommitAsync(cancel);
    }

    /// <summary>Takes somebody out, and with them what was found of their eyes; false where there is nobody.</summary>
    public async Task<bool> Remove(Guid competition, Guid official, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var who = new { official, competition };
        await db.Run(
            """
            delete from training_sitting where trainee = @official and competition_id = @competition;
            delete from together_answer a using together t
                where t.id = a.together_id and t.competition_id = @competition and a.who = @official;
            delete from floor_rep_call c using floor_rep r
                where r.id = c.rep_id and r.competition_id = @competition and c.who = @official
            """,
            who,
            cancel,
            tx
        );
        var gone = await db.Run("delete from official where id = @official and competition_id = @competition", who, cancel, tx) == 1;
        await tx.CommitAsync(cancel);
        return gone;
    }
}
