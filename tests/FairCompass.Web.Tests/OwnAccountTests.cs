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

/// <summary>What an account has of its own: passkeys, the proof of its session, what is kept about it.</summary>
public class OwnAccountTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static async Task<(HttpStatusCode Status, string Body)> Post(HttpClient http, string path, object body)
    {
        using var answer = await http.PostAsJsonAsync(path, body);
        return (answer.StatusCode, await answer.Content.ReadAsStringAsync());
    }

    private static async Task<JsonNode?> Me(HttpClient http) => (await http.GetFromJsonAsync<JsonNode>("/api/me"))!["in"];

    /// <summary>A question to a device is answered once, whatever the answer is; what is no answer opens nothing.</summary>
    [Theory]
    [InlineData("{}")]
    [InlineData("[]")]
    [InlineData("{\"id\":\"AAAA\",\"rawId\":\"AAAA\",\"type\":\"public-key\",\"response\":{}}")]
    [InlineData(
        "{\"id\":\"AAAA\",\"rawId\":\"AAAA\",\"type\":\"public-key\""
            + ",\"clientExtensionResults\":{},\"response\":{\"clientDataJSON\":\"e30\","
            + "\"authenticatorData\":\"AAAA\",\"signature\":\"AAAA\",\"userHandle\":\"AAAA\"}}"
    )]
    public async Task A_question_to_a_device_is_answered_once(string credential)
    {
        using var http = Visitors.At(api.App.Address);
        using var asked = await http.PostAsJsonAsync("/api/session/passkey/question", new { });
        var token = (string)JsonNode.Parse(await asked.Content.ReadAsStringAsync())!["token"]!;
        foreach (var says in new[] { "opens nothing here", "answered already" })
        {
            using var answer = await http.PostAsJsonAsync(
                "/api/session/passkey",
                new
                {
                    token,
                    credential = JsonNode.Parse(credential),
                    name = (string?)null,
                }
            );
            Assert.Equal(HttpStatusCode.Forbidden, answer.StatusCode);
            Assert.Contains(says, await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }
    }

    /// <summary>A request that carries the cookie of a session and not its proof is one that another page could have made.</summary>
    [Fact]
    public async Task What_writes_shows_the_proof_of_its_session()
    {
        using var mine = Visitors.At(api.App.Address);
        await RunningApp.SignIn(mine);
        using var bare = new HttpClient { BaseAddress = api.App.Address };
        using var signedIn = await bare.PostAsJsonAsync("/api/session", new SignIn("Demo organiser", FirstPeople.DemoPassphrase));
        using (var refused = await bare.DeleteAsync("/api/sessions"))
        {
            Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
            Assert.Contains("does not belong to the session", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }

        // The proof of another session of the same account is none.
        var proof = signedIn.Headers.GetValues("Set-Cookie").Single(c => c.Contains("-proof=", StringComparison.Ordinal));
        using var other = new HttpRequestMessage(HttpMethod.Delete, "/api/sessions");
        other.Headers.Add(Proof.Header, proof.Split('=')[1].Split(';')[0]);
        using var refusedToo = await mine.SendAsync(other);
        Assert.Equal(HttpStatusCode.Forbidden, refusedToo.StatusCode);
        using var done = await mine.DeleteAsync("/api/passkeys/AAAA");
        Assert.Equal(HttpStatusCode.NotFound, done.StatusCode);
    }

    private async Task CallsInTheHallAndAtTheBorder(HttpClient http)
    {
        var (at, id) = ($"/api/competitions/{api.Competition}", Guid.NewGuid());
        foreach (
            var (address, body) in new (string, object)[]
            {
                (
                    $"{at}/together",
                    new
                    {
                        id,
                        workout = (Guid?)null,
                        movement = "air-squat",
                    }
                ),
                ($"{at}/together/{id}/shown/1", new { }),
                ($"{at}/together/{id}/calls/1", new { call = "NoRep" }),
                (
                    $"{at}/floor-reps",
                    new
                    {
                        id,
                        movement = "air-squat",
                        clause = "depth",
                        margin = -30,
                        good = true,
                        ruling = "Sleeves lift the line here.",
                    }
                ),
                ($"{at}/floor-reps/{id}/calls", new { call = "Good" }),
            }
        )
        {
            using var answer = await http.PostAsJsonAsync(address, body);
            Assert.True(answer.IsSuccessStatusCode, $"{address}: {await answer.Content.ReadAsStringAsync()}");
        }
    }

    [Fact]
    public async Task An_account_has_what_is_kept_about_it_and_is_removed_unless_it_is_the_last_organiser()
    {
        using var http = await api.App.Stranger("Going Away");
        var accounts = api.App.Services.GetRequiredService<AccountStore>();
        var me = (await accounts.Find("Going Away", CancellationToken.None))!.Id;
        await accounts.Add(api.Competition, me, Role.HeadJudge, CancellationToken.None);
        var training = $"/api/competitions/{api.Competition}/training/sittings";
        var sitting = Guid.NewGuid();
        var begun = await Post(
            http,
            training,
            new
            {
                id = sitting,
                mode = "Test",
                workout = (Guid?)null,
                movement = "air-squat",
                stills = false,
            }
        );
        Assert.Equal(HttpStatusCode.OK, begun.Status);
        using var shown = await http.GetAsync($"{training}/{sitting}/next");
        await Post(
            http,
            $"{training}/{sitting}/calls/1",
            new
            {
                call = "Good",
                reason = (string?)null,
                milliseconds = 2000,
            }
        );
        await CallsInTheHallAndAtTheBorder(http);
        var kept = JsonNode.Parse(await http.GetStringAsync("/api/personal"))!;
        Assert.Collection(
            kept["sittings"]!.AsArray(),
            sat =>
            {
                Assert.Equal(("air squat", "Test"), ((string)sat!["what"]!, (string)sat["mode"]!));
                Assert.Matches("^air-squat \\S+ Good$", (string)sat["calls"]!);
            },
            hall => Assert.Equal(("Together", "air-squat 1 NoRep"), ((string)hall!["mode"]!, (string)hall["calls"]!)),
            border => Assert.Equal(("Borderline", "depth Good"), ((string)border!["mode"]!, (string)border["calls"]!))
        );
        Assert.Equal("Going Away", (string)kept["name"]!);
        Assert.Equal("HeadJudge", (string)kept["places"]![0]!["role"]!);
        Assert.Single(kept["sessions"]!.AsArray());
        Assert.Contains("signed in", kept["done"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.DoesNotContain("passphrase\"", kept.ToJsonString(), StringComparison.Ordinal);

        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Post(http, "/api/personal/remove", new RemoveMe("not this one"))).Status);
        Assert.Equal(HttpStatusCode.NoContent, (await Post(http, "/api/personal/remove", new RemoveMe(FirstPeople.DemoPassphrase))).Status);
        Assert.Null(await Me(http));
        using var again = Visitors.At(api.App.Address);
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await Post(again, "/api/session", new SignIn("Going Away", FirstPeople.DemoPassphrase))).Status
        );
        Assert.Equal(HttpStatusCode.Forbidden, (await Post(again, "/api/session", new SignIn("Going Away", ""))).Status);
        await using var db = new NpgsqlConnection(api.App.Connection);
        Assert.Equal(0, await db.QuerySingleAsync<int>("select count(*)::int from training_sitting where trainee = @me", new { me }));
        Assert.Equal(0, await db.QuerySingleAsync<int>("select count(*) from account where name = 'Going Away'"));

        using var last = Visitors.At(api.App.Address);
        await RunningApp.SignIn(last);
        var refused = await Post(last, "/api/personal/remove", new RemoveMe(FirstPeople.DemoPassphrase));
        Assert.Contains("last organiser", refused.Body, StringComparison.Ordinal);
        Assert.NotNull(await Me(last));
    }

    [Fact]
    public async Task Two_organisers_who_leave_at_once_do_not_both_succeed()
    {
        var accounts = api.App.Services.GetRequiredService<AccountStore>();
        var personal = api.App.Services.GetRequiredService<PersonalStore>();
        for (var round = 0; round < 10; round++)
        {
            var competition = await api
                .App.Services.GetRequiredService<CompetitionStore>()
                .Create(Store.Demo.SaltmarshFerryGames.Competition, [], null, CancellationToken.None);
            var two = new List<Guid>();
            foreach (var name in new[] { "One", "Other" })
            {
                two.Add((await accounts.Create($"{name} of {round} rounds", "-", CancellationToken.None))!.Value);
                await accounts.Add(competition.Id, two[^1], Role.Organiser, CancellationToken.None);
            }

            var left = await Task.WhenAll(two.Select(a => personal.Remove(a, CancellationToken.None)));
            Assert.Single(left, l => l is null);
        }
    }
}
