namespace FairCompass.Core.Notation;

/// <summary>A line that says something, with its place among the others. Blank lines and lines of comment belong to the line after
/// them and are none.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Parent">The index of the line it stands under; -1 for none.</param>
/// <param name="Words">What it says, without indentation and comment.</param>
/// <param name="Kind">The kind of node that it was read as; null when it was not understood.</param>
internal sealed record SaidLine(int Number, int Parent, string Words, Type? Kind)
{
    /// <summary>The lines of a text, as far as drafts are read: at most <see cref="NotationLimits.Lines"/>.</summary>
    /// <param name="text">Any text.</param>
    /// <param name="kinds">True to read it for the kinds of its lines.</param>
    public static List<SaidLine> Of(string text, bool kinds = true)
    {
        var read = kinds ? Parser.Kinds(text) : [];
        var all = new List<SaidLine>();
        var open = new Stack<(int Indent, int Index)>();
        var number = 0;
        foreach (var raw in text.Split('\n'))
        {
            number++;
            // What is not read is no line of the draft, and a text of nothing but line breaks costs nothing.
            if (number > NotationLimits.Lines)
            {
                break;
            }

            var said = DraftLines.WithoutComment(raw.TrimEnd('\r'));
            var words = said.Trim();
            if (words.Length == 0)
            {
                continue;
            }

            var indent = said.Length - said.TrimStart().Length;
            while (open.Count > 0 && open.Peek().Indent >= indent)
            {
                open.Pop();
            }

            var parent = open.Count == 0 ? -1 : open.Peek().Index;
            open.Push((indent, all.Count));
            all.Add(new(number, parent, words, read.GetValueOrDefault(number)));
        }

        return all;
    }
}
