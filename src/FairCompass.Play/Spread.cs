using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>How the results of one score are spread.</summary>
internal static class Spread
{
    /// <summary>A usual field, in which ties are counted.</summary>
    private const int Field = 20;

    /// <summary>Bars of a chart at most.</summary>
    private const int MostBars = 12;

    /// <summary>Sums up the results of a score.</summary>
    /// <param name="score">The score.</param>
    /// <param name="runs">The results in the order of their seeds; at least one.</param>
    public static UsualScore Of(ScoreComponent score, IReadOnlyList<ComponentResult> runs)
    {
        var sorted = runs.ToList();
        sorted.Sort(Ranking.Compare);
        ComponentResult At(int tenths) => sorted[Math.Min(sorted.Count - 1, sorted.Count * tenths / 10)];
        return new(
            score.Name,
            score.Measured == Measured.Time,
            runs.Count(r => r.Class == ResultClass.Scored),
            runs.Count(r => r.Class == ResultClass.AtTheCap),
            runs.Count(r => r.Class > ResultClass.AtTheCap),
            sorted[0].Text,
            At(1).Text,
            At(5).Text,
            At(9).Text,
            sorted[^1].Text,
            [.. sorted.GroupBy(r => r.Class).SelectMany(g => Bars(g.Key, g.ToList()))],
            Shared(runs, r => (r.Class, r.Value)),
            Shared(runs, r => (r.Class, r.Value, r.Ties))
        );
    }

    /// <summary>Bars of equal width in the value, for each class of results.</summary>
    private static IEnumerable<UsualBar> Bars(ResultClass cls, List<ComponentResult> sorted)
    {
        var words = cls switch
        {
            ResultClass.Scored => "scored",
            ResultClass.AtTheCap => "at the cap",
            ResultClass.NoGoodLift => "no good lift",
            ResultClass.NotReached => "not reached",
            _ => "nothing",
        };
        var (least, most) = (sorted[0].Value, sorted[^1].Value);
        var width = Math.Max(1, ((most - least) / MostBars) + 1);
        return sorted
            .GroupBy(r => (r.Value - least) / width)
            .OrderBy(g => g.Key)
            .Select(g => new UsualBar(g.First().Text, g.Last().Text, g.Count(), words));
    }

    /// <summary>How many of a field share their place, in tenths, over fields of runs that follow one another.</summary>
    private static long Shared<TKey>(IReadOnlyList<ComponentResult> runs, Func<ComponentResult, TKey> key)
    {
        var (shared, fields) = (0L, 0L);
        for (var from = 0; from + Field <= runs.Count; from += Field, fields++)
        {
            shared += runs.Skip(from).Take(Field).GroupBy(key).Where(g => g.Skip(1).Any()).Sum(g => g.Count());
        }

        return fields == 0 ? 0 : shared * 10 / fields;
    }
}
