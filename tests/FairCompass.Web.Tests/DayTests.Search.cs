using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

public partial class DayTests
{
    private async Task<JsonNode> Searched(string at)
    {
        for (var i = 0; i < 600; i++)
        {
            var now = await api.Get(at + "/plan/search");
            if (!now["isRunning"]!.GetValue<bool>())
            {
                return now;
            }

            await Task.Delay(100);
        }

        throw new InvalidOperationException("The search did not end within a minute.");
    }

    [Fact]
    public async Task A_better_plan_is_sought_beside_everything_and_taken_over_the_plan_it_began_from()
    {
        var (at, _, plan) = await Planned(12, 9);
        Assert.Equal(0, (await api.Get(at + "/plan/search"))["baseRevision"]!.GetValue<int>());
        var revision = plan["revision"]!.GetValue<int>();
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(at + "/plan/search", new { baseRevision = revision - 1 })).Status);
        Assert.Equal(HttpStatusCode.Accepted, (await api.Post(at + "/plan/search", new { baseRevision = revision })).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(at + "/plan/search", new { baseRevision = revision })).Status);
        await api.Post(at + "/plan/search/stop", new { });
        var found = await Searched(at);
        Assert.False(found["isBroken"]!.GetValue<bool>());
        Assert.True(found["best"]!["minutes"]!.GetValue<long>() <= found["first"]!["minutes"]!.GetValue<long>());
        var (taken, now) = await api.Post(at + "/plan/make", Make(revision, "Found"));
        Assert.Equal(HttpStatusCode.OK, taken);
        Assert.Empty(now!["breaches"]!.AsArray());
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(at + "/plan/make", Make(now["revision"]!.GetValue<int>(), "Found"))).Status);
    }

    [Fact]
    public async Task What_no_plan_can_keep_to_is_said_with_the_rules_that_are_to_blame()
    {
        var (at, _, plan) = await Planned(8, 2);
        var revision = plan["revision"]!.GetValue<int>();
        Assert.Equal(HttpStatusCode.Accepted, (await api.Post(at + "/plan/search", new { baseRevision = revision })).Status);
        while ((await api.Get(at + "/plan/search"))["conflicts"] is null)
        {
            await Task.Delay(100);
        }

        await api.Post(at + "/plan/search/stop", new { });
        var conflicts = (await Searched(at))["conflicts"]!.AsArray();
        Assert.NotEmpty(conflicts);
        Assert.Contains("there are 2 judges", (string)conflicts[0]!["sentence"]!, StringComparison.Ordinal);
    }

    private static object Make(int revision, string what) =>
        new
        {
            baseRevision = revision,
            saveId = Guid.NewGuid(),
            what,
        };

    [Fact]
    public async Task All_that_is_kept_of_somebody_is_theirs_to_have_and_what_was_measured_loses_their_name_with_them()
    {
        var (at, _, _) = await Planned(4, 4);
        var (_, draft) = await api.Post(
            at + "/workouts",
            new
            {
                body = "Line Up\n  for Tideline\n\n9:00 for reps\n  max burpee to the target, target 15 cm above reach\n\n"
                    + "score: reps\n  tie: shared\n",
            }
        );
        var measured = $"/api/workouts/{draft!["id"]}/measurements";
        var place = (string)(await api.Get(measured))["places"]![0]!["key"]!;
        var entry = (await api.Get(at + "/entries"))["entries"]![0]!["entry"]!;
        var person = entry["members"]![0]!;
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await api.Post(
                    measured,
                    new
                    {
                        id = Guid.NewGuid(),
                        place,
                        athlete = (string)person["name"]!,
                        typed = "2124",
                        unit = "Millimetre",
                        by = "The desk",
                    }
                )
            ).Status
        );
        var readings = at + $"/entries/{entry["id"]}/readings";
        Assert.Equal(2124m, (await api.Get(readings))[0]!["value"]!.GetValue<decimal>());
        var kept = await api.Get(at + $"/entries/people/{person["id"]}/kept");
        Assert.Equal(
            ((string)person["name"]!, 1, 1, 1),
            (
                (string)kept["person"]!["name"]!,
                kept["entries"]!.AsArray().Count,
                kept["readings"]!.AsArray().Count,
                kept["times"]!.AsArray().Count
            )
        );
        Assert.StartsWith("a", (string)kept["contact"]!, StringComparison.Ordinal);
        await api.Post(at + $"/entries/people/{person["id"]}/forget", new { });
        Assert.Empty((await api.Get(readings)).AsArray());
        Assert.Equal("Removed", (string)(await api.Get(measured))["readings"]![0]!["reading"]!["athlete"]!);
        Assert.Equal(HttpStatusCode.NotFound, (await api.Http.GetAsync(at + $"/entries/people/{Guid.NewGuid()}/kept")).StatusCode);
    }

    [Fact]
    public async Task Times_of_gyms_judges_and_floors_stand_on_sheets_of_their_own()
    {
        var (at, _, _) = await Planned(9, 9);
        async Task<JsonArray> By(string by) => (await api.Get(at + "/times/all?by=" + by)).AsArray();
        Assert.Equal(5, (await By("Gym")).Count);
        Assert.Equal(9, (await By("Gym")).Sum(g => g!["times"]!.AsArray().Count));
        Assert.Equal(9, (await By("Judge")).Sum(g => g!["times"]!.AsArray().Count));
        var floor = Assert.Single(await By("Floor"));
        Assert.Equal("Main", (string)floor!["name"]!);
        Assert.Contains("lanes 1 to", (string)floor["times"]![0]!["what"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_list_of_judges_may_have_a_line_above_it()
    {
        var at = await NewCompetition();
        var (status, all) = await api.Post(at + "/officials", new { kind = "Judge", text = "Name\tGym\nWren Oake\tKelp\nHal Cobb\n" });
        Assert.Equal((HttpStatusCode.OK, 2), (status, all!.AsArray().Count));
    }
}
