namespace FairCompass.Core.Standards;

/// <summary>Who has laid down a rule.</summary>
public enum Source
{
    /// <summary>The library's own wording.</summary>
    Library,

    /// <summary>A policy that was chosen.</summary>
    Policy,

    /// <summary>A house rule of the competition.</summary>
    HouseRule,

    /// <summary>A line of the workout.</summary>
    Workout,

    /// <summary>A line under one task of the workout.</summary>
    Place,

    /// <summary>A ruling of the head judge.</summary>
    Ruling,
}

/// <summary>Where a rule comes from.</summary>
/// <param name="By">Who has laid it down.</param>
/// <param name="Detail">The policy and its choice, the line, or the ruling and its date; null for the library.</param>
public sealed record Provenance(Source By, string? Detail)
{
    /// <summary>The wording of the library.</summary>
    public static Provenance Library { get; } = new(Source.Library, null);
}
