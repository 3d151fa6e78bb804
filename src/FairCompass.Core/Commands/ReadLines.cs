using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>
/// Reads lines that were typed or pasted as coaches write them, each in its place. A line that the notation has, and one that cannot be
/// read, stays as it is. An empty line behind them is indented as what comes next.
/// </summary>
/// <param name="From">The first line, from 1.</param>
/// <param name="To">The last one, not before <paramref name="From"/>; at most <see cref="TypedLines.Most"/> are read.</param>
public sealed record ReadLines(int From, int To) : Command
{
    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var before = draft.Read.Text;
        var count = before.Count(c => c == '\n') + 1;
        if (From < 1 || From > count)
        {
            return new FieldError("from", "There is no such line.");
        }

        if (To < From || To > count)
        {
            return new FieldError("to", "There is no such line behind the first.");
        }

        var read = TypedLines.Read(draft.Read.Competition, before, From, To, typing: true);
        var after = TypedLines.Apply(before, read.Lines);
        var edits = Edits.Between(before, after).ToList();
        var lines = before.Split('\n');
        if (To < count && lines[To].Trim().Length == 0)
        {
            // An edit of its own, so that it can be left out where somebody has typed there meanwhile.
            var start = lines.Take(To).Sum(l => l.Length + 1);
            var indent = TypedLines.IndentBehind(after, To + after.Count(c => c == '\n') + 1 - count);
            if (lines[To].Length != indent)
            {
                edits.Add(new(start, start + lines[To].Length, new string(' ', indent)));
            }
        }

        return DraftEdits.In(before, edits.ToEq());
    }
}
