using System.Text.Json.Nodes;
using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.WebUtilities;

namespace FairCompass.Web.Access;

/// <summary>What a device is asked.</summary>
/// <param name="Token">Goes back with the answer; good once, for five minutes.</param>
/// <param name="Options">The question, as <c>PublicKeyCredential.parse…OptionsFromJSON</c> of a browser takes it (WebAuthn 3).</param>
public sealed record PasskeyQuestion(string Token, JsonNode Options);

/// <summary>What a device answers.</summary>
/// <param name="Token">The token of the question.</param>
/// <param name="Credential">The answer, as <c>PublicKeyCredential.toJSON</c> gives it.</param>
/// <param name="Name">What a new passkey is to be called; not used at the sign-in.</param>
public sealed record PasskeyAnswer(string Token, JsonNode Credential, string? Name);

/// <summary>A passkey as its owner sees it.</summary>
/// <param name="Id">Its id, for its removal.</param>
/// <param name="Name">What its owner calls it.</param>
/// <param name="At">When it was made, UTC.</param>
/// <param name="Used">When it last signed in, UTC; null for never.</param>
public sealed record KeptPasskey(string Id, string Name, DateTime At, DateTime? Used);

/// <summary>Signing in with a passkey: a key pair of a device, whose public half is kept here (WebAuthn, by the platform’s own
/// handler).</summary>
public static class PasskeyEndpoints
{
    /// <summary>Passkeys of one account.</summary>
    private const int Most = 20;

    private const int LongestName = 100;

    /// <summary>Registers what the addresses need.</summary>
    public static void AddPasskeys(this IServiceCollection services)
    {
        services.AddSingleton<PasskeyStore>();
        services.AddIdentityCore<Account>().AddUserStore<PasskeyUsers>();
        services.AddScoped<IPasskeyHandler<Account>, PasskeyHandler<Account>>();
        services.Configure<IdentityPasskeyOptions>(o =>
        {
            o.UserVerificationRequirement = "preferred";
            o.ResidentKeyRequirement = "required";
        });
    }

    /// <summary>Maps the addresses.</summary>
    public static void MapPasskeys(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Access");
        tag.MapGet("/passkeys", Of).Needs(Right.Account).WithSummary("The passkeys of the account.");
        tag.MapPost("/passkeys/question", AskToMake).Needs(Right.Account).WithSummary("What a device is asked that is to make a passkey.");
        tag.MapPost("/passkeys", Make).Needs(Right.Account, "made a passkey").WithSummary("Keeps the passkey that a device has made.");
        tag.MapDelete("/passkeys/{key}", Remove).Needs(Right.Account, "removed a passkey").WithSummary("Takes a passkey away.");
        tag.MapPost("/session/passkey/question", AskToSignIn)
            .Needs(Right.Nobody)
            .WithSummary("What a device is asked that signs in with a passkey.");
        tag.MapPost("/session/passkey", SignIn).Needs(Right.Nobody).WithSummary("Signs in with a passkey.");
    }

    private static async Task<Ok<IReadOnlyList<KeptPasskey>>> Of(Visitor visitor, PasskeyStore passkeys, CancellationToken cancel) =>
        TypedResults.Ok<IReadOnlyList<KeptPasskey>>([
            .. (await passkeys.Of(visitor.Account, cancel)).Select(p => new KeptPasskey(
                WebEncoders.Base64UrlEncode(p.Credential),
                p.Name,
                p.At,
                p.Used
            )),
        ]);

    private static async Task<Results<Ok<PasskeyQuestion>, FieldsRefused>> AskToMake(
        HttpContext http,
        Visitor visitor,
        PasskeyStore passkeys,
        IPasskeyHandler<Account> handler,
        CancellationToken cancel
    )
    {
        if ((await passkeys.Of(visitor.Account, cancel)).Count >= Most)
        {
            return new FieldsRefused("name", $"An account has {Most} passkeys at most; take one away first.");
        }

        var name = visitor.In!.Name;
        var made = await handler.MakeCreationOptionsAsync(
            new()
            {
                Id = visitor.Account.ToString(),
                Name = name,
                DisplayName = name,
            },
            http
        );
        return TypedResults.Ok(await Asked(passkeys, visitor.Account, made.CreationOptionsJson, made.AttestationState, cancel));
    }

    private static async Task<Results<NoContent, FieldsRefused, NotAllowed>> Make(
        PasskeyAnswer answer,
        HttpContext http,
        Visitor visitor,
        AccountStore accounts,
        PasskeyStore passkeys,
        UserManager<Account> users,
        IPasskeyHandler<Account> handler,
        CancellationToken cancel
    )
    {
        var name = answer.Name?.Trim() ?? "";
        if (name.Length is 0 or > LongestName)
        {
            return new FieldsRefused("name", $"Call it something, in at most {LongestName} letters: the device that it is on.");
        }

        if (await passkeys.Answer(Tokens.Hash(answer.Token), visitor.Account, cancel) is not { } state)
        {
            return TooLate;
        }

        var attested = await handler.PerformAttestationAsync(
            new()
            {
                HttpContext = http,
                CredentialJson = answer.Credential.ToJsonString(),
                AttestationState = state,
            }
        );
        if (!attested.Succeeded || await accounts.Find(visitor.Account, cancel) is not { } account)
        {
            return new NotAllowed(
                "The device’s answer does not hold.",
                attested.Failure?.Message ?? "Begin again, with a key of this device."
            );
        }

        attested.Passkey.Name = name;
        await users.AddOrUpdatePasskeyAsync(account, attested.Passkey);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotThere>> Remove(
        string key,
        Visitor visitor,
        PasskeyStore passkeys,
        CancellationToken cancel
    ) =>
        BytesOf(key) is { } credential && await passkeys.Remove(visitor.Account, credential, cancel)
            ? TypedResults.NoContent()
            : new NotThere("There is no such passkey.", "Perhaps it was taken away in another window.");

    private static async Task<Ok<PasskeyQuestion>> AskToSignIn(
        HttpContext http,
        PasskeyStore passkeys,
        IPasskeyHandler<Account> handler,
        CancellationToken cancel
    )
    {
        // Nobody is named: the device shows its owner which keys it has, and this page cannot tell who has any.
        var made = await handler.MakeRequestOptionsAsync(null, http);
        return TypedResults.Ok(await Asked(passkeys, null, made.RequestOptionsJson, made.AssertionState, cancel));
    }

    private static async Task<Results<NoContent, NotAllowed>> SignIn(
        PasskeyAnswer answer,
        HttpContext http,
        PasskeyStore passkeys,
        UserManager<Account> users,
        SessionStore sessions,
        DoneStore done,
        IPasskeyHandler<Account> handler,
        CancellationToken cancel
    )
    {
        if (await passkeys.Answer(Tokens.Hash(answer.Token), null, cancel) is not { } state)
        {
            return TooLate;
        }

        var asserted = await handler.PerformAssertionAsync(
            new()
            {
                HttpContext = http,
                CredentialJson = answer.Credential.ToJsonString(),
                AssertionState = state,
            }
        );
        if (!asserted.Succeeded)
        {
            await done.Write(
                new(null, "", Addresses.Of(http), null, null, "was refused with a passkey", "", 401, http.TraceIdentifier),
                cancel
            );
            return new NotAllowed(
                "This passkey opens nothing here.",
                "It was taken away, or belongs to another address. Use the passphrase."
            );
        }

        await users.AddOrUpdatePasskeyAsync(asserted.User, asserted.Passkey);
        await AccessEndpoints.BeginFor(asserted.User.Id, asserted.User.Name, null, http, sessions, done, cancel);
        return TypedResults.NoContent();
    }

    private static NotAllowed TooLate =>
        new("This question was answered already, or too late.", "Begin again; a question holds for five minutes.");

    private static async Task<PasskeyQuestion> Asked(
        PasskeyStore passkeys,
        Guid? account,
        string options,
        string? state,
        CancellationToken cancel
    )
    {
        var token = Tokens.New();
        await passkeys.Ask(Tokens.Hash(token), account, state ?? "", cancel);
        return new(token, JsonNode.Parse(options)!);
    }

    private static byte[]? BytesOf(string key)
    {
        try
        {
            return WebEncoders.Base64UrlDecode(key);
        }
        catch (FormatException)
        {
            return null;
        }
    }
}
