using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

public sealed partial class Parser
{
    private static readonly string[] Units = ["kg", "lb", "cal", "cm", "mm", "m", "in", "ft"];

    private static readonly (string Words, FlagKind Kind)[] Flags =
    [
        ("in one go", FlagKind.InOneGo),
        ("may be broken", FlagKind.MayBeBroken),
        ("may be joined with the next", FlagKind.MayBeJoined),
        ("each or together unset", FlagKind.EachUnsaid),
        ("each", FlagKind.Each),
        ("by each", FlagKind.ByEach),
        ("last bar repeats", FlagKind.LastBarRepeats),
        ("neighbours may be joined", FlagKind.NeighboursMayBeJoined),
        ("never down", FlagKind.NeverDown),
    ];

    private static readonly (string Words, HeightKind Kind)[] Heights =
    [
        ("box", HeightKind.Box),
        ("target", HeightKind.Target),
        ("bar", HeightKind.Bar),
        ("line", HeightKind.Line),
        ("wall", HeightKind.Wall),
    ];

    private static readonly string[] DetailWords =
    [
        "box",
        "target",
        "bar",
        "line",
        "wall",
        "marks every",
        "in one go",
        "counts",
        "credited",
        "uncounted",
        "may be broken",
        "may be joined with the next",
        "each",
        "by each",
        "from the floor",
        "from the rack",
        "from the hang",
        "on the",
        "every",
        "start",
        "never down",
    ];

    private static Eq<Detail>? Details(Cursor c) => c.Failed ? null : MoreDetails(c, []);

    private static Eq<Detail>? MoreDetails(Cursor c, List<Detail> details)
    {
        while (c.EatChar(','))
        {
            if (Detail(c, quiet: false) is not { } detail)
            {
                return null;
            }

            details.Add(detail);
        }

        return c.Failed ? null : details.ToEq();
    }

    /// <summary>Reads one detail by its shape.</summary>
    /// <param name="c">Where to read.</param>
    /// <param name="quiet">True when another reading will be tried if this is no detail.</param>
    private static Detail? Detail(Cursor c, bool quiet)
    {
        var start = c.Mark();
        var detail = DetailBody(c, quiet, start);
        if (detail is null && !c.Failed && !quiet)
        {
            Nothing<Detail>(
                c,
                "This detail is not understood.",
                "a load such as 2 x 22.5/15 kg, a height such as box 60/50 cm, or words such as counts, credited, from the rack",
                DetailWords
            );
        }

        return detail is null ? null : detail with { At = c.From(start) };
    }

    private static Detail? DetailBody(Cursor c, bool quiet, int start)
    {
        if (c.AtNumber || c.Next is '-' or '−')
        {
            // "2nd only" begins with a digit too.
            if (char.IsAsciiDigit(c.Next) && Only(c) is { } only)
            {
                return only;
            }

            return LoadOrLengths(c, quiet, start);
        }

        if (BarOfMass(c) is { } heavy)
        {
            return heavy;
        }

        foreach (var (words, kind) in Heights)
        {
            if (c.Eat(words))
            {
                return Height(c, kind, quiet);
            }
        }

        if ((Figure(c, start) ?? Measured(c)) is { } figure)
        {
            return figure;
        }

        if (c.Failed)
        {
            return null;
        }

        if (c.EatChar('+'))
        {
            return c.Int("how many bonus reps") is not { } bonus ? null
                : c.Eat("when done") ? new Workouts.Detail.Bonus(bonus, null)
                : c.Eat("at") && c.Pair() is { } at ? new Workouts.Detail.Bonus(bonus, at)
                : Nothing<Detail>(c, "When is the bonus earned?", "when done, or at and an amount");
        }

        if (c.Eat("rounds"))
        {
            return InRounds(c);
        }

        if (c.Eat("marks every"))
        {
            return c.Number() is { } n && LengthUnitOf(c) is { } unit
                ? new Workouts.Detail.Marks(n, unit)
                : Nothing<Detail>(c, "How far apart are the marks?", "a length such as 2.5 m");
        }

        if (c.Eat("from the"))
        {
            return c.Eat("floor") ? new Workouts.Detail.From(FromPlace.Floor)
                : c.Eat("rack") ? new Workouts.Detail.From(FromPlace.Rack)
                : c.Eat("hang") ? new Workouts.Detail.From(FromPlace.Hang)
                : Nothing<Detail>(c, "From where?", "floor, rack, or hang", ["floor", "rack", "hang"]);
        }

        if (Rising(c) is { } rising)
        {
            return rising;
        }

        if (c.Failed)
        {
            return null;
        }

        if (c.Eat("start"))
        {
            return LoadOrLengths(c, quiet: false, c.Mark()) is { } first
                ? first is Workouts.Detail.Load load
                    ? load with
                    {
                        Start = true,
                    }
                    : Nothing<Detail>(c, "What is on the bar at the start?", "a load such as start 60/40 kg")
                : null;
        }

        if (c.Eat("on the"))
        {
            return c.Name(TokenKind.Word) is { } bar
                ? new Workouts.Detail.OnBar(bar.ToLowerInvariant())
                : Nothing<Detail>(c, "On which bar?", "the name of a bar of the kit, as in on the axle");
        }

        foreach (var (words, kind) in Flags)
        {
            if (c.Eat(words))
            {
                return new Workouts.Detail.Flag(kind);
            }
        }

        return Credit(c) ?? (c.Failed ? null : Only(c));
    }

    private static Detail? Credit(Cursor c)
    {
        if (c.Eat("in"))
        {
            if (c.Pair() is not { } size)
            {
                return Nothing<Detail>(c, "How large are the chunks?", "as in 6s, or in one go");
            }

            return c.Eat("s") ? new Workouts.Detail.Chunks(size) : Nothing<Detail>(c, "A chunk is written with an s.", "as in 6s");
        }

        if (c.Eat("counts"))
        {
            return c.AtNumber && c.Int("what a unit counts") is { } n
                ? new Workouts.Detail.Counts(n)
                : Nothing<Detail>(c, "What does a unit count?", "a whole number");
        }

        if (c.Eat("credited"))
        {
            return c.Int("what the whole amount is credited") is { } n ? new Workouts.Detail.Credited(n, c.Eat("when done")) : null;
        }

        if (c.Eat("uncounted"))
        {
            return new Workouts.Detail.Uncounted();
        }

        if (!c.Eat("every"))
        {
            return null;
        }

        if (c.Int("a number") is not { } k)
        {
            return null;
        }

        foreach (var suffix in (ReadOnlySpan<string>)["st", "nd", "rd", "th"])
        {
            if (c.Eat(suffix))
            {
                return c.Eat("round") ? new Workouts.Detail.EveryNth(k) : Nothing<Detail>(c, "Every which?", "round");
            }
        }

        return c.Eat("count")
            ? (c.Int("what a group counts") is { } credit ? new Workouts.Detail.EveryCount(k, credit) : null)
            : Nothing<Detail>(c, "What about every so many?", "as in every 2nd round, or every 2 count 1");
    }

    private static Detail? Only(Cursor c)
    {
        var saved = c.Save();
        if (Who(c) is { } who && c.Eat("only"))
        {
            return new Workouts.Detail.Only(who);
        }

        c.Back(saved);
        return null;
    }

    private static Detail? LoadOrLengths(Cursor c, bool quiet, int start)
    {
        int? implements = null;
        var saved = c.Save();
        if (c.Number() is { IsWhole: true } n && c.Eat("x"))
        {
            implements = (int)n.Value!.Value;
        }
        else
        {
            if (c.Failed)
            {
                return null;
            }

            c.Back(saved);
        }

        if (c.Pair() is not { } pair)
        {
            return implements is null ? null : Nothing<Detail>(c, "After the x a load is missing.", "a load such as 22.5/15 kg");
        }

        if (
            implements is null
            && pair is { Second: null, First: { IsConstant: true, HasUnset: false } }
            && pair.First.At(0) is { } often
            && decimal.IsInteger(often)
            && (c.Eat("attempts") || c.Eat("attempt"))
        )
        {
            return new Workouts.Detail.LiftAttempts((int)often);
        }

        if (implements is null && pair is { Second: null, First: { IsConstant: true, HasUnset: false } } && Misses(c, pair) is { } misses)
        {
            return misses;
        }

        if (implements is null && c.EatChar('%'))
        {
            return OwnBest(c, pair);
        }

        if (MassUnitOf(c) is { } unit)
        {
            if (c.Eat("right"))
            {
                return InTheLeft(c, implements, pair, unit);
            }

            if (!c.Eat("or"))
            {
                return new Workouts.Detail.Load(implements, pair, unit);
            }

            return c.Pair() is { } also && MassUnitOf(c) is { } alsoUnit
                ? new Workouts.Detail.Load(implements, pair, unit, also, alsoUnit)
                : Nothing<Detail>(c, "After or the load in the other unit is missing.", "a load such as 50/35 lb");
        }

        if (implements is { } count && LengthUnitOf(c) is { } length)
        {
            return pair.Second is null && pair.First.IsConstant
                ? new Workouts.Detail.Lengths(count, pair.First.Terms[0], length)
                : Nothing<Detail>(c, "A length is one number.", "as in 2 x 8 m");
        }

        if (quiet)
        {
            return null;
        }

        return c.AtEnd || c.Next == ',' ? new Workouts.Detail.Figure(implements, pair) : UnitMissing(c, start);
    }

    private static Detail? UnitMissing(Cursor c, int start)
    {
        if (LengthUnitOf(c) is not null)
        {
            c.Fail("A height says what it is the height of.", "box, target, bar, line or wall before it", start: start);
            return null;
        }

        var at = c.Mark();
        UnknownUnit(c, c.Name(TokenKind.Word, " ") ?? c.Rest, at);
        return null;
    }

    private static bool LooksLikeUnit(string word) =>
        Text.Words.Nearest(word, Units) is not null
        || word is "kilo" or "kilos" or "kgs" or "lbs" or "pounds" or "pood" or "stone" or "inch" or "inches";

    private static void UnknownUnit(Cursor c, string typed, int start)
    {
        var word = typed.Split(' ')[0];
        var guess =
            word is "kilo" or "kilos" or "KG" or "Kg" ? "kg"
            : word is "pounds" or "LB" or "Lb" ? "lb"
            : word is "inch" or "inches" ? "in"
            : Text.Words.Nearest(word, Units);
        c.Fail(
            $"“{word}” is not a unit that is known here.",
            "kg or lb for a load; cal, m or ft for an amount; cm, mm, m, in or ft for a height",
            r => guess is null ? null : new Mend($"Write {guess}", new TextEdit(r.Line, r.Column, word.Length, guess)),
            start
        );
    }

    private static MassUnit? MassUnitOf(Cursor c) =>
        c.Eat("kg") ? MassUnit.Kilogram
        : c.Eat("lb") ? MassUnit.Pound
        : null;

    private static LengthUnit? LengthUnitOf(Cursor c) =>
        c.Eat("cm") ? LengthUnit.Centimetre
        : c.Eat("mm") ? LengthUnit.Millimetre
        : c.Eat("m") ? LengthUnit.Metre
        : c.Eat("in") ? LengthUnit.Inch
        : c.Eat("ft") ? LengthUnit.Foot
        : null;
}
