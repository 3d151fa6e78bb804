using Microsoft.Net.Http.Headers;

namespace FairCompass.Web.Hosting;

/// <summary>
/// The application answers to this machine, and to the public address that it was given. Any page in a browser can reach loopback, so the
/// connection and the Host header (against rebound names), the Origin, and the content type of everything that writes are checked.
/// </summary>
public sealed class OwnPagesOnly(RequestDelegate next, PublicAddress own)
{
    /// <summary>Refuses what does not come from a page of this application.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        if ((Misdirected(context) ?? Foreign(context)) is { } refused)
        {
            await refused.ExecuteAsync(context);
            return;
        }

        if (own.IsStrict(context.Request))
        {
            // A year, as RFC 6797 gives in its examples.
            context.Response.Headers.StrictTransportSecurity = "max-age=31536000";
        }

        await next(context);
    }

    /// <summary>The refusal of what asks for another address, or comes from a proxy that does not say for whom.</summary>
    private IResult? Misdirected(HttpContext context) =>
        !own.Answers(context)
            ? Results.Problem(
                title: "This application does not answer to this address.",
                detail: "It answers on its own machine, and under the public address with which it was started.",
                statusCode: 421
            )
        : own.IsUnsaid(context) && !context.Request.Path.StartsWithSegments("/api/health")
            ? Results.Problem(
                title: "The proxy does not say who asks.",
                detail: "It has to send X-Forwarded-For, X-Forwarded-Proto and X-Forwarded-Host; an example is in deploy/.",
                statusCode: 400
            )
        : null;

    /// <summary>The refusal of what writes and comes from another page, or is sent as one could send it.</summary>
    private static IResult? Foreign(HttpContext context)
    {
        var request = context.Request;
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        {
            return null;
        }

        var site = request.Headers["Sec-Fetch-Site"].ToString();
        var origin = request.Headers.Origin.ToString();
        var mine = $"{request.Scheme}://{request.Host}";
        if (
            (site.Length > 0 && site is not ("same-origin" or "none"))
            || (origin.Length > 0 && !string.Equals(origin, mine, StringComparison.OrdinalIgnoreCase))
        )
        {
            return Results.Problem(title: "Requests from other pages are refused.", statusCode: 403);
        }

        if (HttpMethods.IsDelete(request.Method) && request.ContentLength is null or 0)
        {
            // No page of another site sends this method without being asked first (CORS), and there is nothing to read.
            return null;
        }

        // Neither of the two is sent by another page without being asked first (CORS).
        var file = Limits.OwnOf(context.GetEndpoint()) is not null;
        return (file ? IsBytes(request.ContentType) : request.HasJsonContentType() && IsUtf8(request.ContentType))
            ? null
            : Results.Problem(title: file ? "Send application/octet-stream." : "Send application/json in UTF-8.", statusCode: 415);
    }

    private static bool IsBytes(string? contentType) =>
        MediaTypeHeaderValue.TryParse(contentType, out var type)
        && type.MediaType.Equals("application/octet-stream", StringComparison.OrdinalIgnoreCase);

    private static bool IsUtf8(string? contentType) =>
        MediaTypeHeaderValue.TryParse(contentType, out var type)
        && (type.Charset.Length == 0 || type.Charset.Equals("utf-8", StringComparison.OrdinalIgnoreCase));
}
