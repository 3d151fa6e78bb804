namespace FairCompass.Documents;

/// <summary>
/// A short film as its pictures side by side, row under row, in one: any browser plays it, at any speed and as stills, and nothing of
/// sound, place or device is in it.
/// </summary>
/// <param name="Jpeg">All pictures in one; empty where it was refused.</param>
/// <param name="Wide">Pixels across of one picture.</param>
/// <param name="High">Pixels down of one picture.</param>
/// <param name="Refused">Why it is not taken, for a person; null where it is.</param>
public sealed record FilmStrip(byte[] Jpeg, int Wide, int High, string? Refused)
{
    /// <summary>Pictures a second: a rep is followed by the eye, and five seconds fit.</summary>
    public const int Rate = 12;

    /// <summary>The fewest pictures: half a second.</summary>
    public const int Fewest = Rate / 2;

    /// <summary>The most pictures: five seconds.</summary>
    public const int Most = 5 * Rate;

    /// <summary>Pixels of the shorter side of a picture below which nobody sees a joint.</summary>
    private const int Smallest = 100;

    /// <summary>Reads the pictures of a film.</summary>
    /// <param name="file">One JPEG, PNG or WebP with all of them; it is drawn anew.</param>
    /// <param name="frames">How many there are.</param>
    /// <param name="across">How many stand beside each other.</param>
    public static FilmStrip Read(byte[] file, int frames, int across)
    {
        if (frames is < Fewest or > Most)
        {
            return No($"A film of one rep has {Fewest} to {Most} pictures, {Rate} a second: at most {Most / Rate} seconds.");
        }

        if (across < 1 || across > frames)
        {
            return No("At least one picture stands beside another, and no more than there are.");
        }

        var read = Photograph.Read(file);
        if (read.Refused is { } why)
        {
            return No(why);
        }

        var rows = (frames + across - 1) / across;
        var (wide, high) = (read.Width / across, read.Height / rows);
        return wide * across != read.Width || high * rows != read.Height
                ? No($"The pictures of a film are of one size, all together at most {Photograph.LongestSide} pixels a side.")
            : Math.Min(wide, high) < Smallest ? No($"Pictures of {wide} × {high} pixels are too small to see a joint.")
            : new(read.Jpeg, wide, high, null);
    }

    private static FilmStrip No(string why) => new([], 0, 0, why);
}
