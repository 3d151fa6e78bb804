using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Store;
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
        tag.MapPost("/competitions/{id:guid}/edit", EditText)
            .WithSummary("The edits of a text that a command asks for; nothing is stored.")
            .Produces<DraftEdits>()
            .ProducesProblem(404)
            .ProducesValidationProblem(422);
        tag.MapPost("/workouts/{id:guid}/edit", EditStored)
            .WithSummary("Carries out a command on a stored draft and saves it; an outdated base is refused (409).")
            .Produces<StoredDraft>()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .ProducesValidationProblem(422);
        tag.MapPost("/explain", ExplainPublic)
            .WithSummary("Explains a draft text or a workout as JSON; nothing is stored.")
            .Produces<Explanation>()
            .ProducesValidationProblem(422);
    }

    private static async Task<IResult> Create(Guid id, NewDraft draft, RequestKey key, WorkoutStore store, CancellationToken cancel) =>
        DraftInput.Objections(draft.Body, "body") is { } refused ? refused
        : await store.Create(id, Draft.New(draft.Body), key.Value, cancel) is { } created ? Results.Ok(Stored(created, id))
        : Problems.Gone("competition");

    private static async Task<IResult> Read(Guid id, WorkoutStore store, CancellationToken cancel) =>
        await store.Find(id, cancel) is { } found ? Results.Ok(Stored(found.Draft, found.Competition)) : Problems.Gone("workout");

    private static async Task<IResult> Save(Guid id, SaveDraft save, WorkoutStore store, CancellationToken cancel)
    {
        if (DraftInput.Objections(save.Body, "body") is { } refused)
        {
            return refused;
        }

        return await store.Find(id, cancel) is { } found
            ? await Saved(id, found.Competition, save, store, cancel)
            : Problems.Gone("workout");
    }

    private static async Task<IResult> Saved(Guid id, Guid competition, SaveDraft save, WorkoutStore store, CancellationToken cancel) =>
        await store.Save(id, save.BaseRevision, save.SaveId, save.Body, cancel) switch
        {
            SaveResult<string>.Saved saved => Results.Ok(Stored(saved.Now, competition)),
            SaveResult<string>.Outdated outdated => Results.Problem(
                title: "This workout was saved elsewhere since.",
                statusCode: 409,
                extensions: new Dictionary<string, object?>
                {
                    ["current"] = Stored(outdated.Now, competition),
                    ["changed"] = LineChanges.Between(outdated.Base ?? "", outdated.Now.Value),
                    ["merged"] = outdated.Base is null ? null : LineChanges.Merge(outdated.Base, save.Body, outdated.Now.Value),
                }
            ),
            _ => Problems.Gone("workout"),
        };

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

        if (await drafts.Read(id, request.Body, cancel) is not { } u)
        {
            return Problems.Gone("competition");
        }

        var cell = new SetCell(request.Line, request.Aspect, request.Division, request.Duty, request.Value.Trim());
        var answer = cell.Against(new DraftToEdit(u));
        return answer.Value is { } edits
            ? Results.Ok(new CellSet(TextEdit.Of(u.Text, edits.Edits[0])))
            : Problems.Fields([answer.Refused!]);
    }

    private static async Task<IResult> EditText(Guid id, EditDraft request, CompetitionCache competitions, CancellationToken cancel)
    {
        if (DraftInput.Objections(request.Body, "body") is { } refused)
        {
            return refused;
        }

        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return Problems.Gone("competition");
        }

        var answer = request.Command.Against(new DraftToEdit(ReadDraft.Of(competition, request.Body)));
        return answer.Value is { } edits ? Results.Ok(edits) : Problems.Fields([Inside(answer.Refused!)]);
    }

    private static async Task<IResult> EditStored(
        Guid id,
        EditStoredDraft request,
        OpenDrafts drafts,
        WorkoutStore store,
        CancellationToken cancel
    )
    {
        if (await drafts.Open(id, cancel) is not { } open)
        {
            return Problems.Gone("workout");
        }

        if (open.Draft.Revision != request.BaseRevision)
        {
            // A retry whose first answer was lost has been done; anything else was asked of a text that is gone.
            return await store.Knows(id, request.SaveId, cancel)
                ? Results.Ok(Stored(open.Draft, open.Competition.Id))
                : Results.Problem(
                    title: "This workout was saved elsewhere since.",
                    detail: "Look at what it says now, and do it again if it is still wanted.",
                    statusCode: 409,
                    extensions: new Dictionary<string, object?> { ["current"] = Stored(open.Draft, open.Competition.Id) }
                );
        }

        var answer = request.Command.Against(new DraftToEdit(open.Understanding));
        if (answer.Value is not { } edits)
        {
            return Problems.Fields([Inside(answer.Refused!)]);
        }

        var body = Edits.Apply(open.Understanding.Text, edits.Edits);
        return DraftInput.Objections(body, "command")
            ?? await Saved(id, open.Competition.Id, new(request.BaseRevision, request.SaveId, body), store, cancel);
    }

    private static FieldError Inside(FieldError error) => error with { Path = "command." + error.Path };

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
