using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>Answers that are lines of the workout: what they write, that the command writes the same, and that they are asked again in
/// each workout of a competition that chose them for all.</summary>
public class LineAnswerTests
{
    private const string Pairs = "T\n  for Ferry Pairs\n  a/b is man/woman\n\n";
    private const string Reps = "\nscore: reps\n  tie: shared\n";
    private const string Turns =
        Pairs + "9:00 for reps\n  44 sit-up\n    share: one at a time\n  max pull-up\n    share: one at a time\n" + Reps;

    private static Competition Silent { get; } = Demo.Competition with { Policies = [], HouseRules = [] };

    private static Question? Asked(Competition c, string text, string id) =>
        Interview.Open(Understanding.Of(c, text)).FirstOrDefault(q => q.Id == id);

    /// <summary>Written by hand: what each answer makes of its text.</summary>
    [Theory]
    [InlineData(
        "team order",
        Turns,
        1,
        Pairs
            + "9:00 for reps\n  44 sit-up\n    share: one at a time, in fixed order 1st, 2nd\n  max pull-up\n    share: one at a time, in "
            + "fixed order 1st, 2nd\n"
            + Reps
    )]
    [InlineData(
        "team order",
        Turns,
        2,
        Pairs
            + "9:00 for reps\n  44 sit-up\n    share: one at a time, any split, at least 11 each, count by member, short is owed\n  max "
            + "pull-up\n    share: one at a time, any split, at least 11 each, count by member, short is owed\n"
            + Reps
    )]
    [InlineData(
        "mixed heights",
        Pairs + "9:00 for reps\n  9 box jump-over, box 60/50 cm\n  9 box step-over, box 60/50 cm\n" + Reps,
        2,
        Pairs
            + "9:00 for reps\n  9 box jump-over, box 60/50 cm\n    Ferry Pairs: box 50 cm\n  9 box step-over, box 60/50 cm\n    Ferry "
            + "Pairs: box 50 cm\n"
            + Reps
    )]
    [InlineData(
        "own rest",
        Pairs + "9:00 for reps\n  9 sit-up\n  own rest 0:50\n  9 pull-up\n" + Reps,
        2,
        Pairs + "9:00 for reps\n  9 sit-up\n  gate, adds 0:50\n  own rest 0:50\n  9 pull-up\n" + Reps
    )]
    [InlineData(
        "change of load",
        Pairs + "9:00 for reps\n  3 rounds\n    9 power clean, 40-50-60 kg\n    9 sit-up\n  9 pull-up\n" + Reps,
        1,
        Pairs + "9:00 for reps\n  3 rounds\n    9 power clean, 40-50-60 kg\n    9 sit-up\n    own rest 0:30\n  9 pull-up\n" + Reps
    )]
    [InlineData(
        "first load",
        Pairs + "9:00 for load\n  heaviest power clean\n\nscore: best load\n  tie: shared\n",
        2,
        Pairs + "9:00 for load\n  heaviest power clean, start 60/40 kg\n\nscore: best load\n  tie: shared\n"
    )]
    public void An_answer_writes_its_lines(string id, string text, int answer, string becomes)
    {
        var question = Asked(Silent, text, id)!;
        var given = question.Answers[answer];
        Assert.Null(given.ForAll);
        Assert.Equal(becomes, given.ApplyTo(text));
        Assert.Null(Asked(Silent, becomes, id));
        var edits = given.Command.Against(new(ReadDraft.Of(Silent, text)));
        Assert.Equal(becomes, Edits.Apply(text, edits.Value!.Edits));
        Assert.Empty(Parser.Parse(becomes).Problems);
    }

    [Fact]
    public void What_is_chosen_for_all_and_needs_a_line_is_asked_until_it_stands()
    {
        var fixedOrder = Silent with { Policies = [new("team order", "fixed")] };
        var question = Asked(fixedOrder, Turns, "team order")!;
        Assert.Equal(["Free order and split", "A fixed order, as the places stand"], question.Answers.Take(2).Select(a => a.Label.English));
        Assert.Null(Asked(fixedOrder, question.Answers[1].ApplyTo(Turns), "team order"));
        Assert.Null(Asked(Silent with { Policies = [new("team order", "free")] }, Turns, "team order"));
    }

    /// <summary>An answer that is none any more: a competition that has it is still read, a draft is told and keeps its other
    /// answers.</summary>
    [Fact]
    public void An_answer_that_changed_no_number_is_read_and_told()
    {
        var old = Silent with { Policies = [new("bar weight", "not included")] };
        Assert.Empty(CompetitionRules.Validate(old));
        var text = Pairs + "9:00 for reps\n  max power clean, 60/40 kg\n" + Reps + "policy bar weight: not included\n";
        var told = Assert.Single(Understanding.Of(Silent, text).Findings(), f => f.Rule == "policy-misfit");
        Assert.Equal(Severity.ShouldFix, told.Severity);
        Assert.DoesNotContain("policy-misfit", Understanding.Of(Silent, told.Mends[0].ApplyTo(text)).Findings().Select(f => f.Rule));
    }

    /// <summary>Every answer of a question writes another text, by its edits and by its command.</summary>
    [Fact]
    public void Of_several_scores_each_can_weigh_half()
    {
        var text =
            Pairs
            + string.Concat(new[] { "A", "B", "C" }.Select(p => $"{p}: 5:00 for reps\n  max sit-up\n{(p == "C" ? "" : "rest 1:00\n")}"))
            + string.Concat(new[] { "A", "B", "C" }.Select(p => $"\nscore {p}: reps of {p}\n  tie: shared\n"));
        var answers = Asked(Silent, text, "score weights")!.Answers;
        Assert.Equal(["Equal", "Half for score B", "Half for score C"], answers.Select(a => a.Label.English));
        foreach (var answer in answers.Skip(1))
        {
            var edits = answer.Command.Against(new(ReadDraft.Of(Silent, text))).Value!.Edits;
            Assert.Equal(answer.ApplyTo(text), Edits.Apply(text, edits));
        }

        Assert.Equal(3, answers.Select(a => a.ApplyTo(text)).Distinct().Count());
    }

    /// <summary>A line of a workout is one for all of its teams: an order of two places is none for four.</summary>
    [Fact]
    public void Teams_of_several_sizes_are_offered_no_order()
    {
        var both = Turns.Replace("for Ferry Pairs", "for Ferry Pairs, Crew of Four", StringComparison.Ordinal);
        Assert.Equal(["Free order and split"], Asked(Silent, both, "team order")!.Answers.Select(a => a.Label.English));
    }

    [Fact]
    public void A_question_that_is_gone_is_refused() =>
        Assert.Equal("topic", new AnswerLine("team order", "In order").Against(new(ReadDraft.Of(Silent, Pairs + Reps))).Refused!.Path);

    /// <summary>Every topic stands at its place in the order of asking.</summary>
    [Fact]
    public void Every_question_has_its_place()
    {
        var last = QuestionOrder.Of("no topic at all");
        Assert.All(Topics.All.Where(t => t.Default is null), t => Assert.True(QuestionOrder.Of(t.Name) < last, t.Name));
    }

    /// <summary>Two lifts can be added up, be two scores, or be one; each text that is offered is scored without an objection.</summary>
    [Fact]
    public void Several_lifts_offer_their_scores()
    {
        var text =
            "T\n  for Tideline\n  a/b is man/woman\n\nA: 5:00 for load\n  heaviest power clean\nrest 1:00\nB: 5:00 for load\n "
            + " heaviest front squat\n";
        var question = Asked(Silent, text, "no-score")!;
        Assert.Equal(["The sum of the best of each", "A score for each", "The best of all"], question.Answers.Select(a => a.Label.English));
        // The loads stand in the demo kit: the third of the bar of 20, and one four steps lower.
        Assert.EndsWith("97.5 + 87.5 = 185 kg.", question.Answers[0].OnTheFloor.English, StringComparison.Ordinal);
        Assert.All(
            question.Answers,
            a => Assert.DoesNotContain(Understanding.Of(Demo.Competition, a.ApplyTo(text)).Findings(), f => f.Severity == Severity.MustFix)
        );
    }

    /// <summary>Under an interval clock a card counts the goal: 43 of 50 sit-ups, whatever was rowed.</summary>
    [Fact]
    public void An_example_under_intervals_counts_the_goal()
    {
        var text =
            "T\n  for Tideline\n  a/b is man/woman\n\n9:00 for time\n  every 1:30, unfinished carries over\n    first\n      "
            + "13/10 cal row\n"
            + "    then\n      50 sit-up\n\nscore: time\n  tie: shared\n";
        Assert.Contains(
            "Who has 43 of 50 at 9:00 gets 9:00 + 7 s = 9:07.",
            Asked(Silent, text, "unfinished-unstated")!.Answers[1].OnTheFloor.English,
            StringComparison.Ordinal
        );
    }
}
