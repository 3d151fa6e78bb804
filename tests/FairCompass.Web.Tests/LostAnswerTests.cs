using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>An answer that is lost on its way: the same request, sent again, neither doubles its work nor hides somebody else's.</summary>
public class LostAnswerTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text = "T\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n";

    private static string Body(JsonNode? node) => node!["body"]!.GetValue<string>();

    [Fact]
    public async Task A_retry_is_saved_when_nobody_came_between()
    {
        var (id, revision) = await api.NewDraft(Text);
        var save = Guid.NewGuid();
        var (_, first) = await api.Save(id, revision, Text + "// a\n", save);
        var (status, again) = await api.Save(id, revision, Text + "// a\n", save);
        Assert.Equal((HttpStatusCode.OK, revision + 1), (status, again!["revision"]!.GetValue<int>()));
        Assert.Equal(Body(first), Body(again));
    }

    [Fact]
    public async Task A_retry_over_which_somebody_saved_is_told_so_over_its_own_text()
    {
        var (id, revision) = await api.NewDraft(Text);
        var save = Guid.NewGuid();
        await api.Save(id, revision, Text + "// a\n", save);
        await api.Save(id, revision + 1, Text + "// a\n// b\n");
        var (status, problem) = await api.Save(id, revision, Text + "// a\n", save);
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(revision + 2, problem!["current"]!["revision"]!.GetValue<int>());
        Assert.EndsWith("// a\n// b\n", Body(problem["current"]), StringComparison.Ordinal);
        Assert.Equal(Body(problem["current"]), problem["merged"]!.GetValue<string>());
        Assert.Equal("// b", problem["changed"]![0]!["now"]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task A_competition_saved_over_is_told_so_too()
    {
        var path = $"/api/competitions/{api.Competition}";
        var stored = await api.Get(path);
        var revision = stored["revision"]!.GetValue<int>();
        async Task<(HttpStatusCode Status, JsonNode? Body)> Save(int over, Guid saveId, string place)
        {
            var competition = stored["competition"]!.DeepClone();
            competition["place"] = place;
            var body = new JsonObject
            {
                ["baseRevision"] = over,
                ["saveId"] = saveId,
                ["competition"] = competition,
            };
            return await api.Put(path, body.ToJsonString());
        }

        var mine = Guid.NewGuid();
        await Save(revision, mine, "First hall");
        Assert.Equal(HttpStatusCode.OK, (await Save(revision, mine, "First hall")).Status);
        await Save(revision + 1, Guid.NewGuid(), "Second hall");
        var (status, problem) = await Save(revision, mine, "First hall");
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal("The place was changed from First hall to Second hall.", problem!["changed"]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task What_is_made_is_made_once()
    {
        async Task<string?[]> Twice(string path, object body)
        {
            var key = Guid.NewGuid();
            var answers = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => api.Send(HttpMethod.Post, path, body, key)));
            Assert.All(answers, a => Assert.True(a.Status is HttpStatusCode.OK or HttpStatusCode.NoContent, $"{path} {a.Status}"));
            return answers.Select(a => a.Body?["id"]?.GetValue<string>()).Distinct().ToArray();
        }

        Assert.Single(await Twice($"/api/competitions/{api.Competition}/workouts", new { body = Text }));
        var (id, revision) = await api.NewDraft(Text);
        var workout = (await api.Get($"/api/workouts/{id}/export")).ToJsonString();
        Assert.Single(await Twice($"/api/competitions/{api.Competition}/import", workout));
        var competition = (await api.Get($"/api/competitions/{api.Competition}/export")).ToJsonString();
        Assert.Single(await Twice("/api/import", competition));
        var (_, version) = await api.Publish(id, revision);
        var question = new
        {
            line = "",
            body = "Once?",
            name = "",
            contact = "",
        };
        await Twice($"/api/published/{version!["code"]}/questions", question);
        Assert.Single((await api.Get($"/api/workouts/{id}/questions")).AsArray());
    }

    [Fact]
    public async Task A_key_that_is_none_is_refused_before_anything_is_made()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/competitions/{api.Competition}/workouts")
        {
            Content = new StringContent("""{"body":""}""", System.Text.Encoding.UTF8, "application/json"),
        };
        request.Headers.Add("Idempotency-Key", "again");
        using var answer = await api.Http.SendAsync(request);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
    }

    [Fact]
    public async Task A_rule_said_again_is_said()
    {
        var (id, revision) = await api.NewDraft(Text);
        var say = new
        {
            baseRevision = revision,
            saveId = Guid.NewGuid(),
            clause = "house-1",
            text = "The feet may be held.",
        };
        var clauses = (await api.Get($"/api/competitions/{api.Competition}/standards/sit-up"))["clauses"]!.AsArray();
        var body = new JsonObject
        {
            ["baseRevision"] = revision,
            ["saveId"] = say.saveId,
            ["clause"] = clauses[0]!["id"]!.GetValue<string>(),
            ["line"] = null,
            ["division"] = null,
            ["text"] = say.text,
        }.ToJsonString();
        Assert.Equal(HttpStatusCode.OK, (await api.Put($"/api/workouts/{id}/standards/sit-up", body)).Status);
        var (status, again) = await api.Put($"/api/workouts/{id}/standards/sit-up", body);
        Assert.Equal((HttpStatusCode.OK, revision + 1), (status, again!["revision"]!.GetValue<int>()));
    }

    [Fact]
    public async Task A_reading_under_a_used_id_is_refused()
    {
        var (id, _) = await api.NewDraft(
            "T\n  for Tideline\n\n9:00 for reps\n  max strict handstand push-up, line 80 mm below wrists\n\nscore: reps\n  tie: shared\n"
        );
        var place = (await api.Get($"/api/workouts/{id}/measurements"))["places"]![0]!["key"]!.GetValue<string>();
        var reading = Guid.NewGuid();
        Task<(HttpStatusCode Status, JsonNode? Body)> Write(string athlete) =>
            api.Post(
                $"/api/workouts/{id}/measurements",
                new
                {
                    id = reading,
                    place,
                    athlete,
                    typed = "2124",
                    unit = "Millimetre",
                    by = "B",
                }
            );
        Assert.Equal(HttpStatusCode.OK, (await Write("Ada")).Status);
        Assert.Equal(HttpStatusCode.OK, (await Write("Ada")).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await Write("Bea")).Status);
        Assert.Single((await api.Get($"/api/workouts/{id}/measurements"))["readings"]!.AsArray());
    }
}
