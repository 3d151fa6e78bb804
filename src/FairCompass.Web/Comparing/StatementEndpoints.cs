using FairCompass.Access;
using FairCompass.Core.Languages;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Comparing;

/// <summary>A place that does not stand.</summary>
/// <param name="Place">The place.</param>
/// <param name="Name">Whose, as the public reads it.</param>
/// <param name="Kept">In how many of a hundred exchanges it is the same.</param>
public sealed record ShakyPlace(int Place, string Name, double Kept);

/// <summary>What is said of one board.</summary>
/// <param name="Title">The workout.</param>
/// <param name="Division">The division.</param>
/// <param name="Score">The name of the score.</param>
/// <param name="Lines">What is said, in sentences.</param>
/// <param name="Podium">Places one to three that do not stand.</param>
/// <param name="Shaky">All that do not.</param>
public sealed record BoardSaid(
    string Title,
    string Division,
    string Score,
    IReadOnlyList<Said> Lines,
    IReadOnlyList<ShakyPlace> Podium,
    IReadOnlyList<ShakyPlace> Shaky
);

/// <summary>How far the scores of a competition can be compared.</summary>
/// <param name="Name">The competition.</param>
/// <param name="Seed">The seed of the draws: with it anybody gets the same figures.</param>
/// <param name="Lines">What holds for the whole.</param>
/// <param name="Boards">By workout and division.</param>
public sealed record StatementShown(string Name, long Seed, IReadOnlyList<Said> Lines, IReadOnlyList<BoardSaid> Boards)
{
    /// <summary>Whether everybody may read it; null where only the head judge can.</summary>
    public StatementPublished? Published { get; init; }
}

/// <summary>Lets everybody read the statement.</summary>
/// <param name="Seed">The seed of the draws, from 0.</param>
public sealed record PublishStatement(long Seed);

/// <summary>The statement of how comparable the scores are: for the head judge, and for everybody once it is published.</summary>
public static class StatementEndpoints
{
    private static readonly FieldsRefused NoSeed = new("seed", "A whole number from 0.");

    /// <summary>Maps the addresses.</summary>
    public static void MapStatement(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/statement").WithTags("Comparing");
        tag.MapGet("/", Of)
            .Needs(Right.DecideResults)
            .WithSummary("How far the scores can be compared, and which places would not stand if judges had been exchanged.");
        tag.MapGet("/published", Published)
            .Needs(Right.ReadPublished)
            .WithSummary("The same as everybody may read it; nothing where it is not published.");
        tag.MapPut("/published", Publish)
            .Needs(Right.DecideResults, "published the statement of how far scores can be compared")
            .WithSummary("Lets everybody read the statement.");
        tag.MapDelete("/published", TakeBack)
            .Needs(Right.DecideResults, "took back the statement of how far scores can be compared")
            .WithSummary("Takes the statement back.");
    }

    private static async Task<Results<Ok<StatementShown>, FieldsRefused>> Of(
        Guid id,
        long? seed,
        StatementBook book,
        StatementStore store,
        CancellationToken cancel
    ) => seed is < 0 ? NoSeed : TypedResults.Ok(await book.Of(id, seed ?? 1, cancel) with { Published = await store.Find(id, cancel) });

    private static async Task<Results<Ok<StatementShown>, NoContent>> Published(
        Guid id,
        StatementBook book,
        StatementStore store,
        CancellationToken cancel
    ) =>
        await store.Find(id, cancel) is { } published
            ? TypedResults.Ok(await book.Of(id, published.Seed, cancel) with { Published = published })
            : TypedResults.NoContent();

    private static async Task<Results<NoContent, FieldsRefused>> Publish(
        Guid id,
        PublishStatement publish,
        StatementStore store,
        CancellationToken cancel
    )
    {
        if (publish.Seed < 0)
        {
            return NoSeed;
        }

        await store.Publish(id, publish.Seed, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> TakeBack(Guid id, StatementStore store, CancellationToken cancel)
    {
        await store.TakeBack(id, cancel);
        return TypedResults.NoContent();
    }
}
