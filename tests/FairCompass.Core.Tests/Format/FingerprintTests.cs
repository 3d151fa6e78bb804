using System.Text.Json.Nodes;
using CsCheck;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Json;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Tests.Format;

public class FingerprintTests
{
    private const string Letters = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";

    private static readonly Gen<string> Codes = Gen.String.Select(s => Fingerprint.Of(s).Code);

    [Fact]
    public void Any_wrong_character_and_any_swap_is_noticed() =>
        Gen.Select(Codes, Gen.Int[0, 8], Gen.Int[0, 8], Gen.Int[1, 31])
            .Sample(
                (code, at, other, by) =>
                {
                    Assert.Equal(code, Fingerprint.Read(code));
                    var wrong = code.Replace("-", "", StringComparison.Ordinal).ToCharArray();
                    if (at == other)
                    {
                        wrong[at] = Letters[(Letters.IndexOf(wrong[at], StringComparison.Ordinal) + by) % 32];
                        Assert.Null(Fingerprint.Read(new string(wrong)));
                    }
                    else if (wrong[at] != wrong[other])
                    {
                        (wrong[at], wrong[other]) = (wrong[other], wrong[at]);
                        Assert.Null(Fingerprint.Read(new string(wrong)));
                    }
                },
                iter: 20_000
            );

    /// <summary>From a paper printed with the check character of before; worked out by that rule on paper: 7·1 + 19·3 + 2·5 + 20·7 + 9·9 +
    /// 22·11 + 29·13 + 23·15 = 1259 = 39 · 32 + 11.</summary>
    [Fact]
    public void A_code_of_before_is_still_read() => Assert.Equal("7K2M-9PXQ-B", Fingerprint.ReadOlder("7k2m 9pxq b"));

    [Fact]
    public void Copies_have_codes_of_their_own_that_belong_to_the_hash()
    {
        var first = Fingerprint.Of("x");
        var codes = Enumerable.Range(0, Fingerprint.MostCopies).Select(n => first.OfCopy(n).Code).ToList();
        Assert.Equal(first.Code, codes[0]);
        Assert.Equal(Fingerprint.MostCopies, codes.Distinct().Count());
        Assert.All(codes, c => Assert.Equal(c, Fingerprint.Read(c)));
        Assert.All(codes, c => Assert.True(Fingerprint.Belongs(first.Sha256, c)));
        Assert.False(Fingerprint.Belongs(Fingerprint.Of("y").Sha256, codes[0]));
    }

    /// <summary>RFC 8785 has integers only in our narrower set: everything else is text in normal form.</summary>
    [Theory]
    [InlineData("90.0", "90")]
    [InlineData("54.3", "\"54.3\"")]
    [InlineData("-12.50", "\"-12.5\"")]
    [InlineData("1e2", "100")]
    [InlineData("9007199254740993", "\"9007199254740993\"")]
    public void Numbers_have_one_form(string json, string canonical) => Assert.Equal(canonical, CanonicalJson.Write(JsonNode.Parse(json)));

    /// <summary>Angles are kept to a tenth of a degree, whatever was dragged.</summary>
    [Fact]
    public void A_posed_movement_has_a_fingerprint_and_every_angle_changes_it() =>
        Gen.Select(Gen.Enum<Joint>(), Gen.Int[-600, 1700], Gen.Int[0, 2])
            .Sample(
                (joint, tenths, phase) =>
                {
                    string Of(decimal degrees)
                    {
                        var book = StandardsBook.Of(Demo.Competition);
                        var movement = OwnMovements.From(book.Find("sit-up")!, "ferry sit-up", book) with
                        {
                            Poses = [new(Phase.Start + phase, null, [new(joint, Side.Near, degrees)])],
                        };
                        var competition = Demo.Competition with { OwnMovements = [movement] };
                        return JointRange.Objection(joint, degrees) is null && StandardRules.Validate(competition).Any()
                                ? throw new InvalidOperationException("refused")
                            : Core.Drafts.Understanding.Of(competition, Demo.Window("3:00 for reps", "10 ferry sit-up")) is var u
                                ? Fingerprint.Of(u).Sha256
                            : "";
                    }

                    Assert.NotEqual(Of(tenths / 10m), Of((tenths + 1) / 10m));
                },
                iter: 60
            );
}
