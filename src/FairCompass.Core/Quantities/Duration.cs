using System.Globalization;

namespace FairCompass.Core.Quantities;

/// <summary>A length of time or a reading of the heat clock in whole milliseconds; never a binary fraction of a second.</summary>
/// <param name="Ms">Milliseconds; not negative in a draft.</param>
public readonly record struct Duration(long Ms) : IComparable<Duration>
{
    /// <summary>No time at all.</summary>
    public static Duration Zero => default;

    /// <summary>The duration of a whole number of seconds.</summary>
    public static Duration Seconds(long seconds) => new(checked(seconds * 1000));

    /// <summary>Reads <c>m:ss</c>, <c>h:mm:ss</c>, each with an optional fraction of up to three digits.</summary>
    /// <param name="text">For example <c>8:00</c>, <c>1:02:03</c>, <c>7:41.3</c>. Minutes of <c>m:ss</c> may go to 999.</param>
    /// <returns>Null when the text has another form, seconds over 59, or more than 24 hours.</returns>
    public static Duration? TryParse(string text)
    {
        var fraction = 0L;
        var dot = text.IndexOf('.', StringComparison.Ordinal);
        if (dot >= 0)
        {
            var digits = text[(dot + 1)..];
            if (digits.Length is 0 or > 3 || !IsDigits(digits))
            {
                return null;
            }

            fraction = long.Parse(digits.PadRight(3, '0'), NumberStyles.None, CultureInfo.InvariantCulture);
            text = text[..dot];
        }

        var parts = text.Split(':');
        if (parts.Length is < 2 or > 3 || parts.Any(p => !IsDigits(p)) || parts[0].Length > 3 || parts.Skip(1).Any(p => p.Length != 2))
        {
            return null;
        }

        var n = parts.Select(p => long.Parse(p, NumberStyles.None, CultureInfo.InvariantCulture)).ToArray();
        if (n[^1] > 59 || (n.Length == 3 && n[1] > 59))
        {
            return null;
        }

        var seconds = n.Length == 3 ? (n[0] * 3600) + (n[1] * 60) + n[2] : (n[0] * 60) + n[1];
        var ms = (seconds * 1000) + fraction;
        return ms > 24L * 3600 * 1000 ? null : new Duration(ms);
    }

    /// <summary>The time as a clock shows it: <c>8:00</c>, <c>1:02:03</c>, <c>7:41.3</c>; a fraction only where there is one.</summary>
    public override string ToString()
    {
        var total = Math.Abs(Ms);
        var (h, m, s, f) = (total / 3_600_000, total / 60_000 % 60, total / 1000 % 60, total % 1000);
        var fraction = f == 0 ? "" : "." + f.ToString("000", CultureInfo.InvariantCulture).TrimEnd('0');
        var sign = Ms < 0 ? "-" : "";
        return h > 0
            ? string.Create(CultureInfo.InvariantCulture, $"{sign}{h}:{m:00}:{s:00}{fraction}")
            : string.Create(CultureInfo.InvariantCulture, $"{sign}{m}:{s:00}{fraction}");
    }

    /// <inheritdoc/>
    public int CompareTo(Duration other) => Ms.CompareTo(other.Ms);

    /// <summary>The sum; overflow throws.</summary>
    public static Duration operator +(Duration a, Duration b) => new(checked(a.Ms + b.Ms));

    /// <summary>The difference; may be negative.</summary>
    public static Duration operator -(Duration a, Duration b) => new(checked(a.Ms - b.Ms));

    /// <summary>Shorter than.</summary>
    public static bool operator <(Duration a, Duration b) => a.Ms < b.Ms;

    /// <summary>Longer than.</summary>
    public static bool operator >(Duration a, Duration b) => a.Ms > b.Ms;

    /// <summary>Not longer than.</summary>
    public static bool operator <=(Duration a, Duration b) => a.Ms <= b.Ms;

    /// <summary>Not shorter than.</summary>
    public static bool operator >=(Duration a, Duration b) => a.Ms >= b.Ms;

    private static bool IsDigits(string s) => s.Length > 0 && s.All(char.IsAsciiDigit);
}
