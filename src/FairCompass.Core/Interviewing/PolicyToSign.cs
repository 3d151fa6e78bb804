using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Interviewing;

/// <summary>A policy that a movement of a workout raises and on which nobody of the competition has said anything: its usual school is in
/// force, silently.</summary>
/// <param name="Topic">The topic’s name.</param>
/// <param name="School">The school in force, by its name.</param>
/// <param name="Asks">The topic’s question.</param>
/// <param name="Label">The school as papers print it.</param>
/// <param name="Judges">What it means for judges.</param>
/// <param name="Athletes">What it means for athletes.</param>
/// <param name="Movements">Whose rules it words, as the book calls them.</param>
/// <param name="Standards">The ids of those movements that have a page in the book, with its drawing of what a part is measured by, in the
/// order of <paramref name="Movements"/>; null where a rule of the team has none.</param>
/// <param name="Line">The first line that raises it, from 1.</param>
public sealed record PolicyToSign(
    string Topic,
    string School,
    Said Asks,
    Said Label,
    Said Judges,
    Said Athletes,
    Eq<Said> Movements,
    Eq<string?> Standards,
    int Line
)
{
    /// <summary>The policies of a workout that nobody has signed yet, in the order of the topics. A school that somebody chose, for a
    /// division, the workout or the competition, is signed by that.</summary>
    /// <param name="u">The workout.</param>
    public static IEnumerable<PolicyToSign> Of(Understanding u)
    {
        var book = StandardsBook.Of(u.Competition);
        var movements = WorkoutWords
            .Movements(u.Workout)
            .Select(m => (Movement: book.Find(m.Name), m.Line))
            .Where(m => m.Movement is not null)
            .Concat(book.Rules(u.Workout).Select(r => (Movement: (Movement?)r, u.Workout.Stages[0].At.Line)))
            .ToList();
        var divisions = u.Courses.Select(c => c.Address.Division.Name).Distinct().DefaultIfEmpty(null).ToList();
        foreach (var topic in Topics.All.Where(t => t.Default is not null && t.Schools.Any(s => s.Affects.Count > 0)))
        {
            var raised = movements.Where(m => m.Movement!.Clauses.Any(c => topic.Schools.Any(s => s.Affects.Contains(c.Id)))).ToList();
            if (
                raised.Count > 0
                && topic.Find(topic.Default!) is { } usual
                && divisions.Exists(d => book.InForce(topic, d, u.Workout)?.From.By == Source.Library)
            )
            {
                var rules = raised.Select(m => m.Movement!).DistinctBy(m => m.Name).ToList();
                yield return new(
                    topic.Name,
                    usual.Name,
                    topic.Question,
                    usual.Label,
                    usual.Judges,
                    usual.Athletes,
                    rules.Select(m => m.Name).ToEq(),
                    rules.Select(m => book.All.Contains(m) ? m.Id : null).ToEq(),
                    raised.Min(m => m.Line)
                );
            }
        }
    }
}
