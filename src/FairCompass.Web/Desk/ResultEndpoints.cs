using FairCompass.Access;
using FairCompass.Web.Access;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Desk;

/// <summary>Results, out of the facts that the desk has typed.</summary>
public static class ResultEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapResults(this WebApplication app) =>
        app.MapGet("/api/competitions/{id:guid}/results", All)
            .WithTags("Results")
            .Needs(Right.ReadPublished)
            .WithSummary("The results as they stand, by workout, division and score, each with how it came about.");

    private static async Task<Ok<IReadOnlyList<WorkoutResults>>> All(Guid id, DeskCards cards, CancellationToken cancel) =>
        TypedResults.Ok(await cards.Results(id, cancel));
}
