using BenchmarkDotNet.Attributes;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Store.Demo;

namespace FairCompass.Benchmarks;

/// <summary>Look-ups far out in work without end; the budget is 10 µs at count 1,000,000.</summary>
[MemoryDiagnoser]
public class StrandBenchmarks
{
    private const long Unit = 1_000_000;
    private Strand strand = null!;

    /// <summary>A rising ladder, a complex with work in every second round, and a menu with credit in proportion.</summary>
    [Params("Undertow", "Signal Mast", "Chandlery")]
    public string Workout { get; set; } = "";

    [GlobalSetup]
    public void Compile() =>
        strand = Understanding
            .Of(SaltmarshFerryGames.Competition, SaltmarshFerryGames.Drafts.First(d => d.StartsWith(Workout, StringComparison.Ordinal)))
            .Courses[0]
            .Pieces[0]
            .Strand!;

    [Benchmark]
    public Place At() => strand.At(Unit);

    [Benchmark]
    public long? There_and_back() => strand.UnitsAt(strand.At(Unit));

    [Benchmark]
    public long Credit() => strand.Sum(Unit, Tally.Credit);

    [Benchmark]
    public long? Least_units_for_a_credit() => strand.Reach(Unit, Tally.Credit);
}
