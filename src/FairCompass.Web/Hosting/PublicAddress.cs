using System.Net;

namespace FairCompass.Web.Hosting;

/// <summary>Where the application is reached: on this machine, and perhaps under one address beyond it.</summary>
public sealed class PublicAddress
{
    /// <summary>Proxies that may say who asks and how, when there are any.</summary>
    public IReadOnlyList<IPAddress> Proxies { get; }

    private readonly Uri? outside;
    private readonly bool plain;

    private PublicAddress(Uri? outside, IReadOnlyList<IPAddress> proxies, bool plain) =>
        (this.outside, Proxies, this.plain) = (outside, proxies, plain);

    /// <summary>Reads <c>PublicUrl</c>, <c>KnownProxies</c> (addresses with commas) and <c>PlainHttp</c>.</summary>
    /// <param name="config">The configuration.</param>
    /// <exception cref="InvalidOperationException">Something of it cannot be; the message says what to do.</exception>
    public static PublicAddress Of(IConfiguration config)
    {
        var plain = config.GetValue("PlainHttp", false);
        var url = config["PublicUrl"];
        Uri? outside = null;
        if (!string.IsNullOrWhiteSpace(url))
        {
            if (
                !Uri.TryCreate(url, UriKind.Absolute, out outside)
                || outside.Scheme is not ("http" or "https")
                || outside.AbsolutePath != "/"
            )
            {
                throw new InvalidOperationException($"The public address {url} is none: write https:// and a name, perhaps with a port.");
            }

            if (outside.Scheme == "http" && !outside.IsLoopback && !plain)
            {
                throw new InvalidOperationException(
                    $"{url} is not encrypted: everybody in the hall could read passphrases, and browsers save nothing there. "
                        + "Use https, or say --plain-http if you want that."
                );
            }
        }

        var proxies = (config["KnownProxies"] ?? "")
            .Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(p =>
                IPAddress.TryParse(p, out var address) ? address : throw new InvalidOperationException($"{p} is no address of a proxy.")
            )
            .ToList();
        return new(outside, proxies, plain);
    }

    /// <summary>Refuses to listen beyond this machine without encryption, unless that was asked for by name.</summary>
    /// <param name="urls">Where the server listens.</param>
    /// <exception cref="InvalidOperationException">It would.</exception>
    public void Check(IEnumerable<string> urls)
    {
        foreach (var url in urls.Where(u => u.StartsWith("http:", StringComparison.OrdinalIgnoreCase)))
        {
            // “+” and “*” stand for every address.
            var host = url["http://".Length..].Split('/')[0];
            var name = host.StartsWith('[') ? host.Split(']')[0].Trim('[') : host.Split(':')[0];
            if (!plain && !IsLoopback(name))
            {
                throw new InvalidOperationException(
                    $"{url} is reached from other machines and is not encrypted. Give --cert and --key, listen on this machine behind a "
                        + "proxy, or say --plain-http: then passphrases can be read on the way, and browsers of other "
                        + "machines save nothing."
                );
            }
        }
    }

    /// <summary>True for a request that came to this machine from itself, by its connection and by the name that it asks for, and for one
    /// that asks for the public address.</summary>
    /// <param name="http">The request.</param>
    public bool Answers(HttpContext http) =>
        outside is not null && http.Request.Scheme == outside.Scheme && IsPublic(http.Request.Host)
        || IsLoopback(http.Request.Host.Host) && (http.Connection.RemoteIpAddress is not { } from || IPAddress.IsLoopback(from));

    /// <summary>The address to which a link leads, without a slash at the end: the public one where there is one, for who makes a
    /// link on this
    /// machine gives it to others; else the one that was asked.</summary>
    /// <param name="request">The request that asks for a link.</param>
    public string Reach(HttpRequest request) => Outside ?? $"{request.Scheme}://{request.Host}";

    /// <summary>The public address without a slash at the end; null where there is none.</summary>
    public string? Outside => outside?.GetLeftPart(UriPartial.Authority);

    /// <summary>True for a request of a proxy that does not say for whom: it must not pass for one of this machine.</summary>
    /// <param name="http">The request, after what a proxy said was taken over.</param>
    public bool IsUnsaid(HttpContext http) =>
        http.Connection.RemoteIpAddress is { } from
        && Proxies.Contains(from.IsIPv4MappedToIPv6 ? from.MapToIPv4() : from)
        && !http.Request.Headers.ContainsKey("X-Original-For");

    /// <summary>True where a browser may be told to come over TLS only.</summary>
    /// <param name="request">The request.</param>
    public bool IsStrict(HttpRequest request) => request.IsHttps && outside is { IsLoopback: false } && IsPublic(request.Host);

    private bool IsPublic(HostString host) =>
        string.Equals(host.Host, outside!.Host, StringComparison.OrdinalIgnoreCase)
        && (host.Port ?? (outside.Scheme == "https" ? 443 : 80)) == outside.Port;

    private static bool IsLoopback(string host) =>
        string.Equals(host, "localhost", StringComparison.OrdinalIgnoreCase)
        || (IPAddress.TryParse(host.Trim('[', ']'), out var address) && IPAddress.IsLoopback(address));
}
