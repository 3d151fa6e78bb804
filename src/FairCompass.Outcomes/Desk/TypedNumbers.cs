using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Outcomes.Desk;

/// <summary>Numbers as judges write them.</summary>
public static partial class TypedNumbers
{
    /// <summary>A time: <c>7:30</c>, <c>12:04,3</c>, <c>12:04.3</c>, <c>1:02:03</c>, <c>48.2</c>; null for anything else.</summary>
    /// <param name="text">As it was typed.</param>
    public static Duration? Time(string text)
    {
        var m = Clock().Match(text.Trim());
        if (!m.Success)
        {
            return null;
        }

        long Part(string group) => m.Groups[group].Success ? long.Parse(m.Groups[group].Value, CultureInfo.InvariantCulture) : 0;
        var fraction = m.Groups["f"].Success ? long.Parse(m.Groups["f"].Value.PadRight(3, '0'), CultureInfo.InvariantCulture) : 0;
        return (m.Groups["h"].Success && Part("m") > 59) || (m.Groups["m"].Success && Part("s") > 59)
            ? null
            : new Duration((((((Part("h") * 60) + Part("m")) * 60) + Part("s")) * 1000) + fraction);
    }

    /// <summary>A whole number from 0; null for anything else.</summary>
    /// <param name="text">As it was typed.</param>
    public static long? Whole(string text) =>
        text.Trim() is { Length: > 0 and <= 9 } t && t.All(char.IsAsciiDigit) ? long.Parse(t, CultureInfo.InvariantCulture) : null;

    /// <summary>Full rounds and what stands behind them: <c>4+11</c>, <c>4 + 11</c>; null for anything else.</summary>
    /// <param name="text">As it was typed.</param>
    public static (long Rounds, long Beyond)? Rounds(string text) =>
        text.Split('+') is [var rounds, var beyond] && Whole(rounds) is { } r && Whole(beyond) is { } b ? (r, b) : null;

    /// <summary>A load: <c>87.5</c>, <c>87,5</c>; null for anything else.</summary>
    /// <param name="text">As it was typed.</param>
    public static decimal? Load(string text) =>
        Decimal().IsMatch(text.Trim()) ? decimal.Parse(text.Trim().Replace(',', '.'), CultureInfo.InvariantCulture) : null;

    /// <summary>The same with letters that look like digits read as these: <c>7:3O</c> as 7:30; null where there are none.</summary>
    /// <param name="text">As it was typed.</param>
    public static string? Lookalikes(string text)
    {
        var read = string.Concat(
            text.Select(c =>
                c switch
                {
                    'O' or 'o' or 'D' or 'Q' => '0',
                    'l' or 'I' or '|' or 'i' => '1',
                    'Z' or 'z' => '2',
                    'S' or 's' => '5',
                    'B' => '8',
                    ';' => ':',
                    _ => c,
                }
            )
        );
        return read == text ? null : read;
    }

    [GeneratedRegex(@"^(?:(?:(?<h>\d{1,2}):)?(?<m>\d{1,3}):)?(?<s>\d{1,3})(?:[.,](?<f>\d{1,3}))?$")]
    private static partial Regex Clock();

    [GeneratedRegex(@"^\d{1,4}(?:[.,]\d{1,3})?$")]
    private static partial Regex Decimal();
}
