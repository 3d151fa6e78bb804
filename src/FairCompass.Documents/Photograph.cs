using SkiaSharp;

namespace FairCompass.Documents;

/// <summary>A photograph made ready to be kept: drawn anew, upright, at a size in which handwriting can be read. What else a camera writes
/// into a file, such as place, device and time, is not carried over.</summary>
/// <param name="Jpeg">The picture; empty where it was refused.</param>
/// <param name="Width">Pixels across.</param>
/// <param name="Height">Pixels down.</param>
/// <param name="Refused">Why it is not taken, for a person; null where it is.</param>
public sealed record Photograph(byte[] Jpeg, int Width, int Height, string? Refused)
{
    /// <summary>Bytes of a file beyond which it is not looked at.</summary>
    public const int MostBytes = 10 * 1024 * 1024;

    /// <summary>Pixels of the longer side of what is kept: some 8 on a millimetre of a card on A4.</summary>
    public const int LongestSide = 2400;

    /// <summary>Pixels beyond which a file is not unpacked: twice what the largest usual camera gives.</summary>
    private const long MostPixels = 120_000_000;

    /// <summary>Quality of the JPEG, of 100: pencil stays readable. Common practice.</summary>
    private const int Quality = 82;

    /// <summary>Reads a file: JPEG, PNG or WebP.</summary>
    /// <param name="file">Its bytes.</param>
    public static Photograph Read(byte[] file)
    {
        if (file.Length > MostBytes)
        {
            return No($"This file has {file.Length / 1024 / 1024} MB; at most {MostBytes / 1024 / 1024} MB are taken.");
        }

        using var data = SKData.CreateCopy(file);
        using var codec = file.Length == 0 ? null : SKCodec.Create(data);
        if (codec?.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp))
        {
            return No("This is no photograph: JPEG, PNG and WebP are taken.");
        }

        if ((long)codec.Info.Width * codec.Info.Height > MostPixels)
        {
            return No($"This picture has {codec.Info.Width} × {codec.Info.Height} pixels, more than any camera gives.");
        }

        using var decoded = Decode(codec);
        if (decoded is null)
        {
            return No("This file is damaged, or not what it says it is.");
        }

        using var upright = Upright(decoded, codec.EncodedOrigin);
        using var image = SKImage.FromBitmap(upright);
        using var jpeg = image.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return new(jpeg.ToArray(), upright.Width, upright.Height, null);
    }

    private static Photograph No(string why) => new([], 0, 0, why);

    /// <summary>Unpacks it, at a smaller scale where the format can and it is far too large.</summary>
    private static SKBitmap? Decode(SKCodec codec)
    {
        var scale = Math.Min(1f, (float)LongestSide / Math.Max(codec.Info.Width, codec.Info.Height));
        var size = codec.GetScaledDimensions(scale);
        var bitmap = new SKBitmap(new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) == SKCodecResult.Success)
        {
            return bitmap;
        }

        bitmap.Dispose();
        return null;
    }

    /// <summary>Draws it upright on white, no larger than <see cref="LongestSide"/>. A camera that is held upright writes the picture lying
    /// and says so beside it (CIPA DC-008, tag 0x0112, values 1 to 8).</summary>
    private static SKBitmap Upright(SKBitmap picture, SKEncodedOrigin origin)
    {
        var turned = origin >= SKEncodedOrigin.LeftTop;
        var (width, height) = turned ? (picture.Height, picture.Width) : (picture.Width, picture.Height);
        var scale = Math.Min(1f, (float)LongestSide / Math.Max(width, height));
        var upright = new SKBitmap(
            new SKImageInfo(
                Math.Max(1, (int)Math.Round(width * scale)),
                Math.Max(1, (int)Math.Round(height * scale)),
                SKColorType.Rgba8888,
                SKAlphaType.Opaque
            )
        );
        using var canvas = new SKCanvas(upright);
        canvas.Clear(SKColors.White);
        canvas.Scale(scale);
        canvas.Concat(Turning(origin, width, height));
        using var drawn = SKImage.FromBitmap(picture);
        canvas.DrawImage(drawn, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        canvas.Flush();
        return upright;
    }

    /// <summary>From where a pixel lies in the file to where it belongs.</summary>
    private static SKMatrix Turning(SKEncodedOrigin origin, int width, int height) =>
        origin switch
        {
            SKEncodedOrigin.TopRight => new(-1, 0, width, 0, 1, 0, 0, 0, 1),
            SKEncodedOrigin.BottomRight => new(-1, 0, width, 0, -1, height, 0, 0, 1),
            SKEncodedOrigin.BottomLeft => new(1, 0, 0, 0, -1, height, 0, 0, 1),
            SKEncodedOrigin.LeftTop => new(0, 1, 0, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightTop => new(0, -1, width, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightBottom => new(0, -1, width, -1, 0, height, 0, 0, 1),
            SKEncodedOrigin.LeftBottom => new(0, 1, 0, -1, 0, height, 0, 0, 1),
            _ => SKMatrix.Identity,
        };
}
