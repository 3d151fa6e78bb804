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
    /// <summary>The open questions, in the order of the text, then of the topics.</summary>
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
        f.Rule is "tie-unstated" or "no-lift-unstated" || (f.Rule == "ranking-unstated" && f.Mends.Count > 0);

    private static bool Recommended(Understanding u, Finding finding, Mend mend, int index)
    {
        var topic = finding.Rule switch
        {
            "unfinished-unstated" => "capped score",
            "tie-unstated" => "tie-break",
            _ => null,
        };
        var wanted = topic is null ? null : StandardsBook.Of(u.Competition).InForce(Topics.Find(topic)!, null, u.Workout)?.Answer;
        return wanted switch
        {
            "penalty" => mend.Edit.Text.Contains("missing", StringComparison.Ordinal),
            "cap line" => mend.Edit.Text.Contains("cap line", StringComparison.Ordinal),
            _ => index == 0,
        };
    }

    private static IEnumerable<Question> FromTopics(Understanding u, string[] lines)
    {
        var (use, examples) = (new TopicUse(u), TopicExamples.OfEach(u));
        var book = StandardsBook.Of(u.Competition);
        var divisions = u.Courses.Select(c => c.Address.Division.Name).Distinct().DefaultIfEmpty(null).ToList();
        foreach (var topic in Topics.All.Where(t => t.Default is null && divisions.Any(d => book.InForce(t, d, u.Workout) is null)))
        {
            if (use.Line(topic.Name) is { } line)
            {
                yield return new(
                    topic.Name,
                    line,
                    topic.Question,
                    topic.Why,
                    topic
                        .Schools.Where(s => Fits(u, topic, s))
                        .Select(s => new Answer(
                            s.Label,
                            OnTheFloor(u, TopicExamples.Of(examples, topic, s), lines, line, s),
                            s.Name == topic.Recommended,
                            AtTheEnd(lines, AnswerTopic.Line(topic, s)),
                            new AnswerTopic(topic.Name, s.Name),
                            new(topic.Name, s.Name)
                        ))
                        .ToEq(),
                    topic.TakesWords
                );
            }
        }
    }

    /// <summary>Whether a rep is steady can be judged of a position alone, so it is offered for positions alone.</summary>
    private static bool Fits(Understanding u, Topic topic, School school) =>
        topic.Name != "bell"
        || school.Name != "finished and steady"
        || WorkTree.Tasks(u.Workout).All(t => t.Amount is Amount.Held or Amount.Heaviest or Amount.Max { Unit: AmountUnit.Second });

    /// <summary>A new last line, after the last one that says something.</summary>
    internal static TextEdit AtTheEnd(string[] lines, string text)
    {
        var last = DraftText.LastLine(lines);
        return new(Math.Max(0, last) + 1, (last < 0 ? 0 : lines[last].Length) + 1, 0, "\n" + text);
    }

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
