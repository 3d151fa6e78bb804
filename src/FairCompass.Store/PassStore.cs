using FairCompass.Access;
using Npgsql;

namespace FairCompass.Store;

/// <summary>What opens a door once.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind"><c>first</c>, <c>invitation</c> or <c>recovery</c>.</param>
/// <param name="Competition">The competition of an invitation.</param>
/// <param name="CompetitionName">Its name.</param>
/// <param name="Role">What it makes somebody.</param>
/// <param name="Account">Whose passphrase a recovery sets.</param>
/// <param name="AccountName">Their name.</param>
/// <param name="Words">For whom it is, as the organiser wrote.</param>
public sealed record Pass(
    Guid Id,
    string Kind,
    Guid? Competition,
    string? CompetitionName,
    string? Role,
    Guid? Account,
    string? AccountName,
    string Words
);

/// <summary>An invitation that nobody has used.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Role">What it makes somebody.</param>
/// <param name="Words">For whom it is.</param>
/// <param name="Ends">Until when it can be used, UTC.</param>
public sealed record OpenInvitation(Guid Id, string Role, string Words, DateTime Ends);

/// <summary>First links, invitations and recoveries in PostgreSQL; only the hash of a token is kept.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PassStore(NpgsqlDataSource source)
{
    /// <summary>Makes the link of the first organiser; links of before end.</summary>
    public async Task First(byte[] token, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            update pass set used = now() where kind = 'first' and used is null;
            insert into pass (id, token, kind, ends) values (@id, @token, 'first', now() + @long)
            """,
            new
            {
                id = Guid.CreateVersion7(),
                token,
                @long = SessionTimes.Invitation,
            },
            cancel
        );
    }

    /// <summary>Makes an invitation.</summary>
    public async Task Invite(Guid competition, Role role, string words, Guid by, byte[] token, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into pass (id, token, kind, competition_id, role, words, made_by, ends)
            values (@id, @token, 'invitation', @competition, @role, @words, @by, now() + @long)
            """,
            new
            {
                id = Guid.CreateVersion7(),
                token,
                competition,
                role = role.ToString(),
                words,
                by,
                @long = SessionTimes.Invitation,
            },
            cancel
        );
    }

    /// <summary>Makes a recovery of somebody’s account; earlier ones end.</summary>
    public async Task Recover(Guid account, Guid by, byte[] token, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            update pass set used = now() where kind = 'recovery' and account_id = @account and used is null;
            insert into pass (id, token, kind, account_id, made_by, ends) values (@id, @token, 'recovery', @account, @by, now() + @long)
            """,
            new
            {
                id = Guid.CreateVersion7(),
                token,
                account,
                by,
                @long = SessionTimes.Invitation,
            },
            cancel
        );
    }

    /// <summary>What a token opens; null for one that is unknown, used, or over.</summary>
    public async Task<Pass?> Find(byte[] token, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Pass>(
            """
            select p.id, p.kind, p.competition_id as Competition, c.doc ->> 'name' as CompetitionName, p.role, p.account_id as Account,
                   a.name as AccountName, p.words
            from pass p left join competition c on c.id = p.competition_id left join account a on a.id = p.account_id
            where p.token = @token and p.used is null and p.ends > now()
            """,
            new { token },
            cancel
        );
    }

    /// <summary>Uses it up; false where somebody was faster.</summary>
    public async Task<bool> Use(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run("update pass set used = now() where id = @id and used is null and ends > now()", new { id }, cancel) == 1;
    }

    /// <summary>The invitations of a competition that can be used.</summary>
    public async Task<IReadOnlyList<OpenInvitation>> Open(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<OpenInvitation>(
            "select id, role, words, ends from pass where competition_id = @competition and used is null and ends > now() order by at",
            new { competition },
            cancel
        );
    }

    /// <summary>Takes an invitation of a competition back; false where there is none.</summary>
    public async Task<bool> Withdraw(Guid competition, Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                "update pass set used = now() where id = @id and competition_id = @competition and used is null",
                new { id, competition },
                cancel
            ) == 1;
    }
}
