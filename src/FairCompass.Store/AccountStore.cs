using FairCompass.Access;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Somebody who can sign in.</summary>
/// <param name="Id">The id.</param>
/// <param name="Name">The name as it is shown.</param>
/// <param name="Passphrase">The hash of the passphrase, as the platform’s hasher writes it.</param>
public sealed record Account(Guid Id, string Name, string Passphrase);

/// <summary>Somebody and what they are in a competition.</summary>
/// <param name="Id">The account.</param>
/// <param name="Name">The name.</param>
/// <param name="Roles">What they are.</param>
/// <param name="Seen">When they last did something, UTC; null for never.</param>
public sealed record Member(Guid Id, string Name, IReadOnlyList<Role> Roles, DateTime? Seen);

/// <summary>What a change of somebody’s roles came to.</summary>
public enum RolesSet
{
    /// <summary>It is so now.</summary>
    Set,

    /// <summary>A competition would be left without an organiser.</summary>
    LastOrganiser,

    /// <summary>There is nobody of this id in the competition.</summary>
    Gone,
}

/// <summary>Accounts and what they are in competitions, in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class AccountStore(NpgsqlDataSource source)
{
    /// <summary>True once somebody can sign in.</summary>
    public async Task<bool> Any(CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<bool>("select exists (select from account)", null, cancel);
    }

    /// <summary>Somebody by the name; null where nobody is called so.</summary>
    /// <param name="name">As it was typed.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<Account?> Find(string name, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Account>(
            "select id, name, passphrase from account where name_key = @key",
            new { key = SignInName.Key(name) },
            cancel
        );
    }

    /// <summary>Somebody by the id; null where there is nobody.</summary>
    public async Task<Account?> Find(Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Account>("select id, name, passphrase from account where id = @id", new { id }, cancel);
    }

    /// <summary>Makes an account; null where somebody has a name that looks like this one.</summary>
    /// <param name="name">A name without an objection.</param>
    /// <param name="hash">The hash of the passphrase.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<Guid?> Create(string name, string hash, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Guid?>(
            """
            insert into account (id, name, name_key, passphrase) values (@id, @name, @key, @hash)
            on conflict (name_key) do nothing returning id
            """,
            new
            {
                id = Guid.CreateVersion7(),
                name = SignInName.Shown(name),
                key = SignInName.Key(name),
                hash,
            },
            cancel
        );
    }

    /// <summary>Gives somebody a new passphrase and ends every session of theirs.</summary>
    public async Task SetPassphrase(Guid id, string hash, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("update account set passphrase = @hash where id = @id", new { id, hash }, cancel, tx);
        await db.Run("update session set ended = now() where account_id = @id and ended is null", new { id }, cancel, tx);
        await tx.CommitAsync(cancel);
    }

    /// <summary>What somebody is in a competition; nothing for a stranger.</summary>
    public async Task<IReadOnlyList<Role>> Roles(Guid account, Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return Read(
            await db.Many<string>(
                "select role from member where account_id = @account and competition_id = @competition order by role",
                new { account, competition },
                cancel
            )
        );
    }

    /// <summary>What somebody is, by competition.</summary>
    public async Task<IReadOnlyDictionary<Guid, IReadOnlyList<Role>>> Everywhere(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.Many<(Guid Competition, string Role)>(
                "select competition_id, role from member where account_id = @account",
                new { account },
                cancel
            )
        )
            .GroupBy(m => m.Competition)
            .ToDictionary(g => g.Key, g => Read(g.Select(m => m.Role)));
    }

    /// <summary>The people of a competition by name.</summary>
    public async Task<IReadOnlyList<Member>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return [.. (
                await db.Many<(Guid Id, string Name, string Role, DateTime? Seen)>(
                    """
                    select a.id, a.name, m.role, (select max(seen) from session s where s.account_id = a.id)
                    from member m join account a on a.id = m.account_id
                    where m.competition_id = @competition order by a.name, a.id, m.role
                    """,
                    new { competition },
                    cancel
                )
            ).GroupBy(m => (m.Id, m.Name, m.Seen)).Select(g => new Member(g.Key.Id, g.Key.Name, Read(g.Select(m => m.Role)), g.Key.Seen))];
    }

    /// <summary>Adds what somebody is in a competition; nothing changes where they are it already.</summary>
    public async Task Add(Guid competition, Guid account, Role role, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            "insert into member (competition_id, account_id, role) values (@competition, @account, @role) on conflict do nothing",
            new
            {
                competition,
                account,
                role = role.ToString(),
            },
            cancel
        );
    }

    /// <summary>Makes somebody the organiser of every competition in which nobody is anything: those of before there were
    /// accounts.</summary>
    public async Task Adopt(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into member (competition_id, account_id, role)
            select c.id, @account, 'Organiser' from competition c
            where not exists (select from member m where m.competition_id = c.id)
            """,
            new { account },
            cancel
        );
    }

    /// <summary>Sets what somebody is in a competition; nothing takes them out of it. The last organiser stays one.</summary>
    public async Task<RolesSet> Set(Guid competition, Guid account, IReadOnlyList<Role> roles, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        // Two organisers who take the role from each other at once must not both succeed.
        await db.Run("select from competition where id = @competition for update", new { competition }, cancel, tx);
        if (
            await db.Run(
                "delete from member where competition_id = @competition and account_id = @account",
                new { competition, account },
                cancel,
                tx
            ) == 0
        )
        {
            return RolesSet.Gone;
        }

        foreach (var role in roles.Distinct())
        {
            await db.Run(
                "insert into member (competition_id, account_id, role) values (@competition, @account, @role)",
                new
                {
                    competition,
                    account,
                    role = role.ToString(),
                },
                cancel,
                tx
            );
        }

        if (
            !await db.One<bool>(
                "select exists (select from member where competition_id = @competition and role = 'Organiser')",
                new { competition },
                cancel,
                tx
            )
        )
        {
            return RolesSet.LastOrganiser;
        }

        await tx.CommitAsync(cancel);
        return RolesSet.Set;
    }

    /// <summary>A role that this version does not know gives nothing.</summary>
    private static IReadOnlyList<Role> Read(IEnumerable<string> roles) =>
        [.. roles.Select(r => Enum.TryParse<Role>(r, out var role) ? role : (Role?)null).OfType<Role>().Order()];
}
