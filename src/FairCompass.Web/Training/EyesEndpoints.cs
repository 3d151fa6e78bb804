using FairCompass.Access;
using FairCompass.Comparability.Training;
using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Training;

/// <summary>The training of all judges, for the head judge alone; and the links by which judges train.</summary>
public static class EyesEndpoints
{
    private const int MostDays = 60;
    private const int MostCalls = 500;
    private const double MostSteps = 8;

    /// <summary>Maps the addresses.</summary>
    public static void MapEyes(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/training").WithTags("Training");
        tag.MapGet("/", All).Needs(Right.SeeEyes).WithSummary("What tests say of each judge, by name, and what is asked.");
        tag.MapPut("/asked", Ask)
            .Needs(Right.SeeEyes, "said what is asked of judges")
            .WithSummary("Says what is asked before somebody may judge; the plan of judges reads it.");
        tag.MapPost("/links", Give)
            .Needs(Right.GiveLinks, "gave a judge a link")
            .WithSummary("Makes the link of one judge, for one device.");
    }

    private static async Task<Ok<AllTraining>> All(
        Guid id,
        Trainings trainings,
        TrainingStore store,
        OfficialStore officials,
        CancellationToken cancel
    )
    {
        var asked = await store.Asked(id, cancel);
        var workouts = await trainings.Workouts(id, cancel);
        var clauses = await trainings.Clauses(id, cancel);
        var sittings = (await store.Of(id, null, cancel)).ToLookup(s => s.Trainee);
        var calls = await store.Calls(id, null, tests: true, cancel);
        var judges = (await officials.Of(id, cancel)).Where(o => o.Kind == OfficialKind.Judge).Select(o => (o.Id, o.Name)).ToList();
        var others = sittings.Where(s => judges.TrueForAll(j => j.Id != s.Key)).Select(s => (Id: s.Key, s.First().Name));
        return TypedResults.Ok(
            new AllTraining(
                asked,
                TrainingWords.Step,
                [
                    .. judges
                        .Concat(others)
                        .OrderBy(j => j.Name, StringComparer.OrdinalIgnoreCase)
                        .Select(j =>
                        {
                            var said = calls[j.Id].ToList();
                            return new JudgeTraining(
                                j.Id,
                                j.Name,
                                sittings[j.Id].Count(),
                                said.Count,
                                [.. Eye.Of(said).Select(e => TrainingWords.Of(e, clauses))],
                                TrainingWords.Remarks(said, sittings[j.Id].Any(s => s.Stills && s.Called > 0)),
                                [.. workouts.SelectMany(w => Trainings.Lacks(asked, w, said).Select(l => $"{w.Title}, {l.English}"))]
                            );
                        }),
                ]
            )
        );
    }

    private static async Task<Results<Ok<Requirement>, FieldsRefused>> Ask(
        Guid id,
        Requirement asked,
        TrainingStore store,
        CancellationToken cancel
    )
    {
        var errors = new List<FieldError>();
        if (asked.Calls is < 0 or > MostCalls)
        {
            errors.Add(new("calls", $"0 to {MostCalls} calls."));
        }

        if (asked.WithinSteps is { } within && !(within > 0 && within <= MostSteps))
        {
            errors.Add(new("withinSteps", $"Over 0, at most {MostSteps} steps; empty asks nothing."));
        }

        if (asked.RightPercent is < 50 or > 100)
        {
            errors.Add(new("rightPercent", "50 to 100 of a hundred; half is what guessing comes to. Empty asks nothing."));
        }

        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        await store.Ask(id, asked, cancel);
        return TypedResults.Ok(asked);
    }

    private static async Task<Results<Ok<MadeLink>, FieldsRefused, NotThere>> Give(
        Guid id,
        GiveJudgeLink give,
        Visitor visitor,
        LinkStore links,
        OfficialStore officials,
        TimeProvider time,
        HttpContext http,
        PublicAddress own,
        CancellationToken cancel
    )
    {
        if (give.Days is < 1 or > MostDays)
        {
            return new FieldsRefused("days", $"1 to {MostDays} days.");
        }

        if ((await officials.Of(id, cancel)).FirstOrDefault(o => o.Id == give.Official && o.Kind == OfficialKind.Judge) is not { } judge)
        {
            return NotThere.Gone("judge");
        }

        About.Say(http, $"{judge.Name}, {give.Days} days");
        var token = Tokens.New();
        var ends = time.GetUtcNow().AddDays(give.Days);
        await links.Give(id, Role.Judge, judge.Name, visitor.Account, ends, Tokens.Hash(token), judge.Id, cancel);
        return TypedResults.Ok(MadeLink.To(own.Reach(http.Request), "/open#" + token, ends));
    }
}
