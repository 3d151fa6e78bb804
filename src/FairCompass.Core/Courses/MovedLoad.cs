using FairCompass.Core.Prescriptions;

namespace FairCompass.Core.Courses;

/// <summary>What one unit of a task moves, in thousandths of the unit in which its load is published; no load has finer steps.</summary>
/// <param name="Load">The load of whoever does the task.</param>
internal sealed record MovedLoad(DutyLoad Load)
{
    // A ladder of loads has no closed form together with one of amounts; nobody counts further by hand.
    private const long MostRounds = 100_000;

    /// <summary>Of an iteration, from 0; a list of loads that has ended goes on with its last.</summary>
    public long At(long index) =>
        Thousandths(Load.Values.At(index) ?? Load.Values.At((Load.Values.Length ?? 1) - 1)) * Load.Implements
        + Thousandths(Load.Left?.At(index));

    /// <summary>Of many whole iterations.</summary>
    public long Sum(CountedSeries amounts, Every over)
    {
        if (Load.Values.IsConstant && Load.Left is null or { IsConstant: true })
        {
            return Count.Times(amounts.Sum(over), At(over.Start));
        }

        var sum = 0L;
        for (var j = 0L; j < Math.Min(over.Times, MostRounds); j++)
        {
            var index = over.Start + (j * over.Stride);
            sum = Count.Add(sum, Count.Times(amounts.Value(index), At(index)));
        }

        return sum;
    }

    private static long Thousandths(decimal? value) => value is { } v ? (long)(v * 1000) : 0;
}
