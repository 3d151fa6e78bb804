using System.Net;
using FairCompass.Web.Access;

namespace FairCompass.Tests.Shared;

/// <summary>Clients that do what a page of the application does: keep cookies, and show the proof of the session with what they
/// write.</summary>
public static class Visitors
{
    /// <summary>A visitor whom nobody knows yet.</summary>
    /// <param name="address">Where the application runs.</param>
    public static HttpClient At(Uri address) => new(new Showing(new CookieContainer())) { BaseAddress = address };

    /// <summary>A visitor with a given jar of cookies.</summary>
    /// <param name="address">Where the application runs.</param>
    /// <param name="jar">The cookies.</param>
    public static HttpClient At(Uri address, CookieContainer jar) => new(new Showing(jar)) { BaseAddress = address };

    private sealed class Showing(CookieContainer jar) : DelegatingHandler(new HttpClientHandler { CookieContainer = jar })
    {
        protected override Task<HttpResponseMessage> SendAsync(HttpRequestMessage request, CancellationToken cancellationToken)
        {
            var proof = jar.GetCookies(request.RequestUri!)
                .FirstOrDefault(c => c.Name.EndsWith("fair-compass-proof", StringComparison.Ordinal));
            if (proof is not null && !request.Headers.Contains(Proof.Header))
            {
                request.Headers.Add(Proof.Header, proof.Value);
            }

            return base.SendAsync(request, cancellationToken);
        }
    }
}
