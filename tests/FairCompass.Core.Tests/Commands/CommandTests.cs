using CsCheck;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Commands;

/// <summary>Every change of a draft that is not typing.</summary>
public class CommandTests
{
    private static string Done(string text, Command command)
    {
        var answer = command.Against(new(ReadDraft.Of(Demo.Competition, text)));
        Assert.Null(answer.Refused);
        Assert.Equal(TextHash.Of(text), answer.Value!.For);
        return Edits.Apply(text, answer.Value.Edits);
    }

    private static FieldError Refused(string text, Command command)
    {
        var answer = command.Against(new(ReadDraft.Of(Demo.Competition, text)));
        Assert.Null(answer.Value);
        return answer.Refused!;
    }

    private static readonly string Draft = Demo.Window("9:00 for time", "30 sit-up", "score: time\n  tie: shared\n");

    public static TheoryData<string> Lost => ["the sheet at the desk (page 2)", "see // y", "a (b)", "// x"];

    /// <summary>What would be read as a note or a remark is refused, not lost: the paper prints the answer as it was given.</summary>
    [Theory]
    [MemberData(nameof(Lost))]
    public void Words_that_a_draft_cannot_say_are_refused(string words)
    {
        var topic = Topics.All.First(t => t.TakesWords);
        Assert.Equal("words", Refused(Draft, new AnswerTopic(topic.Name, words)).Path);
    }

    [Fact]
    public void Any_words_are_read_back_as_they_were_given_or_refused() =>
        Gen.Select(Gen.Int[0, 100], Gen.String[Gen.Char["ab ()/:,.'“é"], 1, 40])
            .Sample(
                (t, words) =>
                {
                    var topics = Topics.All.Where(x => x.TakesWords && x.Name != "bell").ToList();
                    var topic = topics[t % topics.Count];
                    var answer = new AnswerTopic(topic.Name, words).Against(new(ReadDraft.Of(Demo.Competition, Draft)));
                    if (answer.Value is { } edits)
                    {
                        var after = Demo.Understand(Edits.Apply(Draft, edits.Edits));
                        Assert.Empty(after.Parsed.Problems);
                        var said = after.Workout.Policies.OfType<Policy.Answered>().Single(p => p.Topic == topic.Name);
                        Assert.Equal((topic.Find(words)?.Name ?? words.Trim(), null), (said.Answer, said.Note));
                    }
                    else
                    {
                        Assert.Equal("words", answer.Refused!.Path);
                    }
                },
                iter: 2000
            );

    [Fact]
    public void Every_school_of_every_topic_can_be_answered_and_answered_anew()
    {
        foreach (var topic in Topics.All)
        {
            var text = Draft;
            foreach (var school in topic.Schools)
            {
                text = Done(text, new AnswerTopic(topic.Name, school.Name));
                var u = Demo.Understand(text);
                Assert.Empty(u.Parsed.Problems);
                Assert.Single(u.Workout.Policies);
            }
        }
    }

    [Fact]
    public void What_is_no_topic_or_no_answer_is_named()
    {
        Assert.Equal("topic", Refused(Draft, new AnswerTopic("bel", "finished")).Path);
        var strict = Topics.All.First(t => !t.TakesWords);
        Assert.Equal("words", Refused(Draft, new AnswerTopic(strict.Name, "as we like")).Path);
        Assert.Equal("words", Refused(Draft + string.Concat(Enumerable.Repeat("//\n", 500)), new AnswerTopic("plates", "athlete")).Path);
    }

    /// <summary>Each mend of the drafts with planted mistakes, by the finding’s key.</summary>
    [Fact]
    public void A_mend_is_the_change_that_stands_beside_its_finding()
    {
        var done = 0;
        foreach (var name in DraftTexts.DemoNames)
        {
            var text = DraftTexts.Read(name).Replace("  tie: shared\n", "", StringComparison.Ordinal);
            foreach (var finding in Demo.Understand(text).Findings())
            {
                foreach (var mend in finding.Mends)
                {
                    Assert.Equal(mend.Edit.ApplyTo(text), Done(text, new ApplyMend(finding.Key, mend.Label)));
                    done++;
                }
            }
        }

        Assert.True(done > 5, $"{done} mends");
        Assert.Equal("finding", Refused(Draft, new ApplyMend("gone", "Mend")).Path);
    }

    private static readonly string Table =
        "T\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n9:00 for reps\n  12 power clean, 60/40 kg // bar A\n\n"
        + "  20 sit-up\n  8 deadlift, 100/70 kg (flat)\n    Meadow: 80/55 kg (soft)\n\nscore: reps\n  tie: shared\n";

    /// <summary>A table is the same as its cells one after another, whatever they are, and the remarks stay.</summary>
    [Fact]
    public void A_table_is_its_cells_together() =>
        Gen.Select(Gen.Int[0, 2], Gen.Int[0, 5], Gen.Int[1, 40], Gen.Bool)
            .List[1, 12]
            .Sample(
                cells =>
                {
                    var lines = new[] { 6, 8, 9 };
                    var asked = cells
                        .Select(x =>
                        {
                            var amount = x.Item4 || x.Item1 == 1;
                            var division = new[] { "Tideline", "Estuary", "Meadow" }[x.Item2 / 2];
                            var duty = x.Item2 % 2 == 0 ? "man" : "woman";
                            var value = amount ? x.Item3 : x.Item3 * 2.5m;
                            return new SetCell(lines[x.Item1], amount ? "amount" : "load", division, duty, Number.Normal(value));
                        })
                        .DistinctBy(c => (c.Line, c.Aspect, c.Division, c.Duty))
                        .ToList();
                    var text = Done(Table, new FillTable(asked.ToEq()));
                    Assert.Contains("// bar A", text, StringComparison.Ordinal);
                    Assert.Contains("(flat)", text, StringComparison.Ordinal);
                    Assert.EndsWith(
                        "(soft)",
                        text.Split('\n').Single(l => l.Contains("(soft", StringComparison.Ordinal)),
                        StringComparison.Ordinal
                    );
                    var u = Demo.Understand(text);
                    Assert.Empty(u.Parsed.Problems);
                    var tasks = WorkTree.Tasks(u.Workout).ToList();
                    foreach (var cell in asked)
                    {
                        var address = u.Resolver.Addresses.Single(a => a.Division.Name == cell.Division && a.Within == cell.Duty);
                        var now = u.Resolver.Resolve(tasks[Array.IndexOf(lines, cell.Line)], address);
                        Assert.Equal(
                            cell.Value,
                            cell.Aspect == "load"
                                ? now.Load!.Value.Values.ToString()
                                : ((Amount.Counted)now.Amount!.Value).Of.For(u.Resolver.Position(address)).ToString()
                        );
                    }
                },
                iter: 300
            );

    [Fact]
    public void Every_wrong_cell_of_a_table_is_named()
    {
        var (text, errors) = new FillTable([
            new(6, "load", "Tideline", "man", "heavy"),
            new(6, "load", "Tideline", "woman", "42.5"),
            new(77, "load", "Tideline", "man", "60"),
            new(9, "load", "Harbour", "man", "60"),
        ]).Fill(ReadDraft.Of(Demo.Competition, Table));
        Assert.Null(text);
        Assert.Equal(["cells[0]", "cells[2]", "cells[3]"], errors.Select(e => e.Path).Order());
    }

    /// <summary>The interview's answers in words and by school are the same lines as the command's.</summary>
    [Fact]
    public void The_interview_and_the_command_write_the_same()
    {
        var u = Demo.Understand(Draft);
        foreach (var question in Interview.Open(u).Where(q => Topics.Find(q.Id) is not null))
        {
            foreach (var answer in question.Answers)
            {
                Assert.Equal(
                    answer.Edit.ApplyTo(Draft).TrimEnd('\n'),
                    Done(Draft, new AnswerTopic(question.Id, answer.ForAll!.Answer)).TrimEnd('\n')
                );
            }
        }
    }
}
