using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Tables;

/// <summary>Which cards are to be typed by two.</summary>
public enum SecondEntry
{
    /// <summary>None has to be.</summary>
    None,

    /// <summary>Those of the first three places of each score.</summary>
    Podium,

    /// <summary>All.</summary>
    All,
}

/// <summary>What has to be before results are final, and how clubs are ranked.</summary>
/// <param name="ProtestMinutes">Minutes to protest in after the last number of a division was typed, 0 to 1,440.</param>
/// <param name="DecideMinutes">Minutes in which an incident is to be decided, 1 to 1,440.</param>
/// <param name="SecondEntry">Which cards are to be typed by two.</param>
/// <param name="Clubs">How members’ points make a club’s; null where clubs are not ranked.</param>
/// <param name="ClubBest">How many count for <see cref="ClubRule.BestOf"/>, 1 to 100.</param>
public sealed record ResultRules(int ProtestMinutes, int DecideMinutes, SecondEntry SecondEntry, ClubRule? Clubs, int ClubBest)
{
    /// <summary>Fifteen minutes to protest, thirty to decide, the podium typed by two, the best four of a club. Common practice.</summary>
    public static ResultRules Usual { get; } = new(15, 30, SecondEntry.Podium, ClubRule.BestOf, 4);

    /// <summary>What cannot be.</summary>
    public IEnumerable<FieldError> Objections()
    {
        if (ProtestMinutes is < 0 or > 1440)
        {
            yield return new("protestMinutes", "From 0 to 1,440 minutes.");
        }

        if (DecideMinutes is < 1 or > 1440)
        {
            yield return new("decideMinutes", "From 1 to 1,440 minutes.");
        }

        if (ClubBest is < 1 or > 100)
        {
            yield return new("clubBest", "From 1 to 100.");
        }
    }
}
