using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Access;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>Signing in and out, what opens a door once, links, and what is written down of it.</summary>
public class SignInTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Good = "three ropes and a boat";

    private HttpClient Browser() => Visitors.At(api.App.Address);

    private static async Task<(HttpStatusCode Status, string Body)> Post(HttpClient http, string path, object body)
    {
        using var answer = await http.PostAsJsonAsync(path, body);
        return (answer.StatusCode, await answer.Content.ReadAsStringAsync());
    }

    private static Task<(HttpStatusCode Status, string Body)> SignIn(HttpClient http, string name, string passphrase) =>
        Post(http, "/api/session", new SignIn(name, passphrase));

    private static async Task<JsonNode?> Me(HttpClient http) => (await http.GetFromJsonAsync<JsonNode>("/api/me"))!["in"];

    private async Task<string> Invitation(Role role)
    {
        var (status, made) = await api.Post(
            $"/api/competitions/{api.Competition}/invitations",
            new { role = role.ToString(), words = "Somebody" }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        return made!["url"]!.GetValue<string>().Split('#')[1];
    }

    private async Task<HttpClient> Join(string name, Role role)
    {
        var http = Browser();
        var used = await Post(http, "/api/pass/use", new UsePass(await Invitation(role), name, Good));
        Assert.Equal(HttpStatusCode.NoContent, used.Status);
        return http;
    }

    [Fact]
    public async Task An_invitation_is_used_once_and_gives_its_role_in_its_competition()
    {
        var token = await Invitation(Role.CoAuthor);
        using var http = Browser();
        var opens = JsonNode.Parse((await Post(http, "/api/pass", new ByToken(token))).Body)!;
        Assert.Equal(
            ("invitation", "Saltmarsh Ferry Games", "co-author"),
            ((string)opens["kind"]!, (string)opens["competition"]!, (string)opens["role"]!)
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Post(http, "/api/pass/use", new UsePass(token, "Nell", "short"))).Status);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await Post(http, "/api/pass/use", new UsePass(token, "Demo 0rganiser", Good))).Status
        );
        Assert.Equal(HttpStatusCode.NoContent, (await Post(http, "/api/pass/use", new UsePass(token, "Nell", Good))).Status);
        Assert.Equal("Nell", (string)(await Me(http))!["name"]!);
        Assert.Equal(HttpStatusCode.OK, (await http.GetAsync($"/api/competitions/{api.Competition}")).StatusCode);
        Assert.Equal(HttpStatusCode.Forbidden, (await http.GetAsync($"/api/competitions/{api.Competition}/people")).StatusCode);
        using var second = Browser();
        Assert.Equal(HttpStatusCode.NotFound, (await Post(second, "/api/pass/use", new UsePass(token, "Bert", Good))).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Post(second, "/api/pass", new ByToken("no such token"))).Status);
    }

    /// <summary>Session fixation: who signs in never keeps a token that the browser had before, and the old one opens nothing.</summary>
    [Fact]
    public async Task A_sign_in_gives_a_new_token_and_ends_the_old_one()
    {
        var jar = new CookieContainer();
        using var http = Visitors.At(api.App.Address, jar);
        jar.Add(api.App.Address, new Cookie("fair-compass", "planted-by-somebody-else"));
        await RunningApp.SignIn(http);
        var first = jar.GetCookies(api.App.Address)["fair-compass"]!.Value;
        Assert.NotEqual("planted-by-somebody-else", first);
        await RunningApp.SignIn(http);
        Assert.NotEqual(first, jar.GetCookies(api.App.Address)["fair-compass"]!.Value);
        using var thief = Browser();
        thief.DefaultRequestHeaders.Add("Cookie", "fair-compass=" + first);
        Assert.Null(await Me(thief));
        var cookie = jar.GetCookies(api.App.Address)["fair-compass"]!;
        Assert.True(cookie.HttpOnly);
        // Neither the token nor anything that gives it is stored.
        await using var db = new NpgsqlConnection(api.App.Connection);
        Assert.Equal(
            0,
            await db.ExecuteScalarAsync<long>("select count(*) from session where encode(token, 'escape') = @v", new { v = cookie.Value })
        );
    }

    [Fact]
    public async Task Signed_out_everywhere_is_signed_out_on_every_device()
    {
        using var one = await Join("Two Devices", Role.Measurer);
        using var other = Browser();
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(other, "two devices", Good)).Status);
        Assert.Equal(2, (await one.GetFromJsonAsync<JsonArray>("/api/sessions"))!.Count);
        Assert.Equal(HttpStatusCode.NoContent, (await one.DeleteAsync("/api/sessions")).StatusCode);
        Assert.Null(await Me(one));
        Assert.Null(await Me(other));
        Assert.Equal(HttpStatusCode.Unauthorized, (await other.GetAsync("/api/sessions")).StatusCode);
    }

    [Fact]
    public async Task A_session_ends_by_itself()
    {
        using var http = await Join("Left Alone", Role.Reader);
        await using var db = new NpgsqlConnection(api.App.Connection);
        const string Set = "update session set {0} = now() - @long where account_id = (select id from account where name = 'Left Alone')";
        await db.ExecuteAsync(string.Format(null, Set, "seen"), new { @long = SessionTimes.Idle + TimeSpan.FromMinutes(1) });
        Assert.Null(await Me(http));
        await db.ExecuteAsync(string.Format(null, Set, "seen"), new { @long = TimeSpan.FromMinutes(1) });
        Assert.NotNull(await Me(http));
        await db.ExecuteAsync(string.Format(null, Set, "at"), new { @long = SessionTimes.Longest + TimeSpan.FromMinutes(1) });
        Assert.Null(await Me(http));
    }

    /// <summary>A sender who guesses is slowed for that name; the owner signs in at once from a device that was signed in before.</summary>
    [Fact]
    public async Task Who_guesses_is_slowed_and_the_owner_is_not_locked_out()
    {
        using var owner = await Join("Often Guessed", Role.Crew);
        await owner.DeleteAsync("/api/session");
        using var thief = Browser();
        for (var i = 0; i < SessionTimes.FreeTries; i++)
        {
            Assert.Equal(HttpStatusCode.Forbidden, (await SignIn(thief, "Often Guessed", "a wrong passphrase")).Status);
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, (await SignIn(thief, "Often Guessed", Good)).Status);
        // A name that looks alike is the same name.
        Assert.Equal(HttpStatusCode.TooManyRequests, (await SignIn(thief, "0ften guessed", Good)).Status);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(owner, "Often Guessed", Good)).Status);
    }

    /// <summary>The same words, and the same hash is worked out for a name that nobody has, so that the time says nothing. Held by what the
    /// work allocates, for a clock on a busy machine proves nothing.</summary>
    [Fact]
    public async Task A_name_that_nobody_has_is_answered_in_the_same_words()
    {
        using var http = Browser();
        var unknown = await SignIn(http, "Nobody At All", "a wrong passphrase");
        var known = await SignIn(http, "Demo reader", "a wrong passphrase");
        JsonNode Without(string body)
        {
            var problem = JsonNode.Parse(body)!;
            problem.AsObject().Remove("traceId");
            return problem;
        }

        Assert.True(JsonNode.DeepEquals(Without(unknown.Body), Without(known.Body)));
        var passphrases = api.App.Services.GetRequiredService<Passphrases>();
        long Work(Account? account)
        {
            var before = GC.GetAllocatedBytesForCurrentThread();
            Assert.False(passphrases.Fits(account, "a wrong passphrase"));
            return GC.GetAllocatedBytesForCurrentThread() - before;
        }

        var reader = await api.App.Services.GetRequiredService<AccountStore>().Find("Demo reader", CancellationToken.None);
        // The least of several: what the runtime does beside it (compiling anew, a fresh piece of heap) is not the work.
        Assert.Equal(Enumerable.Range(0, 8).Min(_ => Work(reader)), Enumerable.Range(0, 8).Min(_ => Work(null)));
    }

    [Fact]
    public async Task A_recovery_sets_a_new_passphrase_and_ends_the_sessions()
    {
        using var http = await Join("Forgetful", Role.HeadJudge);
        var id = (await api.Get($"/api/competitions/{api.Competition}/people"))["members"]!
            .AsArray()
            .Single(m => (string)m!["name"]! == "Forgetful")!["id"];
        var (status, made) = await api.Post($"/api/competitions/{api.Competition}/people/{id}/recovery", new { });
        Assert.Equal(HttpStatusCode.OK, status);
        var token = made!["url"]!.GetValue<string>().Split('#')[1];
        using var other = Browser();
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await Post(other, "/api/pass/use", new UsePass(token, "", "another rope and boat"))).Status
        );
        Assert.Null(await Me(http));
        Assert.Equal("Forgetful", (string)(await Me(other))!["name"]!);
        Assert.Equal(HttpStatusCode.Forbidden, (await SignIn(http, "Forgetful", Good)).Status);
        Assert.Equal(HttpStatusCode.NoContent, (await SignIn(http, "Forgetful", "another rope and boat")).Status);
    }

    /// <summary>An organiser of one competition must not take over somebody who is something in another.</summary>
    [Fact]
    public async Task Nobody_is_recovered_by_who_does_not_organise_all_their_competitions()
    {
        using var http = await Join("In Two Places", Role.HeadJudge);
        using var made = await http.PostAsJsonAsync(
            "/api/competitions",
            (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!
        );
        Assert.Equal(HttpStatusCode.OK, made.StatusCode);
        var id = (await api.Get($"/api/competitions/{api.Competition}/people"))["members"]!
            .AsArray()
            .Single(m => (string)m!["name"]! == "In Two Places")!["id"];
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await api.Post($"/api/competitions/{api.Competition}/people/{id}/recovery", new { })).Status
        );
    }

    [Fact]
    public async Task The_last_organiser_stays_one_and_a_role_taken_away_is_gone_at_once()
    {
        var people = (await api.Get($"/api/competitions/{api.Competition}/people"))["members"]!.AsArray();
        var organiser = people.Single(m => m!["roles"]!.AsArray().Any(r => (string)r! == "Organiser"))!["id"];
        var (status, problem) = await api.Put(
            $"/api/competitions/{api.Competition}/people/{organiser}",
            new { roles = new[] { "Reader" } }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotNull(problem!["errors"]!["roles"]);

        using var http = await Join("Soon Gone", Role.CoAuthor);
        var (draft, revision) = await api.NewDraft("T\n");
        var save = new
        {
            baseRevision = revision,
            saveId = Guid.NewGuid(),
            body = "T\n\n9:00 for reps\n  max sit-up\n",
        };
        var id = (await api.Get($"/api/competitions/{api.Competition}/people"))["members"]!
            .AsArray()
            .Single(m => (string)m!["name"]! == "Soon Gone")!["id"];
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await api.Put($"/api/competitions/{api.Competition}/people/{id}", new { roles = new[] { "Reader" } })).Status
        );
        using var refused = await http.PutAsJsonAsync($"/api/workouts/{draft}", save);
        Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
        Assert.Contains("you are reader", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await api.Put($"/api/competitions/{api.Competition}/people/{id}", new { roles = Array.Empty<string>() })).Status
        );
        using var gone = await http.GetAsync(new Uri($"/api/competitions/{api.Competition}/published", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NotFound, gone.StatusCode);
    }

    [Fact]
    public async Task A_link_opens_on_the_first_device_only_until_it_is_over_or_taken_back()
    {
        async Task<(string Token, string Id)> Give(string name)
        {
            var (status, made) = await api.Post(
                $"/api/competitions/{api.Competition}/links",
                new
                {
                    role = "Judge",
                    name,
                    days = 2,
                }
            );
            Assert.Equal(HttpStatusCode.OK, status);
            var id = (await api.Get($"/api/competitions/{api.Competition}/links")).AsArray().First(l => (string)l!["name"]! == name)![
                "id"
            ]!;
            return (made!["url"]!.GetValue<string>().Split('#')[1], id.GetValue<string>());
        }

        var (token, link) = await Give("Lane 3");
        using var phone = Browser();
        Assert.Equal(HttpStatusCode.NoContent, (await Post(phone, "/api/link", new ByToken(token))).Status);
        Assert.Equal(HttpStatusCode.NoContent, (await Post(phone, "/api/link", new ByToken(token))).Status);
        Assert.Equal(HttpStatusCode.OK, (await phone.GetAsync($"/api/competitions/{api.Competition}/published")).StatusCode);
        Assert.Equal(HttpStatusCode.Forbidden, (await phone.GetAsync($"/api/competitions/{api.Competition}")).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await phone.GetAsync("/api/sessions")).StatusCode);
        using var other = Browser();
        var refused = await Post(other, "/api/link", new ByToken(token));
        Assert.Equal(HttpStatusCode.Forbidden, refused.Status);
        Assert.Contains("another device", refused.Body, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await Post(other, "/api/link", new ByToken("x"))).Status);

        using var taken = await api.Http.DeleteAsync(new Uri($"/api/competitions/{api.Competition}/links/{link}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, taken.StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await phone.GetAsync($"/api/competitions/{api.Competition}/published")).StatusCode);
        Assert.Equal(HttpStatusCode.Forbidden, (await Post(phone, "/api/link", new ByToken(token))).Status);

        var (second, _) = await Give("Lane 4");
        await using var db = new NpgsqlConnection(api.App.Connection);
        await db.ExecuteAsync("update link set ends = now() - interval '1 minute' where name = 'Lane 4'");
        Assert.Contains("over", (await Post(other, "/api/link", new ByToken(second))).Body, StringComparison.Ordinal);
        var (status, problem) = await api.Post(
            $"/api/competitions/{api.Competition}/links",
            new
            {
                role = "Organiser",
                name = " ",
                days = 90,
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal(["days", "name", "role"], problem!["errors"]!.AsObject().Select(e => e.Key).Order());
    }

    /// <summary>Who is signed in confirms for themselves, whatever name is sent.</summary>
    [Fact]
    public async Task A_confirmation_is_bound_to_who_is_signed_in()
    {
        using var http = await Join("Confirms Herself", Role.Judge);
        var papers = (await http.GetFromJsonAsync<JsonNode>($"/api/competitions/{api.Competition}/published"))!["workouts"]!.AsArray();
        var code = (string)papers.Single(p => (string)p!["title"]! == "Towline")!["code"]!;
        var confirm = new
        {
            name = "Somebody Else",
            judge = false,
            answers = Array.Empty<int>(),
        };
        Assert.Equal(HttpStatusCode.NoContent, (await Post(http, $"/api/published/{code}/confirm", confirm)).Status);
        var towline = (await api.Get($"/api/competitions/{api.Competition}/overview"))["workouts"]!
            .AsArray()
            .Single(w => (string)w!["title"]! == "Towline")!["id"];
        var said = (await api.Get($"/api/workouts/{towline}/confirmations")).AsArray();
        Assert.True((bool)said.Single(c => (string)c!["name"]! == "Confirms Herself")!["signedIn"]!);
        Assert.DoesNotContain(said, c => (string)c!["name"]! == "Somebody Else");
        // How to reach the people who asked is for the head judge and the organisers.
        Assert.Equal(HttpStatusCode.Forbidden, (await http.GetAsync($"/api/workouts/{towline}/questions")).StatusCode);
    }

    [Fact]
    public async Task What_is_done_and_refused_is_written_down_and_cannot_be_changed()
    {
        using var http = await Join("Watched", Role.CoAuthor);
        var (draft, revision) = await api.NewDraft("Watched Workout\n");
        using var saved = await http.PutAsJsonAsync(
            $"/api/workouts/{draft}",
            new
            {
                baseRevision = revision,
                saveId = Guid.NewGuid(),
                body = "Watched Workout\n\n9:00 for reps\n  max sit-up\n",
            }
        );
        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        await http.GetAsync($"/api/workouts/{draft}/export");
        await http.GetAsync($"/api/competitions/{api.Competition}/people");
        var lines = (await api.Get($"/api/competitions/{api.Competition}/log?who=watched")).AsArray();
        Assert.Equal(
            [
                ("was refused: manage people and see the log", 403),
                ("exported a workout", 200),
                ("saved a draft", 200),
                ("used a link: invitation", 204),
            ],
            lines.Select(l => ((string)l!["what"]!, (int)l["status"]!))
        );
        Assert.Equal($"Watched Workout, revision {revision + 1}", (string)lines[2]!["about"]!);
        Assert.Contains(
            "saved a draft",
            await api.Http.GetStringAsync($"/api/competitions/{api.Competition}/log.csv?who=watched"),
            StringComparison.Ordinal
        );
        await using var db = new NpgsqlConnection(api.App.Connection);
        await Assert.ThrowsAsync<PostgresException>(() => db.ExecuteAsync("delete from done"));
        await Assert.ThrowsAsync<PostgresException>(() => db.ExecuteAsync("update done set who = 'x'"));
    }

    [Fact]
    public async Task The_first_organiser_comes_by_a_link_and_organises_what_was_there_before()
    {
        using var app = new RunningApp(demo: false);
        var path = await FirstPeople.Prepare(app.Services, demo: false, CancellationToken.None);
        var competition = await app
            .Services.GetRequiredService<CompetitionStore>()
            .Create(Store.Demo.SaltmarshFerryGames.Competition, [], null, CancellationToken.None);
        using var http = Visitors.At(app.Address);
        var token = path!.Split('#')[1];
        Assert.Equal("first", (string)JsonNode.Parse((await Post(http, "/api/pass", new ByToken(token))).Body)!["kind"]!);
        Assert.Equal(HttpStatusCode.NoContent, (await Post(http, "/api/pass/use", new UsePass(token, "Ines", Good))).Status);
        Assert.Equal(
            [competition.Id.ToString()],
            (await http.GetFromJsonAsync<JsonArray>("/api/competitions"))!.Select(c => (string)c!["id"]!)
        );
        Assert.Null(await FirstPeople.Prepare(app.Services, demo: false, CancellationToken.None));
        Assert.Equal(HttpStatusCode.NotFound, (await Post(http, "/api/pass/use", new UsePass(token, "Otto", Good))).Status);
    }
}
