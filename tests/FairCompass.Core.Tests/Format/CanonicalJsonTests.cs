using System.Text.Json.Nodes;
using FairCompass.Core.Drafts;
using FairCompass.Core.Json;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Format;

public class CanonicalJsonTests
{
    /// <summary>RFC 8785, section 3.2.3: the order of keys, by UTF-16 code units.</summary>
    [Fact]
    public void Keys_are_sorted_as_in_the_published_example()
    {
        var json = JsonNode.Parse(
            """
            {"\u20ac":"Euro Sign","\r":"Carriage Return","\ufb33":"Hebrew Letter Dalet With Dagesh","1":"One",
             "\ud83d\ude00":"Emoji: Grinning Face","\u0080":"Control","\u00f6":"Latin Small Letter O With Diaeresis"}
            """
        );
        Assert.Equal(
            "{\"\\r\":\"Carriage Return\",\"1\":\"One\",\"\u0080\":\"Control\",\"ö\":\"Latin Small Letter O With "
                + "Diaeresis\",\"€\":\"Euro Sign\",\"😀\":\"Emoji: Grinning Face\",\"\ufb33\":\"Hebrew Letter Dalet With Dagesh\"}",
            CanonicalJson.Write(json)
        );
    }

    /// <summary>RFC 8785, section 3.2.2 (strings and literals of the example; its floating-point numbers are refused here).</summary>
    [Fact]
    public void Strings_and_literals_are_written_as_in_the_published_example()
    {
        var json = JsonNode.Parse("""{"string":"\u20ac$\u000F\u000aA'\u0042\u0022\u005c\\\"\/","literals":[null,true,false]}""");
        Assert.Equal("""{"literals":[null,true,false],"string":"€$\u000f\nA'B\"\\\\\"/"}""", CanonicalJson.Write(json));
    }

    [Theory]
    [InlineData("1e99")]
    [InlineData("-7.9e28000")]
    public void Numbers_beyond_what_is_computed_with_are_refused(string number) =>
        Assert.Throws<ArgumentException>(() => CanonicalJson.Write(JsonNode.Parse($"[{number}]")));

    /// <summary>FIPS 180-4 by another implementation: <c>printf 'fair-compass/draft/1\n' | sha256sum</c> of GNU coreutils.</summary>
    [Fact]
    public void The_hash_is_sha256_over_prefix_and_text() =>
        Assert.Equal("7e3901f252be9480cb6ab213d3a87abe28e0837baf3dea9efc9374fb7e9bb73b", Fingerprint.Of("").Sha256);

    [Fact]
    public void The_check_character_notices_one_wrong_character()
    {
        var code = Fingerprint.Of("x").Code;
        Assert.Matches("^[0-9A-HJKMNP-TV-Z]{4}-[0-9A-HJKMNP-TV-Z]{4}-[0-9A-HJKMNP-TV-Z]$", code);
        Assert.NotEqual(code, Fingerprint.Of("y").Code);
    }

    [Fact]
    public void Layout_comments_and_trailing_zeros_do_not_change_a_fingerprint()
    {
        var text = DraftTexts.Demo("03");
        var code = Demo.Explain(text).Fingerprint;
        Assert.Equal(
            code,
            Demo.Explain(
                "// private\n"
                    + text.Replace("3.00", "3", StringComparison.Ordinal)
                        .Replace("60 wall-ball shot, 9/6 kg", "60  wall-ball shot,   9 / 6 kg", StringComparison.Ordinal)
            ).Fingerprint
        );
    }

    [Fact]
    public void Every_printed_value_changes_the_fingerprint()
    {
        var text = DraftTexts.Demo("01");
        var codes = new HashSet<string> { Demo.Explain(text).Fingerprint };
        var edits = new[]
        {
            ("Ferry Bell", "Ferry Ball"),
            ("11:00", "11:01"),
            ("16-12-8", "16-12-9"),
            ("22.5/15", "22.5/10"),
            ("2 x 10/7.5", "2 x 7.5/7.5"),
            ("sit-up", "sit-up (pad)"),
            ("14/10", "14/11"),
            ("set of 2", "set of 3"),
            (", from the rack", ""),
            ("cap line by reps", "+0:01 for each missing rep"),
            ("not reached", "zero"),
            ("finished and steady", "finished"),
            ("Anchor 45+", "Crew of Four"),
        };
        foreach (var (was, now) in edits)
        {
            var changed = text.Replace(was, now, StringComparison.Ordinal);
            Assert.NotEqual(text, changed);
            Assert.True(codes.Add(Demo.Explain(changed).Fingerprint), $"{was} → {now}");
        }
    }
}
