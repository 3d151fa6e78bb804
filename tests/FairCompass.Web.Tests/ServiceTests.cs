using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>What the application is to whoever runs it: alive or ready, limited, and no more powerful in its database than it must
/// be.</summary>
public class ServiceTests
{
    [Fact]
    public async Task It_is_alive_without_its_database_and_ready_only_with_it()
    {
        using var app = new RunningApp();
        using var http = Visitors.At(app.Address);
        var ready = await http.GetFromJsonAsync<JsonNode>("/api/health/ready");
        Assert.StartsWith("00", (string)ready!["schema"]!, StringComparison.Ordinal);
        Assert.NotEqual("", (string)ready["version"]!);
        app.SetDatabaseReachable(false);
        using var alive = await http.GetAsync("/api/health");
        Assert.Equal(HttpStatusCode.OK, alive.StatusCode);
        using var not = await http.GetAsync("/api/health/ready");
        Assert.Equal(HttpStatusCode.ServiceUnavailable, not.StatusCode);
        app.SetDatabaseReachable(true);
        using var again = await http.GetAsync("/api/health/ready");
        Assert.Equal(HttpStatusCode.OK, again.StatusCode);
    }

    [Fact]
    public async Task A_session_that_asks_without_end_is_told_when_to_come_again()
    {
        using var app = new RunningApp(demo: true, settings: new Dictionary<string, string> { ["Limits"] = "true" });
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        HttpResponseMessage? refused = null;
        for (var i = 0; i < 20 && refused is null; i++)
        {
            var all = await Task.WhenAll(Enumerable.Range(0, 200).Select(_ => http.GetAsync("/api/me")));
            refused = Array.Find(all, a => a.StatusCode != HttpStatusCode.OK);
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, refused!.StatusCode);
        Assert.InRange(int.Parse(refused.Headers.GetValues("Retry-After").Single(), null), 1, 10);
        Assert.Contains("asked too often", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);

        // Another session, and who only wants to know whether it lives, are not touched.
        using var other = Visitors.At(app.Address);
        await RunningApp.SignIn(other, FairCompass.Access.Role.Judge);
        using var alive = await other.GetAsync("/api/me");
        Assert.Equal(HttpStatusCode.OK, alive.StatusCode);
    }

    [Theory]
    [InlineData("update published set note = 'x'")]
    [InlineData("delete from done")]
    [InlineData("truncate measurement")]
    [InlineData("delete from answer")]
    [InlineData("alter table done disable trigger all")]
    [InlineData("drop table question")]
    [InlineData("create table mine (id int)")]
    [InlineData("delete from schemaversions")]
    [InlineData("create role other superuser")]
    public async Task The_daily_role_cannot(string statement)
    {
        using var app = new RunningApp(demo: false);
        await using var db = new NpgsqlConnection(app.DailyConnection);
        var refused = await Assert.ThrowsAsync<PostgresException>(() => db.ExecuteAsync(statement));
        Assert.Equal(PostgresErrorCodes.InsufficientPrivilege, refused.SqlState);
    }

    [Fact]
    public async Task What_is_stored_says_by_whom()
    {
        using var api = new ApiFixture();
        var (id, revision) = await api.NewDraft(
            "By Whom\n  for Tideline\n  a/b is man/woman\n\n9:00 for time\n  30 sit-up\n\n"
                + "score: time\n  unfinished: cap line by reps\n  tie: shared\n"
        );
        var (_, version) = await api.Publish(id, revision);
        Assert.Equal("Demo organiser", (string)version!["by"]!);
        await using var db = new NpgsqlConnection(api.App.Connection);
        var me = await db.QuerySingleAsync<Guid>("select id from account where name = 'Demo organiser'");
        Assert.Equal([me], await db.QueryAsync<Guid>("select by_account from workout_revision where workout_id = @id", new { id }));
        Assert.Equal(me, await db.QuerySingleAsync<Guid>("select by_account from published where workout_id = @id", new { id }));
    }

    [Fact]
    public async Task A_competition_takes_no_more_drafts_than_it_can_show_and_an_account_no_more_competitions()
    {
        using var api = new ApiFixture();
        await using var db = new NpgsqlConnection(api.App.Connection);
        await db.ExecuteAsync(
            """
            insert into workout (id, competition_id, ordinal, revision, body, lines)
            select gen_random_uuid(), competition_id, 1000 + n, 1, body, lines
            from (select * from workout where competition_id = @competition limit 1) one, generate_series(1, 600) n
            """,
            new { competition = api.Competition }
        );
        var (full, said) = await api.Post($"/api/competitions/{api.Competition}/workouts", new { body = "One More" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, full);
        Assert.Contains("500 drafts at most", (string)said!["title"]!, StringComparison.Ordinal);
        await db.ExecuteAsync(
            """
            with made as (
                insert into competition (id, revision, doc)
                select gen_random_uuid(), 1, doc from competition, generate_series(1, 200) where id = @competition returning id)
            insert into member (competition_id, account_id, role)
            select made.id, account.id, 'Organiser' from made, account where account.name = 'Demo organiser'
            """,
            new { competition = api.Competition }
        );
        var file = JsonNode.Parse(await api.Http.GetStringAsync($"/api/competitions/{api.Competition}"))!["competition"];
        var (many, why) = await api.Post("/api/competitions", file!);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, many);
        Assert.Contains("200 competitions at most", why!.ToJsonString(), StringComparison.Ordinal);
    }

    /// <summary>The framework takes a number, and several names with commas, for a choice; they are none, at any depth.</summary>
    [Theory]
    [InlineData("{\"role\":57,\"words\":\"x\"}")]
    [InlineData("{\"role\":\"57\",\"words\":\"x\"}")]
    [InlineData("{\"role\":\"Crew,Reader\",\"words\":\"x\"}")]
    public async Task What_is_none_of_the_choices_is_refused(string body)
    {
        using var app = new RunningApp();
        using var http = Visitors.At(app.Address);
        await RunningApp.SignIn(http);
        var competition = (string)(await http.GetFromJsonAsync<JsonArray>("/api/competitions"))![0]!["id"]!;
        using var one = await http.PostAsync(
            $"/api/competitions/{competition}/invitations",
            new StringContent(body, System.Text.Encoding.UTF8, "application/json")
        );
        Assert.Equal(HttpStatusCode.BadRequest, one.StatusCode);
        var role = JsonNode.Parse(body)!["role"]!.ToJsonString();
        using var several = await http.PutAsync(
            $"/api/competitions/{competition}/people/{Guid.NewGuid()}",
            new StringContent($"{{\"roles\":[{role}]}}", System.Text.Encoding.UTF8, "application/json")
        );
        Assert.Equal(HttpStatusCode.BadRequest, several.StatusCode);
    }
}
