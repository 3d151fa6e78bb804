using System.Net;

namespace FairCompass.Web.Tests;

/// <summary>A fixture of its own, because the limit counts everything one sender asks.</summary>
public class QuestionLimitTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    [Fact]
    public async Task Of_a_thousand_questions_from_one_sender_five_are_taken()
    {
        var (id, revision) = await api.NewDraft("T\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n");
        var (_, version) = await api.Post($"/api/workouts/{id}/publish", new { baseRevision = revision, saveId = Guid.NewGuid(), holdsFrom = "", note = "" });
        var answers = new List<HttpStatusCode>();
        foreach (var chunk in Enumerable.Range(0, 1000).Chunk(20))
        {
            answers.AddRange((await Task.WhenAll(chunk.Select(i => api.Post($"/api/published/{version!["code"]}/questions", new { line = "", body = $"Question {i}?", name = "", contact = "" })))).Select(a => a.Status));
        }

        Assert.Equal(5, answers.Count(a => a == HttpStatusCode.NoContent));
        Assert.Equal(995, answers.Count(a => a == HttpStatusCode.TooManyRequests));
        Assert.Equal(5, (await api.Get($"/api/workouts/{id}/questions")).AsArray().Count);
    }
}
