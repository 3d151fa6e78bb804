using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;

namespace FairCompass.Web.Tests;

/// <summary>The standards book as a competition has it.</summary>
public class BookTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private string Book => $"/api/competitions/{api.Competition}/standards";

    private static string Text(JsonNode movement, string clause) =>
        movement["clauses"]!.AsArray().Single(c => c!["id"]!.GetValue<string>() == clause)!["text"]!["english"]!.GetValue<string>();

    [Fact]
    public async Task The_library_is_the_book_without_a_competition()
    {
        var library = await api.Get("/api/standards");
        Assert.Equal(MovementLibrary.Edition, library["edition"]!.GetValue<string>());
        Assert.Equal(MovementLibrary.All.Select(m => m.Id), library["movements"]!.AsArray().Select(m => m!["id"]!.GetValue<string>()));
        var phrases = (await api.Get("/api/standards/phrases")).AsArray();
        Assert.True(phrases.Count > 100);
        Assert.Equal(phrases.Count, phrases.Select(p => p!.ToJsonString()).Distinct().Count());
    }

    [Fact]
    public async Task The_book_of_a_competition_says_its_house_rules_and_where_they_come_from()
    {
        var (_, made) = await api.Post(
            "/api/competitions",
            Changed(c =>
                c["houseRules"] = JsonNode.Parse(
                    """[{"movement":"pull-up","clause":"chin","division":"Meadow","text":{"english":"The chin is at the bar."}}]"""
                )
            )
        );
        var id = made!["id"]!.GetValue<Guid>();
        var all = await api.Get($"/api/competitions/{id}/standards/pull-up");
        var meadow = await api.Get($"/api/competitions/{id}/standards/pull-up?division=Meadow");
        Assert.Equal(Text(await api.Get($"{Book}/pull-up"), "chin"), Text(all, "chin"));
        Assert.Equal("The chin is at the bar.", Text(meadow, "chin"));
        Assert.Contains("HouseRule", meadow.ToJsonString(), StringComparison.Ordinal);
        var (status, refused) = await api.Send(HttpMethod.Get, $"/api/competitions/{id}/standards/pull-up?division=Moon", "");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal("There is no division “Moon”.", refused!["errors"]!["division"]![0]!.GetValue<string>());
    }

    /// <summary>The competition of the demo as JSON, with something of it changed.</summary>
    private string Changed(Action<JsonNode> change)
    {
        var stored = api.Get($"/api/competitions/{api.Competition}").GetAwaiter().GetResult()["competition"]!.DeepClone();
        change(stored);
        return stored.ToJsonString();
    }

    [Fact]
    public async Task A_workout_of_another_competition_has_no_word_here()
    {
        var (_, made) = await api.Post("/api/competitions", Changed(_ => { }));
        var (draft, _) = await api.NewDraft("Other\n  for Tideline\n\n9:00 for reps\n  10 sit-up\n\nscore: reps\n");
        Assert.Equal(HttpStatusCode.OK, await api.Status($"{Book}/sit-up?workout={draft}"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            await api.Status($"/api/competitions/{made!["id"]!.GetValue<Guid>()}/standards/sit-up?workout={draft}")
        );
    }

    [Theory]
    [InlineData("pull-up", 1500)]
    [InlineData("front-squat", 1750)]
    [InlineData("burpee", 2050)]
    public async Task Figures_are_of_the_stature_that_is_asked_for(string movement, int stature)
    {
        var plate = await api.Get($"{Book}/{movement}/figures?stature={stature}");
        Assert.Equal(3, plate["positions"]!.AsArray().Count);
        Assert.All(plate["positions"]!.AsArray(), p => Assert.NotEmpty(p!["drawing"]!["shapes"]!.AsArray()));
        // Taller people are drawn taller: the plate of one height is no copy of another’s.
        var other = await api.Get($"{Book}/{movement}/figures?stature={stature - 40}");
        Assert.NotEqual(plate.ToJsonString(), other.ToJsonString());
    }

    [Fact]
    public async Task A_new_standard_begins_from_those_most_like_its_name()
    {
        var nearest = (await api.Get($"{Book}/nearest?name=kipping pull-up")).AsArray();
        Assert.Contains("pull-up", nearest[0]!["name"]!["english"]!.GetValue<string>(), StringComparison.Ordinal);
        var copy = await api.Get($"{Book}/pull-up/copy?name=Ferry pull-up");
        Assert.Equal("Ferry pull-up", copy["name"]!["english"]!.GetValue<string>());
        Assert.NotEqual("pull-up", copy["id"]!.GetValue<string>());
        Assert.Equal(Text(await api.Get($"{Book}/pull-up"), "chin"), Text(copy, "chin"));
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"{Book}/moon-hop/copy?name=x"));
    }

    [Fact]
    public async Task Every_topic_says_what_is_in_force_and_who_departs()
    {
        var (_, made) = await api.Post(
            "/api/competitions",
            Changed(c =>
                c["policies"] = JsonNode.Parse(
                    """[{"topic":"bell","answer":"finished","division":null},{"topic":"bell","answer":"begun","division":"Meadow"}]"""
                )
            )
        );
        var id = made!["id"]!.GetValue<Guid>();
        await api.Post(
            $"/api/competitions/{id}/workouts",
            new { body = "Late Tide\n  for Tideline\n\n9:00 for reps\n  10 sit-up\n\nscore: reps\npolicy plates: team mates\n" }
        );
        var topics = (await api.Get($"/api/competitions/{id}/policies")).AsArray();
        Assert.Equal(Topics.All.Select(t => t.Name), topics.Select(t => t!["topic"]!["name"]!.GetValue<string>()));
        JsonNode Of(string name) => topics.Single(t => t!["topic"]!["name"]!.GetValue<string>() == name)!;
        Assert.Equal("finished", Of("bell")["inForce"]!.GetValue<string>());
        Assert.Equal(["Meadow: begun"], Of("bell")["departures"]!.AsArray().Select(d => d!.GetValue<string>()));
        Assert.Equal(["Late Tide: team mates"], Of("plates")["departures"]!.AsArray().Select(d => d!.GetValue<string>()));
    }
}
