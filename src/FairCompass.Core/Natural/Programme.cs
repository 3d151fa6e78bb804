using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>A text with several workouts: each begins with a heading that has a number or a letter of its own.</summary>
internal static partial class Programme
{
    /// <summary>The workouts of a text; empty where there is one, or none.</summary>
    /// <param name="lines">The lines of the text.</param>
    public static Eq<TextPart> Of(string[] lines)
    {
        var heads = lines.Select((line, i) => (Match: Heading.Match(line), Line: i)).Where(h => h.Match.Success).ToList();
        // A number that comes again is spoken of, and is no heading of another workout.
        heads = heads.DistinctBy(h => h.Match.Groups[1].Value.ToUpperInvariant()).ToList();
        var parts = heads
            .Select((h, i) => new TextPart(Title(lines[h.Line]), h.Line + 1, i + 1 < heads.Count ? heads[i + 1].Line : lines.Length))
            .ToList();
        return parts.Count > 1 && parts.TrueForAll(p => lines[p.From..p.To].Any(l => l.Any(char.IsAsciiDigit))) ? parts.ToEq() : [];
    }

    private static string Title(string line)
    {
        var title = line.Trim(' ', '#', '*', '-', '=', ':', '\t');
        return title.Length > 60 ? title[..59] + "…" : title;
    }

    [GeneratedRegex(
        @"^[\s#*=_-]*(?:event|workout|wod|prueba|evento|entreno|qualifier|test|metcon)\s*(?:#|n[ºo°]\.?)?\s*"
            + @"([0-9]{1,2}[a-z]?|(?-i:[A-Z])|one|two|three|four|five|six)\b"
            + @"(?!\s*(?:min|sec|rounds?|reps?|cal|m|kg|lbs?)\b|\s*[x×/'])[^.!?]{0,70}$",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Heading { get; }
}
