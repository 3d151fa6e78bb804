using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning;
using FairCompass.Planning.Days;
using FairCompass.Play;
using FairCompass.Store.Day;
using FairCompass.Web.Day;
using FairCompass.Web.Opening;
using Microsoft.Extensions.DependencyInjection;
using Xunit.Abstractions;

namespace FairCompass.Web.Tests;

/// <summary>
/// Five hundred cards of the demo's eight workouts: played by the seeded player, filled in by the mechanical judge, typed by the mechanical
/// desk through the address that the page types to. What comes of them are the scores of the runs.
/// </summary>
public sealed class MechanicalDeskTests(ITestOutputHelper output) : IDisposable
{
    private const ulong Seed = 500;
    private const int Desks = 8;

    private readonly ApiFixture api = new();

    private string At => $"/api/competitions/{api.Competition}";

    [Fact]
    public async Task Five_hundred_cards_give_the_scores_of_the_runs_that_they_were_filled_in_at()
    {
        var plan = PlanJson.Read((await api.Get(At + "/plan"))["plan"]!.ToJsonString());
        foreach (var workout in plan.Sessions.Select(s => s.Workout).Distinct())
        {
            await api.Publish(workout, (await api.Get($"/api/workouts/{workout}"))["revision"]!.GetValue<int>());
        }

        var (status, made) = await api.Post(At + "/cards", new { heats = plan.Heats.Select(h => h.Id) });
        Assert.True(status == HttpStatusCode.OK, made?.ToJsonString());
        var cards = made!["cards"]!.AsArray().Where(c => (string)c!["state"]! != "Replaced").ToList();
        Assert.True(cards.Count >= 500, $"{cards.Count} cards");
        var entries = (await api.App.Services.GetRequiredService<EntryStore>().Of(api.Competition, CancellationToken.None)).ToDictionary(
            e => e.Entry.Id,
            e => e.Entry
        );
        var filled = new List<Filled>();
        foreach (var version in cards.GroupBy(c => c!["version"]!.GetValue<Guid>()))
        {
            var u = await api.App.Services.GetRequiredService<OpenDrafts>().OpenPublished(version.Key, CancellationToken.None);
            foreach (var way in version.GroupBy(c => EntryCourse.IndexOf(u, entries[c!["entry"]!.GetValue<Guid>()])))
            {
                filled.AddRange(Played(u, way.Key, [.. way!]));
            }
        }

        var wrong = new ConcurrentBag<string>();
        var (clock, stored) = (Stopwatch.StartNew(), new ConcurrentQueue<double>());
        await Parallel.ForEachAsync(
            filled,
            new ParallelOptions { MaxDegreeOfParallelism = Desks },
            async (card, _) =>
            {
                var (answer, entered) = await Enter(card.Id, card.Typed);
                stored.Enqueue(clock.Elapsed.TotalSeconds);
                var got = entered?["card"]?["scores"]?.AsArray().Select(r => ((string)r!["text"]!, (string?)r["tieText"])).ToList();
                if (answer != HttpStatusCode.OK || got is null || !card.Wanted.SequenceEqual(got))
                {
                    wrong.Add($"{card.What}: {string.Join(", ", card.Wanted)}; {Short(entered)}");
                }
            }
        );
        var times = stored.Order().ToList();
        output.WriteLine(
            $"{filled.Count} cards by {Desks} desks, {filled.Count / times[^1]:0} a second; "
                + $"the second half of them {filled.Count / 2 / (times[^1] - times[filled.Count / 2]):0}"
        );
        Assert.True(wrong.IsEmpty, $"{wrong.Count} of {filled.Count}:\n{string.Join('\n', wrong.Take(5))}");
        var results = await api.Get(At + "/results");
        Assert.Equal(
            cards.Count,
            results["workouts"]!
                .AsArray()
                .Sum(w =>
                    w!["tables"]!
                        .AsArray()
                        .GroupBy(t => (string)t!["division"]!)
                        .Sum(g => g.First()!["lines"]!.AsArray().Count(l => (string)l!["text"]! != ""))
                )
        );
    }

    private sealed record Filled(string Id, string What, TypedCard Typed, IReadOnlyList<(string, string?)> Wanted);

    /// <summary>The cards of one way of a workout as they come back, with the scores of the runs.</summary>
    private static IEnumerable<Filled> Played(Understanding u, int way, IReadOnlyList<JsonNode> cards)
    {
        var (course, sheet) = (u.Courses[way], u.Sheets[way]);
        var player = new Player(u, way, PaceTable.Usual);
        var paper = new BriefBuilder(u, course.Address.Division.Name, default).Build(Audience.LaneCard);
        var whose = paper.Sections.Any(s => s.Entry is not null) ? course.Address.ToString() : null;
        foreach (var card in cards)
        {
            var run = player.Play(Seed + card["number"]!.GetValue<ulong>(), (ulong)way);
            var judge = new MechanicalJudge(paper, whose, PlayedCourse.Start(course, sheet, run.End.Choices));
            var says = MechanicalDesk.Type(judge.Watch(run.Events), course, sheet);
            yield return new(
                (string)card["id"]!,
                $"{u.Workout.Title}, {course.Address}, card {card["number"]}",
                CardTexts.Typed(says, course, sheet),
                [.. run.Score(course, u.Competition.Unit).Select(r => (r.Text, r.TieText))]
            );
        }
    }

    private static string Short(JsonNode? answer) => answer?.ToJsonString() is { } text ? text[..Math.Min(400, text.Length)] : "nothing";

    /// <summary>Types a card as the page does: what is asked is meant so.</summary>
    private async Task<(HttpStatusCode, JsonNode?)> Enter(string card, TypedCard typed)
    {
        var body = new EnterOnce(Guid.NewGuid(), 0, typed, false, "");
        var (status, answer) = await api.Post($"{At}/desk/{card}", PlanJson.Write(body));
        if (answer?["asked"] is JsonArray { Count: > 0 } asked)
        {
            var sure = typed with { Sure = [.. asked.Select(d => (string)d!["key"]!)] };
            (status, answer) = await api.Post($"{At}/desk/{card}", PlanJson.Write(body with { Typed = sure }));
        }

        return (status, answer);
    }

    private sealed record EnterOnce(Guid SaveId, long Seen, TypedCard Typed, bool Correct, string Reason);

    public void Dispose() => api.Dispose();
}
