using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary><c>Meadow: 11:00</c> under a line with a time: another time for some.</summary>
/// <param name="For">For whom: divisions, duties, levels.</param>
/// <param name="Times">The time; of a gate one for each time it is passed. A time of null is <c>unset</c>.</param>
public sealed record TimeFor(Eq<Who> For, Eq<Duration?> Times) : Node;
