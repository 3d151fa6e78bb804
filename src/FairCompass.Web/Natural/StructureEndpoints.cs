using FairCompass.Access;
using FairCompass.Core.Commands;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Natural;

/// <summary>Begins a draft with a structure; nothing is stored.</summary>
/// <param name="Text">The draft so far: empty, or a title and for whom it is.</param>
/// <param name="Name">Which structure.</param>
public sealed record BeginRequest(string Text, string Name);

/// <summary>Structures to begin a workout with.</summary>
public static class StructureEndpoints
{
    /// <summary>Maps <c>GET /api/structures</c> and <c>POST /api/structures</c>.</summary>
    public static void MapStructures(this WebApplication app)
    {
        var tag = app.MapGroup("/api/structures").WithTags("Calculators");
        tag.MapGet("", () => TypedResults.Ok(Structure.All))
            .Needs(Right.Calculate)
            .WithSummary("The structures with which a workout can begin, the most usual first.");
        tag.MapPost("", Begin)
            .Needs(Right.Calculate)
            .WithSummary("A draft with a structure in it, and the places that are to be filled in; nothing is stored.");
    }

    private static Results<Ok<BegunDraft>, FieldsRefused> Begin(BeginRequest request) =>
        DraftInput.Objections(request.Text, "text") is { } refused ? refused
        : Structure.Find(request.Name) is { } structure ? TypedResults.Ok(structure.Begin(request.Text))
        : new FieldsRefused("name", $"There is no such structure; there are {string.Join(", ", Structure.All.Select(s => s.Name))}.");
}
