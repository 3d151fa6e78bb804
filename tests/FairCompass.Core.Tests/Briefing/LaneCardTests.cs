using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Tests.Notation;
using ZXing;
using ZXing.Common;
using ZXing.QrCode;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>The card of a lane: its number, its code, its boxes.</summary>
public class LaneCardTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    private static Brief Card(string number, string? division, int cards = 1, int first = 1) =>
        new BriefBuilder(Demo.Understand(DraftTexts.Demo(number)), division, Day, new() { Cards = cards, FirstCard = first }).Build(
            Audience.LaneCard
        );

    /// <summary>An independent reader of QR codes (ISO/IEC 18004) gives back the card’s number and the whole fingerprint.</summary>
    [Fact]
    public void The_qr_code_is_read_by_another_library()
    {
        var code = Card("01", "Meadow", 1, 12).Cards[0];
        const int scale = 6;
        var image = new byte[code.Size * scale * code.Size * scale];
        for (var y = 0; y < code.Size * scale; y++)
        {
            for (var x = 0; x < code.Size * scale; x++)
            {
                image[(y * code.Size * scale) + x] = code.Rows[y / scale][x / scale] == '1' ? (byte)0 : (byte)255;
            }
        }

        var luminance = new RGBLuminanceSource(image, code.Size * scale, code.Size * scale, RGBLuminanceSource.BitmapFormat.Gray8);
        // The picture is the code and nothing else, and the reader is told so: the code is checked, not how it is found in a photograph,
        // which fails this reader on some drawings without any noise.
        var read = new QRCodeReader().decode(
            new BinaryBitmap(new HybridBinarizer(luminance)),
            new Dictionary<DecodeHintType, object> { [DecodeHintType.PURE_BARCODE] = true }
        );
        Assert.Equal(code.Content, read.Text);
        var print = Fingerprint.Of(Demo.Understand(DraftTexts.Demo("01")));
        Assert.Equal($"{print.Code}/012/{print.Sha256.ToUpperInvariant()}", read.Text);
        Assert.Equal((print.Code, 12), CardCode.Read(read.Text));
    }

    [Fact]
    public void Cards_are_numbered_on_and_no_two_have_one_id()
    {
        var cards = Card("03", "Meadow", 30, 5);
        var ids = cards.Cards.Select(c => c.Id).ToList();
        Assert.Equal(60, ids.Distinct().Count());
        Assert.EndsWith(" / 005", ids[0], StringComparison.Ordinal);
        Assert.EndsWith(" / 064", ids[^1], StringComparison.Ordinal);
        Assert.Equal(["Meadow man", "Meadow woman"], cards.Cards.Select(c => c.Entry!).Distinct().Order());
        Assert.Equal(cards.Cards.Select(c => c.Entry).Distinct(), cards.Sections.Select(s => s.Entry).Distinct());
        Assert.Empty(new BriefBuilder(Demo.Understand(DraftTexts.Demo("03")), null, Day).Build(Audience.Judge).Cards);
    }

    [Theory]
    [InlineData("7K2M-9QXR-4")]
    [InlineData("7K2M-9QXR-4 / 0")]
    [InlineData("7K2M-9QXR-4 / 1000")]
    [InlineData("7K2M-9QXR-4 / x")]
    [InlineData("")]
    [InlineData("/")]
    public void What_is_no_code_of_a_card_is_not_read(string typed) => Assert.Null(CardCode.Read(typed));

    [Fact]
    public void A_code_is_read_as_people_type_it_and_a_hash_of_another_definition_is_not()
    {
        var print = Fingerprint.Of(Demo.Understand(DraftTexts.Demo("01")));
        Assert.Equal((print.Code, 7), CardCode.Read(print.Code.ToLowerInvariant().Replace('-', ' ') + "/7"));
        Assert.Null(CardCode.Read($"{print.Code}/007/{new string('0', 64)}"));
        Assert.Null(CardCode.Read($"{print.Code}/007/{print.Sha256[1..]}"));
        Assert.True(Fingerprint.Belongs(print.Sha256, print.Code));
        Assert.False(Fingerprint.Belongs("xyz", print.Code));
    }

    [Theory]
    [InlineData(0)]
    [InlineData(1000)]
    public void A_number_outside_is_refused(int number) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => CardCode.Of(Fingerprint.Of(Demo.Understand(DraftTexts.Demo("01"))), number));

    /// <summary>Ferry Bell, Meadow woman: 16 + 16 + 7, 12 + 12 + 7, 8 + 8 + 7; totals added by hand.</summary>
    [Fact]
    public void Boxes_hold_the_running_totals()
    {
        var boxes = Card("01", "Meadow")
            .Sections.Single(s => s.Id == "count" && s.Entry == "Meadow woman")
            .Blocks.OfType<BriefBlock.Boxes>()
            .Single();
        Assert.Equal(["16", "51", "78"], boxes.Rows[0].Cells.Skip(1));
        Assert.Equal(["32", "63", "86"], boxes.Rows[1].Cells.Skip(1));
        Assert.Equal(["39", "70", "93"], boxes.Rows[2].Cells.Skip(1));
        Assert.Equal("16-12-8 sit-up", boxes.Rows[1].Cells[0]);
    }

    [Fact]
    public void A_card_asks_for_everything_that_is_missing_later()
    {
        var lift = BriefText.Of(Card("01", "Tideline"));
        Assert.All(
            [
                "Athlete",
                "Gym",
                "Card of Tideline woman",
                "Heat",
                "Lane",
                "Judge",
                "Credential",
                "Date",
                "Made",
                "Missed",
                "Monitor of the air bike",
                "Judge’s signature",
                "Athlete’s signature",
            ],
            w => Assert.Contains(w, lift, StringComparison.Ordinal)
        );
        Assert.Contains("May restart at", BriefText.Of(Card("08", null)), StringComparison.Ordinal);
        Assert.Contains("Ring muscle-up (attempt: jump to support on the rings)", BriefText.Of(Card("13", null)), StringComparison.Ordinal);
        Assert.Contains(BriefBuilder.ClockBlank, BriefText.Of(Card("04", null), "count"), StringComparison.Ordinal);
    }

    [Fact]
    public void An_erratum_is_made_of_two_versions() =>
        Assert.Throws<ArgumentOutOfRangeException>(() =>
            new BriefBuilder(Demo.Understand(DraftTexts.Demo("01")), null, Day).Build(Audience.Holder)
        );
}
