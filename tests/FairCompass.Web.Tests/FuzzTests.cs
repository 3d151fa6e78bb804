using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace FairCompass.Web.Tests;

/// <summary>Requests that nobody would send, to every operation: none brings an error of the server, and none hangs.</summary>
public class FuzzTests(ApiFixture api, Xunit.Abstractions.ITestOutputHelper output) : IClassFixture<ApiFixture>
{
    /// <summary>Stands for half a letter, which no library would write.</summary>
    private const string HalfALetter = "\"half a letter\"";

    private static readonly string[] Odd =
    [
        "null",
        "0",
        "-1",
        "1e308",
        "\"\"",
        "\"\\u0000\"",
        HalfALetter,
        "[]",
        "[[[[[[[[]]]]]]]]",
        "{}",
        "{\"a\":null}",
        "\"2026-13-45\"",
        "\"00000000-0000-0000-0000-000000000000\"",
        "true",
        "\"9:00 for time\\n  30 sit-up\"",
    ];

    private static string Path(string path, Random random, Guid competition, Guid workout) =>
        string.Join(
            '/',
            path.Split('/')
                .Select(part =>
                    !part.StartsWith('{') ? part
                    : random.Next(4) == 0 ? Uri.EscapeDataString(new string((char)random.Next(1, 0xD7FF), random.Next(1, 40)))
                    : random.Next(3) == 0 ? Guid.NewGuid().ToString()
                    : path.StartsWith("/api/workouts", StringComparison.Ordinal) ? workout.ToString()
                    : competition.ToString()
                )
        );

    /// <summary>A value for a schema of the API’s own document, or one that has nothing to do with it.</summary>
    private static JsonNode? Value(JsonNode document, JsonNode? schema, Random random, int depth)
    {
        while ((string?)schema?["$ref"] is { } to)
        {
            schema = document["components"]!["schemas"]![to.Split('/')[^1]];
        }

        if (schema is null || depth > 6 || random.Next(8) == 0)
        {
            return JsonNode.Parse(Odd[random.Next(Odd.Length)]);
        }

        if (schema["properties"] is JsonObject properties)
        {
            var made = new JsonObject();
            foreach (var (name, of) in properties)
            {
                if (random.Next(10) > 0)
                {
                    made[name] = Value(document, of, random, depth + 1);
                }
            }

            return made;
        }

        return (schema["type"] is JsonArray several ? (string?)several[^1] : (string?)schema["type"]) switch
        {
            "array" => new JsonArray([
                .. Enumerable.Range(0, random.Next(4)).Select(_ => Value(document, schema["items"], random, depth + 1)),
            ]),
            "integer" => random.Next(3) == 0 ? random.NextInt64(long.MinValue, long.MaxValue) : random.Next(-2, 100),
            "number" => random.NextDouble() * Math.Pow(10, random.Next(-3, 9)),
            "boolean" => random.Next(2) == 0,
            "string" when schema["enum"] is JsonArray values => values[random.Next(values.Count)]?.DeepClone(),
            "string" => random.Next(2) == 0
                ? new string((char)random.Next(1, 0xD7FF), random.Next(0, 300))
                : "9:00 for time\n  30 sit-up, 40/30 kg",
            _ => JsonNode.Parse(Odd[random.Next(Odd.Length)]),
        };
    }

    private static HttpContent Body(JsonNode document, JsonNode operation, Random random)
    {
        if (operation["requestBody"]?["content"] is not JsonObject content)
        {
            return new StringContent("", Encoding.UTF8, "application/json");
        }

        if (content.ContainsKey("application/octet-stream"))
        {
            var bytes = new byte[random.Next(0, 3000)];
            random.NextBytes(bytes);
            return new ByteArrayContent(bytes) { Headers = { ContentType = new("application/octet-stream") } };
        }

        var text = Value(document, content["application/json"]?["schema"], random, 0)?.ToJsonString() ?? "null";
        text = text.Replace(HalfALetter, "\"\\ud800\"", StringComparison.Ordinal);
        return new StringContent(random.Next(20) == 0 ? text[..(text.Length / 2)] : text, Encoding.UTF8, "application/json");
    }

    [Fact]
    public async Task No_request_brings_down_what_it_asks()
    {
        var seed = Environment.TickCount & 0xFFFFF;
        var count = int.Parse(Environment.GetEnvironmentVariable("FAIR_COMPASS_FUZZ") ?? "2000", CultureInfo.InvariantCulture);
        output.WriteLine($"seed {seed}, {count} requests");
        var document = JsonNode.Parse(await api.Http.GetStringAsync("/api/openapi.json"))!;
        // What ends the session itself is no part of it; nor is the pack, whose cost is known: every paper of every workout.
        var operations = document["paths"]!
            .AsObject()
            .SelectMany(p => p.Value!.AsObject().Select(o => (Path: p.Key, Method: o.Key, Operation: o.Value!)))
            .Where(o => o.Path is not ("/api/session" or "/api/sessions" or "/api/passphrase" or "/api/personal/remove" or "/api/link"))
            .Where(o => !o.Path.EndsWith("/pack", StringComparison.Ordinal))
            .Where(o =>
                !o.Path.StartsWith("/api/pass/", StringComparison.Ordinal)
                && !o.Path.EndsWith("/people/{account}", StringComparison.Ordinal)
            )
            .ToList();
        var (workout, _) = await api.NewDraft("Fuzzed\n\n9:00 for time\n  30 sit-up\n");
        var slowest = new Dictionary<string, TimeSpan>();
        foreach (var chunk in Enumerable.Range(seed, count).Chunk(16))
        {
            await Task.WhenAll(
                chunk.Select(async one =>
                {
                    var random = new Random(one);
                    var (path, method, operation) = operations[random.Next(operations.Count)];
                    using var request = new HttpRequestMessage(
                        new HttpMethod(method.ToUpperInvariant()),
                        Path(path, random, api.Competition, workout)
                    );
                    request.Content = method is "get" ? null : Body(document, operation, random);
                    var began = System.Diagnostics.Stopwatch.GetTimestamp();
                    using var answer = await (await api.For(request)).SendAsync(request);
                    var took = System.Diagnostics.Stopwatch.GetElapsedTime(began);
                    Assert.True(
                        (int)answer.StatusCode < 500,
                        $"seed {one}: {method} {request.RequestUri}: {answer.StatusCode} {await answer.Content.ReadAsStringAsync()}"
                    );
                    lock (operations)
                    {
                        slowest[path] = took > slowest.GetValueOrDefault(path) ? took : slowest.GetValueOrDefault(path);
                    }
                })
            );
        }

        foreach (var (path, took) in slowest.OrderByDescending(p => p.Value).Take(5))
        {
            output.WriteLine($"{path}: {took.TotalMilliseconds:0} ms at most");
        }

        using var alive = await api.Http.GetAsync("/api/me");
        Assert.Equal(HttpStatusCode.OK, alive.StatusCode);
    }
}
