using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>What the card asks for, by what the work is: no field that nobody can fill in, and none missing that the score needs.</summary>
public class CardFieldTests
{
    private const string Reps = "score: reps\n  tie: shared\n";

    private static List<CardFieldKind> Asked(string goal, string work, string score = Reps)
    {
        var u = Demo.Understand(Demo.Window(goal, work, score));
        Assert.True(u.Parsed.Problems.Count == 0, string.Join("; ", u.Parsed.Problems.Select(p => p.Sentence)));
        return Card.Fields(u.Courses[0], u.Sheets[0]).Select(f => f.Field).ToList();
    }

    /// <summary>One number says all where there is one task once; else the judge may write where the athlete stood.</summary>
    [Theory]
    [InlineData("max sit-up", false)]
    [InlineData("60 sit-up", false)]
    [InlineData("3 rounds\n  20 sit-up", true)]
    [InlineData("60 sit-up\n40 pull-up", true)]
    [InlineData("60 sit-up\n  choose: 80 lunge", true)]
    public void Where_the_athlete_stood_is_asked_where_it_says_more_than_a_number(string work, bool asked) =>
        Assert.Equal(asked, Asked("9:00 for reps", work).Contains(CardFieldKind.Stood));

    [Fact]
    public void A_time_is_asked_where_time_is_the_score_and_what_was_done_for_who_does_not_finish()
    {
        const string time = "score: time\n  unfinished: cap line by reps\n  tie: time at round 2\n";
        Assert.Equal(
            [CardFieldKind.Finish, CardFieldKind.Counted, CardFieldKind.Stood, CardFieldKind.TieTime],
            Asked("9:00 for time", "3 rounds\n  20 sit-up", time)
        );
        Assert.DoesNotContain(CardFieldKind.Finish, Asked("9:00 for reps", "3 rounds\n  20 sit-up"));
    }

    /// <summary>The first workout of the demo: a time for couplets, then the heaviest set in the time that is left.</summary>
    [Fact]
    public void Lifts_are_asked_one_by_one()
    {
        var u = Demo.Text("01");
        var fields = Card.Fields(u.Courses[0], u.Sheets[0]);
        var heaviest = u.Courses[0].Pieces.Single(p => p.Piece.IsHeaviest).Piece.Key;
        Assert.Equal([CardFieldKind.Tries], fields.Where(f => f.Piece == heaviest).Select(f => f.Field));
        Assert.DoesNotContain(fields, f => f.Piece != heaviest && f.Field == CardFieldKind.Tries);
    }

    [Fact]
    public void Each_task_in_any_order_has_its_own_count()
    {
        var u = Demo.Understand(Demo.Window("9:00 for reps", "in any order\n  30 sit-up\n  40 pull-up"));
        var counts = Card.Fields(u.Courses[0], u.Sheets[0]).Where(f => f.Field == CardFieldKind.Count).ToList();
        Assert.Equal([("0", 30L), ("1", 40L)], counts.Select(f => (f.Strand!, f.Max!.Value)));
    }

    /// <summary>Each way to do an endless task is counted by itself, and stands at that task.</summary>
    [Fact]
    public void Each_option_of_an_endless_task_has_its_own_count()
    {
        var u = Demo.Understand(Demo.Window("9:00 for reps", "max sit-up\n  choose: pull-up, counts 3\n  choose: lunge"));
        var piece = u.Courses[0].Pieces[0];
        Assert.Equal(3, piece.Strands.Count);
        foreach (var strand in piece.Strands)
        {
            Assert.Equal(0, strand.Counter.At(17).Task);
            Assert.Equal(17, strand.Counter.UnitsAt(strand.Counter.At(17)));
        }

        Assert.Equal([null, null, null], Card.Fields(u.Courses[0], u.Sheets[0]).Select(f => f.Max));
    }

    [Theory]
    [InlineData("10 sit-up, counts 2\n10 pull-up", "Sit-up: each rep counts 2.")]
    [InlineData("100 m rowing machine, credited 10\n10 pull-up", "Rowing machine: 100 ")]
    public void What_a_unit_is_worth_is_said_where_credit_is_the_score(string work, string sentence)
    {
        var u = Demo.Understand(Demo.Window("9:00 for reps", $"3 rounds\n  {work.Replace("\n", "\n  ", StringComparison.Ordinal)}"));
        var rule = ScoreSentences.Of(u.Sheets[0].Components[0], u.Sheets[0], u.Courses[0]);
        Assert.Contains(rule, s => s.StartsWith(sentence, StringComparison.Ordinal));
        // Where units are worth one each there is nothing to say of it.
        var plain = Demo.Understand(Demo.Window("9:00 for reps", "3 rounds\n  10 sit-up\n  10 pull-up"));
        Assert.DoesNotContain(
            ScoreSentences.Of(plain.Sheets[0].Components[0], plain.Sheets[0], plain.Courses[0]),
            s => s.Contains("count", StringComparison.Ordinal) && s.StartsWith("Sit", StringComparison.Ordinal)
        );
    }
}
