using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Levels with boards of their own: entered, printed, typed, ranked.</summary>
public partial class DayTests
{
    private const string Levelled = """
        Long One
          for Tideline
          a/b is man/woman
          levels Great Bell, Hand Bell, a board each

        9:00 for reps
          rounds without end
            10 thruster, 45/30 kg
              Hand Bell: 30/20 kg

        score: reps
          tie: shared

        """;

    private static object TypedAt(string text, string level = "", bool unjudged = false) =>
        new
        {
            saveId = Guid.NewGuid(),
            seen = 0,
            typed = new
            {
                status = "Ran",
                fields = new[] { new { key = "0.counted", text } },
                lifts = Array.Empty<object>(),
                places = Array.Empty<object>(),
                sure = Array.Empty<string>(),
                unjudged,
                level,
            },
            correct = false,
            reason = "",
        };

    private static string Listed(params string[] levels) =>
        "name\tdivision\tsex\tlevel\n" + string.Concat(levels.Select((l, i) => $"Ann {(char)('A' + i)}low\tTideline\tF\t{l}\n"));

    [Fact]
    public async Task A_card_names_the_loads_of_its_level_so_that_has_to_be_known()
    {
        var (at, workout, plan) = await Planned(Levelled, Listed("Great Bell", "hand bell", ""), 4, 3);
        await Published(at, workout);
        var heats = new { heats = Heats(plan).Select(h => h!["id"]!.GetValue<Guid>()).ToArray() };
        var (status, refused) = await api.Post(at + "/cards", heats);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal(
            "Long One has the levels Great Bell and Hand Bell, and nobody says which one Ann Clow will do. "
                + "Read the list of athletes again with a column “Level”.",
            (string)refused!["errors"]!["heats"]![0]!
        );

        // Read again with the level: it is said as a change, and the cards are those of each level.
        Assert.Equal(HttpStatusCode.OK, (await Take(at, Listed("Great Bell", "hand bell", "Hand Bell"), 0, 1, 0)).Status);
        var (made, cards) = await api.Post(at + "/cards", heats);
        Assert.Equal(HttpStatusCode.OK, made);
        var papers = await api.Get($"{at}/cards/papers?heat={cards!["cards"]![0]!["heat"]}");
        var whose = papers.AsArray().Select(p => p!.ToJsonString()).ToList();
        Assert.Equal(
            ["20 kg", "20 kg", "30 kg"],
            whose.Select(p => p.Contains("20 kg", StringComparison.Ordinal) ? "20 kg" : "30 kg").Order()
        );
        Assert.Equal(2, whose.Count(p => p.Contains("woman, Hand Bell", StringComparison.Ordinal)));
    }

    [Fact]
    public async Task Each_level_has_a_board_and_an_overall_table_and_the_card_says_what_was_done()
    {
        var (at, workout, plan) = await Planned(Levelled, Listed("Great Bell", "Hand Bell", "Hand Bell", "Great Bell"), 4, 4);
        await Published(at, workout);
        var (_, made) = await api.Post(at + "/cards", new { heats = Heats(plan).Select(h => h!["id"]!.GetValue<Guid>()).ToArray() });
        var names = (await api.Get(at + "/entries"))["entries"]!
            .AsArray()
            .ToDictionary(e => (string)e!["entry"]!["members"]![0]!["name"]!, e => (string)e!["entry"]!["id"]!);
        var card = made!["cards"]!.AsArray().ToDictionary(c => (string)c!["entry"]!, c => $"{at}/desk/{c!["id"]}");

        async Task<JsonNode> Typed(string name, object typed)
        {
            var (status, answer) = await api.Post(card[names[name]], typed);
            Assert.Equal(HttpStatusCode.OK, status);
            return answer!;
        }

        await Typed("Ann Alow", TypedAt("100"));
        await Typed("Ann Blow", TypedAt("140"));
        // Entered for the lighter bell, she took the heavier one on the day.
        await Typed("Ann Clow", TypedAt("90", "great bell"));
        var (wrong, refused) = await api.Post(card[names["Ann Dlow"]], TypedAt("80", "Small Bell"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, wrong);
        Assert.Equal(
            "This workout has no such level. Which level was done: Great Bell or Hand Bell?",
            (string)refused!["errors"]!["typed.level"]![0]!
        );
        var done = await Typed("Ann Dlow", TypedAt("120", unjudged: true));
        Assert.Equal("nobody judged", (string)done["card"]!["said"]!.AsArray().Single(s => (string)s!["key"]! == "judge")!["text"]!);

        var results = await api.Get(at + "/results");
        string Lines(JsonNode table) =>
            string.Join(
                "; ",
                table["lines"]!
                    .AsArray()
                    .Select(l => $"{l!["place"]} {names.Single(n => n.Value == (string)l["entry"]!).Key[4..]} {l["text"]}")
            );
        var boards = results["workouts"]![0]!["tables"]!.AsArray().ToDictionary(t => (string)t!["division"]!, t => Lines(t!));
        Assert.Equal(["Tideline women, Great Bell", "Tideline women, Hand Bell"], boards.Keys.Order());
        Assert.Equal("1 Alow 100 reps; 2 Clow 90 reps; 0 Dlow 120 reps", boards["Tideline women, Great Bell"]);
        Assert.Equal("1 Blow 140 reps", boards["Tideline women, Hand Bell"]);
        var standing = results["workouts"]![0]!["standings"]!
            .AsArray()
            .Single(s => (string)s!["division"]! == "Tideline women, Great Bell")!;
        Assert.Contains("1 score without a place: units that nobody could verify, or no judge.", standing["open"]!.ToJsonString());

        // Overall, a level is made of who is entered for it.
        var overall = results["overall"]!
            .AsArray()
            .ToDictionary(
                o => (string)o!["division"]!,
                o => string.Join(" ", o!["rows"]!.AsArray().Select(r => names.Single(n => n.Value == (string)r!["entry"]!).Key[4..]))
            );
        Assert.Equal("Alow Dlow", overall["Tideline women, Great Bell"]);
        Assert.Equal("Blow", overall["Tideline women, Hand Bell"]);
        Assert.Equal(2, overall.Count);
        var why = await api.Get($"{at}/results/why?workout={workout}&entry={names["Ann Clow"]}");
        Assert.Equal("Tideline women, Great Bell", (string)why["division"]!);
    }
}
