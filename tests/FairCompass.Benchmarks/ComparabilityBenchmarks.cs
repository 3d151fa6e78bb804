using BenchmarkDotNet.Attributes;
using FairCompass.Comparability;
using FairCompass.Core.Tests.Comparability;

namespace FairCompass.Benchmarks;

/// <summary>What tallies say of judges; the budgets are 2 s for the model of a large competition and 1 s for a made-up day.</summary>
[MemoryDiagnoser]
public class ComparabilityBenchmarks
{
    private static readonly SimulatedDay Usual = new(60, 12, 6);
    private readonly IReadOnlyList<Watched> large = new SimulatedDay(200, 24, 10).Make(1);
    private int seed;

    /// <summary>The model of 200 athletes in four workouts before 24 judges.</summary>
    [Benchmark]
    public Spreads Two_hundred_athletes_fitted() => new TallyModel(large).Fit();

    /// <summary>The same with a test and an interval of each judge, lane and heat, as <i>Drift</i> shows it.</summary>
    [Benchmark]
    public DayDrift? Two_hundred_athletes_said() => DayDrift.Of(large, 0.05);

    /// <summary>A day made up and judged, as the long tests do it a thousand times.</summary>
    [Benchmark]
    public DayDrift? A_day_of_sixty_made_up_and_said() => DayDrift.Of(Usual.Make(seed++), 0.05);
}
