using System.Text.Json;
using CsCheck;
using FairCompass.Core.Format.V1;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Tests.Shared;

namespace FairCompass.Core.Tests.Observing;

/// <summary>Facts as files: what was written once is read for ever.</summary>
public class FactFileTests
{
    private static readonly Gen<string> Words = Pick.Of("", "a", " b", "é", "/\"\\", "line\nbreak", "🏆", "0", "Ida Brandt");
    private static readonly Gen<int?> Seat = Gen.Int[0, 4].Select(s => s == 0 ? (int?)null : s);
    private static readonly Gen<Duration> Time = Gen.Long[-100_000, 10_000_000].Select(ms => new Duration(ms));
    private static readonly Gen<Mark> Marks = Gen.OneOf(
        Gen.Const<Mark>(new Mark.Finish()),
        Gen.Const<Mark>(new Mark.LastFullRound()),
        Gen.Long[1, 99].Select(n => (Mark)new Mark.Round(n)),
        Gen.Int[1, 9].Select(n => (Mark)new Mark.Gate(n)),
        Words.Select(n => (Mark)new Mark.Named(n))
    );

    private static readonly Gen<Fact> Facts = Gen.OneOf(
        Gen.Select(Words, Words, Gen.Long, (p, s, n) => (Fact)new Fact.Counted(p, s, n)),
        Gen.Select(Words, Words, Gen.Long, Seat, Seat, (p, s, n, seat, i) => (Fact)new Fact.Reached(p, s, n, seat, i)),
        Gen.Select(
            Words,
            Gen.Long,
            Gen.Bool,
            Words,
            Seat,
            (p, n, g, c, s) => (Fact)new Fact.Called(p, "", n, g ? Call.Good : Call.NoRep, g ? null : c, g ? null : "f", s)
        ),
        Gen.Select(Words, Marks, Time.Array[0, 3], (p, m, w) => (Fact)new Fact.Timed(p, m, [.. w])),
        Gen.Select(
            Words,
            Gen.Int[1, 50],
            Gen.Int[1, 9999],
            Gen.Bool,
            Seat,
            Gen.Bool,
            (p, o, l, m, s, c) => (Fact)new Fact.Lifted(p, o, l / 4m, m, s, c, m ? null : "lockout", m ? new Duration(l) : null)
        ),
        Gen.Select(Words, Gen.Int[0, 9], Gen.Int[1, 8], Gen.Long, (p, t, s, n) => (Fact)new Fact.Did(p, t, s, n)),
        Gen.Select(Words, Gen.Long[1, 9], Gen.Bool, Seat, (p, r, h, s) => (Fact)new Fact.Ticked(p, r, h, s)),
        Gen.Select(Words, Gen.Int, Gen.Int, Seat, (p, t, o, r) => (Fact)new Fact.Chose(p, t, o, r)),
        Gen.Select(Gen.Int[1, 6], Words, Seat, (s, a, c) => (Fact)new Fact.Seated(s, a, c)),
        Gen.Select(Words, Gen.Bool, Time, Seat, (p, h, t, s) => (Fact)new Fact.Held(p, h, t, s)),
        Gen.Enum<EntryStatus>().Select(e => (Fact)new Fact.Ended(e)),
        Gen.Select(Words, Gen.Long, (p, n) => (Fact)new Fact.Unverified(p, n)),
        Gen.Select(Words, Words, Gen.Long, (p, f, n) => (Fact)new Fact.Faulted(p, f, n)),
        Gen.Const<Fact>(new Fact.Unjudged()),
        Gen.Select(Words, Time, Gen.Bool, Words, (c, t, timed, r) => (Fact)new Fact.Adjusted(c, timed ? t : null, timed ? null : t.Ms, r)),
        Gen.Select(Gen.Guid, Words, (g, r) => (Fact)new Fact.Retracted(g, r))
    );

    private static readonly Gen<Observed> Seen = Gen.Select(
        Gen.Guid,
        Words,
        Gen.Long[0, 1_000_000],
        Words,
        Gen.Long[1, 999],
        Facts,
        Gen.Bool,
        (id, by, at, device, n, fact, replaces) =>
            new Observed(id, by, DateTimeOffset.UnixEpoch.AddSeconds(at), device, n, fact, replaces ? Guid.NewGuid() : null)
    );

    [Fact]
    public void Written_and_read_they_are_the_same_and_written_again_the_same_bytes() =>
        Seen.Array[0, 20]
            .Sample(
                facts =>
                {
                    var file = FactFiles.Write(facts);
                    var back = FactFiles.Read(file);
                    Assert.Equal(facts.ToHashSet(), back.ToHashSet());
                    Assert.Equal(file, FactFiles.Write(back.Reverse()));
                },
                iter: 1000
            );

    /// <summary>Every kind of fact can be written: a new one must get its form before it can be stored.</summary>
    [Fact]
    public void Every_kind_has_a_form()
    {
        var kinds = typeof(Fact).GetNestedTypes().Where(t => t.IsSubclassOf(typeof(Fact))).Select(t => t.Name.ToLowerInvariant()).Order();
        var golden = FactFiles.Read(DraftTexts.Read("golden/facts-1"));
        Assert.Equal(kinds, golden.Select(f => f.Fact.GetType().Name.ToLowerInvariant()).Distinct().Order());
    }

    /// <summary>A file as it was first written, to the letter.</summary>
    [Fact]
    public void The_first_file_is_still_read_and_written()
    {
        var golden = DraftTexts.Read("golden/facts-1").Trim();
        Assert.Equal(golden, FactFiles.Write(FactFiles.Read(golden)));
    }

    [Theory]
    [InlineData("""{"format":"fair-compass/facts","version":2,"facts":[]}""", "$.version", "newer program")]
    [InlineData("""{"format":"fair-compass/facts","version":0,"facts":[]}""", "$.version", "from 1 to 1")]
    [InlineData("""{"format":"fair-compass/workout","version":1,"facts":[]}""", "$.format", "fair-compass/facts")]
    [InlineData("""{"format":"fair-compass/facts","version":1,"facts":[],"more":1}""", "$.more", "")]
    [InlineData("[]", "$.format", "fair-compass/facts")]
    [InlineData("{", "$", "")]
    public void What_is_no_file_of_facts_is_refused(string json, string path, string says)
    {
        var refused = Assert.ThrowsAny<JsonException>(() => FactFiles.Read(json));
        Assert.True((refused.Path ?? "$").StartsWith(path, StringComparison.Ordinal), refused.Path);
        Assert.Contains(says, refused.Message, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("\"kind\":\"jumped\"", "kind")]
    [InlineData("\"kind\":\"reached\",\"piece\":\"0\",\"strand\":\"\"", "units")]
    [InlineData("\"kind\":\"reached\",\"piece\":\"0\",\"units\":5", "strand")]
    [InlineData("\"kind\":\"ended\",\"how\":\"asleep\"", "how")]
    [InlineData("\"kind\":\"unjudged\",\"piece\":\"0\"", "piece")]
    [InlineData("\"kind\":\"timed\",\"piece\":\"0\",\"mark\":\"lunch\",\"watches\":[1]", "mark")]
    [InlineData("\"kind\":\"timed\",\"piece\":\"0\",\"mark\":\"round\",\"watches\":[1]", "number")]
    [InlineData("\"kind\":\"lifted\",\"piece\":\"0\",\"number\":1,\"load\":\"1e9\",\"good\":true", "load")]
    [InlineData("\"kind\":\"lifted\",\"piece\":\"0\",\"number\":99999999999,\"load\":\"1\",\"good\":true", "number")]
    public void A_fact_without_its_keys_or_with_others_is_named(string keys, string key)
    {
        var json =
            "{\"format\":\"fair-compass/facts\",\"version\":1,\"facts\":[{\"id\":\"00000001-0000-0000-0000-000000000000\","
            + "\"by\":\"J\",\"at\":\"2027-06-12T09:00:00Z\",\"device\":\"desk\",\"sequence\":1,"
            + keys
            + "}]}";
        Assert.Equal($"$.facts[0].{key}", Assert.ThrowsAny<JsonException>(() => FactFiles.Read(json)).Path);
    }
}
