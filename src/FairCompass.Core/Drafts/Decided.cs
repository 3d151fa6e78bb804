using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Drafts;

/// <summary>An answer that is in force where the workout raises its topic.</summary>
/// <param name="Topic">The topic.</param>
/// <param name="School">The school; null when the answer is in words.</param>
/// <param name="Words">The answer as it was given.</param>
/// <param name="For">The divisions it holds for; empty for all.</param>
public sealed record Decision(Topic Topic, School? School, string Words, Eq<string> For)
{
    /// <summary>The answer as papers print it.</summary>
    public Said Label => School?.Label ?? new Said(Words);
}

/// <summary>What was decided beforehand and stands in no clause: the answers of the interview, for the papers.</summary>
public static class Decided
{
    /// <summary>The answers in force on what this workout raises, in the order of the topics.</summary>
    /// <param name="u">The workout.</param>
    /// <param name="divisions">The divisions of the paper.</param>
    public static IEnumerable<Decision> Of(Understanding u, IReadOnlyList<string> divisions)
    {
        var use = new TopicUse(u);
        var book = StandardsBook.Of(u.Competition);
        // A school that rewrites clauses is printed with its movement; the others are printed nowhere else.
        foreach (var topic in Topics.All.Where(t => t.Schools.All(s => s.Affects.Count == 0) && use.Line(t.Name) is not null))
        {
            var answers = divisions
                .Select(d => (Division: d, book.InForce(topic, d, u.Workout)?.Answer))
                .Where(x => x.Answer is not null)
                .GroupBy(x => topic.Find(x.Answer!)?.Name ?? x.Answer!)
                .ToList();
            foreach (var answer in answers)
            {
                yield return new(
                    topic,
                    topic.Find(answer.Key),
                    answer.Key,
                    answers.Count == 1 ? [] : answer.Select(x => x.Division).ToEq()
                );
            }
        }
    }
}
