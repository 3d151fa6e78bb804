using FairCompass.Access;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Standards;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Standards;

/// <summary>What a workout says differently of a standard.</summary>
/// <param name="Revision">The revision of the draft this was read from.</param>
/// <param name="Places">Where the movement is done; empty when the workout does without it.</param>
/// <param name="Divisions">Who does the workout.</param>
/// <param name="Said">What is said differently.</param>
public sealed record StandardHere(
    int Revision,
    IReadOnlyList<PlaceOf> Places,
    IReadOnlyList<string> Divisions,
    IReadOnlyList<SaidHere> Said
);

/// <summary>Says a rule differently in a workout.</summary>
/// <param name="BaseRevision">The revision of the draft that was looked at.</param>
/// <param name="SaveId">One for each attempt, so that a repeated one is not taken twice.</param>
/// <param name="Clause">The clause.</param>
/// <param name="Line">The line of the one place; null for the whole workout.</param>
/// <param name="Division">The one division; null for everybody.</param>
/// <param name="Text">The other wording; null takes back what was said.</param>
public sealed record SayClause(int BaseRevision, Guid SaveId, string Clause, int? Line, string? Division, string? Text);

/// <summary>Standards at their place in a workout.</summary>
public static class PlaceEndpoints
{
    /// <summary>Maps <c>/api/workouts/{id}/standards/{movement}</c>.</summary>
    public static void MapStandardPlaces(this WebApplication app)
    {
        var group = app.MapGroup("/api/workouts/{id:guid}/standards/{movement}").WithTags("Standards");
        group
            .MapGet("/", Read)
            .Needs(Right.Look)
            .WithSummary("Where a movement is done in a draft, and what the draft says differently of its standard.");
        group
            .MapPut("/", Say)
            .Needs(Right.Write, "saved a draft")
            .WithSummary(
                "Says a rule of a standard differently in a draft, or at one place in it, and saves the draft; an outdated "
                    + "base is refused (409)."
            );
    }

    private static async Task<Results<Ok<StandardHere>, NotThere>> Read(
        Guid id,
        string movement,
        OpenDrafts drafts,
        CancellationToken cancel
    ) =>
        await Find(id, movement, drafts, cancel) is { } found
            ? Here(found.Revision, found.Draft, found.Standard)
            : NotThere.Gone("standard");

    private static async Task<Results<Ok<StandardHere>, NotThere, Conflicting, FieldsRefused>> Say(
        Guid id,
        string movement,
        SayClause say,
        OpenDrafts drafts,
        WorkoutStore workouts,
        CancellationToken cancel
    )
    {
        if (await Find(id, movement, drafts, cancel) is not { } found)
        {
            return NotThere.Gone("standard");
        }

        if (found.Revision != say.BaseRevision)
        {
            // A retry whose first answer was lost: it was said, and what the draft says now is shown.
            return await workouts.Knows(id, say.SaveId, cancel) ? Here(found.Revision, found.Draft, found.Standard) : Outdated();
        }

        var answer = new SayHere(movement, say.Clause, say.Line, say.Division, say.Text).Against(new DraftToEdit(found.Draft));
        if (answer.Value is not { } edits)
        {
            return new FieldsRefused([answer.Refused!]);
        }

        var body = Edits.Apply(found.Draft.Text, edits.Edits);
        if (DraftInput.Objections(body, "text") is { } refused)
        {
            return refused;
        }

        return await workouts.Save(id, say.BaseRevision, say.SaveId, body, cancel) switch
        {
            SaveResult<string>.Saved saved => Here(
                saved.Now.Revision,
                Understanding.Of(found.Draft.Competition, saved.Now.Value, cancel),
                found.Standard
            ),
            SaveResult<string>.Outdated => Outdated(),
            _ => NotThere.Gone("workout"),
        };
    }

    private static Ok<StandardHere> Here(int revision, Understanding draft, Movement standard) =>
        TypedResults.Ok(
            new StandardHere(
                revision,
                SayHere.Places(draft.Read, standard),
                SayHere.Divisions(draft.Read),
                SayHere.Of(draft.Read, standard)
            )
        );

    private static Conflicting Outdated() =>
        new Conflicting(
            "This workout was saved elsewhere since.",
            detail: "What it says now is shown; say it once more if it is still wanted."
        );

    private static async Task<(int Revision, Understanding Draft, Movement Standard)?> Find(
        Guid id,
        string movement,
        OpenDrafts drafts,
        CancellationToken cancel
    ) =>
        await drafts.Open(id, cancel) is { } open && StandardsBook.Of(open.Competition.Value).ById(movement) is { } standard
            ? (open.Draft.Revision, open.Understanding, standard)
            : null;
}
