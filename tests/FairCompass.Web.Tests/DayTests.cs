using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Access;

namespace FairCompass.Web.Tests;

/// <summary>People, plan and cards as the pages use them, over a competition of their own.</summary>
public partial class DayTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Head = "Name\tDivision\tSex\tGym\tNumber\tE-mail\n";

    private async Task<string> NewCompetition()
    {
        var demo = (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!.DeepClone();
        demo["name"] = "Day " + Guid.NewGuid().ToString("N")[..6];
        var (status, made) = await api.Post("/api/competitions", demo.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        return $"/api/competitions/{made!["id"]!.GetValue<Guid>()}";
    }

    private static object List(string text, params int[] leaveOut) =>
        new
        {
            text,
            uses = Array.Empty<object>(),
            leaveOut,
        };

    private Task<(HttpStatusCode Status, JsonNode? Body)> Take(
        string at,
        string text,
        int added,
        int changed,
        int gone,
        bool withdraw = false
    ) =>
        api.Post(
            at + "/entries/take",
            new
            {
                text,
                uses = Array.Empty<object>(),
                leaveOut = Array.Empty<int>(),
                withdrawGone = withdraw,
                @new = added,
                changed,
                gone,
            }
        );

    private static string Row(int i, string division = "Tideline") =>
        $"Somebody {(char)('A' + (i % 26))}{(char)('a' + (i / 26))}\t{division}\t{(i % 2 == 0 ? "M" : "F")}\t"
        + $"Gym {i % 5}\t{101 + i}\ta{i}@x.invalid\n";

    /// <summary>A competition with entries, judges, and one session of a workout of its own.</summary>
    private Task<(string At, Guid Workout, JsonNode Plan)> Planned(int entries, int judges, int lanes = 4) =>
        Planned(
            "Short One\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n",
            Head + string.Concat(Enumerable.Range(0, entries).Select(i => Row(i))),
            judges,
            lanes
        );

    private async Task<(string At, Guid Workout, JsonNode Plan)> Planned(string body, string list, int judges, int lanes)
    {
        var at = await NewCompetition();
        var (_, draft) = await api.Post(at + "/workouts", new { body });
        Assert.Equal(HttpStatusCode.OK, (await Take(at, list, list.TrimEnd().Count(c => c == '\n'), 0, 0)).Status);
        await api.Post(
            at + "/officials",
            new
            {
                kind = "Judge",
                text = string.Join('\n', Enumerable.Range(0, judges).Select(i => $"J. {(char)('A' + i)}son, Gym {i % 5}")),
            }
        );
        var workout = draft!["id"]!.GetValue<Guid>();
        var (set, _) = await api.Put(at + "/plan", Settings(0, workout, lanes));
        Assert.Equal(HttpStatusCode.OK, set);
        var (made, plan) = await api.Post(
            at + "/plan/make",
            new
            {
                baseRevision = 1,
                saveId = Guid.NewGuid(),
                what = "Heats",
            }
        );
        Assert.Equal(HttpStatusCode.OK, made);
        return (at, workout, plan!);
    }

    private static object Settings(
        int revision,
        Guid workout,
        int lanes,
        string zone = "Europe/Madrid",
        string starts = "2027-06-12T09:00:00"
    ) =>
        new
        {
            baseRevision = revision,
            saveId = Guid.NewGuid(),
            zone,
            rules = new
            {
                restMinutes = 30,
                judgeInARow = 4,
                judgeBreak = 1,
            },
            draw = 7,
            sessions = new[]
            {
                new
                {
                    id = Guid.NewGuid(),
                    workout,
                    starts,
                    floor = "Main",
                    lanes,
                    order = "Seeded",
                    rotates = true,
                    mixes = true,
                    between = new
                    {
                        callUp = 120,
                        reset = (int?)null,
                        crew = 2,
                    },
                    divisions = Array.Empty<string>(),
                },
            },
        };

    private static JsonArray Heats(JsonNode plan) => plan["plan"]!["heats"]!.AsArray();

    private Task<(HttpStatusCode Status, JsonNode? Body)> Edit(string at, JsonNode plan, object edit) =>
        api.Post(
            at + "/plan/edit",
            new
            {
                baseRevision = plan["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                edit,
            }
        );

    [Fact]
    public async Task A_plan_is_made_changed_by_hand_and_delayed_and_says_what_changed()
    {
        var (at, _, plan) = await Planned(14, 12);
        Assert.Empty(plan["breaches"]!.AsArray());
        var heats = Heats(plan);
        Assert.Equal(["2027-06-12T09:00:00", "2027-06-12T09:11:00"], heats.Take(2).Select(h => h!["starts"]!.GetValue<string>()));
        var (swapped, two) = await Edit(
            at,
            plan,
            new
            {
                kind = "swap",
                heat = heats[0]!["id"],
                lane = 1,
                with = heats[1]!["id"],
                withLane = 1,
            }
        );
        Assert.Equal(HttpStatusCode.OK, swapped);
        Assert.Equal(2, two!["difference"]!["entries"]!.GetValue<int>());
        var (late, three) = await Edit(
            at,
            two,
            new
            {
                kind = "delay",
                heat = heats[1]!["id"],
                minutes = 12,
            }
        );
        Assert.Equal(HttpStatusCode.OK, late);
        Assert.Equal("2027-06-12T09:23:00", Heats(three!)[1]!["starts"]!.GetValue<string>());
        Assert.Equal("2027-06-12T09:00:00", Heats(three!)[0]!["starts"]!.GetValue<string>());
        Assert.Contains(
            "Short One, heat 2 starts at 09:23, not 09:11.",
            three!["difference"]!["words"]!.AsArray().Select(w => w!.GetValue<string>())
        );
        var (outdated, _) = await Edit(
            at,
            plan,
            new
            {
                kind = "delay",
                heat = heats[1]!["id"],
                minutes = 12,
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, outdated);
        var (gone, fields) = await Edit(
            at,
            three,
            new
            {
                kind = "delay",
                heat = Guid.NewGuid(),
                minutes = 12,
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, gone);
        Assert.Contains("heat", fields!["errors"]!.AsObject().Select(e => e.Key));
        Assert.Equal(three["revision"]!.GetValue<int>(), (await api.Get(at + "/plan"))["revision"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_retry_finds_its_own_save_and_two_at_once_make_one_plan()
    {
        var (at, _, plan) = await Planned(8, 8);
        var edit = new
        {
            baseRevision = plan["revision"]!.GetValue<int>(),
            saveId = Guid.NewGuid(),
            edit = new
            {
                kind = "fix",
                heat = Heats(plan)[0]!["id"],
                on = true,
            },
        };
        var first = await api.Post(at + "/plan/edit", edit);
        var again = await api.Post(at + "/plan/edit", edit);
        Assert.Equal((HttpStatusCode.OK, HttpStatusCode.OK), (first.Status, again.Status));
        Assert.Equal(first.Body!["revision"]!.GetValue<int>(), again.Body!["revision"]!.GetValue<int>());
        var revision = first.Body["revision"]!.GetValue<int>();
        var both = await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(_ =>
                    api.Post(
                        at + "/plan/make",
                        new
                        {
                            baseRevision = revision,
                            saveId = Guid.NewGuid(),
                            what = "Judges",
                        }
                    )
                )
        );
        Assert.Single(both, b => b.Status == HttpStatusCode.OK);
        Assert.All(both.Where(b => b.Status != HttpStatusCode.OK), b => Assert.Equal(HttpStatusCode.Conflict, b.Status));
    }

    [Theory]
    [InlineData(0, "Europe/Madrid", "2027-06-12T09:00:00", "sessions[0].lanes")]
    [InlineData(4, "Atlantis/Docks", "2027-06-12T09:00:00", "zone")]
    [InlineData(4, "Europe/Madrid", "2028-01-01T09:00:00", "sessions[0].starts")]
    public async Task What_a_plan_cannot_be_asked_for_is_said_at_its_field(int lanes, string zone, string starts, string field)
    {
        var at = await NewCompetition();
        var (_, draft) = await api.Post(at + "/workouts", new { body = "T\n\n9:00 for time\n  30 sit-up\n" });
        var (status, why) = await api.Put(at + "/plan", Settings(0, draft!["id"]!.GetValue<Guid>(), lanes, zone, starts));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal([field], why!["errors"]!.AsObject().Select(e => e.Key));
    }

    [Fact]
    public async Task A_division_of_nobody_and_too_few_judges_are_said_and_what_can_be_planned_is()
    {
        var (at, _, plan) = await Planned(9, 2);
        var kinds = plan["breaches"]!.AsArray().GroupBy(b => b!["kind"]!.GetValue<string>()).ToDictionary(g => g.Key, g => g.Count());
        Assert.Equal(["NoJudge"], kinds.Keys.ToArray());
        Assert.Equal(9, Heats(plan).Sum(h => h!["lanes"]!.AsArray().Count));
        await Take(at, Head, 0, 0, 9, withdraw: true);
        var (_, empty) = await api.Post(
            at + "/plan/make",
            new
            {
                baseRevision = 2,
                saveId = Guid.NewGuid(),
                what = "Gaps",
            }
        );
        Assert.Empty(Heats(empty!));
        Assert.Contains(
            "Short One: nobody is in Tideline men.",
            empty!["breaches"]!.AsArray().Select(b => b!["sentence"]!.GetValue<string>())
        );
    }

    [Fact]
    public async Task The_demo_is_planned_and_keeps_every_rule()
    {
        var plan = await api.Get($"/api/competitions/{api.Competition}/plan");
        Assert.Empty(plan["breaches"]!.AsArray());
        Assert.Equal(["Called", "Planned", "Run"], Heats(plan).Select(h => h!["state"]!.GetValue<string>()).Distinct().Order());
        var cards = await api.Get($"/api/competitions/{api.Competition}/cards");
        Assert.Equal(["Missing", "Out"], cards["chase"]!.AsArray().Select(c => c!["card"]!["state"]!.GetValue<string>()).Order());
        var people = (await api.Get($"/api/competitions/{api.Competition}/entries"))["entries"]!
            .AsArray()
            .SelectMany(e => e!["entry"]!["members"]!.AsArray())
            .Select(m => (m!["id"]!.GetValue<Guid>(), m["name"]!.GetValue<string>()))
            .ToList();
        Assert.Equal(200, people.Select(p => p.Item1).Distinct().Count());
        Assert.Equal(200, people.Select(p => p.Item2).Distinct().Count());
    }
}
