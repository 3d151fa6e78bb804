using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>A text with several workouts: each begins with a heading of the first rank, or one that has a number or a letter of its own.
/// </summary>
internal static partial class Programme
{
    /// <summary>The workouts of a text; empty where there is one, or none.</summary>
    /// <param name="lines">The lines of the text.</param>
    public static Eq<TextPart> Of(string[] lines)
    {
        // A number that comes again is spoken of, and is no heading of another workout.
        var numbered = lines
            .Select((line, i) => (Match: Heading.Match(line), Line: i))
            .Where(h => h.Match.Success)
            .DistinctBy(h => h.Match.Groups[1].Value.ToUpperInvariant())
            .Select(h => h.Line);
        var ranked = lines.Index().Where(l => Markup.Heading(l.Item) is not null).Select(l => l.Index);
        return Parts([.. ranked], lines) is { Count: > 0 } parts ? parts : Parts([.. numbered], lines);
    }

    /// <summary>What stands under each of the headings; nothing where there is but one, or something without a number under one.</summary>
    private static Eq<TextPart> Parts(List<int> heads, string[] lines)
    {
        var parts = heads
            .Select((h, i) => new TextPart(Title(lines[h]), h + 1, i + 1 < heads.Count ? heads[i + 1] : lines.Length))
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
