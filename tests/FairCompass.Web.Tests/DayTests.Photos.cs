using System.Buffers.Binary;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using FairCompass.Documents;
using SkiaSharp;

namespace FairCompass.Web.Tests;

/// <summary>Photographs that are kept with a card.</summary>
public partial class DayTests
{
    /// <summary>A picture of two colours, the left half red, with what a camera writes beside it: an orientation, a device, a place (CIPA
    /// DC-008, segment APP1).</summary>
    private static byte[] Taken(int orientation, int width = 60, int height = 40)
    {
        using var bitmap = new SKBitmap(width, height);
        bitmap.Erase(SKColors.Blue);
        bitmap.Erase(SKColors.Red, new SKRectI(0, 0, width / 2, height));
        using var data = SKImage.FromBitmap(bitmap).Encode(SKEncodedImageFormat.Jpeg, 95);
        var jpeg = data.ToArray();
        var text = Encoding.ASCII.GetBytes("Sloop 9 GPS 50.1,-5.2\0");
        using var tiff = new MemoryStream();
        tiff.Write("Exif\0\0MM\0*\0\0\0\u0008\0\u0002"u8);
        // Orientation, a short in place; the device, text behind the two entries.
        tiff.Write([0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte)orientation, 0, 0]);
        tiff.Write([0x01, 0x10, 0, 2, 0, 0, 0, (byte)text.Length, 0, 0, 0, 38, 0, 0, 0, 0]);
        tiff.Write(text);
        var length = new byte[2];
        BinaryPrimitives.WriteUInt16BigEndian(length, (ushort)(tiff.Length + 2));
        return [.. jpeg[..2], 0xFF, 0xE1, .. length, .. tiff.ToArray(), .. jpeg[2..]];
    }

    private async Task<(HttpStatusCode Status, JsonNode? Body)> Photographed(string desk, byte[] file, Guid? saveId = null)
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var request = new HttpRequestMessage(HttpMethod.Post, $"{desk}/photos?saveId={saveId ?? Guid.NewGuid()}")
        {
            Content = content,
        };
        request.Headers.ExpectContinue = true;
        using var answer = await api.Http.SendAsync(request);
        var text = await answer.Content.ReadAsStringAsync();
        return (answer.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text));
    }

    [Theory]
    [InlineData(1, 60, 40, 5, 20, 55, 20)]
    [InlineData(2, 60, 40, 55, 20, 5, 20)]
    [InlineData(3, 60, 40, 55, 20, 5, 20)]
    [InlineData(4, 60, 40, 5, 20, 55, 20)]
    [InlineData(5, 40, 60, 20, 5, 20, 55)]
    [InlineData(6, 40, 60, 20, 5, 20, 55)]
    [InlineData(7, 40, 60, 20, 55, 20, 5)]
    [InlineData(8, 40, 60, 20, 55, 20, 5)]
    public void A_photograph_is_turned_upright_and_what_the_camera_wrote_is_gone(
        int orientation,
        int w,
        int h,
        int rx,
        int ry,
        int bx,
        int by
    )
    {
        var read = Photograph.Read(Taken(orientation));
        Assert.Null(read.Refused);
        Assert.Equal((w, h), (read.Width, read.Height));
        var bytes = Encoding.Latin1.GetString(read.Jpeg);
        Assert.DoesNotContain("GPS", bytes, StringComparison.Ordinal);
        Assert.DoesNotContain("Exif", bytes, StringComparison.Ordinal);
        using var picture = SKBitmap.Decode(read.Jpeg);
        Assert.True(picture.GetPixel(rx, ry) is { Red: > 200, Blue: < 60 }, $"{picture.GetPixel(rx, ry)} should be red");
        Assert.True(picture.GetPixel(bx, by) is { Blue: > 200, Red: < 60 }, $"{picture.GetPixel(bx, by)} should be blue");
    }

    [Fact]
    public void A_large_photograph_is_made_smaller_and_what_is_none_is_refused()
    {
        var read = Photograph.Read(Taken(6, 4000, 3000));
        Assert.Equal((1800, Photograph.LongestSide), (read.Width, read.Height));
        Assert.Contains("no photograph", Photograph.Read("<svg onload='x'/>"u8.ToArray()).Refused, StringComparison.Ordinal);
        Assert.Contains("no photograph", Photograph.Read([]).Refused, StringComparison.Ordinal);
        var whole = Taken(1, 2000, 1500);
        var torn = Photograph.Read(whole[..(whole.Length / 3)]);
        Assert.Contains("damaged", torn.Refused, StringComparison.Ordinal);
        // A header that claims what no camera gives is refused before anything is unpacked.
        var claimed = Photograph.Read(Png(60_000, 60_000));
        Assert.Contains("60000 × 60000", claimed.Refused, StringComparison.Ordinal);
    }

    /// <summary>The header of a PNG that claims a size (RFC 2083, 4.1.1).</summary>
    private static byte[] Png(uint width, uint height)
    {
        var header = new byte[17];
        "IHDR"u8.CopyTo(header);
        BinaryPrimitives.WriteUInt32BigEndian(header.AsSpan(4), width);
        BinaryPrimitives.WriteUInt32BigEndian(header.AsSpan(8), height);
        (header[12], header[13]) = (8, 2);
        var crc = new byte[4];
        BinaryPrimitives.WriteUInt32BigEndian(crc, Crc(header));
        return [0x89, .. "PNG\r\n\u001a\n"u8, 0, 0, 0, 13, .. header, .. crc, 0, 0, 0, 0, .. "IDAT"u8, 0x35, 0xAF, 0x06, 0x1E];
    }

    private static uint Crc(byte[] bytes)
    {
        var c = 0xFFFFFFFFu;
        foreach (var b in bytes)
        {
            c ^= b;
            for (var k = 0; k < 8; k++)
            {
                c = (c & 1) == 1 ? 0xEDB88320u ^ (c >> 1) : c >> 1;
            }
        }

        return ~c;
    }

    [Fact]
    public async Task Photographs_are_kept_with_a_card_until_they_or_their_athlete_are_taken_away()
    {
        var (at, cards) = await Carded(3);
        var desk = $"{at}/desk/{cards[0]!["id"]}";
        var save = Guid.NewGuid();
        var (status, photos) = await Photographed(desk, Taken(6), save);
        Assert.Equal(HttpStatusCode.OK, status);
        // Sent once more after a lost answer, it is one.
        Assert.Single((await Photographed(desk, Taken(6), save)).Body!.AsArray());
        var one = $"{desk}/photos/{photos![0]!["id"]}";
        using (var answer = await api.Http.GetAsync(new Uri(one, UriKind.Relative)))
        {
            Assert.Equal("image/jpeg", answer.Content.Headers.ContentType!.MediaType);
            Assert.NotNull(Photograph.Read(await answer.Content.ReadAsByteArrayAsync()).Jpeg);
        }

        // Of another card, of another competition, by nobody: as if it were not there.
        Assert.Equal(HttpStatusCode.NotFound, await api.Status(one.Replace((string)cards[0]!["id"]!, (string)cards[1]!["id"]!)));
        Assert.Equal(HttpStatusCode.NotFound, (await Photographed(await NewCompetition() + "/desk/" + cards[0]!["id"], Taken(1))).Status);
        var (large, said) = await Photographed(desk, new byte[40 * 1024 * 1024]);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, large);
        Assert.NotNull(said!["title"]);
        var (text, refused) = await Photographed(desk, "not a picture"u8.ToArray());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, text);
        Assert.Equal("file", refused!["errors"]!.AsObject().Single().Key);
        await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => Photographed(desk, Taken(1))));
        Assert.Equal(6, (await api.Get(desk))["photos"]!.AsArray().Count);

        using (var gone = await api.Http.DeleteAsync(new Uri(one, UriKind.Relative)))
        {
            Assert.Equal(HttpStatusCode.OK, gone.StatusCode);
        }

        Assert.Equal(HttpStatusCode.NotFound, await api.Status(one));
        Assert.Equal(5, (await api.Get(desk))["photos"]!.AsArray().Count(p => p!["isThere"]!.GetValue<bool>()));
        var person = await Member(at, (string)cards[0]!["entry"]!);
        Assert.Equal(6, (await api.Get($"{at}/entries/people/{person}/kept"))["photos"]!.AsArray().Count);
        var (forgotten, _) = await api.Post($"{at}/entries/people/{person}/forget", new { });
        Assert.Equal(HttpStatusCode.OK, forgotten);
        Assert.DoesNotContain((await api.Get(desk))["photos"]!.AsArray(), p => p!["isThere"]!.GetValue<bool>());
    }
}
