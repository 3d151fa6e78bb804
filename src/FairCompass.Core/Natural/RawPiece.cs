using System.Globalization;

namespace FairCompass.Core.Natural;

/// <summary>A run of letters, a number, or one other character of a line, before anything is known of it.</summary>
/// <param name="Column">Where it begins, from 1.</param>
/// <param name="Length">UTF-16 units.</param>
/// <param name="Text">In small letters without accents.</param>
internal readonly record struct RawPiece(int Column, int Length, string Text)
{
    /// <summary>The value of a number; null for what is none.</summary>
    public decimal? Value { get; init; }

    /// <summary>True for letters.</summary>
    public bool IsWord => char.IsLetter(Text[0]);

    /// <summary>True for marks that join words and say nothing by themselves.</summary>
    public bool IsJoint => Text is "-" or "." or "/" or "'" or "\"";

    /// <summary>Where it ends, from 1, exclusive.</summary>
    public int End => Column + Length;

    /// <summary>The pieces of one line; spaces are left out.</summary>
    /// <param name="line">One line.</param>
    public static List<RawPiece> Split(string line)
    {
        var found = new List<RawPiece>();
        for (var i = 0; i < line.Length; )
        {
            var c = Words.Folded(line[i]);
            var next = c switch
            {
                _ when char.IsWhiteSpace(c) && c != '\t' => default(RawPiece?),
                _ when char.IsAsciiDigit(c) || Fraction(c) > 0 => NumberAt(line, i),
                _ when char.IsLetter(c) => WordAt(line, i),
                _ when char.IsSurrogate(c) && i + 1 < line.Length => new(i + 1, 2, "*"),
                '&' => new(i + 1, 1, "and"),
                _ => new RawPiece(i + 1, 1, c.ToString()),
            };
            // c/ and w/ are con and with.
            if (next is { Text: "c" or "w", Length: 1 } && i + 2 < line.Length && line[i + 1] == '/' && line[i + 2] == ' ')
            {
                next = new(i + 1, 2, c == 'c' ? "con" : "with");
            }

            if (next is { } piece)
            {
                found.Add(piece);
            }

            i += next?.Length ?? 1;
        }

        return found;
    }

    /// <summary>Letters, with digits between letters: <c>t2b</c>; an apostrophe between letters is left out.</summary>
    private static RawPiece WordAt(string line, int from)
    {
        var (to, text) = (from, new System.Text.StringBuilder());
        for (; to < line.Length; to++)
        {
            var c = Words.Folded(line[to]);
            if (char.IsLetter(c))
            {
                text.Append(c);
            }
            else if (char.IsAsciiDigit(c) && Letter(to + 1) && text.Length < 3)
            {
                text.Append(c);
            }
            else if (c == '\'' && Letter(to + 1))
            {
                continue;
            }
            else if (!char.IsSurrogate(c) && CharUnicodeInfo.GetUnicodeCategory(line[to]) == UnicodeCategory.NonSpacingMark)
            {
                continue;
            }
            else
            {
                break;
            }
        }

        return new(from + 1, to - from, text.ToString());

        bool Letter(int at) => at < line.Length && char.IsLetter(Words.Folded(line[at]));
    }

    private static RawPiece NumberAt(string line, int from)
    {
        var to = from;
        var digits = "";
        void Digits()
        {
            while (to < line.Length && char.IsAsciiDigit(line[to]) && digits.Length < 12)
            {
                digits += line[to++];
            }
        }

        Digits();
        var whole = digits;
        if (to + 1 < line.Length && line[to] is '.' or ',' && char.IsAsciiDigit(line[to + 1]) && whole.Length > 0)
        {
            var behind = line[(to + 1)..].TakeWhile(char.IsAsciiDigit).Count();
            var end = to + 1 + behind;
            var goesOn = end + 1 < line.Length && line[end] == line[to] && char.IsAsciiDigit(line[end + 1]);
            var isList = line[to] == ',' && from > 1 && line[from - 1] == ',' && char.IsAsciiDigit(line[from - 2]);
            if (line[to] == ',' && behind == 3 && whole.Length <= 3 && !goesOn)
            {
                to++;
                Digits();
            }
            else if (behind <= 2 && !goesOn && !isList)
            {
                digits += ".";
                to++;
                Digits();
            }
        }

        var value = digits.Length == 0 ? 0 : decimal.Parse(digits, CultureInfo.InvariantCulture);
        if (to < line.Length && Fraction(Words.Folded(line[to])) is > 0 and var part)
        {
            value += part;
            to++;
        }

        to = Math.Max(to, from + 1);
        return new(from + 1, to - from, value.ToString(CultureInfo.InvariantCulture)) { Value = value };
    }

    private static decimal Fraction(char c) =>
        c switch
        {
            '\u00BD' => 0.5m,
            '\u00BC' => 0.25m,
            '\u00BE' => 0.75m,
            _ => 0,
        };
}
