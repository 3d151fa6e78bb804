using System.Net;
using System.Text.Json.Nodes;
using Dapper;
using Npgsql;

namespace FairCompass.Web.Tests;

public partial class DayTests
{
    private async Task Published(string at, Guid workout)
    {
        var draft = await api.Get($"/api/workouts/{workout}");
        var (status, answer) = await api.Post(
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
        Assert.True(status == HttpStatusCode.OK, answer?.ToJsonString());
    }

    /// <summary>A workout published, its heats with cards.</summary>
    private async Task<(string At, JsonArray Cards)> Carded(int entries)
    {
        var (at, workout, plan) = await Planned(entries, entries + 2);
        await Published(at, workout);
        var (_, made) = await api.Post(at + "/cards", new { heats = Heats(plan).Select(h => h!["id"]!.GetValue<Guid>()).ToArray() });
        return (at, made!["cards"]!.AsArray());
    }

    private static object Typed(string text, long seen = 0, string? reason = null, Guid? saveId = null, string status = "Ran") =>
        new
        {
            saveId = saveId ?? Guid.NewGuid(),
            seen,
            typed = new
            {
                status,
                fields = new[] { new { key = "0.counted", text } },
                lifts = Array.Empty<object>(),
                places = Array.Empty<object>(),
                sure = Array.Empty<string>(),
            },
            correct = reason is not null,
            reason = reason ?? "",
        };

    [Fact]
    public async Task A_card_is_found_typed_asked_about_corrected_and_counted()
    {
        var (at, cards) = await Carded(6);
        var card = cards[0]!;
        var found = await api.Get(at + "/desk?find=" + Uri.EscapeDataString((string)card["printed"]!));
        Assert.Equal((string)card["id"]!, (string)Assert.Single(found.AsArray())!["card"]!["id"]!);
        // What a scanner reads holds the whole fingerprint as well.
        var papers = await api.Get($"{at}/cards/papers?heat={card["heat"]}");
        var content = (string)
            papers.AsArray().Select(p => p!["cards"]![0]!).Single(c => (string)c["id"]! == (string)card["printed"]!)["content"]!;
        Assert.Matches("^.{11}/001/[0-9A-F]{64}$", content);
        var scanned = (await api.Get(at + "/desk?find=" + Uri.EscapeDataString(content))).AsArray();
        Assert.Equal((string)card["id"]!, (string)Assert.Single(scanned)!["card"]!["id"]!);
        var misread = content[0] == '7' ? "8" + content[1..] : "7" + content[1..];
        Assert.Empty((await api.Get(at + "/desk?find=" + Uri.EscapeDataString(misread))).AsArray());
        var desk = at + "/desk/" + card["id"];
        Assert.Equal("0.counted", (string)(await api.Get(desk))["fields"]![0]!["key"]!);

        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post(desk, Typed("many"))).Status);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post(desk, Typed(""))).Status);
        var (_, asked) = await api.Post(desk, Typed("l20"));
        Assert.Equal("“l20”: is 120 meant?", (string)asked!["asked"]![0]!["sentence"]!);
        Assert.Empty((await api.Get(desk))["facts"]!.AsArray());

        // A retry whose answer was lost finds its own; another desk that knew nothing of it is told.
        var save = Guid.NewGuid();
        var (_, one) = await api.Post(desk, Typed("120", saveId: save));
        Assert.Equal(HttpStatusCode.OK, (await api.Post(desk, Typed("120", saveId: save))).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(desk, Typed("130"))).Status);
        var fact = one!["card"]!["facts"]![0]!["id"]!.GetValue<long>();
        Assert.Single((await api.Get(desk))["facts"]!.AsArray());
        var (same, refused) = await api.Post(desk, Typed("120", fact));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, same);
        Assert.Contains("somebody else", (string)refused!["errors"]!["status"]![0]!, StringComparison.Ordinal);

        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Post(desk, Typed("121", fact, ""))).Status);
        var (_, corrected) = await api.Post(desk, Typed("121", fact, "the last box reads 121"));
        Assert.Equal("the last box reads 121", (string)corrected!["card"]!["facts"]![1]!["reason"]!);
        Assert.Equal("Entered", (string)corrected["card"]!["line"]!["card"]!["state"]!);

        await api.Post(at + "/desk/" + cards[1]!["id"], Typed("150"));
        await api.Post(at + "/desk/" + cards[2]!["id"], Typed("0", status: "DidNotStart"));
        var tables = (await api.Get(at + "/results"))["workouts"]![0]!["tables"]!.AsArray();
        var lines = tables.SelectMany(t => t!["lines"]!.AsArray()).ToList();
        Assert.Equal(6, lines.Count);
        Assert.Contains(
            lines,
            l => (string)l!["entry"]! == (string)card["entry"]! && ((string)l["text"]!).StartsWith("121", StringComparison.Ordinal)
        );
        Assert.Equal(3, tables.Sum(t => t!["missing"]!.GetValue<int>()));
        Assert.Equal(3, lines.Count(l => (string)l!["text"]! == ""));
        Assert.Equal(0, (await api.Get(at + "/results"))["workouts"]![0]!["noCard"]!.GetValue<int>());
        // That a card is entered is not for anybody to say.
        var (said, _) = await api.Put(
            $"{at}/cards/{cards[3]!["id"]}",
            new
            {
                state = "Entered",
                who = "",
                reason = "",
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, said);
        Assert.Equal(3, (await api.Get(at + "/overview"))["day"]!["entered"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_card_that_was_replaced_or_never_made_cannot_be_typed()
    {
        var (at, cards) = await Carded(4);
        await api.Post(at + $"/cards/{cards[0]!["id"]}/replace", new { reason = "soaked" });
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(at + "/desk/" + cards[0]!["id"], Typed("100"))).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await api.Post(at + "/desk/" + Guid.NewGuid(), Typed("100"))).Status);
        // A card of another competition is none of this one.
        var other = await NewCompetition();
        Assert.Equal(HttpStatusCode.NotFound, (await api.Post(other + "/desk/" + cards[1]!["id"], Typed("100"))).Status);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await api.Post(at + "/desk/" + cards[1]!["id"], Typed("100", 0, "why not"))).Status
        );
    }

    /// <summary>Results were looked at while its card was printed and not yet typed; it is replaced all the same.</summary>
    [Fact]
    public async Task A_card_typed_after_the_results_were_looked_at_is_replaced_when_its_athlete_runs_again()
    {
        var (at, cards) = await Carded(3);
        await api.Get(at + "/results");
        var card = cards[0]!;
        await api.Post(at + "/desk/" + card["id"], Typed("120"));
        var bib = (string)
            (await api.Get(at + "/results"))["names"]!.AsArray().Single(n => (string)n!["entry"]! == (string)card["entry"]!)!["bib"]!;
        var report = new
        {
            saveId = Guid.NewGuid(),
            kind = "Rerun",
            workout = (string)card["workout"]!,
            heat = (string)card["heat"]!,
            entries = new[] { bib },
            what = "The clock stood still.",
            raisedBy = "",
        };
        Assert.Equal(HttpStatusCode.OK, (await api.Post(at + "/incidents", report)).Status);
        var decision = new
        {
            saveId = Guid.NewGuid(),
            seen = 0,
            outcome = "RunsAgain",
            reason = "It did.",
            rule = "",
            score = "",
            time = "",
            units = "",
        };
        // Said twice, as after a lost answer: one new card, not two.
        await api.Post(at + "/incidents/1/decision", decision);
        await api.Post(at + "/incidents/1/decision", decision);
        var mine = (await api.Get(at + "/cards"))["cards"]!
            .AsArray()
            .Where(c => (string)c!["entry"]! == (string)card["entry"]!)
            .Select(c => (string)c!["state"]!);
        Assert.Equal(["Printed", "Replaced"], mine.Order());
        var kept = await api.Get($"{at}/entries/people/{await Member(at, (string)card["entry"]!)}/kept");
        Assert.Single(kept["typed"]!.AsArray());
        Assert.Single(kept["incidents"]!.AsArray());
    }

    private async Task<string> Member(string at, string entry) =>
        (string)
            (await api.Get(at + "/entries"))["entries"]!.AsArray().Single(e => (string)e!["entry"]!["id"]! == entry)!["entry"]!["members"]![
                0
            ]!["id"]!;

    /// <summary>Sixteen desks with one card in the same moment: one of them has typed it.</summary>
    [Fact]
    public async Task One_card_from_many_desks_at_once_is_typed_once()
    {
        var (at, cards) = await Carded(3);
        var desk = at + "/desk/" + cards[0]!["id"];
        var all = await Task.WhenAll(Enumerable.Range(0, 16).Select(i => api.Post(desk, Typed($"{100 + i}"))));
        Assert.Equal((1, 15), (all.Count(a => a.Status == HttpStatusCode.OK), all.Count(a => a.Status == HttpStatusCode.Conflict)));
        Assert.Single((await api.Get(desk))["facts"]!.AsArray());
    }

    /// <summary>Places as PostgreSQL ranks the stored facts.</summary>
    [Fact]
    public async Task Places_are_those_that_the_database_ranks_over_the_facts()
    {
        var (at, cards) = await Carded(24);
        var random = new Random(24);
        foreach (var card in cards)
        {
            await api.Post(at + "/desk/" + card!["id"], Typed($"{random.Next(90, 99)}"));
        }

        var places = (await api.Get(at + "/results"))["workouts"]![0]!["tables"]!
            .AsArray()
            .SelectMany(t => t!["lines"]!.AsArray())
            .ToDictionary(l => (string)l!["entry"]!, l => l!["place"]!.GetValue<long>());
        await using var db = new NpgsqlConnection(api.App.Connection);
        var ranked = (
            await db.QueryAsync<(Guid Entry, long Place)>(
                """
                select c.entry_id, rank() over (partition by p.duty order by (f.run -> 'pieces' -> 0 ->> 'performed')::int desc)
                from score_fact f join card c on c.id = f.card_id
                join entry_member m on m.entry_id = c.entry_id join person p on p.id = m.person_id
                where f.competition_id = @id
                """,
                new { id = Guid.Parse(at.Split('/')[^1]) }
            )
        ).ToList();
        Assert.Equal(24, ranked.Count);
        Assert.All(ranked, r => Assert.Equal(r.Place, places[$"{r.Entry}"]));
    }
}
