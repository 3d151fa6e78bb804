using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.InForce;
using FairCompass.Core.Text;
using FairCompass.Store;
using FairCompass.Web.Competitions;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;

namespace FairCompass.Web.Drafting;

/// <summary>Drafts: read, save, explain.</summary>
public static class DraftEndpoints
{
    /// <summary>Maps the addresses of drafts and <c>POST /api/explain</c>.</summary>
    public static void MapDrafting(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Drafts");
        tag.MapPost("/competitions/{id:guid}/workouts", Create)
            .WithSummary("Adds a draft at the end.")
            .Produces<StoredDraft>()
            .ProducesProblem(404)
            .ProducesValidationProblem(422);
        tag.MapGet("/workouts/{id:guid}", Read).WithSummary("Reads a draft.").Produces<StoredDraft>().ProducesProblem(404);
        tag.MapPut("/workouts/{id:guid}", Save)
            .WithSummary("Saves a draft over a known revision; an outdated base is refused (409) with what changed.")
            .Produces<StoredDraft>()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .ProducesValidationProblem(422);
        tag.MapPut("/workouts/{id:guid}/removed", Remove)
            .WithSummary("Removes a draft, or brings it back.")
            .Produces(204)
            .ProducesProblem(404);
        tag.MapPost("/competitions/{id:guid}/explain", ExplainStored)
            .WithSummary("Explains a text in a stored competition, for each keystroke.")
            .Produces<DraftExplained>()
            .ProducesProblem(404);
        tag.MapPost("/competitions/{id:guid}/cell", SetCellOf)
            .WithSummary("The change of a text that sets a cell of the prescription table.")
            .Produces<CellSet>()
            .ProducesProblem(404)
            .ProducesValidationProblem(422);
        tag.MapPost("/explain", ExplainPublic)
            .WithSummary("Explains a draft text or a workout as JSON; nothing is stored.")
            .Produces<Explanation>()
            .ProducesValidationProblem(422);
    }

    private static async Task<IResult> Create(Guid id, NewDraft draft, RequestKey key, WorkoutStore store, CancellationToken cancel) =>
        DraftInput.Objections(draft.Body, "body") is { } refused ? refused
        : await store.Create(id, draft.Body, key.Value, cancel) is { } created ? Results.Ok(Stored(created, id))
        : Problems.Gone("competition");

    private static async Task<IResult> Read(Guid id, WorkoutStore store, CancellationToken cancel) =>
        await store.Find(id, cancel) is { } found ? Results.Ok(Stored(found.Draft, found.Competition)) : Problems.Gone("workout");

    private static async Task<IResult> Save(Guid id, SaveDraft save, WorkoutStore store, CancellationToken cancel)
    {
        if (DraftInput.Objections(save.Body, "body") is { } refused)
        {
            return refused;
        }

        if (await store.Find(id, cancel) is not { } found)
        {
            return Problems.Gone("workout");
        }

        return await store.Save(id, save.BaseRevision, save.SaveId, save.Body, cancel) switch
        {
            SaveResult<string>.Saved saved => Results.Ok(Stored(saved.Now, found.Competition)),
            SaveResult<string>.Outdated outdated => Results.Problem(
                title: "This workout was saved elsewhere since.",
                statusCode: 409,
                extensions: new Dictionary<string, object?>
                {
                    ["current"] = Stored(outdated.Now, found.Competition),
                    ["changed"] = LineChanges.Between(outdated.Base ?? "", outdated.Now.Value),
                    ["merged"] = outdated.Base is null ? null : LineChanges.Merge(outdated.Base, save.Body, outdated.Now.Value),
                }
            ),
            _ => Problems.Gone("workout"),
        };
    }

    private static async Task<IResult> Remove(Guid id, RemoveDraft remove, WorkoutStore store, CancellationToken cancel) =>
        await store.SetRemoved(id, remove.Removed, cancel) ? Results.NoContent() : Problems.Gone("workout");

    private static async Task<IResult> ExplainStored(Guid id, ExplainDraft draft, OpenDrafts drafts, CancellationToken cancel)
    {
        if (DraftInput.Objections(draft.Body, "body") is { } refused)
        {
            return refused;
        }

        return await drafts.Read(id, draft.Body, cancel) is { } u
            ? Results.Ok(new DraftExplained(draft.Doc, Explainer.Explain(u, draft.Rows)))
            : Problems.Gone("competition");
    }

    private static async Task<IResult> SetCellOf(Guid id, SetCellRequest request, OpenDrafts drafts, CancellationToken cancel)
    {
        if (DraftInput.Objections(request.Body, "body") is { } refused)
        {
            return refused;
        }

        if (request.Aspect is not ("load" or "amount"))
        {
            return Problems.Fields([new("aspect", "load or amount.")]);
        }

        if (await drafts.Read(id, request.Body, cancel) is not { } u)
        {
            return Problems.Gone("competition");
        }

        var (edit, refusal) = new SetCell(request.Line, request.Aspect, request.Division, request.Duty, request.Value.Trim()).Against(u);
        return edit is null ? Problems.Fields([new("value", refusal!)]) : Results.Ok(new CellSet(edit));
    }

    private static IResult ExplainPublic(ExplainRequest request)
    {
        if (CompetitionRules.Validate(request.Competition) is { Count: > 0 } errors)
        {
            return Problems.Fields(errors.Select(e => e with { Path = "competition." + e.Path }).ToList());
        }

        return DraftInput.Read(request.Text, request.Workout, out var text)
            ?? Results.Ok(Explainer.Explain(request.Competition, text, request.Rows));
    }

    private static StoredDraft Stored(Versioned<string> draft, Guid competition) =>
        new(draft.Id, competition, draft.Revision, draft.SavedAt, draft.Value);
}
