using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Access;

/// <summary>Signs in.</summary>
/// <param name="Name">The name.</param>
/// <param name="Passphrase">The passphrase.</param>
public sealed record SignIn(string Name, string Passphrase);

/// <summary>A token of a link, which is never part of an address that is sent.</summary>
/// <param name="Token">What stands behind the # of the link.</param>
public sealed record ByToken(string Token);

/// <summary>What somebody is in a competition.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Roles">What they are.</param>
/// <param name="Rights">What that lets them do.</param>
public sealed record Place(Guid Competition, IReadOnlyList<Role> Roles, IReadOnlyList<Right> Rights);

/// <summary>Who is signed in.</summary>
/// <param name="Name">The name.</param>
/// <param name="ByLink">True for the holder of a link, who has no account.</param>
/// <param name="Places">What they are where.</param>
public sealed record Me(string Name, bool ByLink, IReadOnlyList<Place> Places);

/// <summary>Whether anybody is signed in here.</summary>
/// <param name="In">Who; null for nobody.</param>
/// <param name="Demo">True where the demo’s accounts can be used.</param>
public sealed record Here(Me? In, bool Demo);

/// <summary>Signing in and out, and what opens a door once.</summary>
public static class AccessEndpoints
{
    private const string WrongTitle = "Name or passphrase is wrong.";

    /// <summary>Maps the addresses.</summary>
    public static void MapAccess(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Access");
        tag.MapGet("/me", ReadMe).Needs(Right.Nobody).WithSummary("Who is signed in here.");
        tag.MapPost("/session", Begin).Needs(Right.Nobody).WithSummary("Signs in; a sender who errs often waits (429).");
        tag.MapDelete("/session", End).Needs(Right.Nobody).WithSummary("Signs out.");
        tag.MapGet("/sessions", Sessions).Needs(Right.Account).WithSummary("Where the account is signed in.");
        tag.MapDelete("/sessions", EndAll).Needs(Right.Account, "signed out everywhere").WithSummary("Signs out everywhere.");
        tag.MapPost("/passphrase", Change)
            .Needs(Right.Account, "changed the passphrase")
            .WithSummary("Changes the passphrase; every session ends.");
        tag.MapPost("/link", OpenLink).Needs(Right.Nobody).WithSummary("Opens a link that stands in place of an account, on this device.");
    }

    private static async Task<Ok<Here>> ReadMe(HttpContext http, Visitor visitor, AccountStore accounts, IConfiguration config) =>
        TypedResults.Ok(new Here(await MeOf(http, visitor, accounts), config.GetValue("Demo", false) && Addresses.IsThisMachine(http)));

    private static async Task<Me?> MeOf(HttpContext http, Visitor visitor, AccountStore accounts)
    {
        if (await visitor.Ask(http) is not { } who)
        {
            return null;
        }

        Cookies.Prove(http);
        return who.Account is { } account
            ? new(who.Name, false, [.. (await accounts.Everywhere(account, http.RequestAborted)).Select(p => PlaceOf(p.Key, p.Value))])
            : new(
                who.Name,
                true,
                [PlaceOf(who.Competition!.Value, await visitor.Roles(who.Competition.Value, false, http.RequestAborted))]
            );
    }

    private static Place PlaceOf(Guid competition, IReadOnlyList<Role> roles) =>
        new(competition, roles, [.. roles.SelectMany(RoleRights.Of).Distinct().Order()]);

    private static async Task<Results<NoContent, NotAllowed, TooOften>> Begin(
        SignIn signIn,
        HttpContext http,
        AccountStore accounts,
        SessionStore sessions,
        DoneStore done,
        Passphrases passphrases,
        CancellationToken cancel
    )
    {
        // Everybody can read what the demo’s passphrase is, so it opens nothing from another machine.
        if (signIn.Passphrase == FirstPeople.DemoPassphrase && !Addresses.IsThisMachine(http))
        {
            return new NotAllowed(
                "The demo’s people sign in on this machine only.",
                "Make an account of your own for a competition that others reach."
            );
        }

        var address = Addresses.Of(http);
        var account = SignInName.Objection(signIn.Name) is null ? await accounts.Find(signIn.Name, cancel) : null;
        // Whoever was signed in here before is not slowed by what others try.
        var known =
            account is not null
            && Cookies.DeviceOf(http.Request) is { } mark
            && await sessions.Knows(account.Id, Tokens.Hash(mark), cancel);
        if (!known && await sessions.Wait(signIn.Name, address, cancel) is { Ticks: > 0 } wait)
        {
            http.Response.Headers.RetryAfter = Math.Ceiling(wait.TotalSeconds).ToString(System.Globalization.CultureInfo.InvariantCulture);
            return new TooOften("Too many wrong tries from here.", detail: $"Try again in {Math.Ceiling(wait.TotalSeconds)} seconds.");
        }

        if (!passphrases.Fits(account, signIn.Passphrase))
        {
            await sessions.Wrong(signIn.Name, address, cancel);
            await done.Write(
                new(account?.Id, account?.Name ?? "", address, null, null, "was refused at the sign-in", "", 401, http.TraceIdentifier),
                cancel
            );
            return new NotAllowed(WrongTitle, "Both are compared as they were given; large and small letters differ in the passphrase.");
        }

        await sessions.Right(signIn.Name, address, cancel);
        await BeginFor(account!.Id, account.Name, null, http, sessions, done, cancel);
        return TypedResults.NoContent();
    }

    /// <summary>Begins a session with a new token, whatever the browser had before.</summary>
    internal static async Task BeginFor(
        Guid? account,
        string name,
        Guid? link,
        HttpContext http,
        SessionStore sessions,
        DoneStore done,
        CancellationToken cancel
    )
    {
        if (Cookies.SessionOf(http.Request) is { Length: < 100 } before && await sessions.Find(Tokens.Hash(before), cancel) is { } old)
        {
            await sessions.End(old.Session, cancel);
        }

        var token = Tokens.New();
        var mark = Tokens.Hash(Cookies.Mark(http));
        await sessions.Begin(
            account,
            link,
            Tokens.Hash(token),
            mark,
            http.Request.Headers.UserAgent.ToString(),
            Addresses.Of(http),
            cancel
        );
        Cookies.Begin(http, token);
        await done.Write(new(account, name, Addresses.Of(http), null, null, "signed in", "", 204, http.TraceIdentifier), cancel);
    }

    private static async Task<NoContent> End(HttpContext http, Visitor visitor, SessionStore sessions, CancellationToken cancel)
    {
        if (await visitor.Ask(http) is { } who)
        {
            await sessions.End(who.Session, cancel);
        }

        Cookies.End(http);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<IReadOnlyList<OpenSession>>> Sessions(Visitor visitor, SessionStore sessions, CancellationToken cancel) =>
        TypedResults.Ok(await sessions.Of(visitor.Account, cancel));

    private static async Task<NoContent> EndAll(HttpContext http, Visitor visitor, SessionStore sessions, CancellationToken cancel)
    {
        await sessions.EndAll(visitor.Account, cancel);
        Cookies.End(http);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotAllowed, FieldsRefused>> Change(
        ChangePassphrase change,
        HttpContext http,
        Visitor visitor,
        AccountStore accounts,
        Passphrases passphrases,
        CancellationToken cancel
    )
    {
        var account = await accounts.Find(visitor.Account, cancel);
        if (!passphrases.Fits(account, change.Now))
        {
            return new FieldsRefused("now", "This is not your passphrase.");
        }

        if (Passphrase.Objection(change.Passphrase, account!.Name) is { } objection)
        {
            return new FieldsRefused("passphrase", objection);
        }

        await accounts.SetPassphrase(account.Id, passphrases.Hash(change.Passphrase), cancel);
        Cookies.End(http);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotThere, NotAllowed>> OpenLink(
        ByToken by,
        HttpContext http,
        LinkStore links,
        SessionStore sessions,
        DoneStore done,
        CancellationToken cancel
    )
    {
        if (await links.Open(Tokens.Hash(by.Token), Tokens.Hash(Cookies.Mark(http)), cancel) is not { } opened)
        {
            return new NotThere("There is no such link.", "Look whether the whole of it was copied, or ask for a new one.");
        }

        if (opened.Id is not { } link)
        {
            return new NotAllowed(opened.Why!, "Ask who gave it to you for a new one.");
        }

        await BeginFor(null, opened.Name, link, http, sessions, done, cancel);
        return TypedResults.NoContent();
    }
}

/// <summary>Changes the passphrase.</summary>
/// <param name="Now">The one that holds.</param>
/// <param name="Passphrase">The new one.</param>
public sealed record ChangePassphrase(string Now, string Passphrase);
