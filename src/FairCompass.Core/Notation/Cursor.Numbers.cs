using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Numbers, series, pairs, and times.</content>
internal sealed partial class Cursor
{
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

        if (n.IsUnset)
        {
            Fail(UnsetWords.Of(line.Content, s.IndexOf("unset", start, StringComparison.Ordinal)), what, start: start);
            return null;
        }

        if (!n.IsWhole)
        {
            Fail("This has to be a whole number.", what, start: start);
            return null;
        }

        return (int)n.Value!.Value;
    }

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

        if (IsDecimalComma(start))
        {
            return null;
        }

        tokens.Add(new(line.Number, line.Column + start, at - start, TokenKind.Number));
        return new Number(decimal.Parse(s.AsSpan(start, at - start), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture));
    }

    /// <summary>Refuses a comma where a point is meant.</summary>
    private bool IsDecimalComma(int start)
    {
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
            return true;
        }

        return false;
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
}
