using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary><c>Meadow: 4 rounds</c> under a number of rounds: another number for some.</summary>
/// <param name="For">For whom: divisions, duties, levels.</param>
/// <param name="Times">How many, from 1; null is <c>unset</c>.</param>
public sealed record RoundsFor(Eq<Who> For, int? Times) : Node;
