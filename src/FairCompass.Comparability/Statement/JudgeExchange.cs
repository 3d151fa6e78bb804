using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace FairCompass.Comparability.Statement;

/// <summary>
/// What would have become of results if other judges of the same day had stood in the lanes. Each judge’s effect on no-reps is drawn from
/// what the tallies say of it; every result gets a judge of the day by lot; its no-reps become as many as that judge would have called, and
/// each that is more or fewer changes the value by what a no-rep costs there. Whoever finished stays finished: no result changes its class.
/// </summary>
public sealed class JudgeExchange
{
    /// <summary>Exchanges of a statement.</summary>
    public const int Draws = 400;

    private const double Stands = 0.95;
    private const double TwoSided = 1.959964;

    /// <summary>An effect of so many standard errors is past the two-sided limit of 5 in 100 four times in five: 1.96 and 0.84, the normal
    /// law’s values for 97.5 and 80 in 100.</summary>
    private const double FourOfFive = TwoSided + 0.841621;

    private readonly IReadOnlyDictionary<Guid, Effect> judges;
    private readonly IReadOnlyDictionary<string, Effect> lanes;
    private readonly IReadOnlyDictionary<string, Effect> heats;

    private JudgeExchange(
        IReadOnlyDictionary<Guid, Effect> judges,
        IReadOnlyDictionary<string, Effect> lanes,
        IReadOnlyDictionary<string, Effect> heats
    ) => (this.judges, this.lanes, this.heats) = (judges, lanes, heats);

    /// <summary>The exchange of a day; null where the tallies say nothing of judges: one alone, or no no-rep at all.</summary>
    /// <param name="watched">What was watched, rows without units left out.</param>
    public static JudgeExchange? Of(IReadOnlyList<Watched> watched) => FittedDay.Of(watched) is { } day ? Of(day) : null;

    /// <summary>The exchange of a day that is fitted already.</summary>
    /// <param name="day">The day.</param>
    public static JudgeExchange Of(FittedDay day)
    {
        var (_, model, spreads, at) = day;
        var errors = model.JudgeNumbers.Values.Select(j => model.Alone(spreads, j, TallyModel.FreeSpread).Error);
        return new(
            model.JudgeNumbers.ToDictionary(j => j.Key, j => at.Judges[j.Value]),
            model.LaneNumbers.ToDictionary(l => l.Key, l => at.Lanes[l.Value], StringComparer.Ordinal),
            model.HeatNumbers.ToDictionary(h => h.Key, h => at.Heats[h.Value], StringComparer.Ordinal)
        )
        {
            Findable = Math.Exp(FourOfFive * errors.Median()),
        };
    }

    /// <summary>A judge in the middle of those who tallied who called so many times as many no-reps would be found on four days of five if
    /// tested alone; null where nothing was watched.</summary>
    public double? Findable { get; private init; }

    /// <summary>How many times as much each judge would have to watch until one of another size is found as often: errors shrink with the
    /// square root of what was watched.</summary>
    /// <param name="times">The size, over 1.</param>
    public double? WorkFor(double times) => Findable is { } f ? Math.Pow(Math.Log(f) / Math.Log(times), 2) : null;

    /// <summary>The exchange where effects are known.</summary>
    /// <param name="judges">On the logarithm of the rate of no-reps, by judge.</param>
    /// <param name="lanes">By lane.</param>
    public static JudgeExchange Of(IReadOnlyDictionary<Guid, Effect> judges, IReadOnlyDictionary<string, Effect> lanes) =>
        new(judges, lanes, new Dictionary<string, Effect>());

    /// <summary>What can be said of one board.</summary>
    /// <param name="results">Its results.</param>
    /// <param name="seed">For the draws; it stands on the statement.</param>
    public BoardStatement Of(IReadOnlyList<Judged> results, ulong seed)
    {
        var placed = results.Where(r => r.Place > 0).ToList();
        var said = placed.Where(r => IsSaid(r)).ToList();
        var costs = said.Select(CostOf).ToList();
        return new(
            placed.Count,
            said.Count,
            ShareOf(placed, r => IsSaid(r) ? CostOf(r).NoReps * r.PerNoRep : 0),
            ShareOf(placed, r => IsSaid(r) && r.Lane is { } lane ? Extra(r, lanes[lane].Value) * r.PerNoRep : 0),
            heats.Count == 0
                ? null
                : ShareOf(
                    placed,
                    r => IsSaid(r) && r.Heat is { } h && heats.TryGetValue(h, out var u) ? Extra(r, u.Value) * r.PerNoRep : 0
                ),
            costs.Count == 0 ? null : costs.MaxBy(c => Math.Abs(c.NoReps * c.PerNoRep)),
            said.Count == 0 ? [] : Shaken(placed, seed)
        );
    }

    /// <summary>What the judge of a result came to in it.</summary>
    public Cost CostOf(Judged r)
    {
        var u = judges[r.Judge!.Value];
        return new(
            r.Entry,
            r.Judge.Value,
            Extra(r, u.Value),
            Extra(r, u.Value - (TwoSided * u.Error)),
            Extra(r, u.Value + (TwoSided * u.Error)),
            r.PerNoRep
        );
    }

    /// <summary>True where it can be said what no-reps do to a result: there are a judge, a tally, and a cost.</summary>
    public bool IsSaid(Judged r) =>
        r is { Judge: { } judge, NoReps: not null, PerNoRep: > 0 }
        && judges.ContainsKey(judge)
        && (r.Lane is null || lanes.ContainsKey(r.Lane));

    /// <summary>No-reps of those tallied that an ordinary one would not have called.</summary>
    private static double Extra(Judged r, double effect) => r.NoReps!.Value * (1 - Math.Exp(-effect));

    /// <summary>The share of the differences within the largest class: between classes no distance is known.</summary>
    private static double? ShareOf(List<Judged> placed, Func<Judged, double> cost)
    {
        var alike = placed.GroupBy(r => r.Class).OrderByDescending(g => g.Count()).FirstOrDefault()?.ToList() ?? [];
        if (alike.Count < 3)
        {
            return null;
        }

        var all = alike.Select(r => r.Value).Variance();
        return all > 0 ? Math.Min(1, alike.Select(cost).Variance() / all) : null;
    }

    private List<Shaky> Shaken(List<Judged> placed, ulong seed)
    {
        var random = new Pcg32(seed, 11);
        var ids = judges.Keys.Order().ToList();
        var kept = new int[placed.Count];
        // Reps are whole, and times as fine as they are taken: who shares a place does not lose it to a part of a second.
        var grain = placed.TrueForAll(r => r.Value % 1000 == 0) && placed.Exists(r => r.PerNoRep > 1) ? 1000.0 : 1;
        // Whoever shares a place by the value alone shares it in the exchange too; ties are broken as they were.
        var before = Places(placed, [.. placed.Select(r => r.Value)]);
        for (var draw = 0; draw < Draws; draw++)
        {
            var effects = ids.ToDictionary(j => j, j => judges[j].Value + (judges[j].Error * Drawn(random)));
            var values = placed.Select(r =>
            {
                if (!IsSaid(r))
                {
                    return r.Value;
                }

                var other = ids[(int)random.Below((uint)ids.Count)];
                var more = r.NoReps!.Value * (Math.Exp(effects[other] - effects[r.Judge!.Value]) - 1);
                return r.Value + (grain * Math.Round(r.PerNoRep * more / grain));
            });
            var now = Places(placed, [.. values]);
            for (var i = 0; i < kept.Length; i++)
            {
                kept[i] += now[i] == before[i] ? 1 : 0;
            }
        }

        return
        [
            .. placed
                .Select((r, i) => new Shaky(r.Entry, r.Place, 100.0 * kept[i] / Draws))
                .Where(s => s.Kept < 100 * Stands)
                .OrderBy(s => s.Place),
        ];
    }

    private static int[] Places(List<Judged> placed, double[] values) =>
        Ranking.Places(
            [.. placed.Select((r, i) => Ranking.Key((ResultClass)r.Class, (long)Math.Round(values[i] * 1000)))],
            [
                [.. placed.Select(r => (long)r.Place)],
            ]
        );

    /// <summary>A number of the standard normal law.</summary>
    private static double Drawn(Pcg32 random) => Normal.InvCDF(0, 1, (random.Next() + 0.5) / 4294967296.0);
}
