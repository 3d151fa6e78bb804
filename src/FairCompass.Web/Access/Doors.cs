using System.Diagnostics;
using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Hosting;

namespace FairCompass.Web.Access;

/// <summary>
/// Lets a request pass where its operation declares what it needs and the visitor has it; everything else is refused. Whose a thing is, is
/// looked up by its id, so that nobody reaches it through a competition of their own; what is in another competition is as if it were not
/// there.
/// </summary>
/// <param name="next">What comes behind.</param>
public sealed class Doors(RequestDelegate next)
{
    /// <summary>Refuses, or lets pass and writes the log.</summary>
    public async Task InvokeAsync(HttpContext http, Visitor visitor, OwnerStore owners, DoneStore done)
    {
        if (!http.Request.Path.StartsWithSegments("/api") || http.GetEndpoint() is not RouteEndpoint endpoint)
        {
            await next(http);
            return;
        }

        if (endpoint.Metadata.GetMetadata<Needs>() is not { } needs)
        {
            await Results.Problem(title: "This operation is closed.", statusCode: 403).ExecuteAsync(http);
            return;
        }

        if (needs.Right == Right.Nobody || (needs.Right == Right.Calculate && Addresses.IsThisMachine(http)))
        {
            await next(http);
            return;
        }

        var storesNothing = needs is { Right: Right.Look or Right.Calculate, Done: null };
        if (await visitor.Ask(http, storesNothing) is not { } who || (needs.Right == Right.Account && who.Account is null))
        {
            await Results
                .Problem(title: "Sign in first.", detail: "Nobody is signed in here, or the session has ended.", statusCode: 401)
                .ExecuteAsync(http);
            return;
        }

        if (Forged(http.Request) is { } forged)
        {
            await forged.ExecuteAsync(http);
            return;
        }

        Acting.Now = new(who.Account, who.Link);
        var (refused, competition) = RoleRights.OfCompetition(needs.Right)
            ? await Within(http, who, needs.Right, visitor, storesNothing, owners, done)
            : (null, null);
        if (refused is not null)
        {
            await refused.ExecuteAsync(http);
            return;
        }

        if (needs.Done is { } words)
        {
            // Before the answer leaves: what somebody is told to be done stands in the log.
            http.Response.OnStarting(() =>
                http.Response.StatusCode < 400 ? Written(done, http, who, competition, words, http.Response.StatusCode) : Task.CompletedTask
            );
        }

        await next(http);
    }

    /// <summary>The refusal of what writes and does not show the proof of its session.</summary>
    private static IResult? Forged(HttpRequest request) =>
        HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method) || Proof.IsShown(request)
            ? null
            : Results.Problem(
                title: "This page does not belong to the session.",
                detail: "Load it anew. Nothing was changed, and what was typed stays in this browser.",
                statusCode: 403
            );

    /// <summary>The refusal of what somebody may not in the competition that a request concerns, or that competition.</summary>
    private static async Task<(IResult? Refused, Guid? Competition)> Within(
        HttpContext http,
        SignedIn who,
        Right right,
        Visitor visitor,
        bool storesNothing,
        OwnerStore owners,
        DoneStore done
    )
    {
        var (thing, competition) = await Concerned(http, owners);
        var roles = competition is { } c ? await visitor.Roles(c, storesNothing, http.RequestAborted) : [];
        if (roles.Count == 0)
        {
            await Written(done, http, who, competition, "was refused: nothing of theirs", 404);
            return (
                new NotThere(
                    $"There is no such {thing} for you.",
                    "It may have been removed, or you are not among the people of its competition any more."
                ),
                null
            );
        }

        if (!RoleRights.Allow(roles, right))
        {
            await Written(done, http, who, competition, "was refused: " + AccessWords.Of(right), 403);
            return (
                Results.Problem(
                    title: "You may not do this here.",
                    detail: $"It needs the right to {AccessWords.Of(right)}; you are {AccessWords.Of(roles)}. Ask an organiser.",
                    statusCode: 403
                ),
                null
            );
        }

        return (null, competition);
    }

    private static Guid? WorkoutOf(HttpContext http) =>
        http.Request.Path.StartsWithSegments("/api/workouts") && Guid.TryParse(http.GetRouteValue("id") as string, out var id) ? id : null;

    /// <summary>What a request is about, and the competition to which that belongs; null where there is no such thing.</summary>
    private static async Task<(string Thing, Guid? Competition)> Concerned(HttpContext http, OwnerStore owners)
    {
        Guid? Id(string name) => Guid.TryParse(http.GetRouteValue(name) as string, out var id) ? id : null;
        return Id("question") is { } question ? ("question", await owners.OfQuestion(question, http.RequestAborted))
            : WorkoutOf(http) is { } workout ? ("workout", await owners.OfWorkout(workout, http.RequestAborted))
            : ("competition", Id("id"));
    }

    private static Task Written(DoneStore done, HttpContext http, SignedIn who, Guid? competition, string what, int status) =>
        done.Write(
            new(
                who.Account,
                who.Name,
                Addresses.Of(http),
                competition,
                WorkoutOf(http),
                what,
                http.Features.Get<About>()?.Words ?? "",
                status,
                Activity.Current?.Id ?? http.TraceIdentifier
            ),
            CancellationToken.None
        );
}
