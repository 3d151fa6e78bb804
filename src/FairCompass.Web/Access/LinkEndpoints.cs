using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Access;

/// <summary>Gives a link in place of an account.</summary>
/// <param name="Role">What its holder is; one that changes nothing.</param>
/// <param name="Name">For whom it is, 1 to 80 characters.</param>
/// <param name="Days">For how many days it holds, 1 to 60.</param>
public sealed record GiveLink(Role Role, string Name, int Days);

/// <summary>Links for those who come once.</summary>
public static class LinkEndpoints
{
    private const int LongestName = 80;
    private const int MostDays = 60;

    /// <summary>Maps the addresses.</summary>
    public static void MapLinks(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/links").WithTags("Links");
        tag.MapGet("/", Read).Needs(Right.GiveLinks).WithSummary("The links that were given, the newest first.");
        tag.MapPost("/", Give).Needs(Right.GiveLinks, "gave a link").WithSummary("Makes a link for one device.");
        tag.MapDelete("/{link:guid}", Revoke)
            .Needs(Right.GiveLinks, "took a link back")
            .WithSummary("Takes a link back, and its sessions.");
    }

    private static async Task<Ok<IReadOnlyList<GivenLink>>> Read(Guid id, LinkStore links, CancellationToken cancel) =>
        TypedResults.Ok(await links.Of(id, cancel));

    private static async Task<Results<Ok<MadeLink>, FieldsRefused>> Give(
        Guid id,
        GiveLink give,
        Visitor visitor,
        LinkStore links,
        TimeProvider time,
        HttpContext http,
        PublicAddress own,
        CancellationToken cancel
    )
    {
        var errors = new List<Core.Quantities.FieldError>();
        if (!RoleRights.ByLink.Contains(give.Role))
        {
            errors.Add(
                new(
                    "role",
                    $"A link makes somebody {Core.Text.Words.Join(RoleRights.ByLink.Select(AccessWords.Of))}; others need an account."
                )
            );
        }

        if (give.Name.Trim() is not { Length: >= 1 and <= LongestName } name || name.Any(char.IsControl))
        {
            errors.Add(new("name", $"Say for whom it is, in 1 to {LongestName} characters."));
        }

        if (give.Days is < 1 or > MostDays)
        {
            errors.Add(new("days", $"1 to {MostDays} days."));
        }

        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        About.Say(http, $"{give.Name.Trim()}, {AccessWords.Of(give.Role)}, {give.Days} days");
        var token = Tokens.New();
        var ends = time.GetUtcNow().AddDays(give.Days);
        await links.Give(id, give.Role, give.Name.Trim(), visitor.Account, ends, Tokens.Hash(token), null, cancel);
        return TypedResults.Ok(MadeLink.To(own.Reach(http.Request), "/open#" + token, ends));
    }

    private static async Task<Results<NoContent, NotThere>> Revoke(Guid id, Guid link, LinkStore links, CancellationToken cancel) =>
        await links.Revoke(id, link, cancel) ? TypedResults.NoContent() : NotThere.Gone("link");
}
