using System.Diagnostics;
using System.Net;
using System.Text.Json.Nodes;
using CsCheck;

namespace FairCompass.Web.Tests;

/// <summary>The calculators for other programs, over the examples that the documentation sends.</summary>
public class CalculatorTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static JsonNode Example(string name) => JsonNode.Parse(File.ReadAllText(Path.Combine(Docs, "examples", name + ".json")))!;

    internal static string Docs => Repository.Path("docs");

    [Fact]
    public async Task The_documented_calls_all_answer()
    {
        using var script = Process.Start(
            new ProcessStartInfo(Path.Combine(Docs, "api.sh"), api.Http.BaseAddress!.ToString().TrimEnd('/'))
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            }
        )!;
        var printed = await script.StandardOutput.ReadToEndAsync();
        Assert.True(script.WaitForExit(60_000) && script.ExitCode == 0, await script.StandardError.ReadToEndAsync());
        Assert.Contains("Granite man", printed, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Scores_come_with_places_reasons_and_moves()
    {
        var (status, answer) = await api.Post("/api/score", Example("score").ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        // 3 rounds of 12, 9, 6 and as many burpees: 54. Cy has the earlier time at round 2.
        Assert.Equal(
            ["6:52", "51 of 54 at the cap", "51 of 54 at the cap", "20 of 54 at the cap", "did not start"],
            answer!["results"]!.AsArray().Select(r => (string)r!["results"]![0]!["text"]!)
        );
        Assert.Equal([1, 3, 2, 4, 5], answer["results"]!.AsArray().Select(r => (int)r!["places"]![0]!));
        Assert.Equal(
            ["Bo moves from place 2 to 3: the tie is decided by round 2 at 5:20 instead of nothing."],
            answer["moves"]![0]!.AsArray().Select(m => (string)m!["sentence"]!)
        );
    }

    [Fact]
    public async Task The_scores_are_what_the_ranking_takes()
    {
        var (_, scored) = await api.Post("/api/score", Example("score").ToJsonString());
        var entries = new JsonArray(
            scored!["results"]!
                .AsArray()
                .Select(r => (JsonNode)new JsonObject { ["name"] = r!["name"]!.DeepClone(), ["results"] = r["results"]!.DeepClone() })
                .ToArray()
        );
        var (status, ranked) = await api.Post("/api/rank", new JsonObject { ["entries"] = entries }.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            scored["results"]!.AsArray().Select(r => (int)r!["places"]![0]!),
            ranked!["entries"]!.AsArray().Select(r => (int)r!["place"]!)
        );
    }

    [Fact]
    public async Task Places_become_points_with_weights_and_clubs()
    {
        var (status, answer) = await api.Post("/api/rank", Example("rank").ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        // Linear 100 - 5: Ada 100 + 95/2, Bo 90 + 100/2, Cy 95 + 90/2; Eli did not start and earns nothing.
        Assert.Equal([147.5m, 140m, 140m, 0m], answer!["entries"]!.AsArray().Select(e => (decimal)e!["total"]!));
        Assert.Equal([1, 2, 3, 4], answer["entries"]!.AsArray().Select(e => (int)e!["place"]!));
        Assert.Equal("best places 1, 3", (string)answer["entries"]![1]!["tieText"]!);
        Assert.Equal(["North Bank 147.5", "South Bank 140"], answer["clubs"]!.AsArray().Select(c => $"{c!["club"]} {c["points"]}"));
    }

    [Fact]
    public async Task A_draft_begins_with_a_structure()
    {
        var all = await api.Get("/api/structures");
        Assert.Contains(all.AsArray(), s => (string)s!["name"]! == "falling sets" && !(bool)s["forTeams"]!);
        var (status, begun) = await api.Post("/api/structures", new { text = "Mine\n  for Tideline\n", name = "falling sets" });
        Assert.Equal(HttpStatusCode.OK, status);
        var text = (string)begun!["text"]!;
        Assert.StartsWith("Mine\n  for Tideline\n\n9:00 for time\n", text, StringComparison.Ordinal);
        var first = begun["places"]![0]!;
        Assert.Equal("9:00", text[(int)first["from"]!..(int)first["to"]!]);
        var (refused, problem) = await api.Post("/api/structures", new { text = "", name = "pyramid" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Contains("falling sets", problem!["errors"]!["name"]!.ToJsonString(), StringComparison.Ordinal);
    }

    /// <summary>Who is ranked apart is ranked as if the others were not there; a club’s points come from every board.</summary>
    [Fact]
    public async Task Boards_are_ranked_apart()
    {
        var request = Example("rank");
        var (_, whole) = await api.Post("/api/rank", request.ToJsonString());
        foreach (var (entry, i) in request["entries"]!.AsArray().Select((e, i) => (e!, i)))
        {
            entry["board"] = i % 2 == 0 ? "woman" : "man";
        }

        var (status, answer) = await api.Post("/api/rank", request.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        foreach (var parity in new[] { 0, 1 })
        {
            var alone = request.DeepClone();
            alone["entries"] = new JsonArray([
                .. request["entries"]!.AsArray().Where((_, i) => i % 2 == parity).Select(e => e!.DeepClone()),
            ]);
            var (_, own) = await api.Post("/api/rank", alone.ToJsonString());
            Assert.Equal(
                own!["entries"]!.ToJsonString(),
                new JsonArray([
                    .. answer!["entries"]!.AsArray().Where((_, i) => i % 2 == parity).Select(e => e!.DeepClone()),
                ]).ToJsonString()
            );
        }

        Assert.NotEqual(whole!["clubs"]!.ToJsonString(), answer!["clubs"]!.ToJsonString());
        request["entries"]![1]!["board"] = "";
        var (refused, problem) = await api.Post("/api/rank", request.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Contains("entries[1].board", problem!["errors"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("score", "runs[1].attempts[0].pieces[0].units", "$.runs[1].attempts[0].pieces[0].units", "55")]
    [InlineData("score", "runs[0].attempts[0].pieces[0].finish", "$.runs[0].attempts[0].pieces[0].finish", "999000")]
    [InlineData("score", "entry", "$.entry", "\"dog\"")]
    [InlineData("score", "runs", "$.runs", "[]")]
    [InlineData("score", "competition.divisions[1].inheritsFrom", "$.competition.divisions[1].inheritsFrom", "\"Marble\"")]
    [InlineData("rank", "overall.points.points", "$.overall.points", "{\"kind\":\"table\",\"points\":[10,8]}")]
    [InlineData("rank", "weights", "$.weights", "[1]")]
    [InlineData("rank", "entries[2].results", "$.entries[2].results", "[]")]
    [InlineData("rank", "club.best", "$.club.best", "0")]
    [InlineData("plates", "plates[0].mass", "$.plates[0].mass", "0")]
    [InlineData("plates", "bars[0].loads[1]", "$.bars[0].loads[1]", "9000")]
    [InlineData("plates", "bars[0].given", "$.bars[0].given", "[1]")]
    [InlineData("plates", "secondsPerPlate", "$.secondsPerPlate", "0")]
    [InlineData("plates", "bars", "$.bars", "[]")]
    public async Task What_cannot_be_is_refused_at_its_field(string example, string field, string place, string value)
    {
        var body = Example(example);
        Put(body, place[2..], JsonNode.Parse(value)!);
        var (status, problem) = await api.Post("/api/" + example, body.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key == field);
    }

    [Fact]
    public async Task Plates_are_added_to_and_their_time_is_held_against_the_clock()
    {
        var (status, answer) = await api.Post("/api/plates", Example("plates").ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        var changes = answer!["bars"]![0]!["changes"]!.AsArray();
        Assert.Equal(
            ["20", "10", "10", "5,5", "2.5,2.5"],
            changes.Select(c => string.Join(',', c!["on"]!.AsArray().Select(m => m!.ToJsonString())))
        );
        Assert.All(changes, c => Assert.Empty(c!["off"]!.AsArray()));
        // Two plates a side are four plates of four seconds.
        Assert.Equal([8, 8, 8, 16, 16], changes.Select(c => (int)(decimal)c!["seconds"]!));
        Assert.Equal([null, true, true, true, true], changes.Select(c => (bool?)c!["enough"]));
    }

    /// <summary>The loads are wishes then: each comes back with the one that was chosen for it, as near as was asked.</summary>
    [Fact]
    public async Task Wishes_are_answered_with_loads_that_take_few_plates()
    {
        var body = Example("plates");
        Put(body, "bars[0].loads[1]", JsonNode.Parse("81.5")!);
        Put(body, "within", JsonNode.Parse("2.5")!);
        var (status, answer) = await api.Post("/api/plates", body.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        var changes = answer!["bars"]![0]!["changes"]!.AsArray();
        Assert.Equal(81.5m, (decimal)changes[1]!["wish"]!);
        Assert.All(changes, c => Assert.InRange((decimal)c!["load"]! - (decimal)c["wish"]!, -2.5m, 2.5m));
        Put(body, "within", JsonNode.Parse("51")!);
        (status, answer) = await api.Post("/api/plates", body.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotNull(answer!["errors"]!["within"]);
    }

    [Fact]
    public async Task Plates_that_lack_are_counted_over_the_lanes()
    {
        var body = Example("plates");
        Put(body, "bars[0].loads[4]", JsonNode.Parse("310")!);
        var (status, answer) = await api.Post("/api/plates", body.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("No plates of the lane make this load.", (string)answer!["problems"]![0]!["sentence"]!);
        Assert.NotEmpty(answer["lacking"]!.AsArray());
        Assert.All(answer["lacking"]!.AsArray(), l => Assert.Equal(0, (int)l!["count"]! % 16));
    }

    /// <summary>Mutated requests never answer with a server error.</summary>
    [Theory]
    [InlineData("plates")]
    [InlineData("score")]
    [InlineData("rank")]
    [InlineData("import")]
    public async Task Mutated_json_never_breaks_the_server(string call)
    {
        var whole = Example(call == "import" ? "competition-file" : call).ToJsonString();
        await Gen.Select(
                Gen.Int[0, whole.Length - 1],
                Gen.Int[0, 6],
                Pick.Of("", "\"", "{", "}", "[", "]", ",", "9", "-", "null", "\\u0000", "\\ud800", "1e999", "true", "999999999999")
            )
            .SampleAsync(
                async (at, length, insert) =>
                {
                    var mutated = whole.Remove(at, Math.Min(length, whole.Length - at)).Insert(at, insert);
                    var (status, _) = await api.Post("/api/" + call, mutated);
                    Assert.True((int)status < 500, $"{status}: {mutated}");
                },
                iter: 250,
                threads: 2
            );
    }

    private static void Put(JsonNode node, string path, JsonNode value)
    {
        var parts = path.Replace("[", ".[", StringComparison.Ordinal).Split('.');
        foreach (var part in parts[..^1])
        {
            node = part.StartsWith('[') ? node[int.Parse(part[1..^1], System.Globalization.CultureInfo.InvariantCulture)]! : node[part]!;
        }

        if (parts[^1].StartsWith('['))
        {
            node[int.Parse(parts[^1][1..^1], System.Globalization.CultureInfo.InvariantCulture)] = value;
        }
        else
        {
            node[parts[^1]] = value;
        }
    }
}
