using Npgsql;

namespace FairCompass.Store;

/// <summary>Everything that is kept about an account.</summary>
/// <param name="Name">The name.</param>
/// <param name="Since">Since when there is the account, UTC.</param>
/// <param name="Places">What it is where.</param>
/// <param name="Sessions">Where it was signed in.</param>
/// <param name="Passkeys">Its passkeys.</param>
/// <param name="Confirmed">What it has confirmed to have read.</param>
/// <param name="Sittings">Its sittings of training, and what it called in the hall and of borderline reps.</param>
/// <param name="Done">What it did, as the log has it.</param>
public sealed record Personal(
    string Name,
    DateTime Since,
    IReadOnlyList<PersonalPlace> Places,
    IReadOnlyList<PersonalSession> Sessions,
    IReadOnlyList<PersonalPasskey> Passkeys,
    IReadOnlyList<PersonalConfirmation> Confirmed,
    IReadOnlyList<PersonalSitting> Sittings,
    IReadOnlyList<PersonalDeed> Done
);

/// <summary>What an account is in a competition.</summary>
/// <param name="Competition">Its name.</param>
/// <param name="Role">The role.</param>
/// <param name="At">Since when, UTC.</param>
public sealed record PersonalPlace(string Competition, string Role, DateTime At);

/// <summary>A session of an account.</summary>
/// <param name="Agent">What the browser calls itself.</param>
/// <param name="Address">From where it began.</param>
/// <param name="At">When it began, UTC.</param>
/// <param name="Seen">When it last did something, UTC.</param>
public sealed record PersonalSession(string Agent, string Address, DateTime At, DateTime Seen);

/// <summary>A passkey of an account.</summary>
/// <param name="Name">What its owner calls it.</param>
/// <param name="At">When it was made, UTC.</param>
public sealed record PersonalPasskey(string Name, DateTime At);

/// <summary>What an account has confirmed.</summary>
/// <param name="Code">The printed code.</param>
/// <param name="Number">The version.</param>
/// <param name="Name">Under which name.</param>
/// <param name="At">When, UTC.</param>
public sealed record PersonalConfirmation(string Code, int Number, string Name, DateTime At);

/// <summary>A sitting of training, a calibration, or a borderline rep.</summary>
/// <param name="What">What was trained.</param>
/// <param name="Mode"><c>Learning</c>, <c>Test</c>, <c>Together</c> or <c>Borderline</c>.</param>
/// <param name="At">When it began, UTC.</param>
/// <param name="Calls">What was called, rep by rep: movement, clause, call.</param>
public sealed record PersonalSitting(string What, string Mode, DateTime At, string Calls);

/// <summary>A line of the log.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="Address">From where.</param>
/// <param name="What">What was done.</param>
/// <param name="About">To what.</param>
public sealed record PersonalDeed(DateTime At, string Address, string What, string About);

/// <summary>Personal data in PostgreSQL: given to whose it is, and removed.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PersonalStore(NpgsqlDataSource source)
{
    /// <summary>Lines of the log that are given at most, the newest.</summary>
    private const int MostDeeds = 10_000;

    /// <summary>Everything about an account.</summary>
    public async Task<Personal> Of(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var of = new { account, MostDeeds };
        var (name, since) = await db.One<(string, DateTime)>("select name, at from account where id = @account", of, cancel);
        return new(
            name,
            since,
            await db.Many<PersonalPlace>(
                """
                select c.doc ->> 'name' as Competition, m.role, m.at from member m join competition c on c.id = m.competition_id
                where m.account_id = @account order by m.at
                """,
                of,
                cancel
            ),
            await db.Many<PersonalSession>(
                "select agent, address, at, seen from session where account_id = @account order by at",
                of,
                cancel
            ),
            await db.Many<PersonalPasskey>("select name, at from passkey where account_id = @account order by at", of, cancel),
            await db.Many<PersonalConfirmation>(
                """
                select p.code, p.number, f.name, f.at from confirmation f join published p on p.id = f.published_id
                where f.account_id = @account order by f.at
                """,
                of,
                cancel
            ),
            await db.Many<PersonalSitting>(
                """
                select s.what, s.mode, s.at,
                    coalesce(string_agg(r.movement || ' ' || r.clause || ' ' || c.call, ', ' order by r.number), '') as calls
                from training_sitting s left join training_rep r on r.sitting_id = s.id
                left join training_call c on c.sitting_id = r.sitting_id and c.number = r.number
                where s.trainee = @account group by s.id
                union all
                select t.what, 'Together', min(a.at), string_agg(r.movement || ' ' || a.number || ' ' || a.call, ', ' order by a.number)
                from together_answer a join together_rep r on r.together_id = a.together_id and r.number = a.number
                join together t on t.id = a.together_id where a.who = @account group by t.id
                union all
                select f.movement, 'Borderline', c.at, f.clause || ' ' || c.call
                from floor_rep_call c join floor_rep f on f.id = c.rep_id where c.who = @account
                order by at
                """,
                of,
                cancel
            ),
            await db.Many<PersonalDeed>(
                "select at, address, what, about from done where account_id = @account order by id desc limit @MostDeeds",
                of,
                cancel
            )
        );
    }

    /// <summary>
    /// Removes an account: nobody signs in with it any more, its name, sessions, passkeys, places and training go, and what it has
    /// confirmed stays without a name. Nothing is removed while a competition would be left without an organiser.
    /// </summary>
    /// <returns>The name of such a competition; null when it was removed.</returns>
    public async Task<string?> Remove(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        // As where roles are changed: two organisers who leave at once must not both succeed. The lock is a statement of its own, since
        // one that waits for it still sees the members as they were before.
        await db.Run(
            """
            select from competition where id in (select competition_id from member where account_id = @account and role = 'Organiser')
            order by id for update
            """,
            new { account },
            cancel,
            tx
        );
        var left = await db.OneOrNone<string>(
            """
            select c.doc ->> 'name' from competition c join member m on m.competition_id = c.id
            where m.account_id = @account and m.role = 'Organiser' and not exists (
                select from member o where o.competition_id = c.id and o.role = 'Organiser' and o.account_id <> @account)
            limit 1
            """,
            new { account },
            cancel,
            tx
        );
        if (left is not null)
        {
            return left;
        }

        foreach (
            var statement in new[]
            {
                "delete from member where account_id = @account",
                "delete from passkey where account_id = @account",
                "delete from training_sitting where trainee = @account",
                "delete from together_answer where who = @account",
                "delete from floor_rep_call where who = @account",
                "update session set ended = coalesce(ended, now()), agent = '', address = '' where account_id = @account",
                "update confirmation set name = '–', name_key = id::text, account_id = null where account_id = @account",
                """
                    update account set removed = now(), name = 'removed ' || left(id::text, 8), name_key = 'removed ' || id::text,
                    passphrase = ''
                    where id = @account
                    """,
            }
        )
        {
            await db.Run(statement, new { account }, cancel, tx);
        }

        await tx.CommitAsync(cancel);
        return null;
    }

    /// <summary>Takes name and contact off a question, and leaves what was asked; false where there is no such question.</summary>
    public async Task<bool> Forget(Guid question, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run("update question set asked_by = '', contact = '' where id = @question", new { question }, cancel) > 0;
    }
}
