using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Several groups with one list.</summary>
public class GroupsEachTests
{
    private const string Head = "Draft\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\n9:00 for time\n";

    private const string Scores =
        "\nscore One: time of One\n  unfinished: cap line by reps\n  tie: shared\nscore Two: time of Two\n"
        + "  unfinished: cap line by reps\n  tie: shared\n";

    /// <summary>One list for both says what two lists say.</summary>
    [Fact]
    public void A_list_for_each_is_a_list_for_one_and_for_the_other()
    {
        var once = Trial.Of(Head + "  groups One, Two each\n    40 sit-up\n    20 burpee\n" + Scores).Read;
        var twice = Trial.Of(Head + "  group One\n    40 sit-up\n    20 burpee\n  group Two\n    40 sit-up\n    20 burpee\n" + Scores).Read;
        Assert.Empty(once.Findings());
        Assert.Equal(Said(twice), Said(once));
        var run = new RunObservation(EntryStatus.Ran, [new("0") { Finish = Duration.Seconds(300) }, new("1") { Counted = 41 }]);
        Assert.Equal(
            ["5:00", "41 of 60 at the cap"],
            Scorer.Score(Card.Resolve(run, once.Courses[0]), once.Courses[0], once.Sheets[0], MassUnit.Kilogram).Select(r => r.Text)
        );
    }

    private static IEnumerable<string> Said(Understanding u) =>
        u.Courses.SelectMany(c => Card.Fields(c, u.Sheets[0]).Select(f => $"{c.Address} {f.Label} {f.Hint}"));

    [Theory]
    [InlineData("groups One, Two", "Do the groups each do all of it?")]
    [InlineData("groups One, Six each", "There is no group called Six. Declare it under the title: groups Six 1 2.")]
    public void Who_is_not_there_is_named(string line, string sentence) =>
        Assert.Contains(Trial.Of(Head + $"  {line}\n    40 sit-up\n" + Scores).Read.Findings(), f => f.Sentence == sentence);
}
