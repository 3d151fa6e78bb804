using FairCompass.Access;
using FairCompass.Core.Publishing;
using FairCompass.Planning.Calendars;
using FairCompass.Planning.Days;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;
using NodaTime;

namespace FairCompass.Web.Day;

/// <summary>Each person’s own times, out of the one plan.</summary>
public static class TimesEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapTimes(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/times").WithTags("Plan");
        tag.MapGet("/", Read).Needs(Right.ReadPublished).WithSummary("The times of an entry, a judge, a gym or a floor.");
        tag.MapGet("/all", All).Needs(Right.SeeField).WithSummary("Everybody’s times, for paper: by gym, judge or floor.");
        tag.MapGet("/names", Names).Needs(Right.ReadPublished).WithSummary("Whose times can be asked for.");
        tag.MapGet("/calendar.ics", Calendar).Needs(Right.ReadPublished).WithSummary("The same as iCalendar, for a phone.");
        tag.MapPost("/feed", Feed)
            .Needs(Right.ReadPublished)
            .WithSummary("An address that a phone follows without signing in; it gives these times and nothing else.");
        app.MapGet("/api/times/{token}.ics", Followed)
            .WithTags("Plan")
            .Needs(Right.Nobody)
            .WithSummary("The times behind such an address, as iCalendar.");
    }

    private static async Task<Results<Ok<FeedOf>, NotThere>> Feed(
        Guid id,
        FeedFor feed,
        HttpContext http,
        PublicAddress own,
        PlanStore plans,
        Fields fields,
        FeedStore feeds,
        CancellationToken cancel
    )
    {
        var plan = (await plans.Find(id, cancel))?.Value ?? Plan.Empty;
        if (Of(plan, await fields.Of(id, cancel), feed.Entry, feed.Judge, feed.Gym, feed.Floor) is null)
        {
            return NotThere.Gone("athlete, judge, gym or floor");
        }

        var subject =
            feed.Entry is { } e ? $"entry:{e}"
            : feed.Judge is { } j ? $"judge:{j}"
            : feed.Gym is { } g ? $"gym:{g}"
            : $"floor:{feed.Floor}";
        var token = await feeds.Of(id, subject, Tokens.New(), cancel);
        return TypedResults.Ok(new FeedOf($"{own.Reach(http.Request)}/api/times/{token}.ics"));
    }

    private static async Task<Results<Download<CalendarFile>, NotThere>> Followed(
        string token,
        FeedStore feeds,
        PlanStore plans,
        Fields fields,
        CompetitionCache competitions,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        if (token.Length > 100 || await feeds.Find(token, cancel) is not { } found)
        {
            return NotThere.Gone("calendar");
        }

        var (kind, whose) = found.Subject.Split(':', 2) is [var k, var w] ? (k, w) : ("", "");
        Guid? Id(string of) => kind == of && Guid.TryParse(whose, out var id) ? id : null;
        return await Calendar(
            found.Competition,
            Id("entry"),
            Id("judge"),
            kind == "gym" ? whose : null,
            kind == "floor" ? whose : null,
            plans,
            fields,
            competitions,
            time,
            cancel
        );
    }

    private static async Task<Ok<IReadOnlyList<Named>>> Names(Guid id, EntryStore entries, CancellationToken cancel) =>
        TypedResults.Ok<IReadOnlyList<Named>>(
            (await entries.Of(id, cancel))
                .Select(e => e.Entry)
                .Where(e => e.Starts)
                .Select(e => new Named(e.Id, e.PublicName, e.Gym, e.Division))
                .ToList()
        );

    private static async Task<Results<Ok<TimesOf>, NotThere>> Read(
        Guid id,
        Guid? entry,
        Guid? judge,
        string? gym,
        string? floor,
        PlanStore plans,
        Fields fields,
        CancellationToken cancel
    )
    {
        var plan = (await plans.Find(id, cancel))?.Value ?? Plan.Empty;
        return Of(plan, await fields.Of(id, cancel), entry, judge, gym, floor) is { } found
            ? TypedResults.Ok(found)
            : NotThere.Gone("athlete, judge, gym or floor");
    }

    private static async Task<Results<Download<CalendarFile>, NotThere>> Calendar(
        Guid id,
        Guid? entry,
        Guid? judge,
        string? gym,
        string? floor,
        PlanStore plans,
        Fields fields,
        CompetitionCache competitions,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        var stored = await plans.Find(id, cancel);
        if (
            stored is null
            || await competitions.Find(id, cancel) is not { } competition
            || Of(stored.Value, await fields.Of(id, cancel), entry, judge, gym, floor) is not { } found
        )
        {
            return NotThere.Gone("athlete, judge, gym or floor");
        }

        return new Download<CalendarFile>(
            TimesCalendar.Write(
                $"{competition.Name}: {found.Name}",
                stored.Value.Zone,
                competition.Place,
                found.Times,
                entry ?? judge ?? Guid.Empty,
                stored.Revision,
                Instant.FromDateTimeOffset(time.GetUtcNow())
            ),
            "times.ics"
        );
    }

    private static async Task<Ok<IReadOnlyList<TimesOf>>> All(Guid id, TimesBy by, PlanStore plans, Fields fields, CancellationToken cancel)
    {
        var plan = (await plans.Find(id, cancel))?.Value ?? Plan.Empty;
        var field = await fields.Of(id, cancel);
        IEnumerable<TimesOf> all = by switch
        {
            TimesBy.Judge => field.Judges.Select(j => new TimesOf(j.Name, plan.Zone, OwnTimes.OfJudge(plan, field, j.Id))),
            TimesBy.Floor => plan
                .Sessions.Select(s => s.Floor)
                .Distinct()
                .Select(f => new TimesOf(f, plan.Zone, OwnTimes.OfFloor(plan, field, f))),
            _ => field
                .Entries.Where(e => e.Starts)
                .SelectMany(e => e.Members.Select(m => m.Gym))
                .Where(g => g.Length > 0)
                .DistinctBy(NameList.Key)
                .Order(StringComparer.Ordinal)
                .Select(g => new TimesOf(g, plan.Zone, OwnTimes.OfGym(plan, field, g))),
        };
        return TypedResults.Ok<IReadOnlyList<TimesOf>>([.. all.Where(t => t.Times.Count > 0)]);
    }

    private static TimesOf? Of(Plan plan, Field field, Guid? entry, Guid? judge, string? gym, string? floor) =>
        entry is { } e && field.Entry(e) is { } found ? new(found.PublicName, plan.Zone, OwnTimes.OfEntry(plan, field, e))
        : judge is { } j && field.Judge(j) is { } who ? new(who.Name, plan.Zone, OwnTimes.OfJudge(plan, field, j))
        : gym is { Length: > 0 } && field.Entries.Any(x => OwnTimes.IsOf(x, gym)) ? new(gym, plan.Zone, OwnTimes.OfGym(plan, field, gym))
        : floor is { Length: > 0 } && plan.Sessions.Any(x => x.Floor == floor) ? new(floor, plan.Zone, OwnTimes.OfFloor(plan, field, floor))
        : null;
}
