using FairCompass.Core.Binding;
using FairCompass.Core.Competitions;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Binding;

/// <summary>Names are bound once, and words of the notation come before names that a workout or a competition gives.</summary>
public class NameBinderTests
{
    private static readonly NameBinder Names = new(
        Demo.Competition with
        {
            Divisions = Demo.Competition.Divisions.Concat([new("man", DivisionKind.Pair, ["woman", "man"], null)]).ToEq(),
        },
        Parser
            .Parse(
                "T\n  for Tideline\n  levels Great Bell, Tideline, a board each\n  groups One 1 2, Two 3 4, One 3\n\n"
                    + "5:00 for reps\n  max burpee\n"
            )
            .Workout
    );

    [Theory]
    [InlineData("Meadow", typeof(Selector.OfDivision))]
    [InlineData("meadow", typeof(Selector.OfDivision))]
    // A duty is a duty, even where somebody called a division so; and a level hides the division of its name.
    [InlineData("man", typeof(Selector.OfDuty))]
    [InlineData("Man", typeof(Selector.OfDivision))]
    [InlineData("Tideline", typeof(Selector.OfLevel))]
    [InlineData("tideline", typeof(Selector.OfDivision))]
    [InlineData("2nd", typeof(Selector.OfSeat))]
    [InlineData("nd", typeof(Selector.Unknown))]
    [InlineData("-2nd", typeof(Selector.Unknown))]
    [InlineData("round 3", typeof(Selector.AtRound))]
    [InlineData("round", typeof(Selector.Unknown))]
    [InlineData("round -3", typeof(Selector.Unknown))]
    [InlineData("round 99999999999", typeof(Selector.Unknown))]
    [InlineData("cycle 1", typeof(Selector.AtCycle))]
    [InlineData("One", typeof(Selector.OfGroup))]
    [InlineData("one", typeof(Selector.Unknown))]
    [InlineData("", typeof(Selector.Unknown))]
    public void A_name_means_one_thing(string name, Type kind)
    {
        Assert.IsType(kind, Names.Of(name));
        Assert.Same(Names.Of(name), Names.Of(name));
    }

    [Fact]
    public void What_it_means_is_there_with_it()
    {
        Assert.Equal(new Selector.OfDuty(Duty.Woman), Names.Of("woman"));
        Assert.Equal(new Selector.OfSeat(2), Names.Of("2nd"));
        Assert.Equal(new Selector.AtRound(12), Names.Of("round 12"));
        Assert.Equal(new Selector.AtCycle(1), Names.Of("cycle 1"));
        // The first of two groups of one name holds; the other is a finding.
        Assert.Equal(new Selector.OfGroup("One", [1, 2]), Names.Of("One"));
        Assert.Equal(new Selector.Unknown("Medow", "Meadow"), Names.Of("Medow"));
        Assert.Equal(new Selector.Unknown("Greet Bell", "Great Bell"), Names.Of("Greet Bell"));
        Assert.Equal(new Selector.Unknown("zzzzzzzz", null), Names.Of("zzzzzzzz"));
        Assert.True(Names.Of("round 1").IsPlace && Names.Of("cycle 1").IsPlace && !Names.Of("Meadow").IsPlace);
    }

    [Fact]
    public void Duties_are_two_words_and_their_bars_two_bars()
    {
        foreach (var duty in Enum.GetValues<Duty>())
        {
            Assert.Equal(duty, Duties.Find(duty.Word()));
            Assert.Null(Duties.Find(duty.ToString()));
        }

        var kit = Demo.Competition.Kit;
        Assert.Equal((kit.MenBar, kit.WomenBar, kit.MenBar), (kit.Bar(Duty.Man), kit.Bar(Duty.Woman), kit.Bar(null)));
        var crew = new Division("Crew", DivisionKind.TeamOf4, ["woman", "man"], null);
        Assert.Equal([Duty.Woman, Duty.Man, Duty.Woman, Duty.Man], Enumerable.Range(1, 4).Select(s => crew.DutyOf(s)!.Value));
    }

    /// <summary>A draft that was worked out is read by several requests at once.</summary>
    [Fact]
    public void One_reading_may_be_asked_by_many_at_once()
    {
        var u = Demo.Understand(Notation.DraftTexts.Demo("04"));
        var tasks = PrescriptionTable.Tasks(u.Workout).ToList();
        var alone = Values();
        var resolver = new Resolver(u.Competition, u.Workout);
        var together = Enumerable.Range(0, 64).AsParallel().WithDegreeOfParallelism(8).Select(_ => Values(resolver)).ToList();
        Assert.All(together, t => Assert.Equal(alone, t));

        List<string> Values(Resolver? of = null) =>
            tasks
                .SelectMany(t => (of ?? u.Resolver).Addresses.Select(a => (of ?? u.Resolver).Resolve(t.Task, a, default, t.Around)))
                .Select(p => $"{p.Movement.Value} {p.Amount?.Value} {p.Load?.Value}")
                .ToList();
    }
}
