using FairCompass.Core.Standards;

namespace FairCompass.Core.InForce;

/// <summary>A standard as it stands for a division under policies and house rules.</summary>
/// <param name="Division">The division; null for what holds for everybody.</param>
/// <param name="Movement">The standard with the texts in every language.</param>
public sealed record StandingStandard(string? Division, Movement Movement);
