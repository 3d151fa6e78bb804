using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Access;

namespace FairCompass.Web.Tests;

/// <content>Cards of heats, and times that a phone follows.</content>
public partial class DayTests
{
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
        var kit = await api.Get($"{at}/plan/heats/{heats[0]}/words?language=Spanish");
        Assert.NotNull(kit);
    }

    [Fact]
    public async Task Who_goes_to_another_heat_has_one_card_there_and_none_where_they_were()
    {
        var (at, workout, plan) = await Planned(8, 8);
        await Published(at, workout);
        var heats = Heats(plan).Select(h => h!["id"]!.GetValue<Guid>()).ToArray();
        await api.Post(at + "/cards", new { heats });
        await Edit(
            at,
            plan,
            new
            {
                kind = "swap",
                heat = heats[0],
                lane = 1,
                with = heats[1],
                withLane = 1,
            }
        );
        var (_, now) = await api.Post(at + "/cards", new { heats });
        var cards = now!["cards"]!.AsArray();
        Assert.Equal((8, 2), (cards.Count(c => (string)c!["state"]! == "Printed"), cards.Count(c => (string)c!["state"]! == "Replaced")));
        Assert.All(
            cards.Where(c => (string)c!["state"]! == "Replaced"),
            c => Assert.Equal("stands in another heat now", (string)c!["reason"]!)
        );
        var papers = await api.Get($"{at}/cards/papers?heat={heats[0]}");
        Assert.Equal(Heats(plan)[0]!["lanes"]!.AsArray().Count, papers.AsArray().Count);
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
}
