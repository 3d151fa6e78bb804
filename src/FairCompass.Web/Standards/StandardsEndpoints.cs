using FairCompass.Core.Standards;
using FairCompass.Web.Hosting;

namespace FairCompass.Web.Standards;

/// <summary>The standards book.</summary>
/// <param name="Edition">The edition.</param>
/// <param name="Movements">In the order of the book.</param>
public sealed record Book(string Edition, IReadOnlyList<Movement> Movements);

/// <summary>Reading the standards book.</summary>
public static class StandardsEndpoints
{
    /// <summary>Maps <c>GET /api/standards</c>.</summary>
    public static void MapStandards(this WebApplication app)
    {
        var group = app.MapGroup("/api/standards").WithTags("Standards");
        group.MapGet("/", () => new Book(MovementLibrary.Edition, MovementLibrary.All)).WithSummary("The whole standards book.");
        group.MapGet("/{id}", (string id) => MovementLibrary.ById(id) is { } m ? Results.Ok(m) : Problems.Gone("standard"))
            .WithSummary("One standard.").Produces<Movement>().ProducesProblem(404);
    }
}
