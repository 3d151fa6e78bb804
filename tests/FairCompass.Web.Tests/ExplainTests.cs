using System.Net;
using System.Text.Json.Nodes;
using CsCheck;
using FairCompass.Core.Format;
using FairCompass.Core.Notation;

namespace FairCompass.Web.Tests;

/// <summary>The stateless door: competition and text or JSON in, everything out.</summary>
public class ExplainTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text =
        "T\n  for Tideline\n\n9:00 for reps\n  rounds without end\n    10 sit-up\n    5 pull-up\n\nscore: rounds and reps\n  tie: shared\n";

    private async Task<JsonNode> Competition() => (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!.DeepClone();

    [Fact]
    public async Task Text_and_json_give_the_same_explanation()
    {
        var competition = await Competition();
        var (status, fromText) = await api.Post("/api/explain", new { competition, text = Text });
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Empty(fromText!["findings"]!.AsArray());
        var workout = JsonNode.Parse(WorkoutJson.Write(Parser.Parse(Text).Workout));
        var (_, fromJson) = await api.Post("/api/explain", new { competition, workout });
        Assert.Equal(fromText["fingerprint"]!.GetValue<string>(), fromJson!["fingerprint"]!.GetValue<string>());
        Assert.Equal(fromText["ledgers"]!.ToJsonString(), fromJson["ledgers"]!.ToJsonString());
    }

    [Fact]
    public async Task It_is_the_function_that_the_drafting_table_calls()
    {
        var (_, open) = await api.Post("/api/explain", new { competition = await Competition(), text = Text });
        var (_, typed) = await api.Post($"/api/competitions/{api.Competition}/explain", new { doc = 7, body = Text });
        Assert.Equal(7, typed!["doc"]!.GetValue<int>());
        // For programs it says the card of each entry as well.
        Assert.True(open!.AsObject().Remove("cards"));
        Assert.Equal(open.ToJsonString(), typed["explanation"]!.ToJsonString());
    }

    [Theory]
    [InlineData("{", "$")]
    [InlineData("{\"competition\":{\"name\":\"x\",\"zz\":1}}", "$.competition")]
    [InlineData("[]", "$")]
    [InlineData("{\"text\":5}", "$.text")]
    [InlineData("{\"text\":\"a\",\"text\":\"b\"}", "$")]
    [InlineData("null", "$")]
    [InlineData("{\"text\":\"\\ud800\"}", "$")]
    public async Task Malformed_json_is_refused_with_its_path(string json, string path)
    {
        var (status, problem) = await api.Post("/api/explain", json);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.NotNull(problem!["title"]);
        Assert.True(
            path == "$" || problem["errors"]!.AsObject().Any(e => e.Key.StartsWith(path, StringComparison.Ordinal)),
            problem.ToJsonString()
        );
        Assert.DoesNotContain("FairCompass.", problem.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_unknown_key_of_a_workout_is_refused_with_its_path()
    {
        var workout = JsonNode.Parse(WorkoutJson.Write(Parser.Parse(Text).Workout))!;
        workout["stages"]![0]!["zz"] = 1;
        var (status, problem) = await api.Post("/api/explain", new { competition = await Competition(), workout });
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.StartsWith("$.workout.stages", Assert.Single(problem!["errors"]!.AsObject()).Key, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_body_over_the_limit_is_refused_clearly()
    {
        var (status, problem) = await api.Post("/api/explain", new { text = new string('x', 1_000_000) });
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, status);
        Assert.Contains("512 KiB", problem!["title"]!.GetValue<string>(), StringComparison.Ordinal);
        var (long1, text) = await api.Post("/api/explain", new { competition = await Competition(), text = new string('x', 200_000) });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, long1);
        Assert.NotNull(text!["errors"]!["text"]);
    }

    /// <summary>Mutated JSON never answers with a server error.</summary>
    [Fact]
    public async Task Mutated_json_never_breaks_the_server()
    {
        var whole = new JsonObject
        {
            ["competition"] = await Competition(),
            ["workout"] = JsonNode.Parse(WorkoutJson.Write(Parser.Parse(Text).Workout)),
        }.ToJsonString();
        await Gen.Select(
                Gen.Int[0, whole.Length - 1],
                Gen.Int[0, 6],
                Pick.Of("", "\"", "{", "}", "[", "]", ",", "9", "-", "null", "\\u0000", "\\ud800", "1e999", "true")
            )
            .SampleAsync(
                async (at, length, insert) =>
                {
                    var mutated = whole.Remove(at, Math.Min(length, whole.Length - at)).Insert(at, insert);
                    var (status, _) = await api.Post("/api/explain", mutated);
                    Assert.True((int)status < 500, $"{status}: {mutated}");
                },
                iter: 400,
                threads: 2
            );
    }
}
