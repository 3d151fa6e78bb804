using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Access;

namespace FairCompass.Web.Tests;

/// <summary>People, plan and cards as the pages use them, over a competition of their own.</summary>
public class DayTests(ApiFixture api) : IClassFixture<ApiFixture>
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
    private async Task<(string At, Guid Workout, JsonNode Plan)> Planned(int entries, int judges, int lanes = 4)
    {
        var at = await NewCompetition();
        var (_, draft) = await api.Post(
            at + "/workouts",
            new { body = "Short One\n  for Tideline\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n" }
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (await Take(at, Head + string.Concat(Enumerable.Range(0, entries).Select(i => Row(i))), entries, 0, 0)).Status
        );
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
    public async Task A_list_with_two_mistakes_is_taken_once_they_are_mended_and_never_in_half()
    {
        var at = await NewCompetition();
        var text = Head + Row(0) + "Una Eddy\tTidelin\tF\tKelp\t\t\n" + "Wren Cobb\tTideline\t?\tKelp\t\t\n";
        var (_, seen) = await api.Post(at + "/entries/preview", List(text));
        Assert.Equal([3, 4], seen!["list"]!["troubles"]!.AsArray().Select(t => t!["row"]!.GetValue<int>()));
        Assert.Empty(seen["changes"]!.AsArray());
        var (refused, why) = await Take(at, text, 1, 0, 0);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Contains("Is Tideline meant?", why!["errors"]!["rows[3]"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await api.Get(at + "/entries"))["entries"]!.AsArray());
        var mended = text.Replace("Tidelin\t", "Tideline\t", StringComparison.Ordinal).Replace("?", "F", StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.Conflict, (await Take(at, mended, 2, 0, 0)).Status);
        Assert.Equal(HttpStatusCode.OK, (await Take(at, mended, 3, 0, 0)).Status);
        var entries = (await api.Get(at + "/entries"))["entries"]!.AsArray();
        Assert.Equal(3, entries.Count);
        // Who has no number gets the next.
        Assert.Equal(["101", "102", "103"], entries.Select(e => e!["entry"]!["bib"]!.GetValue<string>()).Order(StringComparer.Ordinal));
    }

    [Fact]
    public async Task A_list_that_is_read_again_changes_what_is_different_and_withdraws_who_is_gone()
    {
        var at = await NewCompetition();
        await Take(at, Head + Row(0) + Row(1) + Row(2), 3, 0, 0);
        // Two exchange their numbers, one is gone, one is new.
        var again =
            Head + Row(0).Replace("101", "102", StringComparison.Ordinal) + Row(1).Replace("102", "101", StringComparison.Ordinal) + Row(3);
        var (status, now) = await Take(at, again, 1, 2, 1, withdraw: true);
        Assert.Equal(HttpStatusCode.OK, status);
        var states = now!["entries"]!
            .AsArray()
            .Select(e => (e!["entry"]!["bib"]!.GetValue<string>(), e["entry"]!["state"]!.GetValue<string>()));
        Assert.Equal([("101", "In"), ("102", "In"), ("103", "Withdrawn"), ("104", "In")], states.Order());
        var changed = now["entries"]!.AsArray().First(e => e!["entry"]!["bib"]!.GetValue<string>() == "102")!["entry"]!["id"];
        var history = await api.Get($"{at}/entries/{changed}/history");
        Assert.Equal(["entered from a list", "number 101 → 102"], history.AsArray().Select(h => h!["what"]!.GetValue<string>()));
        Assert.All(history.AsArray(), h => Assert.Equal("Demo organiser", h!["by"]!.GetValue<string>()));
    }

    /// <summary>Nothing but the address tells two of one name apart, also when one of them was there before.</summary>
    [Fact]
    public async Task Two_of_one_name_stay_two_where_only_the_address_differs()
    {
        var at = await NewCompetition();
        const string Two = "Name\tDivision\tSex\tE-mail\nUna Eddy\tTideline\tF\tone@x.invalid\n";
        await Take(at, Two, 1, 0, 0);
        var (status, now) = await Take(at, Two + "Una Eddy\tEstuary\tF\ttwo@x.invalid\n", 1, 0, 0);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(2, now!["entries"]!.AsArray().Select(e => e!["entry"]!["members"]![0]!["id"]!.GetValue<Guid>()).Distinct().Count());
    }

    [Fact]
    public async Task A_person_in_two_divisions_is_one_and_a_withdrawal_needs_a_reason()
    {
        var at = await NewCompetition();
        const string Text =
            "Name\tDivision\tSex\tGym\tTeam\n"
            + "Una Eddy\tTideline\tF\tKelp\t\nUna Eddy\tFerry Pairs\tF\tKelp\tGig\nHal Cobb\tFerry Pairs\tM\tKelp\tGig\n";
        var (_, now) = await Take(at, Text, 2, 0, 0);
        var people = now!["entries"]!.AsArray().SelectMany(e => e!["entry"]!["members"]!.AsArray()).ToList();
        Assert.Equal(2, people.Select(p => p!["id"]!.GetValue<Guid>()).Distinct().Count());
        var alone = now["entries"]!.AsArray().Single(e => e!["entry"]!["team"]!.GetValue<string>().Length == 0)!;
        var path = $"{at}/entries/{alone["entry"]!["id"]}";
        var (without, _) = await api.Put(
            path + "/state",
            new
            {
                revision = 1,
                state = "Withdrawn",
                reason = " ",
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, without);
        var (done, _) = await api.Put(
            path + "/state",
            new
            {
                revision = 1,
                state = "Withdrawn",
                reason = "ill",
            }
        );
        Assert.Equal(HttpStatusCode.OK, done);
        var (older, _) = await api.Put(
            path + "/state",
            new
            {
                revision = 1,
                state = "In",
                reason = "",
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, older);
        var team = now["entries"]!.AsArray().Single(e => e!["entry"]!["team"]!.GetValue<string>() == "Gig")!["entry"]!["id"];
        var (wrong, field) = await api.Put(
            $"{at}/entries/{team}/members",
            new
            {
                revision = 1,
                seat = 1,
                name = "",
                gym = "",
                sex = "woman",
                reason = "",
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, wrong);
        Assert.Equal(["name", "reason", "sex"], field!["errors"]!.AsObject().Select(e => e.Key).Order());
        var (seated, after) = await api.Put(
            $"{at}/entries/{team}/members",
            new
            {
                revision = 1,
                seat = 1,
                name = "Ivo Quay",
                gym = "Kelp",
                sex = (string?)null,
                reason = "hurt",
            }
        );
        Assert.Equal(HttpStatusCode.OK, seated);
        Assert.Contains("Ivo Quay", after!.ToJsonString(), StringComparison.Ordinal);
    }

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
    public async Task Cards_are_printed_once_under_the_version_in_force_and_chased_when_their_heat_is_over()
    {
        var (at, workout, plan) = await Planned(8, 8);
        var heats = Heats(plan).Select(h => h!["id"]!.GetValue<Guid>()).ToArray();
        var (unpublished, why) = await api.Post(at + "/cards", new { heats });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, unpublished);
        Assert.Contains("is not published", why!["errors"]!["heats"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        var draft = await api.Get($"/api/workouts/{workout}");
        var (published, version) = await api.Post(
            $"/api/workouts/{workout}/publish",
            new
            {
                baseRevision = draft["revision"]!.GetValue<int>(),
                competitionRevision = (await api.Get(at))["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                holdsFrom = "",
                note = "",
            }
        );
        Assert.True(published == HttpStatusCode.OK, version?.ToJsonString());
        await api.Post(at + "/cards", new { heats });
        var (_, cards) = await api.Post(at + "/cards", new { heats });
        Assert.Equal(Enumerable.Range(1, 8), cards!["cards"]!.AsArray().Select(c => c!["number"]!.GetValue<int>()));
        Assert.Empty(cards["chase"]!.AsArray());
        var papers = await api.Get($"{at}/cards/papers?heat={heats[0]}");
        var lanes = Heats(plan)[0]!["lanes"]!.AsArray();
        Assert.Equal(lanes.Count, papers.AsArray().Count);
        Assert.Contains("Somebody", papers[0]!["sections"]![0]!.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(1, papers[0]!["version"]!.GetValue<int>());
        var (_, run) = await Edit(
            at,
            plan,
            new
            {
                kind = "setState",
                heat = heats[0],
                state = "Run",
            }
        );
        Assert.NotNull(run);
        var chased = (await api.Get(at + "/cards"))["chase"]!.AsArray();
        Assert.Equal(lanes.Count, chased.Count);
        var card = chased[0]!["card"]!["id"]!.GetValue<Guid>();
        var (_, back) = await api.Put(
            $"{at}/cards/{card}",
            new
            {
                state = "Back",
                who = "desk",
                reason = "",
            }
        );
        Assert.Equal(lanes.Count - 1, back!["chase"]!.AsArray().Count);
        var lost = chased[1]!["card"]!["id"]!.GetValue<Guid>();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post($"{at}/cards/{lost}/replace", new { reason = "" })).Status);
        var (_, replaced) = await api.Post($"{at}/cards/{lost}/replace", new { reason = "wet" });
        Assert.Equal(9, replaced!["cards"]!.AsArray().Count);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await api.Put(
                    $"{at}/cards/{lost}",
                    new
                    {
                        state = "Back",
                        who = "",
                        reason = "",
                    }
                )
            ).Status
        );
        Assert.Contains(replaced["chase"]!.AsArray(), c => c!["card"]!["number"]!.GetValue<int>() == 9);
        var kit = await api.Get($"{at}/plan/heats/{heats[0]}/kit");
        Assert.NotNull(kit);
    }

    [Fact]
    public async Task A_phone_follows_times_without_signing_in_and_sees_nothing_else()
    {
        var (at, _, plan) = await Planned(8, 8);
        var entry = Heats(plan)[0]!["lanes"]![0]!["entry"]!.GetValue<Guid>();
        var (_, feed) = await api.Post(
            at + "/times/feed",
            new
            {
                entry,
                judge = (Guid?)null,
                gym = (string?)null,
            }
        );
        var (_, again) = await api.Post(
            at + "/times/feed",
            new
            {
                entry,
                judge = (Guid?)null,
                gym = (string?)null,
            }
        );
        var address = feed!["address"]!.GetValue<string>();
        Assert.Equal(address, again!["address"]!.GetValue<string>());
        using var phone = Visitors.At(api.App.Address);
        var calendar = await phone.GetStringAsync(new Uri(address).PathAndQuery);
        Assert.Contains("TZID=Europe/Madrid:20270612T085800", calendar, StringComparison.Ordinal);
        Assert.DoesNotContain("@x.invalid", calendar, StringComparison.Ordinal);
        using var unknown = await phone.GetAsync(new Uri("/api/times/AAAAAAAAAAAAAAAAAAAAAAAA.ics", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NotFound, unknown.StatusCode);
        using var nobody = await phone.GetAsync(new Uri(at + "/times?entry=" + entry, UriKind.Relative));
        Assert.Equal(HttpStatusCode.Unauthorized, nobody.StatusCode);
    }

    [Fact]
    public async Task Only_who_needs_it_sees_how_athletes_are_reached()
    {
        using var judge = Visitors.At(api.App.Address);
        await RunningApp.SignIn(judge, Role.Judge);
        var entries = await judge.GetStringAsync($"/api/competitions/{api.Competition}/entries");
        Assert.DoesNotContain("contact", entries, StringComparison.OrdinalIgnoreCase);
        using var contacts = await judge.GetAsync(new Uri($"/api/competitions/{api.Competition}/entries/contacts", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Forbidden, contacts.StatusCode);
        var at = await NewCompetition();
        await Take(at, Head + Row(0), 1, 0, 0);
        Assert.Equal("a0@x.invalid", (await api.Get(at + "/entries/contacts"))[0]!["contact"]!.GetValue<string>());
    }

    [Fact]
    public async Task Who_wants_it_is_read_by_number_and_whose_data_are_removed_is_nowhere_any_more()
    {
        var (at, _, plan) = await Planned(8, 8);
        var entry = Heats(plan)[0]!["lanes"]![0]!["entry"]!.GetValue<Guid>();
        JsonNode Mine(JsonNode all) => all["entries"]!.AsArray().Single(e => e!["entry"]!["id"]!.GetValue<Guid>() == entry)!["entry"]!;
        var mine = Mine(await api.Get(at + "/entries"));
        var (name, person, bib) = (
            mine["members"]![0]!["name"]!.GetValue<string>(),
            mine["members"]![0]!["id"]!,
            mine["bib"]!.GetValue<string>()
        );
        await api.Put($"{at}/entries/people/{person}", new { byBib = true });
        var names = await api.Get(at + "/times/names");
        Assert.DoesNotContain(name, names.ToJsonString(), StringComparison.Ordinal);
        Assert.Contains($"No. {bib}", names.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal($"No. {bib}", (await api.Get($"{at}/times?entry={entry}"))["name"]!.GetValue<string>());
        // Somebody else stood there before; that is history, and holds no name either.
        await api.Put(
            $"{at}/entries/{entry}/members",
            new
            {
                revision = 1,
                seat = 1,
                name = "Ivo Quay",
                gym = "Kelp",
                sex = (string?)null,
                reason = "hurt",
            }
        );
        var history = await api.Get($"{at}/entries/{entry}/history");
        Assert.Equal($"{name} → Ivo Quay", history[1]!["what"]!.GetValue<string>());
        var (status, left) = await api.Post($"{at}/entries/people/{person}/forget", new { });
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.DoesNotContain(name, left!.ToJsonString(), StringComparison.Ordinal);
        Assert.DoesNotContain(name, (await api.Get($"{at}/entries/{entry}/history")).ToJsonString(), StringComparison.Ordinal);
        Assert.DoesNotContain(person.ToString(), (await api.Get(at + "/entries/contacts")).ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await api.Post($"{at}/entries/people/{Guid.NewGuid()}/forget", new { })).Status);
    }

    [Fact]
    public async Task The_demo_is_planned_and_keeps_every_rule()
    {
        var plan = await api.Get($"/api/competitions/{api.Competition}/plan");
        Assert.Empty(plan["breaches"]!.AsArray());
        Assert.Equal(["Called", "Planned", "Run"], Heats(plan).Select(h => h!["state"]!.GetValue<string>()).Distinct().Order());
        var cards = await api.Get($"/api/competitions/{api.Competition}/cards");
        Assert.Equal(["Missing", "Out"], cards["chase"]!.AsArray().Select(c => c!["card"]!["state"]!.GetValue<string>()).Order());
        Assert.Equal(144, (await api.Get($"/api/competitions/{api.Competition}/entries"))["entries"]!.AsArray().Count);
    }
}
