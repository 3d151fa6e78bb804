using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>The rules of a score for several entries: what all have stands once, what only some have names them.</summary>
public static class SharedSentences
{
    /// <summary>The sentences of one score in their order.</summary>
    /// <param name="score">Which of the scores, from 0.</param>
    /// <param name="courses">The entries, in the order of the divisions.</param>
    /// <param name="sheets">Their scores.</param>
    /// <param name="tongue">The language.</param>
    public static Eq<string> Of(int score, IReadOnlyList<Course> courses, IReadOnlyList<ScoreSheet> sheets, Tongue tongue)
    {
        var all = courses.Select(c => c.Address).ToList();
        return courses
            .Select((c, i) => (c, Sheet: sheets[i]))
            .Where(x => score < x.Sheet.Components.Count)
            .SelectMany(x =>
                ScoreSentences
                    .Of(x.Sheet.Components[score], x.Sheet, x.c, tongue)
                    .Distinct()
                    .Select((line, n) => (Who: x.c.Address, Line: line, N: n))
            )
            .GroupBy(x => x.Line)
            .OrderBy(g => g.Max(x => x.N))
            .Select(g =>
                g.Select(x => x.Who).Distinct().Count() == all.Count
                    ? g.Key
                    : $"{tongue.Join(Entries.Named(g.Select(x => x.Who), all, tongue))}: {g.Key}"
            )
            .ToEq();
    }
}
