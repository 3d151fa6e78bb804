using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Measures with a name of their own: several lines or marks of one movement.</content>
public sealed partial class Parser
{
    /// <summary>
    /// <c>low mark 1 m</c>, <c>leave at 60 cm</c>, <c>hands 90/80 x 60 cm</c>, <c>rings at the hip crease</c>: a few words of which one
    /// names something that is measured. Null, with nothing read, for anything else.
    /// </summary>
    private static Detail? Measured(Cursor c)
    {
        if (PlaceOf.Match(c.Rest) is { Success: true } place && c.Eat(place.Groups[1].Value) && c.Eat("at"))
        {
            return c.Name(TokenKind.Name) is { } reference
                ? new Workouts.Detail.Height(HeightKind.Named, new Pair(Series.Of(0), null), LengthUnit.Centimetre, null, reference)
                {
                    Name = place.Groups[1].Value,
                }
                : null;
        }

        if (NamedMeasure.Match(c.Rest) is not { Success: true } measure || !c.Eat(measure.Groups[1].Value))
        {
            return null;
        }

        if (c.Pair() is not { } pair)
        {
            return null;
        }

        var by = c.Eat("x") ? c.Pair() : null;
        if (c.Failed || LengthUnitOf(c) is not { } unit)
        {
            return c.Failed ? null : Nothing<Detail>(c, "This measure has no unit.", "cm, mm, m, in or ft");
        }

        var above = c.Eat("above");
        string? from = null;
        if ((above || c.Eat("below")) && (from = c.Name(TokenKind.Name)) is null)
        {
            return Nothing<Detail>(c, "Above or below what?", "a reference such as reach or the wrists");
        }

        return new Workouts.Detail.Height(HeightKind.Named, pair, unit, from is null ? null : above, from)
        {
            Name = measure.Groups[1].Value,
            By = by,
        };
    }

    private static Detail? Height(Cursor c, HeightKind kind, bool quiet)
    {
        var start = c.Mark();
        if (!c.AtNumber || c.Pair() is not { } pair)
        {
            return quiet || c.Failed ? null : Nothing<Detail>(c, "How high?", "a number and cm, mm, m, in or ft");
        }

        if (LengthUnitOf(c) is not { } unit)
        {
            var at = c.Mark();
            if (c.Name(TokenKind.Word, " ") is { } word)
            {
                UnknownUnit(c, word, at);
            }
            else
            {
                c.Fail("This height has no unit.", "cm, mm, m, in or ft", start: start);
            }

            return null;
        }

        var above = c.Eat("above");
        if (!above && !c.Eat("below"))
        {
            return new Workouts.Detail.Height(kind, pair, unit);
        }

        return c.Name(TokenKind.Name) is { } reference
            ? new Workouts.Detail.Height(kind, pair, unit, above, reference)
            : Nothing<Detail>(c, "Above or below what?", "a reference such as reach or the wrists");
    }

    private const string Nouns = "mark|line|leave|hands|feet|knees|rings|zone|rope|band|cone|mat";

    [GeneratedRegex(@"^((?=[a-z ]*\b(?:" + Nouns + @")\b)(?!unset\b)[a-z]+(?: (?!unset\b)[a-z]+){0,2}) (?=\d|unset)")]
    private static partial Regex NamedMeasure { get; }

    [GeneratedRegex(@"^((?:[a-z]+ )?(?:" + Nouns + @")) at (?=the )")]
    private static partial Regex PlaceOf { get; }
}
