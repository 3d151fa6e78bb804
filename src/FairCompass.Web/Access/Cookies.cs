namespace FairCompass.Web.Access;

/// <summary>The cookies: whose session it is, the proof that pages show, and which device. Over TLS they are bound to this host
/// (<c>__Host-</c>, RFC 6265bis 4.1.3); plain HTTP is this machine only, where a browser would not keep such ones.</summary>
public static class Cookies
{
    private const string Session = "fair-compass";
    private const string Shown = "fair-compass-proof";
    private const string Device = "fair-compass-device";
    private static readonly TimeSpan DeviceAge = TimeSpan.FromDays(365);

    /// <summary>The session’s token; null where there is none.</summary>
    public static string? SessionOf(HttpRequest request) => request.Cookies[Named(request, Session)];

    /// <summary>The mark of the device; null where it has none.</summary>
    public static string? DeviceOf(HttpRequest request) => request.Cookies[Named(request, Device)];

    /// <summary>Gives the browser a session. It ends with the browser at the latest.</summary>
    public static void Begin(HttpContext http, string token)
    {
        http.Response.Cookies.Append(Named(http.Request, Session), token, Options(http.Request));
        Prove(http, token);
    }

    /// <summary>Gives the proof to a browser whose session began before there was one.</summary>
    public static void Prove(HttpContext http)
    {
        if (SessionOf(http.Request) is { } token && !http.Request.Cookies.ContainsKey(Named(http.Request, Shown)))
        {
            Prove(http, token);
        }
    }

    private static void Prove(HttpContext http, string token)
    {
        var options = Options(http.Request);
        // The pages read it; the session itself no script can read.
        options.HttpOnly = false;
        http.Response.Cookies.Append(Named(http.Request, Shown), Proof.Of(token), options);
    }

    /// <summary>The mark of the device, given now where it had none.</summary>
    public static string Mark(HttpContext http)
    {
        // The same for the whole request: the one that is kept must be the one that is sent.
        if (http.Items[Device] is string given)
        {
            return given;
        }

        var mark = DeviceOf(http.Request) ?? Tokens.New();
        http.Items[Device] = mark;
        var options = Options(http.Request);
        options.MaxAge = DeviceAge;
        http.Response.Cookies.Append(Named(http.Request, Device), mark, options);
        return mark;
    }

    /// <summary>Takes the session from the browser.</summary>
    public static void End(HttpContext http)
    {
        http.Response.Cookies.Delete(Named(http.Request, Session), Options(http.Request));
        http.Response.Cookies.Delete(Named(http.Request, Shown), Options(http.Request));
    }

    private static string Named(HttpRequest request, string name) => request.IsHttps ? "__Host-" + name : name;

    private static CookieOptions Options(HttpRequest request) =>
        new()
        {
            HttpOnly = true,
            Secure = request.IsHttps,
            SameSite = SameSiteMode.Strict,
            Path = "/",
            IsEssential = true,
        };
}
