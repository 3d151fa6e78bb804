using FairCompass.Core.Text;

namespace FairCompass.Core.Natural;

/// <summary>The words of a text, as the lexicon compares them.</summary>
internal static class Words
{
    /// <summary>The words of a phrase without plural endings, with spaces between.</summary>
    /// <param name="phrase">Any text.</param>
    public static string KeyOf(string phrase) => KeyOf(RawPiece.Split(phrase));

    /// <summary>The same of the pieces of a line.</summary>
    /// <param name="pieces">Any of them.</param>
    public static string KeyOf(IEnumerable<RawPiece> pieces) =>
        string.Join(' ', pieces.Where(p => !p.IsJoint).Select(p => p.IsWord ? Lexicon.Stem(p.Text) : p.Text));

    /// <summary>A letter in small without its accent; other characters as they are, and what is written in several ways in one.</summary>
    /// <param name="c">A character.</param>
    public static char Folded(char c) =>
        c switch
        {
            '\u2010' or '\u2011' or '\u2012' or '\u2013' or '\u2014' or '\u2015' or '\u2212' => '-',
            '\u2019' or '\u2018' or '\u2032' or '\u02B9' or '\u00B4' or '`' => '\'',
            '\u2033' or '\u201C' or '\u201D' or '\u201E' or '\u00AB' or '\u00BB' => '"',
            '\u00D7' or '\u2715' or '\u2716' => 'x',
            '\u2192' or '\u2794' or '\u279C' or '\u21D2' => '>',
            '\u2022' or '\u00B7' or '\u25AA' or '\u25E6' or '\u25CF' or '\u2023' or '\u2219' => '*',
            '\u00A0' or '\u2009' or '\u202F' or '\u3000' => ' ',
            _ => Accents.Without(c),
        };
}
