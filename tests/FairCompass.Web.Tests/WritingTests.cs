using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>House rules and standards of one's own, over HTTP and with real PostgreSQL.</summary>
public class WritingTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private string Base => $"/api/competitions/{api.Competition}";

    private async Task<(HttpStatusCode Status, JsonNode? Body)> Save(Action<JsonObject> change)
    {
        var stored = await api.Get(Base);
        var competition = stored["competition"]!.DeepClone().AsObject();
        change(competition);
        return await api.Put(
            Base,
            new
            {
                baseRevision = stored["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                competition,
            }
        );
    }

    private static void Add(JsonObject competition, string list, JsonNode item)
    {
        if (competition[list] is not JsonArray array)
        {
            competition[list] = array = [];
        }

        array.Add(item);
    }

    [Fact]
    public async Task A_standard_is_begun_from_the_nearest_posed_put_into_the_book_and_used()
    {
        var nearest = (await api.Get($"{Base}/standards/nearest?name=paused%20front%20squat")).AsArray();
        Assert.Equal("front-squat", nearest[0]!["id"]!.GetValue<string>());
        var copy = await api.Get($"{Base}/standards/front-squat/copy?name=paused%20front%20squat");
        Assert.Equal("paused-front-squat", copy["id"]!.GetValue<string>());
        var (status, looked) = await api.Post(
            $"{Base}/standards/look",
            new
            {
                movement = copy,
                pose = new
                {
                    phase = "Through",
                    breaks = (string?)null,
                    stature = 1750,
                    turn = new
                    {
                        joint = "Knee",
                        side = (string?)null,
                        degrees = 80,
                    },
                },
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Empty(looked!["errors"]!.AsArray());
        Assert.Contains(
            looked["pose"]!["verdicts"]!.AsArray(),
            v => v!["clause"]!.GetValue<string>() == "depth" && !v["holds"]!.GetValue<bool>()
        );
        var posed = copy.DeepClone();
        posed["poses"] = new JsonArray(
            new JsonObject
            {
                ["phase"] = "Start",
                ["breaks"] = null,
                ["angles"] = looked["pose"]!["angles"]!.DeepClone(),
            }
        );
        Assert.Equal(HttpStatusCode.OK, (await api.Post($"{Base}/standards/look", new { movement = posed, pose = (object?)null })).Status);
        var (saved, problem) = await Save(c => Add(c, "ownMovements", posed));
        Assert.True(saved == HttpStatusCode.OK, problem?.ToJsonString());
        Assert.NotNull((await api.Get($"{Base}/standards/paused-front-squat/figures"))["positions"]);
        var (id, _) = await api.NewDraft(
            "Own Test\n  for Tideline\n  a/b is man/woman\n\n9:00 for reps\n  max paused front squat, 60/40 kg\n\nscore: reps\n"
                + "  tie: shared\n"
        );
        var brief = await api.Get($"/api/workouts/{id}/brief?audience=Judge&figures=true");
        Assert.Contains("Paused front squat", brief.ToJsonString(), StringComparison.Ordinal);
        Assert.Contains("drawing", brief.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_wrong_and_what_cannot_be_seen_come_back_at_their_fields()
    {
        var copy = await api.Get($"{Base}/standards/pull-up/copy?name=hard%20pull-up");
        copy["clauses"]!
            .AsArray()
            .Add(
                JsonNode.Parse(
                    """{"id":"own-1","phase":"Through","kind":"Required","text":{"english":"The athlete pulls properly."},"of":null}"""
                )
            );
        copy["faults"]![0]!["sign"]!["english"] = "";
        var (status, looked) = await api.Post(
            $"{Base}/standards/look",
            new
            {
                movement = copy,
                pose = new
                {
                    phase = "Start",
                    breaks = (string?)null,
                    stature = 3000,
                },
            }
        );
        Assert.True(status == HttpStatusCode.OK, looked!.ToJsonString());
        Assert.Contains(looked["errors"]!.AsArray(), e => e!["path"]!.GetValue<string>() == "faults[0].sign");
        Assert.Contains(looked["errors"]!.AsArray(), e => e!["path"]!.GetValue<string>() == "pose.stature");
        Assert.Equal(
            ["faults", "text"],
            looked["unseen"]!
                .AsArray()
                .Where(x => x!["clause"]!.GetValue<string>() == "own-1")
                .Select(x => x!["field"]!.GetValue<string>())
                .Order(StringComparer.Ordinal)
        );
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"{Base}/standards/moon-hop/copy?name=x"));
    }

    [Fact]
    public async Task A_fault_without_a_consequence_is_not_saved()
    {
        var (status, problem) = await Save(c =>
            Add(
                c,
                "houseRules",
                JsonNode.Parse(
                    """
                    {"movement":"sit-up","clause":"house-1","text":{"english":"The feet stay on the floor."},
                     "phase":"Through","sign":{"english":"A foot lifts."}}
                    """
                )!
            )
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(
            problem!["errors"]!.AsObject(),
            e =>
                e.Key.EndsWith(".then", StringComparison.Ordinal)
                && e.Value!.ToJsonString().Contains("Say what follows", StringComparison.Ordinal)
        );
        // A movement of one's own whose no-rep has none is not even understood: the key is missing.
        var copy = await api.Get($"{Base}/standards/sit-up/copy?name=own%20sit-up");
        copy["faults"]![0]!.AsObject().Remove("then");
        var (malformed, where) = await Save(c => Add(c, "ownMovements", copy));
        Assert.Equal(HttpStatusCode.BadRequest, malformed);
        Assert.Contains("faults[0]", where!.ToJsonString(), StringComparison.Ordinal);
    }
}
