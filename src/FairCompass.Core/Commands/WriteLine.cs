using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Commands;

/// <summary>Writes a line of the draft anew, where it stands and as deep as it stands: the answer to a question that only its author can
/// give, such as a load that nobody has said.</summary>
/// <param name="Line">From 1.</param>
/// <param name="Was">The line as it was shown, without the spaces before it; another one is refused.</param>
/// <param name="Text">What stands there then, 1 to 300 characters on one line.</param>
public sealed record WriteLine(int Line, string Was, string Text) : Command
{
    private const int Longest = 300;

    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var lines = draft.Read.Text.Split('\n');
        if (Line < 1 || Line > lines.Length || lines[Line - 1].Trim() != Was.Trim())
        {
            return new FieldError("line", "The draft has another line there now.");
        }

        var text = Text.Trim();
        if (text.Length is < 1 or > Longest || text.Any(char.IsControl))
        {
            return new FieldError("text", $"Write 1 to {Longest} characters on one line.");
        }

        var indent = lines[Line - 1].Length - lines[Line - 1].TrimStart().Length;
        var at = new TextEdit(Line, indent + 1, lines[Line - 1].TrimEnd().Length - indent, text);
        return text == lines[Line - 1].Trim()
            ? DraftEdits.In(draft.Read.Text, [])
            : DraftEdits.In(draft.Read.Text, [Edits.At(draft.Read.Text, at)!]);
    }
}
