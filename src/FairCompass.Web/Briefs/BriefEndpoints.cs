using FairCompass.Core.Briefing;
using FairCompass.Core.Explaining;
using FairCompass.Store;
using FairCompass.Web.Competitions;
using FairCompass.Web.Hosting;

namespace FairCompass.Web.Briefs;

/// <summary>Briefs of stored drafts.</summary>
public static class BriefEndpoints
{
    /// <summary>Maps <c>GET /api/workouts/{id}/brief</c>.</summary>
    public static void MapBriefs(this WebApplication app) =>
        app.MapGet("/api/workouts/{id:guid}/brief", Read).WithTags("Briefs").WithSummary("The brief of a saved draft for an audience, for one division or all.")
            .Produces<Brief>().ProducesProblem(404).ProducesValidationProblem(422);

    private static async Task<IResult> Read(Guid id, Audience audience, string? division, WorkoutStore workouts, CompetitionCache competitions, TimeProvider time, CancellationToken cancel)
    {
        if (await workouts.Find(id, cancel) is not { } found || await competitions.Find(found.Competition, cancel) is not { } competition)
        {
            return Problems.Gone("workout");
        }

        var u = Understanding.Of(competition, found.Draft.Value);
        if (division is not null && u.Courses.All(c => !string.Equals(c.Address.Division.Name, division, StringComparison.OrdinalIgnoreCase)))
        {
            return Problems.Fields([new("division", $"This workout is not for {division}.")]);
        }

        var today = DateOnly.FromDateTime(time.GetLocalNow().Date);
        return Results.Ok(new BriefBuilder(u, division, today).Build(audience));
    }
}
