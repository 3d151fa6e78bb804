using System.Globalization;
using System.Text;
using FairCompass.Core.Text;

namespace FairCompass.Access;

/// <summary>The name with which somebody signs in. Two names that look alike are one name, so that nobody passes for another.</summary>
public static class SignInName
{
    /// <summary>Letters of the fewest that a name has.</summary>
    public const int Shortest = 2;

    /// <summary>Letters of the most that a name has.</summary>
    public const int Longest = 60;

    /// <summary>Letters of other scripts, small, with the Latin letter for which they or their capital pass (a part of the confusables of
    /// Unicode Technical Standard 39, from memory).</summary>
    private static readonly Dictionary<char, char> Alike = Pairs(
            "аa еe оo рp сc хx уy іi јj ѕs һh ԁd ԛq ԝw кk мm тt вb нh αa βb εe ζz ηh ιi κk μm νn οo ρp τt υy χx ıi"
        )
        .ToDictionary();

    /// <summary>What is wrong with a name; null where nothing is.</summary>
    /// <param name="name">As it was typed.</param>
    public static string? Objection(string name)
    {
        var shown = Shown(name);
        var length = new StringInfo(shown).LengthInTextElements;
        return length is < Shortest or > Longest ? $"A name has {Shortest} to {Longest} letters."
            : shown.EnumerateRunes().All(r => Rune.IsLetterOrDigit(r) || IsMark(r) || r.Value is ' ' or '.' or '-' or '_' or '\'' or '’')
                ? null
            : "A name has letters, digits, spaces, dots, hyphens and apostrophes only.";
    }

    /// <summary>The name as it is shown: with single spaces.</summary>
    /// <param name="name">As it was typed.</param>
    public static string Shown(string name) => string.Join(' ', name.Split(' ', StringSplitOptions.RemoveEmptyEntries));

    /// <summary>By what a name is found: the same for all that look alike.</summary>
    /// <param name="name">As it was typed.</param>
    public static string Key(string name)
    {
        var key = new StringBuilder();
        foreach (var c in Shown(name).ToLowerInvariant().Select(Accents.Without))
        {
            var same = Alike.GetValueOrDefault(c, c);
            if (
                CharUnicodeInfo.GetUnicodeCategory(same) != UnicodeCategory.NonSpacingMark
                && same is not (' ' or '.' or '-' or '_' or '\'' or '’')
            )
            {
                // One, small L and capital i cannot be told apart on a screen; nor can nought and O.
                key.Append(
                    same switch
                    {
                        '1' or 'l' => 'i',
                        '0' => 'o',
                        _ => same,
                    }
                );
            }
        }

        return key.ToString();
    }

    private static bool IsMark(Rune rune) =>
        Rune.GetUnicodeCategory(rune) is UnicodeCategory.NonSpacingMark or UnicodeCategory.SpacingCombiningMark;

    private static IEnumerable<KeyValuePair<char, char>> Pairs(string text) => text.Split(' ').Select(p => KeyValuePair.Create(p[0], p[1]));
}
