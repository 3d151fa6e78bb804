using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Publishing;

/// <content>Rules that are worded anew, and answers that stand in no rule.</content>
public sealed partial class Differences
{
    private IEnumerable<Change> Standards() => [.. Wordings(), .. Answers()];

    private IEnumerable<Change> Wordings()
    {
        var (oldBook, newBook) = (StandardsBook.Of(before.Competition), StandardsBook.Of(now.Competition));
        var divisions = now.Courses.Select(c => c.Address.Division.Name).Distinct().ToList();
        var both = WorkoutWords
            .Movements(now.Workout)
            .Select(m => m.Name)
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .Where(n => WorkoutWords.Movements(before.Workout).Any(m => string.Equals(m.Name, n, StringComparison.OrdinalIgnoreCase)))
            .Select(n => (Name: n, Old: oldBook.Find(n), New: newBook.Find(n)))
            .Concat(
                newBook
                    .Rules(now.Workout)
                    .Select(r => (r.Name.English, oldBook.Rules(before.Workout).FirstOrDefault(o => o.Id == r.Id), (Movement?)r))
            );
        foreach (var (name, was, standing) in both)
        {
            if (was is not { } old || standing is not { } movement)
            {
                continue;
            }

            var each = divisions
                .Select(d =>
                    (
                        d,
                        Pairs: Pairs(Rules(oldBook.InForce(old, d, before.Workout)), Rules(newBook.InForce(movement, d, now.Workout)))
                            .ToList()
                    )
                )
                .ToList();
            foreach (var same in each.SelectMany(e => e.Pairs.Select(p => (e.d, p))).GroupBy(x => x.p))
            {
                foreach (var who in same.Count() == divisions.Count ? [null] : same.Select(x => (string?)x.d))
                {
                    yield return new(Touches.Standard, who, tongue.Say(movement.Name), same.Key.Was, same.Key.Is);
                }
            }
        }

        List<Sentence> Rules(Movement m) =>
            [
                .. m.Clauses.Where(c => c.Kind != ClauseKind.Tip).Select(c => new Sentence(c.Text.English, tongue.Say(c.Text))),
                .. m.Faults.Select(f => new Sentence(Fault(f, Tongue.English), Fault(f, tongue))),
            ];
    }

    private IEnumerable<Change> Answers()
    {
        var (oldBook, newBook) = (StandardsBook.Of(before.Competition), StandardsBook.Of(now.Competition));
        var divisions = now.Courses.Select(c => c.Address.Division.Name).Distinct().ToList();
        var (was, uses) = (new TopicUse(before), new TopicUse(now));
        // A school that rewrites clauses shows in them; a topic that the workout does not raise stands on none of its papers.
        foreach (
            var topic in Topics.All.Where(t =>
                t.Schools.All(s => s.Affects.Count == 0) && (was.Line(t.Name) is not null || uses.Line(t.Name) is not null)
            )
        )
        {
            var answers = divisions
                .Select(d =>
                    (
                        d,
                        Was: was.Line(topic.Name) is null ? "" : oldBook.InForce(topic, d, before.Workout)?.Answer ?? "",
                        Is: uses.Line(topic.Name) is null ? "" : newBook.InForce(topic, d, now.Workout)?.Answer ?? ""
                    )
                )
                .Where(x => x.Was != x.Is);
            foreach (var same in answers.GroupBy(x => (x.Was, x.Is)))
            {
                foreach (var who in same.Count() == divisions.Count ? [null] : same.Select(x => (string?)x.d))
                {
                    yield return new(
                        Touches.Standard,
                        who,
                        tongue.IsSpanish ? tongue.Say(topic.Question) : topic.Name,
                        Answer(topic, same.Key.Was),
                        Answer(topic, same.Key.Is)
                    );
                }
            }
        }
    }

    private static string Fault(Fault f, Tongue tongue) =>
        $"{tongue.Say(f.Sign)} {tongue.Quote(tongue.Say(f.Call))} {tongue.Say(f.Athlete)}";

    /// <summary>In English the name of the school, which drafts write too; else its label.</summary>
    private string Answer(Topic topic, string answer) =>
        tongue.IsSpanish && answer.Length > 0 ? tongue.Say(topic.Find(answer)?.Label ?? new Said(answer)) : answer;
}
