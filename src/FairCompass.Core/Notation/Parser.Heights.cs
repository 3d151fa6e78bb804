using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Heights that rise until they are missed.</content>
public sealed partial class Parser
{
    /// <summary><c>from 60/50 cm up by 5</c>, with or without cm behind it; null, with nothing read, where no number follows
    /// <c>from</c>.</summary>
    private static Detail? Rising(Cursor c)
    {
        var saved = c.Save();
        if (!c.Eat("from") || !c.AtNumber)
        {
            c.Back(saved);
            return null;
        }

        if (c.Pair() is not { } first || !c.Eat("cm"))
        {
            return Nothing<Detail>(c, "From which height?", "a height in cm: from 60/50 cm up by 5");
        }

        if (!c.Eat("up by") || c.Number() is not { } by)
        {
            return Nothing<Detail>(c, "By how much is the next height higher?", "up by and a number of cm: from 60/50 cm up by 5");
        }

        c.Eat("cm");
        return new Workouts.Detail.Rising(first, by);
    }

    /// <summary>Behind a number: <c>misses in a row</c>, which <c>misses</c> alone means, or <c>misses in all</c>.</summary>
    private static Detail? Misses(Cursor c, Pair pair)
    {
        if (pair.First.At(0) is not { } n || !decimal.IsInteger(n) || n > 99 || !(c.Eat("misses") || c.Eat("miss")))
        {
            return null;
        }

        var all = c.Eat("in all");
        _ = all || c.Eat("in a row");
        return new Workouts.Detail.Misses((int)n, !all);
    }
}
