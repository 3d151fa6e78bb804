using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <summary>
/// Reads one line from left to right. Words are looked for only where the grammar allows them, so no word is reserved
/// inside a movement's name. The first failure is kept; nothing throws.
/// </summary>
internal sealed class Cursor(DraftLine line, List<Token> tokens)
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

    /// <summary>A whole number from 1 to 999,999.</summary>
    public int? Int(string what)
    {
        SkipSpaces();
        var start = at;
        if (Number() is not { } n)
        {
            Fail($"Here a whole number is missing: {what}.", what);
            return null;
        }

        if (!n.IsWhole)
        {
            Fail("This has to be a whole number.", what, start: start);
            return null;
        }

        return (int)n.Value!.Value;
    }

    /// <summary>True when a number, <c>unset</c> included, stands here.</summary>
    public bool AtNumber => char.IsAsciiDigit(Next) || Peek("unset");

    /// <summary>A number; null without a failure when none stands here, null with one when it is malformed.</summary>
    public Number? Number()
    {
        SkipSpaces();
        if (Eat("unset", TokenKind.Number))
        {
            return Quantities.Number.Unset;
        }

        var start = at;
        if (at < s.Length && s[at] is '-' or '−' && at + 1 < s.Length && char.IsAsciiDigit(s[at + 1]))
        {
            Fail(
                "An amount or load cannot be negative.",
                "a number without a minus",
                r => new Mend("Remove the minus", new TextEdit(r.Line, r.Column, 1, ""))
            );
            return null;
        }

        while (at < s.Length && char.IsAsciiDigit(s[at]))
        {
            at++;
        }

        if (at == start)
        {
            return null;
        }

        var whole = at - start;
        var decimals = 0;
        if (at + 1 < s.Length && s[at] == '.' && char.IsAsciiDigit(s[at + 1]))
        {
            at++;
            while (at < s.Length && char.IsAsciiDigit(s[at]))
            {
                at++;
                decimals++;
            }
        }

        if (whole > 6 || decimals > 4)
        {
            Fail("This number is too long: at most six digits and four decimals.", "a shorter number", start: start);
            return null;
        }

        if (at + 1 < s.Length && s[at] == ',' && char.IsAsciiDigit(s[at + 1]) && (start == 0 || s[start - 1] != ','))
        {
            var end = at + 1;
            while (end < s.Length && char.IsAsciiDigit(s[end]))
            {
                end++;
            }

            var written = s[start..at] + "." + s[(at + 1)..end];
            var length = end - start;
            Fail(
                $"The comma separates details; write {written}.",
                $"a point: {written}",
                r => new Mend($"Write {written}", new TextEdit(r.Line, r.Column, length, written)),
                start
            );
            return null;
        }

        tokens.Add(new(line.Number, line.Column + start, at - start, TokenKind.Number));
        return new Number(decimal.Parse(s.AsSpan(start, at - start), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture));
    }

    /// <summary><c>12</c>, <c>24-18-12</c>, <c>2-4-6-...</c>, <c>40-45-...-85</c>.</summary>
    public Series? Series()
    {
        if (Number() is not { } first)
        {
            return null;
        }

        var terms = new List<Number> { first };
        Number? last = null;
        var continues = false;
        while (at < s.Length && s[at] == '-' && at + 1 < s.Length)
        {
            if (!continues && s.AsSpan(at + 1).StartsWith("..."))
            {
                tokens.Add(new(line.Number, line.Column + at, 4, TokenKind.Number));
                at += 4;
                continues = true;
                continue;
            }

            if (last is not null || !(char.IsAsciiDigit(s[at + 1]) || s.AsSpan(at + 1).StartsWith("unset")))
            {
                break;
            }

            at++;
            if (Number() is not { } term)
            {
                return null;
            }

            if (continues)
            {
                last = term;
            }
            else
            {
                terms.Add(term);
            }
        }

        return Failed ? null : new Series(terms.ToEq(), continues, last);
    }

    /// <summary>A series, or one for each duty.</summary>
    public Pair? Pair()
    {
        if (Series() is not { } first)
        {
            return null;
        }

        if (!EatChar('/'))
        {
            return new Pair(first, null);
        }

        if (Series() is not { } second)
        {
            if (!Failed)
            {
                Fail("After the stroke the second duty's number is missing.", "a number, as in 22.5/15");
            }

            return null;
        }

        var start = Mark();
        if (Next == '/')
        {
            Fail(
                "There are two duties, so two values; here stands a third.",
                "at most two values: 22.5/15",
                r => new Mend("Drop the third value", new TextEdit(r.Line, r.Column, r.Length, "")),
                start
            );
            return null;
        }

        return new Pair(first, second);
    }

    /// <summary>A time of the clock. False with a failure when it is malformed or missing.</summary>
    public bool Time(out Duration? time)
    {
        time = null;
        if (Eat("unset", TokenKind.Number))
        {
            return true;
        }

        SkipSpaces();
        var start = at;
        while (at < s.Length && (char.IsAsciiDigit(s[at]) || s[at] == ':'))
        {
            at++;
        }

        if (at == start)
        {
            return Fail("Here a time is missing.", "a time such as 9:00 or 1:05:00");
        }

        var text = s[start..at];
        time = Duration.TryParse(text);
        if (time is null)
        {
            return Fail(
                text.Contains(':', StringComparison.Ordinal)
                    ? $"“{text}” is not a time: seconds and minutes after a colon have two digits and go to 59, and a day is the longest."
                    : $"“{text}” is not a time: write minutes and seconds.",
                "a time such as 9:00 or 1:05:00",
                r =>
                    text.Contains(':', StringComparison.Ordinal) || text.Length > 3
                        ? null
                        : new Mend($"Write {text}:00", new TextEdit(r.Line, r.Column, text.Length, text + ":00")),
                start
            );
        }

        tokens.Add(new(line.Number, line.Column + start, at - start, TokenKind.Number));
        return true;
    }

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
