using System.Net;

namespace FairCompass.Web.Tests;

/// <summary>A fixture of its own, because the limit counts everything one sender asks.</summary>
public class QuestionLimitTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    [Fact]
    public async Task Of_a_thousand_questions_from_one_sender_five_are_taken()
    {
        var (id, revision) = await api.NewDraft("T\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n");
        var (_, version) = await api.Post(
            $"/api/workouts/{id}/publish",
            new
            {
                baseRevision = revision,
                competitionRevision = await api.CompetitionRevision(),
                saveId = Guid.NewGuid(),
                holdsFrom = "",
                note = "",
            }
        );
        var answers = new List<HttpStatusCode>();
        foreach (var chunk in Enumerable.Range(0, 1000).Chunk(20))
        {
            answers.AddRange(
                (
                    await Task.WhenAll(
                        chunk.Select(i =>
                            api.Post(
                                $"/api/published/{version!["code"]}/questions",
                                new
                                {
                                    line = "",
                                    body = $"Question {i}?",
                                    name = "",
                                    contact = "",
                                }
                            )
                        )
                    )
                ).Select(a => a.Status)
            );
        }

        Assert.Equal(5, answers.Count(a => a == HttpStatusCode.NoContent));
        Assert.Equal(995, answers.Count(a => a == HttpStatusCode.TooManyRequests));
        var asked = (await api.Get($"/api/workouts/{id}/questions")).AsArray();
        Assert.Equal(5, asked.Count);

        // Five rulings at once: each makes a version over the one before, and none is lost.
        var ruled = await Task.WhenAll(
            asked.Select(
                (q, i) =>
                    api.Post(
                        $"/api/questions/{q!["question"]!["id"]}/answer",
                        new
                        {
                            body = "So it is.",
                            ruling = new
                            {
                                movement = "sit-up",
                                text = $"Ruled on point {i}.",
                                holdsFrom = "",
                            },
                        }
                    )
            )
        );
        Assert.All(ruled, r => Assert.Equal(HttpStatusCode.OK, r.Status));
        var newest = (await api.Get($"/api/workouts/{id}/published")).AsArray()[0]!;
        Assert.Equal(6, newest["number"]!.GetValue<int>());
        var brief = (await api.Get($"/api/published/{newest["code"]}/brief?audience=Judge")).ToJsonString();
        var draft = (await api.Get($"/api/workouts/{id}"))["body"]!.GetValue<string>();
        Assert.All(
            Enumerable.Range(0, 5),
            i =>
            {
                Assert.Contains($"Ruled on point {i}.", brief, StringComparison.Ordinal);
                Assert.Single(draft.Split('\n'), l => l.Contains($"Ruled on point {i}.", StringComparison.Ordinal));
            }
        );
    }
}
