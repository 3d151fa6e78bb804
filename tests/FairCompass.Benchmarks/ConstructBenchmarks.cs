using BenchmarkDotNet.Attributes;
using FairCompass.Core.Explaining;
using FairCompass.Store.Demo;

namespace FairCompass.Benchmarks;

/// <summary>What one construct costs: a small draft with it, from its text to everything recomputed, beside the same draft
/// without.</summary>
[MemoryDiagnoser]
public class ConstructBenchmarks
{
    private const string Reps = "\nscore: reps\n  tie: shared\n";
    private const string Time = "\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";

    private static readonly Dictionary<string, string> Drafts = new(StringComparer.Ordinal)
    {
        ["plain rounds"] = One("9:00 for reps\n  5 rounds\n    12 sit-up\n    6 burpee\n" + Reps),
        ["every minute"] = One(
            "9:00 for reps\n  every 1:00, unfinished is skipped, what is done counts\n    12 sit-up\n    6 burpee\n" + Reps
        ),
        ["growing to failure"] = One("9:00 for reps\n  every 1:00, unfinished ends the work\n    6-7-8-... burpee\n" + Reps),
        ["checkpoint"] = One(
            "9:00 for time\n  60 sit-up\n  checkpoint Deck\n  40 burpee\n\nscore: time\n  unfinished: cap line by reps\n  "
                + "tie: time at Deck\n"
        ),
        ["cap by division"] = Both("9:00 for time\n  Meadow: 11:00\n  60 sit-up\n  40 burpee\n" + Time),
        ["chosen cycles"] = One("5 cycles, rest 1:00 between\n  2:00 for reps\n    max burpee\n\nscore: sum of the best 3 cycles\n"),
        ["relay that goes on"] = Team(
            "relay for reps, 2:00 each, change 0:30, continues\n  rounds without end\n    12 sit-up\n    6 burpee\n\nscore: "
                + "reps\n  tie: lowest member\n"
        ),
        ["count by member"] = Team(
            "9:00 for reps\n  70 sit-up\n    share: one at a time, at least 20 each, count by member, short is owed\n" + Reps
        ),
        ["a position held"] = Team(
            "9:00 for reps\n  70 sit-up\n    share: one at a time, any split\n    hold: 1 crew-mate in dead hang, for every "
                + "whole rep, broken: set lost\n"
                + Reps
        ),
        ["heaviest complex"] = One(
            "9:00 for load\n  heaviest complex, start 60/40 kg, 3 attempts, never down\n    1 power clean\n    2 front squat\n"
                + "\nscore: best load\n  tie: shared\n"
        ),
        ["rising height"] = One(
            "9:00 for load\n  highest box jump, from 60/50 cm up by 5 cm, 3 misses in a row\n\nscore: height\n  tie: shared\n"
        ),
        ["kilograms"] = One(
            "9:00 for reps\n  rounds without end\n    10 deadlift, 60-70-.../40-45-... kg\n\nscore: kilograms\n  tie: shared\n"
        ),
        ["penalty"] = One("9:00 for time\n  30 power clean, 60/40 kg\n" + Time + "  penalty: 0:05 for each dropped bar, at most 0:30\n"),
        ["own best"] = One("9:00 for time\n  30 back squat, 80/75 % of own best, from the rack\n" + Time),
    };

    /// <summary>The constructs.</summary>
    public static IEnumerable<string> Names => Drafts.Keys;

    [ParamsSource(nameof(Names))]
    public string Construct { get; set; } = "";

    [Benchmark]
    public Explanation Explain() => Explainer.Explain(SaltmarshFerryGames.Competition, Drafts[Construct]);

    private static string One(string work) => "Draft\n  for Tideline\n  a/b is man/woman\n\n" + work;

    private static string Both(string work) => "Draft\n  for Tideline, Meadow\n  a/b is man/woman\n\n" + work;

    private static string Team(string work) => "Draft\n  for Ferry Pairs\n  a/b is man/woman\n\n" + work;
}
