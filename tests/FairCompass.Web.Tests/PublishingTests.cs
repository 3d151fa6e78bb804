using System.Net;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>From the draft to the reader and back, over HTTP and with real PostgreSQL.</summary>
public class PublishingTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text =
        "Harbour Test\n  for Tideline, Meadow\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n  12 power clean, 60/40 kg\n  "
        + "  Meadow: 40/30 kg\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";

    private async Task<(Guid Id, int Revision, string Code)> Published()
    {
        var (id, revision) = await api.NewDraft(Text);
        var (status, version) = await api.Publish(id, revision);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(1, version!["number"]!.GetValue<int>());
        return (id, revision, version["code"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_draft_with_an_open_question_is_refused_and_its_answer_removes_it()
    {
        var (id, revision) = await api.NewDraft(Text.Replace("  tie: shared\n", "", StringComparison.Ordinal));
        var (status, problem) = await api.Publish(id, revision);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains("What decides a tie?", problem!.ToJsonString(), StringComparison.Ordinal);
        var question = Assert.Single((await api.Get($"/api/workouts/{id}/interview"))["questions"]!.AsArray())!;
        Assert.Equal("tie-unstated", question["id"]!.GetValue<string>());
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = Text,
            }
        );
        Assert.Empty((await api.Get($"/api/workouts/{id}/interview"))["questions"]!.AsArray());
        Assert.Equal(HttpStatusCode.OK, (await api.Publish(id, revision + 1)).Status);
    }

    [Fact]
    public async Task Publishing_from_an_outdated_window_is_refused_and_a_retry_finds_its_version()
    {
        var (id, revision) = await api.NewDraft(Text);
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = Text.Replace("30 sit-up", "32 sit-up", StringComparison.Ordinal),
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, (await api.Publish(id, revision)).Status);
        var publish = new
        {
            baseRevision = revision + 1,
            competitionRevision = await api.CompetitionRevision(),
            saveId = Guid.NewGuid(),
            holdsFrom = "",
            note = "",
        };
        var (_, first) = await api.Post($"/api/workouts/{id}/publish", publish);
        var (_, second) = await api.Post($"/api/workouts/{id}/publish", publish);
        Assert.Equal(first!["id"]!.GetValue<string>(), second!["id"]!.GetValue<string>());
        Assert.Equal(HttpStatusCode.Conflict, (await api.Publish(id, revision + 1)).Status);
        Assert.Single((await api.Get($"/api/workouts/{id}/published")).AsArray());
    }

    [Fact]
    public async Task Of_eight_windows_that_publish_at_once_one_makes_the_version()
    {
        var (id, revision) = await api.NewDraft(Text);
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => api.Publish(id, revision)));
        Assert.Single(answers, a => a.Status == HttpStatusCode.OK);
        Assert.Equal(7, answers.Count(a => a.Status == HttpStatusCode.Conflict));
    }

    [Fact]
    public async Task An_old_code_says_which_version_it_is_and_what_has_changed_since()
    {
        var (id, revision, code) = await Published();
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = Text.Replace("40/30 kg", "37.5/30 kg", StringComparison.Ordinal),
            }
        );
        Assert.Equal(HttpStatusCode.OK, (await api.Publish(id, revision + 1, "heat 3")).Status);
        var found = await api.Get($"/api/published/{code.ToLowerInvariant().Replace("-", "", StringComparison.Ordinal)}");
        Assert.Equal(1, found["version"]!["number"]!.GetValue<int>());
        Assert.Equal(2, found["newest"]!["number"]!.GetValue<int>());
        Assert.Equal("heat 3", found["newest"]!["holdsFrom"]!.GetValue<string>());
        var change = Assert.Single(found["since"]!["changes"]!.AsArray())!;
        Assert.Equal(
            ("Meadow, man", "40 kg", "37.5 kg"),
            (change["for"]!.GetValue<string>(), change["before"]!.GetValue<string>(), change["now"]!.GetValue<string>())
        );
        var brief = await api.Get($"/api/published/{code}/brief?audience=Athlete");
        Assert.Equal(code, brief["fingerprint"]!.GetValue<string>());
        Assert.Contains("40/30 kg", brief.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_later_change_of_policies_or_divisions_does_not_change_what_was_published()
    {
        var (_, _, code) = await Published();
        var before = (await api.Get($"/api/published/{code}/brief?audience=Judge")).ToJsonString();
        var stored = await api.Get($"/api/competitions/{api.Competition}");
        var competition = stored["competition"]!.DeepClone();
        competition["houseRules"]!
            .AsArray()
            .Add(
                new JsonObject
                {
                    ["movement"] = "sit-up",
                    ["clause"] = "sit-touch",
                    ["text"] = new JsonObject { ["english"] = "The hands touch the toes." },
                }
            );
        var (status, _) = await api.Put(
            $"/api/competitions/{api.Competition}",
            new
            {
                baseRevision = stored["revision"]!.GetValue<int>(),
                saveId = Guid.NewGuid(),
                competition,
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(before, (await api.Get($"/api/published/{code}/brief?audience=Judge")).ToJsonString());
        Assert.Contains(
            "touch the toes",
            (await api.Get($"/api/competitions/{api.Competition}/standards/sit-up")).ToJsonString(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("AAAA-AAAA-1", HttpStatusCode.UnprocessableEntity)]
    [InlineData("hello", HttpStatusCode.UnprocessableEntity)]
    [InlineData("0000-0000-0", HttpStatusCode.NotFound)]
    public async Task An_unknown_code_and_a_misread_one_are_told_apart(string code, HttpStatusCode expected) =>
        Assert.Equal(expected, await api.Status($"/api/published/{code}"));

    [Fact]
    public async Task A_question_is_answered_once_and_a_ruling_makes_a_version_and_a_line_of_the_draft()
    {
        var (id, revision, code) = await Published();
        const string Body = "May the feet be held by somebody?";
        const string Nasty = "<script>alert(1)</script> '; drop table question; --";
        Assert.Equal(
            HttpStatusCode.NoContent,
            (
                await api.Post(
                    $"/api/published/{code}/questions",
                    new
                    {
                        line = "30 sit-up",
                        body = Body,
                        name = Nasty,
                        contact = "pia@example.invalid",
                    }
                )
            ).Status
        );
        Assert.Empty((await api.Get($"/api/published/{code}/questions")).AsArray());
        var asked = Assert.Single((await api.Get($"/api/workouts/{id}/questions")).AsArray())!["question"]!;
        Assert.Equal((Body, Nasty), (asked["body"]!.GetValue<string>(), asked["askedBy"]!.GetValue<string>()));
        Assert.Equal("pia@example.invalid", asked["contact"]!.GetValue<string>());

        // Readers see it when the head judge lets them, or when it is answered; never how to reach who asked.
        foreach (var shown in new[] { true, false, true })
        {
            Assert.Equal(HttpStatusCode.NoContent, (await api.Put($"/api/questions/{asked["id"]}/shown", new { shown })).Status);
            Assert.Equal(shown ? 1 : 0, (await api.Get($"/api/published/{code}/questions")).AsArray().Count);
        }

        var everybody = (await api.Get($"/api/published/{code}/questions")).ToJsonString();
        Assert.DoesNotContain("example.invalid", everybody, StringComparison.Ordinal);

        // Unfinished work on the draft is not published with a ruling.
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = Text.Replace("30 sit-up", "unset sit-up", StringComparison.Ordinal),
            }
        );
        var answer = new
        {
            body = "No: the feet are free.",
            ruling = new
            {
                movement = "sit-up",
                text = "Nobody holds the feet.",
                holdsFrom = "heat 2",
            },
        };
        var (status, answered) = await api.Post($"/api/questions/{asked["id"]}/answer", answer);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(2, answered!["rulingIn"]!.GetValue<int>());
        // Sent again it is found; another answer is refused.
        Assert.Equal(HttpStatusCode.OK, (await api.Post($"/api/questions/{asked["id"]}/answer", answer)).Status);
        var other = new { body = "Yes.", ruling = (object?)null };
        Assert.Equal(HttpStatusCode.Conflict, (await api.Post($"/api/questions/{asked["id"]}/answer", other)).Status);

        var newest = (await api.Get($"/api/workouts/{id}/published")).AsArray()[0]!;
        var brief = (await api.Get($"/api/published/{newest["code"]}/brief?audience=Judge")).ToJsonString();
        Assert.Contains("Nobody holds the feet. (ruling 1, ", brief, StringComparison.Ordinal);
        Assert.Contains("30 sit-up", brief, StringComparison.Ordinal);
        var draft = (await api.Get($"/api/workouts/{id}"))["body"]!.GetValue<string>();
        Assert.Contains("unset sit-up", draft, StringComparison.Ordinal);
        Assert.Contains("standard sit-up, ruling-1: Nobody holds the feet. (ruling 1, ", draft, StringComparison.Ordinal);

        Assert.Equal(
            HttpStatusCode.NoContent,
            (
                await api.Post(
                    $"/api/published/{code}/questions",
                    new
                    {
                        line = "",
                        body = "Can the feet be held by somebody else?",
                        name = "",
                        contact = "",
                    }
                )
            ).Status
        );
        var open = (await api.Get($"/api/workouts/{id}/questions")).AsArray()[0]!;
        Assert.Equal("No: the feet are free.", Assert.Single(open["similar"]!.AsArray())!["answer"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_paper_of_a_draft_that_says_what_is_published_carries_its_number()
    {
        var (id, revision) = await api.NewDraft(Text);
        Assert.Null((await api.Get($"/api/workouts/{id}/brief?audience=LaneCard"))["version"]);
        await api.Publish(id, revision);
        Assert.Equal(1, (await api.Get($"/api/workouts/{id}/brief?audience=LaneCard"))["version"]!.GetValue<int>());
        Assert.Contains(
            "Version 1",
            await api.Http.GetStringAsync($"/api/workouts/{id}/brief.md?audience=Caller"),
            StringComparison.Ordinal
        );
        await api.Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = Text.Replace("30 sit-up", "32 sit-up", StringComparison.Ordinal),
            }
        );
        Assert.Null((await api.Get($"/api/workouts/{id}/brief?audience=LaneCard"))["version"]);
    }

    [Fact]
    public async Task A_bad_answer_is_refused_at_its_field_and_a_good_one_after_it_is_taken()
    {
        var (id, _, code) = await Published();
        await api.Post(
            $"/api/published/{code}/questions",
            new
            {
                line = "",
                body = "Why?",
                name = "",
                contact = "",
            }
        );
        var asked = Assert.Single((await api.Get($"/api/workouts/{id}/questions")).AsArray())!["question"]!["id"];
        foreach (
            var (body, movement, text, field) in new[]
            {
                ("", "sit-up", "ok", "body"),
                ("ok", "moon hop", "ok", "ruling.movement"),
                ("ok", "sit-up", "", "ruling.text"),
                ("ok", "sit-up", "two\nlines", "ruling.text"),
            }
        )
        {
            var (status, problem) = await api.Post(
                $"/api/questions/{asked}/answer",
                new
                {
                    body,
                    ruling = new
                    {
                        movement,
                        text,
                        holdsFrom = "",
                    },
                }
            );
            Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
            Assert.NotNull(problem!["errors"]![field]);
        }

        Assert.Equal(
            HttpStatusCode.OK,
            (await api.Post($"/api/questions/{asked}/answer", new { body = "Because.", ruling = (object?)null })).Status
        );
    }

    [Theory]
    [InlineData("0")]
    [InlineData("3000")]
    [InlineData("NaN")]
    public async Task A_stature_that_nobody_has_is_refused(string stature) =>
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            await api.Status($"/api/competitions/{api.Competition}/standards/deadlift/figures?stature={stature}")
        );
}
