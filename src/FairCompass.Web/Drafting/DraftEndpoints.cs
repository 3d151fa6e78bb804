using FairCompass.Access;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Drafting;

/// <summary>Drafts: read, save, explain.</summary>
public static class DraftEndpoints
{
    /// <summary>Maps the addresses of drafts and <c>POST /api/explain</c>.</summary>
    public static void MapDrafting(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Drafts");
        tag.MapPost("/competitions/{id:guid}/workouts", Create)
            .Needs(Right.Write, "added a workout")
            .WithSummary("Adds a draft at the end.");
        tag.MapGet("/workouts/{id:guid}", Read).Needs(Right.Look).WithSummary("Reads a draft.");
        tag.MapPut("/workouts/{id:guid}", Save)
            .Needs(Right.Write, "saved a draft")
            .WithSummary("Saves a draft over a known revision; an outdated base is refused (409) with what changed.");
        tag.MapPut("/workouts/{id:guid}/removed", Remove)
            .Needs(Right.Write, "removed a workout or brought it back")
            .WithSummary("Removes a draft, or brings it back.");
        tag.MapPost("/competitions/{id:guid}/explain", ExplainStored)
            .Needs(Right.Look)
            .WithSummary("Explains a text in a stored competition, for each keystroke.");
        tag.MapPost("/competitions/{id:guid}/cell", SetCellOf)
            .Needs(Right.Look)
            .WithSummary("The change of a text that sets a cell of the prescription table.");
        tag.MapPost("/competitions/{id:guid}/edit", EditText)
            .Needs(Right.Look)
            .WithSummary("The edits of a text that a command asks for; nothing is stored.");
        tag.MapPost("/workouts/{id:guid}/edit", EditStored)
            .Needs(Right.Write, "saved a draft")
            .WithSummary("Carries out a command on a stored draft and saves it; an outdated base is refused (409).");
        tag.MapPost("/explain", ExplainPublic)
            .Needs(Right.Calculate)
            .WithSummary("Explains a draft text or a workout as JSON; nothing is stored.");
    }

    private static async Task<Results<Ok<StoredDraft>, NotThere, FieldsRefused>> Create(
        Guid id,
        NewDraft draft,
        RequestKey key,
        WorkoutStore store,
        CancellationToken cancel
    ) =>
        DraftInput.Objections(draft.Body, "body") is { } refused ? refused
        : await store.Create(id, Draft.New(draft.Body), key.Value, cancel) is { } created ? TypedResults.Ok(Stored(created, id))
        : NotThere.Gone("competition");

    private static async Task<Results<Ok<StoredDraft>, NotThere>> Read(Guid id, WorkoutStore store, CancellationToken cancel) =>
        await store.Find(id, cancel) is { } found ? TypedResults.Ok(Stored(found.Draft, found.Competition)) : NotThere.Gone("workout");

    private static async Task<Results<Ok<StoredDraft>, NotThere, Conflicting, FieldsRefused>> Save(
        Guid id,
        SaveDraft save,
        WorkoutStore store,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(save.Body, "body") is { } refused)
        {
            return refused;
        }

        return await store.Find(id, cancel) is { } found
            ? await Saved(id, found.Competition, save, store, cancel)
            : NotThere.Gone("workout");
    }

    private static async Task<Results<Ok<StoredDraft>, NotThere, Conflicting, FieldsRefused>> Saved(
        Guid id,
        Guid competition,
        SaveDraft save,
        WorkoutStore store,
        CancellationToken cancel
    ) =>
        await store.Save(id, save.BaseRevision, save.SaveId, save.Body, cancel) switch
        {
            SaveResult<string>.Saved saved => TypedResults.Ok(Stored(saved.Now, competition)),
            SaveResult<string>.Outdated outdated => new Conflicting(
                "This workout was saved elsewhere since.",
                more: new Dictionary<string, object?>
                {
                    ["current"] = Stored(outdated.Now, competition),
                    ["changed"] = LineChanges.Between(outdated.Base ?? "", outdated.Now.Value),
                    ["merged"] = outdated.Base is null ? null : LineChanges.Merge(outdated.Base, save.Body, outdated.Now.Value),
                }
            ),
            _ => NotThere.Gone("workout"),
        };

    private static async Task<Results<NoContent, NotThere>> Remove(
        Guid id,
        RemoveDraft remove,
        WorkoutStore store,
        CancellationToken cancel
    ) => await store.SetRemoved(id, remove.Removed, cancel) ? TypedResults.NoContent() : NotThere.Gone("workout");

    private static async Task<Results<Ok<DraftExplained>, NotThere, FieldsRefused>> ExplainStored(
        Guid id,
        ExplainDraft draft,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(draft.Body, "body") is { } refused)
        {
            return refused;
        }

        return await drafts.Read(id, draft.Body, cancel) is { } u
            ? TypedResults.Ok(new DraftExplained(draft.Doc, Explainer.Explain(u, draft.Rows, cancel)))
            : NotThere.Gone("competition");
    }

    private static async Task<Results<Ok<CellSet>, NotThere, FieldsRefused>> SetCellOf(
        Guid id,
        SetCellRequest request,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(request.Body, "body") is { } refused)
        {
            return refused;
        }

        if (await drafts.Read(id, request.Body, cancel) is not { } u)
        {
            return NotThere.Gone("competition");
        }

        var cell = new SetCell(request.Line, request.Aspect, request.Division, request.Duty, request.Value.Trim());
        var answer = cell.Against(new DraftToEdit(u));
        return answer.Value is { } edits
            ? TypedResults.Ok(new CellSet(TextEdit.Of(u.Text, edits.Edits[0])))
            : new FieldsRefused([answer.Refused!]);
    }

    private static async Task<Results<Ok<DraftEdits>, NotThere, FieldsRefused>> EditText(
        Guid id,
        EditDraft request,
        CompetitionCache competitions,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(request.Body, "body") is { } refused)
        {
            return refused;
        }

        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return NotThere.Gone("competition");
        }

        var answer = request.Command.Against(new DraftToEdit(ReadDraft.Of(competition, request.Body)));
        return answer.Value is { } edits ? TypedResults.Ok(edits) : new FieldsRefused([Inside(answer.Refused!)]);
    }

    private static async Task<Results<Ok<StoredDraft>, NotThere, Conflicting, FieldsRefused>> EditStored(
        Guid id,
        EditStoredDraft request,
        OpenDrafts drafts,
        WorkoutStore store,
        CancellationToken cancel
    )
    {
        if (await drafts.Open(id, cancel) is not { } open)
        {
            return NotThere.Gone("workout");
        }

        if (open.Draft.Revision != request.BaseRevision)
        {
            // A retry whose first answer was lost has been done; anything else was asked of a text that is gone.
            return await store.Knows(id, request.SaveId, cancel)
                ? TypedResults.Ok(Stored(open.Draft, open.Competition.Id))
                : new Conflicting(
                    "This workout was saved elsewhere since.",
                    detail: "Look at what it says now, and do it again if it is still wanted.",
                    more: new Dictionary<string, object?> { ["current"] = Stored(open.Draft, open.Competition.Id) }
                );
        }

        var answer = request.Command.Against(new DraftToEdit(open.Understanding));
        if (answer.Value is not { } edits)
        {
            return new FieldsRefused([Inside(answer.Refused!)]);
        }

        var body = Edits.Apply(open.Understanding.Text, edits.Edits);
        return DraftInput.Objections(body, "command") is { } refused
            ? refused
            : await Saved(id, open.Competition.Id, new(request.BaseRevision, request.SaveId, body), store, cancel);
    }

    private static FieldError Inside(FieldError error) => error with { Path = "command." + error.Path };

    private static Results<Ok<Explanation>, FieldsRefused> ExplainPublic(ExplainRequest request, CancellationToken cancel)
    {
        if (CompetitionRules.Validate(request.Competition) is { Count: > 0 } errors)
        {
            return new FieldsRefused(errors.Select(e => e with { Path = "competition." + e.Path }).ToList());
        }

        if (DraftInput.Read(request.Text, request.Workout, out var text) is { } refused)
        {
            return refused;
        }

        var u = Understanding.Of(request.Competition, text, cancel);
        return TypedResults.Ok(Explainer.Explain(u, request.Rows, cancel) with { Cards = EntryCard.Of(u) });
    }

    private static StoredDraft Stored(Versioned<string> draft, Guid competition) =>
        new(draft.Id, competition, draft.Revision, draft.SavedAt, draft.Value);
}
