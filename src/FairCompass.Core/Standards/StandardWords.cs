namespace FairCompass.Core.Standards;

/// <summary>The printed words of the closed sets of a standard.</summary>
public static class StandardWords
{
    /// <summary>What follows a no-rep.</summary>
    public static string Of(Consequence consequence) => consequence switch
    {
        Consequence.NotCounted => "not counted",
        Consequence.RepeatTheRep => "repeat the rep",
        Consequence.RepeatTheLastPhase => "repeat the last phase",
        Consequence.FromTheFloor => "again from the floor",
        Consequence.FromTheLastMark => "again from the last mark",
        Consequence.FromTheLine => "again from the line",
        Consequence.SetLost => "the set is lost",
        Consequence.AttemptLost => "the attempt is lost",
        _ => "wait until the kit has settled",
    };

    /// <summary>How something is perceived.</summary>
    public static string Of(Perceived by) => by switch
    {
        Perceived.SeenFromTheSide => "seen from the side",
        Perceived.SeenFromTheFront => "seen from the front",
        Perceived.Heard => "heard",
        _ => "read",
    };

    /// <summary>The heading of a phase.</summary>
    public static string Of(Phase phase) => phase switch
    {
        Phase.SetUp => "Set-up",
        Phase.Between => "Between reps",
        _ => phase.ToString(),
    };
}
