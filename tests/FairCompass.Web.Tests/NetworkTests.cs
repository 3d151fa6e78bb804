using System.Net;
using System.Net.Http.Json;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using System.Text.Json.Nodes;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.Extensions.Configuration;

namespace FairCompass.Web.Tests;

/// <summary>Beyond this machine: encryption, the public address, proxies that tell and proxies that lie.</summary>
public class NetworkTests
{
    private static PublicAddress Of(params (string Key, string Value)[] settings) =>
        PublicAddress.Of(
            new ConfigurationBuilder().AddInMemoryCollection(settings.ToDictionary(s => s.Key, s => (string?)s.Value)).Build()
        );

    [Theory]
    [InlineData("http://127.0.0.1:5080", true)]
    [InlineData("http://localhost:5080", true)]
    [InlineData("http://[::1]:5080", true)]
    [InlineData("https://0.0.0.0:5443", true)]
    [InlineData("http://0.0.0.0:5080", false)]
    [InlineData("http://+:5080", false)]
    [InlineData("http://*:5080", false)]
    [InlineData("http://[::]:5080", false)]
    [InlineData("http://10.0.0.7:5080", false)]
    public void Nothing_listens_beyond_this_machine_without_encryption_unless_asked(string url, bool allowed)
    {
        Assert.Equal(allowed, Record.Exception(() => Of().Check([url])) is null);
        Assert.Null(Record.Exception(() => Of(("PlainHttp", "true")).Check([url])));
    }

    [Theory]
    [InlineData("https://games.example", true)]
    [InlineData("https://games.example:5443/", true)]
    [InlineData("http://localhost:5080", true)]
    [InlineData("http://games.example", false)]
    [InlineData("games.example", false)]
    [InlineData("https://games.example/path", false)]
    [InlineData("ftp://games.example", false)]
    public void A_public_address_is_encrypted_and_nothing_else(string url, bool good) =>
        Assert.Equal(good, Record.Exception(() => Of(("PublicUrl", url))) is null);

    [Fact]
    public void A_proxy_is_an_address() => Assert.Throws<InvalidOperationException>(() => Of(("KnownProxies", "proxy.example")));

    [Fact]
    public async Task Over_tls_cookies_are_bound_to_the_host_and_a_browser_is_told_to_come_back_so()
    {
        using var certificate = LocalCertificate.For("localhost");
        using var app = new RunningApp(
            demo: true,
            certificate: certificate,
            settings: new Dictionary<string, string> { ["PublicUrl"] = "https://games.example" }
        );
        using var handler = new HttpClientHandler
        {
            UseCookies = false,
            ServerCertificateCustomValidationCallback = (_, shown, _, _) => shown!.Thumbprint == certificate.Thumbprint,
        };
        using var http = new HttpClient(handler) { BaseAddress = new Uri($"https://127.0.0.1:{app.Address.Port}") };

        using var local = await http.PostAsJsonAsync("/api/session", new SignIn("Demo organiser", FirstPeople.DemoPassphrase));
        Assert.Equal(HttpStatusCode.NoContent, local.StatusCode);
        Assert.All(
            local.Headers.GetValues("Set-Cookie"),
            c =>
            {
                Assert.StartsWith("__Host-fair-compass", c, StringComparison.Ordinal);
                Assert.Contains("; secure", c, StringComparison.Ordinal);
                // The proof is for the pages to read.
                Assert.Equal(!c.Contains("-proof=", StringComparison.Ordinal), c.Contains("; httponly", StringComparison.Ordinal));
                Assert.Contains("; samesite=strict", c, StringComparison.Ordinal);
                Assert.DoesNotContain("domain", c, StringComparison.Ordinal);
            }
        );
        Assert.False(local.Headers.Contains("Strict-Transport-Security"));

        // A link that is made on this machine is for others: it leads to where they reach it.
        var cookies = string.Join("; ", local.Headers.GetValues("Set-Cookie").Select(c => c.Split(';')[0]));
        http.DefaultRequestHeaders.Add("Cookie", cookies);
        http.DefaultRequestHeaders.Add(Proof.Header, cookies.Split("proof=")[1].Split(';')[0]);
        var competition = (await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]!;
        using var made = await http.PostAsJsonAsync(
            $"/api/competitions/{competition}/invitations",
            new { role = "Judge", words = "Lane 1" }
        );
        Assert.StartsWith(
            "https://games.example/join#",
            (string)JsonNode.Parse(await made.Content.ReadAsStringAsync())!["url"]!,
            StringComparison.Ordinal
        );

        using var asked = new HttpRequestMessage(HttpMethod.Get, "/api/me") { Headers = { Host = "games.example" } };
        using var answer = await http.SendAsync(asked);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.StartsWith("max-age=", answer.Headers.GetValues("Strict-Transport-Security").Single(), StringComparison.Ordinal);
        using var other = new HttpRequestMessage(HttpMethod.Get, "/api/me") { Headers = { Host = "evil.example" } };
        using var refused = await http.SendAsync(other);
        Assert.Equal(HttpStatusCode.MisdirectedRequest, refused.StatusCode);
    }

    /// <summary>What a proxy says holds where the proxy is known, and nothing where it is not; a proxy that says nothing passes for nobody.
    /// </summary>
    [Theory]
    [InlineData("127.0.0.1", true)]
    [InlineData("192.0.2.1", false)]
    public async Task Only_a_known_proxy_says_who_asks(string known, bool believed)
    {
        using var app = new RunningApp(
            demo: true,
            settings: new Dictionary<string, string> { ["PublicUrl"] = "https://games.example", ["KnownProxies"] = known }
        );
        using var http = Visitors.At(app.Address);
        async Task<HttpStatusCode> Ask(string path, bool tells, string host = "games.example")
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, path);
            if (tells)
            {
                request.Headers.Add("X-Forwarded-For", "203.0.113.9");
                request.Headers.Add("X-Forwarded-Proto", "https");
                request.Headers.Add("X-Forwarded-Host", host);
            }

            using var answer = await http.SendAsync(request);
            return answer.StatusCode;
        }

        Assert.Equal(HttpStatusCode.OK, await Ask("/api/me", tells: true));
        // The calculators are open on this machine: who comes through the proxy is not on it.
        Assert.Equal(believed ? HttpStatusCode.Unauthorized : HttpStatusCode.OK, await Ask("/api/structures", tells: true));
        Assert.Equal(believed ? HttpStatusCode.BadRequest : HttpStatusCode.OK, await Ask("/api/me", tells: false));
        Assert.Equal(HttpStatusCode.OK, await Ask("/api/health", tells: false));
        if (believed)
        {
            Assert.Equal(HttpStatusCode.MisdirectedRequest, await Ask("/api/me", tells: true, host: "evil.example"));
            // Neither does the loopback name help, nor the passphrase that everybody can read.
            Assert.Equal(HttpStatusCode.MisdirectedRequest, await Ask("/api/me", tells: true, host: "localhost"));
            using var signIn = new HttpRequestMessage(HttpMethod.Post, "/api/session")
            {
                Content = JsonContent.Create(new SignIn("Demo organiser", FirstPeople.DemoPassphrase)),
                Headers =
                {
                    { "X-Forwarded-For", "203.0.113.9" },
                    { "X-Forwarded-Proto", "https" },
                    { "X-Forwarded-Host", "games.example" },
                },
            };
            using var refused = await http.SendAsync(signIn);
            Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
            Assert.Contains(
                "on this machine only",
                (string)JsonNode.Parse(await refused.Content.ReadAsStringAsync())!["title"]!,
                StringComparison.Ordinal
            );
        }
    }
}
