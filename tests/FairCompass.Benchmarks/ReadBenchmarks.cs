using BenchmarkDotNet.Attributes;
using FairCompass.Core.Natural;
using FairCompass.Store.Demo;

namespace FairCompass.Benchmarks;

/// <summary>Natural texts: a line as it is typed, a sheet of usual length, one of two hundred lines.</summary>
[MemoryDiagnoser]
public class ReadBenchmarks
{
    private const string Line = "10 thrusters 43/30 kg";

    private const string Sheet = """
        EVENT 3 - HEDGE

        For time, time cap 17 minutes:
        60 double-unders
        50 sit-ups
        40 kettlebell swings
        30 box step-overs
        20 clean and jerks

        Loads (men/women)
        Tideline: kettlebell 24/16 kg, barbell 70/47.5 kg
        Estuary: kettlebell 20/12 kg, barbell 55/37.5 kg
        Box for all: 60/50 cm

        Standards
        Sit-up: both hands touch the floor behind the head and then the feet.

        Score: the finishing time. At the cap one second is added per missing rep.
        Tie-break: time at the end of the kettlebell swings.
        """;

    private static readonly string Long =
        "AMRAP 20\n"
        + string.Concat(
            Enumerable
                .Range(0, 66)
                .Select(i => $"{i + 3} thrusters @ 43/30kg\n{i + 5} T2B (Meadow: knee raises)\n12 cal row, one at a time\n")
        );

    [Benchmark]
    public NaturalReading Typed() => NaturalReader.Read(SaltmarshFerryGames.Competition, "AMRAP 12\n" + Line);

    [Benchmark]
    public NaturalReading EventSheet() => NaturalReader.Read(SaltmarshFerryGames.Competition, Sheet);

    [Benchmark]
    public NaturalReading TwoHundredLines() => NaturalReader.Read(SaltmarshFerryGames.Competition, Long);
}
