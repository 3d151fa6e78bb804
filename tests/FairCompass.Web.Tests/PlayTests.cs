using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Dry runs by address: one run for other programs, and what the page asks for.</summary>
public class PlayTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text =
        "Trial\n  for Tideline, Meadow\n  a/b is man/woman\n\n4:00 for time\n  3 rounds\n    10 burpee\n    12 sit-up\n\n"
        + "score: time\n  unfinished: cap line by reps\n  tie: shared\n";

    private static JsonObject Example() =>
        JsonNode.Parse(File.ReadAllText(Path.Combine(CalculatorTests.Docs, "examples", "play.json")))!.AsObject();

    private async Task<(HttpStatusCode Status, JsonNode Answer)> Ask(string address, JsonNode body)
    {
        var (status, answer) = await api.Post(address, body.ToJsonString());
        return (status, answer!);
    }

    [Fact]
    public async Task The_card_of_a_run_is_scored_to_its_own_result()
    {
        var request = Example();
        var (status, run) = await Ask("/api/play", request);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.NotEmpty(run["events"]!.AsArray());
        Assert.Equal("fair-compass/facts", run["facts"]!["format"]!.GetValue<string>());
        var (scoredStatus, scored) = await Ask(
            "/api/score",
            new JsonObject
            {
                ["competition"] = request["competition"]!.DeepClone(),
                ["division"] = request["division"]!.DeepClone(),
                ["entry"] = request["entry"]!.DeepClone(),
                ["text"] = request["text"]!.DeepClone(),
                ["runs"] = new JsonArray(
                    new JsonObject { ["name"] = "played", ["attempts"] = new JsonArray(run["observation"]!.DeepClone()) }
                ),
            }
        );
        Assert.Equal(HttpStatusCode.OK, scoredStatus);
        Assert.Equal(run["results"]!.ToJsonString(), scored["results"]![0]!["results"]!.ToJsonString());
    }

    [Fact]
    public async Task The_same_seed_is_the_same_run()
    {
        var first = (await Ask("/api/play", Example())).Answer.ToJsonString();
        Assert.Equal(first, (await Ask("/api/play", Example())).Answer.ToJsonString());
        var other = Example();
        other["seed"] = 2;
        Assert.NotEqual(first, (await Ask("/api/play", other)).Answer.ToJsonString());
    }

    [Theory]
    [InlineData("seed", "-1", "seed")]
    [InlineData("seed", "9007199254740992", "seed")]
    [InlineData("entry", "\"horse\"", "entry")]
    [InlineData("text", "\"Trial\\n  for Granite\\n\\nunset for reps\\n  max burpee\\n\"", "text")]
    [InlineData("text", "\"Trial\\n\"", "text")]
    [InlineData("paces", "[{\"movement\":\"burpee\",\"unit\":\"Rep\",\"usual\":0,\"fastest\":0}]", "paces[0].usual")]
    [InlineData("paces", "[{\"movement\":\"burpee\",\"unit\":\"Rep\",\"usual\":31536000000,\"fastest\":1000}]", "paces[0].usual")]
    public async Task What_cannot_be_played_is_refused_at_its_field(string key, string value, string field)
    {
        var request = Example();
        request[key] = JsonNode.Parse(value);
        var (status, answer) = await Ask("/api/play", request);
        // More than a day is no duration at all, and is refused while it is read.
        Assert.Contains(status, (HttpStatusCode[])[HttpStatusCode.UnprocessableEntity, HttpStatusCode.BadRequest]);
        Assert.Contains(field, answer["errors"]!.AsObject().Select(e => e.Key.Replace("$.", "", StringComparison.Ordinal)));
    }

    /// <summary>Whatever the pace, a run ends: a superhuman one on a ladder without end, and one of ten minutes a unit.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(600_000)]
    public async Task A_superhuman_and_an_endless_pace_end(long usual)
    {
        var request = Example();
        request["text"] =
            "Trial\n  for Granite\n  a/b is man/woman\n\n20:00 for reps\n  2-4-6-... of\n    burpee\n    sit-up\n\n"
            + "score: reps\n  tie: shared\n";
        string Pace(string movement) => $$"""{"movement":"{{movement}}","unit":"Rep","usual":{{usual}},"fastest":1}""";
        request["paces"] = JsonNode.Parse($"[{Pace("burpee")},{Pace("sit-up")}]");
        var (status, run) = await Ask("/api/play", request);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.InRange(run["events"]!.AsArray().Count, 1, 20_001);
    }

    [Fact]
    public async Task A_heat_has_a_lane_for_each_who_runs()
    {
        var id = api.Competition;
        var lanes = JsonNode.Parse(
            """[{"division":"Tideline","duty":"man"},{"division":"Meadow","duty":"woman"},{"division":"Tideline","duty":"man"}]"""
        )!;
        var (status, heat) = await Ask(
            $"/api/competitions/{id}/dry-run/heat",
            new JsonObject
            {
                ["body"] = Text,
                ["lanes"] = lanes,
                ["seed"] = 3,
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ["Tideline man", "Meadow woman", "Tideline man"],
            heat["lanes"]!.AsArray().Select(l => l!["entry"]!.GetValue<string>())
        );
        Assert.Equal(240_000, heat["ends"]!.GetValue<long>());
        Assert.Equal(2, heat["lanes"]![0]!["results"]![0]!["of"]!.GetValue<int>());
        // Everything stands in order of time, and no box is crossed after the last bell.
        foreach (var lane in heat["lanes"]!.AsArray())
        {
            var ticks = lane!["tracks"]![0]!["ticks"]!.AsArray().Select(t => t!["at"]!.GetValue<long>()).ToList();
            Assert.Equal(ticks.Order(), ticks);
            var crossed = lane["card"]!
                .AsArray()
                .SelectMany(t => t!["rows"]!.AsArray())
                .SelectMany(r => r!.AsArray())
                .Select(c => c!["crossed"])
                .OfType<JsonNode>()
                .Select(c => c.GetValue<long>());
            Assert.All(crossed, c => Assert.InRange(c, 1, 240_000));
        }
    }

    [Theory]
    [InlineData("heat", "lanes", "[]", "lanes")]
    [InlineData("heat", "lanes", "[{\"division\":\"Nobody\",\"duty\":\"man\"}]", "lanes[0]")]
    [InlineData("usual", "runs", "0", "runs")]
    [InlineData("usual", "runs", "10001", "runs")]
    [InlineData("usual", "entries", "[]", "entries")]
    [InlineData("usual", "entries", "[{\"division\":\"Meadow\",\"duty\":\"man\"},{\"division\":\"Meadow\",\"duty\":\"man\"}]", "entries")]
    [InlineData("usual", "body", "\"Trial\\n\"", "body")]
    public async Task A_dry_run_that_cannot_be_is_refused_at_its_field(string address, string key, string value, string field)
    {
        var id = api.Competition;
        var who = JsonNode.Parse("""[{"division":"Tideline","duty":"man"}]""")!;
        var request =
            address == "heat"
                ? new JsonObject
                {
                    ["body"] = Text,
                    ["lanes"] = who,
                    ["seed"] = 1,
                }
                : new JsonObject
                {
                    ["body"] = Text,
                    ["entries"] = who,
                    ["runs"] = 10,
                    ["seed"] = 1,
                };
        request[key] = JsonNode.Parse(value);
        var (status, answer) = await Ask($"/api/competitions/{id}/dry-run/{address}", request);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(field, answer["errors"]!.AsObject().Select(e => e.Key));
    }

    [Fact]
    public async Task Many_runs_add_up()
    {
        var id = api.Competition;
        var request = new JsonObject
        {
            ["body"] = Text,
            ["entries"] = JsonNode.Parse("""[{"division":"Tideline","duty":"woman"}]"""),
            ["runs"] = 60,
            ["seed"] = 1,
        };
        var (status, usual) = await Ask($"/api/competitions/{id}/dry-run/usual", request);
        Assert.Equal(HttpStatusCode.OK, status);
        var score = usual["entries"]![0]!["scores"]![0]!;
        Assert.Equal(60, score["bars"]!.AsArray().Sum(b => b!["runs"]!.GetValue<int>()));
        Assert.Equal(60, score["finished"]!.GetValue<int>() + score["atTheCap"]!.GetValue<int>() + score["nothing"]!.GetValue<int>());
        // The same seeds give the same sums; a slower pace gives others.
        Assert.Equal(usual.ToJsonString(), (await Ask($"/api/competitions/{id}/dry-run/usual", request)).Answer.ToJsonString());
        request["paces"] = JsonNode.Parse("""[{"movement":"burpee","unit":"Rep","usual":9000,"fastest":8000}]""");
        Assert.NotEqual(usual.ToJsonString(), (await Ask($"/api/competitions/{id}/dry-run/usual", request)).Answer.ToJsonString());
    }

    /// <summary>Who asks for very much does not keep a save waiting, and who goes away is taken out of the queue.</summary>
    [Fact]
    public async Task Ten_who_ask_for_ten_thousand_runs_keep_nobody_waiting()
    {
        var id = api.Competition;
        using var leave = new CancellationTokenSource();
        var request = new JsonObject
        {
            ["body"] = Text,
            ["entries"] = JsonNode.Parse("""[{"division":"Tideline","duty":"woman"},{"division":"Meadow","duty":"man"}]"""),
            ["runs"] = 10_000,
            ["seed"] = 1,
        };
        var asked = Enumerable
            .Range(0, 10)
            .Select(_ =>
                api.Http.PostAsync(
                    $"/api/competitions/{id}/dry-run/usual",
                    new StringContent(request.ToJsonString(), System.Text.Encoding.UTF8, "application/json"),
                    leave.Token
                )
            )
            .ToList();
        await api.NewDraft("Made meanwhile\n");
        await leave.CancelAsync();
        foreach (var one in asked)
        {
            try
            {
                (await one).Dispose();
            }
            catch (OperationCanceledException) { }
        }

        // The queue is free again at once.
        request["runs"] = 1;
        Assert.Equal(HttpStatusCode.OK, (await Ask($"/api/competitions/{id}/dry-run/usual", request)).Status);
    }
}
