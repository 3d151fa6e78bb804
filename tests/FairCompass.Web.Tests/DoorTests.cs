using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using FairCompass.Access;
using FairCompass.Web.Access;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace FairCompass.Web.Tests;

/// <summary>Every operation × every role, in the own competition and in another, and as nobody.</summary>
public class DoorTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static readonly string[] Methods = ["GET", "POST", "PUT", "DELETE"];

    /// <summary>The operations as the running application has them, with what each declares.</summary>
    private List<(string Method, string Path, Needs Needs)> Operations =>
        [
            .. api
                .App.Services.GetRequiredService<EndpointDataSource>()
                .Endpoints.OfType<RouteEndpoint>()
                .Where(e =>
                    e.RoutePattern.RawText!.StartsWith("/api/", StringComparison.Ordinal)
                    && !e.RoutePattern.RawText.Contains("**", StringComparison.Ordinal)
                )
                .SelectMany(e =>
                    // An address that pages follow is opened by GET, and says nothing of methods.
                    (e.Metadata.GetMetadata<HttpMethodMetadata>() ?? new(["GET"]))
                        .HttpMethods.Where(m => Methods.Contains(m))
                        .Select(m => (m, Plain(e.RoutePattern.RawText!), e.Metadata.GetMetadata<Needs>()!))
                )
                .OrderBy(o => o.Item2, StringComparer.Ordinal)
                .ThenBy(o => o.m, StringComparer.Ordinal),
        ];

    private static string Plain(string pattern) => pattern.Replace(":guid", "", StringComparison.Ordinal).TrimEnd('/');

    private HttpClient Nobody() => Visitors.At(api.App.Address);

    private async Task<HttpClient> As(Role role)
    {
        var http = Nobody();
        await RunningApp.SignIn(http, role);
        return http;
    }

    /// <summary>How the addresses end that take a file.</summary>
    private static readonly string[] Files = ["/read/file", "/photos", "/floor-reps/filmed"];

    /// <summary>Asks with a body that no operation takes, so that nothing is done and only the door is seen.</summary>
    private static async Task<HttpStatusCode> Ask(HttpClient http, string method, string path)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), path);
        if (method is "POST" or "PUT")
        {
            request.Content = Files.Any(f => path.EndsWith(f, StringComparison.Ordinal))
                ? new ByteArrayContent([]) { Headers = { ContentType = new("application/octet-stream") } }
                : new StringContent("[]", Encoding.UTF8, "application/json");
        }

        using var answer = await http.SendAsync(request);
        return answer.StatusCode;
    }

    private static string Filled(string path, Guid competition, Guid workout) =>
        path.Replace(
                path.StartsWith("/api/workouts", StringComparison.Ordinal) ? "{id}" : "{none}",
                workout.ToString(),
                StringComparison.Ordinal
            )
            .Replace("{id}", competition.ToString(), StringComparison.Ordinal)
            .Replace("{movement}", "no-such-movement", StringComparison.Ordinal)
            .Replace("{code}", FairCompass.Core.Drafts.Fingerprint.Of("never published").Code, StringComparison.Ordinal)
            .Replace("{seat:int}", "1", StringComparison.Ordinal)
            is var known
            ? System.Text.RegularExpressions.Regex.Replace(known, @"\{\w+\}", Guid.Empty.ToString())
            : path;

    /// <summary>Operations that end the session which the test needs, and those of a question, whose id is looked at elsewhere.</summary>
    private static bool IsTried((string Method, string Path, Needs Needs) o) =>
        !(
            o.Method == "DELETE"
            && (o.Path.EndsWith("/session", StringComparison.Ordinal) || o.Path.EndsWith("/sessions", StringComparison.Ordinal))
        )
        && !(o.Method == "DELETE" && o.Path.EndsWith("/me", StringComparison.Ordinal))
        && !o.Path.Contains("{question}", StringComparison.Ordinal);

    [Fact]
    public void Every_operation_declares_what_it_needs() => Assert.DoesNotContain(Operations, o => o.Needs is null);

    [Theory]
    [InlineData(Role.Organiser)]
    [InlineData(Role.HeadJudge)]
    [InlineData(Role.CoAuthor)]
    [InlineData(Role.Measurer)]
    [InlineData(Role.ScoreDesk)]
    [InlineData(Role.Judge)]
    [InlineData(Role.Caller)]
    [InlineData(Role.Crew)]
    [InlineData(Role.Reader)]
    public async Task A_role_passes_where_the_table_says_so_and_nowhere_else(Role role)
    {
        var (workout, _) = await api.NewDraft("T\n");
        using var http = await As(role);
        var wrong = new List<string>();
        foreach (var o in Operations.Where(IsTried))
        {
            var status = await Ask(http, o.Method, Filled(o.Path, api.Competition, workout));
            var allowed = !RoleRights.OfCompetition(o.Needs.Right) || RoleRights.Of(role).Contains(o.Needs.Right);
            if (
                allowed
                    ? status is HttpStatusCode.Unauthorized or HttpStatusCode.Forbidden or HttpStatusCode.InternalServerError
                    : status != HttpStatusCode.Forbidden
            )
            {
                wrong.Add($"{o.Method} {o.Path}: {status}, {(allowed ? "allowed" : "not allowed")}");
            }
        }

        Assert.Empty(wrong);
    }

    [Fact]
    public async Task What_is_in_another_competition_is_as_if_it_were_not_there()
    {
        var (workout, _) = await api.NewDraft("T\n");
        using var http = await api.App.Stranger("Somebody else");
        var own = (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!;
        using var made = await http.PostAsJsonAsync("/api/competitions", own);
        Assert.Equal(HttpStatusCode.OK, made.StatusCode);
        var wrong = new List<string>();
        foreach (var o in Operations.Where(o => IsTried(o) && RoleRights.OfCompetition(o.Needs.Right)))
        {
            foreach (var (competition, draft) in new[] { (api.Competition, workout), (Guid.NewGuid(), Guid.NewGuid()) })
            {
                if (await Ask(http, o.Method, Filled(o.Path, competition, draft)) is var status and not HttpStatusCode.NotFound)
                {
                    wrong.Add($"{o.Method} {o.Path}: {status}");
                }
            }
        }

        Assert.Empty(wrong);
        // The list has what is one’s own, and nothing else.
        Assert.Single((await http.GetFromJsonAsync<JsonArray>("/api/competitions"))!);
    }

    [Fact]
    public async Task Nobody_reaches_what_is_stored_and_everybody_the_calculators_of_this_machine()
    {
        var (workout, _) = await api.NewDraft("T\n");
        using var http = Nobody();
        var wrong = new List<string>();
        foreach (var o in Operations.Where(IsTried))
        {
            var status = await Ask(http, o.Method, Filled(o.Path, api.Competition, workout));
            var open = o.Needs.Right is Right.Nobody or Right.Calculate;
            if (open == (status == HttpStatusCode.Unauthorized))
            {
                wrong.Add($"{o.Method} {o.Path}: {status}");
            }
        }

        Assert.Empty(wrong);
    }

    /// <summary>What a printed code leads to says nothing that would lead further in: no id of a thing that is stored.</summary>
    [Fact]
    public async Task A_code_leads_to_no_inner_id()
    {
        var here = await api.Get($"/api/competitions/{api.Competition}/published");
        foreach (var code in here["workouts"]!.AsArray().Select(w => (string)w!["code"]!))
        {
            foreach (
                var path in new[]
                {
                    "",
                    "/questions",
                    "/quiz?name=Somebody",
                    "/brief?audience=Judge",
                    "/brief?audience=Athlete",
                    "/erratum",
                }
            )
            {
                using var answer = await api.Reader.GetAsync(new Uri($"/api/published/{code}{path}", UriKind.Relative));
                var said = await answer.Content.ReadAsStringAsync();
                Assert.DoesNotMatch("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}", said);
            }
        }
    }

    /// <summary>The table that people read is made from what the operations declare.</summary>
    [Fact]
    public void The_page_of_the_doors_is_current()
    {
        var page = new StringBuilder(
            "# Who may do what\n\nMade from what each operation declares; `DoorTests` walks it, also with ids of another "
                + "competition and as nobody. "
                + "A person has the rights of all their roles in a competition, and none in another: what is there is as if "
                + "it did not exist "
                + "(404).\n\n| right | "
        );
        var roles = Enum.GetValues<Role>();
        page.Append(string.Join(" | ", roles.Select(AccessWords.Of)))
            .Append(" |\n|---|")
            .AppendJoin("", roles.Select(_ => ":-:|"))
            .Append('\n');
        foreach (var right in Enum.GetValues<Right>().Where(RoleRights.OfCompetition))
        {
            page.Append($"| {AccessWords.Of(right)} | ")
                .Append(string.Join(" | ", roles.Select(r => RoleRights.Of(r).Contains(right) ? "yes" : "")))
                .Append(" |\n");
        }

        foreach (var right in Enum.GetValues<Right>())
        {
            page.Append($"\n## {AccessWords.Of(right)}\n\n")
                .Append(
                    right switch
                    {
                        Right.Nobody => "Answered to everybody.\n\n",
                        Right.Calculate => "Stores nothing. Anybody on this machine; beyond it, whoever is signed in.\n\n",
                        Right.Account => "Whoever is signed in with an account.\n\n",
                        _ => "",
                    }
                );
            foreach (var o in Operations.Where(o => o.Needs.Right == right))
            {
                page.Append($"- `{o.Method} {o.Path}`").Append(o.Needs.Done is { } done ? $" (in the log: *{done}*)\n" : "\n");
            }
        }

        var file = Repository.Path("docs/access.md");
        if (Environment.GetEnvironmentVariable("UPDATE_DOCS") is not null)
        {
            File.WriteAllText(file, page.ToString());
        }

        Assert.Equal(page.ToString(), File.ReadAllText(file));
    }
}
