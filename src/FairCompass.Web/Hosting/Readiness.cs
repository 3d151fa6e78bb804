using FairCompass.Access;
using FairCompass.Web.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Npgsql;

namespace FairCompass.Web.Hosting;

/// <summary>The answer of the health address: the process runs, whatever its database does.</summary>
/// <param name="Status"><c>ok</c>.</param>
public sealed record Health(string Status);

/// <summary>The answer of the readiness address.</summary>
/// <param name="Version">The version of the program.</param>
/// <param name="Schema">The newest migration of the database; null for an application that stores nothing.</param>
public sealed record Ready(string Version, string? Schema);

/// <summary>Whether the application runs, and whether it can do its work: two questions, for two askers. A service is started again when it
/// does not run; a proxy sends nobody to one that is not ready.</summary>
public static class Readiness
{
    private static readonly string Version = typeof(Readiness).Assembly.GetName().Version?.ToString(3) ?? "";

    /// <summary>Maps the addresses.</summary>
    public static void MapReadiness(this WebApplication app)
    {
        app.MapGet("/api/health", () => TypedResults.Ok(new Health("ok")))
            .WithTags("Health")
            .Needs(Right.Nobody)
            .WithSummary("Answers when the application runs.");
        app.MapGet("/api/health/ready", IsReady)
            .WithTags("Health")
            .Needs(Right.Nobody)
            .WithSummary("Answers when the database does, too, and is of this version’s schema.");
    }

    private static async Task<Results<Ok<Ready>, ProblemHttpResult>> IsReady(
        Connections connections,
        IServiceProvider services,
        CancellationToken cancel
    )
    {
        if (connections.Daily is null)
        {
            return TypedResults.Ok(new Ready(Version, null));
        }

        try
        {
            await using var db = await services.GetRequiredService<NpgsqlDataSource>().OpenConnectionAsync(cancel);
            await using var ask = new NpgsqlCommand("select max(scriptname) from schemaversions", db) { CommandTimeout = 2 };
            return TypedResults.Ok(new Ready(Version, ((string)(await ask.ExecuteScalarAsync(cancel))!).Split('.')[^2]));
        }
        catch (NpgsqlException)
        {
            return TypedResults.Problem(title: "The database does not answer.", statusCode: 503);
        }
    }
}
