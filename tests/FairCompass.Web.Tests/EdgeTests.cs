using System.Net;
using System.Net.Http.Headers;
using System.Text;

namespace FairCompass.Web.Tests;

/// <summary>Who may speak to the application, and what it says to everybody else.</summary>
public class EdgeTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    [Theory]
    [InlineData("Host", "evil.example", 421)]
    [InlineData("Origin", "http://evil.example", 403)]
    [InlineData("Sec-Fetch-Site", "cross-site", 403)]
    public async Task Foreign_pages_are_refused(string header, string value, int status)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/explain")
        {
            Content = new StringContent("{}", Encoding.UTF8, "application/json"),
        };
        if (header == "Host")
        {
            request.Headers.Host = value;
        }
        else
        {
            request.Headers.Add(header, value);
        }

        Assert.Equal(status, (int)(await api.Http.SendAsync(request)).StatusCode);
    }

    [Fact]
    public async Task Forms_cannot_write()
    {
        using var content = new StringContent("{}", Encoding.UTF8, "text/plain");
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, (await api.Http.PostAsync("/api/explain", content)).StatusCode);
    }

    [Fact]
    public async Task An_unknown_address_of_the_api_is_no_page()
    {
        var answer = await api.Http.GetAsync("/api/nothing/here");
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType?.MediaType);
    }

    [Fact]
    public async Task Pages_carry_security_headers_and_a_fresh_nonce()
    {
        var first = await api.Http.GetAsync("/c/x/workouts");
        var policy = first.Headers.GetValues("Content-Security-Policy").Single();
        Assert.Contains("default-src 'none'", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe-eval", policy, StringComparison.Ordinal);
        Assert.Equal("nosniff", first.Headers.GetValues("X-Content-Type-Options").Single());
        Assert.DoesNotContain("__NONCE__", await first.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.NotEqual(policy, (await api.Http.GetAsync("/")).Headers.GetValues("Content-Security-Policy").Single());
    }

    [Fact]
    public async Task The_page_asks_nothing_of_anywhere_else()
    {
        var page = await api.Http.GetStringAsync("/");
        Assert.DoesNotContain("http://", page, StringComparison.Ordinal);
        Assert.DoesNotContain("https://", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Scripts_are_sent_packed_and_kept()
    {
        var page = await api.Http.GetStringAsync("/");
        var script = System.Text.RegularExpressions.Regex.Match(page, "src=\"(/assets/[^\"]+\\.js)\"").Groups[1].Value;
        using var request = new HttpRequestMessage(HttpMethod.Get, script);
        request.Headers.AcceptEncoding.Add(new StringWithQualityHeaderValue("br"));
        var answer = await api.Http.SendAsync(request);
        Assert.Equal(["br"], answer.Content.Headers.ContentEncoding);
        Assert.Equal("text/javascript", answer.Content.Headers.ContentType?.MediaType);
        Assert.Contains("immutable", answer.Headers.CacheControl!.ToString(), StringComparison.Ordinal);
    }

    /// <summary>The committed description is that of the running application.</summary>
    [Fact]
    public async Task The_committed_api_document_is_current()
    {
        var committed = System.Text.Json.Nodes.JsonNode.Parse(await File.ReadAllTextAsync(Repository.Path("docs/openapi.json")));
        Assert.True(System.Text.Json.Nodes.JsonNode.DeepEquals(committed!["paths"], (await api.Get("/api/openapi.json"))["paths"]));
    }
}
