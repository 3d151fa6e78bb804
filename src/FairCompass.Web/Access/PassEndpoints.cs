using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Access;

/// <summary>Uses what opens a door once.</summary>
/// <param name="Token">What stands behind the # of the link.</param>
/// <param name="Name">The name of a new account; empty for a recovery, and where somebody is signed in.</param>
/// <param name="Passphrase">The new passphrase; empty where somebody is signed in and accepts an invitation.</param>
public sealed record UsePass(string Token, string Name, string Passphrase);

/// <summary>What a token opens.</summary>
/// <param name="Kind"><c>first</c>, <c>invitation</c> or <c>recovery</c>.</param>
/// <param name="Competition">The name of the competition of an invitation.</param>
/// <param name="Role">What an invitation makes somebody, in words.</param>
/// <param name="Name">Whose passphrase a recovery sets.</param>
public sealed record PassOpens(string Kind, string? Competition, string? Role, string? Name);

/// <summary>What opens a door once: the first organiser’s link, an invitation, a recovery.</summary>
public static class PassEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPasses(this WebApplication app)
    {
        var tag = app.MapGroup("/api/pass").WithTags("Access");
        tag.MapPost("", Opens).Needs(Right.Nobody).WithSummary("What a link of the first organiser, of an invitation or a recovery opens.");
        tag.MapPost("/use", Use).Needs(Right.Nobody).WithSummary("Uses such a link, once, and signs in.");
    }

    private static NotThere Gone => new("This link opens nothing any more.", "It was used, or its time is over. Ask for a new one.");

    private static Role? RoleOf(Pass pass) => Enum.TryParse<Role>(pass.Role, out var role) ? role : null;

    private static async Task<Results<Ok<PassOpens>, NotThere>> Opens(ByToken by, PassStore passes, CancellationToken cancel) =>
        await passes.Find(Tokens.Hash(by.Token), cancel) is { } pass
            ? TypedResults.Ok(
                new PassOpens(pass.Kind, pass.CompetitionName, RoleOf(pass) is { } role ? AccessWords.Of(role) : null, pass.AccountName)
            )
            : Gone;

    private static async Task<Results<NoContent, NotThere, FieldsRefused>> Use(
        UsePass use,
        HttpContext http,
        Visitor visitor,
        PassStore passes,
        AccountStore accounts,
        SessionStore sessions,
        DoneStore done,
        Passphrases passphrases,
        CancellationToken cancel
    )
    {
        if (await passes.Find(Tokens.Hash(use.Token), cancel) is not { } pass)
        {
            return Gone;
        }

        var me =
            await visitor.Ask(http) is { Account: not null } who && pass.Kind == "invitation" && use.Passphrase.Length == 0 ? who : null;
        var recovers = pass.Kind == "recovery";
        var name = me?.Name ?? (recovers ? pass.AccountName! : use.Name);
        if (me is null && await Objection(use, name, recovers, accounts, cancel) is { } refused)
        {
            return refused;
        }

        if (!await passes.Use(pass.Id, cancel))
        {
            return Gone;
        }

        if (await Account(use, pass, me, accounts, passphrases, cancel) is not { } account)
        {
            return new FieldsRefused("name", "Somebody here has just taken this name. Ask for a new link.");
        }

        if (pass.Kind == "first")
        {
            await accounts.Adopt(account, cancel);
        }

        if (pass.Competition is { } competition && RoleOf(pass) is { } role)
        {
            await accounts.Add(competition, account, role, cancel);
        }

        name = SignInName.Shown(name);
        if (me is null)
        {
            await AccessEndpoints.BeginFor(account, name, null, http, sessions, done, cancel);
        }

        var what = $"used a link: {pass.Kind}";
        await done.Write(new(account, name, Addresses.Of(http), pass.Competition, null, what, "", 204, http.TraceIdentifier), cancel);
        return TypedResults.NoContent();
    }

    /// <summary>What is wrong with the name of a new account, or with a passphrase; null where nothing is.</summary>
    private static async Task<FieldsRefused?> Objection(
        UsePass use,
        string name,
        bool recovers,
        AccountStore accounts,
        CancellationToken cancel
    ) =>
        !recovers && SignInName.Objection(name) is { } badName ? new FieldsRefused("name", badName)
        : Passphrase.Objection(use.Passphrase, name) is { } badPassphrase ? new FieldsRefused("passphrase", badPassphrase)
        : !recovers && await accounts.Find(name, cancel) is not null
            ? new FieldsRefused("name", "Somebody here has this name, or one that looks like it.")
        : null;

    /// <summary>The account that uses it: who is signed in, who gets a new passphrase, or a new one; null where the name was just
    /// taken.</summary>
    private static async Task<Guid?> Account(
        UsePass use,
        Pass pass,
        SignedIn? me,
        AccountStore accounts,
        Passphrases passphrases,
        CancellationToken cancel
    )
    {
        if (me is not null)
        {
            return me.Account;
        }

        if (pass.Account is not { } theirs)
        {
            return await accounts.Create(use.Name, passphrases.Hash(use.Passphrase), cancel);
        }

        await accounts.SetPassphrase(theirs, passphrases.Hash(use.Passphrase), cancel);
        return theirs;
    }
}
