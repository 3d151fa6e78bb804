using BenchmarkDotNet.Attributes;
using FairCompass.Core.Courses;
using FairCompass.Core.Explaining;
using FairCompass.Core.Scoring;
using FairCompass.Store.Demo;

namespace FairCompass.Benchmarks;

/// <summary>From a changed text to everything recomputed; the budget is 5 ms for each demo workout.</summary>
[MemoryDiagnoser]
public class ExplainBenchmarks
{
    private string[] drafts = [];
    private string ladder = "";

    [Params("Ferry Bell", "Undertow", "Breakwater", "Cockle Row")]
    public string Workout { get; set; } = "";

    [GlobalSetup]
    public void Read()
    {
        drafts = SaltmarshFerryGames.Drafts.ToArray();
        ladder = drafts.First(d => d.StartsWith(Workout, StringComparison.Ordinal));
    }

    [Benchmark]
    public Explanation Explain() => Explainer.Explain(SaltmarshFerryGames.Competition, ladder);
}

/// <summary>Look-ups far out in a ladder without end; the budget is 10 µs at count 1,000,000.</summary>
[MemoryDiagnoser]
public class StrandBenchmarks
{
    private readonly Strand strand = Understanding.Of(SaltmarshFerryGames.Competition, SaltmarshFerryGames.Drafts[1]).Courses[0].Pieces[0].Strand!;

    [Params(10_000, 1_000_000)]
    public long Unit { get; set; }

    [Benchmark]
    public Place At() => strand.At(Unit);

    [Benchmark]
    public long? UnitsAt() => strand.UnitsAt(strand.At(Unit));
}

/// <summary>A ladder to 10,000 reps explained, and ranking beside sorting the same keys.</summary>
[MemoryDiagnoser]
public class LadderAndRankBenchmarks
{
    private readonly string closed = SaltmarshFerryGames.Drafts[1]
        .Replace("rounds without end", "70 rounds", StringComparison.Ordinal).Replace("2-4-6-...", "2-4-6-...-140", StringComparison.Ordinal);

    private readonly List<ComponentResult> results = Enumerable.Range(0, 100_000)
        .Select(i => new ComponentResult((ResultClass)(i * 7919 % 3), i * 104_729L % 5_000, [i * 31L % 60], "", null, [])).ToList();

    /// <summary>2 × (2 + 4 + … + 140) = 9,940 reps in one finite ladder.</summary>
    [Benchmark]
    public Explanation ExplainLadder() => Explainer.Explain(SaltmarshFerryGames.Competition, closed);

    [Benchmark]
    public IReadOnlyList<int> Rank100000() => Ranking.Places(results);

    [Benchmark(Baseline = true)]
    public long[] SortTheValuesOnly()
    {
        var keys = results.Select(r => r.Value).ToArray();
        Array.Sort(keys);
        return keys;
    }
}
