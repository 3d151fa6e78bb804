using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>What a fault costs.</content>
public sealed partial class Parser
{
    private static ScoreLine? FaultCosts(Cursor c)
    {
        Duration? time = null;
        int? units = null;
        if (c.AtTime)
        {
            if (!c.Time(out time))
            {
                return null;
            }
        }
        else if ((c.EatChar('-') || c.EatChar('−')) && c.Int("how many reps it costs") is { } reps && EatReps(c))
        {
            units = reps;
        }

        if ((time is null && units is null) || !c.Eat("for each"))
        {
            return Nothing<ScoreLine>(
                c,
                "What does which fault cost?",
                "a time or reps: 0:05 for each dropped bar, or -1 rep for each dropped bar"
            );
        }

        if (c.Name(TokenKind.Name) is not { } fault)
        {
            return Nothing<ScoreLine>(c, "Which fault?", "what the judge sees, such as dropped bar");
        }

        var costs = new ScoreLine.FaultCosts(time, units, fault);
        return !c.EatChar(',') ? costs
            : !c.Eat("at most") ? Nothing<ScoreLine>(c, "What comes after the comma?", "at most, and a time or reps")
            : time is not null ? (c.Time(out var most) ? costs with { MostTime = most } : null)
            : c.Int("how many reps at most") is { } limit && EatReps(c) ? costs with { MostUnits = limit }
            : Nothing<ScoreLine>(c, "How many reps at most?", "a number and reps: at most 10 reps");
    }

    private static bool EatReps(Cursor c) => c.Eat("reps") || c.Eat("rep");
}
