using System.Text.Json;
using Dapper;
using FairCompass.Core.Drafts;
using FairCompass.Core.Format;
using FairCompass.Core.Publishing;
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
public sealed record PublishedVersion(
    Guid Id,
    Guid WorkoutId,
    Guid CompetitionId,
    int Number,
    string Code,
    string Sha256,
    string HoldsFrom,
    string Note,
    DateTime At
);

/// <summary>What came of publishing.</summary>
public abstract record PublishResult
{
    private PublishResult() { }

    /// <summary>Published, or published before under the same save id.</summary>
    public sealed record Done(PublishedVersion Version) : PublishResult;

    /// <summary>The draft was saved, or another version published, elsewhere since; nothing was published.</summary>
    public sealed record Outdated : PublishResult;

    /// <summary>The newest version says the same.</summary>
    public sealed record Unchanged(PublishedVersion Version) : PublishResult;

    /// <summary>There is no such workout.</summary>
    public sealed record Gone : PublishResult;
}

/// <summary>Published versions in PostgreSQL: inserted, read, never changed.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PublishedStore(NpgsqlDataSource source)
{
    private const string Columns =
        "id, workout_id as WorkoutId, competition_id as CompetitionId, number, code, sha256, holds_from as HoldsFrom, note, at";

    /// <summary>Publishes a document made from a known revision of a draft.</summary>
    /// <param name="workout">The workout.</param>
    /// <param name="revision">The revision of the draft that was read; null when the document was not made from the draft.</param>
    /// <param name="over">The newest version that the document was made from; null when it was made from the draft.</param>
    /// <param name="saveId">Chosen by the client, so that a retry finds its own version.</param>
    /// <param name="print">Code and hash.</param>
    /// <param name="document">What is published.</param>
    /// <param name="holdsFrom">From when it holds.</param>
    /// <param name="note">What is said about it.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<PublishResult> Publish(
        Guid workout,
        int? revision,
        int? over,
        Guid saveId,
        Fingerprint print,
        PublishedDocument document,
        string holdsFrom,
        string note,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var draft = await db.QuerySingleOrDefaultAsync<(int Revision, Guid Competition)?>(
            new CommandDefinition(
                "select revision, competition_id from workout where id = @workout and deleted_at is null for update",
                new { workout },
                tx,
                cancellationToken: cancel
            )
        );
        if (draft is not { } now)
        {
            return new PublishResult.Gone();
        }

        if (
            await db.QuerySingleOrDefaultAsync<PublishedVersion>(
                new CommandDefinition(
                    $"select {Columns} from published where workout_id = @workout and save_id = @saveId",
                    new { workout, saveId },
                    tx,
                    cancellationToken: cancel
                )
            ) is
            { } mine
        )
        {
            return new PublishResult.Done(Utc(mine));
        }

        if (revision is { } known && known != now.Revision)
        {
            return new PublishResult.Outdated();
        }

        var last = await db.QuerySingleOrDefaultAsync<PublishedVersion>(
            new CommandDefinition(
                $"select {Columns} from published where workout_id = @workout order by number desc limit 1",
                new { workout },
                tx,
                cancellationToken: cancel
            )
        );
        if (over is { } expected && expected != last?.Number)
        {
            return new PublishResult.Outdated();
        }

        if (last is not null && last.Sha256 == print.Sha256)
        {
            return new PublishResult.Unchanged(Utc(last));
        }

        var version = await db.QuerySingleAsync<PublishedVersion>(
            new CommandDefinition(
                $"""
                insert into published (id, workout_id, competition_id, number, code, sha256, doc, holds_from, note, save_id)
                values (@id, @workout, @competition, @number, @code, @sha256, @doc::jsonb, @holdsFrom, @note, @saveId) returning {Columns}
                """,
                new
                {
                    id = Guid.CreateVersion7(),
                    workout,
                    competition = now.Competition,
                    number = (last?.Number ?? 0) + 1,
                    code = print.Code,
                    sha256 = print.Sha256,
                    doc = JsonSerializer.Serialize(document, FormatContext.Default.PublishedDocument),
                    holdsFrom,
                    note,
                    saveId,
                },
                tx,
                cancellationToken: cancel
            )
        );
        await tx.CommitAsync(cancel);
        return new PublishResult.Done(Utc(version));
    }

    /// <summary>The versions of a workout, newest first.</summary>
    public async Task<IReadOnlyList<PublishedVersion>> Of(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.QueryAsync<PublishedVersion>(
                new CommandDefinition(
                    $"select {Columns} from published where workout_id = @workout order by number desc",
                    new { workout },
                    cancellationToken: cancel
                )
            )
        )
            .Select(Utc)
            .ToList();
    }

    /// <summary>The newest version of each published workout of a competition.</summary>
    public async Task<IReadOnlyDictionary<Guid, PublishedVersion>> Newest(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.QueryAsync<PublishedVersion>(
                new CommandDefinition(
                    $"select distinct on (workout_id) {Columns} from published where competition_id = @competition order by "
                        + "workout_id, number desc",
                    new { competition },
                    cancellationToken: cancel
                )
            )
        ).ToDictionary(v => v.WorkoutId, Utc);
    }

    /// <summary>The newest version that has a printed code; null when none has.</summary>
    public async Task<PublishedVersion?> Find(string code, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var found = await db.QueryFirstOrDefaultAsync<PublishedVersion>(
            new CommandDefinition(
                $"select {Columns} from published where code = @code order by at desc limit 1",
                new { code },
                cancellationToken: cancel
            )
        );
        return found is null ? null : Utc(found);
    }

    /// <summary>What a version holds.</summary>
    public async Task<PublishedDocument> Document(Guid version, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var doc = await db.QuerySingleAsync<string>(
            new CommandDefinition("select doc::text from published where id = @version", new { version }, cancellationToken: cancel)
        );
        return JsonSerializer.Deserialize(doc, FormatContext.Default.PublishedDocument)!;
    }

    private static PublishedVersion Utc(PublishedVersion v) => v with { At = DateTime.SpecifyKind(v.At, DateTimeKind.Utc) };
}
