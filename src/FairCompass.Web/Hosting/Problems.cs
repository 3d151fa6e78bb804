using System.Text.Json;
using System.Text.RegularExpressions;
using FairCompass.Core.Json;
using FairCompass.Core.Quantities;
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
            BadHttpRequestException { StatusCode: 413 } => TooLarge(),
            BadHttpRequestException { StatusCode: 415 } => Results.Problem(title: "Send application/json.", statusCode: 415),
            BadHttpRequestException { InnerException: JsonException json } => Malformed(json),
            BadHttpRequestException { InnerException: not NotSupportedException } bad => NotBound(bad),
            JsonException json => Malformed(json),
            NotSupportedException or BadHttpRequestException { InnerException: NotSupportedException } => Results.Problem(
                title: "The JSON is not understood: the kind of an object is missing.",
                statusCode: 400
            ),
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
                413 => TooLarge(),
                415 => Results.Problem(title: "Send application/json.", statusCode: 415),
                400 => Results.Problem(title: "The request is not understood.", statusCode: 400),
                404 => Results.Problem(title: "There is no such address.", statusCode: 404),
                405 => Results.Problem(title: "This address does not take this method.", statusCode: 405),
                var other => Results.Problem(statusCode: other),
            }
        ).ExecuteAsync(context);

    /// <summary>A refusal with an objection to each field (422).</summary>
    public static IResult Fields(IReadOnlyList<FieldError> errors) =>
        Results.ValidationProblem(
            errors.GroupBy(e => e.Path).ToDictionary(g => g.Key, g => g.Select(e => e.Message).ToArray()),
            title: "Some fields cannot be accepted.",
            statusCode: 422
        );

    /// <summary>Nothing there (404).</summary>
    public static IResult Gone(string what) =>
        Results.Problem(title: $"There is no such {what}; it may have been removed.", statusCode: 404);

    private static IResult TooLarge() =>
        Results.Problem(title: $"The request is too large: at most {Limits.BodyBytes / 1024} KiB.", statusCode: 413);

    private static IResult Malformed(JsonException json)
    {
        var path = JsonPlace.Of(json);
        if (MissingKeys.Match(json.Message) is { Success: true } missing)
        {
            // The serializer names the keys of an object that are not there; each is its own field.
            return Results.ValidationProblem(
                missing.Groups["key"].Captures.ToDictionary(k => $"{path}.{k.Value}", _ => Missing),
                title: "The JSON is not understood.",
                statusCode: 400
            );
        }

        return Results.ValidationProblem(
            new Dictionary<string, string[]> { [path] = [Sentence(json)] },
            title: "The JSON is not understood.",
            statusCode: 400
        );
    }

    private static readonly string[] Missing = ["This is missing."];

    [GeneratedRegex("missing required properties including: (?:'(?<key>[^']+)'(?:, )?)+")]
    private static partial Regex MissingKeys { get; }

    private static string Sentence(JsonException json)
    {
        var message = json.Message;
        var end = message.IndexOf(" Path:", StringComparison.Ordinal);
        message = end < 0 ? message : message[..end];
        return message.Contains("could not be mapped to any .NET member", StringComparison.Ordinal) ? "This key is not known here."
            : message.Contains("Duplicate", StringComparison.OrdinalIgnoreCase) ? "This key is there twice."
            : message.Contains(".NET", StringComparison.Ordinal)
            || message.Contains("System.", StringComparison.Ordinal)
            || message.Contains("FairCompass.", StringComparison.Ordinal)
                ? "This value has the wrong type or a key is missing."
            : message;
    }

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
