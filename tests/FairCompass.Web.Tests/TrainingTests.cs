using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using FairCompass.Access;
using FairCompass.Web.Access;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>Judges train by their links, each sees the own figures, and the head judge alone sees all.</summary>
public partial class TrainingTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private string At => $"/api/competitions/{api.Competition}";

    private async Task<HttpClient> As(Role role)
    {
        var http = Visitors.At(api.App.Address);
        await RunningApp.SignIn(http, role);
        return http;
    }

    private static async Task<JsonNode> Get(HttpClient http, string path) => (await http.GetFromJsonAsync<JsonNode>(path))!;

    /// <summary>A phone that has opened the link of a judge.</summary>
    private async Task<(HttpClient Phone, JsonNode Judge)> Judge(int index)
    {
        var judges = (await api.Get(At + "/officials")).AsArray().Where(o => (string)o!["kind"]! == "Judge").ToList();
        var judge = judges[index]!;
        var (status, made) = await api.Post(At + "/training/links", new { official = judge["id"]!.GetValue<Guid>(), days = 3 });
        Assert.Equal(HttpStatusCode.OK, status);
        var phone = Visitors.At(api.App.Address);
        using var opened = await phone.PostAsJsonAsync("/api/link", new ByToken(((string)made!["url"]!).Split('#')[1]));
        Assert.Equal(HttpStatusCode.NoContent, opened.StatusCode);
        return (phone, judge);
    }

    private static object Sitting(Guid id, string mode, string? movement, Guid? workout = null) =>
        new
        {
            id,
            mode,
            workout,
            movement,
            stills = false,
        };

    private sealed record Truth(double Margin, string Unit, int Moment, string Clause);

    private async Task<Truth> TruthOf(Guid sitting, int number)
    {
        await using var db = new NpgsqlConnection(api.App.Connection);
        return await db.QuerySingleAsync<Truth>(
            "select margin, unit, moment, clause from training_rep where sitting_id = @sitting and number = @number",
            new { sitting, number }
        );
    }

    private static IEnumerable<string> Figures(string sentence) =>
        System.Text.RegularExpressions.Regex.Matches(sentence, "[0-9]+").Select(m => m.Value);

    /// <summary>Calls every rep of a sitting as a judge does whose line is so many steps inside.</summary>
    private async Task<int> Sit(HttpClient phone, Guid sitting, double line, Random random)
    {
        var calls = 0;
        while (true)
        {
            using var next = await phone.GetAsync($"{At}/training/sittings/{sitting}/next");
            if (next.StatusCode == HttpStatusCode.NoContent)
            {
                return calls;
            }

            var rep = (await next.Content.ReadFromJsonAsync<JsonNode>())!;
            var number = rep["number"]!.GetValue<int>();
            var truth = await TruthOf(sitting, number);
            var step = truth.Unit switch
            {
                "Millimetres" => 20,
                "Degrees" => 8,
                _ => 50,
            };
            var seen = (truth.Margin / step) + ((random.NextDouble() + random.NextDouble() + random.NextDouble() - 1.5) * 0.8);
            using var taken = await phone.PostAsJsonAsync(
                $"{At}/training/sittings/{sitting}/calls/{number}",
                new
                {
                    call = seen < line ? "NoRep" : "Good",
                    reason = seen < line ? truth.Clause : null,
                    milliseconds = truth.Moment + 600,
                }
            );
            Assert.Equal(HttpStatusCode.OK, taken.StatusCode);
            Assert.Null((await taken.Content.ReadFromJsonAsync<JsonNode>())!["truth"]);
            calls++;
        }
    }

    [Fact]
    public async Task A_strict_judge_by_link_is_known_to_the_judge_and_to_the_head_judge_and_to_nobody_else()
    {
        var seed = Random.Shared.Next();
        var (phone, judge) = await Judge(0);
        var name = (string)judge["name"]!;
        var sitting = Guid.NewGuid();
        using var begun = await phone.PostAsJsonAsync(At + "/training/sittings", Sitting(sitting, "Test", "air-squat"));
        Assert.Equal(HttpStatusCode.OK, begun.StatusCode);
        var calls = await Sit(phone, sitting, 2, new Random(seed));
        Assert.True(calls > 40, $"seed {seed}");

        var mine = await Get(phone, At + "/training/mine");
        Assert.Equal(name, (string)mine["name"]!);
        var depth = mine["eyes"]!.AsArray().Single(e => (string)e!["unit"]! == "mm")!;
        Assert.StartsWith("Strict: no-reps are called up to ", (string)depth["sentence"]!["english"]!, StringComparison.Ordinal);
        Assert.InRange(depth["line"]!.GetValue<double>(), 20, 65);
        Assert.Matches("^\\+[2-6][0-9] mm$", (string)depth["mark"]!);
        Assert.Equal(depth["hits"]!.GetValue<int>(), depth["rightReasons"]!.GetValue<int>());
        Assert.Equal(600, depth["middleTime"]!.GetValue<int>());
        Assert.Matches(
            "^[0-9]+ of [0-9]+ no-reps called \\([0-9]+ to 100 of 100\\); .*; called after 0.6 s \\(0.6 to 0.6\\); ",
            (string)depth["details"]!["english"]!
        );

        using var head = await As(Role.HeadJudge);
        var all = await Get(head, At + "/training");
        var line = all["judges"]!.AsArray().Single(j => (string)j!["name"]! == name)!;
        Assert.Equal(calls, line["calls"]!.GetValue<int>());
        Assert.Equal(
            (string)depth["sentence"]!["english"]!,
            (string)line["eyes"]!.AsArray().Single(e => (string)e!["unit"]! == "mm")!["sentence"]!["english"]!
        );
        foreach (var role in new[] { Role.Organiser, Role.ScoreDesk, Role.Judge, Role.CoAuthor })
        {
            using var other = await As(role);
            using var closed = await other.GetAsync(At + "/training");
            Assert.Equal(HttpStatusCode.Forbidden, closed.StatusCode);
        }

        // Another judge does not reach the sitting, and has nothing of it.
        var (second, _) = await Judge(1);
        using var foreign = await second.GetAsync($"{At}/training/sittings/{sitting}");
        Assert.Equal(HttpStatusCode.NotFound, foreign.StatusCode);
        Assert.Empty((await Get(second, At + "/training/mine"))["eyes"]!.AsArray());
    }

    [Fact]
    public async Task Learning_tells_the_truth_and_the_first_call_stays()
    {
        var (phone, _) = await Judge(2);
        var sitting = Guid.NewGuid();
        await phone.PostAsJsonAsync(At + "/training/sittings", Sitting(sitting, "Learning", "thruster"));
        var next = $"{At}/training/sittings/{sitting}/next";
        var (one, again) = (await Get(phone, next), await Get(phone, next));
        Assert.Equal(one.ToJsonString(), again.ToJsonString());
        Assert.DoesNotContain("argin", one.ToJsonString(), StringComparison.Ordinal);
        var truth = await TruthOf(sitting, 1);
        async Task<JsonNode> Call(string call)
        {
            using var taken = await phone.PostAsJsonAsync(
                $"{At}/training/sittings/{sitting}/calls/1",
                new
                {
                    call,
                    reason = (string?)null,
                    milliseconds = 2000,
                }
            );
            return (await taken.Content.ReadFromJsonAsync<JsonNode>())!;
        }

        var told = await Call("Good");
        Assert.Equal(truth.Margin >= 0, told["truth"]!["right"]!.GetValue<bool>());
        Assert.StartsWith(
            truth.Margin >= 0 ? "Good, " : "No-rep, ",
            (string)told["truth"]!["sentence"]!["english"]!,
            StringComparison.Ordinal
        );
        await Call("NoRep");
        await using var db = new NpgsqlConnection(api.App.Connection);
        Assert.Equal(
            "Good",
            await db.QuerySingleAsync<string>("select call from training_call where sitting_id = @sitting", new { sitting })
        );
        Assert.Equal(2, (await Get(phone, next))["number"]!.GetValue<int>());
        Assert.Empty((await Get(phone, At + "/training/mine"))["eyes"]!.AsArray());
    }

    /// <summary>A thruster is deep and locked out: now and then a rep breaks both, and each distance has its picture.</summary>
    [Fact]
    public async Task Learning_draws_every_clause_that_it_speaks_of()
    {
        var (phone, _) = await Judge(5);
        var (sitting, most) = (Guid.NewGuid(), 0);
        // One rep in some twelve breaks both: four sittings without any come once in a million times.
        Task Begin() => phone.PostAsJsonAsync(At + "/training/sittings", Sitting(sitting, "Learning", "thruster"));
        await Begin();
        for (var left = 4; left > 0 && most < 2; )
        {
            using var next = await phone.GetAsync($"{At}/training/sittings/{sitting}/next");
            if (next.StatusCode == HttpStatusCode.NoContent)
            {
                (sitting, left) = (Guid.NewGuid(), left - 1);
                await Begin();
                continue;
            }

            var number = (await next.Content.ReadFromJsonAsync<JsonNode>())!["number"]!.GetValue<int>();
            using var taken = await phone.PostAsJsonAsync(
                $"{At}/training/sittings/{sitting}/calls/{number}",
                new
                {
                    call = "Good",
                    reason = (string?)null,
                    milliseconds = 2000,
                }
            );
            var truth = (await taken.Content.ReadFromJsonAsync<JsonNode>())!["truth"]!;
            var lines = ((string)truth["sentence"]!["english"]!).Split("side the line.").Length - 1;
            Assert.Equal(lines, truth["pictures"]!.AsArray().Count);
            most = Math.Max(most, lines);
        }

        Assert.Equal(2, most);
    }

    [Fact]
    public async Task Calls_that_say_nothing_give_a_sentence_in_place_of_a_number()
    {
        var (phone, _) = await Judge(3);
        var sitting = Guid.NewGuid();
        await phone.PostAsJsonAsync(At + "/training/sittings", Sitting(sitting, "Test", "push-up"));
        for (var number = 1; number <= 30; number++)
        {
            await Get(phone, $"{At}/training/sittings/{sitting}/next");
            var truth = await TruthOf(sitting, number);
            await phone.PostAsJsonAsync(
                $"{At}/training/sittings/{sitting}/calls/{number}",
                new
                {
                    call = number % 10 == 0 ? "Unseen" : "NoRep",
                    reason = (string?)null,
                    milliseconds = number < 4 ? truth.Moment + 20 : truth.Moment + 500,
                }
            );
            if (number == 3)
            {
                Assert.Empty((await Get(phone, At + "/training/mine"))["eyes"]!.AsArray());
            }
            else if (number == 5)
            {
                var few = (await Get(phone, At + "/training/mine"))["eyes"]!.AsArray();
                Assert.All(
                    few,
                    e =>
                        Assert.EndsWith(
                            "too few to say where the line is seen.",
                            (string)e!["sentence"]!["english"]!,
                            StringComparison.Ordinal
                        )
                );
            }
        }

        var mine = await Get(phone, At + "/training/mine");
        Assert.Contains(
            mine["eyes"]!.AsArray(),
            e => (string)e!["sentence"]!["english"]! == "Every rep was called alike, so nothing can be said of the line."
        );
        // Whatever is said of eyes is said in both languages, with the same figures.
        Assert.All(
            mine["eyes"]!
                .AsArray()
                .SelectMany(e => new[] { e!["sentence"]!, e["details"]! })
                .Concat(mine["remarks"]!.AsArray().Select(r => r!)),
            said => Assert.Equal(Figures((string)said["english"]!).Order(), Figures((string)said["spanish"]!).Order())
        );
        var remarks = string.Join(' ', mine["remarks"]!.AsArray().Select(r => (string)r!["english"]!));
        Assert.Contains("3 calls came before the judged moment or within 150 ms of it, faster than anybody sees", remarks);
        Assert.Contains("3 reps not seen or not called in time", remarks);
        Assert.Contains("Whether a sitting tires: too few calls to say. From test to test: too few calls to say.", remarks);
    }

    [Fact]
    public async Task Wrong_input_is_refused_at_its_field()
    {
        var (phone, _) = await Judge(4);
        async Task<(HttpStatusCode, string)> Begin(object body)
        {
            using var answer = await phone.PostAsJsonAsync(At + "/training/sittings", body);
            return (answer.StatusCode, await answer.Content.ReadAsStringAsync());
        }

        var (both, said) = await Begin(Sitting(Guid.NewGuid(), "Test", "thruster", Guid.NewGuid()));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, both);
        Assert.Contains("Choose a workout or a movement.", said, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await Begin(Sitting(Guid.NewGuid(), "Test", "no-such"))).Item1);
        var (words, why) = await Begin(Sitting(Guid.NewGuid(), "Test", "running"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, words);
        Assert.Contains("words and pictures", why, StringComparison.Ordinal);
        var sitting = Guid.NewGuid();
        await Begin(Sitting(sitting, "Test", "thruster"));
        using var early = await phone.PostAsJsonAsync(
            $"{At}/training/sittings/{sitting}/calls/7",
            new
            {
                call = "Good",
                reason = (string?)null,
                milliseconds = 900,
            }
        );
        Assert.Equal(HttpStatusCode.NotFound, early.StatusCode);
        using var head = await As(Role.HeadJudge);
        foreach (var (calls, within, right) in new (int, double?, int?)[] { (-1, null, null), (0, 0, null), (0, 9, null), (0, null, 40) })
        {
            using var asked = await head.PutAsJsonAsync(
                At + "/training/asked",
                new
                {
                    calls,
                    withinSteps = within,
                    rightPercent = right,
                }
            );
            Assert.Equal(HttpStatusCode.UnprocessableEntity, asked.StatusCode);
        }
    }

    [Fact]
    public async Task What_is_asked_stands_with_the_judge_and_the_plan_reads_it()
    {
        using var head = await As(Role.HeadJudge);
        async Task Ask(int calls)
        {
            using var asked = await head.PutAsJsonAsync(
                At + "/training/asked",
                new
                {
                    calls,
                    withinSteps = (double?)null,
                    rightPercent = (int?)null,
                }
            );
            Assert.Equal(HttpStatusCode.OK, asked.StatusCode);
        }

        async Task<int> Untrained() =>
            (await Get(head, At + "/plan"))["breaches"]!
                .AsArray()
                .Count(b => b!.ToJsonString().Contains("is not cleared by the head judge", StringComparison.Ordinal));

        var (phone, _) = await Judge(5);
        Assert.Equal(0, await Untrained());
        await Ask(3);
        try
        {
            Assert.True(await Untrained() > 10);
            var mine = await Get(phone, At + "/training/mine");
            var can = mine["can"]!.AsArray().First(c => c!["workout"] is not null)!;
            Assert.Contains("0 of 3 calls", (string)can["lacks"]![0]!["english"]!, StringComparison.Ordinal);
            var sitting = Guid.NewGuid();
            await phone.PostAsJsonAsync(At + "/training/sittings", Sitting(sitting, "Test", null, can["workout"]!.GetValue<Guid>()));
            await Sit(phone, sitting, 0, new Random(5));
            mine = await Get(phone, At + "/training/mine");
            Assert.Empty(
                mine["can"]!.AsArray().First(c => (string?)c!["title"]!["english"] == (string)can["title"]!["english"]!)![
                    "lacks"
                ]!.AsArray()
            );
        }
        finally
        {
            await Ask(0);
        }

        Assert.Equal(0, await Untrained());
    }
}
