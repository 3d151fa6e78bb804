using Dapper;
using Npgsql;

namespace FairCompass.Store;

/// <summary>A question on a line of a published brief.</summary>
/// <param name="Id">Its id.</param>
/// <param name="PublishedId">The version it was asked on.</param>
/// <param name="Number">The number of that version.</param>
/// <param name="Line">The line it is about.</param>
/// <param name="Body">The question.</param>
/// <param name="AskedBy">A name; may be empty.</param>
/// <param name="Contact">How to reach the asker; never shown in public; may be empty.</param>
/// <param name="At">When, UTC.</param>
/// <param name="Answer">The answer; null while open.</param>
/// <param name="RulingIn">The number of the version that the ruling made; null when the answer changed nothing.</param>
/// <param name="AnsweredAt">When it was answered, UTC.</param>
public sealed record AskedQuestion(
    Guid Id,
    Guid PublishedId,
    int Number,
    string Line,
    string Body,
    string AskedBy,
    string Contact,
    DateTime At,
    string? Answer,
    int? RulingIn,
    DateTime? AnsweredAt
);

/// <summary>Who has confirmed which version.</summary>
/// <param name="Number">The version.</param>
/// <param name="Name">As it was typed.</param>
/// <param name="Judge">True for a judge, who answered three questions first.</param>
/// <param name="At">When, UTC.</param>
public sealed record Confirmation(int Number, string Name, bool Judge, DateTime At);

/// <summary>Questions, answers, and confirmations in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class QuestionStore(NpgsqlDataSource source)
{
    /// <summary>Questions that one sender may ask in ten minutes.</summary>
    public const int InTenMinutes = 5;

    /// <summary>Questions that one sender may ask in a day.</summary>
    public const int InADay = 30;

    private const string Select = """
        select q.id, q.published_id as PublishedId, p.number, q.line, q.body, q.asked_by as AskedBy, q.contact, q.at,
               a.body as Answer, r.number as RulingIn, a.at as AnsweredAt
        from question q
        join published p on p.id = q.published_id
        left join answer a on a.question_id = q.id
        left join published r on r.id = a.ruling_in
        """;

    /// <summary>Asks. The sender is a hash that changes daily, so that nobody can be traced.</summary>
    /// <returns>The question’s id; null when the sender has asked too much.</returns>
    public async Task<Guid?> Ask(
        Guid published,
        string line,
        string body,
        string askedBy,
        string contact,
        string sender,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        // One sender's requests take turns, or a thousand at once would all count to zero.
        await db.ExecuteAsync(
            new CommandDefinition(
                "select pg_advisory_xact_lock(hashtextextended(@sender, 0))",
                new { sender },
                tx,
                cancellationToken: cancel
            )
        );
        var (recent, day) = await db.QuerySingleAsync<(long, long)>(
            new CommandDefinition(
                "select count(*) filter (where at > now() - interval '10 minutes'), count(*) from question where sender = "
                    + "@sender and at > now() - interval '1 day'",
                new { sender },
                tx,
                cancellationToken: cancel
            )
        );
        if (recent >= InTenMinutes || day >= InADay)
        {
            return null;
        }

        var id = Guid.CreateVersion7();
        await db.ExecuteAsync(
            new CommandDefinition(
                "insert into question (id, published_id, line, body, asked_by, contact, sender) values (@id, @published, "
                    + "@line, @body, @askedBy, @contact, @sender)",
                new
                {
                    id,
                    published,
                    line,
                    body,
                    askedBy,
                    contact,
                    sender,
                },
                tx,
                cancellationToken: cancel
            )
        );
        await tx.CommitAsync(cancel);
        return id;
    }

    /// <summary>The questions on every version of a workout, newest first.</summary>
    public async Task<IReadOnlyList<AskedQuestion>> Of(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.QueryAsync<AskedQuestion>(
                new CommandDefinition(
                    Select + " where p.workout_id = @workout order by q.at desc",
                    new { workout },
                    cancellationToken: cancel
                )
            )
        )
            .Select(Utc)
            .ToList();
    }

    /// <summary>One question and its workout; null when there is none.</summary>
    public async Task<(AskedQuestion Question, Guid Workout)?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var found = await db.QuerySingleOrDefaultAsync<AskedQuestion>(
            new CommandDefinition(Select + " where q.id = @id", new { id }, cancellationToken: cancel)
        );
        return found is null
            ? null
            : (
                Utc(found),
                await db.QuerySingleAsync<Guid>(
                    new CommandDefinition(
                        "select workout_id from published where id = @p",
                        new { p = found.PublishedId },
                        cancellationToken: cancel
                    )
                )
            );
    }

    /// <summary>Answers once. False when it was answered before.</summary>
    public async Task<bool> Answer(Guid question, string body, Guid? rulingIn, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(
                new CommandDefinition(
                    "insert into answer (question_id, body, ruling_in) values (@question, @body, @rulingIn) on conflict do nothing",
                    new
                    {
                        question,
                        body,
                        rulingIn,
                    },
                    cancellationToken: cancel
                )
            ) == 1;
    }

    /// <summary>Confirms a version by name. False when that name has confirmed it before.</summary>
    public async Task<bool> Confirm(Guid published, string key, string name, bool judge, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.ExecuteAsync(
                new CommandDefinition(
                    "insert into confirmation (id, published_id, name_key, name, judge) values (@id, @published, @key, @name, "
                        + "@judge) on conflict do nothing",
                    new
                    {
                        id = Guid.CreateVersion7(),
                        published,
                        key,
                        name,
                        judge,
                    },
                    cancellationToken: cancel
                )
            ) == 1;
    }

    /// <summary>Who has confirmed which version of a workout, newest version first, then by time.</summary>
    public async Task<IReadOnlyList<Confirmation>> Confirmed(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.QueryAsync<Confirmation>(
                new CommandDefinition(
                    "select p.number, c.name, c.judge, c.at from confirmation c join published p on p.id = c.published_id "
                        + "where p.workout_id = @workout order by p.number desc, c.at",
                    new { workout },
                    cancellationToken: cancel
                )
            )
        )
            .Select(c => c with { At = DateTime.SpecifyKind(c.At, DateTimeKind.Utc) })
            .ToList();
    }

    private static AskedQuestion Utc(AskedQuestion q) =>
        q with
        {
            At = DateTime.SpecifyKind(q.At, DateTimeKind.Utc),
            AnsweredAt = q.AnsweredAt is { } at ? DateTime.SpecifyKind(at, DateTimeKind.Utc) : null,
        };
}
