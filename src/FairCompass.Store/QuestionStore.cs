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
/// <param name="Shown">True where readers see it: it was answered, or the head judge lets it be seen.</param>
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
    DateTime? AnsweredAt,
    bool Shown
);

/// <summary>A question that is being asked.</summary>
/// <param name="Published">The version.</param>
/// <param name="Line">The line it is about.</param>
/// <param name="Body">The question.</param>
/// <param name="AskedBy">A name; may be empty.</param>
/// <param name="Contact">How to reach the asker; may be empty.</param>
public sealed record NewQuestion(Guid Published, string Line, string Body, string AskedBy, string Contact);

/// <summary>Who has confirmed which version.</summary>
/// <param name="Number">The version.</param>
/// <param name="Name">As it was typed.</param>
/// <param name="Judge">True for a judge, who answered three questions first.</param>
/// <param name="At">When, UTC.</param>
/// <param name="SignedIn">True where it was said by an account or a link, and not by a typed name alone.</param>
public sealed record Confirmation(int Number, string Name, bool Judge, DateTime At, bool SignedIn);

/// <summary>Who confirms.</summary>
/// <param name="Key">The name as it is compared.</param>
/// <param name="Name">The name.</param>
/// <param name="Judge">True for a judge.</param>
/// <param name="Account">The account; null where nobody is signed in.</param>
/// <param name="Link">The link; null where there is none.</param>
public sealed record Confirming(string Key, string Name, bool Judge, Guid? Account = null, Guid? Link = null);

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
               a.body as Answer, r.number as RulingIn, a.at as AnsweredAt,
               a.body is not null or exists (select from question_shown s where s.question_id = q.id) as Shown
        from question q
        join published p on p.id = q.published_id
        left join answer a on a.question_id = q.id
        left join published r on r.id = a.ruling_in
        """;

    /// <summary>Asks. The sender is a hash that changes daily, so that nobody can be traced.</summary>
    /// <param name="question">What is asked, on which version; its id is chosen here.</param>
    /// <param name="sender">Whose request it is.</param>
    /// <param name="request">Chosen by the client, so that a retry asks once; null for none.</param>
    /// <param name="cancel">Cancels.</param>
    /// <returns>The question’s id; null when the sender has asked too much.</returns>
    public async Task<Guid?> Ask(NewQuestion question, string sender, Guid? request, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await db.Made(tx, request, cancel) is { } made)
        {
            return made;
        }

        // One sender's requests take turns, or a thousand at once would all count to zero.
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@sender, 0))", new { sender }, cancel, tx);
        var (recent, day) = await db.One<(long, long)>(
            """
            select count(*) filter (where at > now() - interval '10 minutes'), count(*)
            from question where sender = @sender and at > now() - interval '1 day'
            """,
            new { sender },
            cancel,
            tx
        );
        if (recent >= InTenMinutes || day >= InADay)
        {
            return null;
        }

        var id = Guid.CreateVersion7();
        await db.Run(
            """
            insert into question (id, published_id, line, body, asked_by, contact, sender)
            values (@id, @Published, @Line, @Body, @AskedBy, @Contact, @sender)
            """,
            new
            {
                id,
                question.Published,
                question.Line,
                question.Body,
                question.AskedBy,
                question.Contact,
                sender,
            },
            cancel,
            tx
        );
        await db.Remember(tx, request, id, cancel);
        await tx.CommitAsync(cancel);
        return id;
    }

    /// <summary>The questions on every version of a workout, newest first.</summary>
    public async Task<IReadOnlyList<AskedQuestion>> Of(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<AskedQuestion>(Select + " where p.workout_id = @workout order by q.at desc", new { workout }, cancel);
    }

    /// <summary>How many questions about workouts of a competition nobody has answered.</summary>
    public async Task<int> Unanswered(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<int>(
            """
            select count(*)::int from question q
            join published p on p.id = q.published_id
            join workout w on w.id = p.workout_id
            where p.competition_id = @competition and w.deleted_at is null
              and not exists (select from answer a where a.question_id = q.id)
            """,
            new { competition },
            cancel
        );
    }

    /// <summary>One question and its workout; null when there is none.</summary>
    public async Task<(AskedQuestion Question, Guid Workout)?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<AskedQuestion>(Select + " where q.id = @id", new { id }, cancel) is { } found
            ? (found, await db.One<Guid>("select workout_id from published where id = @PublishedId", new { found.PublishedId }, cancel))
            : null;
    }

    /// <summary>Answers without a ruling, once. False when it was answered before.</summary>
    public async Task<bool> Answer(Guid question, string body, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                """
                insert into answer (question_id, body, by_account, by_link) values (@question, @body, @Account, @Link)
                on conflict do nothing
                """,
                new
                {
                    question,
                    body,
                    Acting.Now.Account,
                    Acting.Now.Link,
                },
                cancel
            ) == 1;
    }

    /// <summary>Confirms a version by name. False when that name has confirmed it before.</summary>
    public async Task<bool> Confirm(Guid published, Confirming who, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                """
                insert into confirmation (id, published_id, name_key, name, judge, account_id, link_id)
                values (@id, @published, @Key, @Name, @Judge, @Account, @Link) on conflict do nothing
                """,
                new
                {
                    id = Guid.CreateVersion7(),
                    published,
                    who.Key,
                    who.Name,
                    who.Judge,
                    who.Account,
                    who.Link,
                },
                cancel
            ) == 1;
    }

    /// <summary>Lets readers see a question that is not answered, or takes it from their sight.</summary>
    public async Task Show(Guid question, bool shown, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            shown
                ? "insert into question_shown (question_id) values (@question) on conflict do nothing"
                : "delete from question_shown where question_id = @question",
            new { question },
            cancel
        );
    }

    /// <summary>Wrong answers that a name has given to a version’s questions in the last ten minutes.</summary>
    public async Task<int> Wrong(Guid published, string key, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<int>(
            """
            select count(*)::int from quiz_wrong
            where published_id = @published and name_key = @key and at > now() - interval '10 minutes'
            """,
            new { published, key },
            cancel
        );
    }

    /// <summary>Remembers a wrong answer, and forgets those that are old.</summary>
    public async Task AddWrong(Guid published, string key, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            delete from quiz_wrong where at < now() - interval '1 day';
            insert into quiz_wrong (published_id, name_key) values (@published, @key)
            """,
            new { published, key },
            cancel
        );
    }

    /// <summary>Who has confirmed which version of a workout, newest version first, then by time.</summary>
    public async Task<IReadOnlyList<Confirmation>> Confirmed(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<Confirmation>(
            """
            select p.number, c.name, c.judge, c.at, num_nonnulls(c.account_id, c.link_id) > 0 as SignedIn
            from confirmation c join published p on p.id = c.published_id
            where p.workout_id = @workout order by p.number desc, c.at
            """,
            new { workout },
            cancel
        );
    }
}
