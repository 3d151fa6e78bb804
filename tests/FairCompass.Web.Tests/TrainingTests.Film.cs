using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using FairCompass.Access;
using SkiaSharp;

namespace FairCompass.Web.Tests;

public partial class TrainingTests
{
    /// <summary>A film as a grid of pictures, each of its own grey.</summary>
    private static byte[] Strip(int frames, int across, int wide, int high, SKEncodedImageFormat format = SKEncodedImageFormat.Jpeg)
    {
        using var page = new SKBitmap(across * wide, (frames + across - 1) / across * high);
        using var canvas = new SKCanvas(page);
        for (var i = 0; i < frames; i++)
        {
            using var grey = new SKPaint { Color = new SKColor((byte)(20 + (i * 3)), (byte)(20 + (i * 3)), (byte)(20 + (i * 3))) };
            canvas.DrawRect(i % across * wide, i / across * high, wide, high, grey);
        }

        using var image = SKImage.FromBitmap(page);
        return image.Encode(format, 90).ToArray();
    }

    /// <summary>A JPEG with what a camera writes into it: its comment holds a place (ITU-T T.81, marker FE).</summary>
    private static byte[] WithPlace(byte[] jpeg)
    {
        var note = Encoding.ASCII.GetBytes("GPS 54.0 N 2.9 W");
        return [.. jpeg[..2], 0xFF, 0xFE, 0, (byte)(note.Length + 2), .. note, .. jpeg[2..]];
    }

    private async Task<HttpResponseMessage> Film(
        HttpClient head,
        Guid rep,
        byte[] strip,
        int frames = 24,
        int across = 6,
        string movement = "rope-climb"
    )
    {
        using var body = new ByteArrayContent(strip);
        body.Headers.ContentType = new("application/octet-stream");
        var clause = movement == "rope-climb" ? "rope-mark" : "no-such";
        var said = $"rep={rep}&movement={movement}&clause={clause}&good=false&frames={frames}&across={across}";
        return await head.PostAsync(
            $"{At}/floor-reps/filmed?{said}&ruling={Uri.EscapeDataString("The hand is beside the mark, not on it.")}",
            body
        );
    }

    [Fact]
    public async Task A_film_is_called_and_ruled_on_as_a_drawn_rep_is_and_keeps_nothing_but_its_pictures()
    {
        var id = Guid.NewGuid();
        using var head = await As(Role.HeadJudge);
        for (var twice = 0; twice < 2; twice++)
        {
            using var kept = await Film(head, id, WithPlace(Strip(24, 6, 160, 280)));
            Assert.Equal(HttpStatusCode.NoContent, kept.StatusCode);
        }

        var (phone, _) = await Judge(6);
        using (phone)
        {
            var next = await Get(phone, At + "/floor-reps/next");
            // Others' reps may be there too, of tests beside this one.
            while (next["id"]!.GetValue<Guid>() != id)
            {
                using var other = await phone.PostAsJsonAsync($"{At}/floor-reps/{next["id"]}/calls", new { call = "Unseen" });
                next = await Get(phone, At + "/floor-reps/next");
            }

            Assert.Null(next["rep"]);
            var film = next["filmed"]!;
            Assert.Equal(
                (24, 6, 160, 280, 12),
                (
                    film["frames"]!.GetValue<int>(),
                    film["across"]!.GetValue<int>(),
                    film["wide"]!.GetValue<int>(),
                    film["high"]!.GetValue<int>(),
                    film["rate"]!.GetValue<int>()
                )
            );
            Assert.DoesNotContain("beside the mark", next.ToJsonString(), StringComparison.Ordinal);
            var strip = await phone.GetByteArrayAsync($"{At}/floor-reps/{id}/strip");
            Assert.DoesNotContain("GPS", Encoding.Latin1.GetString(strip), StringComparison.Ordinal);
            using var drawn = SKBitmap.Decode(strip);
            Assert.Equal((960, 1120), (drawn.Width, drawn.Height));
            Assert.InRange(drawn.GetPixel(80 + (160 * 5), 140 + (280 * 3)).Red, 20 + (23 * 3) - 6, 20 + (23 * 3) + 6);
            using var called = await phone.PostAsJsonAsync($"{At}/floor-reps/{id}/calls", new { call = "NoRep" });
            var truth = (await called.Content.ReadFromJsonAsync<JsonNode>())!;
            Assert.True(truth["right"]!.GetValue<bool>());
            Assert.Equal(
                "No-rep, as the head judge rules: The hand is beside the mark, not on it.",
                (string)truth["sentence"]!["english"]!
            );
            Assert.Empty(truth["pictures"]!.AsArray());
        }

        var listed = (await Get(head, At + "/floor-reps"))["reps"]!.AsArray().Single(r => r!["rep"]!["id"]!.GetValue<Guid>() == id)!;
        Assert.StartsWith("Filmed. ", (string)listed["sentence"]!, StringComparison.Ordinal);
        Assert.Equal(1, listed["tally"]!["noRep"]!.GetValue<int>());
        using var gone = await head.DeleteAsync(new Uri($"{At}/floor-reps/{id}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        using var without = await head.GetAsync(new Uri($"{At}/floor-reps/{id}/strip", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NotFound, without.StatusCode);
    }

    [Fact]
    public async Task A_film_that_is_none_is_refused_at_its_field()
    {
        using var head = await As(Role.HeadJudge);
        foreach (
            var (film, field, why) in new (Task<HttpResponseMessage>, string, string)[]
            {
                (Film(head, Guid.NewGuid(), Strip(24, 6, 160, 280), frames: 43_200), "file", "at most 5 seconds"),
                (Film(head, Guid.NewGuid(), Strip(24, 6, 160, 280), across: 7), "file", "of one size"),
                (Film(head, Guid.NewGuid(), Strip(24, 6, 160, 280), across: 0), "file", "stands beside another"),
                (Film(head, Guid.NewGuid(), Strip(24, 6, 40, 70)), "file", "too small to see a joint"),
                (Film(head, Guid.NewGuid(), Encoding.ASCII.GetBytes("a film")), "file", "no photograph"),
                (Film(head, Guid.NewGuid(), Strip(24, 6, 160, 280), movement: "no-such"), "movement", "no such movement"),
                (Film(head, Guid.NewGuid(), Strip(24, 6, 160, 280), movement: "air-squat"), "clause", "no such rule"),
            }
        )
        {
            using var refused = await film;
            Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
            Assert.Contains(
                why,
                (await refused.Content.ReadFromJsonAsync<JsonNode>())!["errors"]![field]!.ToJsonString(),
                StringComparison.Ordinal
            );
        }

        var (phone, _) = await Judge(7);
        using var judge = await Film(phone, Guid.NewGuid(), Strip(24, 6, 160, 280));
        Assert.Equal(HttpStatusCode.Forbidden, judge.StatusCode);
    }
}
