namespace FairCompass.Core.Checks;

/// <summary>Rules that see more than one workout; a draft may let their findings stand as it may any other’s.</summary>
public static class BetweenWorkouts
{
    /// <summary>The rule id of workouts that are called alike.</summary>
    public const string TitlesTwice = "titles-twice";

    /// <summary>The rule id of a movement that is judged otherwise in one workout.</summary>
    public const string OtherStandard = "other-standard";

    /// <summary>All of them.</summary>
    public static IReadOnlyList<string> Rules { get; } = [TitlesTwice, OtherStandard];
}
