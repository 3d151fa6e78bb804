using FairCompass.Core.Kit;

namespace FairCompass.Planning.Days;

/// <summary>How long the floor takes from one heat to the next.</summary>
public static class PlateMinutes
{
    /// <summary>Seconds to set the floor anew: as the session says, else from the plates that are handled in the lane with most to
    /// do.</summary>
    /// <param name="session">The session.</param>
    /// <param name="workout">Its workout.</param>
    /// <param name="from">The groups that ran.</param>
    /// <param name="to">The groups that come.</param>
    public static int Reset(Session session, PlannedWorkout workout, IEnumerable<RunGroup> from, IReadOnlyCollection<RunGroup> to)
    {
        if (session.Between.Reset is { } said)
        {
            return said;
        }

        var most = from.SelectMany(a => to.Select(b => workout.PlatesBetween(a, b))).DefaultIfEmpty(0).Max();
        var milliseconds = (long)most * PlatePlanner.UsualMsPerPlate / Math.Max(1, session.Between.Crew);
        return (int)((milliseconds + 999) / 1000);
    }
}
