using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>
/// Which gates open in the order of the work, from the lines alone: what the hall clock knows before anybody’s counts do.
/// </summary>
internal static class GatePasses
{
    /// <summary>Gates that are looked at: far more than a caller can call.</summary>
    public const int Most = 100;

    /// <summary>Iterations of one loop, and steps of a whole walk, after which the looking ends; nested loops would have no end.</summary>
    public const int MostRounds = 1000;

    /// <inheritdoc cref="MostRounds"/>
    public const int MostSteps = 20_000;

    /// <summary>What the gates of some work add when every one is passed.</summary>
    public static Duration Time(Eq<Work> items)
    {
        var walk = new Walk();
        walk.Block(items, 0);
        return Opened(walk.Passed).Aggregate(Duration.Zero, (sum, g) => sum + (g.Adds ?? Duration.Zero));
    }

    /// <summary>
    /// The passes that open something. A gate with one time adds it at each pass, one with several adds each of them once. Passes
    /// with no work behind them are none: there the work is finished.
    /// </summary>
    /// <param name="passes">In the order of the work.</param>
    /// <param name="gate">The gate of a pass.</param>
    public static IEnumerable<(T Pass, Duration? Adds)> Opened<T>(IEnumerable<T> passes, Func<T, Work.Gate> gate)
    {
        var times = new Dictionary<Work.Gate, int>(ReferenceEqualityComparer.Instance);
        foreach (var pass in passes)
        {
            var adds = gate(pass).Adds;
            var nth = times.GetValueOrDefault(gate(pass));
            if (nth < adds.Count || adds.Count == 1)
            {
                times[gate(pass)] = nth + 1;
                yield return (pass, adds[Math.Min(nth, adds.Count - 1)]);
            }
        }
    }

    private static IEnumerable<(Work.Gate Pass, Duration? Adds)> Opened(IEnumerable<Work.Gate> passes) => Opened(passes, g => g);

    /// <summary>True when a gate stands in a round of which this is the index, from 0.</summary>
    public static bool StandsIn(Work mark, long index) =>
        mark switch
        {
            Work.Gate { OnlyRound: { } only } => only == index + 1,
            Work.Checkpoint { OnlyRound: { } only } => only == index + 1,
            _ => true,
        };

    private sealed class Walk
    {
        private readonly List<Work.Gate> waiting = [];
        private int steps;

        /// <summary>Gates with work behind them.</summary>
        public List<Work.Gate> Passed { get; } = [];

        public void Block(Eq<Work> items, long index)
        {
            foreach (var item in items)
            {
                if (Passed.Count + waiting.Count >= Most || ++steps > MostSteps)
                {
                    return;
                }

                switch (item)
                {
                    case Work.Gate gate when StandsIn(gate, index):
                        waiting.Add(gate);
                        break;
                    case Work.Rounds r:
                        Rounds(r.Items, r.Times);
                        break;
                    case Work.Scheme s:
                        Rounds(s.Items, s.Of.First.Length);
                        break;
                    case Work.Task or Work.Complex or Work.AnyOrder or Work.Every or Work.GroupOf:
                        Passed.AddRange(waiting);
                        waiting.Clear();
                        break;
                }
            }
        }

        private void Rounds(Eq<Work> items, long? times)
        {
            if (!WorkTree.Walk(items).OfType<Work.Gate>().Any())
            {
                Block(items, 0);
                return;
            }

            // Behind the last gate that is looked at, work without end goes on.
            for (
                var i = 0L;
                i < Math.Min(times ?? MostRounds, MostRounds) && steps <= MostSteps && Passed.Count + waiting.Count < Most;
                i++
            )
            {
                Block(items, i);
            }

            if (times is null)
            {
                Passed.AddRange(waiting);
                waiting.Clear();
            }
        }
    }
}
