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
        var each = courses
            .Zip(sheets)
            .Where(x => score < x.Second.Components.Count)
            .Select(x => (x.First.Address, ScoreSentences.Of(x.Second.Components[score], x.Second, x.First, tongue).AsEnumerable()));
        return Entries.Once(each, all.Count, some => tongue.Join(Entries.Named(some, all, tongue))).ToEq();
    }
}
