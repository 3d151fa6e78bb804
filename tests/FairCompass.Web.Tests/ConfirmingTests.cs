using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Read and understood: by name, and for a judge with three questions first.</summary>
public class ConfirmingTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text =
        "Quiz Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n  12 power clean, 60/40 kg\n\n"
        + "score: time\n  unfinished: cap line by reps\n  tie: shared\n";

    [Fact]
    public async Task A_judge_answers_three_questions_first_and_a_name_confirms_once()
    {
        var (id, revision) = await api.NewDraft(Text);
        var (_, version) = await api.Publish(id, revision);
        var code = version!["code"]!.GetValue<string>();
        Assert.Equal(
            HttpStatusCode.NoContent,
            (
                await api.Post(
                    $"/api/published/{code}/confirm",
                    new
                    {
                        name = "Olaf Tarn",
                        judge = false,
                        answers = Array.Empty<int>(),
                    }
                )
            ).Status
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await api.Post(
                    $"/api/published/{code}/confirm",
                    new
                    {
                        name = "Tarn, OLAF",
                        judge = false,
                        answers = Array.Empty<int>(),
                    }
                )
            ).Status
        );
        var quiz = (await api.Get($"/api/published/{code}/quiz?name=Mara%20Quill")).AsArray();
        Assert.Equal(3, quiz.Count);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await api.Post(
                    $"/api/published/{code}/confirm",
                    new
                    {
                        name = "Mara Quill",
                        judge = true,
                        answers = new[] { 0 },
                    }
                )
            ).Status
        );
        // Every combination is tried: exactly one is right. What is wrong is not said, and who goes on guessing has to wait.
        var choices =
            from a in Enumerable.Range(0, quiz[0]!["calls"]!.AsArray().Count)
            from b in Enumerable.Range(0, quiz[1]!["calls"]!.AsArray().Count)
            from c in Enumerable.Range(0, quiz[2]!["calls"]!.AsArray().Count)
            select new[] { a, b, c };
        Task<(HttpStatusCode Status, JsonNode? Body)> Try(string name, int[] answers) =>
            api.Post(
                $"/api/published/{code}/confirm",
                new
                {
                    name,
                    judge = true,
                    answers,
                }
            );
        var (good, waits) = (0, 0);
        await using var db = new Npgsql.NpgsqlConnection(api.App.Connection);
        foreach (var answers in choices)
        {
            var (status, problem) = await Try("Mara Quill", answers);
            if (status == HttpStatusCode.TooManyRequests)
            {
                waits++;
                await Dapper.SqlMapper.ExecuteAsync(db, "delete from quiz_wrong");
                (status, problem) = await Try("Mara Quill", answers);
            }

            good += status == HttpStatusCode.NoContent ? 1 : 0;
            Assert.True(status != HttpStatusCode.UnprocessableEntity || problem!["errors"]!.AsObject().Single().Key == "answers");
        }

        Assert.NotEqual(0, waits);
        Assert.Equal(1, good);
        var (_, compared) = await api.Post(
            $"/api/workouts/{id}/confirmations/compare",
            new { number = 1, pasted = "Quill Mara\nPia Moss" }
        );
        Assert.Equal("""{"confirmed":["Quill Mara"],"missing":["Pia Moss"],"unknown":["Olaf Tarn"]}""", compared!.ToJsonString());
        Assert.Equal(2, (await api.Get($"/api/workouts/{id}/confirmations")).AsArray().Count);
    }
}
