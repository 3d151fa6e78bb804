using System.Text.Json.Serialization;
using MathNet.Numerics.Distributions;

namespace FairCompass.Comparability;

/// <summary>What can be said of one judge, one lane or one heat.</summary>
public enum DriftKind
{
    /// <summary>Too little was watched to say anything.</summary>
    TooFew,

    /// <summary>Nothing stands out.</summary>
    Ordinary,

    /// <summary>More no-reps than others would have called.</summary>
    Strict,

    /// <summary>Fewer no-reps than others would have called.</summary>
    Lenient,
}

/// <summary>A movement in what a judge, lane or heat saw.</summary>
/// <param name="Cell">The movement of a workout in a division.</param>
/// <param name="NoReps">No-reps that were tallied.</param>
/// <param name="Expected">No-reps that an ordinary judge was to be expected to tally.</param>
public sealed record DriftPart(string Cell, long NoReps, double Expected);

/// <summary>What a day says of one judge, one lane or one heat.</summary>
/// <param name="Units">Units that were watched.</param>
/// <param name="NoReps">No-reps that were tallied.</param>
/// <param name="Expected">No-reps to be expected of an ordinary judge who watched the same athletes at the same work.</param>
/// <param name="Times">How many times as many no-reps as an ordinary one, drawn towards 1 the more the less was watched.</param>
/// <param name="Low">The lower end of the interval that holds the true number 95 times in 100, by what was watched alone.</param>
/// <param name="High">The upper end.</param>
/// <param name="P">How often a day without any effect of it would look at least so far off.</param>
/// <param name="Kind">What can be said.</param>
/// <param name="Parts">The movements, the one with the most too many or too few first.</param>
public sealed record Drift(
    long Units,
    long NoReps,
    double Expected,
    double Times,
    double Low,
    double High,
    double P,
    DriftKind Kind,
    IReadOnlyList<DriftPart> Parts
)
{
    /// <summary>True where it stands out.</summary>
    [JsonIgnore]
    public bool IsFlagged => Kind is DriftKind.Strict or DriftKind.Lenient;

    /// <summary>The movement that it stands out in most, in the same direction; null where it does not stand out.</summary>
    [JsonIgnore]
    public DriftPart? Most =>
        Kind switch
        {
            DriftKind.Strict => Parts.MaxBy(p => p.NoReps - p.Expected),
            DriftKind.Lenient => Parts.MinBy(p => p.NoReps - p.Expected),
            _ => null,
        };
}

/// <summary>What a day of tallies says of judges, lanes and heats, athletes and work accounted for.</summary>
/// <param name="Judges">By judge.</param>
/// <param name="Lanes">By lane.</param>
/// <param name="Heats">By heat, as far as heats are known.</param>
/// <param name="Spreads">How much athletes, judges, lanes and heats differ.</param>
public sealed record DayDrift(
    IReadOnlyDictionary<Guid, Drift> Judges,
    IReadOnlyDictionary<string, Drift> Lanes,
    IReadOnlyDictionary<string, Drift> Heats,
    Spreads Spreads
)
{
    /// <summary>Expected no-reps below which nothing is said: with fewer the normal law that the test rests on does not hold. Common
    /// practice for tests of counts.</summary>
    public const double Fewest = 5;

    private const double TwoSided = 1.959964;

    /// <summary>What a day says; null where it says nothing: nobody tallied, one judge alone, or no no-rep at all.</summary>
    /// <param name="watched">What was watched, rows without units left out.</param>
    /// <param name="alarms">The share of false ones among flagged judges (and, apart from them, lanes and heats) that is accepted; on a day
    /// without any effect it is how often anybody is flagged. Over 0 and under 1.</param>
    public static DayDrift? Of(IReadOnlyList<Watched> watched, double alarms) => FittedDay.Of(watched) is { } day ? Of(day, alarms) : null;

    /// <summary>What a day says that is fitted already.</summary>
    /// <param name="day">The day.</param>
    /// <param name="alarms">As above.</param>
    public static DayDrift Of(FittedDay day, double alarms)
    {
        var (watched, model, spreads, fitted) = day;
        var (judges, lanes) = (model.JudgeNumbers.Count, model.LaneNumbers.Count);
        Own Of(int index, Effect shrunk) =>
            new(shrunk, model.Alone(spreads, index, TallyModel.FreeSpread), model.Alone(spreads, index, TallyModel.NoSpread));
        List<(Watched Row, double Expected)> rows = [.. watched.Zip(fitted.Expected)];
        return new(
            Said(rows, w => w.Judge, model.JudgeNumbers, j => Of(j, fitted.Judges[j]), alarms),
            Said(rows, w => w.Lane, model.LaneNumbers, l => Of(judges + l, fitted.Lanes[l]), alarms),
            Said(
                [.. rows.Where(r => r.Row.Heat is not null)],
                w => w.Heat!,
                model.HeatNumbers,
                h => Of(judges + lanes + h, fitted.Heats[h]),
                alarms
            ),
            spreads
        );
    }

    /// <summary>One effect: drawn towards 0, by what was watched alone, and what is left of it where there is none.</summary>
    private sealed record Own(Effect Shrunk, Effect Free, Effect Left)
    {
        /// <summary>How often chance alone is at least so far off, by the score.</summary>
        public double P
        {
            get
            {
                var variance = (TallyModel.NoSpread * TallyModel.NoSpread) - (Left.Error * Left.Error);
                return variance <= 0 ? 1 : 2 * Normal.CDF(0, 1, -Math.Abs(Left.Value) / Math.Sqrt(variance));
            }
        }
    }

    private static Dictionary<T, Drift> Said<T>(
        List<(Watched Row, double Expected)> rows,
        Func<Watched, T> of,
        IReadOnlyDictionary<T, int> numbers,
        Func<int, Own> effect,
        double alarms
    )
        where T : notnull
    {
        var effects = numbers.ToDictionary(n => n.Key, n => effect(n.Value));
        var all = rows.GroupBy(x => of(x.Row))
            .Select(g =>
            {
                var own = effects[g.Key];
                // Without its own effect: what an ordinary one would have seen there.
                var ordinary = g.Select(x => (x.Row, Expected: x.Expected / Math.Exp(own.Shrunk.Value))).ToList();
                var expected = ordinary.Sum(x => x.Expected);
                return (
                    Who: g.Key,
                    Expected: expected,
                    P: expected >= Fewest && numbers.Count > 1 ? own.P : (double?)null,
                    Drift: new Drift(
                        g.Sum(x => x.Row.Units),
                        g.Sum(x => x.Row.NoReps),
                        expected,
                        Math.Exp(own.Shrunk.Value),
                        Math.Exp(own.Free.Value - (TwoSided * own.Free.Error)),
                        Math.Exp(own.Free.Value + (TwoSided * own.Free.Error)),
                        1,
                        DriftKind.TooFew,
                        [
                            .. ordinary
                                .GroupBy(x => x.Row.Cell)
                                .Select(c => new DriftPart(c.Key, c.Sum(x => x.Row.NoReps), c.Sum(x => x.Expected)))
                                .OrderByDescending(c => Math.Abs(c.NoReps - c.Expected)),
                        ]
                    )
                );
            })
            .ToList();
        var tested = all.Where(x => x.P is not null).ToList();
        var found = BenjaminiHochberg.Found([.. tested.Select(x => x.P!.Value)], alarms);
        var flagged = tested.Where((_, i) => found[i]).Select(x => x.Who).ToHashSet();
        return all.ToDictionary(
            x => x.Who,
            x =>
                x.Drift with
                {
                    P = x.P ?? 1,
                    Kind =
                        x.P is null ? DriftKind.TooFew
                        : !flagged.Contains(x.Who) ? DriftKind.Ordinary
                        : x.Drift.NoReps > x.Drift.Expected ? DriftKind.Strict
                        : DriftKind.Lenient,
                }
        );
    }
}
