using System.Net;
using System.Text.Json.Nodes;
using Npgsql;

namespace FairCompass.Web.Tests;

public sealed partial class DayRunTests
{
    private static object Report(
        JsonNode workout,
        string[] bibs,
        string kind = "Protest",
        object? heat = null,
        string what = "It is so."
    ) =>
        new
        {
            saveId = Guid.NewGuid(),
            kind,
            workout = (string)workout["workout"]!,
            heat,
            entries = bibs,
            what,
            raisedBy = "",
        };

    private static object Decision(
        string outcome,
        string reason = "The film shows it.",
        string rule = "",
        string score = "",
        string time = "",
        string units = "",
        long seen = 0
    ) =>
        new
        {
            saveId = Guid.NewGuid(),
            seen,
            outcome,
            reason,
            rule,
            score,
            time,
            units,
        };

    /// <summary>The number worn by who stands at a place of a table.</summary>
    private static (Guid Entry, string Bib) Placed(JsonNode results, JsonNode table, int place)
    {
        var entry = table["lines"]!.AsArray().First(l => l!["place"]!.GetValue<int>() == place)!["entry"]!.GetValue<Guid>();
        return (entry, (string)results["names"]!.AsArray().Single(n => n!["entry"]!.GetValue<Guid>() == entry)!["bib"]!);
    }

    [Fact]
    public async Task A_penalty_moves_its_athlete_by_the_rule_it_rests_on_and_is_taken_back()
    {
        var before = await api.Get(at + "/results");
        var bell = Workout(before, "Ferry Bell");
        var table = bell["tables"]!.AsArray().First(t => (string)t!["division"]! == "Tideline men")!;
        var (entry, bib) = Placed(before, table, 2);
        var heat = (await api.Get(at + "/cards"))["cards"]!
            .AsArray()
            .First(c => c!["entry"]!.GetValue<Guid>() == entry && (string)c["workout"]! == (string)bell["workout"]!)!["heat"]!;
        var (_, made) = await api.Post(at + "/incidents", Report(bell, [bib], "Penalty", (string)heat!));
        var number = made!["incidents"]![0]!["incident"]!["number"]!.GetValue<int>();
        var decide = $"{at}/incidents/{number}/decision";
        Assert.Equal("rule", await Refused(decide, Decision("Adjusted", score: "score A", time: "1:00")));
        Assert.Equal("time", await Refused(decide, Decision("Adjusted", rule: "3.4", score: "score A", time: "soon")));
        Assert.Equal("score", await Refused(decide, Decision("Adjusted", rule: "3.4", score: "score Z", time: "1:00")));
        Assert.Equal("reason", await Refused(decide, Decision("Stands", reason: " ")));
        // What would change nothing is not taken as if it did.
        Assert.Equal("score", await Refused(decide, Decision("Adjusted", rule: "3.4", score: "score B", units: "-5")));

        var (status, decided) = await api.Post(decide, Decision("Adjusted", rule: "3.4 leaves the lane", score: "score A", time: "1:00"));
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.NotEmpty(
            decided!["incidents"]!.AsArray().First(i => i!["incident"]!["number"]!.GetValue<int>() == number)!["others"]!.AsArray()
        );
        // Two head judges at once: the second one has not seen the decision of the first.
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(decide, Decision("Stands"))).Status);
        var now = await api.Get(at + "/results");
        var line = Workout(now, "Ferry Bell")["tables"]!.AsArray().First(t => (string)t!["division"]! == "Tideline men")!["lines"]!
            .AsArray()
            .Single(l => l!["entry"]!.GetValue<Guid>() == entry)!;
        Assert.True(line["place"]!.GetValue<int>() > 2);
        Assert.Contains(line["reasons"]!.AsArray(), r => ((string)r!).Contains("3.4 leaves the lane", StringComparison.Ordinal));
        await Agrees();

        var seen = decided["incidents"]!.AsArray().First(i => i!["incident"]!["number"]!.GetValue<int>() == number)!["incident"]![
            "decisions"
        ]![0]!["id"]!.GetValue<long>();
        await api.Post(decide, Decision("Stands", "Nothing of it was true.", seen: seen));
        var after = Workout(await api.Get(at + "/results"), "Ferry Bell");
        Assert.Equal(
            table["lines"]!.ToJsonString(),
            after["tables"]!.AsArray().First(t => (string)t!["division"]! == "Tideline men")!["lines"]!.ToJsonString()
        );
    }

    private async Task<string> Refused(string path, object body)
    {
        var (status, answer) = await api.Post(path, body);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        return answer!["errors"]!.AsObject().Single().Key;
    }

    [Fact]
    public async Task An_incident_is_refused_at_its_field_and_kept_once()
    {
        var bell = Workout(await api.Get(at + "/results"), "Ferry Bell");
        Assert.Equal("entries", await Refused(at + "/incidents", Report(bell, [])));
        Assert.Equal("entries", await Refused(at + "/incidents", Report(bell, ["nobody"])));
        Assert.Equal("what", await Refused(at + "/incidents", Report(bell, ["110"], what: "")));
        Assert.Equal("heat", await Refused(at + "/incidents", Report(bell, ["110"], heat: Guid.NewGuid())));
        var once = Report(bell, ["110"], "Equipment");
        var (_, first) = await api.Post(at + "/incidents", once);
        var (_, again) = await api.Post(at + "/incidents", once);
        Assert.Equal(first!["incidents"]!.AsArray().Count, again!["incidents"]!.AsArray().Count);
        Assert.Equal(HttpStatusCode.NotFound, (await api.Post(at + "/incidents/999/decision", Decision("Stands"))).Status);
        // It stands no longer in the way of what others of this class look at.
        var number = first["incidents"]![0]!["incident"]!["number"]!.GetValue<int>();
        await api.Post($"{at}/incidents/{number}/decision", Decision("Stands"));
    }

    [Fact]
    public async Task Who_runs_again_has_another_card_and_the_old_numbers_count_no_more()
    {
        var results = await api.Get(at + "/results");
        var under = Workout(results, "Undertow");
        var table = under["tables"]!.AsArray().First(t => (string)t!["division"]! == "Meadow men")!;
        var (entry, bib) = Placed(results, table, 1);
        var (_, made) = await api.Post(at + "/incidents", Report(under, [bib], "Rerun"));
        var number = made!["incidents"]![0]!["incident"]!["number"]!.GetValue<int>();
        var decide = $"{at}/incidents/{number}/decision";
        Assert.Equal("time", await Refused(decide, Decision("Adjusted", rule: "3.4", score: "the score", time: "0:10")));
        await api.Post(decide, Decision("RunsAgain", "The clock stood still."));
        var now = Workout(await api.Get(at + "/results"), "Undertow");
        var line = now["tables"]!.AsArray().First(t => (string)t!["division"]! == "Meadow men")!["lines"]!
            .AsArray()
            .Single(l => l!["entry"]!.GetValue<Guid>() == entry)!;
        Assert.Equal("", (string)line["text"]!);
        Assert.Contains(Standing(now, "Meadow men")["open"]!.AsArray(), o => (string)o! == "1 card not entered.");
        await Agrees();
    }

    [Fact]
    public async Task Results_are_made_final_as_they_stand_and_opened_again_with_a_reason()
    {
        var results = await api.Get(at + "/results");
        var towline = Workout(results, "Towline");
        var final = Standing(towline, "Crew of Four");
        Assert.Equal("Final", (string)final["state"]!);
        JsonObject Of(long seq, string? reason = null)
        {
            var body = new JsonObject
            {
                ["saveId"] = Guid.NewGuid(),
                ["seq"] = seq,
                ["workout"] = (string)towline["workout"]!,
                ["division"] = "Crew of Four",
            };
            if (reason is not null)
            {
                body["reason"] = reason;
            }

            return body;
        }

        Assert.Equal("reason", await Refused(at + "/results/again", Of(results["seq"]!.GetValue<long>(), "")));
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post(at + "/results/again", Of(0, "A protest."))).Status);
        results = await api.Get(at + "/results");
        var (_, open) = await api.Post(at + "/results/again", Of(results["seq"]!.GetValue<long>(), "A protest came in time."));
        Assert.Equal("ProtestTime", (string)Standing(Workout(open!, "Towline"), "Crew of Four")["state"]!);
        // Neither while it can be protested, nor while cards are missing.
        Assert.Equal("division", await Refused(at + "/results/final", Of(open!["seq"]!.GetValue<long>())));
        var rules = open["rules"]!.DeepClone();
        rules["protestMinutes"] = 2000;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Put(at + "/results/rules", rules)).Status);
        rules["protestMinutes"] = 0;
        var (_, settled) = await api.Put(at + "/results/rules", rules);
        Assert.Equal("Ready", (string)Standing(Workout(settled!, "Towline"), "Crew of Four")["state"]!);
        var (_, again) = await api.Post(at + "/results/final", Of(settled!["seq"]!.GetValue<long>()));
        var now = Standing(Workout(again!, "Towline"), "Crew of Four");
        Assert.Equal("Final", (string)now["state"]!);
        Assert.NotEqual((string)final["code"]!, (string)now["code"]!);
        Assert.Equal("Demo organiser", (string)now["by"]!);
        // Both are there under their codes.
        foreach (var code in new[] { (string)final["code"]!, (string)now["code"]! })
        {
            var page = await api.Http.GetStringAsync($"{at}/results/final/{code}");
            Assert.Contains("Towline, Crew of Four", page, StringComparison.Ordinal);
            Assert.Contains($"code {code}.", page, StringComparison.Ordinal);
        }

        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"{at}/results/final/AAAA-AAAA-A"));
    }

    [Fact]
    public async Task Other_rules_are_tried_before_they_are_used()
    {
        var results = await api.Get(at + "/results");
        var under = Workout(results, "Undertow");
        var id = (string)under["workout"]!;
        var draft = await api.Get($"/api/workouts/{id}");
        // Ties no longer look at the last full round.
        var (_, revision) = await api.Save(
            Guid.Parse(id),
            draft["revision"]!.GetValue<int>(),
            ((string)draft["body"]!).Replace("tie: time at the last full round", "tie: shared", StringComparison.Ordinal)
        );
        var (published, _) = await api.Publish(Guid.Parse(id), revision!["revision"]!.GetValue<int>());
        Assert.Equal(HttpStatusCode.OK, published);
        object Under(int version, string reason = "") =>
            new
            {
                saveId = Guid.NewGuid(),
                workout = id,
                version,
                reason,
            };
        var (_, would) = await api.Post(at + "/results/under/preview", Under(2));
        Assert.Equal([1, 2], would!["versions"]!.AsArray().Select(v => v!.GetValue<int>()));
        Assert.NotEmpty(would["moves"]!.AsArray());
        Assert.Equal("version", await Refused(at + "/results/under/preview", Under(7)));
        Assert.Equal("reason", await Refused(at + "/results/under", Under(2)));
        var reached = (await api.Get(at + "/incidents"))["rulings"]!.AsArray().Single(r => (string)r!["title"]! == "Undertow")!;
        Assert.NotEmpty(reached["heats"]!.AsArray());

        var (_, done) = await api.Post(at + "/results/under", Under(2, "The last round was not timed in two lanes."));
        Assert.Equal("The last round was not timed in two lanes.", (string)Workout(done!, "Undertow")["rescored"]!);
        var (_, then) = await api.Post(at + "/results/under/preview", Under(0));
        Assert.Equal(would["moves"]!.AsArray().Count, then!["moves"]!.AsArray().Count);
        var (_, back) = await api.Post(at + "/results/under", Under(0, "It was, after all."));
        Assert.Null(Workout(back!, "Undertow")["rescored"]);
        await Agrees();
    }

    [Fact]
    public async Task The_database_refuses_to_change_what_was_decided()
    {
        foreach (var table in new[] { "incident_fact", "final_fact", "score_fact", "result_rules" })
        {
            foreach (var change in new[] { $"update {table} set at = now()", $"delete from {table}" })
            {
                await using var db = new NpgsqlConnection(api.App.Connection);
                await db.OpenAsync();
                // One transaction: where there was no row yet, one is there to be refused, and is gone with it.
                await using var command = new NpgsqlCommand(
                    $"insert into result_rules (competition_id, doc) select id, '{{}}' from competition; {change}",
                    db
                );
                var refused = await Assert.ThrowsAsync<PostgresException>(() => command.ExecuteNonQueryAsync());
                Assert.Contains("never changed", refused.MessageText, StringComparison.Ordinal);
            }
        }
    }
}
