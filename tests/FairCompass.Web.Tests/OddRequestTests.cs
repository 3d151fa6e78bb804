using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Requests that once were answered with 500, or with a 503 that meant “never”.</summary>
public class OddRequestTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text = "T\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n";

    [Theory]
    [InlineData("""{"entries":[null]}""", "$.entries[0]")]
    [InlineData("""{"entries":[{"name":"a","results":[null]}]}""", "$.entries[0].results[0]")]
    public async Task Null_cannot_stand_in_a_list(string body, string path)
    {
        var (status, problem) = await api.Post("/api/rank", body);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal(path, problem!["errors"]!.AsObject().Single().Key);
    }

    [Fact]
    public async Task Keys_that_are_missing_are_named()
    {
        var (_, problem) = await api.Post("/api/rank", """{"entries":[{"name":"a"}]}""");
        Assert.Equal("This is missing.", problem!["errors"]!["$.entries[0].results"]![0]!.GetValue<string>());
        var (_, draft) = await api.Post($"/api/competitions/{api.Competition}/explain", "{}");
        Assert.Equal(["$.body", "$.doc"], draft!["errors"]!.AsObject().Select(e => e.Key).Order());
    }

    [Fact]
    public async Task Null_is_no_run()
    {
        var competition = (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!;
        foreach (var runs in new[] { "[null]", """[{"name":"a","attempts":[null]}]""" })
        {
            var body = new JsonObject
            {
                ["competition"] = competition.DeepClone(),
                ["division"] = "Tideline",
                ["entry"] = "man",
                ["text"] = Text,
                ["runs"] = JsonNode.Parse(runs),
            };
            Assert.Equal(HttpStatusCode.BadRequest, (await api.Post("/api/score", body.ToJsonString())).Status);
        }
    }

    [Fact]
    public async Task A_second_figure_needs_its_unit()
    {
        var competition = (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!;
        var (id, _) = await api.NewDraft(Text.Replace("max sit-up", "10 power clean, 60/40 kg or 135/85 lb", StringComparison.Ordinal));
        var made = await api.Get($"/api/workouts/{id}/export");
        var workout = made["workout"] ?? made;
        var load = Find(workout, n => n is JsonObject o && o.ContainsKey("alsoUnit"))!;
        load["alsoUnit"] = null;
        var body = new JsonObject { ["competition"] = competition.DeepClone(), ["workout"] = workout.DeepClone() };
        var (status, problem) = await api.Post("/api/explain", body.ToJsonString());
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.StartsWith("$.workout.", problem!["errors"]!.AsObject().Single().Key, StringComparison.Ordinal);
    }

    private static JsonNode? Find(JsonNode? node, Func<JsonNode, bool> wanted) =>
        node is null ? null
        : wanted(node) ? node
        : node switch
        {
            JsonObject o => o.Select(p => Find(p.Value, wanted)).FirstOrDefault(f => f is not null),
            JsonArray a => a.Select(i => Find(i, wanted)).FirstOrDefault(f => f is not null),
            _ => null,
        };

    [Fact]
    public async Task A_body_in_another_encoding_is_refused()
    {
        using var content = new StringContent("""{"body":""}""", Encoding.UTF8);
        content.Headers.ContentType = MediaTypeHeaderValue.Parse("application/json; charset=nonsense");
        using var answer = await api.Http.PostAsync(new Uri($"/api/competitions/{api.Competition}/workouts", UriKind.Relative), content);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, answer.StatusCode);
    }

    [Theory]
    [InlineData("brief?audience=99", HttpStatusCode.UnprocessableEntity, "audience")]
    [InlineData("brief?audience=Nobody", HttpStatusCode.BadRequest, "audience")]
    [InlineData("brief?audience=Judge&language=7", HttpStatusCode.UnprocessableEntity, "language")]
    [InlineData("brief?audience=Judge&cards=x", HttpStatusCode.BadRequest, "cards")]
    [InlineData("measurements/line?place=x&typed=%E0%A5%A7&unit=Millimetre", HttpStatusCode.UnprocessableEntity, "typed")]
    public async Task What_is_no_choice_is_named(string query, HttpStatusCode expected, string field)
    {
        var (id, _) = await api.NewDraft(Text);
        using var answer = await api.Http.GetAsync(new Uri($"/api/workouts/{id}/{query}", UriKind.Relative));
        var text = await answer.Content.ReadAsStringAsync();
        Assert.Equal(expected, answer.StatusCode);
        Assert.Contains(field, JsonNode.Parse(text)!["errors"]!.AsObject().Select(e => e.Key));
        Assert.DoesNotContain("Audience audience", text, StringComparison.Ordinal);
    }

    /// <summary>50 flags, 60 accents as marks of their own, 30 syllables, 20 families: names by what people see.</summary>
    [Theory]
    [InlineData("🇩🇪", 50)]
    [InlineData("e\u0301", 60)]
    [InlineData("क्षि", 30)]
    [InlineData("👨‍👩‍👧‍👦", 20)]
    public async Task Names_that_people_have_are_taken(string letter, int times)
    {
        var (id, revision) = await api.NewDraft(Text.Replace("9:00", $"{times}:00", StringComparison.Ordinal));
        var (_, version) = await api.Publish(id, revision);
        var name = "A " + string.Concat(Enumerable.Repeat(letter, times));
        var confirm = new
        {
            name,
            judge = false,
            answers = Array.Empty<int>(),
        };
        Assert.Equal(HttpStatusCode.NoContent, (await api.Post($"/api/published/{version!["code"]}/confirm", confirm)).Status);
    }

    [Theory]
    [InlineData("BoxTop")]
    [InlineData("Target")]
    [InlineData("HighBar")]
    public async Task A_thing_cannot_be_dragged(string part)
    {
        var movement = await api.Get($"/api/competitions/{api.Competition}/standards/sit-up/copy?name=my+sit-up");
        var look = new JsonObject
        {
            ["movement"] = movement,
            ["pose"] = new JsonObject
            {
                ["phase"] = "Start",
                ["breaks"] = null,
                ["stature"] = 1750,
                ["drag"] = new JsonObject
                {
                    ["part"] = part,
                    ["side"] = "Near",
                    ["both"] = true,
                    ["x"] = 0,
                    ["y"] = 0,
                },
            },
        };
        var (status, looked) = await api.Post($"/api/competitions/{api.Competition}/standards/look", look.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Contains("pose.drag.part", looked!["errors"]!.AsArray().Select(e => e!["path"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Angles_beyond_everything_are_objected_to_and_not_drawn()
    {
        var movement = await api.Get($"/api/competitions/{api.Competition}/standards/sit-up/copy?name=my+sit-up");
        movement["poses"] = JsonNode.Parse(
            """[{"phase":"Start","breaks":null,"angles":[{"joint":"Knee","side":"Near","degrees":7.9e28}]}]"""
        );
        var look = new JsonObject { ["movement"] = movement, ["pose"] = null };
        var (status, looked) = await api.Post($"/api/competitions/{api.Competition}/standards/look", look.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Contains("poses[0]", looked!["errors"]!.AsArray().Select(e => e!["path"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_draft_to_try_is_looked_at_as_its_neighbours_do()
    {
        var body = new
        {
            body = "T\0",
            division = "Tideline",
            duty = "man",
            run = (object?)null,
        };
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post($"/api/competitions/{api.Competition}/try", body)).Status);
    }

    [Fact]
    public async Task A_paper_in_markdown_has_a_name()
    {
        var (id, _) = await api.NewDraft(Text);
        using var answer = await api.Http.GetAsync(new Uri($"/api/workouts/{id}/brief.md?audience=Judge", UriKind.Relative));
        Assert.Equal("judge.md", answer.Content.Headers.ContentDisposition?.FileName);
    }
}
