using System.Text.Json;
using System.Text.RegularExpressions;
using FairCompass.Core.Json;
using FairCompass.Store;
using Microsoft.AspNetCore.Diagnostics;
using Npgsql;

namespace FairCompass.Web.Hosting;

/// <summary>Turns failures into problem details that a person can act on. Nothing of the inside is shown.</summary>
public sealed partial class Problems(ILogger<Problems> log) : IExceptionHandler
{
    /// <inheritdoc/>
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
        {
            return true;
        }

        var result = exception switch
        {
            BadHttpRequestException { StatusCode: 413 } => TooLarge(
                httpContext.Features.Get<IExceptionHandlerFeature>()?.Endpoint ?? httpContext.GetEndpoint()
            ),
            BadHttpRequestException { StatusCode: 415 } => Results.Problem(title: "Send application/json.", statusCode: 415),
            BadHttpRequestException { InnerException: JsonException json } => Malformed(await SentBody.Named(json, httpContext)),
            BadHttpRequestException { InnerException: not NotSupportedException } bad => NotBound(bad),
            JsonException json => Malformed(json),
            NotSupportedException or BadHttpRequestException { InnerException: NotSupportedException } => Results.Problem(
                title: "The JSON is not understood: the kind of an object is missing.",
                statusCode: 400
            ),
            FullException full => Results.Problem(title: full.Message, statusCode: 422),
            PostgresException refused when Refusal(refused) is { } answer => answer,
            NpgsqlException or TimeoutException => Unreachable(exception),
            _ => Unexpected(exception),
        };
        await result.ExecuteAsync(httpContext);
        return true;
    }

    /// <summary>Gives a body to refusals that the framework answers with a bare status.</summary>
    public static Task Bare(HttpContext context) =>
        (
            context.Response.StatusCode switch
            {
                413 => TooLarge(context.GetEndpoint()),
                415 => Results.Problem(title: "Send application/json.", statusCode: 415),
                400 => Results.Problem(title: "The request is not understood.", statusCode: 400),
                404 => Results.Problem(title: "There is no such address.", statusCode: 404),
                405 => Results.Problem(title: "This address does not take this method.", statusCode: 405),
                var other => Results.Problem(statusCode: other),
            }
        ).ExecuteAsync(context);

    private static IResult TooLarge(Endpoint? endpoint) =>
        Results.Problem(
            title: $"The request is too large: at most {(Limits.OwnOf(endpoint) ?? Limits.BodyBytes) / 1024} KiB.",
            statusCode: 413
        );

    private static IResult Malformed(JsonException json) =>
        Results.ValidationProblem(
            JsonFaults.Of(json).GroupBy(f => f.Path).ToDictionary(g => g.Key, g => g.Select(f => f.Message).ToArray()),
            title: "The JSON is not understood.",
            statusCode: 400
        );

    /// <summary>Parts of an address or header that are missing or no value of theirs; the framework’s message names inner types.</summary>
    private static IResult NotBound(BadHttpRequestException bad) =>
        Named.Match(bad.Message) is { Success: true } part
            ? Results.ValidationProblem(
                new Dictionary<string, string[]>
                {
                    [JsonNamingPolicy.CamelCase.ConvertName(part.Groups["name"].Value)] =
                    [
                        bad.Message.StartsWith("Required", StringComparison.Ordinal) ? "This is missing." : "This value is not understood.",
                    ],
                },
                title: "The request is not understood.",
                statusCode: 400
            )
            : Results.Problem(
                title: "The request is not understood.",
                detail: bad.InnerException is null && !bad.Message.Contains('"', StringComparison.Ordinal) ? bad.Message : null,
                statusCode: 400
            );

    [GeneratedRegex("parameter \"[^\"]*?(?<name>\\w+)\"")]
    private static partial Regex Named { get; }

    /// <summary>What the database refuses for good, by the class of its code (PostgreSQL, appendix A): sending it again would not help,
    /// so it must not be said to be away. Null for everything that may pass.</summary>
    private IResult? Refusal(PostgresException refused)
    {
        IResult? result = refused.SqlState switch
        {
            PostgresErrorCodes.DiskFull => Results.Problem(
                title: "There is no room left on the server’s disk.",
                detail: "What you typed stays in this window; it can be saved when there is room again.",
                statusCode: 507
            ),
            { Length: 5 } state when state.StartsWith("22", StringComparison.Ordinal) || state.StartsWith("23", StringComparison.Ordinal) =>
                Results.Problem(
                    title: "This cannot be stored.",
                    detail: "A value is of a kind or length that the database does not take. Nothing was changed.",
                    statusCode: 422
                ),
            _ => null,
        };
        if (result is not null)
        {
            Refused(refused.SqlState, refused.ConstraintName ?? refused.MessageText);
        }

        return result;
    }

    private IResult Unreachable(Exception exception)
    {
        DatabaseUnreachable(exception.Message);
        return Results.Problem(
            title: "The database does not answer.",
            detail: "What you typed stays in this window and is saved when the database is back.",
            statusCode: 503
        );
    }

    private IResult Unexpected(Exception exception)
    {
        Failed(exception);
        return Results.Problem(
            title: "Something went wrong on the server.",
            detail: "It has been logged. What you typed is not lost.",
            statusCode: 500
        );
    }

    [LoggerMessage(Level = LogLevel.Warning, Message = "The database does not answer: {Reason}")]
    private partial void DatabaseUnreachable(string reason);

    [LoggerMessage(Level = LogLevel.Error, Message = "The database refused with {State}: {Reason}")]
    private partial void Refused(string state, string reason);

    [LoggerMessage(Level = LogLevel.Error, Message = "A request failed.")]
    private partial void Failed(Exception exception);
}
