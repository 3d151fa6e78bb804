using System.Collections.Concurrent;
using System.Net;
using System.Text.Json.Nodes;
using FairCompass.Core.Briefing;
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

namespace FairCompass.Web.Tests;

/// <summary>
/// Five hundred cards of the demo's eight workouts: played by the seeded player, filled in by the mechanical judge, typed by the mechanical
/// desk through the address that the page types to. What comes of them are the scores of the runs.
/// </summary>
public sealed class MechanicalDeskTests : IDisposable
{
    private const ulong Seed = 500;

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
        var wrong = new ConcurrentBag<string>();
        var typed = 0;
        foreach (var version in cards.GroupBy(c => c!["version"]!.GetValue<Guid>()))
        {
            var u = await api.App.Services.GetRequiredService<OpenDrafts>().OpenPublished(version.Key, CancellationToken.None);
            foreach (var way in version.GroupBy(c => EntryCourse.IndexOf(u, entries[c!["entry"]!.GetValue<Guid>()])))
            {
                var (course, sheet) = (u.Courses[way.Key], u.Sheets[way.Key]);
                var player = new Player(u, way.Key, PaceTable.Usual);
                var paper = new BriefBuilder(u, course.Address.Division.Name, default).Build(Audience.LaneCard);
                var whose = paper.Sections.Any(s => s.Entry is not null) ? course.Address.ToString() : null;
                foreach (var card in way)
                {
                    var run = player.Play(Seed + card!["number"]!.GetValue<ulong>(), (ulong)way.Key);
                    var judge = new MechanicalJudge(paper, whose, PlayedCourse.Start(course, sheet, run.End.Choices));
                    var says = MechanicalDesk.Type(judge.Watch(run.Events), course, sheet);
                    var (answer, entered) = await Enter((string)card["id"]!, CardTexts.Typed(says, course, sheet));
                    var wanted = run.Score(course, u.Competition.Unit).Select(r => (r.Text, r.TieText)).ToList();
                    var got = entered?["card"]?["scores"]?.AsArray().Select(r => ((string)r!["text"]!, (string?)r["tieText"])).ToList();
                    typed++;
                    if (answer != HttpStatusCode.OK || got is null || !wanted.SequenceEqual(got!))
                    {
                        wrong.Add(
                            $"{u.Workout.Title}, {course.Address}, card {card["number"]}: {string.Join(", ", wanted)}; {entered?.ToJsonString()[..Math.Min(400, entered.ToJsonString().Length)]}"
                        );
                    }
                }
            }
        }

        Assert.True(wrong.IsEmpty, $"{wrong.Count} of {typed}:\n{string.Join('\n', wrong.Take(5))}");
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
