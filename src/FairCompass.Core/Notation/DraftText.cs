namespace FairCompass.Core.Notation;

/// <summary>Draft texts as they are written: lines separated by <c>\n</c>.</summary>
public static class DraftText
{
    /// <summary>The text with a line after its last line that says something; it ends with a line break.</summary>
    /// <param name="body">Any text.</param>
    /// <param name="line">One line.</param>
    public static string Append(string body, string line)
    {
        var lines = body.Split('\n');
        return string.Join('\n', lines.Take(LastLine(lines) + 1).Append(line)) + "\n";
    }

    /// <summary>The change that writes a line behind the last one that says something.</summary>
    /// <param name="lines">The lines, without line breaks.</param>
    /// <param name="text">The new line.</param>
    public static TextEdit AtTheEnd(IReadOnlyList<string> lines, string text)
    {
        var last = LastLine(lines);
        return new(Math.Max(0, last) + 1, (last < 0 ? 0 : lines[last].Length) + 1, 0, "\n" + text);
    }

    /// <summary>The index of the last line that says something; -1 when none does.</summary>
    public static int LastLine(IReadOnlyList<string> lines)
    {
        for (var i = lines.Count - 1; i >= 0; i--)
        {
            if (lines[i].Trim().Length > 0)
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>Why a text cannot take one more line at its end; null when it can.</summary>
    /// <param name="body">The text.</param>
    /// <param name="line">The line.</param>
    public static string? NoRoom(string body, string line)
    {
        var lines = LastLine(body.Split('\n')) + 2;
        return line.Length > NotationLimits.LineLength
                ? $"The line would have {line.Length} characters; a line of a draft has at most {NotationLimits.LineLength}."
            : lines > NotationLimits.Lines
                ? $"The draft has {lines - 1} lines and takes no more than {NotationLimits.Lines}; take some out first."
            : Append(body, line).Length > NotationLimits.Characters
                ? $"The draft is full: it has at most {NotationLimits.Characters} characters; take some out first."
            : null;
    }
}
