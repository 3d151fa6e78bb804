using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Store.Demo;

namespace FairCompass.Web.Access;

/// <summary>Who can sign in to begin with: whoever opens the link on the console, and the people of the demo.</summary>
public static class FirstPeople
{
    /// <summary>The passphrase of every account of the demo. It is no secret: they exist only with the demo, and answer on loopback only.
    /// </summary>
    public const string DemoPassphrase = "quayside tide table";

    /// <summary>The names of the demo’s accounts, one for each role.</summary>
    public static string DemoName(Role role) => "Demo " + AccessWords.Of(role);

    /// <summary>Makes the accounts of the demo where its competition has nobody; else prints the link of the first organiser where there is
    /// no account.</summary>
    /// <param name="services">The application’s services.</param>
    /// <param name="demo">True where the demo is stored.</param>
    /// <param name="cancel">Ends the wait.</param>
    /// <returns>The path of the first organiser’s link; null where somebody can sign in already.</returns>
    public static async Task<string?> Prepare(IServiceProvider services, bool demo, CancellationToken cancel)
    {
        var accounts = services.GetRequiredService<AccountStore>();
        if (await accounts.Any(cancel))
        {
            return null;
        }

        var all = await services.GetRequiredService<CompetitionStore>().Names(cancel);
        if (demo && all.FirstOrDefault(c => c.Name == SaltmarshFerryGames.Competition.Name) is { } competition)
        {
            var hash = services.GetRequiredService<Passphrases>().Hash(DemoPassphrase);
            foreach (var role in Enum.GetValues<Role>())
            {
                if (await accounts.Create(DemoName(role), hash, cancel) is { } made)
                {
                    await accounts.Add(competition.Id, made, role, cancel);
                    if (role == Role.Organiser)
                    {
                        await accounts.Adopt(made, cancel);
                    }
                }
            }

            return null;
        }

        var token = Tokens.New();
        await services.GetRequiredService<PassStore>().First(Tokens.Hash(token), cancel);
        return "/join#" + token;
    }
}
