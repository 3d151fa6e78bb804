using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Pacing;

/// <summary>How long one unit of a movement takes when it is done without a break. Never part of a definition: it says what can be
/// expected, not what holds.</summary>
/// <param name="Movement">The movement’s name, as drafts write it.</param>
/// <param name="Unit">The unit that is timed: a rep, a calorie, a metre; a foot is timed as 0.3048 m.</param>
/// <param name="Usual">For somebody in the middle of the field; over 0 and up to ten minutes.</param>
/// <param name="Fastest">For the fastest there is; over 0 and not over <paramref name="Usual"/>.</param>
public sealed record Pace(string Movement, AmountUnit Unit, Duration Usual, Duration Fastest)
{
    /// <summary>The longest time that one unit may be said to take.</summary>
    public static Duration Longest { get; } = Duration.Seconds(600);

    /// <summary>The division it holds for; null for all.</summary>
    public string? Division { get; init; }

    /// <summary>The load for a man, in kilograms, at which it holds; a woman’s is 0.68 of it. Null where the load does not
    /// matter.</summary>
    public decimal? Load { get; init; }

    /// <summary>The heaviest single lift of somebody in the middle of the field, a man, in kilograms; null for what is not lifted
    /// singly.</summary>
    public decimal? Best { get; init; }

    /// <summary>Why it cannot be one; null when it can.</summary>
    public (string Field, string Sentence)? Objection() =>
        Movement.Length is < 1 or > 80 ? ("movement", "The name of a movement, 1 to 80 characters.")
        : Usual <= Duration.Zero || Usual > Longest ? ("usual", $"Over 0 and up to {Longest} for one unit.")
        : Fastest <= Duration.Zero || Fastest > Usual ? ("fastest", "Over 0, and not slower than the usual pace.")
        : Load is <= 0 or > 500 ? ("load", "Over 0 and up to 500 kg.")
        : Best is <= 0 or > 500 ? ("best", "Over 0 and up to 500 kg.")
        : null;
}
