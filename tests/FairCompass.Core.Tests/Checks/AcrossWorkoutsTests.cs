using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Checks;

/// <summary>Workouts that are right alone and contradict each other.</summary>
public class AcrossWorkoutsTests
{
    private const string Rule = "standard toes-to-bar, between-hands: does not apply\n";

    private static string Draft(string title, string end = "") =>
        title
        + "\n  for Tideline\n  a/b is man/woman\n\n8:00 for time\n  20 toes-to-bar\n\nscore: time\n  unfinished: cap line by reps\n"
        + "  tie: shared\n"
        + end;

    private static List<List<(string Rule, int Line, string Sentence)>> Of(params string[] drafts) =>
        AcrossWorkouts
            .Of([.. drafts.Select(Demo.Understand)])
            .Select(f => f.Select(x => (x.Rule, x.At.Line, x.Sentence)).ToList())
            .ToList();

    [Theory]
    [InlineData("Beam", "Beam", true)]
    [InlineData("Beam", "béam", true)]
    [InlineData("Beam", "Beam 2", false)]
    [InlineData("Event 1", "Event 2", false)]
    public void Two_of_one_name(string one, string other, bool found)
    {
        var all = Of(Draft(one), Draft(other));
        Assert.Empty(all[0]);
        Assert.Equal(found, all[1].Exists(f => f.Rule == BetweenWorkouts.TitlesTwice));
    }

    [Fact]
    public void The_mend_takes_a_name_that_is_free()
    {
        string[] drafts = [Draft("Beam"), Draft("Beam 2"), Draft("Beam")];
        var mend = Assert.Single(AcrossWorkouts.Of([.. drafts.Select(Demo.Understand)])[2]).Mends[0];
        Assert.Equal(Draft("Beam 3"), mend.ApplyTo(drafts[2]));
    }

    [Fact]
    public void A_rule_that_one_workout_words_for_itself_is_told_there_with_the_others()
    {
        var all = Of(Draft("One"), Draft("Two", Rule), Draft("Three"), Draft("Four", Rule));
        Assert.Empty(all[0]);
        Assert.Equal((BetweenWorkouts.OtherStandard, 11), all[1].Select(f => (f.Rule, f.Line)).Single());
        Assert.EndsWith("is another rule here than in One and Three.", all[1][0].Sentence, StringComparison.Ordinal);
        Assert.Single(all[3]);
        Assert.All(Of(Draft("One", Rule), Draft("Two", Rule)), Assert.Empty);
    }

    /// <summary>What only a second workout shows is let stand by a line as anything else, and a line that lets nothing stand is told.
    /// </summary>
    [Fact]
    public void It_is_let_stand_with_a_reason()
    {
        var beam = Demo.Understand(Draft("Beam"));
        var waive = new WaiveRule(BetweenWorkouts.TitlesTwice, "told apart by their letters").Against(new DraftToEdit(beam)).Value!;
        var said = Edits.Apply(Draft("Beam"), waive.Edits);
        Assert.EndsWith("waive: titles-twice, told apart by their letters\n", said, StringComparison.Ordinal);
        var found = Assert.Single(AcrossWorkouts.Of([beam, Demo.Understand(said)])[1]);
        Assert.Equal("told apart by their letters", found.Waived);
        Assert.Empty(Demo.Understand(said).Findings());

        var idle = Assert.Single(AcrossWorkouts.Of([Demo.Understand(Draft("Beam 2")), Demo.Understand(said)])[1]);
        Assert.Equal(Waivers.Misfit, idle.Rule);
        Assert.Equal(Draft("Beam"), idle.Mends[0].ApplyTo(said).Replace("\n\n\n", "\n", StringComparison.Ordinal).TrimEnd('\n') + "\n");
    }

    [Fact]
    public void The_demo_contradicts_itself_nowhere() =>
        Assert.All(AcrossWorkouts.Of([.. DraftTexts.DemoNames.Select(n => Demo.Understand(DraftTexts.Read(n)))]), f => Assert.Empty(f));
}
