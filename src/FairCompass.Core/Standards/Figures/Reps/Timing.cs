namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>Rules on two feet that move at the same moment.</summary>
public static class Timing
{
    /// <summary>The time between two feet, in milliseconds, that still passes as together: some two pictures of a common film. An
    /// assumption
    /// of ours; no rule book that we know gives one.</summary>
    public const double Together = 80;

    /// <summary>True for a clause whose deviation is a time between the feet.</summary>
    /// <param name="clause">The clause.</param>
    public static bool IsOf(Clause clause) =>
        clause is { Kind: ClauseKind.Required, Phase: Phase.Through or Phase.Finish, Of: { SameMoment: true, BodyPart: "both feet" } };
}
