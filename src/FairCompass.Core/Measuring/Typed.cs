using System.Globalization;
using System.Text.RegularExpressions;

namespace FairCompass.Core.Measuring;

/// <summary>Reads a length as people type it off a tape.</summary>
public static partial class Typed
{
    [GeneratedRegex(
        @"^(?:(?<whole>[0-9]{1,5})(?:\.(?<part>[0-9]{1,4}))?|(?:(?<whole>[0-9]{1,5})[ -])?(?<over>[0-9]{1,3})/(?<of>[0-9]{1,3}))$"
    )]
    private static partial Regex Shape { get; }

    /// <summary>A decimal, a fraction, or a whole number with a fraction: <c>2124</c>, <c>83.5</c>, <c>1/2</c>, <c>83 1/2</c>.</summary>
    /// <param name="typed">What was typed, without its unit; white space around it does not matter.</param>
    /// <param name="objection">What is wrong with it; null when it was read.</param>
    /// <returns>The value, exact to four decimals; null with an objection.</returns>
    public static decimal? Read(string typed, out string? objection)
    {
        objection = null;
        var text = typed.Trim();
        var match = Shape.Match(text);
        if (!match.Success)
        {
            objection =
                text.Length == 0 ? "Type what the tape shows."
                : text.Contains(',', StringComparison.Ordinal) ? $"Write {text.Replace(',', '.')}: decimals have a point."
                : "A number is needed, such as 2124, 83.5 or 83 1/2.";
            return null;
        }

        decimal Of(string name) =>
            match.Groups[name].Success ? decimal.Parse(match.Groups[name].Value, NumberStyles.None, CultureInfo.InvariantCulture) : 0;
        if (!match.Groups["of"].Success)
        {
            return decimal.Parse(match.Value, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture);
        }

        if (Of("of") == 0)
        {
            objection = "A fraction of zero is no length.";
            return null;
        }

        return Of("whole") + Math.Round(Of("over") / Of("of"), 4, MidpointRounding.AwayFromZero);
    }
}
