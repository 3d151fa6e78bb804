using Npgsql;

namespace FairCompass.Store;

/// <summary>A passkey of an account.</summary>
public sealed record Passkey
{
    /// <summary>What the device calls it.</summary>
    public required byte[] Credential { get; init; }

    /// <summary>Whose it is.</summary>
    public required Guid AccountId { get; init; }

    /// <summary>What its owner calls it.</summary>
    public required string Name { get; init; }

    /// <summary>Its public key (COSE).</summary>
    public required byte[] PublicKey { get; init; }

    /// <summary>How often it signed, as the device counts; 0 where it does not.</summary>
    public required long SignCount { get; init; }

    /// <summary>How the device is reached, as it says.</summary>
    public required string[] Transports { get; init; }

    /// <summary>True where the device has seen its owner (finger, face, number) when the key was made.</summary>
    public required bool Verified { get; init; }

    /// <summary>True where it may be kept on other devices too.</summary>
    public required bool Backup { get; init; }

    /// <summary>True where it is.</summary>
    public required bool BackedUp { get; init; }

    /// <summary>What the device said when the key was made.</summary>
    public required byte[] Attestation { get; init; }

    /// <summary>What the browser said when the key was made.</summary>
    public required byte[] ClientData { get; init; }

    /// <summary>When it was made, UTC.</summary>
    public DateTime At { get; init; }

    /// <summary>When it last signed in, UTC; null for never.</summary>
    public DateTime? Used { get; init; }
}

/// <summary>Passkeys, and the questions that are put to devices, in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PasskeyStore(NpgsqlDataSource source)
{
    private const string Columns = """
        credential, account_id as AccountId, name, public_key as PublicKey, sign_count as SignCount, transports, verified, backup,
        backed_up as BackedUp, attestation, client_data as ClientData, at, used
        """;

    /// <summary>The passkeys of an account, the oldest first.</summary>
    public async Task<IReadOnlyList<Passkey>> Of(Guid account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<Passkey>($"select {Columns} from passkey where account_id = @account order by at", new { account }, cancel);
    }

    /// <summary>A passkey; null where there is none.</summary>
    /// <param name="credential">What the device calls it.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<Passkey?> Find(byte[] credential, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Passkey>($"select {Columns} from passkey where credential = @credential", new { credential }, cancel);
    }

    /// <summary>Keeps a passkey; of one that is kept already, what changes with its use. Nobody takes over that of another.</summary>
    public async Task Keep(Passkey passkey, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into passkey (credential, account_id, name, public_key, sign_count, transports, verified, backup, backed_up, attestation,
                client_data)
            values (@Credential, @AccountId, @Name, @PublicKey, @SignCount, @Transports, @Verified, @Backup, @BackedUp, @Attestation,
                @ClientData)
            on conflict (credential) do update set sign_count = excluded.sign_count, backed_up = excluded.backed_up, used = now()
            where passkey.account_id = excluded.account_id
            """,
            passkey,
            cancel
        );
    }

    /// <summary>Takes a passkey away; false where the account has none of this kind.</summary>
    public async Task<bool> Remove(Guid account, byte[] credential, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                "delete from passkey where account_id = @account and credential = @credential",
                new { account, credential },
                cancel
            ) > 0;
    }

    /// <summary>Keeps what a device was asked, until it answers.</summary>
    /// <param name="token">The hash of the token with which the answer comes.</param>
    /// <param name="account">For whom a key is made; null at the sign-in.</param>
    /// <param name="state">What is needed to check the answer.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task Ask(byte[] token, Guid? account, string state, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run("delete from passkey_question where at < now() - interval '1 hour'", null, cancel);
        await db.Run(
            "insert into passkey_question (token, account_id, state) values (@token, @account, @state)",
            new
            {
                token,
                account,
                state,
            },
            cancel
        );
    }

    /// <summary>What a device was asked; null for what was never asked, was answered, or is older than five minutes. It is answered
    /// by this.</summary>
    public async Task<string?> Answer(byte[] token, Guid? account, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<string>(
            """
            delete from passkey_question
            where token = @token and account_id is not distinct from @account and at > now() - interval '5 minutes' returning state
            """,
            new { token, account },
            cancel
        );
    }
}
