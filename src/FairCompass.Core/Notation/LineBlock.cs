namespace FairCompass.Core.Notation;

/// <summary>
/// A line with everything that belongs to it: the comments and blank lines right above it, and the lines under it with theirs.
/// Lines at the end of a text that say nothing belong to nobody.
/// </summary>
/// <param name="From">The first line, from 1.</param>
/// <param name="Said">The line itself.</param>
/// <param name="To">The last line of the block.</param>
/// <param name="Indent">How far the line is indented, in spaces.</param>
public sealed record LineBlock(int From, int Said, int To, int Indent)
{
    /// <summary>The block of a line; null when the line says nothing, or is not in the text.</summary>
    /// <param name="lines">The lines of the text.</param>
    /// <param name="number">The line, from 1.</param>
    public static LineBlock? Of(IReadOnlyList<string> lines, int number)
    {
        if (number < 1 || number > lines.Count || !Says(lines[number - 1]))
        {
            return null;
        }

        var indent = IndentOf(lines[number - 1]);
        var from = number;
        while (from > 1 && !Says(lines[from - 2]))
        {
            from--;
        }

        var to = number;
        for (var i = number + 1; i <= lines.Count; i++)
        {
            if (Says(lines[i - 1]))
            {
                if (IndentOf(lines[i - 1]) <= indent)
                {
                    break;
                }

                to = i;
            }
        }

        return new(from, number, to, indent);
    }

    private static bool Says(string raw) => DraftLines.WithoutComment(raw).Trim().Length > 0;

    private static int IndentOf(string raw) => raw.Length - raw.TrimStart(' ').Length;
}
