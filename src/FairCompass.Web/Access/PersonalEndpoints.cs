using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Access;

/// <summary>Removes the account that sends it.</summary>
/// <param name="Passphrase">Its passphrase.</param>
public sealed record RemoveMe(string Passphrase);

/// <summary>What is kept about people: theirs to have, and theirs to have removed.</summary>
public static class PersonalEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPersonal(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Access");
        tag.MapGet("/personal", Mine)
            .Needs(Right.Account, "exported what is kept about them")
            .WithSummary("Everything that is kept about the account.");
        tag.MapPost("/personal/remove", Remove)
            .Needs(Right.Account)
            .WithSummary("Removes the account; what it did stays, under no name but in the log.");
        tag.MapPost("/questions/{question:guid}/forget", Forget)
            .Needs(Right.Answer, "took the name off a question")
            .WithSummary("Takes name and contact of who asked off a question.");
    }

    private static async Task<Ok<Personal>> Mine(Visitor visitor, PersonalStore personal, CancellationToken cancel) =>
        TypedResults.Ok(await personal.Of(visitor.Account, cancel));

    private static async Task<Results<NoContent, FieldsRefused>> Remove(
        RemoveMe remove,
        HttpContext http,
        Visitor visitor,
        AccountStore accounts,
        PersonalStore personal,
        Passphrases passphrases,
        DoneStore done,
        CancellationToken cancel
    )
    {
        if (!passphrases.Fits(await accounts.Find(visitor.Account, cancel), remove.Passphrase))
        {
            return new FieldsRefused("passphrase", "This is not your passphrase.");
        }

        if (await personal.Remove(visitor.Account, cancel) is { } competition)
        {
            return new FieldsRefused("passphrase", $"You are the last organiser of {competition}. Make somebody else one first.");
        }

        Cookies.End(http);
        await done.Write(
            new(visitor.Account, "", Addresses.Of(http), null, null, "removed their account", "", 204, http.TraceIdentifier),
            cancel
        );
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotThere>> Forget(Guid question, PersonalStore personal, CancellationToken cancel) =>
        await personal.Forget(question, cancel)
            ? TypedResults.NoContent()
            : new NotThere("There is no such question.", "Load the page anew.");
}
