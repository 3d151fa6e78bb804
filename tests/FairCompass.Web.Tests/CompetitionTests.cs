using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

public class CompetitionTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private async Task<(JsonObject Competition, int Revision)> Read()
    {
        var stored = await api.Get($"/api/competitions/{api.Competition}");
        return ((JsonObject)stored["competition"]!.DeepClone(), stored["revision"]!.GetValue<int>());
    }

    private Task<(HttpStatusCode Status, JsonNode? Body)> Save(JsonObject competition, int revision) =>
        api.Put(
            $"/api/competitions/{api.Competition}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                competition,
            }
        );

    public static TheoryData<string, string, string> Wrong =>
        new()
        {
            { "name", "\"\"", "name" },
            { "name", "\"" + new string('x', 500) + "\"", "name" },
            { "name", "\"a\\u202eb\"", "name" },
            { "name", "\"a\\u0000b\"", "name" },
            { "ends", "\"2001-01-01\"", "ends" },
            { "divisions.1.name", "\"Tideline\"", "divisions[1].name" },
            { "divisions.1.name", "\"tideline\"", "divisions[1].name" },
            { "divisions.1.name", "\"estuary\"", "divisions[1].name" },
            { "divisions.1.name", "\"A, B\"", "divisions[1].name" },
            { "divisions.0.inheritsFrom", "\"Meadow\"", "divisions[0].inheritsFrom" },
            { "divisions.0.inheritsFrom", "\"Nowhere\"", "divisions[0].inheritsFrom" },
            { "divisions.0.duties", "[\"man\",\"man\"]", "divisions[0].duties" },
            { "kit.menBar", "-20", "kit.menBar" },
            { "kit.plates.0.count", "1000", "kit.plates[0].count" },
            { "kit.dumbbells", "[0]", "kit.dumbbells[0]" },
            { "kit.dumbbells", "[10, {\"mass\": 10, \"count\": 2}]", "kit.dumbbells[1]" },
            { "kit.balls", "[{\"mass\": 6, \"count\": 0}]", "kit.balls[0].count" },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public async Task A_wrong_field_is_refused_at_its_place(string field, string value, string path)
    {
        var (competition, revision) = await Read();
        JsonNode at = competition;
        var parts = field.Split('.');
        foreach (var part in parts[..^1])
        {
            at = int.TryParse(part, out var i) ? at[i]! : at[part]!;
        }

        at[parts[^1]] = JsonNode.Parse(value);
        var (status, problem) = await Save(competition, revision);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(path, problem!["errors"]!.AsObject().Select(e => e.Key));
        Assert.Equal(revision, (await Read()).Revision);
    }

    [Theory]
    [InlineData("عنوان البطولة 🏆")]
    [InlineData("<script>alert('x')</script> & \"quotes\"")]
    public async Task Names_in_any_script_are_kept_as_typed(string name)
    {
        var (competition, revision) = await Read();
        var before = competition["name"]!.GetValue<string>();
        competition["name"] = name;
        Assert.Equal(HttpStatusCode.OK, (await Save(competition, revision)).Status);
        Assert.Equal(name, (await Read()).Competition["name"]!.GetValue<string>());
        competition["name"] = before;
        Assert.Equal(HttpStatusCode.OK, (await Save(competition, revision + 1)).Status);
    }

    /// <summary>A kit of bare masses is a kit still; one that stands there twice means two.</summary>
    [Fact]
    public async Task A_kit_of_bare_masses_is_read()
    {
        var (competition, revision) = await Read();
        var before = competition["kit"]!["kettlebells"]!.DeepClone();
        competition["kit"]!["kettlebells"] = new JsonArray(24, 16, 24);
        Assert.Equal(HttpStatusCode.OK, (await Save(competition, revision)).Status);
        var (now, next) = await Read();
        Assert.Equal("""[{"mass":24,"count":2},{"mass":16,"count":null}]""", now["kit"]!["kettlebells"]!.ToJsonString());
        competition["kit"]!["kettlebells"] = before;
        Assert.Equal(HttpStatusCode.OK, (await Save(competition, next)).Status);
    }

    /// <summary>What a finding misses is added to the kit as it is now, and added twice it is there once.</summary>
    [Fact]
    public async Task Kit_is_added()
    {
        var (competition, revision) = await Read();
        var address = $"/api/competitions/{api.Competition}/kit";
        const string Bell = """{"kit":"Kettlebell","mass":28,"count":2}""";
        var (status, added) = await api.Post(address, Bell);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(revision + 1, added!["revision"]!.GetValue<int>());
        Assert.Contains(added["competition"]!["kit"]!["kettlebells"]!.AsArray(), k => k!.ToJsonString() == """{"mass":28,"count":2}""");
        Assert.Equal(revision + 1, (await api.Post(address, Bell)).Item2!["revision"]!.GetValue<int>());
        Assert.Equal(HttpStatusCode.OK, (await Save(competition, revision + 1)).Status);
    }

    [Theory]
    [InlineData("""{"kit":"Rings","mass":28,"count":2}""", "kit")]
    [InlineData("""{"kit":"Kettlebell","mass":-28,"count":2}""", "kit.kettlebells[0]")]
    [InlineData("""{"kit":"Kettlebell","mass":28,"count":1000}""", "kit.kettlebells[3].count")]
    [InlineData("""{"kit":"Kettlebell","mass":28,"count":0}""", "count")]
    public async Task Kit_that_cannot_be_is_refused(string body, string path)
    {
        var (status, problem) = await api.Post($"/api/competitions/{api.Competition}/kit", body);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(path, problem!["errors"]!.AsObject().Select(e => e.Key));
    }

    [Fact]
    public async Task A_division_in_use_cannot_be_removed()
    {
        var (competition, revision) = await Read();
        competition["divisions"]!.AsArray().RemoveAt(3);
        var (status, problem) = await Save(competition, revision);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(
            "Anchor 45+ is used by Ferry Bell, Undertow",
            problem!["errors"]!["divisions"]![0]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        var (unused, now) = await Read();
        unused["divisions"]!
            .AsArray()
            .Add(
                new JsonObject
                {
                    ["name"] = "Nobody yet",
                    ["kind"] = "Individual",
                    ["duties"] = new JsonArray("man"),
                    ["inheritsFrom"] = null,
                }
            );
        Assert.Equal(HttpStatusCode.OK, (await Save(unused, now)).Status);
        (unused, now) = await Read();
        unused["divisions"]!.AsArray().RemoveAt(6);
        Assert.Equal(HttpStatusCode.OK, (await Save(unused, now)).Status);
    }

    [Fact]
    public async Task An_outdated_save_says_what_changed()
    {
        var (competition, revision) = await Read();
        competition["place"] = "Elsewhere";
        Assert.Equal(HttpStatusCode.OK, (await Save(competition, revision)).Status);
        competition["place"] = "Nowhere";
        var (status, problem) = await Save(competition, revision);
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("to Elsewhere", problem!["changed"]![0]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_empty_database_begins_with_a_new_competition()
    {
        using var app = new RunningApp(demo: false);
        using var http = await app.Stranger();
        Assert.Equal("[]", await http.GetStringAsync("/api/competitions"));
        using var answer = await http.PostAsync(
            "/api/competitions",
            new StringContent((await Read()).Competition.ToJsonString(), System.Text.Encoding.UTF8, "application/json")
        );
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
    }
}
