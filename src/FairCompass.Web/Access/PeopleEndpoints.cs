using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Access;

/// <summary>The people of a competition.</summary>
/// <param name="Members">Who is what.</param>
/// <param name="Invitations">Invitations that nobody has used.</param>
public sealed record People(IReadOnlyList<Member> Members, IReadOnlyList<OpenInvitation> Invitations);

/// <summary>Invites somebody.</summary>
/// <param name="Role">What they become.</param>
/// <param name="Words">For whom it is, at most 80 characters.</param>
public sealed record Invite(Role Role, string Words);

/// <summary>Sets what somebody is.</summary>
/// <param name="Roles">What they are from now on; nothing takes them out of the competition.</param>
public sealed record SetRoles(IReadOnlyList<Role> Roles);

/// <summary>Asks for a recovery link; there is nothing to say of it.</summary>
public sealed record MakeRecovery;

/// <summary>Who may do what in a competition.</summary>
public static class PeopleEndpoints
{
    private const int LongestWords = 80;

    /// <summary>Maps the addresses.</summary>
    public static void MapPeople(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}").WithTags("People");
        tag.MapGet("/people", Read).Needs(Right.Manage).WithSummary("Who is what, and the invitations that nobody has used.");
        tag.MapPost("/invitations", Make)
            .Needs(Right.Manage, "invited somebody")
            .WithSummary("Makes a link that gives a role to whoever uses it first.");
        tag.MapDelete("/invitations/{invitation:guid}", Withdraw)
            .Needs(Right.Manage, "took an invitation back")
            .WithSummary("Takes an invitation back.");
        tag.MapPut("/people/{account:guid}", Set)
            .Needs(Right.Manage, "changed what somebody is")
            .WithSummary("Sets what somebody is; the last organiser stays one (422).");
        tag.MapPost("/people/{account:guid}/recovery", Recover)
            .Needs(Right.Manage, "made a recovery link")
            .WithSummary("Makes a link with which somebody sets a new passphrase.");
        tag.MapDelete("/me", Leave).Needs(Right.ReadPublished, "left the competition").WithSummary("Leaves the competition.");
    }

    private static async Task<Ok<People>> Read(Guid id, AccountStore accounts, PassStore passes, CancellationToken cancel) =>
        TypedResults.Ok(new People(await accounts.Of(id, cancel), await passes.Open(id, cancel)));

    private static async Task<Results<Ok<MadeLink>, FieldsRefused>> Make(
        Guid id,
        Invite invite,
        Visitor visitor,
        PassStore passes,
        TimeProvider time,
        HttpContext http,
        PublicAddress own,
        CancellationToken cancel
    )
    {
        if (invite.Words.Trim() is not { Length: >= 1 and <= LongestWords } words || words.Any(char.IsControl))
        {
            return new FieldsRefused("words", $"Say for whom it is, in 1 to {LongestWords} characters.");
        }

        About.Say(http, $"{words}, {AccessWords.Of(invite.Role)}");
        var token = Tokens.New();
        await passes.Invite(id, invite.Role, words, visitor.Account, Tokens.Hash(token), cancel);
        return TypedResults.Ok(MadeLink.To(own.Reach(http.Request), "/join#" + token, time.GetUtcNow() + SessionTimes.Invitation));
    }

    private static async Task<Results<NoContent, NotThere>> Withdraw(
        Guid id,
        Guid invitation,
        PassStore passes,
        CancellationToken cancel
    ) => await passes.Withdraw(id, invitation, cancel) ? TypedResults.NoContent() : NotThere.Gone("invitation");

    private static async Task<Results<NoContent, NotThere, FieldsRefused>> Set(
        Guid id,
        Guid account,
        SetRoles set,
        HttpContext http,
        AccountStore accounts,
        CancellationToken cancel
    )
    {
        var name = (await accounts.Find(account, cancel))?.Name;
        About.Say(http, $"{name}: {(set.Roles.Count == 0 ? "nothing any more" : AccessWords.Of(set.Roles))}");
        return Answer(await accounts.Set(id, account, set.Roles, cancel));
    }

    private static Results<NoContent, NotThere, FieldsRefused> Answer(RolesSet came) =>
        came switch
        {
            RolesSet.Set => TypedResults.NoContent(),
            RolesSet.LastOrganiser => new FieldsRefused("roles", "A competition keeps one organiser; make somebody else one first."),
            _ => new NotThere("There is nobody of this name here.", "They may have left."),
        };

    private static async Task<Results<Ok<MadeLink>, NotThere, NotAllowed>> Recover(
        Guid id,
        Guid account,
        MakeRecovery make,
        Visitor visitor,
        AccountStore accounts,
        PassStore passes,
        TimeProvider time,
        HttpContext http,
        PublicAddress own,
        CancellationToken cancel
    )
    {
        var theirs = await accounts.Everywhere(account, cancel);
        if (!theirs.ContainsKey(id))
        {
            return new NotThere("There is nobody of this name here.", "They may have left.");
        }

        // Who sets the passphrase could sign in as them: so it takes an organiser of every competition in which they are something.
        var mine = await accounts.Everywhere(visitor.Account, cancel);
        if (theirs.Keys.Any(c => !(mine.TryGetValue(c, out var roles) && roles.Contains(Role.Organiser))))
        {
            return new NotAllowed(
                "This person is in a competition that you do not organise.",
                "A new passphrase would open that one too. Somebody who organises both can make the link."
            );
        }

        About.Say(http, (await accounts.Find(account, cancel))?.Name ?? "");
        var token = Tokens.New();
        await passes.Recover(account, visitor.Account, Tokens.Hash(token), cancel);
        return TypedResults.Ok(MadeLink.To(own.Reach(http.Request), "/join#" + token, time.GetUtcNow() + SessionTimes.Invitation));
    }

    private static async Task<Results<NoContent, NotThere, FieldsRefused>> Leave(
        Guid id,
        Visitor visitor,
        AccountStore accounts,
        CancellationToken cancel
    ) =>
        visitor.In?.Account is { } account
            ? Answer(await accounts.Set(id, account, [], cancel))
            : new NotThere("A link has no place to leave.", "Sign out instead.");
}
