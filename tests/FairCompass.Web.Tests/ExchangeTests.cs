using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Files out and in again, through the database.</summary>
public class ExchangeTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    [Fact]
    public async Task The_demo_competition_goes_out_and_comes_back_the_same()
    {
        var file = await api.Http.GetStringAsync($"/api/competitions/{api.Competition}/export");
        var (status, made) = await api.Post("/api/import", file);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(file, await api.Http.GetStringAsync($"/api/competitions/{made!["id"]}/export"));
        Assert.True((await api.Get($"/api/competitions/{made["id"]}/overview"))["workouts"]!.AsArray().Count >= 23);
    }

    [Fact]
    public async Task A_workout_keeps_its_private_comments()
    {
        var (id, _) = await api.NewDraft("Trial // mine\n  for Tideline\n\n9:00 for reps\n  max sit-up // soft mat\n");
        var file = await api.Http.GetStringAsync($"/api/workouts/{id}/export");
        var (_, made) = await api.Post($"/api/competitions/{api.Competition}/import", file);
        Assert.Equal(file, await api.Http.GetStringAsync($"/api/workouts/{made!["id"]}/export"));
    }

    [Theory]
    [InlineData("{\"format\":\"fair-compass/competition\",\"version\":9}", 400, "$.version")]
    [InlineData("{\"format\":\"fair-compass/workout\",\"version\":2}", 400, "$.format")]
    [InlineData("[]", 400, "$")]
    [InlineData("{\"a\":1,\"a\":2}", 400, "$")]
    public async Task A_file_that_is_none_is_refused_with_its_path(string file, int expected, string path)
    {
        var (status, problem) = await api.Post("/api/import", file);
        Assert.Equal(expected, (int)status);
        Assert.StartsWith(path, Assert.Single(problem!["errors"]!.AsObject()).Key, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_competition_without_its_keys_names_each_of_the_seven()
    {
        const string File = """{"format":"fair-compass/competition","version":2,"competition":{},"workouts":[]}""";
        var (status, problem) = await api.Post("/api/import", File);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        var keys = problem!["errors"]!.AsObject().Select(e => e.Key).ToList();
        Assert.Equal(7, keys.Count);
        Assert.All(keys, k => Assert.StartsWith("$.competition.", k, StringComparison.Ordinal));
        Assert.Contains("$.competition.name", keys);
    }

    [Fact]
    public async Task An_import_is_all_or_nothing()
    {
        var before = (await api.Http.GetStringAsync("/api/competitions")).Length;
        var file = JsonNode.Parse(await api.Http.GetStringAsync($"/api/competitions/{api.Competition}/export"))!;
        var last = file["workouts"]!.AsArray().Count;
        file["workouts"]!.AsArray().Add(new JsonObject { ["text"] = new string('x', 170_000) });
        var (status, problem) = await api.Post("/api/import", file.ToJsonString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal($"workouts[{last}].text", Assert.Single(problem!["errors"]!.AsObject()).Key);
        Assert.Equal(before, (await api.Http.GetStringAsync("/api/competitions")).Length);
    }

    [Fact]
    public async Task Prescriptions_as_a_table_can_be_changed_and_read_back()
    {
        const string Draft =
            "T\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  10 power clean, 70/47.5 kg\n  12 sit-up\n\n"
            + "score: time\n  unfinished: cap line by reps\n  tie: shared\n";
        var (id, _) = await api.NewDraft(Draft);
        var csv = await api.Http.GetStringAsync($"/api/workouts/{id}/prescriptions.csv");
        Assert.StartsWith("line,task,value,unit,Tideline man,Tideline woman,Meadow man,Meadow woman\r\n", csv, StringComparison.Ordinal);
        Assert.Contains("6,power clean,load,kg,70,47.5,70,47.5\r\n", csv, StringComparison.Ordinal);

        async Task<(HttpStatusCode, JsonNode?)> Read(string table) =>
            await api.Post($"/api/competitions/{api.Competition}/prescriptions", new { body = Draft, csv = table });
        var (_, same) = await Read(csv);
        Assert.Equal(Draft, (string)same!["body"]!);
        var (status, changed) = await Read(csv.Replace("70,47.5,70,47.5", "70,47.5,50,35", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Contains("\n    Meadow: 50/35 kg\n", (string)changed!["body"]!, StringComparison.Ordinal);

        var (refused, problem) = await Read(csv.Replace("70,47.5,70,47.5", "70,47.5,heavy,35", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key.EndsWith("].Meadow man", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Read("a,b\r\n1,2")).Item1);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await Read(csv.Replace("Meadow man", "Marsh man", StringComparison.Ordinal))).Item1
        );
    }

    /// <summary>A cell that a spreadsheet would run is written so that it does not.</summary>
    [Fact]
    public async Task Formulas_are_neutralised()
    {
        var demo = JsonNode.Parse(await api.Http.GetStringAsync($"/api/competitions/{api.Competition}/export"))![
            "competition"
        ]!.DeepClone();
        demo["divisions"] = new JsonArray(
            new JsonObject
            {
                ["name"] = "1+cmd",
                ["kind"] = "Individual",
                ["duties"] = new JsonArray("man"),
                ["inheritsFrom"] = null,
            }
        );
        (demo["policies"], demo["houseRules"]) = (new JsonArray(), new JsonArray());
        var file = new JsonObject
        {
            ["format"] = "fair-compass/competition",
            ["version"] = 2,
            ["competition"] = demo,
            ["workouts"] = new JsonArray(new JsonObject { ["text"] = "T\n\n9:00 for reps\n  rounds without end\n    2-4-6-... sit-up\n" }),
        };
        var (_, made) = await api.Post("/api/import", file.ToJsonString());
        var workout = (await api.Get($"/api/competitions/{made!["id"]}/overview"))["workouts"]![0]!["id"];
        var csv = await api.Http.GetStringAsync($"/api/workouts/{workout}/prescriptions.csv");
        Assert.All(
            csv.Split("\r\n").SelectMany(l => l.Split(',')),
            cell => Assert.False(cell.Length > 0 && cell[0] is '=' or '+' or '@' or '\t', cell)
        );
    }
}
