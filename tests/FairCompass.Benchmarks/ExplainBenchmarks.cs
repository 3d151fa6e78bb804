using BenchmarkDotNet.Attributes;
using FairCompass.Core.Explaining;
using FairCompass.Store.Demo;

namespace FairCompass.Benchmarks;

/// <summary>From a changed text to everything recomputed; the budget is 5 ms for each demo workout.</summary>
[MemoryDiagnoser]
public class ExplainBenchmarks
{
    private string draft = "";

    /// <summary>The titles of the complete demo workouts, and a finite ladder of 2 × (2 + 4 + … + 140) = 9,940 reps.</summary>
    public static IEnumerable<string> Titles =>
        SaltmarshFerryGames
            .Drafts.Where(d => !d.Contains("with mistakes", StringComparison.Ordinal))
            .Select(d => d[..d.IndexOf('\n', StringComparison.Ordinal)])
            .Append("ladder of 9,940");

    [ParamsSource(nameof(Titles))]
    public string Workout { get; set; } = "";

    [GlobalSetup]
    public void Read() =>
        draft =
            SaltmarshFerryGames.Drafts.FirstOrDefault(d => d.StartsWith(Workout + "\n", StringComparison.Ordinal))
            ?? SaltmarshFerryGames
                .Drafts[1]
                .Replace("rounds without end", "70 rounds", StringComparison.Ordinal)
                .Replace("2-4-6-...", "2-4-6-...-140", StringComparison.Ordinal);

    [Benchmark]
    public Explanation Explain() => Explainer.Explain(SaltmarshFerryGames.Competition, draft);
}
