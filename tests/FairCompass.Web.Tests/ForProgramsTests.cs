using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>What other programs need to know without reading the code: the card, its keys, statuses, and what is not settled.</summary>
public class ForProgramsTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static JsonObject Example(string name) =>
        JsonNode.Parse(File.ReadAllText(Path.Combine(CalculatorTests.Docs, "examples", name + ".json")))!.AsObject();

    [Fact]
    public async Task Explain_says_the_card_of_each_entry()
    {
        var request = Example("score");
        var (status, answer) = await api.Post(
            "/api/explain",
            new JsonObject { ["competition"] = request["competition"]!.DeepClone(), ["text"] = request["text"]!.DeepClone() }.ToJsonString()
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var cards = answer!["cards"]!.AsArray();
        Assert.Equal(4, cards.Count);
        var piece = cards[0]!["pieces"]![0]!;
        Assert.Equal("0", (string)piece["key"]!);
        Assert.Equal(54, (long)piece["counters"]![0]!["counted"]!);
        Assert.Equal(["deadlift", "burpee over the bar"], piece["tasks"]!.AsArray().Select(t => (string)t!["name"]!));
        Assert.Equal(["finish", "counted", "stood", "tieTime"], piece["fields"]!.AsArray().Select(f => (string)f!["field"]!));
    }

    [Fact]
    public async Task A_score_has_its_status_its_label_and_what_is_not_settled()
    {
        var request = Example("score");
        var (status, answer) = await api.Post("/api/score", request.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ["finished", "atTheCap", "atTheCap", "atTheCap", "didNotStart"],
            answer!["results"]!.AsArray().Select(r => (string)r!["status"]![0]!)
        );
        Assert.Equal([""], answer["labels"]!.AsArray().Select(l => (string)l!));
        Assert.Empty(answer["findings"]!.AsArray());
        request["text"] = ((string)request["text"]!).Replace("deadlift, 90/60 kg", "deadlift, 91/60 kg", StringComparison.Ordinal);
        (_, answer) = await api.Post("/api/score", request.ToJsonString());
        Assert.Contains(answer!["findings"]!.AsArray(), f => (string)f!["rule"]! == "load-not-makeable");
    }

    [Fact]
    public async Task A_part_is_named_by_its_label_as_well()
    {
        var request = Example("score");
        request["text"] =
            "T\n  for Granite\n  a/b is man/woman\n\nBell: 4:00 for reps\n  max burpee\n\nscore: reps of Bell\n  tie: shared\n";
        request.Remove("before");
        foreach (var name in (string[])["Bell", "0"])
        {
            request["runs"] = JsonNode.Parse(
                $$"""[{"name":"A","attempts":[{"status":"Ran","pieces":[{"piece":"{{name}}","counted":41}]}]}]"""
            );
            var (status, answer) = await api.Post("/api/score", request.ToJsonString());
            Assert.Equal(HttpStatusCode.OK, status);
            Assert.Equal("41 reps", (string)answer!["results"]![0]!["results"]![0]!["text"]!);
        }
    }

    [Fact]
    public async Task Each_gate_has_its_field_and_is_refused_at_its_place()
    {
        var request = Example("score");
        request["text"] =
            "T\n  for Granite\n  a/b is man/woman\n\n4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  30 burpee\n  gate, adds 1:00\n"
            + "  max sit-up\n\nscore: reps\n  tie: time at the last gate passed\n";
        request.Remove("before");
        var (_, explained) = await api.Post(
            "/api/explain",
            new JsonObject { ["competition"] = request["competition"]!.DeepClone(), ["text"] = request["text"]!.DeepClone() }.ToJsonString()
        );
        var fields = explained!["cards"]![0]!["pieces"]![0]!["fields"]!.AsArray();
        Assert.Equal(["counted", "stood", "tieTime", "gates", "gates"], fields.Select(f => (string)f!["field"]!));
        Assert.Equal([false, false, true, false, false], fields.Select(f => (bool)f!["spare"]!));
        Assert.Equal([1, 2], fields.Skip(3).Select(f => (int)f!["number"]!));

        async Task<(HttpStatusCode, JsonNode?)> Score(string gates)
        {
            request["runs"] = JsonNode.Parse(
                $$"""[{"name":"A","attempts":[{"status":"Ran","pieces":[{"piece":"0","counted":75,"gates":{{gates}}}]}]}]"""
            );
            return await api.Post("/api/score", request.ToJsonString());
        }

        var (status, answer) = await Score("[230000, 340000]");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("last gate at 5:40", (string)answer!["results"]![0]!["results"]![0]!["tieText"]!);
        (status, answer) = await Score("[230000, 361000]");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal("This gate closed at 6:00.", (string)answer!["errors"]!["runs[0].attempts[0].pieces[0].gates[1]"]![0]!);
    }

    private static JsonObject OfPairs(string text, string entry)
    {
        var request = Example("score");
        request["competition"]!["divisions"]!
            .AsArray()
            .Add(JsonNode.Parse("""{"name":"Pairs","kind":"Pair","duties":["man","woman"],"inheritsFrom":null}"""));
        request["text"] = text;
        request["division"] = "Pairs";
        request["entry"] = entry;
        request.Remove("before");
        return request;
    }

    /// <summary>A same-sex pair, what each did, and the clock at a named mark: asked by /api/explain, taken by /api/score.</summary>
    [Fact]
    public async Task Line_ups_members_and_marks_are_asked_and_taken()
    {
        var request = OfPairs(
            "T\n  for Pairs\n  a/b is man/woman\n  entries woman, mixed, ranked together\n\n9:00 for time\n  70 sit-up\n"
                + "    share: one at a time, at least 20 each, count by member, short is owed\n  checkpoint Deck\n  30 burpee\n\n"
                + "score: time\n  unfinished: cap line by reps\n  tie: time at Deck\n",
            "pair, women"
        );
        var (_, explained) = await api.Post(
            "/api/explain",
            new JsonObject { ["competition"] = request["competition"]!.DeepClone(), ["text"] = request["text"]!.DeepClone() }.ToJsonString()
        );
        var cards = explained!["cards"]!.AsArray();
        Assert.Equal(["pair, women", "pair, mixed"], cards.Select(c => (string)c!["entry"]!));
        var fields = cards[0]!["pieces"]![0]!["fields"]!.AsArray();
        Assert.Equal([(1, 0), (2, 0)], fields.Where(f => (string)f!["field"]! == "by").Select(f => ((int)f!["number"]!, (int)f["task"]!)));
        Assert.Equal("Deck", (string)fields.Single(f => (string)f!["field"]! == "marks")!["mark"]!);

        async Task<(HttpStatusCode, JsonNode?)> Score(int second)
        {
            request["runs"] = JsonNode.Parse(
                $$"""
                [{"name":"A","attempts":[{"status":"Ran","pieces":[{"piece":"0","finish":500000,
                  "by":[{"seat":1,"units":{{70 - second}}},{"seat":2,"units":{{second}}}],"marks":[{"mark":"Deck","time":300000}]}]}]}]
                """
            );
            return await api.Post("/api/score", request.ToJsonString());
        }

        var (status, answer) = await Score(20);
        Assert.Equal(HttpStatusCode.OK, status);
        var result = answer!["results"]![0]!["results"]![0]!;
        Assert.Equal(("8:20", "Deck at 5:00"), ((string)result["text"]!, (string)result["tieText"]!));
        (status, answer) = await Score(17);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.StartsWith("the 2nd owes 3", (string)answer!["errors"]!["runs[0].attempts[0].pieces[0].by"]![0]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_try_says_its_reps_and_its_clock()
    {
        var request = OfPairs(
            "T\n  for Pairs\n  a/b is man/woman\n\n6:00 for load\n  heaviest set of 2 power clean, 2 attempts\n\n"
                + "score: sum of best loads\n  no good lift: zero\n  tie: shared\nbell: a lift counts when finished\n",
            "pair"
        );
        request["runs"] = JsonNode.Parse(
            """
            [{"name":"A","attempts":[{"status":"Ran","pieces":[{"piece":"0","tries":[
              {"load":60,"made":true,"seat":1,"reps":2,"clock":100000},{"load":40,"made":true,"seat":2,"reps":2,"clock":200000},
              {"load":70,"made":true,"seat":1,"clock":361000}]}]}]}]
            """
        );
        var (status, answer) = await api.Post("/api/score", request.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("100 kg", (string)answer!["results"]![0]!["results"]![0]!["text"]!);
        Assert.Contains("after the bell at 6:00", (string)answer["results"]![0]!["results"]![0]!["reasons"]![0]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_sum_without_one_lift_has_its_status_and_its_place()
    {
        var request = Example("score");
        request["competition"]!["divisions"]!
            .AsArray()
            .Add(JsonNode.Parse("""{"name":"Pairs","kind":"Pair","duties":["man","woman"],"inheritsFrom":null}"""));
        request["text"] =
            "T\n  for Pairs\n  a/b is man/woman\n\n6:00 for load\n  heaviest power clean\n\n"
            + "score: sum of best loads\n  no good lift: not scored\n  tie: shared\n";
        request["division"] = "Pairs";
        request["entry"] = "pair";
        request.Remove("before");
        request["runs"] = JsonNode.Parse(
            """
            [
              {"name":"A","attempts":[{"status":"Ran","pieces":[{"piece":"0","tries":[
                {"load":70,"made":true,"seat":1},{"load":50,"made":false,"seat":2}]}]}]},
              {"name":"B","attempts":[{"status":"Withdrew","pieces":[]}]},
              {"name":"C","attempts":[{"status":"Ran","pieces":[{"piece":"0","tries":[
                {"load":50,"made":true,"seat":1},{"load":40,"made":true,"seat":2}]}]}]}
            ]
            """
        );
        var (status, answer) = await api.Post("/api/score", request.ToJsonString());
        Assert.Equal(HttpStatusCode.OK, status);
        var results = answer!["results"]!.AsArray();
        Assert.Equal(["notScored", "withdrew", "scored"], results.Select(r => (string)r!["status"]![0]!));
        Assert.Equal([2, 3, 1], results.Select(r => (int)r!["places"]![0]!));
        // Results as they were answered are ranked as they were placed; a class may be sent as a number, too.
        var entries = results.Select(r => new JsonObject { ["name"] = r!["name"]!.DeepClone(), ["results"] = r["results"]!.DeepClone() });
        var (_, ranked) = await api.Post("/api/rank", new JsonObject { ["entries"] = new JsonArray([.. entries]) }.ToJsonString());
        Assert.Equal([2, 3, 1], ranked!["entries"]!.AsArray().Select(e => (int)e!["places"]![0]!));
    }

    [Fact]
    public async Task Without_a_database_the_calculators_answer_and_the_rest_says_why_not()
    {
        using var app = new RunningApp(demo: false, stores: false);
        using var http = Visitors.At(app.Address);
        foreach (var name in (string[])["explain", "score", "rank", "plates", "play"])
        {
            using var answer = await http.PostAsync(
                new Uri("/api/" + name, UriKind.Relative),
                new StringContent(Example(name).ToJsonString(), Encoding.UTF8, "application/json")
            );
            Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        }

        using var refused = await http.GetAsync(new Uri("/api/competitions", UriKind.Relative));
        Assert.Equal(HttpStatusCode.ServiceUnavailable, refused.StatusCode);
        Assert.Contains("without one", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }
}
