using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Notation;

/// <summary>A line of a draft that was not understood. It becomes a hole; its neighbours are still understood.</summary>
/// <param name="At">Where the reading stopped.</param>
/// <param name="Sentence">What is wrong, for a person.</param>
/// <param name="Expected">What could have stood there.</param>
/// <param name="Mend">A change that would help, or null when there is no good guess.</param>
public sealed record Problem(SourceRange At, string Sentence, string Expected, Mend? Mend = null);

/// <summary>A change of the text that mends something.</summary>
/// <param name="Label">The change in words: <c>Use 22.5 kg</c>.</param>
/// <param name="Edit">The smallest change of the text.</param>
public sealed record Mend(string Label, TextEdit Edit)
{
    /// <summary>Changes of other lines that belong to it, each in the text as it stands; none as a rule.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<TextEdit> More { get; init; }

    /// <summary>The text after all of it.</summary>
    /// <param name="body">Lines separated by <c>\n</c>.</param>
    public string ApplyTo(string body) => More.Append(Edit).OrderByDescending(e => e.Line).Aggregate(body, (text, e) => e.ApplyTo(text));
}

/// <summary>Replaces a piece of one line. Columns count UTF-16 units from 1, as JavaScript and C# both do.</summary>
/// <param name="Line">From 1.</param>
/// <param name="Column">From 1.</param>
/// <param name="Length">How many units are replaced; 0 inserts.</param>
/// <param name="Text">The new text; may contain line breaks.</param>
public sealed record TextEdit(int Line, int Column, int Length, string Text)
{
    /// <summary>An edit at its line; the piece that it replaces stands in one line.</summary>
    public static TextEdit Of(string body, Edit edit)
    {
        var line = body.AsSpan(0, edit.From).Count('\n') + 1;
        var start = edit.From == 0 ? 0 : body.LastIndexOf('\n', edit.From - 1) + 1;
        return new(line, edit.From - start + 1, edit.To - edit.From, edit.Insert);
    }

    /// <summary>The text after this change; unchanged when the place does not exist.</summary>
    /// <param name="body">Lines separated by <c>\n</c>.</param>
    public string ApplyTo(string body)
    {
        var lines = body.Split('\n');
        if (Line < 1 || Line > lines.Length || Column < 1 || Column - 1 + Length > lines[Line - 1].Length)
        {
            return body;
        }

        var line = lines[Line - 1];
        lines[Line - 1] = line[..(Column - 1)] + Text + line[(Column - 1 + Length)..];
        return string.Join('\n', lines);
    }
}

/// <summary>What a piece of a draft is, for colouring.</summary>
public enum TokenKind
{
    /// <summary>The first line.</summary>
    Title,

    /// <summary>A small word of the notation.</summary>
    Word,

    /// <summary>A number, series, or time.</summary>
    Number,

    /// <summary>The name of a movement.</summary>
    Movement,

    /// <summary>A name of a division, duty, piece, or group.</summary>
    Name,

    /// <summary>Free words: a note or a private comment.</summary>
    Remark,
}

/// <summary>A coloured piece of a draft.</summary>
public readonly record struct Token(int Line, int Column, int Length, TokenKind Kind);
