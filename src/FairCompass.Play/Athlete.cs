using FairCompass.Core.Competitions;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Play;

/// <summary>Somebody made up, with what tells them from the middle of the field. All shares are in thousandths.</summary>
/// <param name="Seat">The place in the team, from 1; null for an individual.</param>
/// <param name="Woman">True for a woman: lighter loads take her as long.</param>
/// <param name="Slowness">The time of a unit against the usual pace: 1000 is the middle of the field.</param>
/// <param name="Tiring">How much slower each minute of work makes.</param>
/// <param name="NoReps">Of a thousand tries so many do not count.</param>
/// <param name="Strength">The best lift against that of the middle of the field.</param>
/// <param name="Sets">The length of unbroken sets against the usual one.</param>
public sealed record Athlete(int? Seat, bool Woman, long Slowness, long Tiring, long NoReps, long Strength, long Sets)
{
    /// <summary>Tries of a thousand that do not count, of the middle of the field: our estimate, spread evenly over the faults of a
    /// standard.</summary>
    public const long UsualNoReps = 25;

    /// <summary>Makes somebody up.</summary>
    /// <param name="who">The place in the team.</param>
    /// <param name="random">Where chance comes from.</param>
    public static Athlete Of(Address who, Pcg32 random) =>
        new(
            who.Seat,
            who.Duty == Duty.Woman,
            random.Middling(720, 1400),
            random.Middling(4, 34),
            random.Middling(0, 2 * UsualNoReps),
            random.Middling(760, 1300),
            random.Middling(500, 1700)
        );
}
