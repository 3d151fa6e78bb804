using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>
/// Moves a line, with its comments and everything under it, before another line or to the end of what stands under one. Each
/// line is still the line that it was.
/// </summary>
/// <param name="Line">The line, from 1.</param>
/// <param name="Before">The line before which it goes, at whose depth it stands then; null for <paramref name="Under"/>.</param>
/// <param name="Under">The line at the end of whose lines it goes; null for <paramref name="Before"/>.</param>
public sealed record MoveLine(int Line, int? Before = null, int? Under = null) : Command
{
    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var lines = draft.Read.Text.Split('\n').ToList();
        if (LineBlock.Of(lines, Line) is not { } block)
        {
            return new FieldError("line", "There is no line here that says something.");
        }

        // The title is the first line that says something; comments may stand before it.
        var title = Enumerable.Range(1, lines.Count).First(n => LineBlock.Of(lines, n) is not null);
        if (block.Said == title)
        {
            return new FieldError("line", "The title stands first.");
        }

        if (Before is null == Under is null)
        {
            return new FieldError("before", "Say before which line it goes, or under which; one of them.");
        }

        var (field, at) = Before is { } b ? ("before", b) : ("under", Under!.Value);
        if (LineBlock.Of(lines, at) is not { } target)
        {
            return new FieldError(field, "There is no line here that says something.");
        }

        if (target.Said >= block.Said && target.Said <= block.To)
        {
            return new FieldError(field, "A line cannot go into itself.");
        }

        if (target.Said == title && Before is not null)
        {
            return new FieldError(field, "The title stands first.");
        }

        var indent = Before is null ? target.Indent + 2 : target.Indent;
        var moved = lines.Skip(block.From - 1).Take(block.To - block.From + 1).Select(l => Indented(l, indent - block.Indent)).ToList();
        var to = Before is null ? target.To + 1 : target.From;
        lines.RemoveRange(block.From - 1, moved.Count);
        lines.InsertRange((to > block.From ? to - moved.Count : to) - 1, moved);
        return DraftEdits.Between(draft.Read.Text, string.Join('\n', lines));
    }

    private static string Indented(string line, int by) =>
        line.Trim().Length == 0 ? line
        : by >= 0 ? new string(' ', by) + line
        : line[Math.Min(-by, line.Length - line.TrimStart(' ').Length)..];
}
