using System.Text.Json;
using FairCompass.Access;
using FairCompass.Core.Format;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Exchange;

/// <summary>A table to be read into a draft.</summary>
/// <param name="Body">The draft as it stands.</param>
/// <param name="Csv">The table.</param>
public sealed record ReadSheet(string Body, string Csv);

/// <summary>A draft after a table was read into it.</summary>
/// <param name="Body">The whole text.</param>
/// <param name="Edits">What differs from the text that was sent.</param>
public sealed record SheetRead(string Body, Eq<Edit> Edits);

/// <summary>What was imported.</summary>
/// <param name="Id">The id of the new competition or workout.</param>
public sealed record Imported(Guid Id);

/// <summary>Export and import.</summary>
public static class ExchangeEndpoints
{
    private const int MostWorkouts = 200;

    /// <summary>Maps the addresses of exports and imports.</summary>
    public static void MapExchange(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Exchange");
        tag.MapGet("/workouts/{id:guid}/export", ExportWorkout)
            .Needs(Right.Look, "exported a workout")
            .WithSummary("A workout as a file; its JSON Schema is docs/schema/workout.schema.json.");
        tag.MapGet("/competitions/{id:guid}/export", ExportCompetition)
            .Needs(Right.Look, "exported the competition")
            .WithSummary("A competition with its workouts as a file; its JSON Schema is docs/schema/competition.schema.json.");
        tag.MapPost("/competitions/{id:guid}/import", ImportWorkout)
            .Needs(Right.Write, "added a workout")
            .WithSummary("Adds a workout from a file, of this or an older version.");
        tag.MapPost("/import", ImportCompetition)
            .Needs(Right.Account, "opened a competition from a file")
            .WithSummary("Creates a competition from a file, of this or an older version.");
        tag.MapGet("/workouts/{id:guid}/prescriptions.csv", ExportSheet)
            .Needs(Right.Look, "exported a workout")
            .WithSummary("The prescription table as comma-separated values.");
        tag.MapPost("/competitions/{id:guid}/prescriptions", ReadSheetInto)
            .Needs(Right.Look)
            .WithSummary("Writes the loads and amounts of a table into a draft text; nothing is stored.");
    }

    private static async Task<Results<Download<JsonFile>, NotThere>> ExportWorkout(Guid id, WorkoutStore store, CancellationToken cancel) =>
        await store.Identified(id, cancel) is { } draft
            ? new Download<JsonFile>(ExchangeFiles.Write(draft), "workout.json")
            : NotThere.Gone("workout");

    private static async Task<Results<Download<JsonFile>, NotThere>> ExportCompetition(
        Guid id,
        CompetitionStore store,
        WorkoutStore workouts,
        CancellationToken cancel
    ) =>
        await store.Find(id, cancel) is { } found
            ? new Download<JsonFile>(ExchangeFiles.Write(found.Value, await workouts.AllIdentified(id, cancel)), "competition.json")
            : NotThere.Gone("competition");

    private static async Task<Results<Ok<Imported>, NotThere, FieldsRefused>> ImportWorkout(
        Guid id,
        JsonElement file,
        RequestKey key,
        WorkoutStore store,
        CancellationToken cancel
    )
    {
        var draft = DraftInput.Inside("$", () => ExchangeFiles.ReadWorkout(file.GetRawText()));
        return DraftInput.Objections(draft.Text, "text") is { } refused ? refused
            : await store.Create(id, draft, key.Value, cancel) is { } created ? TypedResults.Ok(new Imported(created.Id))
            : NotThere.Gone("competition");
    }

    private static async Task<Results<Ok<Imported>, FieldsRefused>> ImportCompetition(
        JsonElement file,
        RequestKey key,
        CompetitionStore store,
        CompetitionCache cache,
        AccountStore accounts,
        Visitor visitor,
        CancellationToken cancel
    )
    {
        var (competition, drafts) = DraftInput.Inside("$", () => ExchangeFiles.ReadCompetition(file.GetRawText()));
        var errors = CompetitionRules.Validate(competition).Select(e => e with { Path = "competition." + e.Path }).ToList();
        if (drafts.Count > MostWorkouts)
        {
            errors.Add(new("workouts", $"At most {MostWorkouts} workouts; these are {drafts.Count}."));
        }

        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        for (var i = 0; i < drafts.Count; i++)
        {
            if (DraftInput.Objections(drafts[i].Text, $"workouts[{i}].text") is { } refused)
            {
                return refused;
            }
        }

        var created = await store.Create(competition, drafts, key.Value, cancel);
        await accounts.Add(created.Id, visitor.Account, Role.Organiser, cancel);
        cache.Put(created);
        return TypedResults.Ok(new Imported(created.Id));
    }

    private static async Task<Results<Download<CsvFile>, NotThere>> ExportSheet(Guid id, OpenDrafts drafts, CancellationToken cancel) =>
        await drafts.Open(id, cancel) is { } open
            ? new Download<CsvFile>(PrescriptionSheet.Write(open.Understanding), "prescriptions.csv")
            : NotThere.Gone("workout");

    private static async Task<Results<Ok<SheetRead>, NotThere, FieldsRefused>> ReadSheetInto(
        Guid id,
        ReadSheet request,
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

        var (text, errors) = PrescriptionSheet.Read(competition, request.Body, request.Csv);
        return text is null ? new FieldsRefused(errors) : TypedResults.Ok(new SheetRead(text, Edits.Between(request.Body, text)));
    }
}
