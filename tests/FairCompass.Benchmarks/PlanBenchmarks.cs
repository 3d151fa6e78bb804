using System.Globalization;
using BenchmarkDotNet.Attributes;
using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Planning.Solving;
using NodaTime;

namespace FairCompass.Benchmarks;

/// <summary>Two days of 200 athletes in four workouts on eight lanes, 24 judges of six gyms: the plan at once, a delay, the
/// search.</summary>
[MemoryDiagnoser]
public class PlanBenchmarks
{
    private static readonly LocalDateTime Morning = new(2027, 6, 12, 8, 0);
    private readonly Field field = Made();
    private readonly Plan planned;

    /// <summary>Plans once.</summary>
    public PlanBenchmarks() => planned = GreedyPlan.Make(Asked, field, Guid.CreateVersion7);

    /// <summary>The plan at once.</summary>
    [Benchmark]
    public Plan First() => GreedyPlan.Make(Asked, field, Guid.CreateVersion7);

    /// <summary>The tenth heat twelve minutes late, and what follows.</summary>
    [Benchmark]
    public Plan Delayed() => Replan.Delayed(planned, field, planned.Heats[9].Id, 12);

    /// <summary>Everything the plan does not keep to.</summary>
    [Benchmark]
    public Eq<Breach> Checked() => PlanCheck.Of(planned, field);

    /// <summary>The search, as it goes: printed, since what counts is what it finds and when.</summary>
    public static void Search()
    {
        var (field, clock) = (Made(), System.Diagnostics.Stopwatch.StartNew());
        foreach (var judges in (int[])[24, 12])
        {
            var less = field with { Judges = [.. field.Judges.Take(judges)] };
            clock.Restart();
            PlanSearch.Run(
                Asked,
                less,
                () => Guid.CreateVersion7,
                SearchLimit.Usual,
                f =>
                    Console.WriteLine(
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"{judges} judges, {clock.Elapsed.TotalSeconds:0.0} s: {f.Worth.Minutes} min, at least {f.AtLeast}, "
                                + $"{f.Worth.Open} open, "
                                + $"{f.Worth.Linking.Linked} of {f.Worth.Linking.Pairs} linked, uneven {f.Worth.Spread.Uneven}"
                        )
                    )
            );
            Console.WriteLine(
                string.Create(CultureInfo.InvariantCulture, $"{judges} judges: over after {clock.Elapsed.TotalSeconds:0.0} s")
            );
        }
    }

    private static Guid Id(int n) => new(n, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1);

    private static Plan Asked =>
        new(
            "Europe/London",
            new(45, 4, 1),
            7,
            [
                .. Enumerable
                    .Range(1, 4)
                    .Select(n => new Session(
                        Id(50 + n),
                        Id(n),
                        Morning.PlusDays((n - 1) / 2),
                        "floor",
                        8,
                        HeatOrder.Seeded,
                        true,
                        true,
                        new(120, null, 2),
                        []
                    )),
            ],
            []
        );

    private static Field Made()
    {
        var random = new Random(2027);
        string[] gyms = ["Kelp", "Heron", "Windlass", "Tidewrack", "Mudlark", "Lowlight"];
        var entries = Enumerable
            .Range(0, 200)
            .Select(i => new Entry(
                Id(1000 + i),
                "D" + (i % 4),
                "",
                $"{i + 1}",
                random.Next(1, 200),
                EntryState.In,
                [new(Id(2000 + i), $"Somebody {i}", gyms[random.Next(6)], i / 4 % 2 == 0 ? "man" : "woman")]
            ));
        RunGroup[] Groups(int seconds) =>
            [.. Enumerable.Range(0, 8).Select(g => new RunGroup("D" + (g / 2), g % 2 == 0 ? "man" : "woman", seconds, 1, null, 0))];
        var workouts = Enumerable
            .Range(1, 4)
            .Select(n => new PlannedWorkout(
                Id(n),
                "W" + n,
                [.. Groups(420 + (60 * n))],
                [.. Enumerable.Range(0, 8).Select(a => Enumerable.Range(0, 8).Select(b => 4 * Math.Abs(a - b)).ToEq())]
            ));
        var judges = Enumerable.Range(0, 24).Select(i => new Judge(Id(300 + i), $"Judge {i}", gyms[i % 6], [], [], 1));
        return new([.. workouts], [.. entries], [.. judges]);
    }
}
