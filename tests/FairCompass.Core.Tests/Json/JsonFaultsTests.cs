using System.Text.Json;
using System.Text.Json.Nodes;
using CsCheck;
using FairCompass.Core.Format;
using FairCompass.Core.Json;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Json;

/// <summary>What is wrong with a document is said of everything, at its own path.</summary>
public class JsonFaultsTests
{
    private static readonly (string Json, Action<string> Read)[] Documents =
    [
        (CompetitionJson.Write(Demo.Competition), j => CompetitionJson.Read(j)),
        .. SaltmarshFerryGames
            .Drafts.Take(6)
            .Select(d => (WorkoutJson.Write(Parser.Parse(d).Workout), (Action<string>)(j => WorkoutJson.Read(j)))),
    ];

    private static readonly Gen<(int Document, int Object, ulong Keys)> Places = Gen.Select(
        Gen.Int[0, Documents.Length - 1],
        Gen.Int[0, 100_000],
        Gen.ULong
    );

    /// <summary>Every object of a document.</summary>
    private static IEnumerable<JsonObject> Objects(JsonNode? node) =>
        node switch
        {
            JsonObject o => o.SelectMany(p => Objects(p.Value)).Prepend(o),
            JsonArray a => a.SelectMany(Objects),
            _ => [],
        };

    private static IReadOnlyList<FieldError> Faults(JsonNode document, Action<string> read)
    {
        try
        {
            read(document.ToJsonString());
            return [];
        }
        catch (JsonException e)
        {
            return JsonFaults.Of(e);
        }
    }

    [Fact]
    public void Every_missing_key_is_named_at_once_and_no_other() =>
        Places.Sample(at =>
        {
            var (json, read) = Documents[at.Document];
            var document = JsonNode.Parse(json)!;
            var objects = Objects(document).ToList();
            var place = objects[at.Object % objects.Count];
            var path = place.GetPath();
            var taken = place.Where((p, i) => p.Key != "kind" && (at.Keys >> (i % 64) & 1) == 1).Select(p => p.Key).ToList();
            var whole = (JsonObject)place.DeepClone();
            taken.ForEach(k => place.Remove(k));
            var faults = Faults(document, read);
            Assert.All(faults, f => Assert.Contains(f.Path, taken.Select(k => $"{path}.{k}")));
            foreach (var fault in faults)
            {
                Assert.Equal("This is missing.", fault.Message);
                var key = fault.Path[(path.Length + 1)..];
                place[key] = whole[key]?.DeepClone();
            }

            // What is named is all that was needed.
            Assert.Empty(Faults(document, read));
        });

    [Fact]
    public void A_key_that_nobody_reads_is_named() =>
        Places.Sample(at =>
        {
            var (json, read) = Documents[at.Document];
            var document = JsonNode.Parse(json)!;
            var objects = Objects(document).ToList();
            var place = objects[at.Object % objects.Count];
            place["noSuchKey"] = 1;
            Assert.Equal([new FieldError(place.GetPath() + ".noSuchKey", "This key is not known here.")], Faults(document, read));
        });

    [Fact]
    public void A_key_that_stands_twice_is_named()
    {
        var failure = Assert.Throws<JsonException>(() =>
            CompetitionJson.Read(Documents[0].Json.Replace("\"name\":", "\"name\":\"x\",\"name\":"))
        );
        Assert.Equal("This key is there twice.", Assert.Single(JsonFaults.Of(failure)).Message);
    }

    [Theory]
    [InlineData("")]
    [InlineData("{")]
    [InlineData("[1]")]
    [InlineData("7")]
    public void What_is_no_document_is_refused_without_the_names_of_types(string json)
    {
        var fault = Assert.Single(JsonFaults.Of(Assert.Throws<JsonException>(() => CompetitionJson.Read(json))));
        Assert.DoesNotContain("System.", fault.Message, StringComparison.Ordinal);
        Assert.DoesNotContain("FairCompass.", fault.Message, StringComparison.Ordinal);
        Assert.NotEqual("", fault.Message);
    }

    [Fact]
    public void A_document_inside_another_is_named_from_the_outside()
    {
        var inner = Assert.Throws<JsonException>(() => CompetitionJson.Read("{}"));
        var outer = JsonFaults.Of(JsonFaults.Inside(inner, "$.competition"));
        Assert.Equal(JsonFaults.Of(inner).Select(f => "$.competition" + f.Path[1..]), outer.Select(f => f.Path));
        Assert.Contains("$.competition.divisions", outer.Select(f => f.Path));
    }
}
