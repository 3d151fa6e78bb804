using FairCompass.Core.Quantities;

namespace FairCompass.Core.Kit;

/// <summary>
/// Finds the cheapest changes of all bars that share a lane's plates: inner plates stay on as far as
/// they can, then fewest plates are handled, then the least mass. The plan is exact where the bars come into conflict over few
/// plates; where they do over many, each bar is planned anew among the others for as long as that helps.
/// </summary>
public static class PlatePlanner
{
    /// <summary>Moments that are planned at once; a longer run is planned in stretches, each from where the last one ended.</summary>
    private const int Stretch = 10;

    /// <summary>Spans that are looked at for one plan of all bars: some seconds at the most.</summary>
    internal const int MostSpans = 1_000_000;

    /// <summary>Plans of one bar after which the exact search gives up.</summary>
    private const int MostPlans = 400;

    /// <summary>Plans bars.</summary>
    /// <param name="stock">Plates of the lane; kinds of the same mass are one.</param>
    /// <param name="clips">Mass of a pair of clips, put on whenever plates are; from 0.</param>
    /// <param name="bars">The bars; all have as many moments.</param>
    /// <exception cref="ArgumentException">Bars of unlike numbers of moments, or more kinds than <see cref="MostKinds"/>.</exception>
    public static PlatePlan Plan(IReadOnlyList<PlatePairs> stock, decimal clips, IReadOnlyList<PlannedBar> bars) =>
        Plan(stock, clips, bars, MostSpans);

    /// <summary>Plans bars, looking at so many spans at the most.</summary>
    internal static PlatePlan Plan(IReadOnlyList<PlatePairs> stock, decimal clips, IReadOnlyList<PlannedBar> bars, int mostSpans) =>
        Plan(stock, clips, bars, new PlanBudget(mostSpans));

    /// <summary>Plans bars with what is left to be looked at.</summary>
    internal static PlatePlan Plan(IReadOnlyList<PlatePairs> stock, decimal clips, IReadOnlyList<PlannedBar> bars, PlanBudget budget)
    {
        var plates = Kinds(stock);
        if (plates.Length > MostKinds || bars.Select(b => b.Loads.Count).Distinct().Count() > 1)
        {
            throw new ArgumentException("Too many kinds of plates, or bars of unlike numbers of moments.", nameof(bars));
        }

        if (bars.Count == 0)
        {
            return new([], []);
        }

        var sides = bars.Select(b => new List<List<int>>()).ToArray();
        var moments = bars[0].Loads.Count;
        for (var from = 0; from < moments; from += Stretch)
        {
            var of = Math.Min(Stretch, moments - from);
            if (Together(plates, clips, bars, sides, from, of, budget) is not { } found)
            {
                // What cannot be made on its own is named; if everything can, the bars have not enough together.
                var alone = bars.SelectMany(b => Alone(plates, clips, b)).ToEq();
                return new([], alone.Count > 0 ? alone : [Short(bars, from, budget)]) { GaveUp = alone.Count == 0 && budget.Spent };
            }

            for (var b = 0; b < bars.Count; b++)
            {
                sides[b].AddRange(found[b]);
            }
        }

        return new(bars.Select((b, i) => Changes(b, plates, sides[i])).ToEq(), []);
    }

    /// <summary>Kinds of plates that are planned with: more than any store sells.</summary>
    public const int MostKinds = SidePlanner.MostKinds;

    /// <summary>Milliseconds that one person needs for one plate, picked up, put on and pushed home, or taken off: our estimate, to be
    /// replaced by a measured one.</summary>
    public const int UsualMsPerPlate = 4000;

    /// <summary>True where the whole stock makes a load on a bar, as far as a short look tells.</summary>
    internal static bool CanMake(IReadOnlyList<PlatePairs> stock, decimal clips, PlannedBar bar, decimal load) =>
        Possible(Kinds(stock), Need(load, clips, bar), bar);

    /// <summary>The plates that are there, heaviest first; those of one mass are one kind.</summary>
    private static PlatePairs[] Kinds(IReadOnlyList<PlatePairs> stock) =>
        [
            .. stock
                .Where(p => p.Pairs > 0)
                .GroupBy(p => p.Mass)
                .Select(g => g.First() with { Pairs = Math.Min(SidePlanner.MostPairs, g.Sum(p => p.Pairs)), Full = g.Any(p => p.Full) })
                .OrderByDescending(p => p.Mass),
        ];

    /// <summary>Every load that cannot be made even with the whole stock.</summary>
    private static IEnumerable<NotMade> Alone(PlatePairs[] plates, decimal clips, PlannedBar bar)
    {
        var makes = new Lazy<List<decimal>>(() => Makes(plates, clips, bar));
        for (var i = 0; i < bar.Loads.Count; i++)
        {
            if (bar.Loads[i] is { } load && Need(load, clips, bar) is var need && !(makes.Value.Contains(load) && Made(load)))
            {
                var below = makes.Value.Where(m => m < load).Reverse().Take(MostNearest).FirstOrDefault(Made);
                var above = makes.Value.Where(m => m > load).Take(MostNearest).FirstOrDefault(Made);
                yield return new(
                    bar.Name,
                    i,
                    load,
                    load < bar.Mass ? $"The empty bar weighs {Number.Normal(bar.Mass)}."
                        : bar.NeedsFull && Possible(plates, need, bar with { NeedsFull = false })
                            ? "No full plate is on the bar with this load."
                        : bar.Sleeve is not null && Possible(plates, need, bar with { Sleeve = null })
                            ? "The sleeve is too short for these plates."
                        : "No plates of the lane make this load.",
                    below == 0 ? null : below,
                    above == 0 ? null : above
                );
            }
        }

        bool Made(decimal mass) => bar is { NeedsFull: false, Sleeve: null } || Possible(plates, Need(mass, clips, bar), bar);
    }

    private static bool Possible(PlatePairs[] plates, long need, PlannedBar bar) =>
        need >= 0 && new SidePlanner(plates, [All(plates)], [need], [], bar, new PlanBudget(MostSpans / 100)).Cost() != long.MaxValue;

    /// <summary>Loads beside one that cannot be made at which a nearest is looked for.</summary>
    private const int MostNearest = 50;

    /// <summary>Loads that the plates weigh, whether or not they fit the bar.</summary>
    internal static List<decimal> Makes(IEnumerable<PlatePairs> plates, decimal clips, PlannedBar bar)
    {
        var sums = new SortedSet<decimal> { 0 };
        foreach (var plate in plates)
        {
            foreach (var sum in sums.ToList())
            {
                for (var n = 1; n <= plate.Pairs && sums.Count < 20_000; n++)
                {
                    sums.Add(sum + (n * plate.Mass));
                }
            }
        }

        return [.. sums.Select(s => bar.Mass + (s == 0 ? 0 : clips) + (2 * s)).Order()];
    }

    private static int[] All(PlatePairs[] plates) => [.. plates.Select(p => p.Pairs)];

    /// <summary>Thousandths on one side; -1 for what is no such mass.</summary>
    private static long Need(decimal load, decimal clips, PlannedBar bar)
    {
        var side = load == bar.Mass ? 0 : (load - bar.Mass - clips) / 2 * 1000;
        return side < 0 || side != decimal.Truncate(side) || (side == 0 && load != bar.Mass) ? -1 : (long)side;
    }

    /// <summary>The cheapest way that was found to plan all bars over a stretch of moments; null where there is none.</summary>
    private static List<int>[][]? Together(
        PlatePairs[] plates,
        decimal clips,
        IReadOnlyList<PlannedBar> bars,
        List<List<int>>[] before,
        int from,
        int of,
        PlanBudget budget
    )
    {
        var starts = bars.Select((b, i) => before[i].Count > 0 ? [.. before[i][^1]] : b.Stands.Select(m => Kind(plates, m)).ToArray())
            .ToArray();
        var needs = bars.Select(b =>
                Enumerable.Range(from, of).Select(i => b.Loads[i] is { } l ? Need(l, clips, b) : (long?)null).ToArray()
            )
            .ToArray();
        var search = new ConflictSearch(plates, bars, starts, needs, MostPlans, budget);
        var exact = search.Best();
        if (exact is not null || !search.GaveUp)
        {
            return exact;
        }

        return new PlateBargain(plates, bars, starts, needs, budget).Best();
    }

    /// <summary>How many of the inner plates two stacks have in common.</summary>
    internal static int Same(IReadOnlyList<int> a, IReadOnlyList<int> b)
    {
        var same = 0;
        while (same < a.Count && same < b.Count && a[same] == b[same])
        {
            same++;
        }

        return same;
    }

    private static int Kind(PlatePairs[] plates, decimal mass) =>
        Array.FindIndex(plates, p => p.Mass == mass) is >= 0 and var kind
            ? kind
            : throw new ArgumentException($"The lane has no plate of {Number.Normal(mass)}.", nameof(mass));

    private static NotMade Short(IReadOnlyList<PlannedBar> bars, int from, PlanBudget budget) =>
        new(
            bars[0].Name,
            from,
            bars[0].Loads[from] ?? 0,
            budget.Spent
                ? "These are too many plates, bars and loads to plan at once; plan fewer."
                : "The lane has not enough plates for all bars at once.",
            null,
            null
        );

    private static BarPlan Changes(PlannedBar bar, PlatePairs[] plates, List<List<int>> sides)
    {
        var was = bar.Stands.Select(m => Kind(plates, m)).ToList();
        var changes = new List<PlateChange>();
        for (var i = 0; i < sides.Count; i++)
        {
            var same = Same(was, sides[i]);
            decimal Mass(int kind) => plates[kind].Mass;
            changes.Add(
                new(
                    bar.Loads[i],
                    was.Skip(same).Reverse().Select(Mass).ToEq(),
                    sides[i].Skip(same).Select(Mass).ToEq(),
                    sides[i].Select(Mass).ToEq()
                )
            );
            was = sides[i];
        }

        return new(bar.Name, changes.ToEq());
    }
}
