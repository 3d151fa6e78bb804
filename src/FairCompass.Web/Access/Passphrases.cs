using FairCompass.Access;
using FairCompass.Store;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace FairCompass.Web.Access;

/// <summary>Passphrases as the platform’s own hasher keeps them: PBKDF2 with HMAC-SHA-512.</summary>
public sealed class Passphrases
{
    /// <summary>Rounds of the hash, as OWASP’s Password Storage Cheat Sheet asks for with SHA-512 (from memory).</summary>
    public const int Rounds = 210_000;

    private readonly PasswordHasher<Account> hasher = new(Options.Create(new PasswordHasherOptions { IterationCount = Rounds }));
    private readonly Account nobody;

    /// <summary>Prepares the hash that is worked out for a name that nobody has.</summary>
    public Passphrases()
    {
        nobody = new(Guid.Empty, "", "");
        nobody = nobody with { Passphrase = hasher.HashPassword(nobody, Tokens.New()) };
    }

    /// <summary>The hash of a passphrase.</summary>
    public string Hash(string passphrase) => hasher.HashPassword(nobody, Passphrase.Composed(passphrase));

    /// <summary>True for the right one. It takes as long for a name that nobody has, so that nobody learns who has an account.</summary>
    /// <param name="account">The account; null where nobody is called so.</param>
    /// <param name="passphrase">As it was typed.</param>
    public bool Fits(Account? account, string passphrase)
    {
        // Nothing is hashed that cannot be one: that would only keep the machine busy.
        var fits =
            passphrase.Length <= Passphrase.Longest * 40
            && hasher.VerifyHashedPassword(account ?? nobody, (account ?? nobody).Passphrase, Passphrase.Composed(passphrase))
                != PasswordVerificationResult.Failed;
        return fits && account is not null;
    }
}
