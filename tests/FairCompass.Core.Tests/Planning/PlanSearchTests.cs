using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Planning;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Planning.Solving;
using NodaTime;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Planning;

public class PlanSearchTests(ITestOutputHelper output)
{
    private static bool IsLong => Environment.GetEnvironmentVariable("LONG") is not null;

    private static SearchLimit Short => new(1, 0.3);

    [Fact]
    public void What_is_found_keeps_every_hard_rule_and_is_never_worse_than_the_first_plan()
    {
        var first = Environment.TickCount & 0xFFFF;
        output.WriteLine(string.Create(CultureInfo.InvariantCulture, $"seeds from {first}"));
        var shorter = 0;
        for (var seed = first; seed < first + (IsLong ? 60 : 4); seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 20 + (seed % (IsLong ? 180 : 30)));
            var told = new List<FoundPlan>();
            var best = PlanSearch.Run(plan, field, MadeUp.Ids, Short, told.Add);
            Assert.True(
                PlainCheck.Of(best.Plan, field) is [],
                $"seed {seed}: {string.Join(", ", PlainCheck.Of(best.Plan, field).Distinct())}"
            );
            Assert.False(told[0].Worth.IsBetterThan(best.Worth), $"seed {seed}");
            Assert.True(best.AtLeast is null || best.AtLeast <= best.Worth.Minutes, $"seed {seed}: {best.AtLeast} {best.Worth.Minutes}");
            shorter += best.Worth.IsShorterThan(told[0].Worth) ? 1 : 0;
        }

        output.WriteLine($"{shorter} are shorter than the first");
    }

    [Fact]
    public void One_number_finds_one_plan()
    {
        var (plan, field) = MadeUp.Of(6, 26);
        string Found() => PlanJson.Write(PlanSearch.Run(plan, field, MadeUp.Ids, Short).Plan);
        Assert.Equal(Found(), Found());
    }

    /// <summary>Every order of the heats of two sessions on one floor, each placed by plain arithmetic: none is shorter.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void No_order_of_a_tiny_field_is_shorter(int seed)
    {
        var (plan, field) = Tiny(seed);
        var best = PlanSearch.Run(plan, field, MadeUp.Ids, new(1, 4));
        var rows = plan
            .Sessions.Select(s =>
                best.Plan.Heats.Where(h => h.Session == s.Id).Select(h => h.Lanes.Select(l => l.Entry).ToArray()).ToList()
            )
            .ToList();
        var shortest = Orders(rows[0]).SelectMany(a => Orders(rows[1]).Select(b => Length(plan, field, a, b))).Min();
        Assert.Equal((shortest, shortest), (best.Worth.Minutes, best.AtLeast));
    }

    /// <summary>Two sessions of two or three groups, drawn, so that any order may be; some run in both and must rest.</summary>
    private static (Plan Plan, Field Field) Tiny(int seed)
    {
        var random = new Random(seed);
        var groups = Enumerable.Range(0, 4).Select(i => new RunGroup("D" + i, null, 300 + (60 * random.Next(6)), 0, null, 0)).ToList();
        PlannedWorkout Workout(int n) =>
            new(MadeUp.Id(n), "W" + n, [.. groups], [.. groups.Select(_ => groups.Select(_ => random.Next(0, 5) * 4).ToEq())]);
        var entries = groups.SelectMany(
            (g, i) =>
                Enumerable
                    .Range(0, i == 1 || (i == 3 && IsLong) ? 2 : 1)
                    .Select(k => new Entry(
                        MadeUp.Id(100 + (10 * i) + k),
                        g.Division,
                        "T",
                        $"{i}{k}",
                        null,
                        EntryState.In,
                        [new(MadeUp.Id(200 + (10 * i) + k), $"P{i}{k}", "", "man")]
                    ))
        );
        Session Of(int n) =>
            new(MadeUp.Id(50 + n), MadeUp.Id(n), MadeUp.Morning, "floor", 1, HeatOrder.Drawn, false, false, new(60, null, 1), []);
        return (new("UTC", new(20, 4, 1), seed, [Of(1), Of(2)], []), new([Workout(1), Workout(2)], [.. entries], []));
    }

    private static IEnumerable<List<T>> Orders<T>(List<T> all) =>
        all.Count == 0
            ?
            [
                [],
            ]
            : all.SelectMany((x, i) => Orders([.. all.Where((_, k) => k != i)]).Select(o => o.Prepend(x).ToList()));

    private static long Length(Plan plan, Field field, List<Guid[]> first, List<Guid[]> second)
    {
        var (rested, end, before) = (new Dictionary<Guid, long>(), 0L, (RunGroup?)null);
        for (var n = 0; n < 2; n++)
        {
            before = null;
            foreach (var heat in n == 0 ? first : second)
            {
                var (workout, entry) = (field.Workouts[n], field.Entry(heat[0])!);
                var group = workout.GroupOf(entry)!;
                // Four seconds a plate, as docs/guide.md has it, one after the other.
                var plates = before is null ? 0 : 4L * workout.PlatesBetween(before, group);
                var from = end == 0 ? 0 : end + 60 + plates;
                var starts = (Math.Max(from, rested.GetValueOrDefault(entry.Id)) + 59) / 60 * 60;
                (end, before) = (starts + group.Seconds, group);
                rested[entry.Id] = end + (plan.Rules.RestMinutes * 60);
            }
        }

        return (end + 59) / 60;
    }

    /// <summary>Three heats of two lanes and five judges, one workout: every way to place them, counted.</summary>
    [Fact]
    public void No_way_to_place_a_few_judges_links_more_of_them()
    {
        var group = new RunGroup("D", null, 300, 1, null, 0);
        var workout = new PlannedWorkout(
            MadeUp.Id(1),
            "W",
            [group],
            [
                [0],
            ]
        );
        var entries = Enumerable
            .Range(0, 6)
            .Select(i => new Entry(
                MadeUp.Id(100 + i),
                "D",
                "T",
                $"{i}",
                null,
                EntryState.In,
                [new(MadeUp.Id(200 + i), $"P{i}", i == 0 ? "Kelp" : "", "man")]
            ))
            .ToList();
        var judges = Enumerable.Range(0, 5).Select(i => new Judge(MadeUp.Id(300 + i), $"J{i}", i == 0 ? "Kelp" : "", [], [], 0)).ToList();
        var session = new Session(
            MadeUp.Id(50),
            MadeUp.Id(1),
            MadeUp.Morning,
            "floor",
            2,
            HeatOrder.Drawn,
            false,
            false,
            new(60, null, 1),
            []
        );
        var field = new Field([workout], [.. entries], [.. judges]);
        var best = PlanSearch.Run(new("UTC", new(0, 2, 1), 1, [session], []), field, MadeUp.Ids, new(1, 4));
        var most = 0;
        foreach (var ways in Ways(best.Plan.Heats.Count * 2))
        {
            var by = best
                .Plan.Heats.Select((h, i) => h.Lanes.Select((l, k) => (l.Entry, Judge: judges[ways[(2 * i) + k]])).ToList())
                .ToList();
            var isRight = by.TrueForAll(h => h[0].Judge != h[1].Judge && h.TrueForAll(x => x.Judge.MayJudge(field.Entry(x.Entry)!)));
            var inARow = judges.Exists(j => by.TrueForAll(h => h.Exists(x => x.Judge == j)));
            if (isRight && !inARow)
            {
                most = Math.Max(
                    most,
                    by.Select(h =>
                            (
                                Math.Min(ways[2 * by.IndexOf(h)], ways[(2 * by.IndexOf(h)) + 1]),
                                Math.Max(ways[2 * by.IndexOf(h)], ways[(2 * by.IndexOf(h)) + 1])
                            )
                        )
                        .Distinct()
                        .Count()
                );
            }
        }

        Assert.Equal((0, most), (best.Worth.Open, best.Worth.Linking.Linked));

        static IEnumerable<int[]> Ways(int posts) =>
            Enumerable
                .Range(0, (int)Math.Pow(5, posts))
                .Select(n => Enumerable.Range(0, posts).Select(p => n / (int)Math.Pow(5, p) % 5).ToArray());
    }
}
