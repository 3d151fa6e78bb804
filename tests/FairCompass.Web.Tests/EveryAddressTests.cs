using System.Text;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Every operation of the API with what people and programs get wrong, taken from its committed description.</summary>
public class EveryAddressTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private static readonly JsonNode Description = JsonNode.Parse(File.ReadAllText(Repository.Path("docs/openapi.json")))!;

    private static IEnumerable<(string Method, string Path, JsonNode Is)> All =>
        Description["paths"]!.AsObject().SelectMany(p => p.Value!.AsObject().Select(o => (o.Key.ToUpperInvariant(), p.Key, o.Value!)));

    public static TheoryData<string, string> Operations
    {
        get
        {
            var all = new TheoryData<string, string>();
            foreach (var (method, path, _) in All)
            {
                all.Add(method, path);
            }

            return all;
        }
    }

    /// <summary>What is read of one thing.</summary>
    public static TheoryData<string, string> OfOne
    {
        get
        {
            var all = new TheoryData<string, string>();
            foreach (var (method, path, _) in All.Where(o => o.Method == "GET" && o.Path.Contains('{', StringComparison.Ordinal)))
            {
                all.Add(method, path);
            }

            return all;
        }
    }

    /// <summary>True for an address that takes JSON, and not a file.</summary>
    private static bool TakesJson(JsonNode operation) => operation["requestBody"]?["content"]?["application/json"] is not null;

    public static TheoryData<string, string> Written
    {
        get
        {
            var all = new TheoryData<string, string>();
            foreach (var (method, path, _) in All.Where(o => TakesJson(o.Is)))
            {
                all.Add(method, path);
            }

            return all;
        }
    }

    /// <summary>The address with ids of things that are not there.</summary>
    private static string Filled(string path, string method, string? begun = null)
    {
        var query = string.Join(
            '&',
            (Description["paths"]![path]![method.ToLowerInvariant()]!["parameters"]?.AsArray() ?? [])
                .Where(p => p!["in"]!.GetValue<string>() == "query" && p["required"]?.GetValue<bool>() == true)
                .Select(p => $"{p!["name"]}={Sample(p["schema"]!)}")
        );
        var filled = (begun ?? path)
            .Replace("{id}", Guid.NewGuid().ToString(), StringComparison.Ordinal)
            .Replace("{movement}", "no-such-movement", StringComparison.Ordinal)
            .Replace("{code}", FairCompass.Core.Drafts.Fingerprint.Of("never published").Code, StringComparison.Ordinal)
            .Replace("{number}", "1", StringComparison.Ordinal);
        filled = System.Text.RegularExpressions.Regex.Replace(filled, @"\{\w+\}", _ => Guid.NewGuid().ToString());
        return query.Length == 0 ? filled : filled + "?" + query;
    }

    /// <summary>The address with ids of things that are there, so that the door is open and the body is looked at.</summary>
    private async Task<string> OfMine(string path, string method)
    {
        var mine = path;
        if (path.StartsWith("/api/competitions/{id}", StringComparison.Ordinal))
        {
            mine = path.Replace("{id}", api.Competition.ToString(), StringComparison.Ordinal);
        }
        else if (path.StartsWith("/api/workouts/{id}", StringComparison.Ordinal))
        {
            mine = path.Replace("{id}", (await api.NewDraft("T\n")).Id.ToString(), StringComparison.Ordinal);
        }
        else if (path.Contains("{question}", StringComparison.Ordinal))
        {
            foreach (var workout in (await api.Get($"/api/competitions/{api.Competition}/overview"))["workouts"]!.AsArray())
            {
                if ((await api.Get($"/api/workouts/{workout!["id"]}/questions")).AsArray() is [var asked, ..])
                {
                    mine = path.Replace("{question}", (string)asked!["question"]!["id"]!, StringComparison.Ordinal);
                    break;
                }
            }
        }

        return mine == path ? Filled(path, method) : Filled(path, method, mine);
    }

    private static string Sample(JsonNode schema)
    {
        if (schema["$ref"] is { } reference)
        {
            return Sample(Description["components"]!["schemas"]![reference.GetValue<string>().Split('/')[^1]]!);
        }

        return schema["enum"] is JsonArray values ? values[0]!.GetValue<string>()
            : schema["type"]?.ToJsonString().Contains("integer", StringComparison.Ordinal) == true ? "1"
            : schema["format"]?.GetValue<string>() == "uuid" ? Guid.NewGuid().ToString()
            : "x";
    }

    /// <summary>What a body must have by its description; empty when it is described by no object.</summary>
    private static List<string> Required(JsonNode operation)
    {
        var schema = operation["requestBody"]!["content"]!["application/json"]!["schema"]!;
        var body = schema["$ref"] is { } reference
            ? Description["components"]!["schemas"]![reference.GetValue<string>().Split('/')[^1]]!
            : schema;
        return (body["required"]?.AsArray() ?? []).Select(k => k!.GetValue<string>()).ToList();
    }

    public static TheoryData<string, string> WithRequired
    {
        get
        {
            var all = new TheoryData<string, string>();
            foreach (var (method, path, _) in All.Where(o => TakesJson(o.Is) && Required(o.Is).Count > 0))
            {
                all.Add(method, path);
            }

            return all;
        }
    }

    [Fact]
    public async Task An_address_that_takes_a_file_says_so()
    {
        var files = All.Where(o => o.Is["requestBody"] is not null && !TakesJson(o.Is)).ToList();
        Assert.Equal(
            ["/api/competitions/{id}/desk/{card}/photos", "/api/competitions/{id}/floor-reps/filmed", "/api/read/file"],
            files.Select(f => f.Path).Order()
        );
        foreach (var (method, path, operation) in files)
        {
            Assert.NotNull(operation["requestBody"]!["content"]!["application/octet-stream"]);
            using var content = new StringContent("{}", Encoding.UTF8, "application/json");
            IsRefusal(await Send(method, await OfMine(path, method), content), 415);
        }
    }

    /// <summary>The serializer tells which keys are missing in words only; here it is seen that they are still understood.</summary>
    [Theory]
    [MemberData(nameof(WithRequired))]
    public async Task Every_missing_key_is_named(string method, string path)
    {
        var required = Required(Description["paths"]![path]![method.ToLowerInvariant()]!);
        using var content = new StringContent("{}", Encoding.UTF8, "application/json");
        var answer = await Send(method, await OfMine(path, method), content);
        IsRefusal(answer, 400);
        var errors = JsonNode.Parse(answer.Body)!["errors"]!.AsObject();
        Assert.Equal(required.Select(k => "$." + k).Order(), errors.Select(e => e.Key).Order());
        Assert.All(errors, e => Assert.Equal("This is missing.", e.Value![0]!.GetValue<string>()));
    }

    /// <summary>Deep inside a body, in a list: each key that is missing there at its own path, and what is there twice or
    /// unknown.</summary>
    [Fact]
    public async Task What_is_wrong_inside_a_list_is_named_at_its_place()
    {
        async Task<JsonObject> Errors(string division)
        {
            var whole = (await api.Get($"/api/competitions/{api.Competition}"))["competition"]!.DeepClone();
            whole["divisions"] = new JsonArray();
            var body = whole.ToJsonString().Replace("\"divisions\":[]", $"\"divisions\":[{division}]", StringComparison.Ordinal);
            using var content = new StringContent(body, Encoding.UTF8, "application/json");
            var answer = await Send("POST", "/api/competitions", content);
            IsRefusal(answer, 400);
            return JsonNode.Parse(answer.Body)!["errors"]!.AsObject();
        }

        const string whole = """{"name":"D","kind":"Individual","duties":["man","woman"],"inheritsFrom":null}""";
        var missing = await Errors($$"""{{whole}},{"name":"E"}""");
        Assert.Equal(["$.divisions[1].duties", "$.divisions[1].inheritsFrom", "$.divisions[1].kind"], missing.Select(e => e.Key).Order());
        Assert.Equal(["$.divisions[0].colour"], (await Errors(whole[..^1] + ""","colour":"red"}""")).Select(e => e.Key));
        Assert.Equal(["$.divisions[0].name"], (await Errors(whole[..^1] + ""","name":"twice"}""")).Select(e => e.Key));
    }

    private async Task<(int Status, string Body, string? Type)> Send(string method, string address, HttpContent? content)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), address) { Content = content };
        using var answer = await (await api.For(request)).SendAsync(request);
        return ((int)answer.StatusCode, await answer.Content.ReadAsStringAsync(), answer.Content.Headers.ContentType?.MediaType);
    }

    /// <summary>A refusal is a problem document (RFC 9457), and says nothing of the insides.</summary>
    private static void IsRefusal((int Status, string Body, string? Type) answer, params int[] allowed)
    {
        Assert.True(allowed.Contains(answer.Status), $"{answer.Status}: {answer.Body[..Math.Min(300, answer.Body.Length)]}");
        Assert.Equal("application/problem+json", answer.Type);
        Assert.Equal(answer.Status, JsonNode.Parse(answer.Body)!["status"]!.GetValue<int>());
        Assert.DoesNotContain("Exception", answer.Body, StringComparison.Ordinal);
        Assert.DoesNotContain("   at ", answer.Body, StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(OfOne))]
    public async Task What_is_not_there_is_said_to_be_gone(string method, string path)
    {
        var answer = await Send(method, Filled(path, method), null);
        // A list of nothing is empty where a thing is not asked for by itself.
        if (answer.Status == 200)
        {
            Assert.True(answer.Body is "[]", $"{path} answers {answer.Body[..Math.Min(200, answer.Body.Length)]}");
            return;
        }

        IsRefusal(answer, 404);
    }

    [Theory]
    [MemberData(nameof(Written))]
    public async Task Only_JSON_is_taken(string method, string path)
    {
        using var form = new StringContent("a=1", Encoding.UTF8, "application/x-www-form-urlencoded");
        IsRefusal(await Send(method, Filled(path, method), form), 415);
    }

    [Theory]
    [MemberData(nameof(Written))]
    public async Task What_is_no_JSON_or_not_an_object_is_refused(string method, string path)
    {
        foreach (var body in new[] { "", "{", "null", "[]", "7", "\"x\"", "{\"a\":1,\"a\":2}", "{\"kind\":\"\\u0000\"}" })
        {
            using var content = new StringContent(body, Encoding.UTF8, "application/json");
            IsRefusal(await Send(method, Filled(path, method), content), 400, 404, 422);
        }
    }

    [Theory]
    [MemberData(nameof(Written))]
    public async Task An_unknown_key_is_named(string method, string path)
    {
        using var content = new StringContent("{\"noSuchKey\":1}", Encoding.UTF8, "application/json");
        var answer = await Send(method, await OfMine(path, method), content);
        IsRefusal(answer, 400, 422);
        var errors = JsonNode.Parse(answer.Body)!["errors"]!.AsObject();
        Assert.NotEmpty(errors);
        Assert.All(errors, e => Assert.NotEqual("", e.Value![0]!.GetValue<string>()));
    }

    [Theory]
    [MemberData(nameof(Written))]
    public async Task A_body_without_end_is_cut_off(string method, string path)
    {
        using var content = new StringContent(
            "{\"a\":\"" + new string('x', FairCompass.Web.Hosting.Limits.BodyBytes + 100) + "\"}",
            Encoding.UTF8,
            "application/json"
        );
        IsRefusal(await Send(method, await OfMine(path, method), content), 413);
    }

    [Theory]
    [MemberData(nameof(Operations))]
    public async Task Another_method_finds_nothing(string method, string path)
    {
        var known = Description["paths"]![path]!.AsObject().Select(o => o.Key.ToUpperInvariant()).ToList();
        var other = new[] { "DELETE", "PATCH", "PUT", "POST" }.First(m => !known.Contains(m));
        Assert.NotEqual(method, other);
        using var content = new StringContent("{}", Encoding.UTF8, "application/json");
        IsRefusal(await Send(other, Filled(path, method), content), 404, 405);
    }
}
