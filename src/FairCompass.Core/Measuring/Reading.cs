using FairCompass.Core.Quantities;

namespace FairCompass.Core.Measuring;

/// <summary>A mark that was read on an athlete. It is never changed: a mark that is read again is another reading, and both stay.</summary>
/// <param name="Place">The <see cref="MeasuredPlace.Key"/>.</param>
/// <param name="Athlete">Whose.</param>
/// <param name="Value">The mark above the floor.</param>
/// <param name="By">Who measured.</param>
/// <param name="At">When, in local time as printed.</param>
public sealed record Reading(string Place, string Athlete, Length Value, string By, DateTime At);
