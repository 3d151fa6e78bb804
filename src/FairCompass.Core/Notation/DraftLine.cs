namespace FairCompass.Core.Notation;

/// <summary>One meaningful line of a draft with the lines indented under it.</summary>
internal sealed class DraftLine(int number, int level, int column, string content, string? note)
{
    /// <summary>From 1.</summary>
    public int Number { get; } = number;

    /// <summary>How deep it is indented, two spaces a level.</summary>
    public int Level { get; } = level;

    /// <summary>Where the content begins, from 1.</summary>
    public int Column { get; } = column;

    /// <summary>The line without indentation, comment, and bracketed note.</summary>
    public string Content { get; } = content;

    /// <summary>The text in brackets at the end, or null.</summary>
    public string? Note { get; } = note;

    /// <summary>The lines under it.</summary>
    public List<DraftLine> Children { get; } = [];
}

/// <summary>Splits a draft into a tree of lines. Blank lines and <c>//</c> comments are not part of it.</summary>
internal static class DraftLines
{
    public static List<DraftLine> Read(string text, List<Problem> problems, List<Token> tokens)
    {
        var roots = new List<DraftLine>();
        var open = new Stack<DraftLine>();
        var number = 0;
        foreach (var raw in text.Split('\n'))
        {
            number++;
            if (number > NotationLimits.Lines)
            {
                problems.Add(
                    new(
                        new(number, 1, Math.Max(1, raw.Length)),
                        $"A draft has at most {NotationLimits.Lines} lines; everything from here on is left out.",
                        "a shorter draft"
                    )
                );
                break;
            }

            if (One(raw.TrimEnd('\r'), number, problems, tokens) is not { } line)
            {
                continue;
            }

            while (open.Count > 0 && open.Peek().Level >= line.Level)
            {
                open.Pop();
            }

            if (line.Level > (open.Count == 0 ? 0 : open.Peek().Level + 1))
            {
                problems.Add(
                    new(
                        new(number, 1, line.Column - 1),
                        "This line is indented deeper than the line above allows.",
                        "two spaces more than the line it belongs to",
                        new Mend("Indent by one level", new TextEdit(number, 1, line.Column - 1, new string(' ', open.Count * 2)))
                    )
                );
            }

            (open.Count == 0 ? roots : open.Peek().Children).Add(line);
            open.Push(line);
        }

        return roots;
    }

    private static DraftLine? One(string raw, int number, List<Problem> problems, List<Token> tokens)
    {
        if (Unreadable(raw, number) is { } unreadable)
        {
            problems.Add(unreadable);
            return null;
        }

        var content = raw.AsSpan();
        var comment = CommentStart(raw);
        if (comment >= 0)
        {
            tokens.Add(new(number, comment + 1, raw.Length - comment, TokenKind.Remark));
            content = content[..comment];
        }

        var trimmed = content.TrimEnd(' ');
        var indent = trimmed.Length - trimmed.TrimStart(' ').Length;
        if (trimmed.Length == indent)
        {
            return null;
        }

        if (indent % 2 != 0)
        {
            problems.Add(
                new(
                    new(number, 1, indent),
                    "The indentation is an odd number of spaces; a level is two.",
                    "two spaces a level",
                    new Mend("Use " + (indent + 1) + " spaces", new TextEdit(number, 1, 0, " "))
                )
            );
        }

        var level = (indent + 1) / 2;
        if (level > NotationLimits.Levels)
        {
            problems.Add(
                new(new(number, 1, indent), $"A draft has at most {NotationLimits.Levels} levels; this line is left out.", "fewer levels")
            );
            return null;
        }

        var (body, note) = SplitNote(trimmed[indent..].ToString());
        if (note is not null)
        {
            tokens.Add(new(number, indent + body.Length + 2, trimmed.Length - indent - body.Length - 1, TokenKind.Remark));
        }

        return new DraftLine(number, level, indent + 1, body, note);
    }

    /// <summary>Why a line is left out as it stands.</summary>
    private static Problem? Unreadable(string raw, int number)
    {
        if (raw.Length > NotationLimits.LineLength)
        {
            return new(
                new(number, NotationLimits.LineLength + 1, raw.Length - NotationLimits.LineLength),
                $"A line has at most {NotationLimits.LineLength} characters; this one has {raw.Length} and is left out.",
                "a shorter line"
            );
        }

        if (Forbidden(raw) is { } bad)
        {
            return new(
                new(number, bad + 1, 1),
                "A control character or a mark that turns the reading direction is hidden here.",
                "visible characters only",
                new Mend("Remove it", new TextEdit(number, bad + 1, 1, ""))
            );
        }

        return null;
    }

    /// <summary>A line up to its private comment.</summary>
    public static string WithoutComment(string raw) => CommentStart(raw) is >= 0 and var comment ? raw[..comment] : raw;

    private static int CommentStart(string raw)
    {
        for (var i = raw.IndexOf("//", StringComparison.Ordinal); i >= 0; i = raw.IndexOf("//", i + 1, StringComparison.Ordinal))
        {
            if (i == 0 || raw[i - 1] == ' ')
            {
                return i;
            }
        }

        return -1;
    }

    private static (string Body, string? Note) SplitNote(string content)
    {
        if (!content.EndsWith(')'))
        {
            return (content, null);
        }

        var open = content.LastIndexOf(" (", StringComparison.Ordinal);
        if (open <= 0)
        {
            return (content, null);
        }

        var note = content[(open + 2)..^1];
        return note.Length == 0 || note != note.Trim() || note.Contains(')', StringComparison.Ordinal)
            ? (content, null)
            : (content[..open].TrimEnd(), note);
    }

    private static int? Forbidden(string raw)
    {
        for (var i = 0; i < raw.Length; i++)
        {
            var c = raw[i];
            var pair = char.IsHighSurrogate(c) && i + 1 < raw.Length && char.IsLowSurrogate(raw[i + 1]);
            if (Text.Characters.IsForbidden(c) || (char.IsSurrogate(c) && !pair))
            {
                return i;
            }

            i += pair ? 1 : 0;
        }

        return null;
    }
}
