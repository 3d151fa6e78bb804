using System.Text.RegularExpressions;

namespace FairCompass.Core.Natural;

/// <summary>The marks of a text for headings, lists and quoted blocks (Markdown, CommonMark 0.31), which are no words of it.</summary>
internal static partial class Markup
{
    /// <summary>The lines without such marks, each at its place and depth; null where there are none.</summary>
    /// <param name="lines">The lines of a text.</param>
    public static string[]? Without(string[] lines)
    {
        string[] bare = [.. lines.Select(l => Fence.IsMatch(l) ? "" : Mark.Replace(l, "$1"))];
        return bare.AsSpan().SequenceEqual(lines) ? null : bare;
    }

    /// <summary>The words of a heading of the first rank; null for any other line.</summary>
    /// <param name="line">A line of a text.</param>
    public static string? Heading(string line) => First.Match(line) is { Success: true } m ? m.Groups[1].Value : null;

    [GeneratedRegex(@"^( *)(?:#{1,6}|[-*+]) +(?=\S)")]
    private static partial Regex Mark { get; }

    [GeneratedRegex(@"^ {0,3}(?:```|~~~)")]
    private static partial Regex Fence { get; }

    [GeneratedRegex(@"^# +(\S.*?)[ #]*$")]
    private static partial Regex First { get; }
}
