namespace FairCompass.Web.Hosting;

/// <summary>Started without a database the application is a calculator: what stores nothing answers, everything else says why
/// not.</summary>
public static partial class WithoutDatabase
{
    private static readonly string[] Calculators =
    [
        "/api/explain",
        "/api/score",
        "/api/rank",
        "/api/plates",
        "/api/play",
        "/api/read",
        "/api/read/file",
        "/api/structures",
    ];

    private static readonly string[] Open = [.. Calculators, "/api/openapi.json", "/api/health"];

    /// <summary>Says so where the application was started: a forgotten connection string is not silent.</summary>
    [LoggerMessage(Level = LogLevel.Warning, Message = "There is no connection string FairCompass: only the calculators answer.")]
    public static partial void Said(ILogger logger);

    /// <summary>Refuses what needs a database.</summary>
    public static void UseCalculatorsOnly(this WebApplication app) =>
        app.Use(
            (context, next) =>
                !context.Request.Path.StartsWithSegments("/api") || Open.Contains(context.Request.Path.Value, StringComparer.Ordinal)
                    ? next(context)
                    : Results
                        .Problem(
                            title: "This needs a database, and the application was started without one.",
                            detail: "The calculators answer: " + string.Join(", ", Calculators) + ".",
                            statusCode: StatusCodes.Status503ServiceUnavailable
                        )
                        .ExecuteAsync(context)
        );
}
