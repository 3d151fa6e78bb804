using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>Lengths of time as they are written: <c>1:30</c>, <c>12'</c>, <c>2'30"</c>, <c>90 s</c>, <c>12 minutes</c>.</summary>
internal static class Times
{
    private const long Second = 1000;
    private const long Minute = 60 * Second;

    /// <summary>The time that begins at a place: milliseconds, how many pieces it takes, and the number that it would be
    /// otherwise.</summary>
    /// <param name="raw">The pieces of a line.</param>
    /// <param name="at">A number among them.</param>
    /// <param name="unitOf">The unit that a piece is.</param>
    public static (long Ms, int Used, Figure? Plain)? At(List<RawPiece> raw, int at, Func<RawPiece, string?> unitOf)
    {
        var value = raw[at].Value!.Value;
        if (Clock(raw, at) is { } clock)
        {
            return clock;
        }

        if (at > 0 && raw[at - 1] is { Text: "/" or "x" } && raw[at - 1].End == raw[at].Column)
        {
            return null;
        }

        if (Text(at + 1) == "'" && raw[at + 1].Column == raw[at].End && value <= 600 && value == decimal.Truncate(value))
        {
            return Value(at + 2) is { } seconds && seconds < 60 && Text(at + 3) == "\""
                ? ((long)value * Minute + (long)(seconds * Second), 4, null)
                : ((long)value * Minute, 2, null);
        }

        if (Text(at + 1) == "\"" && raw[at + 1].Column == raw[at].End && value == decimal.Truncate(value))
        {
            return ((long)value * Second, 2, new([value], [], "in"));
        }

        var unit = at + 1 < raw.Count ? unitOf(raw[at + 1]) : null;
        if (unit is not ("min" or "s") || value > 600)
        {
            return null;
        }

        // 22.5s are dumbbells; a number with a plural ending may be either.
        var close = unit == "s" && raw[at + 1].Text == "s" && raw[at + 1].Column == raw[at].End;
        if (close && value != decimal.Truncate(value))
        {
            return null;
        }

        var ms = (long)(value * (unit == "min" ? Minute : Second));
        return unit == "min" && Value(at + 2) is { } more && at + 3 < raw.Count && unitOf(raw[at + 3]) == "s"
            ? (ms + (long)(more * Second), 4, null)
            : (ms, 2, close ? new([value], [], "") : null);

        string? Text(int i) => i < raw.Count ? raw[i].Text : null;
        decimal? Value(int i) => i < raw.Count ? raw[i].Value : null;
    }

    /// <summary>A time with a colon, whose minutes and seconds have two digits.</summary>
    private static (long, int, Figure?)? Clock(List<RawPiece> raw, int at)
    {
        bool Joined(int i) =>
            i + 1 < raw.Count
            && raw[i].Text == ":"
            && raw[i].Column == raw[i - 1].End
            && raw[i + 1] is { Value: < 60, Length: 2 }
            && raw[i + 1].Column == raw[i].End;
        if (raw[at].Length > 3 || !Joined(at + 1))
        {
            return null;
        }

        var (first, second) = ((long)raw[at].Value!.Value, (long)raw[at + 2].Value!.Value);
        return Joined(at + 3)
            ? ((first * 60 * Minute) + (second * Minute) + ((long)raw[at + 4].Value!.Value * Second), 5, null)
            : ((first * Minute) + (second * Second), 3, null);
    }

    /// <summary>A time as drafts write it: <c>12:00</c>.</summary>
    /// <param name="ms">Whole seconds, in milliseconds.</param>
    public static string Written(long ms) => new Duration(ms).ToString();
}
