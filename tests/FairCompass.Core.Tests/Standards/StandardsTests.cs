using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Standards;

public class StandardsTests
{
    public static TheoryData<string> Ids => new(MovementLibrary.All.Select(m => m.Id));

    [Theory]
    [InlineData("dumbbell hang clean and jerk")]
    [InlineData("sit-up")]
    [InlineData("air bike")]
    [InlineData("front squat")]
    [InlineData("sandbag step-over")]
    [InlineData("bar muscle-up")]
    [InlineData("pull-up")]
    [InlineData("jumping pull-up")]
    [InlineData("wall walk")]
    [InlineData("wall-ball shot")]
    [InlineData("power clean")]
    [InlineData("box jump-over")]
    [InlineData("toes-to-bar")]
    [InlineData("hanging knee raise")]
    [InlineData("deadlift")]
    [InlineData("burpee over the bar")]
    public void The_book_has(string name) => Assert.Equal(name, MovementLibrary.Find(name.ToUpperInvariant() + "s")?.Name.English);

    [Theory]
    [MemberData(nameof(Ids))]
    public void A_standard_is_complete(string id)
    {
        var m = MovementLibrary.ById(id)!;
        Assert.NotEmpty(m.In(Phase.SetUp));
        Assert.NotEmpty(m.In(Phase.Entry).Concat(m.In(Phase.Start)));
        Assert.NotEmpty(m.In(Phase.Finish));
        // Where only two things can go wrong, as in a plank, a third would be invented.
        Assert.True(m.Faults.Count >= 2);
        Assert.All(
            m.Faults,
            f =>
            {
                Assert.Contains(m.Clauses, c => c.Id == f.Breaks);
                Assert.All(new[] { f.Sign, f.Call, f.Athlete }, t => Assert.True(t.English.Length > 0 && t.Spanish!.Length > 0));
            }
        );
        Assert.NotEmpty(m.Judge.Place.Spanish!);
        Assert.NotEmpty(m.Judge.Call.Spanish!);
        Assert.NotEmpty(m.Cautions);
        Assert.Equal(m.Clauses.Count, m.Clauses.Select(c => c.Id).Distinct().Count());
        Assert.Equal(m.Faults.Count, m.Faults.Select(f => f.Id).Distinct().Count());
    }

    [Fact]
    public void Sentences_are_short_enough_to_be_said_aloud() =>
        Assert.All(
            MovementLibrary.All.SelectMany(m => m.Clauses),
            c => Assert.All(c.Text.English.Split(". ").Concat(c.Text.Spanish!.Split(". ")), s => Assert.True(s.Split(' ').Length <= 32, s))
        );
}
