namespace FairCompass.Store.Day;

/// <summary>How much there is for the days of a competition.</summary>
/// <param name="Entries">Entries that start.</param>
/// <param name="Judges">People who judge.</param>
/// <param name="Heats">Heats of the plan.</param>
/// <param name="Cards">Cards that were printed and are not back.</param>
/// <param name="Entered">Cards that were typed.</param>
public sealed record DayCounts(int Entries, int Judges, int Heats, int Cards, int Entered);
