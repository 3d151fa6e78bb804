using System.Globalization;
using FairCompass.Core.Text;

namespace FairCompass.Access;

/// <summary>What a passphrase must be. Length is what counts; no kinds of letters are asked for (NIST SP 800-63B, 5.1.1.2, from memory).
/// </summary>
public static class Passphrase
{
    /// <summary>Letters of the fewest.</summary>
    public const int Shortest = 12;

    /// <summary>Letters of the most: beyond that the time to hash it would be a way to keep the machine busy.</summary>
    public const int Longest = 200;

    /// <summary>Different letters that it has at least.</summary>
    private const int Different = 5;

    /// <summary>What is wrong with a passphrase; null where nothing is.</summary>
    /// <param name="passphrase">As it was typed.</param>
    /// <param name="name">The name that it goes with.</param>
    public static string? Objection(string passphrase, string name)
    {
        var letters = Letters(passphrase).ToList();
        return letters.Count < Shortest ? $"Take at least {Shortest} letters; three or four words are easy to remember."
            : letters.Count > Longest ? $"Take at most {Longest} letters."
            : letters.Distinct().Count() < Different ? "Take more than a few letters that repeat."
            : SignInName.Key(name) is { Length: > 3 } key
            && SignInName.Key(passphrase).Replace(key, "", StringComparison.Ordinal).Length < Different
                ? "Take something that is not your name."
            : null;
    }

    /// <summary>The passphrase as it is hashed: without accents, for a letter with one is written in two ways, and which of them a keyboard
    /// sends is not seen. (The standard above asks for a form of Unicode; the application runs without the system’s language
    /// data.)</summary>
    /// <param name="passphrase">As it was typed.</param>
    public static string Composed(string passphrase) =>
        string.Concat(passphrase.Where(c => CharUnicodeInfo.GetUnicodeCategory(c) != UnicodeCategory.NonSpacingMark).Select(Plain));

    private static char Plain(char c)
    {
        var plain = Accents.Without(c);
        return plain == char.ToLowerInvariant(c) ? c
            : char.IsUpper(c) ? char.ToUpperInvariant(plain)
            : plain;
    }

    private static IEnumerable<string> Letters(string text)
    {
        // No more is looked at than is needed to say that it is too long.
        var some = text.Length > Longest * 40 ? text[..(Longest * 40)] : text;
        for (var each = StringInfo.GetTextElementEnumerator(some); each.MoveNext(); )
        {
            yield return each.GetTextElement();
        }
    }
}
