using FairCompass.Access;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Who sends a request: an account, or a device that has opened a link.</summary>
/// <param name="Session">The session.</param>
/// <param name="Account">The account; null for a link.</param>
/// <param name="Link">The link; null for an account.</param>
/// <param name="Name">The name of the account, or for whom the link is.</param>
/// <param name="Competition">The competition of a link; null for an account.</param>
/// <param name="Role">The role of a link; null for an account.</param>
public sealed record SignedIn(Guid Session, Guid? Account, Guid? Link, string Name, Guid? Competition, string? Role);

/// <summary>A session as its owner sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Agent">What the browser calls itself, shortened.</param>
/// <param name="Address">From where it began.</param>
/// <param name="At">When it began, UTC.</param>
/// <param name="Seen">When it last did something, UTC.</param>
public sealed record OpenSession(Guid Id, string Agent, string Address, DateTime At, DateTime Seen);

/// <summary>Sessions in PostgreSQL: any copy of the application knows them, and a restart signs nobody out.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class SessionStore(NpgsqlDataSource source)
{
    /// <summary>Letters of a browser’s name that are kept.</summary>
    private const int AgentLength = 200;

    /// <summary>Begins a session.</summary>
    /// <param name="account">The account; null for a link.</param>
    /// <param name="link">The link; null for an account.</param>
    /// <param name="token">The hash of the cookie’s token.</param>
    /// <param name="device">The hash of the device’s mark.</param>
    /// <param name="agent">What the browser calls itself.</param>
    /// <param name="address">From where.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task Begin(Guid? account, Guid? link, byte[] token, byte[]? device, string agent, string address, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into session (id, token, account_id, link_id, device, agent, address)
            values (@id, @token, @account, @link, @device, @agent, @address)
            """,
            new
            {
                id = Guid.CreateVersion7(),
                token,
                account,
                link,
                device,
                agent = agent.Length > AgentLength ? agent[..AgentLength] : agent,
                address,
            },
            cancel
        );
    }

    /// <summary>Whose a token is, noting that it was seen; null for none, and for one that has ended in any way.</summary>
    /// <param name="token">The hash of the cookie’s token.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<SignedIn?> Find(byte[] token, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var found = await db.OneOrNone<(
            Guid Session,
            Guid? Account,
            Guid? Link,
            string Name,
            Guid? Competition,
            string? Role,
            DateTime Seen
        )?>(
            """
            select s.id, s.account_id, s.link_id, coalesce(a.name, l.name), l.competition_id, l.role, s.seen
            from session s left join account a on a.id = s.account_id left join link l on l.id = s.link_id
            where s.token = @token and s.ended is null and s.seen > now() - @idle and s.at > now() - @longest
              and (l.id is null or (l.revoked is null and l.ends > now()))
            """,
            new
            {
                token,
                idle = SessionTimes.Idle,
                longest = SessionTimes.Longest,
            },
            cancel
        );
        if (found is not { } s)
        {
            return null;
        }

        await db.Run(
            "update session set seen = now() where id = @id and seen < now() - @noted",
            new { id = s.Session, noted = SessionTimes.Noted },
            cancel
        );
        return new(s.Session, s.Account, s.Link, s.Name, s.Competition, s.Role);
    }

    /// <summary>The sessions of an account that are open, the last used first.</summary>
    public async Task<IReadOnlyList<OpenSession>> Of(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<OpenSession>(
            """
            select id, agent, address, at, seen from session
            where account_id = @account and ended is null and seen > now() - @idle and at > now() - @longest order by seen desc, id
            """,
            new
            {
                account,
                idle = SessionTimes.Idle,
                longest = SessionTimes.Longest,
            },
            cancel
        );
    }

    /// <summary>Ends a session.</summary>
    public async Task End(Guid session, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("update session set ended = now() where id = @session and ended is null", new { session }, cancel);
    }

    /// <summary>Ends every session of an account, here too.</summary>
    public async Task EndAll(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("update session set ended = now() where account_id = @account and ended is null", new { account }, cancel);
    }

    /// <summary>True for a device from which somebody was signed in before.</summary>
    public async Task<bool> Knows(Guid account, byte[] device, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<bool>(
            "select exists (select from session where account_id = @account and device = @device)",
            new { account, device },
            cancel
        );
    }

    /// <summary>How long a sender has to wait for another try at a name; zero for not at all.</summary>
    /// <param name="name">The name as it was typed.</param>
    /// <param name="address">From where.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<TimeSpan> Wait(string name, string address, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var (wrong, since) = await db.One<(int Wrong, TimeSpan? Since)>(
            """
            select count(*)::int, now() - max(at) from wrong_passphrase
            where name_key = @key and address = @address and at > now() - @remembered
            """,
            new
            {
                key = SignInName.Key(name),
                address,
                remembered = SessionTimes.Remembered,
            },
            cancel
        );
        var wait = SessionTimes.Wait(wrong) - (since ?? TimeSpan.Zero);
        return wait > TimeSpan.Zero ? wait : TimeSpan.Zero;
    }

    /// <summary>Remembers a wrong passphrase, and forgets those that are old.</summary>
    public async Task Wrong(string name, string address, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            delete from wrong_passphrase where at < now() - @remembered;
            insert into wrong_passphrase (name_key, address) values (@key, @address)
            """,
            new
            {
                key = SignInName.Key(name),
                address,
                remembered = SessionTimes.Remembered,
            },
            cancel
        );
    }

    /// <summary>Forgets the wrong passphrases of a sender who has found the right one.</summary>
    public async Task Right(string name, string address, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            "delete from wrong_passphrase where name_key = @key and address = @address",
            new { key = SignInName.Key(name), address },
            cancel
        );
    }
}
