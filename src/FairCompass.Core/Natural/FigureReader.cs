using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>Figures as they are written: <c>24/16 kg</c>, <c>60kg / 40kg</c>, <c>2x15/10</c>, <c>21 - 15 - 9</c>,
/// <c>3-6-9...</c>.</summary>
/// <param name="raw">The pieces of a line.</param>
/// <param name="unitOf">The unit that a piece is.</param>
internal sealed class FigureReader(List<RawPiece> raw, Func<RawPiece, string?> unitOf)
{
    /// <summary>The figure that begins at a number, and how many pieces it takes.</summary>
    /// <param name="at">A number among the pieces.</param>
    public (Figure Figure, int Used) At(int at)
    {
        var times = 1;
        var i = at;
        // 2 x 22.5 kg is two implements; 3 x 10 without a mass is not one figure.
        if (Text(i + 1) == "x" && Value(i + 2) is not null && raw[at].Value is 2 or 3 or 4 && MassFollows(i + 2))
        {
            (times, i) = ((int)raw[at].Value!.Value, i + 2);
        }

        var (first, next, open) = List(i);
        var unit = Unit(ref next);
        Eq<decimal> second = [];
        if (first.Count >= 3 && Slashes(i))
        {
            return (new(first, [], unit) { Times = times, Open = open }, next - at);
        }

        // A small half or quarter after a space is a fraction: 22 1/2.
        if (
            first.Count == 1
            && unit.Length == 0
            && Value(next) == 1
            && Text(next + 1) == "/"
            && Value(next + 2) is 2 or 4
            && raw[next + 1].Column == raw[next].End
        )
        {
            first = [first[0] + (1 / Value(next + 2)!.Value)];
            next += 3;
            unit = Unit(ref next);
        }

        if (Text(next) is "/" or "|" && Value(next + 1) is not null && (Text(next) == "/" || raw[next].Column == raw[next - 1].End))
        {
            var (other, after, alsoOpen) = List(next + 1);
            var otherUnit = Unit(ref after);
            if (unit.Length == 0 || otherUnit.Length == 0 || unit == otherUnit)
            {
                (second, next, unit, open) = (other, after, unit.Length > 0 ? unit : otherUnit, open || alsoOpen);
            }
        }

        return (new(first, second, unit) { Times = times, Open = open }, next - at);
    }

    private string? Text(int k) => k < raw.Count ? raw[k].Text : null;

    private decimal? Value(int k) => k < raw.Count ? raw[k].Value : null;

    private string Unit(ref int k)
    {
        if (k >= raw.Count)
        {
            return "";
        }

        if (raw[k].Text == "\"" && raw[k].Column == raw[k - 1].End)
        {
            k++;
            return "in";
        }

        // FT behind falling sets is for time, and an inch stands close to its number.
        if (
            unitOf(raw[k]) is { } found
            && found is not ("min" or "s")
            && (raw[k].Text != "in" || IsInch(k))
            && (raw[k].Text != "ft" || k < 2 || raw[k - 2].Text is not ("-" or "/"))
            && (raw[k].Text != "#" || raw[k].Column == raw[k - 1].End)
        )
        {
            k++;
            return found;
        }

        return "";
    }

    private bool IsInch(int k) => raw[k].Column == raw[k - 1].End;

    private bool MassFollows(int k)
    {
        var (_, end, _) = List(k);
        var unit = Unit(ref end);
        if (unit.Length == 0 && Text(end) == "/" && Value(end + 1) is not null)
        {
            var (_, last, _) = List(end + 1);
            unit = Unit(ref last);
            return unit is "kg" or "lb" or "";
        }

        return unit is "kg" or "lb" || (unit.Length == 0 && Value(k) is { } v && v != decimal.Truncate(v));
    }

    /// <summary>Numbers with hyphens between them, or strokes where there are three or more; and whether they go on.</summary>
    private (Eq<decimal> Numbers, int Next, bool Open) List(int at)
    {
        var numbers = new List<decimal> { raw[at].Value!.Value };
        var i = at + 1;
        var between =
            Slashes(at) ? "/"
            : Commas(at) ? ","
            : "-";
        while (i + 1 < raw.Count && raw[i].Text == between && raw[i + 1].Value is { } next && numbers.Count < 60)
        {
            numbers.Add(next);
            i += 2;
        }

        var dots = i;
        if (dots < raw.Count && raw[dots].Text is "-" or "," && dots + 1 < raw.Count && raw[dots + 1].Text is "." or "…" or "etc")
        {
            dots++;
        }

        if (dots < raw.Count && numbers.Count > 1)
        {
            if (raw[dots].Text is "…" or "etc")
            {
                return (
                    numbers.ToEq(),
                    dots + 1 + (dots + 1 < raw.Count && raw[dots + 1].Text == "." && raw[dots].Text == "etc" ? 1 : 0),
                    true
                );
            }

            var n = raw.Skip(dots).TakeWhile(p => p.Text == ".").Count();
            if (n >= 2)
            {
                return (numbers.ToEq(), dots + n, true);
            }
        }

        return (numbers.ToEq(), i, false);
    }

    /// <summary>True where three or more numbers have strokes between them, with nothing else: 21/15/9.</summary>
    private bool Slashes(int at) => Run(at, "/") >= 3;

    /// <summary>True where three or more numbers have commas between them and a mass behind: 45, 55, 65, 75 kg.</summary>
    private bool Commas(int at)
    {
        var n = Run(at, ",");
        var behind = at + (2 * n) - 1;
        return n >= 3 && behind < raw.Count && raw[behind].Text is "kg" or "kgs" or "lb" or "lbs" or "kilos";
    }

    private int Run(int at, string between)
    {
        var n = 1;
        for (var i = at + 1; i + 1 < raw.Count && raw[i].Text == between && raw[i + 1].Value is not null; i += 2)
        {
            n++;
        }

        return n;
    }
}
