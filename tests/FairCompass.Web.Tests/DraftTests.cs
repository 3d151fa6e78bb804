using System.Net;

namespace FairCompass.Web.Tests;

public class DraftTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    [Fact]
    public async Task The_demo_is_open_with_its_workouts_and_two_with_mistakes()
    {
        var overview = await api.Get($"/api/competitions/{api.Competition}/overview");
        var titles = overview["workouts"]!.AsArray().Select(w => w!["title"]!.GetValue<string>()).ToList();
        Assert.Equal(
            [
                "Ferry Bell",
                "Undertow",
                "Breakwater",
                "Cockle Row",
                "Lock Gates",
                "Signal Mast",
                "Chandlery",
                "Long Reach",
                "Twin Tides",
                "Drying Out",
                "Tide Table",
                "Towline",
                "Ropewalk",
                "Night Ferry",
                "Swing Bridge",
                "Three Bells",
                "Slack Water",
                "Ferry Bell with mistakes",
                "Cockle Row with mistakes",
                "Harbour Minutes",
                "Capstan",
                "Pilot Ladder",
                "Long Watch",
            ],
            titles.Take(23)
        );
        Assert.All(
            overview["workouts"]!
                .AsArray()
                .Take(23)
                .Where(w => !w!["title"]!.GetValue<string>().EndsWith("mistakes", StringComparison.Ordinal)),
            w => Assert.Equal(0, w!["mustFix"]!.GetValue<int>() + w["others"]!.GetValue<int>())
        );
        Assert.All(overview["workouts"]!.AsArray().Skip(17).Take(2), w => Assert.True(w!["mustFix"]!.GetValue<int>() > 1));
    }

    [Fact]
    public async Task A_draft_that_does_not_parse_is_saved_all_the_same()
    {
        var (id, revision) = await api.NewDraft("T\n");
        var (status, saved) = await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = "???\n  ,,, 🏋️ '; drop table workout; --\n",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(revision + 1, saved!["revision"]!.GetValue<int>());
        Assert.Equal("???\n  ,,, 🏋️ '; drop table workout; --\n", (await api.Get($"/api/workouts/{id}"))["body"]!.GetValue<string>());
    }

    [Fact]
    public async Task An_outdated_save_is_refused_with_what_changed_and_a_merge()
    {
        var (id, revision) = await api.NewDraft("T\n\n9:00 for reps\n  10 sit-up\n\nscore: reps\n");
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = "T\n\n9:00 for reps\n  12 sit-up\n\nscore: reps\n",
            }
        );
        var (status, problem) = await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = "T\n\n9:00 for reps\n  10 sit-up\n\nscore: reps\n  tie: shared\n",
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        var change = Assert.Single(problem!["changed"]!.AsArray())!;
        Assert.Equal(4, change["line"]!.GetValue<int>());
        Assert.Equal("  12 sit-up", change["now"]![0]!.GetValue<string>());
        Assert.Equal("T\n\n9:00 for reps\n  12 sit-up\n\nscore: reps\n  tie: shared\n", problem["merged"]!.GetValue<string>());
        Assert.Equal(revision + 1, problem["current"]!["revision"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_retry_after_a_lost_answer_finds_its_own_save()
    {
        var (id, revision) = await api.NewDraft("T\n");
        var save = new
        {
            baseRevision = revision,
            saveId = Guid.NewGuid(),
            body = "T2\n",
        };
        var (_, first) = await api.Put($"/api/workouts/{id}", save);
        var (status, second) = await api.Put($"/api/workouts/{id}", save);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(first!["revision"]!.GetValue<int>(), second!["revision"]!.GetValue<int>());
    }

    [Fact]
    public async Task Of_two_saves_at_once_one_wins_and_one_is_refused()
    {
        var (id, revision) = await api.NewDraft("T\n");
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(i =>
                    api.Put(
                        $"/api/workouts/{id}",
                        new
                        {
                            baseRevision = revision,
                            saveId = Guid.NewGuid(),
                            body = $"T{i}\n",
                        }
                    )
                )
        );
        Assert.Single(answers, a => a.Status == HttpStatusCode.OK);
        Assert.Equal(7, answers.Count(a => a.Status == HttpStatusCode.Conflict));
    }

    [Fact]
    public async Task A_removed_draft_can_be_brought_back()
    {
        var (id, _) = await api.NewDraft("Gone\n");
        Assert.Equal(HttpStatusCode.NoContent, (await api.Put($"/api/workouts/{id}/removed", new { removed = true })).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await api.Http.GetAsync($"/api/workouts/{id}")).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await api.Put($"/api/workouts/{id}/removed", new { removed = false })).Status);
        Assert.Equal("Gone\n", (await api.Get($"/api/workouts/{id}"))["body"]!.GetValue<string>());
        await api.Put($"/api/workouts/{id}/removed", new { removed = true });
    }

    [Fact]
    public async Task While_the_database_is_away_drafts_are_explained_and_saves_say_so()
    {
        var (id, revision) = await api.NewDraft("T\n");
        await api.Post($"/api/competitions/{api.Competition}/explain", new { doc = 1, body = "T\n" });
        api.App.SetDatabaseReachable(false);
        try
        {
            await Task.Delay(1100);
            var (explained, answer) = await api.Post(
                $"/api/competitions/{api.Competition}/explain",
                new { doc = 2, body = "T\n\n9:00 for reps\n  10 sit-up\n" }
            );
            Assert.Equal(HttpStatusCode.OK, explained);
            Assert.Equal(10, answer!["explanation"]!["ledgers"]![0]!["units"]!.GetValue<int>());
            var (status, problem) = await api.Put(
                $"/api/workouts/{id}",
                new
                {
                    baseRevision = revision,
                    saveId = Guid.NewGuid(),
                    body = "T2\n",
                }
            );
            Assert.Equal(HttpStatusCode.ServiceUnavailable, status);
            Assert.Equal("The database does not answer.", problem!["title"]!.GetValue<string>());
        }
        finally
        {
            api.App.SetDatabaseReachable(true);
        }

        Assert.Equal(
            HttpStatusCode.OK,
            (
                await api.Put(
                    $"/api/workouts/{id}",
                    new
                    {
                        baseRevision = revision,
                        saveId = Guid.NewGuid(),
                        body = "T2\n",
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_tried_result_has_score_place_and_reasons()
    {
        var overview = await api.Get($"/api/competitions/{api.Competition}/overview");
        var draft = await api.Get($"/api/workouts/{overview["workouts"]![0]!["id"]!.GetValue<Guid>()}");
        var run = new
        {
            status = "Ran",
            pieces = new object[]
            {
                new
                {
                    piece = "0",
                    finish = 512_000,
                    units = (int?)null,
                    tieTime = (int?)null,
                    tries = Array.Empty<object>(),
                },
                new
                {
                    piece = "1",
                    finish = (int?)null,
                    units = (int?)null,
                    tieTime = (int?)null,
                    tries = new[] { new { load = 92.5, made = true } },
                },
            },
        };
        var (status, answer) = await api.Post(
            $"/api/competitions/{api.Competition}/try",
            new
            {
                body = draft["body"]!.GetValue<string>(),
                division = "Tideline",
                duty = "man",
                run,
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(["8:32", "92.5 kg"], answer!["tried"]!["results"]!.AsArray().Select(r => r!["text"]!.GetValue<string>()));
        Assert.Equal(2, answer["tried"]!["places"]![0]!.GetValue<int>());
        var (bad, problem) = await api.Post(
            $"/api/competitions/{api.Competition}/try",
            new
            {
                body = draft["body"]!.GetValue<string>(),
                division = "Tideline",
                duty = "man",
                run = run with
                {
                    status = "DidNotStart",
                },
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad);
        Assert.NotNull(problem!["errors"]!["run.status"]);
    }
}
