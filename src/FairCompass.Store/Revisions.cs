using Npgsql;

namespace FairCompass.Store;

/// <summary>
/// The history of a kind of document, each save a row: the base of a refused save, the way back, and how a retry finds its own
/// save. Saving is written once here, for drafts and competitions alike.
/// </summary>
/// <param name="Table">The table of the history.</param>
/// <param name="Owner">Its column with the document's id.</param>
/// <param name="Column">Its column with the document.</param>
/// <param name="Type">The column's type.</param>
internal sealed record Revisions(string Table, string Owner, string Column, string Type)
{
    /// <summary>A row of the history.</summary>
    internal sealed record Kept(int Revision, string Doc);

    /// <summary>
    /// What is in the way of a save; null when nothing is. A retry whose answer was lost finds its own save: it is told so when
    /// that save is the newest, and what has come since otherwise, over its own document, so that nobody's work is overwritten
    /// unseen.
    /// </summary>
    /// <param name="db">Inside a transaction that holds the document's row.</param>
    /// <param name="tx">The transaction.</param>
    /// <param name="now">The document's newest revision.</param>
    /// <param name="baseRevision">The revision the edit began from.</param>
    /// <param name="saveId">Chosen by the client.</param>
    /// <param name="cancel">Cancels.</param>
    /// <returns>True for a retry whose save is the newest; else the base of the refusal, or null where it is not known any more.</returns>
    public async Task<(bool Mine, string? Base)?> InTheWay(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Versioned<string> now,
        int baseRevision,
        Guid saveId,
        CancellationToken cancel
    )
    {
        var of = new
        {
            id = now.Id,
            saveId,
            baseRevision,
        };
        var select = $"select revision, {Column}::text as doc from {Table} where {Owner} = @id";
        if (await db.OneOrNone<Kept>($"{select} and save_id = @saveId", of, cancel, tx) is { } mine)
        {
            return mine.Revision == now.Revision ? (true, null) : (false, mine.Doc);
        }

        return now.Revision == baseRevision
            ? null
            : (false, (await db.OneOrNone<Kept>($"{select} and revision = @baseRevision", of, cancel, tx))?.Doc);
    }

    /// <summary>Keeps a revision, and now and then thins what is older than a day to the last of each minute.</summary>
    public async Task Keep(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid id,
        int revision,
        Guid saveId,
        string doc,
        CancellationToken cancel
    )
    {
        await db.Run(
            $"""
            insert into {Table} ({Owner}, revision, save_id, {Column}, by_account, by_link)
            values (@id, @revision, @saveId, @doc::{Type}, @Account, @Link)
            """,
            new
            {
                id,
                revision,
                saveId,
                doc,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
        if (revision % 50 == 0)
        {
            await db.Run(
                $"""
                delete from {Table} old where {Owner} = @id and at < now() - interval '1 day' and exists (
                    select from {Table} later
                    where later.{Owner} = old.{Owner} and later.revision > old.revision
                      and date_trunc('minute', later.at) = date_trunc('minute', old.at))
                """,
                new { id },
                cancel,
                tx
            );
        }
    }
}
