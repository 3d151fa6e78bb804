using FairCompass.Access;
using Npgsql;

namespace FairCompass.Store;

/// <summary>A link instead of an account, as who gave it sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Role">What its holder is.</param>
/// <param name="Name">For whom it is.</param>
/// <param name="At">When it was made, UTC.</param>
/// <param name="Ends">Until when it holds, UTC.</param>
/// <param name="Revoked">When it was taken back, UTC; null while it holds.</param>
/// <param name="Opened">How often it was opened.</param>
/// <param name="Bound">True once a device has it.</param>
public sealed record GivenLink(Guid Id, string Role, string Name, DateTime At, DateTime Ends, DateTime? Revoked, int Opened, bool Bound);

/// <summary>What opening a link came to.</summary>
/// <param name="Id">The link; null where it does not open.</param>
/// <param name="Name">For whom it is.</param>
/// <param name="Why">Why it does not open, for a person; null where it does.</param>
public sealed record LinkOpened(Guid? Id, string Name, string? Why);

/// <summary>Links for those who come once, in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class LinkStore(NpgsqlDataSource source)
{
    /// <summary>Makes a link.</summary>
    /// <param name="competition">In which competition.</param>
    /// <param name="role">What its holder is.</param>
    /// <param name="name">For whom it is.</param>
    /// <param name="by">Who gives it.</param>
    /// <param name="ends">Until when it holds.</param>
    /// <param name="token">The hash of its token.</param>
    /// <param name="official">The judge whose it is; null where it is nobody’s in particular.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task Give(
        Guid competition,
        Role role,
        string name,
        Guid by,
        DateTimeOffset ends,
        byte[] token,
        Guid? official,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into link (id, token, competition_id, role, name, made_by, ends, official_id)
            values (@id, @token, @competition, @role, @name, @by, @ends, @official)
            """,
            new
            {
                id = Guid.CreateVersion7(),
                token,
                competition,
                role = role.ToString(),
                name,
                by,
                ends = ends.UtcDateTime,
                official,
            },
            cancel
        );
    }

    /// <summary>The links of a competition, the newest first.</summary>
    public async Task<IReadOnlyList<GivenLink>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<GivenLink>(
            """
            select id, role, name, at, ends, revoked, opened, device is not null as bound
            from link where competition_id = @competition order by at desc, id
            """,
            new { competition },
            cancel
        );
    }

    /// <summary>Takes a link back, and with it every session of it; false where there is none.</summary>
    public async Task<bool> Revoke(Guid competition, Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                "update link set revoked = now() where id = @id and competition_id = @competition and revoked is null",
                new { id, competition },
                cancel
            ) == 1;
    }

    /// <summary>Opens a link on a device. The first device that opens it keeps it; on any other it does not open.</summary>
    /// <param name="token">The hash of the link’s token.</param>
    /// <param name="device">The hash of the device’s mark.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<LinkOpened?> Open(byte[] token, byte[] device, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var found = await db.OneOrNone<(Guid Id, string Name, bool Over, bool Revoked, byte[]? Device)?>(
            "select id, name, ends <= now(), revoked is not null, device from link where token = @token for update",
            new { token },
            cancel,
            tx
        );
        if (found is not { } link)
        {
            return null;
        }

        var why =
            link.Revoked ? "This link was taken back."
            : link.Over ? "This link is over."
            : link.Device is not null && !link.Device.AsSpan().SequenceEqual(device) ? "This link was opened on another device already."
            : null;
        if (why is null)
        {
            await db.Run("update link set opened = opened + 1, device = @device where id = @id", new { link.Id, device }, cancel, tx);
            await tx.CommitAsync(cancel);
        }

        return new(why is null ? link.Id : null, link.Name, why);
    }
}
