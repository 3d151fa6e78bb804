using Npgsql;

namespace FairCompass.Store;

/// <summary>Something that somebody did, or tried to do and was refused.</summary>
/// <param name="Account">The account; null for a link and for nobody.</param>
/// <param name="Who">The name as it was then; empty for nobody.</param>
/// <param name="Address">From where.</param>
/// <param name="Competition">In which competition; null where it concerns none.</param>
/// <param name="Workout">On which workout; null where it is about none. Its title and revision are written down as they are then.</param>
/// <param name="What">What was done, in words.</param>
/// <param name="About">What it was done to, where that is no workout; may be empty.</param>
/// <param name="Status">How it was answered, as HTTP says it.</param>
/// <param name="Trace">The trace that logs and error pages name.</param>
public sealed record Deed(
    Guid? Account,
    string Who,
    string Address,
    Guid? Competition,
    Guid? Workout,
    string What,
    string About,
    int Status,
    string Trace
);

/// <summary>A line of the log.</summary>
/// <param name="Id">Its number, rising with time.</param>
/// <param name="At">When, UTC.</param>
/// <param name="Who">The name as it was then.</param>
/// <param name="Address">From where.</param>
/// <param name="What">What was done.</param>
/// <param name="About">What it was done to.</param>
/// <param name="Status">How it was answered.</param>
/// <param name="Trace">The trace.</param>
public sealed record DeedLine(long Id, DateTime At, string Who, string Address, string What, string About, int Status, string Trace);

/// <summary>The log of what was done, append only: the database refuses to change it.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class DoneStore(NpgsqlDataSource source)
{
    /// <summary>Lines that one answer has.</summary>
    public const int PageSize = 200;

    /// <summary>Writes a line.</summary>
    public async Task Write(Deed deed, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into done (account_id, who, address, competition_id, what, about, status, trace)
            values (
                @Account, @Who, @Address, @Competition, @What,
                coalesce(
                    (select left(split_part(body, e'\n', 1), 200) || ', revision ' || revision from workout where id = @Workout),
                    @About
                ),
                @Status, @Trace
            )
            """,
            deed,
            cancel
        );
    }

    /// <summary>The lines of a competition, the newest first.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="who">A part of a name; empty for all.</param>
    /// <param name="what">A part of what was done; empty for all.</param>
    /// <param name="before">Only lines with a smaller number; null for the newest.</param>
    /// <param name="most">How many at most.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<IReadOnlyList<DeedLine>> Of(
        Guid competition,
        string who,
        string what,
        long? before,
        int most,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<DeedLine>(
            """
            select id, at, who, address, what, about, status, trace from done
            where competition_id = @competition and (@before::bigint is null or id < @before)
              and (@who = '' or position(lower(@who) in lower(who)) > 0)
              and (@what = '' or position(lower(@what) in lower(what)) > 0)
            order by id desc limit @most
            """,
            new
            {
                competition,
                who,
                what,
                before,
                most,
            },
            cancel
        );
    }
}
