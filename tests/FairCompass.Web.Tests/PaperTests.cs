using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Papers of drafts, the pack, and measuring, over HTTP and with real PostgreSQL.</summary>
public class PaperTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Wall =
        "Wall Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for reps\n  max strict handstand push-up, line 80 mm "
        + "below the wrists, hands 90/80 x 60 cm\n\nscore: reps\n  tie: shared\n";

    private static string Text(JsonNode node) =>
        node.ToJsonString(new() { Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping });

    [Fact]
    public async Task A_paper_comes_in_the_language_and_with_the_figures_that_are_asked_for()
    {
        var (id, _) = await api.NewDraft(Wall);
        var english = await api.Get($"/api/workouts/{id}/brief?audience=Judge");
        Assert.Equal(("Judge brief", "English"), (english["paper"]!.GetValue<string>(), english["language"]!.GetValue<string>()));
        Assert.DoesNotContain("\"drawing\"", Text(english), StringComparison.Ordinal);
        Assert.Null(english["numbers"]);
        var spanish = await api.Get($"/api/workouts/{id}/brief?audience=Judge&language=Spanish&figures=true&trace=true");
        Assert.Equal("Documento del juez", spanish["paper"]!.GetValue<string>());
        Assert.Contains("\"drawing\"", Text(spanish), StringComparison.Ordinal);
        Assert.Contains(
            spanish["numbers"]!.AsArray(),
            n => n!["from"]!.GetValue<string>() == "stage/0" && n["text"]!.GetValue<string>() == "80"
        );
        Assert.Equal(HttpStatusCode.BadRequest, await api.Status($"/api/workouts/{id}/brief?audience=Judge&language=Klingon"));
    }

    [Theory]
    [InlineData("cards=0", "cards")]
    [InlineData("cards=201", "cards")]
    [InlineData("first=0", "first")]
    [InlineData("first=990&cards=20", "first")]
    public async Task Numbers_of_cards_that_cannot_be_are_refused_at_their_field(string query, string field)
    {
        var (id, _) = await api.NewDraft(Wall);
        using var answer = await api.Http.GetAsync(new Uri($"/api/workouts/{id}/brief?audience=LaneCard&{query}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.NotNull(JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["errors"]![field]);
    }

    [Fact]
    public async Task No_two_cards_of_a_pack_have_one_id_and_every_paper_is_there()
    {
        var pack = await api.GetAll($"/api/competitions/{api.Competition}/pack?cards=3");
        var ids = pack.SelectMany(p => p!["cards"]?.AsArray().Select(c => c!["id"]!.GetValue<string>()) ?? []).ToList();
        Assert.True(ids.Count >= 100);
        Assert.Equal(ids.Count, ids.Distinct().Count());
        Assert.Equal(
            ["Athlete", "Caller", "FloorCrew", "Judge", "LaneCard", "Measurement", "Poster", "ScoreDesk", "Video"],
            pack.Select(p => p!["audience"]!.GetValue<string>()).Distinct().Order(StringComparer.Ordinal)
        );
        Assert.All(
            (await api.Get($"/api/competitions/{api.Competition}/pack?audience=Athlete&division=Meadow&language=Spanish")).AsArray(),
            p => Assert.Equal(("Meadow", "Spanish"), (p!["for"]!.GetValue<string>(), p["language"]!.GetValue<string>()))
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status($"/api/competitions/{api.Competition}/pack?cards=200"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status($"/api/competitions/{api.Competition}/pack?audience=Holder"));
    }

    [Fact]
    public async Task A_reading_gives_its_line_and_stays_on_the_sheet()
    {
        var (id, _) = await api.NewDraft(Wall);
        var measured = await api.Get($"/api/workouts/{id}/measurements");
        var place = measured["places"]![0]!["key"]!.GetValue<string>();
        var line = await api.Get($"/api/workouts/{id}/measurements/line?place={Uri.EscapeDataString(place)}&typed=83%201/2&unit=Inch");
        Assert.Equal((2041, "80 3/8"), (line["millimetres"]!.GetValue<int>(), line["tape"]!.GetValue<string>()));
        var write = new
        {
            id = Guid.NewGuid(),
            place,
            athlete = " Tamsin Oake ",
            typed = "2124",
            unit = "Millimetre",
            by = "R. Mudge",
        };
        Assert.Equal(HttpStatusCode.OK, (await api.Post($"/api/workouts/{id}/measurements", write)).Status);
        // A retry adds nothing; a mark that is measured again is another row, and both stay.
        Assert.Equal(HttpStatusCode.OK, (await api.Post($"/api/workouts/{id}/measurements", write)).Status);
        var (_, all) = await api.Post($"/api/workouts/{id}/measurements", write with { id = Guid.NewGuid(), typed = "2120" });
        Assert.Equal(["2044", "2040"], all!["readings"]!.AsArray().Select(r => r!["line"]!["millimetres"]!.ToString()));
        Assert.Equal("Tamsin Oake", all["readings"]![0]!["reading"]!["athlete"]!.GetValue<string>());
        var sheet = Text(await api.Get($"/api/workouts/{id}/brief?audience=Measurement"));
        Assert.Contains("2044 mm · 80 1/2 in", sheet, StringComparison.Ordinal);
        Assert.Contains("2040 mm", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_reading_that_cannot_be_is_refused_at_its_field_and_nothing_is_stored()
    {
        var (id, _) = await api.NewDraft(Wall);
        var place = (await api.Get($"/api/workouts/{id}/measurements"))["places"]![0]!["key"]!.GetValue<string>();
        async Task Refused(object body, params string[] fields)
        {
            var (status, problem) = await api.Post($"/api/workouts/{id}/measurements", body);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
            Assert.Equal(fields, problem!["errors"]!.AsObject().Select(e => e.Key).Order(StringComparer.Ordinal));
        }

        await Refused(
            new
            {
                id = Guid.NewGuid(),
                place,
                athlete = "",
                typed = "2,1",
                unit = "Metre",
                by = " ",
            },
            "athlete",
            "by",
            "typed"
        );
        await Refused(
            new
            {
                id = Guid.NewGuid(),
                place,
                athlete = "A",
                typed = "9999",
                unit = "Metre",
                by = "B",
            },
            "typed"
        );
        await Refused(
            new
            {
                id = Guid.NewGuid(),
                place = "moon",
                athlete = "A",
                typed = "2124",
                unit = "Millimetre",
                by = "B",
            },
            "place"
        );
        Assert.Empty((await api.Get($"/api/workouts/{id}/measurements"))["readings"]!.AsArray());
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"/api/workouts/{Guid.NewGuid()}/measurements"));
    }

    [Fact]
    public async Task An_erratum_is_there_for_every_version_but_the_first_in_both_languages()
    {
        var text =
            Wall + "policy bell: finished\npolicy doubtful rep: credit\npolicy measuring: at check-in\npolicy other documents: none\n";
        var (id, revision) = await api.NewDraft(text);
        var (status, first) = await api.Post(
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
        Assert.True(status == HttpStatusCode.OK, first!.ToJsonString());
        var code = first["code"]!.GetValue<string>();
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"/api/published/{code}/erratum"));
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = text.Replace("80 mm", "70 mm", StringComparison.Ordinal),
            }
        );
        var (_, second) = await api.Post(
            $"/api/workouts/{id}/publish",
            new
            {
                baseRevision = revision + 1,
                competitionRevision = await api.CompetitionRevision(),
                saveId = Guid.NewGuid(),
                holdsFrom = "heat 3",
                note = "",
            }
        );
        var sheet = Text(await api.Get($"/api/published/{second!["code"]}/erratum?language=Spanish"));
        Assert.Contains($"¿Tu papel dice {code}?", sheet, StringComparison.Ordinal);
        Assert.Contains("70 mm", sheet, StringComparison.Ordinal);
        var card = await api.Get($"/api/published/{second["code"]}/brief?audience=LaneCard&language=Spanish");
        Assert.StartsWith(second["code"]!.GetValue<string>(), card["cards"]![0]!["id"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal("Versión 2", card["status"]!.GetValue<string>());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status($"/api/published/{code}/brief?audience=Holder"));
    }

    /// <summary>Each answer is small, every paper is in exactly one of them, and each can be asked for again.</summary>
    [Fact]
    public async Task A_pack_comes_in_answers_of_a_size()
    {
        var path = $"/api/competitions/{api.Competition}/pack?cards=20&figures=true";
        var seen = 0;
        var answers = 0;
        for (var next = path; next is not null; answers++)
        {
            using var answer = await api.Http.GetAsync(new Uri(next, UriKind.Relative));
            var text = await answer.Content.ReadAsStringAsync();
            Assert.InRange(text.Length, 2, 5_000_000);
            var papers = JsonNode.Parse(text)!.AsArray().Count;
            Assert.True(papers > 0);
            seen += papers;
            next = answer.Headers.TryGetValues("Link", out var link) ? link.Single().Split('>')[0][1..] : null;
            Assert.True(next is null || next.EndsWith($"cards=20&figures=true&from={seen}", StringComparison.Ordinal), next);
        }

        Assert.True(answers > 1, $"{answers} answers of {seen} papers");
        Assert.Empty((await api.Get(path + $"&from={seen}")).AsArray());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status(path + "&from=-1"));
    }
}
