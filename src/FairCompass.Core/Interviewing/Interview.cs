using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
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
            .Where(f => f.IsOpen && (f.Severity == Severity.MustFix || f.Rule is "tie-unstated" or "no-lift-unstated"))
            .Select(f => new Question(
                f.Rule,
                f.At.Line,
                new(f.Sentence),
                new(f.Why),
                f.Mends.Select(
                        (m, i) =>
                            new Answer(new(m.Label), Example(u, f, m), Recommended(u, f, m, i), m.Edit, new ApplyMend(f.Key, m.Label), null)
                    )
                    .ToEq(),
                false
            ));

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

    /// <summary>What an answer leads to, with numbers of this workout.</summary>
    private static Said Example(Understanding u, Finding finding, Mend mend) =>
        ForWhom.Of(u.Courses.Select(c => (c.Address, Example(c, finding, mend)))) ?? new(mend.Label + ".", mend.Label + ".");

    private static Said? Example(Course course, Finding finding, Mend mend)
    {
        if (finding.Rule == "no-lift-unstated")
        {
            return Without(course, mend);
        }

        var piece = course.Pieces.FirstOrDefault(p => p.Strand is { Units: > 3 } && p.Limit is not null);
        if (piece is null)
        {
            return null;
        }

        var (total, cap) = (piece.Strand!.Units!.Value, piece.Limit!.Longest);
        var missing = Math.Max(1, total / 7);
        var done = total - missing;
        return (finding.Rule, mend.Edit.Text) switch
        {
            ("unfinished-unstated", var t) when t.Contains("cap line", StringComparison.Ordinal) => (
                $"Who has {done} of {total} at {cap} is shown as “{done} of {total}”, behind every finisher and before {done - 1}.",
                $"Quien lleva {done} de {total} en {cap} aparece como «{done} de {total}», detrás de quien termina y delante de {done - 1}."
            ),
            ("unfinished-unstated", var t) when t.Contains("missing", StringComparison.Ordinal) => (
                $"Who has {done} of {total} at {cap} gets {cap} + {missing} s = {cap + Duration.Seconds(missing)}.",
                $"Quien lleva {done} de {total} en {cap} recibe {cap} + {missing} s = {cap + Duration.Seconds(missing)}."
            ),
            ("unfinished-unstated", var t) when t.Contains("zero", StringComparison.Ordinal) => (
                $"Who stands at {done} of {total} when the clock ends scores zero here, like somebody who came this far and failed.",
                $"Quien está en {done} de {total} al acabar puntúa cero aquí, como quien llegó y falló."
            ),
            ("unfinished-unstated", _) => (
                $"Who stands at {done} of {total} when the clock ends never reached this part and ranks after everybody who did.",
                $"Quien está en {done} de {total} al acabar no llegó a esta parte y va detrás de todos los que llegaron."
            ),
            ("tie-unstated", var t) when t.Contains("shared", StringComparison.Ordinal) => (
                $"Two athletes with {done} both take the place, say 4th; the next is 6th.",
                $"Dos atletas con {done} comparten el puesto, por ejemplo el 4.º; el siguiente es 6.º."
            ),
            ("tie-unstated", _) => (
                $"Two athletes with {done} are told apart by the other score, if it differs.",
                $"Dos atletas con {done} se distinguen por la otra puntuación, si es distinta."
            ),
            ("late-unstated", var t) when t.Contains("skipped", StringComparison.Ordinal) => (
                "A late interval is lost: at the call everybody begins the next one anew.",
                "Un intervalo tardío se pierde: a la señal todos empiezan el siguiente."
            ),
            ("late-unstated", _) => (
                "What is missing is done first in the next interval.",
                "Lo que falta se hace primero en el siguiente intervalo."
            ),
            _ => (Said?)null,
        };
    }

    /// <summary>What a lifter without a good lift costs, with a load that this kit can make.</summary>
    private static Said? Without(Course course, Mend mend)
    {
        if (course.Pieces.FirstOrDefault(p => p.Piece.IsHeaviest) is not { } lift || course.Competition is not { } competition)
        {
            return null;
        }

        var bar = lift.Tasks is [var first, ..] ? first.Prescription.Bar?.Value : null;
        var loads = BarLoads.All(competition.Kit.Bar(course.MembersOf(lift.Piece)[0].Duty, bar), competition.Kit);
        var made = new Mass(loads[loads.Count / 3], competition.Unit);
        var (english, spanish) = mend.Edit.Text switch
        {
            var t when t.Contains("zero", StringComparison.Ordinal) => ("the sum is 0", "la suma es 0"),
            var t when t.Contains("not scored", StringComparison.Ordinal) => ("there is no score", "no hay puntuación"),
            _ => ($"the sum is {made}", $"la suma es {made}"),
        };
        return course.Address.Division.IsTeam
            ? (
                $"One lifts {made}, another has no good lift: {english}.",
                $"Uno levanta {made}, otro no tiene levantamiento válido: {spanish}."
            )
            : (
                $"{made} in one part, no good lift in another: {english}.",
                $"{made} en una parte, ningún levantamiento válido en otra: {spanish}."
            );
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
