using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Kit;

/// <summary>Bars that stand loaded alike in a lane at one time.</summary>
/// <param name="Bar">Their kind.</param>
/// <param name="Loads">With bar and clips, in order.</param>
/// <param name="Times">How many of them stand there at once, from 1: of athletes who lift at one time each has one.</param>
public sealed record StandingBars(LaneBar Bar, Eq<decimal> Loads, int Times = 1);
