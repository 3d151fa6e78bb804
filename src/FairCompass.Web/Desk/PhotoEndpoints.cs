using FairCompass.Access;
using FairCompass.Documents;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace FairCompass.Web.Desk;

/// <summary>Photographs that are kept with a card.</summary>
public static class PhotoEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPhotos(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/desk/{card:guid}/photos").WithTags("Desk");
        tag.MapGet("/{photo:guid}", Image).Needs(Right.EnterScores).WithSummary("A photograph of a card.");
        tag.MapPost("/", Add)
            .WithMetadata(new RequestSizeLimitAttribute(Photograph.MostBytes + 1))
            .Needs(Right.EnterScores, "kept a photograph of a card")
            .WithSummary("Keeps a photograph with a card: JPEG, PNG or WebP, drawn anew without what the camera wrote beside it.");
        tag.MapDelete("/{photo:guid}", Remove)
            .Needs(Right.EnterScores, "took a photograph of a card away")
            .WithSummary("Takes a photograph away; that there was one stays.");
    }

    private static async Task<Results<Download<JpegFile>, NotThere>> Image(
        Guid id,
        Guid card,
        Guid photo,
        PhotoStore photos,
        CancellationToken cancel
    ) => await photos.Image(id, card, photo, cancel) is { } jpeg ? new Download<JpegFile>(jpeg) : NotThere.Gone("photograph");

    private static async Task<Results<Ok<IReadOnlyList<CardPhoto>>, NotThere, FieldsRefused>> Add(
        Guid id,
        Guid card,
        Guid saveId,
        Stream file,
        PhotoStore photos,
        CancellationToken cancel
    )
    {
        var read = await Pictures.Read(file, Photograph.Read, cancel);
        return read.Refused is { } why ? new FieldsRefused("file", why)
            : await photos.Add(id, card, saveId, read.Jpeg, read.Width, read.Height, cancel)
                ? TypedResults.Ok(await photos.Of(card, cancel))
            : NotThere.Gone("card");
    }

    private static async Task<Results<Ok<IReadOnlyList<CardPhoto>>, NotThere>> Remove(
        Guid id,
        Guid card,
        Guid photo,
        PhotoStore photos,
        CancellationToken cancel
    ) => await photos.Remove(id, card, photo, cancel) ? TypedResults.Ok(await photos.Of(card, cancel)) : NotThere.Gone("photograph");
}
