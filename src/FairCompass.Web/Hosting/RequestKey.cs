namespace FairCompass.Web.Hosting;

/// <summary>
/// The header <c>Idempotency-Key</c> (IETF draft-ietf-httpapi-idempotency-key-header): chosen by the client for a request that
/// makes something, so that the same request sent again after a lost answer makes nothing twice. It may be missing.
/// </summary>
/// <param name="Value">The key; null when the header is missing.</param>
public sealed record RequestKey(Guid? Value)
{
    /// <summary>The header's name.</summary>
    public const string Header = "Idempotency-Key";

    /// <summary>Reads the header; one that is no UUID is refused before anything is made.</summary>
    public static ValueTask<RequestKey?> BindAsync(HttpContext context)
    {
        var typed = context.Request.Headers[Header].ToString().Trim('"');
        return typed.Length == 0 ? new(new RequestKey((Guid?)null))
            : Guid.TryParse(typed, out var key) ? new(new RequestKey(key))
            : throw new BadHttpRequestException($"{Header} is a UUID.", 400);
    }
}
