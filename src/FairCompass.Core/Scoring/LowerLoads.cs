namespace FairCompass.Core.Scoring;

/// <summary>Whether a later load of a heaviest lift may be lower than one before.</summary>
public enum LowerLoads
{
    /// <summary>It may; each good lift is one.</summary>
    Always,

    /// <summary>Only right after a miss.</summary>
    AfterAMiss,

    /// <summary>Never.</summary>
    Never,
}
