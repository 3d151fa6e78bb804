using BenchmarkDotNet.Attributes;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Benchmarks;

/// <summary>Plans of plates on the stock of a lane: a ladder on one bar, twelve bars that share it, a day of one bar.</summary>
[MemoryDiagnoser]
public class PlateBenchmarks
{
    private static readonly PlatePairs[] Lane =
    [
        new(25, 1, true),
        new(20, 2, true),
        new(15, 1, true),
        new(10, 2, true),
        new(5, 2),
        new(2.5m, 2),
        new(1.25m, 2),
    ];

    private static readonly PlatePairs[] Floor = [.. Lane.Select(p => p with { Pairs = p.Pairs * 12 })];

    private readonly PlannedBar ladder = new("one", 20, ((decimal?[])[60, 80, 100, 120, 130]).ToEq());
    private readonly List<PlannedBar> twelve = Bars(12, 8);
    private readonly List<PlannedBar> day = Bars(1, 200);

    private static List<PlannedBar> Bars(int bars, int moments)
    {
        var random = new Random(20270612);
        return
        [
            .. Enumerable
                .Range(0, bars)
                .Select(b => new PlannedBar(
                    $"{b}",
                    b % 2 == 0 ? 20 : 15,
                    Enumerable.Range(0, moments).Select(_ => (decimal?)((b % 2 == 0 ? 20 : 15) + (5 * random.Next(4, 20)))).ToEq()
                )),
        ];
    }

    [Benchmark]
    public PlatePlan One_bar_of_five_rungs() => PlatePlanner.Plan(Lane, 0, [ladder]);

    [Benchmark]
    public PlatePlan Twelve_bars_of_eight_changes() => PlatePlanner.Plan(Floor, 0, twelve);

    [Benchmark]
    public PlatePlan A_day_of_forty_heats_of_five_loads() => PlatePlanner.Plan(Lane, 0, day);
}
