using FairCompass.Access;
using FairCompass.Store;
using Microsoft.AspNetCore.Identity;

namespace FairCompass.Web.Access;

/// <summary>Accounts and their passkeys as the platform’s own handler of passkeys asks for them; everything else of its users is not ours
/// to keep.</summary>
/// <param name="accounts">Where accounts are kept.</param>
/// <param name="passkeys">Where passkeys are kept.</param>
public sealed class PasskeyUsers(AccountStore accounts, PasskeyStore passkeys) : IUserPasskeyStore<Account>
{
    private const string DefaultName = "passkey";

    /// <inheritdoc/>
    public Task<string> GetUserIdAsync(Account user, CancellationToken cancellationToken) => Task.FromResult(user.Id.ToString());

    /// <inheritdoc/>
    public Task<string?> GetUserNameAsync(Account user, CancellationToken cancellationToken) => Task.FromResult<string?>(user.Name);

    /// <inheritdoc/>
    public Task<string?> GetNormalizedUserNameAsync(Account user, CancellationToken cancellationToken) =>
        Task.FromResult<string?>(SignInName.Key(user.Name));

    /// <inheritdoc/>
    public async Task<Account?> FindByIdAsync(string userId, CancellationToken cancellationToken) =>
        Guid.TryParse(userId, out var id) ? await accounts.Find(id, cancellationToken) : null;

    /// <inheritdoc/>
    public Task<Account?> FindByNameAsync(string normalizedUserName, CancellationToken cancellationToken) =>
        accounts.Find(normalizedUserName, cancellationToken);

    /// <inheritdoc/>
    public Task AddOrUpdatePasskeyAsync(Account user, UserPasskeyInfo passkey, CancellationToken cancellationToken) =>
        passkeys.Keep(
            new()
            {
                Credential = passkey.CredentialId,
                AccountId = user.Id,
                Name = string.IsNullOrWhiteSpace(passkey.Name) ? DefaultName : passkey.Name,
                PublicKey = passkey.PublicKey,
                SignCount = passkey.SignCount,
                Transports = passkey.Transports ?? [],
                Verified = passkey.IsUserVerified,
                Backup = passkey.IsBackupEligible,
                BackedUp = passkey.IsBackedUp,
                Attestation = passkey.AttestationObject,
                ClientData = passkey.ClientDataJson,
            },
            cancellationToken
        );

    /// <inheritdoc/>
    public async Task<IList<UserPasskeyInfo>> GetPasskeysAsync(Account user, CancellationToken cancellationToken) =>
        [.. (await passkeys.Of(user.Id, cancellationToken)).Select(Info)];

    /// <inheritdoc/>
    public async Task<Account?> FindByPasskeyIdAsync(byte[] credentialId, CancellationToken cancellationToken) =>
        await passkeys.Find(credentialId, cancellationToken) is { } found ? await accounts.Find(found.AccountId, cancellationToken) : null;

    /// <inheritdoc/>
    public async Task<UserPasskeyInfo?> FindPasskeyAsync(Account user, byte[] credentialId, CancellationToken cancellationToken) =>
        await passkeys.Find(credentialId, cancellationToken) is { } found && found.AccountId == user.Id ? Info(found) : null;

    /// <inheritdoc/>
    public Task RemovePasskeyAsync(Account user, byte[] credentialId, CancellationToken cancellationToken) =>
        passkeys.Remove(user.Id, credentialId, cancellationToken);

    /// <inheritdoc/>
    public Task SetUserNameAsync(Account user, string? userName, CancellationToken cancellationToken) => throw NotHere();

    /// <inheritdoc/>
    public Task SetNormalizedUserNameAsync(Account user, string? normalizedName, CancellationToken cancellationToken) => throw NotHere();

    /// <inheritdoc/>
    public Task<IdentityResult> CreateAsync(Account user, CancellationToken cancellationToken) => throw NotHere();

    /// <inheritdoc/>
    public Task<IdentityResult> UpdateAsync(Account user, CancellationToken cancellationToken) => throw NotHere();

    /// <inheritdoc/>
    public Task<IdentityResult> DeleteAsync(Account user, CancellationToken cancellationToken) => throw NotHere();

    /// <inheritdoc/>
    public void Dispose() { }

    private static NotSupportedException NotHere() => new("Accounts are made and changed by their own operations.");

    private static UserPasskeyInfo Info(Passkey p) =>
        new(
            p.Credential,
            p.PublicKey,
            new(DateTime.SpecifyKind(p.At, DateTimeKind.Utc)),
            (uint)p.SignCount,
            p.Transports,
            p.Verified,
            p.Backup,
            p.BackedUp,
            p.Attestation,
            p.ClientData
        )
        {
            Name = p.Name,
        };
}
