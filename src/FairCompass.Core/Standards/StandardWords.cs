namespace FairCompass.Core.Standards;

/// <summary>The printed words of a standard.</summary>
public static class StandardWords
{
    /// <summary>The heading of a phase.</summary>
    public static string Of(Phase phase) => phase switch
    {
        Phase.SetUp => "Set-up",
        Phase.Between => "Between reps",
        _ => phase.ToString(),
    };
}
