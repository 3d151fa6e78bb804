using BenchmarkDotNet.Attributes;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Store.Demo;

namespace FairCompass.Benchmarks;

/// <summary>Papers; the budget is 200 ms for any one, and 3 s for the pack of all demo workouts and divisions.</summary>
[MemoryDiagnoser]
public class PaperBenchmarks
{
    private static readonly DateOnly Day = new(2027, 6, 12);
    private IReadOnlyList<Understanding> all = [];

    [GlobalSetup]
    public void Read() =>
        all = SaltmarshFerryGames.Drafts.Take(17).Select(d => Understanding.Of(SaltmarshFerryGames.Competition, d)).ToList();

    /// <summary>The longest judge brief of the demo, with figures.</summary>
    [Benchmark]
    public Brief Judge_brief_with_figures() => Paper(Named("Breakwater"), null, Audience.Judge, Language.English);

    [Benchmark]
    public Brief Judge_brief_in_spanish() => Paper(Named("Breakwater"), null, Audience.Judge, Language.Spanish);

    /// <summary>Thirty cards with a QR code each.</summary>
    [Benchmark]
    public Brief Thirty_cards() => new BriefBuilder(Named("Signal Mast"), "Meadow", Day, new() { Cards = 30 }).Build(Audience.LaneCard);

    /// <summary>Every paper of every demo workout, for all and for each of its divisions, with figures; from texts that are understood
    /// already.</summary>
    [Benchmark]
    public int Pack_of_all_workouts_and_divisions() =>
        all.Sum(u =>
            u.Courses.Select(c => (string?)c.Address.Division.Name)
                .Distinct()
                .Prepend(null)
                .Sum(d => PaperNames.All.Sum(a => Paper(u, d, a, Language.English).Sections.Count))
        );

    private Understanding Named(string title) => all.First(u => u.Workout.Title == title);

    private static Brief Paper(Understanding u, string? division, Audience audience, Language language) =>
        new BriefBuilder(u, division, Day, new() { Figures = true, Language = language }).Build(audience);
}
