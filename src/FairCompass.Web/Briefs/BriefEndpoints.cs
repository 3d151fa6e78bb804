using FairCompass.Core.Briefing;
using FairCompass.Core.Explaining;
using FairCompass.Store;
using FairCompass.Web.Competitions;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Briefs;

/// <summary>Briefs of stored drafts.</summary>
public static class BriefEndpoints
{
    /// <summary>Maps <c>GET /api/workouts/{id}/brief</c>.</summary>
    public static void MapBriefs(this WebApplication app)
    {
        app.MapGet("/api/workouts/{id:guid}/brief", Read).WithTags("Briefs").WithSummary("A paper of a saved draft for an audience, for one division or all.")
            .Produces<Brief>().ProducesProblem(404).ProducesValidationProblem(422);
        app.MapGet("/api/workouts/{id:guid}/brief.md", Markdown).WithTags("Briefs").WithSummary("The same paper as Markdown.")
            .Produces<string>(200, "text/markdown").ProducesProblem(404).ProducesValidationProblem(422);
        app.MapGet("/api/competitions/{id:guid}/pack", Pack).WithTags("Briefs").WithSummary("Every paper of an audience, or of all, for every workout of the competition.")
            .Produces<IReadOnlyList<Brief>>().ProducesProblem(404);
    }

    private static async Task<IResult> Markdown(Guid id, Audience audience, string? division, WorkoutStore workouts, CompetitionCache competitions, PublishedStore published, TimeProvider time, CancellationToken cancel)
    {
        var read = await Read(id, audience, division, workouts, competitions, published, time, cancel);
        return read is Ok<Brief> { Value: { } brief } ? Results.Text(BriefMarkdown.Write(brief), "text/markdown", System.Text.Encoding.UTF8) : read;
    }

    private static async Task<IResult> Pack(Guid id, Audience? audience, WorkoutStore workouts, CompetitionCache competitions, PublishedStore published, TimeProvider time, CancellationToken cancel)
    {
        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return Problems.Gone("competition");
        }

        var today = DateOnly.FromDateTime(time.GetLocalNow().Date);
        var audiences = audience is { } one ? [one] : Enum.GetValues<Audience>();
        var newest = await published.Newest(id, cancel);
        return Results.Ok((await workouts.Of(id, cancel)).Select(d => (u: Understanding.Of(competition, d.Value), version: newest.GetValueOrDefault(d.Id)))
            .SelectMany(x => audiences.SelectMany(a => Papers(x.u, a, today)).Select(p => Numbered(p, x.version))).ToList());
    }

    /// <summary>Athletes get a paper for each division; all other papers are for the whole workout.</summary>
    private static IEnumerable<Brief> Papers(Understanding u, Audience audience, DateOnly today) => audience is Audience.Athlete or Audience.Poster
        ? u.Courses.Select(c => c.Address.Division.Name).Distinct().Select(d => new BriefBuilder(u, d, today).Build(audience))
        : [new BriefBuilder(u, null, today).Build(audience)];

    /// <summary>A paper of a draft that says what the newest version says is a paper of that version.</summary>
    private static Brief Numbered(Brief paper, PublishedVersion? newest) => newest is not null && newest.Code == paper.Fingerprint ? paper with { Version = newest.Number } : paper;

    private static async Task<IResult> Read(Guid id, Audience audience, string? division, WorkoutStore workouts, CompetitionCache competitions, PublishedStore published, TimeProvider time, CancellationToken cancel)
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
        return Results.Ok(Numbered(new BriefBuilder(u, division, today).Build(audience), (await published.Newest(found.Competition, cancel)).GetValueOrDefault(id)));
    }
}
