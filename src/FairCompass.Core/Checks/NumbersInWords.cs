using System.Globalization;
using System.Text.RegularExpressions;

namespace FairCompass.Core.Checks;

/// <summary>A number in free words, with the word that it counts.</summary>
/// <param name="Written">As it stands there: <c>80</c>, <c>nine</c>, <c>a dozen</c>.</param>
/// <param name="Value">What it is; of a time the minutes.</param>
/// <param name="What">The word behind it in the singular; null where none stands there.</param>
/// <param name="At">Where it stands in the words, from 0.</param>
/// <param name="IsCap">True where the words beside it speak of the cap.</param>
internal sealed record NumberInWords(string Written, decimal Value, string? What, int At, bool IsCap)
{
    /// <summary>True for minutes.</summary>
    public bool IsTime => What is "minute" or "min";

    /// <summary>Another number in the same manner: in words where this one is.</summary>
    /// <param name="value">The number.</param>
    public string Like(decimal value) =>
        !char.IsAsciiDigit(Written[0]) && NumbersInWords.InWords(value) is { } words
            ? words
            : value.ToString("0.##", CultureInfo.InvariantCulture);
}

/// <summary>Reads numbers in figures and in English words from zero to a hundred, with dozen and half.</summary>
internal static partial class NumbersInWords
{
    private static readonly string[] Small =
    [
        "zero",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen",
    ];

    private static readonly string[] Tens = ["", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"];

    private static readonly Dictionary<string, decimal> Words = Enumerable
        .Range(0, 101)
        .Select(n => (Word: InWords(n)!, Value: (decimal)n))
        .Append((Word: "a dozen", Value: 12m))
        .Append((Word: "dozen", Value: 12m))
        .ToDictionary(x => x.Word, x => x.Value, StringComparer.OrdinalIgnoreCase);

    private static readonly Regex Said = new(
        $@"(?<n>\b\d+(?:\.\d+)?\b|\b(?:{string.Join('|', Words.Keys.OrderByDescending(k => k.Length).Select(Regex.Escape))})\b)"
            + @"(?<half> and a half)?(?<what>(?:[ -][A-Za-z’'-]+){0,3})",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    );

    /// <summary>A whole number from 0 to 100 in words; null for any other.</summary>
    /// <param name="value">The number.</param>
    public static string? InWords(decimal value) =>
        value % 1 != 0 || value is < 0 or > 100 ? null
        : value < 20 ? Small[(int)value]
        : value == 100 ? "a hundred"
        : Tens[(int)value / 10] + (value % 10 == 0 ? "" : "-" + Small[(int)value % 10]);

    /// <summary>Every number of a text with the word behind it: the longest that may be a name.</summary>
    /// <param name="text">Free words.</param>
    public static IEnumerable<NumberInWords> Of(string text)
    {
        // A number after such a word counts a part: “after two rounds”, “at least 10 pull-ups”.
        foreach (var match in Said.Matches(text).Where(m => !OfAPart().IsMatch(text[..m.Index])))
        {
            var (from, to) = (text.LastIndexOfAny(Ends, match.Index) + 1, text.IndexOfAny(Ends, match.Index));
            var cap = Cap().IsMatch(text[from..(to < 0 ? text.Length : to)]) && !Apart().IsMatch(match.Groups["what"].Value);
            var written = match.Groups["n"].Value;
            var value = char.IsAsciiDigit(written[0]) ? decimal.Parse(written, CultureInfo.InvariantCulture) : Words[written];
            var words = match.Groups["what"].Value.Trim(' ', '-').Split(' ', StringSplitOptions.RemoveEmptyEntries);
            for (var n = words.Length; n >= 0; n--)
            {
                var what = n == 0 ? null : Singular(string.Join(' ', words.Take(n)));
                yield return new(
                    written + match.Groups["half"].Value,
                    value + (match.Groups["half"].Success ? 0.5m : 0),
                    what,
                    match.Index,
                    cap
                );
            }
        }
    }

    private static string Singular(string word) =>
        word.Length > 3 && word.EndsWith('s') && !word.EndsWith("ss", StringComparison.Ordinal)
            ? word[..^1].ToLowerInvariant()
            : word.ToLowerInvariant();

    private static readonly char[] Ends = [',', ';', '.', ':'];

    [GeneratedRegex(@"\b(cap|time limit)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Cap();

    [GeneratedRegex(@"\b(before|after|to go|left)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Apart();

    [GeneratedRegex(@"\b(after|first|last|every|each|next|than|until|at least|at most|up to|sets of)( the)? $", RegexOptions.IgnoreCase)]
    private static partial Regex OfAPart();
}
