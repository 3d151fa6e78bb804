using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Notation;

/// <content>Choices among several results.</content>
public static partial class WorkoutGen
{
    /// <summary>A choice that the measure can be written with; none of others.</summary>
    private static Selection? Chosen(Measure measure, SelectionOf of, int n) =>
        (measure, of) switch
        {
            _ when n == 0 => null,
            (Measure.SumOfBestLoads, _) => new(false, n, SelectionOf.Load),
            (Measure.Time, SelectionOf.Cycle) => new(n % 2 == 0, 1, of),
            (Measure.Reps or Measure.Calories or Measure.Metres or Measure.Points, not SelectionOf.Load) => n == 4
                ? new(true, 1, of)
                : new(false, n, of),
            _ => null,
        };
}
