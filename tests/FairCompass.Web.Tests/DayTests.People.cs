using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Access;

namespace FairCompass.Web.Tests;

/// <content>Lists of entries, and what becomes of who stands in them.</content>
public partial class DayTests
{
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
}
