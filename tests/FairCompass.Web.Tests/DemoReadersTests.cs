using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>What a newcomer finds in the demo: versions, a correction, questions and confirmations.</summary>
public class DemoReadersTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private async Task<JsonArray> Versions(string title)
    {
        var overview = await api.Get($"/api/competitions/{api.Competition}/overview");
        var id = overview["workouts"]!.AsArray().Single(w => w!["title"]!.GetValue<string>() == title)!["id"];
        return (await api.Get($"/api/workouts/{id}/published")).AsArray();
    }

    [Fact]
    public async Task Three_are_published_and_two_questions_are_open()
    {
        var overview = await api.Get($"/api/competitions/{api.Competition}/overview");
        Assert.Equal((3, 2), (overview["published"]!.GetValue<int>(), overview["asked"]!.GetValue<int>()));
    }

    [Fact]
    public async Task Who_holds_the_first_version_is_told_of_the_second_and_of_the_other_workouts()
    {
        var versions = await Versions("Slack Water");
        Assert.Equal(2, versions.Count);
        var found = await api.Get($"/api/published/{versions[^1]!["code"]}");
        Assert.Equal(2, found["newest"]!["number"]!.GetValue<int>());
        Assert.NotEmpty(found["since"]!["changes"]!.AsArray());
        Assert.Equal("Saltmarsh Ferry Games", found["competition"]!["name"]!.GetValue<string>());
        Assert.Equal(["Towline", "Twin Tides"], found["others"]!.AsArray().Select(o => o!["title"]!.GetValue<string>()));
        Assert.Contains(
            "change 1:50 to 2:40",
            (await api.Get($"/api/published/{versions[0]!["code"]}/erratum")).ToJsonString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_pack_has_no_list_for_videos_that_nobody_takes_and_nothing_of_the_head_judge()
    {
        var videos = (await api.Get($"/api/competitions/{api.Competition}/pack?audience=Video")).AsArray();
        Assert.Equal(["Three Bells"], videos.Select(p => p!["title"]!.GetValue<string>()));
        var judges = (await api.Get($"/api/competitions/{api.Competition}/pack?audience=Judge&head=true")).AsArray();
        Assert.DoesNotContain(judges.SelectMany(p => p!["sections"]!.AsArray()), s => s!["id"]!.GetValue<string>() == "head-judge");
    }
}
