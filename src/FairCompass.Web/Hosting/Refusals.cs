using System.Reflection;
using FairCompass.Core.Quantities;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;

namespace FairCompass.Web.Hosting;

/// <summary>
/// An answer that refuses, as problem details (RFC 9457). Each status has a type of its own, so that the signature of a handler says
/// which refusals it may give, and the description of the interface is made from the signature.
/// </summary>
/// <param name="problem">What is said.</param>
public abstract class Refusal(ProblemDetails problem) : IResult, IStatusCodeHttpResult, IValueHttpResult
{
    private readonly ProblemHttpResult answer = TypedResults.Problem(problem);

    /// <inheritdoc/>
    public int? StatusCode => answer.StatusCode;

    /// <inheritdoc/>
    public object? Value => answer.ProblemDetails;

    /// <inheritdoc/>
    public Task ExecuteAsync(HttpContext httpContext) => answer.ExecuteAsync(httpContext);

    /// <summary>Says in the description of the interface that an endpoint may refuse so.</summary>
    /// <typeparam name="TProblem">The shape of what is said.</typeparam>
    protected static void Describe<TProblem>(EndpointBuilder builder, int status) =>
        builder.Metadata.Add(new ProducesResponseTypeMetadata(status, typeof(TProblem), ["application/problem+json"]));
}

/// <summary>Nothing is there (404).</summary>
public sealed class NotThere(string title, string? detail = null)
    : Refusal(
        new()
        {
            Title = title,
            Detail = detail,
            Status = 404,
        }
    ),
        IEndpointMetadataProvider
{
    /// <summary>Of a kind of thing, in the words of a person: “workout”, “competition”.</summary>
    public static NotThere Gone(string what) => new($"There is no such {what}; it may have been removed.");

    /// <inheritdoc/>
    public static void PopulateMetadata(MethodInfo method, EndpointBuilder builder) => Describe<ProblemDetails>(builder, 404);
}

/// <summary>It does not go together with what is stored (409).</summary>
/// <param name="title">What is in the way.</param>
/// <param name="detail">What can be done.</param>
/// <param name="more">What the client needs to settle it, by name.</param>
public sealed class Conflicting(string title, string? detail = null, Dictionary<string, object?>? more = null)
    : Refusal(
        new()
        {
            Title = title,
            Detail = detail,
            Status = 409,
            Extensions = more ?? [],
        }
    ),
        IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public static void PopulateMetadata(MethodInfo method, EndpointBuilder builder) => Describe<ProblemDetails>(builder, 409);
}

/// <summary>Some fields cannot be accepted (422); each objection stands at the path of its field.</summary>
public sealed class FieldsRefused(IReadOnlyList<FieldError> errors)
    : Refusal(
        new HttpValidationProblemDetails(errors.GroupBy(e => e.Path).ToDictionary(g => g.Key, g => g.Select(e => e.Message).ToArray()))
        {
            Title = "Some fields cannot be accepted.",
            Status = 422,
        }
    ),
        IEndpointMetadataProvider
{
    /// <summary>One objection.</summary>
    public FieldsRefused(FieldError error)
        : this([error]) { }

    /// <summary>One objection to one field.</summary>
    public FieldsRefused(string path, string sentence)
        : this([new FieldError(path, sentence)]) { }

    /// <inheritdoc/>
    public static void PopulateMetadata(MethodInfo method, EndpointBuilder builder) => Describe<HttpValidationProblemDetails>(builder, 422);
}

/// <summary>One sender asks too often (429).</summary>
public sealed class TooOften(string title, string detail)
    : Refusal(
        new()
        {
            Title = title,
            Detail = detail,
            Status = 429,
        }
    ),
        IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public static void PopulateMetadata(MethodInfo method, EndpointBuilder builder) => Describe<ProblemDetails>(builder, 429);
}

/// <summary>Whoever asks may not (403).</summary>
/// <param name="title">What is refused.</param>
/// <param name="detail">What can be done.</param>
public sealed class NotAllowed(string title, string detail)
    : Refusal(
        new()
        {
            Title = title,
            Detail = detail,
            Status = 403,
        }
    ),
        IEndpointMetadataProvider
{
    /// <inheritdoc/>
    public static void PopulateMetadata(MethodInfo method, EndpointBuilder builder) => Describe<ProblemDetails>(builder, 403);
}
