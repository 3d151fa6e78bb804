using System.Collections.Concurrent;
using FairCompass.Core.Drafts;
using FairCompass.Core.Format;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using Npgsql;

namespace FairCompass.Store;

/// <summary>A published version.</summary>
/// <param name="Id">Its id.</param>
/// <param name="WorkoutId">The workout.</param>
/// <param name="CompetitionId">The competition.</param>
/// <param name="Number">From 1, without gaps.</param>
/// <param name="Code">The printed code.</param>
/// <param name="Sha256">The whole hash.</param>
/// <param name="HoldsFrom">From when it holds, in the head judge’s words.</param>
/// <param name="Note">What the head judge says about it.</param>
/// <param name="At">When it was published, UTC.</param>
/// <param name="By">Who published it; null where nobody was signed in, or the account is gone.</param>
public sealed record PublishedVersion(
    Guid Id,
    Guid WorkoutId,
    Guid CompetitionId,
    int Number,
    string Code,
    string Sha256,
    string HoldsFrom,
    string Note,
    DateTime At,
    string? By = null
)
{
    /// <summary>The heat from which it holds, from 1; null where it holds at once, or from when words say.</summary>
    public int? FromHeat => Core.Publishing.HoldsFrom.Heat(HoldsFrom);
}

/// <summary>What came of publishing.</summary>
public abstract record PublishResult
{
    private PublishResult() { }

    /// <summary>Published, or published before under the same save id.</summary>
    public sealed record Done(PublishedVersion Version) : PublishResult;

    /// <summary>The draft or the competition was saved, or another version published, elsewhere since; nothing was published.</summary>
    public sealed record Outdated : PublishResult;

    /// <summary>The newest version says the same.</summary>
    public sealed record Unchanged(PublishedVersion Version) : PublishResult;

    /// <summary>There is no such workout.</summary>
    public sealed record Gone : PublishResult;
}

/// <summary>What is to be published.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own version.</param>
/// <param name="Print">Code and hash; the code is the first one of this content, the workout’s own is found in publishing.</param>
/// <param name="Document">The document.</param>
/// <param name="HoldsFrom">From when it holds.</param>
/// <param name="Note">What is said about it.</param>
public sealed record ToPublish(Guid Workout, Guid SaveId, Fingerprint Print, PublishedDocument Document, string HoldsFrom, string Note);

/// <summary>A ruling that is to be published: version, line of the draft, and answer are stored together or not at all.</summary>
/// <param name="Over">The number of the newest version, that the document was made from.</param>
/// <param name="Number">The ruling’s number.</param>
/// <param name="Question">The question that is answered.</param>
/// <param name="Answer">The answer.</param>
/// <param name="Revision">The revision of the draft that <paramref name="Draft"/> was made from.</param>
/// <param name="Draft">The draft with the ruling’s line.</param>
public sealed record RulingToStore(int Over, int Number, Guid Question, string Answer, int Revision, string Draft);

/// <summary>Published versions in PostgreSQL: inserted, read, never changed.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PublishedStore(NpgsqlDataSource source)
{
    private readonly ConcurrentDictionary<Guid, int> numbers = new();

    private const string Columns = """
        id, workout_id as WorkoutId, competition_id as CompetitionId, number, code, sha256, holds_from as HoldsFrom, note, at,
        (select name from account where account.id = published.by_account) as By
        """;

    /// <summary>Publishes a document made from known revisions of a draft and its competition; both are checked here.</summary>
    /// <param name="what">What is published.</param>
    /// <param name="revision">The revision of the draft that was read.</param>
    /// <param name="competitionRevision">The revision of the competition that was read.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<PublishResult> Publish(ToPublish what, int revision, int competitionRevision, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await Place.Of(db, tx, what, cancel) is not { } place)
        {
            return new PublishResult.Gone();
        }

        if (place.Mine is { } mine)
        {
            return new PublishResult.Done(mine);
        }

        var standing = await db.One<int>(
            "select revision from competition where id = @Competition for share",
            new { place.Competition },
            cancel,
            tx
        );
        if (revision != place.Revision || competitionRevision != standing)
        {
            return new PublishResult.Outdated();
        }

        if (place.Newest is { } newest && await Says(newest, what.Print, cancel))
        {
            return new PublishResult.Unchanged(newest);
        }

        var lines = (await WorkoutStore.Identified(db, tx, what.Workout, cancel)).Lines;
        var version = await Insert(db, tx, what with { Document = what.Document with { Lines = lines.Lines } }, place, cancel);
        await tx.CommitAsync(cancel);
        return new PublishResult.Done(version);
    }

    /// <summary>The next number of a ruling on a workout: never one that was given before.</summary>
    public async Task<int> NextRuling(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<int>("select coalesce(max(number), 0) + 1 from ruling where workout_id = @workout", new { workout }, cancel);
    }

    /// <summary>Publishes a ruling, writes its line into the draft, and answers its question, all in one transaction.</summary>
    public async Task<PublishResult> Rule(ToPublish what, RulingToStore ruling, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        if (await Place.Of(db, tx, what, cancel) is not { } place)
        {
            return new PublishResult.Gone();
        }

        if (place.Mine is { } mine)
        {
            return new PublishResult.Done(mine);
        }

        var taken = await db.One<bool>(
            "select exists (select from ruling where workout_id = @Workout and number = @Number) "
                + "or exists (select from answer where question_id = @Question)",
            new
            {
                what.Workout,
                ruling.Number,
                ruling.Question,
            },
            cancel,
            tx
        );
        if (taken || ruling.Revision != place.Revision || ruling.Over != place.Newest?.Number)
        {
            return new PublishResult.Outdated();
        }

        await WorkoutStore.Write(db, tx, what.Workout, Guid.NewGuid(), ruling.Draft, cancel);
        // The line of the ruling is the last one of both texts, and the same line in both.
        var line = (await WorkoutStore.Identified(db, tx, what.Workout, cancel)).Lines.Lines[^1];
        var lines = what.Document.Lines.Count == 0 ? what.Document.Lines : what.Document.Lines.Append(line).ToEq();
        var version = await Insert(db, tx, what with { Document = what.Document with { Lines = lines } }, place, cancel);
        await Note(db, tx, what.Workout, ruling, version.Id, line.Value, cancel);
        await tx.CommitAsync(cancel);
        return new PublishResult.Done(version);
    }

    /// <summary>Keeps the number and the place of a ruling, and its answer.</summary>
    private static async Task Note(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid workout,
        RulingToStore ruling,
        Guid version,
        int line,
        CancellationToken cancel
    )
    {
        await db.Run(
            """
            insert into ruling (workout_id, number, published_id, question_id, line, by_account, by_link)
            values (@Workout, @Number, @Id, @Question, @Line, @Account, @AccountLink)
            """,
            new
            {
                Workout = workout,
                ruling.Number,
                Id = version,
                ruling.Question,
                Line = line,
                Acting.Now.Account,
                AccountLink = Acting.Now.Link,
            },
            cancel,
            tx
        );
        await db.Run(
            "insert into answer (question_id, body, ruling_in, by_account, by_link) values (@Question, @Answer, @Id, @Account, @Link)",
            new
            {
                ruling.Question,
                ruling.Answer,
                Id = version,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
    }

    /// <summary>The fingerprint with the code that a workout has, or would have if it were published now.</summary>
    public async Task<Fingerprint> CodeOf(Guid workout, Fingerprint print, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var codes = Enumerable.Range(0, Fingerprint.MostCopies).Select(n => print.OfCopy(n)).ToList();
        var others = (
            await db.Many<string>(
                "select code from printed_code where code = any(@Codes) and workout_id <> @workout",
                new { Codes = codes.Select(c => c.Code).ToArray(), workout },
                cancel
            )
        ).ToHashSet(StringComparer.Ordinal);
        return codes.FirstOrDefault(c => !others.Contains(c.Code)) ?? print;
    }

    /// <summary>The number of a version. It never changes, so it is asked for once.</summary>
    public async Task<int> NumberOf(Guid version, CancellationToken cancel)
    {
        if (numbers.TryGetValue(version, out var known))
        {
            return known;
        }

        await using var db = await source.OpenConnectionAsync(cancel);
        return numbers[version] = await db.One<int>("select number from published where id = @version", new { version }, cancel);
    }

    /// <summary>The versions of a workout, newest first.</summary>
    public async Task<IReadOnlyList<PublishedVersion>> Of(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<PublishedVersion>(
            $"select {Columns} from published where workout_id = @workout order by number desc",
            new { workout },
            cancel
        );
    }

    /// <summary>The newest version of each published workout of a competition.</summary>
    public async Task<IReadOnlyDictionary<Guid, PublishedVersion>> Newest(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.Many<PublishedVersion>(
                $"""
                select distinct on (workout_id) {Columns} from published
                where competition_id = @competition order by workout_id, number desc
                """,
                new { competition },
                cancel
            )
        ).ToDictionary(v => v.WorkoutId);
    }

    /// <summary>The newest version that has a printed code, of the workout to which the code belongs; null when none has.</summary>
    public async Task<PublishedVersion?> Find(string code, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<PublishedVersion>(
            $"""
            select {Columns} from published
            where code = @code and workout_id = (select o.workout_id from printed_code o where o.code = @code)
            order by number desc limit 1
            """,
            new { code },
            cancel
        );
    }

    /// <summary>What a version holds.</summary>
    public async Task<PublishedDocument> Document(Guid version, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var doc = await db.One<string>("select doc::text from published where id = @version", new { version }, cancel);
        return PublishedFiles.Read(doc);
    }

    /// <summary>True when a version says what a definition says: by its hash, or, where the hash was made as it was in earlier days, by the
    /// hash of its document today.</summary>
    public async Task<bool> Says(PublishedVersion version, Fingerprint print, CancellationToken cancel) =>
        version.Sha256 == print.Sha256 || Fingerprint.Of((await Document(version.Id, cancel)).Understand()).Sha256 == print.Sha256;

    /// <summary>Where a document would be published: the draft is held until the transaction ends.</summary>
    private sealed record Place(int Revision, Guid Competition, PublishedVersion? Mine, PublishedVersion? Newest)
    {
        public static async Task<Place?> Of(NpgsqlConnection db, NpgsqlTransaction tx, ToPublish what, CancellationToken cancel)
        {
            var draft = await db.OneOrNone<(int Revision, Guid Competition)?>(
                "select revision, competition_id from workout where id = @Workout and deleted_at is null for update",
                new { what.Workout },
                cancel,
                tx
            );
            if (draft is not { } now)
            {
                return null;
            }

            var versions = await db.Many<PublishedVersion>(
                $"""
                select {Columns} from published where workout_id = @Workout
                and (save_id = @SaveId or number = (select max(number) from published where workout_id = @Workout))
                order by number desc
                """,
                new { what.Workout, what.SaveId },
                cancel,
                tx
            );
            var mine = await db.OneOrNone<Guid?>(
                "select id from published where workout_id = @Workout and save_id = @SaveId",
                new { what.Workout, what.SaveId },
                cancel,
                tx
            );
            return new(now.Revision, now.Competition, versions.FirstOrDefault(v => v.Id == mine), versions.Count > 0 ? versions[0] : null);
        }
    }

    private static async Task<PublishedVersion> Insert(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        ToPublish what,
        Place place,
        CancellationToken cancel
    ) =>
        await db.One<PublishedVersion>(
            $"""
            insert into published (id, workout_id, competition_id, number, code, sha256, doc, holds_from, note, save_id,
                by_account, by_link)
            values (@id, @Workout, @Competition, @number, @code, @Sha256, @doc::jsonb, @HoldsFrom, @Note, @SaveId,
                @Account, @Link) returning {Columns}
            """,
            new
            {
                id = Guid.CreateVersion7(),
                what.Workout,
                place.Competition,
                number = (place.Newest?.Number ?? 0) + 1,
                code = await OwnCode(db, tx, what, cancel),
                what.Print.Sha256,
                doc = PublishedFiles.Write(what.Document),
                what.HoldsFrom,
                what.Note,
                what.SaveId,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );

    /// <summary>The first code of this content that no other workout has; taken by inserting it, so that two cannot take one.</summary>
    private static async Task<string> OwnCode(NpgsqlConnection db, NpgsqlTransaction tx, ToPublish what, CancellationToken cancel)
    {
        for (var copy = 0; copy < Fingerprint.MostCopies; copy++)
        {
            var of = new { what.Print.OfCopy(copy).Code, what.Workout };
            await db.Run("insert into printed_code (code, workout_id) values (@Code, @Workout) on conflict do nothing", of, cancel, tx);
            if (await db.One<bool>("select workout_id = @Workout from printed_code where code = @Code", of, cancel, tx))
            {
                return of.Code;
            }
        }

        throw new InvalidOperationException($"{Fingerprint.MostCopies} workouts of one content have been published.");
    }
}
