namespace FairCompass.Web.Hosting;

/// <summary>Started without a database the application is a calculator: what stores nothing answers, everything else says why
/// not.</summary>
public static class WithoutDatabase
{
    private static readonly string[] Calculators =
    [
        "/api/explain",
        "/api/score",
        "/api/rank",
        "/api/plates",
        "/api/play",
        "/api/openapi.json",
        "/api/health",
    ];

    /// <summary>Refuses what needs a database.</summary>
    public static void UseCalculatorsOnly(this WebApplication app) =>
        app.Use(
            (context, next) =>
                !context.Request.Path.StartsWithSegments("/api") || Calculators.Contains(context.Request.Path.Value, StringComparer.Ordinal)
                    ? next(context)
                    : Results
                        .Problem(
                            title: "This needs a database, and the application was started without one.",
                            detail: "The calculators answer: " + string.Join(", ", Calculators[..5]) + ".",
                            statusCode: StatusCodes.Status503ServiceUnavailable
                        )
                        .ExecuteAsync(context)
        );
}
