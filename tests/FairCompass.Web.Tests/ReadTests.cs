using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Natural texts by address.</summary>
public class ReadTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static JsonObject Example() =>
        JsonNode.Parse(File.ReadAllText(Path.Combine(CalculatorTests.Docs, "examples", "read.json")))!.AsObject();

    /// <summary>What is read can be explained as it stands, and counts what the text says: 5 × (10 + 12 + 14) = 180.</summary>
    [Fact]
    public async Task A_text_becomes_a_draft_that_is_understood()
    {
        var (status, read) = await api.Post("/api/read", Example().ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        var draft = (string)read!["draft"]!;
        Assert.Contains("10 thruster, 42.5/30 kg", draft, StringComparison.Ordinal);
        Assert.Empty(read["open"]!.AsArray());
        Assert.NotEmpty(read["lines"]!.AsArray());
        var remark = read["remarks"]!.AsArray().Single()!["at"]!;
        Assert.Equal(6, (int)remark["line"]!);
        var (explained, e) = await api.Post(
            "/api/explain",
            new JsonObject { ["competition"] = Example()["competition"]!.DeepClone(), ["text"] = draft }.ToJsonString()
        );
        Assert.Equal(HttpStatusCode.OK, explained);
        Assert.All(e!["ledgers"]!.AsArray(), l => Assert.Equal(180, (int)l!["units"]!));
    }

    [Theory]
    [InlineData("text", null, HttpStatusCode.UnprocessableEntity)]
    [InlineData("text", "a\0b", HttpStatusCode.UnprocessableEntity)]
    public async Task A_text_that_cannot_be_one_is_refused(string field, string? value, HttpStatusCode status)
    {
        var body = Example();
        body[field] = value;
        Assert.Equal(status, (await api.Post("/api/read", body.ToJsonString())).Item1);
    }

    [Fact]
    public async Task A_text_over_the_limit_of_a_draft_is_refused()
    {
        var body = Example();
        body["text"] = new string('x', 200_000);
        var (status, problem) = await api.Post("/api/read", body.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains("160000", problem!["errors"]!["text"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_competition_that_is_none_is_refused_at_its_field()
    {
        var body = Example();
        body["competition"]!["name"] = "";
        var (status, problem) = await api.Post("/api/read", body.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key.StartsWith("competition.name", StringComparison.Ordinal));
    }
}
