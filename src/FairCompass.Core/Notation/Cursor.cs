using System.Globalization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Notation;

/// <summary>
/// Reads one line from left to right. Words are looked for only where the grammar allows them, so no word is reserved
/// inside a movement's name. The first failure is kept; nothing throws.
/// </summary>
internal sealed partial class Cursor(DraftLine line, List<Token> tokens)
{
    private readonly string s = line.Content;
    private int at;

    public Problem? Problem { get; private set; }

    public bool Failed => Problem is not null;

    public bool AtEnd
    {
        get
        {
            SkipSpaces();
            return at >= s.Length;
        }
    }

    /// <summary>The next character, or a space at the end.</summary>
    public char Next
    {
        get
        {
            SkipSpaces();
            return at < s.Length ? s[at] : ' ';
        }
    }

    public string Rest
    {
        get
        {
            SkipSpaces();
            return s[at..];
        }
    }

    public int Mark()
    {
        SkipSpaces();
        return at;
    }

    public (int At, int Tokens) Save() => (at, tokens.Count);

    public void Back((int At, int Tokens) saved)
    {
        at = saved.At;
        tokens.RemoveRange(saved.Tokens, tokens.Count - saved.Tokens);
        Problem = null;
    }

    public SourceRange From(int start)
    {
        var end = at;
        while (end > start && s[end - 1] == ' ')
        {
            end--;
        }

        return new(line.Number, line.Column + start, Math.Max(end - start, 0));
    }

    /// <summary>Records the first failure and returns false.</summary>
    public bool Fail(string sentence, string expected, Func<SourceRange, Mend?>? mend = null, int? start = null)
    {
        if (Problem is not null)
        {
            return false;
        }

        SkipSpaces();
        var from = start ?? at;
        var end = start is null ? EndOfPiece(from) : Math.Max(EndOfPiece(at), from);
        var range = new SourceRange(line.Number, line.Column + from, Math.Max(1, end - from));
        Problem = new(range, sentence, expected, mend?.Invoke(range));
        return false;
    }

    /// <summary>Reads a phrase of small words if it stands here.</summary>
    public bool Eat(string phrase, TokenKind kind = TokenKind.Word)
    {
        SkipSpaces();
        var end = Match(phrase);
        if (end < 0)
        {
            return false;
        }

        tokens.Add(new(line.Number, line.Column + at, end - at, kind));
        at = end;
        return true;
    }

    public bool Peek(string phrase)
    {
        SkipSpaces();
        return Match(phrase) >= 0;
    }

    public bool EatChar(char c)
    {
        if (Next != c || at >= s.Length)
        {
            return false;
        }

        at++;
        return true;
    }

    /// <summary>True when a number, <c>unset</c> included, stands here.</summary>
    public bool AtNumber => char.IsAsciiDigit(Next) || Peek("unset");

    /// <summary>True when digits and a colon stand here.</summary>
    public bool AtTime
    {
        get
        {
            SkipSpaces();
            var i = at;
            while (i < s.Length && char.IsAsciiDigit(s[i]))
            {
                i++;
            }

            return i > at && i + 1 < s.Length && s[i] == ':' && char.IsAsciiDigit(s[i + 1]);
        }
    }

    /// <summary>A name up to a comma, colon, stroke, or the end, shortened by trailing spaces; null when none stands here.</summary>
    /// <param name="kind">What it is, for colouring.</param>
    /// <param name="stop">Phrases that end it as well.</param>
    public string? Name(TokenKind kind, params ReadOnlySpan<string> stop)
    {
        SkipSpaces();
        var start = at;
        var end = at;
        while (end < s.Length && IsNameCharacter(s[end]))
        {
            if (end > start && s[end] == ' ' && StopsAt(end + 1, stop))
            {
                break;
            }

            end++;
        }

        while (end > start && s[end - 1] == ' ')
        {
            end--;
        }

        if (end == start || !char.IsLetterOrDigit(s, start))
        {
            return null;
        }

        at = end;
        tokens.Add(new(line.Number, line.Column + start, end - start, kind));
        return s[start..end];
    }

    /// <summary>All that is left of the line.</summary>
    public string TakeRest(TokenKind kind)
    {
        SkipSpaces();
        var rest = s[at..].TrimEnd();
        if (rest.Length > 0)
        {
            tokens.Add(new(line.Number, line.Column + at, rest.Length, kind));
        }

        at = s.Length;
        return rest;
    }

    /// <summary>Everything up to a colon that is followed by a space or the end, if there is one.</summary>
    public bool HasColonAhead => ColonAhead() >= 0;

    private int ColonAhead()
    {
        for (var i = at; i < s.Length; i++)
        {
            if (s[i] == ':' && (i + 1 == s.Length || s[i + 1] == ' '))
            {
                return i;
            }
        }

        return -1;
    }

    private bool StopsAt(int index, ReadOnlySpan<string> stop)
    {
        while (index < s.Length && s[index] == ' ')
        {
            index++;
        }

        foreach (var phrase in stop)
        {
            if (Match(phrase, index) >= 0)
            {
                return true;
            }
        }

        return false;
    }

    private static bool IsNameCharacter(char c) =>
        char.IsLetterOrDigit(c)
        || char.IsSurrogate(c)
        || c is ' ' or '-' or '\'' or '&' or '+' or '’'
        || char.GetUnicodeCategory(c) is UnicodeCategory.NonSpacingMark or UnicodeCategory.SpacingCombiningMark;

    private int Match(string phrase) => Match(phrase, at);

    private int Match(string phrase, int from)
    {
        var i = from;
        foreach (var c in phrase)
        {
            if (i >= s.Length || s[i] != c)
            {
                return -1;
            }

            i++;
            if (c == ' ')
            {
                while (i < s.Length && s[i] == ' ')
                {
                    i++;
                }
            }
        }

        var last = phrase[^1];
        if (
            phrase == "unset"
            && i + 1 < s.Length
            && s[i] == '-'
            && (char.IsAsciiDigit(s[i + 1]) || s[i + 1] == '.' || s.AsSpan(i + 1).StartsWith("unset"))
        )
        {
            // Inside a series the hyphen belongs to the series, not to a name.
            return i;
        }

        return char.IsLetterOrDigit(last) && i < s.Length && (char.IsLetterOrDigit(s[i]) || s[i] is '-' or '\'') ? -1 : i;
    }

    private int EndOfPiece(int from)
    {
        var end = s.IndexOf(',', Math.Min(from, s.Length));
        end = end < 0 ? s.Length : end;
        return end == from ? Math.Min(from + 1, s.Length) : end;
    }

    private void SkipSpaces()
    {
        while (at < s.Length && s[at] == ' ')
        {
            at++;
        }
    }
}
