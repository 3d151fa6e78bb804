using FairCompass.Comparability;
using MathNet.Numerics.Distributions;

namespace FairCompass.Core.Tests.Comparability;

/// <summary>A day that is made up from known effects: four workouts of three movements, each time in a lane with a judge.</summary>
/// <param name="Athletes">How many.</param>
/// <param name="Judges">How many.</param>
/// <param name="Lanes">How many.</param>
internal sealed record SimulatedDay(int Athletes, int Judges, int Lanes)
{
    /// <summary>How many times as many no-reps judge 0 calls.</summary>
    public double Bias { get; init; } = 1;

    /// <summary>How many times as many no-reps are seen in the first lane.</summary>
    public double LaneBias { get; init; } = 1;

    /// <summary>How many times as many no-reps are seen in the first heat.</summary>
    public double HeatBias { get; init; } = 1;

    /// <summary>How many times as many no-reps the first athlete makes.</summary>
    public double Weak { get; init; } = 1;

    /// <summary>True where judge 0 sees every run of the first third of the athletes and nobody else’s.</summary>
    public bool Confounded { get; init; }

    /// <summary>The share of tallies that nobody wrote down.</summary>
    public double Missing { get; init; }

    /// <summary>The id of a judge.</summary>
    public static Guid Judge(int n) => new(n + 1, 1, 0, [0, 0, 0, 0, 0, 0, 0, 0]);

    /// <summary>The rows of one such day.</summary>
    /// <param name="seed">Which.</param>
    public IReadOnlyList<Watched> Make(int seed)
    {
        var random = new Random(seed);
        double[] rates = [0.01, 0.03, 0.06];
        var own = Enumerable.Range(0, Athletes).Select(a => Math.Exp(Normal.Sample(random, 0, 0.5)) * (a == 0 ? Weak : 1)).ToArray();
        var rows = new List<Watched>();
        for (var workout = 0; workout < 4; workout++)
        {
            for (var a = 0; a < Athletes; a++)
            {
                var judge = Confounded
                    ? a < Athletes / 3
                        ? 0
                        : 1 + random.Next(Judges - 1)
                    : random.Next(Judges);
                var lane = random.Next(Lanes);
                var heat = $"{workout}.{a / Lanes}";
                for (var movement = 0; movement < rates.Length; movement++)
                {
                    var units = 30 + random.Next(40);
                    var mean =
                        units
                        * rates[movement]
                        * own[a]
                        * (judge == 0 ? Bias : 1)
                        * (lane == 0 ? LaneBias : 1)
                        * (heat == "0.0" ? HeatBias : 1);
                    if (random.NextDouble() >= Missing)
                    {
                        rows.Add(
                            new(
                                new(a, 0, 0, [0, 0, 0, 0, 0, 0, 0, 0]),
                                Judge(judge),
                                $"{lane}",
                                $"{workout}.{movement}",
                                units,
                                Poisson.Sample(random, mean)
                            )
                            {
                                Heat = heat,
                            }
                        );
                    }
                }
            }
        }

        return rows;
    }
}
