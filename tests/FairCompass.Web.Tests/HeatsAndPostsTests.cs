using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Which version a heat is judged under, and the paper of one post of a lane.</summary>
public class HeatsAndPostsTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text = "Heats\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n";

    private async Task<int?> VersionOf(Guid id, int heat) =>
        (await api.Get($"/api/workouts/{id}/in-force?heat={heat}"))["version"]?["number"]?.GetValue<int>();

    [Fact]
    public async Task A_correction_holds_from_its_heat_and_the_heats_before_keep_their_version()
    {
        var (id, revision) = await api.NewDraft(Text);
        Assert.Null(await VersionOf(id, 1));
        Assert.Equal(HttpStatusCode.OK, (await api.Publish(id, revision)).Status);
        Assert.Equal(1, await VersionOf(id, 1));
        var corrected = Text.Replace("max sit-up", "max sit-up (ruling 4, 2027-06-12, from heat 4)", StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision, corrected)).Status);
        Assert.Equal("heat 4", (await api.Get($"/api/workouts/{id}/interview"))["holdsFrom"]!.GetValue<string>());
        Assert.Equal(HttpStatusCode.OK, (await api.Publish(id, revision + 1, "heat 4")).Status);
        Assert.Equal(
            [1, 1, 2, 2],
            new[] { await VersionOf(id, 1), await VersionOf(id, 3), await VersionOf(id, 4), await VersionOf(id, 999) }
        );
        var heats = (await api.Get($"/api/workouts/{id}/in-force"))["heats"]!.AsArray();
        Assert.Equal(["1 1", "4 2"], heats.Select(h => $"{h!["from"]} {h["version"]}"));
        // The card of an earlier heat keeps its code, and that code says what replaced it from which heat on.
        var versions = (await api.Get($"/api/workouts/{id}/published")).AsArray();
        var first = await api.Get($"/api/published/{versions[1]!["code"]}");
        Assert.Equal(1, first["version"]!["number"]!.GetValue<int>());
        Assert.Contains("heat 4", first.ToJsonString(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("0")]
    [InlineData("1000")]
    public async Task A_heat_that_cannot_be_is_refused(string heat)
    {
        var (id, _) = await api.NewDraft(Text);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status($"/api/workouts/{id}/in-force?heat={heat}"));
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"/api/workouts/{Guid.NewGuid()}/in-force"));
    }

    /// <summary>Each judge’s paper says first what that post watches.</summary>
    [Fact]
    public async Task Each_post_has_its_own_brief()
    {
        var (id, _) = await api.NewDraft(
            "Posts\n  for Ferry Pairs\n  judges: work by post 1, hold by post 2\n\n9:00 for reps\n  60 sit-up\n    share: one "
                + "at a time, any split\n"
                + "    hold: 1 crew-mate in dead hang, for every whole rep\n\nscore: reps\n  tie: shared\n"
        );
        async Task<string> First(string post)
        {
            var brief = await api.Get($"/api/workouts/{id}/brief?audience=Judge{post}");
            var section = brief["sections"]!.AsArray().First(s => s!["id"]!.GetValue<string>() == "posts")!;
            return $"{brief["post"]} {section["blocks"]![0]!["items"]![0]}";
        }

        Assert.StartsWith(" Post 1: counts the work", await First(""), StringComparison.Ordinal);
        Assert.StartsWith("1 You are at post 1: counts the work", await First("&post=1"), StringComparison.Ordinal);
        Assert.StartsWith("2 You are at post 2: watches the hold", await First("&post=2"), StringComparison.Ordinal);
        foreach (var post in new[] { "0", "10", "x" })
        {
            Assert.True(
                await api.Status($"/api/workouts/{id}/brief?audience=Judge&post={post}")
                    is HttpStatusCode.UnprocessableEntity
                        or HttpStatusCode.BadRequest
            );
        }
    }
}
