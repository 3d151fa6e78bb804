using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using FairCompass.Access;
using FairCompass.Web.Live;
using Microsoft.AspNetCore.Http.Connections;
using Microsoft.AspNetCore.SignalR.Client;

namespace FairCompass.Web.Tests;

public sealed partial class DayRunTests
{
    /// <summary>Pages that follow: a hall of them by <c>./test --long</c>.</summary>
    private static readonly int Pages = Environment.GetEnvironmentVariable("LONG") == "1" ? 340 : 20;

    /// <summary>The second day is drawn by what the first has given: who leads runs last.</summary>
    [Fact]
    public async Task Heats_are_drawn_by_the_standing_so_far()
    {
        var plan = await api.Get(at + "/plan");
        var sessions = plan["plan"]!["sessions"]!.AsArray();
        foreach (var session in sessions.Skip(4))
        {
            session!["order"] = "Standing";
        }

        var (set, stored) = await api.Put(
            at + "/plan",
            new
            {
                baseRevision = plan["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                zone = (string)plan["plan"]!["zone"]!,
                rules = plan["plan"]!["rules"],
                draw = plan["plan"]!["draw"]!.GetValue<int>(),
                sessions,
                measuring = plan["plan"]!["measuring"],
            }
        );
        Assert.True(set == HttpStatusCode.OK, stored?.ToJsonString());
        var (made, now) = await api.Post(
            at + "/plan/make",
            new
            {
                baseRevision = stored!["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                what = "Heats",
            }
        );
        Assert.Equal(HttpStatusCode.OK, made);
        var places = (await api.Get(at + "/results"))["overall"]!.AsArray().Single(o => (string)o!["division"]! == "Tideline men")!["rows"]!
            .AsArray()
            .ToDictionary(r => (string)r!["entry"]!, r => r!["place"]!.GetValue<int>());
        var pairs = 0;
        foreach (var session in sessions.Skip(4))
        {
            var heats = now!["plan"]!["heats"]!
                .AsArray()
                .Where(h => (string)h!["session"]! == (string)session!["id"]! && (string)h["state"]! == "Planned")
                .OrderBy(h => h!["number"]!.GetValue<int>())
                .Select(h =>
                    h!["lanes"]!.AsArray().Select(l => (string)l!["entry"]!).Where(places.ContainsKey).Select(e => places[e]).ToList()
                )
                .Where(h => h.Count > 0)
                .ToList();
            foreach (var (earlier, later) in heats.Zip(heats.Skip(1)))
            {
                pairs++;
                Assert.True(earlier.Min() >= later.Max(), $"{string.Join(" ", earlier)} before {string.Join(" ", later)}");
            }
        }

        Assert.True(pairs > 0);
    }

    private async Task<HubConnection> Page(CookieContainer jar, Action<JsonElement> changed)
    {
        var line = new HubConnectionBuilder()
            .WithUrl(
                new Uri(api.App.Address, at + "/results/live"),
                o =>
                {
                    (o.SkipNegotiation, o.Transports) = (true, HttpTransportType.WebSockets);
                    o.Cookies = jar;
                }
            )
            .Build();
        line.On(nameof(IResultsPage.Changed), changed);
        await line.StartAsync();
        return line;
    }

    /// <summary>A card that is back and not typed.</summary>
    private async Task<string> Untyped() =>
        (string)
            (await api.Get(at + "/cards"))["cards"]!.AsArray().First(c => (string)c!["state"]! == "Back" && (string)c["reason"]! == "")![
                "id"
            ]!;

    [Fact]
    public async Task Every_page_is_told_what_a_card_has_changed_and_no_more()
    {
        var jar = new CookieContainer();
        using var reader = Visitors.At(api.App.Address, jar);
        await RunningApp.SignIn(reader, Role.Reader);
        var clock = Stopwatch.StartNew();
        var told = new ConcurrentBag<(int Page, JsonElement Change, TimeSpan At)>();
        var pages = new List<HubConnection>();
        for (var i = 0; i < Pages; i++)
        {
            var page = i;
            pages.Add(await Page(jar, c => told.Add((page, c.Clone(), clock.Elapsed))));
        }

        var card = await Untyped();
        var desk = await api.Get($"{at}/desk/{card}");
        var seen = (await api.Get(at + "/results"))["seq"]!.GetValue<long>();
        var entered = clock.Elapsed;
        var (status, _) = await api.Post(
            $"{at}/desk/{card}",
            new
            {
                saveId = Guid.NewGuid(),
                seen = 0,
                typed = new
                {
                    status = "Ran",
                    fields = new[] { new { key = (string)desk["fields"]![0]!["key"]!, text = "61" } },
                    lifts = Array.Empty<object>(),
                    places = Array.Empty<object>(),
                    sure = Array.Empty<string>(),
                },
                correct = false,
                reason = "",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        int Told() => told.Where(t => t.Change.GetProperty("seq").GetInt64() > seen).Select(t => t.Page).Distinct().Count();
        for (var wait = 0; wait < 200 && Told() < Pages; wait++)
        {
            await Task.Delay(50);
        }

        Assert.Equal(Pages, Told());
        var took = told.Where(t => t.Change.GetProperty("seq").GetInt64() > seen)
            .Select(t => (t.At - entered).TotalMilliseconds)
            .Order()
            .ToList();
        output.WriteLine($"{Pages} pages: p50 {took[took.Count / 2]:0} ms, p99 {took[took.Count * 99 / 100]:0} ms");
        var now = await api.Get(at + "/results");
        var mine = told.Where(t => t.Page == 0).Select(t => t.Change).MaxBy(c => c.GetProperty("seq").GetInt64());
        Assert.Equal(now["seq"]!.GetValue<long>(), mine.GetProperty("seq").GetInt64());
        Assert.True(mine.GetProperty("since").GetInt64() <= seen);
        var entry = (string)desk["entry"]!["id"]!;
        var table = Assert.Single(mine.GetProperty("tables").EnumerateArray().ToList()).GetProperty("table");
        Assert.Contains(table.GetProperty("lines").EnumerateArray(), l => l.GetProperty("entry").GetString() == entry);
        var there = now["workouts"]!.AsArray().SelectMany(w => w!["tables"]!.AsArray()).Select(t => t!.ToJsonString());
        Assert.Contains(JsonNode.Parse(table.GetRawText())!.ToJsonString(), there);
        foreach (var page in pages)
        {
            await page.DisposeAsync();
        }
    }

    [Fact]
    public async Task Who_may_not_read_the_results_may_not_follow_them()
    {
        var error = await Assert.ThrowsAnyAsync<Exception>(() => Page(new CookieContainer(), _ => { }));
        Assert.Contains("40", error.Message, StringComparison.Ordinal);
    }
}
