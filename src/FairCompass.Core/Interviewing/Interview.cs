using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <summary>
/// What nobody has written down yet, as questions with usual answers. A question is gone as soon as the text, or the
/// competition for all its workouts, answers it, whichever way that is written.
/// </summary>
public static class Interview
{
    /// <summary>The open questions, in the order of the text, then of <see cref="QuestionOrder"/>.</summary>
    public static Eq<Question> Open(Understanding u)
    {
        var lines = u.Text.Split('\n');
        return FromFindings(u).OrderBy(q => q.Line).Concat(FromTopics(u, lines)).ToEq();
    }

    /// <summary>Questions that a check found: only the text can answer them.</summary>
    private static IEnumerable<Question> FromFindings(Understanding u) =>
        u.Findings()
            .Where(f => f.IsOpen && (f.Severity == Severity.MustFix || IsDecision(f)))
            .Select(f => new Question(
                f.Rule,
                f.At.Line,
                new(f.Sentence),
                new(f.Why),
                f.Mends.Select(
                        (m, i) =>
                            new Answer(
                                new(m.Label),
                                FindingExamples.Of(u, f, m),
                                Recommended(u, f, m, i),
                                m.Edit,
                                new ApplyMend(f.Key, m.Label),
                                null
                            )
                            {
                                More = m.More,
                            }
                    )
                    .ToEq(),
                false
            )
            {
                Written = LineOf(u.Text, f.At.Line),
            });

    private static string? LineOf(string text, int line) =>
        text.Split('\n') is var lines && line >= 1 && line <= lines.Length && lines[line - 1].Trim() is { Length: > 0 } written
            ? written
            : null;

    /// <summary>True for what is no mistake and yet somebody has to say.</summary>
    private static bool IsDecision(Finding f) =>
        f.Rule is "tie-unstated" or "no-lift-unstated" or "seat-of-sex" || (f.Rule == "ranking-unstated" && f.Mends.Count > 0);

    private static bool Recommended(Understanding u, Finding finding, Mend mend, int index)
    {
        var topic = finding.Rule switch
        {
            "unfinished-unstated" => "capped score",
            "tie-unstated" => "tie-break",
            _ => null,
        };
        var wanted = topic is null ? null : StandardsBook.Of(u.Competition).InForce(Topics.Find(topic)!, null, u.Workout)?.Answer;
        var words = wanted switch
        {
            "penalty" => "missing",
            "cap line" => "cap line",
            _ => null,
        };
        return words is not null && finding.Mends.Any(m => m.Edit.Text.Contains(words, StringComparison.Ordinal))
            ? mend.Edit.Text.Contains(words, StringComparison.Ordinal)
            : index == 0;
    }

    private static IEnumerable<Question> FromTopics(Understanding u, string[] lines)
    {
        var (use, examples) = (new TopicUse(u), TopicExamples.OfEach(u));
        var written = new LineAnswers(u, use, lines);
        var book = StandardsBook.Of(u.Competition);
        var divisions = u.Courses.Select(c => c.Address.Division.Name).Distinct().DefaultIfEmpty(null).ToList();
        foreach (var topic in Topics.All.Where(t => t.Default is null).OrderBy(t => QuestionOrder.Of(t.Name)))
        {
            var chosen = divisions.Select(d => book.InForce(topic, d, u.Workout)?.Answer).ToList();
            // What is chosen for all, and needs a line of each workout, is asked until the line stands.
            var perWorkout = chosen.Exists(c => c is not null && topic.Find(c) is { NeedsLine: true });
            if ((!perWorkout && chosen.TrueForAll(c => c is not null)) || use.Line(topic.Name) is not { } line)
            {
                continue;
            }

            var own = written.To(topic.Name).ToList();
            if (perWorkout && own.Count == 0)
            {
                continue;
            }

            var schools = topic.Schools.Where(s => !s.NeedsLine && Fits(u, topic, s)).ToList();
            yield return new(
                topic.Name,
                line,
                topic.Question,
                topic.Why,
                schools
                    .Select(s => new Answer(
                        s.Label,
                        OnTheFloor(u, TopicExamples.Of(examples, topic, s, line), lines, line, s),
                        s.Name == topic.Recommended || schools.Count + own.Count == 1,
                        DraftText.AtTheEnd(lines, AnswerTopic.Line(topic, s)),
                        new AnswerTopic(topic.Name, s.Name),
                        new(topic.Name, s.Name)
                    ))
                    .Concat(own.Select((a, i) => Written(topic, a, schools.Count == 0 && i == 0)))
                    .ToEq(),
                topic.TakesWords
            );
        }
    }

    private static Answer Written(Topic topic, LineAnswer answer, bool recommended) =>
        new(answer.Label, answer.OnTheFloor, recommended, answer.Writes.Edit, new AnswerLine(topic.Name, answer.Writes.Label), null)
        {
            More = answer.Writes.More,
        };

    /// <summary>Whether a school can be judged in this workout: steadiness only of positions, a mark only where there are some, the worth
    /// that a line says only where one does.</summary>
    private static bool Fits(Understanding u, Topic topic, School school) =>
        (topic.Name, school.Name) switch
        {
            ("bell", "finished and steady") => WorkTree
                .Tasks(u.Workout)
                .All(t => t.Amount is Amount.Held or Amount.Heaviest or Amount.Max { Unit: AmountUnit.Second }),
            ("partial distance", "the mark passed") => WorkTree.Tasks(u.Workout).Any(t => t.Details.Any(d => d is Detail.Marks)),
            ("counting", "as written") => WorkTree.Tasks(u.Workout).Any(t => t.Details.Any(d => d is Detail.Credited or Detail.Counts)),
            ("lift up", "a partner") => u.Courses.Any(c => c.Address.Division.IsTeam),
            ("plates", "team mates") => u.Courses.Any(c => c.Address.Division.IsTeam),
            _ => true,
        };

    /// <summary>The line, what the answer leads to there, and what it means for judges and athletes.</summary>
    private static Said OnTheFloor(Understanding u, Said? example, string[] lines, int line, School school)
    {
        var written = line <= lines.Length ? lines[line - 1].Trim() : u.Workout.Title;
        return (
            (example is null ? "" : $"At “{written}”: {example.English} ")
                + $"Judges: {Lower(school.Judges.English)} Athletes: {Lower(school.Athletes.English)}",
            (example is null ? "" : $"En «{written}»: {example.Spanish} ")
                + $"Jueces: {Lower(school.Judges.Spanish!)} Atletas: {Lower(school.Athletes.Spanish!)}"
        );
    }

    private static string Lower(string text) => text.Length == 0 ? text : char.ToLowerInvariant(text[0]) + text[1..];
}
