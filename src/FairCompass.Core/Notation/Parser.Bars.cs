using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Notation;

/// <content>Bars that are named by their mass.</content>
public sealed partial class Parser
{
    /// <summary><c>bar 20 kg</c>; a bar at a height is written <c>bar 20 cm</c>.</summary>
    private static Workouts.Detail.OnBar? BarOfMass(Cursor c)
    {
        var before = c.Save();
        if (c.Eat("bar") && char.IsAsciiDigit(c.Next) && c.Number() is { Value: { } mass })
        {
            MassUnit? unit =
                c.Eat("kg") ? MassUnit.Kilogram
                : c.Eat("lb") ? MassUnit.Pound
                : null;
            if (unit is { } known)
            {
                return new Workouts.Detail.OnBar(BarByMass.Name(mass, known));
            }
        }

        c.Back(before);
        return null;
    }
}
