using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Access;

namespace FairCompass.Web.Tests;

public partial class TrainingTests
{
    /// <summary>A rep 30 mm over the line that the head judge counts here: two judges call it before they read why, each once, and the head
    /// judge sees how many called what, without names.</summary>
    [Fact]
    public async Task A_borderline_rep_is_called_once_by_each_judge_who_then_reads_the_ruling()
    {
        var id = Guid.NewGuid();
        var rep = new
        {
            id,
            movement = "air-squat",
            clause = "depth",
            margin = -30,
            good = true,
            ruling = "Knee sleeves lift the line here.",
        };
        using var head = await As(Role.HeadJudge);
        using var drawn = await head.PostAsJsonAsync(
            At + "/floor-reps/drawn",
            new
            {
                id,
                rep.movement,
                rep.clause,
                rep.margin,
            }
        );
        var looked = (await drawn.Content.ReadFromJsonAsync<JsonNode>())!["film"]!.ToJsonString();
        for (var twice = 0; twice < 2; twice++)
        {
            using var kept = await head.PostAsJsonAsync(At + "/floor-reps", rep);
            Assert.Equal(HttpStatusCode.NoContent, kept.StatusCode);
        }

        foreach (var (judge, call) in new[] { (4, "NoRep"), (5, "Good") })
        {
            var (phone, _) = await Judge(judge);
            using (phone)
            {
                var next = await Get(phone, At + "/floor-reps/next");
                Assert.Equal(id, next["id"]!.GetValue<Guid>());
                // What the head judge looked at is what judges see.
                Assert.Equal(looked, next["rep"]!["film"]!.ToJsonString());
                Assert.DoesNotContain("sleeves", next.ToJsonString(), StringComparison.Ordinal);
                using var called = await phone.PostAsJsonAsync($"{At}/floor-reps/{id}/calls", new { call });
                var truth = (await called.Content.ReadFromJsonAsync<JsonNode>())!;
                Assert.Equal(call == "Good", truth["right"]!.GetValue<bool>());
                Assert.Equal("Good, as the head judge rules: Knee sleeves lift the line here.", (string)truth["sentence"]!["english"]!);
                Assert.Single(truth["pictures"]!.AsArray());
                // The first call stays, and it does not come again.
                using var again = await phone.PostAsJsonAsync($"{At}/floor-reps/{id}/calls", new { call = "Unseen" });
                Assert.Equal(call == "Good", (await again.Content.ReadFromJsonAsync<JsonNode>())!["right"]!.GetValue<bool>());
                using var none = await phone.GetAsync(new Uri(At + "/floor-reps/next", UriKind.Relative));
                Assert.Equal(HttpStatusCode.NoContent, none.StatusCode);
                using var closed = await phone.GetAsync(new Uri(At + "/floor-reps", UriKind.Relative));
                Assert.Equal(HttpStatusCode.Forbidden, closed.StatusCode);
            }
        }

        var listed = Assert.Single(
            (await Get(head, At + "/floor-reps"))["reps"]!.AsArray(),
            r => r!["rep"]!["id"]!.GetValue<Guid>() == id
        )!;
        Assert.Equal(
            (1, 1, 0),
            (
                listed["tally"]!["good"]!.GetValue<int>(),
                listed["tally"]!["noRep"]!.GetValue<int>(),
                listed["tally"]!["unseen"]!.GetValue<int>()
            )
        );
        Assert.StartsWith("No-rep, 30 mm outside the line.", (string)listed["sentence"]!, StringComparison.Ordinal);
        using var gone = await head.DeleteAsync(new Uri($"{At}/floor-reps/{id}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        using var twiceGone = await head.DeleteAsync(new Uri($"{At}/floor-reps/{id}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NotFound, twiceGone.StatusCode);
    }

    [Theory]
    [InlineData("no-such", "depth", -30, "Why.", "movement")]
    [InlineData("air-squat", "no-such", -30, "Why.", "clause")]
    [InlineData("air-squat", "depth", -5000, "Why.", "margin")]
    [InlineData("air-squat", "depth", -30, "  ", "ruling")]
    public async Task A_borderline_rep_that_cannot_be_is_refused_at_its_field(
        string movement,
        string clause,
        double margin,
        string ruling,
        string field
    )
    {
        using var head = await As(Role.HeadJudge);
        using var refused = await head.PostAsJsonAsync(
            At + "/floor-reps",
            new
            {
                id = Guid.NewGuid(),
                movement,
                clause,
                margin,
                good = false,
                ruling,
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.NotNull((await refused.Content.ReadFromJsonAsync<JsonNode>())!["errors"]![field]);
    }
}
