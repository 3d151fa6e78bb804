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
    /// <param name="done">Which of them did all of the work: with a penalty who did not has a time as well.</param>
    public static UsualScore Of(ScoreComponent score, IReadOnlyList<ComponentResult> runs, IReadOnlyList<bool> done)
    {
        var timed = score.Measured == Measured.Time;
        bool Finished(int i) => runs[i].Class == ResultClass.Scored && (!timed || done[i]);
        bool Stopped(int i) => runs[i].Class <= ResultClass.AtTheCap && !Finished(i);
        var all = Enumerable.Range(0, runs.Count).ToList();
        var sorted = runs.ToList();
        sorted.Sort(Ranking.Compare);
        ComponentResult At(int tenths) => sorted[Math.Min(sorted.Count - 1, sorted.Count * tenths / 10)];
        return new(
            score.Name,
            score.Measured == Measured.Time,
            all.Count(Finished),
            all.Count(Stopped),
            runs.Count(r => r.Class > ResultClass.AtTheCap),
            sorted[0].Text,
            At(1).Text,
            At(5).Text,
            At(9).Text,
            sorted[^1].Text,
            [.. Classes(all, runs, Finished, Stopped).SelectMany(g => Bars(g.Words, g.Results))],
            Shared(runs, r => (r.Class, r.Value)),
            Shared(runs, r => (r.Class, r.Value, r.Ties))
        );
    }

    /// <summary>The results by what they are, best first in each.</summary>
    private static IEnumerable<(string Words, List<ComponentResult> Results)> Classes(
        List<int> all,
        IReadOnlyList<ComponentResult> runs,
        Func<int, bool> finished,
        Func<int, bool> stopped
    ) =>
        all.GroupBy(i =>
                finished(i) ? "scored"
                : stopped(i) ? "at the cap"
                : runs[i].Class switch
                {
                    ResultClass.NoGoodLift => "no good lift",
                    ResultClass.NotReached => "not reached",
                    _ => "nothing",
                }
            )
            .Select(g =>
            {
                var results = g.Select(i => runs[i]).ToList();
                results.Sort(Ranking.Compare);
                return (g.Key, results);
            })
            .OrderBy(g => g.results[0], Comparer<ComponentResult>.Create(Ranking.Compare));

    /// <summary>Bars of equal width in the value.</summary>
    private static IEnumerable<UsualBar> Bars(string words, List<ComponentResult> sorted)
    {
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
