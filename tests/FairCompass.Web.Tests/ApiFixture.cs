using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>The running application and short-hands for its API.</summary>
public sealed class ApiFixture : IDisposable
{
    public ApiFixture()
        : this([]) { }

    /// <param name="settings">More of the configuration, by its keys.</param>
    internal ApiFixture(Dictionary<string, string> settings)
    {
        App = new(demo: true, settings: settings);
        Http = Visitors.At(App.Address);
        RunningApp.SignIn(Http).GetAwaiter().GetResult();
        Reader = Visitors.At(App.Address);
        Competition = Http.GetFromJsonAsync<JsonArray>("/api/competitions").GetAwaiter().GetResult()![0]!["id"]!.GetValue<Guid>();
    }

    public RunningApp App { get; }

    public HttpClient Http { get; }

    private HttpClient? headJudge;

    /// <summary>Who may do what a request asks for: the organiser, or for what only a head judge may, the head judge.</summary>
    internal async Task<HttpClient> For(HttpRequestMessage request)
    {
        var path = request.RequestUri!.ToString();
        if (!Array.Exists(["/training", "/together", "/floor-reps"], (Predicate<string>)path.Contains))
        {
            return Http;
        }

        if (headJudge is null)
        {
            headJudge = Visitors.At(App.Address);
            await RunningApp.SignIn(headJudge, FairCompass.Access.Role.HeadJudge);
        }

        return headJudge;
    }

    /// <summary>Somebody who has no more than a printed code.</summary>
    public HttpClient Reader { get; }

    public Guid Competition { get; }

    public async Task<JsonNode> Get(string path) => (await Http.GetFromJsonAsync<JsonNode>(path))!;

    /// <summary>Every item of a list that comes in several answers.</summary>
    public async Task<JsonArray> GetAll(string path)
    {
        var all = new JsonArray();
        for (var next = path; next is not null; )
        {
            using var answer = await Http.GetAsync(new Uri(next, UriKind.Relative));
            foreach (var item in JsonNode.Parse(await answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync())!.AsArray())
            {
                all.Add(item!.DeepClone());
            }

            next = answer.Headers.TryGetValues("Link", out var link) ? link.Single().Split('>')[0][1..] : null;
        }

        return all;
    }

    public async Task<HttpStatusCode> Status(string path)
    {
        using var answer = await Http.GetAsync(new Uri(path, UriKind.Relative));
        return answer.StatusCode;
    }

    public Task<(HttpStatusCode Status, JsonNode? Body)> Send(HttpMethod method, string path, object body) =>
        Send(method, path, body, null);

    public async Task<(HttpStatusCode Status, JsonNode? Body)> Send(HttpMethod method, string path, object body, Guid? key)
    {
        var json = body as string ?? JsonSerializer.Serialize(body, JsonSerializerOptions.Web);
        using var request = new HttpRequestMessage(method, path) { Content = new StringContent(json, Encoding.UTF8, "application/json") };

        if (key is { } once)
        {
            request.Headers.Add("Idempotency-Key", once.ToString());
        }

        // A server that refuses a body by its length may close the line while it is still being written; so ask first (RFC 9110, 10.1.1).
        request.Headers.ExpectContinue = json.Length > 100_000;
        var http = path.StartsWith("/api/published/", StringComparison.Ordinal) ? Reader : Http;
        using var response = await http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return (response.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    public Task<(HttpStatusCode Status, JsonNode? Body)> Post(string path, object body) => Send(HttpMethod.Post, path, body);

    public Task<(HttpStatusCode Status, JsonNode? Body)> Put(string path, object body) => Send(HttpMethod.Put, path, body);

    public async Task<(Guid Id, int Revision)> NewDraft(string body)
    {
        var (status, made) = await Post($"/api/competitions/{Competition}/workouts", new { body });
        Assert.Equal(HttpStatusCode.OK, status);
        return (made!["id"]!.GetValue<Guid>(), made["revision"]!.GetValue<int>());
    }

    public async Task<(HttpStatusCode Status, JsonNode? Body)> Save(Guid id, int revision, string body, Guid? saveId = null) =>
        await Put(
            $"/api/workouts/{id}",
            new
            {
                baseRevision = revision,
                saveId = saveId ?? Guid.NewGuid(),
                body,
            }
        );

    public async Task<(HttpStatusCode Status, JsonNode? Body)> Publish(Guid id, int revision, string from = "") =>
        await Post(
            $"/api/workouts/{id}/publish",
            new
            {
                baseRevision = revision,
                competitionRevision = await CompetitionRevision(),
                saveId = Guid.NewGuid(),
                holdsFrom = from,
                note = "",
            }
        );

    public async Task<int> CompetitionRevision() => (await Get($"/api/competitions/{Competition}"))["revision"]!.GetValue<int>();

    public void Dispose()
    {
        Http.Dispose();
        Reader.Dispose();
        App.Dispose();
    }
}
