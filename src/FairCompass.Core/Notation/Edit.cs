using FairCompass.Core.Quantities;

namespace FairCompass.Core.Notation;

/// <summary>Replaces a piece of a text. Offsets count UTF-16 units from 0 over the whole text, as JavaScript and C# both do.</summary>
/// <param name="From">Where the piece begins.</param>
/// <param name="To">Where it ends, not before <paramref name="From"/>; equal to insert.</param>
/// <param name="Insert">The new text; may be empty and may hold line breaks.</param>
public sealed record Edit(int From, int To, string Insert);

/// <summary>Edits of one text, together.</summary>
public static class Edits
{
    /// <summary>The text after edits that were worked out for it.</summary>
    /// <param name="body">The text they hold for.</param>
    /// <param name="edits">In the order of the text, not overlapping.</param>
    /// <exception cref="ArgumentException">The edits overlap, stand in another order, or lie outside the text.</exception>
    public static string Apply(string body, IReadOnlyList<Edit> edits)
    {
        var text = new System.Text.StringBuilder(body.Length);
        var at = 0;
        foreach (var edit in edits)
        {
            if (edit.From < at || edit.To < edit.From || edit.To > body.Length)
            {
                throw new ArgumentException($"{edit} does not fit in a text of {body.Length} after {at}.", nameof(edits));
            }

            text.Append(body, at, edit.From - at).Append(edit.Insert);
            at = edit.To;
        }

        return text.Append(body, at, body.Length - at).ToString();
    }

    /// <summary>The smallest edit that makes one text of another; none when they are equal.</summary>
    public static Eq<Edit> Between(string before, string after)
    {
        if (before == after)
        {
            return [];
        }

        var same = Math.Min(before.Length, after.Length);
        var head = 0;
        while (head < same && before[head] == after[head])
        {
            head++;
        }

        var tail = 0;
        while (tail < same - head && before[^(tail + 1)] == after[^(tail + 1)])
        {
            tail++;
        }

        // A pair of UTF-16 units is never cut in two.
        head -= head > 0 && char.IsHighSurrogate(before[head - 1]) ? 1 : 0;
        tail -= tail > 0 && char.IsLowSurrogate(before[^tail]) ? 1 : 0;
        return [new Edit(head, before.Length - tail, after[head..^tail])];
    }

    /// <summary>A change of one line as offsets; null when the place is not in the text.</summary>
    public static Edit? At(string body, TextEdit edit)
    {
        var start = 0;
        for (var line = 1; line < edit.Line; line++)
        {
            start = body.IndexOf('\n', start) + 1;
            if (start == 0)
            {
                return null;
            }
        }

        var end = body.IndexOf('\n', start);
        var from = start + edit.Column - 1;
        return edit.Line >= 1 && edit.Column >= 1 && from + edit.Length <= (end < 0 ? body.Length : end)
            ? new Edit(from, from + edit.Length, edit.Text)
            : null;
    }
}
