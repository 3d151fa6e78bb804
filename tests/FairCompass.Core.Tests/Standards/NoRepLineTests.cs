using FairCompass.Core.Briefing;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Briefing;

namespace FairCompass.Core.Tests.Standards;

/// <summary>A line of a draft that speaks of the no-rep of a rule: what is seen, what is called, or that it is none.</summary>
public class NoRepLineTests
{
    private const string Work =
        "T\n  for Tideline\n  a/b is man/woman\n\n8:00 for time\n  20 box jump-over, box 60/50 cm\n\nscore: time\n"
        + "  unfinished: cap line by reps\n  tie: shared\n";

    private static Movement Boxes(string lines, string movement = "box jump-over")
    {
        var u = Demo.Understand(Work + lines);
        Assert.Empty(u.Parsed.Problems);
        var book = StandardsBook.Of(u.Competition);
        return book.InForce(book.Find(movement)!, null, u.Workout);
    }

    [Theory]
    [InlineData("“No rep, both feet”: A foot leaves the floor late.", "No rep, both feet")]
    [InlineData("\"No rep, both feet\": A foot leaves the floor late.", "No rep, both feet")]
    [InlineData("A foot leaves the floor late.", "No rep, jump")]
    public void Sign_and_call_are_worded_anew_and_what_follows_stays(string text, string call)
    {
        var was = Boxes("").Faults.Single(f => f.Breaks == "box-jump");
        var fault = Boxes($"standard box jump-over, no-box-jump: {text}\n").Faults.Single(f => f.Breaks == "box-jump");
        Assert.Equal((call, "A foot leaves the floor late."), (fault.Call.English, fault.Sign.English));
        Assert.Equal((was.Then, was.Athlete), (fault.Then, fault.Athlete));
    }

    [Fact]
    public void A_rule_may_stand_without_its_no_rep()
    {
        var boxes = Boxes("standard box jump-over, no-box-jump: does not apply\n");
        Assert.Contains(boxes.Clauses, c => c.Id == "box-jump");
        Assert.DoesNotContain(boxes.Faults, f => f.Breaks == "box-jump");
    }

    /// <summary>In whichever order the two lines stand, and at one place only.</summary>
    [Theory]
    [InlineData(
        "standard box jump-over, own: Both feet face the box.\nstandard box jump-over, no-own: “No rep, turn”: A foot is turned.\n"
    )]
    [InlineData(
        "standard box jump-over, no-own: “No rep, turn”: A foot is turned.\nstandard box jump-over, own: Both feet face the box.\n"
    )]
    public void A_rule_that_is_added_gets_a_no_rep(string lines)
    {
        var fault = Boxes(lines).Faults.Single(f => f.Breaks == "own");
        Assert.Equal(("No rep, turn", Consequence.NotCounted), (fault.Call.English, fault.Then));
        var brief = BriefText.Of(new BriefBuilder(Demo.Understand(Work + lines), null, new(2027, 6, 12)).Build(Audience.Judge));
        Assert.Contains("A foot is turned.", brief, StringComparison.Ordinal);
    }

    /// <summary>Ids of rules may begin with the same word: then the rule is meant.</summary>
    [Fact]
    public void A_rule_whose_id_begins_so_is_a_rule()
    {
        var thruster = MovementLibrary.Find("thruster")!;
        Assert.Contains(thruster.Clauses, c => c.Id == "no-second-dip");
        Assert.False(NoRepLine.IsNoRep(thruster, "no-second-dip"));
        Assert.True(NoRepLine.IsNoRep(thruster, "no-no-second-dip"));
    }
}
