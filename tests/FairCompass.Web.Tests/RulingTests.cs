using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Codes and rulings that are printed are given once.</summary>
public class RulingTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text = "T\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n";

    private async Task<string> Ask(JsonNode version, Guid workout)
    {
        await api.Post(
            $"/api/published/{version["code"]}/questions",
            new
            {
                line = "",
                body = "May they?",
                name = "",
                contact = "",
            }
        );
        return (await api.Get($"/api/workouts/{workout}/questions"))[0]!["question"]!["id"]!.GetValue<string>();
    }

    private Task<(HttpStatusCode Status, JsonNode? Body)> Rule(string question, string text) =>
        api.Post(
            $"/api/questions/{question}/answer",
            new
            {
                body = "No.",
                ruling = new
                {
                    movement = "sit-up",
                    text,
                    holdsFrom = "",
                },
            }
        );

    [Fact]
    public async Task A_number_is_never_given_again()
    {
        var (id, revision) = await api.NewDraft(Text + "standard sit-up, ruling-7: An author’s own name for a clause.\n");
        var (_, version) = await api.Publish(id, revision);
        Assert.Equal(HttpStatusCode.OK, (await Rule(await Ask(version!, id), "First.")).Status);
        Assert.Contains("ruling-8: First.", (await api.Get($"/api/workouts/{id}"))["body"]!.GetValue<string>(), StringComparison.Ordinal);
        // The ruling is taken out again, and the next one still has a number of its own.
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision + 1, Text)).Status);
        var (status, newest) = await api.Publish(id, revision + 2);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(HttpStatusCode.OK, (await Rule(await Ask(newest!, id), "Second.")).Status);
        Assert.Contains("ruling-9: Second.", (await api.Get($"/api/workouts/{id}"))["body"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task Without_room_in_the_draft_nothing_is_published(bool byLines)
    {
        var (id, revision) = await api.NewDraft(Text);
        var (_, version) = await api.Publish(id, revision);
        var question = await Ask(version!, id);
        var full = byLines
            ? Text + string.Concat(Enumerable.Range(0, 492).Select(i => $"// {i}\n"))
            : Text + "// " + string.Join("\n// ", Enumerable.Repeat(new string('x', 290), 600))[..(160_000 - Text.Length - 4)] + "\n";
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision, full)).Status);
        var (status, problem) = await Rule(question, "Nobody holds the feet.");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains("take some out first", problem!["errors"]!["ruling.text"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Single((await api.Get($"/api/workouts/{id}/published")).AsArray());
        Assert.Null((await api.Get($"/api/workouts/{id}/questions"))[0]!["question"]!["answer"]);
        // With room again the same answer is taken, whole.
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision + 1, Text)).Status);
        Assert.Equal(HttpStatusCode.OK, (await Rule(question, "Nobody holds the feet.")).Status);
    }

    [Fact]
    public async Task A_copy_does_not_take_over_the_printed_code()
    {
        var (id, revision) = await api.NewDraft(Text.Replace("9:00", "9:10", StringComparison.Ordinal));
        var (_, first) = await api.Publish(id, revision);
        var (copy, copied) = await api.NewDraft(Text.Replace("9:00", "9:10", StringComparison.Ordinal));
        var draft = await api.Get($"/api/workouts/{copy}/brief?audience=Judge");
        var (_, second) = await api.Publish(copy, copied);
        Assert.Equal(first!["sha256"]!.GetValue<string>(), second!["sha256"]!.GetValue<string>());
        Assert.NotEqual(first["code"]!.GetValue<string>(), second["code"]!.GetValue<string>());
        async Task<int> Newest(JsonNode version) =>
            (await api.Get($"/api/published/{version["code"]}"))["newest"]!["number"]!.GetValue<int>();
        // A paper of the draft has the code that it is published under, and so has the paper of the version.
        Assert.Equal(second["code"]!.GetValue<string>(), draft["fingerprint"]!.GetValue<string>());
        var paper = await api.Get($"/api/workouts/{copy}/brief?audience=Judge");
        Assert.Equal(second["code"]!.GetValue<string>(), paper["fingerprint"]!.GetValue<string>());
        Assert.Equal(1, paper["version"]!.GetValue<int>());
        // Each code leads to its own workout: what is published of the copy later does not concern the other.
        Assert.Equal(HttpStatusCode.OK, (await api.Save(copy, copied, Text)).Status);
        Assert.Equal(HttpStatusCode.OK, (await api.Publish(copy, copied + 1)).Status);
        Assert.Equal(1, await Newest(first));
        Assert.Equal(2, await Newest(second));
    }

    [Fact]
    public async Task A_competition_that_was_changed_is_not_published_unread()
    {
        var (id, revision) = await api.NewDraft(Text.Replace("9:00", "9:20", StringComparison.Ordinal));
        var interview = await api.Get($"/api/workouts/{id}/interview");
        var path = $"/api/competitions/{api.Competition}";
        var stored = await api.Get(path);
        stored["competition"]!["place"] = "Another hall";
        var save = new JsonObject
        {
            ["baseRevision"] = stored["revision"]!.GetValue<int>(),
            ["saveId"] = Guid.NewGuid(),
            ["competition"] = stored["competition"]!.DeepClone(),
        };
        Assert.Equal(HttpStatusCode.OK, (await api.Put(path, save.ToJsonString())).Status);
        var publish = new
        {
            baseRevision = revision,
            competitionRevision = interview["competitionRevision"]!.GetValue<int>(),
            saveId = Guid.NewGuid(),
            holdsFrom = "",
            note = "",
        };
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post($"/api/workouts/{id}/publish", publish)).Status);
        Assert.Equal(HttpStatusCode.OK, (await api.Publish(id, revision)).Status);
    }
}
