using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using NodaTime;

namespace FairCompass.Core.Tests.Planning;

/// <summary>Made-up fields: some divisions, workouts, entries, judges, out of one seed.</summary>
internal static class MadeUp
{
    public static readonly LocalDateTime Morning = new(2027, 6, 12, 8, 0);

    private static readonly string[] Gyms = ["Kelp Street", "Old Windlass", "Tidewrack", "Heron & Rope"];

    public static Guid Id(int n) => new(n, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1);

    public static (Plan Plan, Field Field) Of(int seed, int entries)
    {
        var random = new Random(seed);
        var people = new List<Person>();
        var field = new List<Entry>();
        for (var i = 0; i < entries; i++)
        {
            var team = random.Next(4) == 0;
            // Some stand in a pair as well as by themselves.
            Person Somebody(string duty) =>
                team && people.Where(p => p.Duty == duty).ToList() is { Count: > 0 } known && random.Next(3) == 0
                    ? known[random.Next(known.Count)]
                    : Added(duty);
            Person Added(string duty)
            {
                var p = new Person(Id(10_000 + people.Count), $"Somebody {people.Count}", Gyms[random.Next(Gyms.Length)], duty);
                people.Add(p);
                return p;
            }

            var sex = random.Next(2) == 0 ? "man" : "woman";
            field.Add(
                team
                    ? new(Id(1000 + i), "Pairs", $"Pair {i}", $"{i + 1}", null, EntryState.In, [Somebody("man"), Somebody("woman")])
                    : new(
                        Id(1000 + i),
                        random.Next(2) == 0 ? "Upper" : "Lower",
                        "",
                        $"{i + 1}",
                        random.Next(3) == 0 ? null : random.Next(1, 99),
                        random.Next(12) == 0 ? EntryState.Withdrawn : EntryState.In,
                        [Added(sex)]
                    )
            );
        }

        RunGroup[] singles =
        [
            new("Upper", "man", 600, 1, null, 0),
            new("Upper", "woman", 600, 1, null, 0),
            new("Lower", "man", 600, 1, null, random.Next(2)),
            new("Lower", "woman", 600, 1, null, 0),
        ];
        Eq<Eq<int>> Plates(int n) =>
            [.. Enumerable.Range(0, n).Select(_ => Enumerable.Range(0, n).Select(_ => random.Next(0, 4) * 2).ToEq())];
        PlannedWorkout[] workouts =
        [
            new(Id(1), "First", [.. singles], Plates(4)),
            new(Id(2), "Second", [.. singles.Select(s => s with { Seconds = 480, Judges = 2 })], Plates(4)),
            new(Id(3), "Together", [new("Pairs", null, 900, 1, random.Next(2) == 0 ? 3 : null, 0)], Plates(1)),
        ];
        var judges = Enumerable
            .Range(0, 20)
            .Select(i => new Judge(Id(100 + i), $"Judge {i}", i % 3 == 0 ? "" : Gyms[i % Gyms.Length], [], [], i % 3)
            {
                Breaks = i % 5 == 0 ? [new Break(new(9, 0), new(9, 30))] : [],
            });
        var between = new BetweenHeats(random.Next(1, 4) * 60, null, random.Next(1, 3));
        Session At(int n, int workout, int hours, string floor) =>
            new(
                Id(50 + n),
                Id(workout),
                Morning.PlusHours(hours),
                floor,
                random.Next(3, 7),
                (HeatOrder)random.Next(2),
                random.Next(2) == 0,
                random.Next(2) == 0,
                between,
                []
            );
        var rules = new PlanRules(random.Next(1, 5) * 10, random.Next(2, 5), 1);
        var plan = new Plan("Europe/London", rules, seed, [At(0, 1, 0, "main"), At(1, 2, 2, "main"), At(2, 3, 1, "side")], []);
        return (plan, new([.. workouts], [.. field], [.. judges]));
    }

    /// <summary>Ids one after the other.</summary>
    public static Func<Guid> Ids()
    {
        var n = 5000;
        return () => Id(n++);
    }

    public static Plan Made(Plan plan, Field field) => GreedyPlan.Make(plan, field, Ids());
}
