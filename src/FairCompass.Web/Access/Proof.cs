using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.WebUtilities;

namespace FairCompass.Web.Access;

/// <summary>
/// What a page shows with everything that it writes, so that a request which another page has made carries the session’s cookie but not
/// this: a hash of the session’s token, which only a script of this origin can read from its own cookie (a double submit bound to the
/// session, as OWASP describes it; from memory). Nothing is kept for it, so every copy of the application can check it.
/// </summary>
public static class Proof
{
    /// <summary>The header that carries it.</summary>
    public const string Header = "Fair-Compass-Proof";

    /// <summary>The proof of a session.</summary>
    /// <param name="token">The session’s token.</param>
    public static string Of(string token) =>
        WebEncoders.Base64UrlEncode(SHA256.HashData(Encoding.UTF8.GetBytes("proof of this page\0" + token)));

    /// <summary>True where a request shows the proof of the session whose cookie it carries.</summary>
    /// <param name="request">The request.</param>
    public static bool IsShown(HttpRequest request) =>
        Cookies.SessionOf(request) is { } token
        && CryptographicOperations.FixedTimeEquals(
            Encoding.UTF8.GetBytes(request.Headers[Header].ToString()),
            Encoding.UTF8.GetBytes(Of(token))
        );
}
