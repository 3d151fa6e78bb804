using System.Text;
using SkiaSharp;
using ZXing;
using ZXing.QrCode;

namespace FairCompass.Browser.Tests;

/// <summary>What a camera sees of a card, as a file that the browser takes for its camera (YUV4MPEG2, as its makers describe it).</summary>
internal static class CardFilm
{
    private const int Width = 640;
    private const int Height = 480;

    /// <summary>A second of a table without a card, then a card that is held a little askew, in uneven light, with noise.</summary>
    public static void Write(string path, string code)
    {
        using var film = File.Create(path);
        film.Write(Encoding.ASCII.GetBytes($"YUV4MPEG2 W{Width} H{Height} F10:1 Ip A1:1 C420jpeg\n"));
        for (var frame = 0; frame < 16; frame++)
        {
            using var picture = Draw(frame < 8 ? "" : code, angle: 4 + (frame % 4));
            film.Write("FRAME\n"u8);
            film.Write(Grey(picture, new Random(frame)));
            film.Write(Enumerable.Repeat((byte)128, Width * Height / 2).ToArray());
        }
    }

    /// <summary>A photograph of a card.</summary>
    public static string Photograph(string path)
    {
        using var picture = Draw("A card", 2);
        using var png = SKImage.FromBitmap(picture).Encode(SKEncodedImageFormat.Png, 100);
        File.WriteAllBytes(path, png.ToArray());
        return path;
    }

    private static SKBitmap Draw(string code, float angle)
    {
        var picture = new SKBitmap(Width, Height);
        using var canvas = new SKCanvas(picture);
        canvas.Clear(new SKColor(96, 88, 80));
        if (code.Length == 0)
        {
            return picture;
        }

        using var white = new SKPaint { Color = new SKColor(232, 230, 222) };
        using var black = new SKPaint { Color = new SKColor(34, 34, 40), IsAntialias = true };
        canvas.RotateDegrees(angle, Width / 2f, Height / 2f);
        canvas.DrawRect(40, 30, 560, 420, white);
        var modules = new QRCodeWriter().encode(code, BarcodeFormat.QR_CODE, 0, 0);
        var module = 260f / modules.Width;
        for (var y = 0; y < modules.Height; y++)
        {
            for (var x = 0; x < modules.Width; x++)
            {
                if (modules[x, y])
                {
                    canvas.DrawRect(300 + (x * module), 60 + (y * module), module + 0.2f, module + 0.2f, black);
                }
            }
        }

        for (var line = 0; line < 6; line++)
        {
            canvas.DrawRect(70, 90 + (line * 48), 200, 2, black);
        }

        return picture;
    }

    /// <summary>Luma (ITU-R BT.601, 2.5.1), darker to one side, with noise.</summary>
    private static byte[] Grey(SKBitmap picture, Random random)
    {
        var (pixels, grey) = (picture.Pixels, new byte[Width * Height]);
        for (var i = 0; i < grey.Length; i++)
        {
            var c = pixels[i];
            var light = 0.75 + (0.25 * (i % Width) / Width);
            grey[i] = (byte)Math.Clamp((((0.299 * c.Red) + (0.587 * c.Green) + (0.114 * c.Blue)) * light) + random.Next(-12, 13), 0, 255);
        }

        return grey;
    }
}
