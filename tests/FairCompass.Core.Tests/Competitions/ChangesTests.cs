using System.Reflection;
using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Competitions;

/// <summary>Whatever differs between two states of a competition is said: a conflict that shows nothing hides somebody's work.</summary>
public class ChangesTests
{
    private static readonly Dictionary<string, object> Others = new()
    {
        ["Name"] = "Other",
        ["Starts"] = new DateOnly(2027, 6, 11),
        ["Ends"] = new DateOnly(2027, 6, 14),
        ["Place"] = "Elsewhere",
        ["Unit"] = MassUnit.Pound,
        ["Spanish"] = Core.Languages.SpanishOf.Americas,
        ["Divisions"] = (Eq<Division>)[new("Only", DivisionKind.Individual, ["man"], null)],
        ["Kit"] = Demo.Competition.Kit with { ClipPair = 5 },
        ["Overall"] = OverallRule.Usual,
        ["Policies"] = (Eq<Core.Policies.PolicyChoice>)[new("bell", "begun", "Tideline")],
        ["HouseRules"] = (Eq<ClauseChange>)[new("wall-walk", "feet-on-wall", "Meadow") { DoesNotApply = true }],
        ["Paces"] = (Eq<Core.Pacing.Pace>)[new("sit-up", Core.Workouts.AmountUnit.Rep, new(2000), new(1000)) { Division = "Tideline" }],
        ["OwnMovements"] = (Eq<Movement>)[StandardsBook.Of(Demo.Competition).Find("sit-up")! with { Id = "own" }],
    };

    public static TheoryData<string> Members =>
        new(typeof(Competition).GetProperties(BindingFlags.Public | BindingFlags.Instance).Where(p => p.CanWrite).Select(p => p.Name));

    /// <summary>The competition with another value of one member.</summary>
    public static Competition Changed(Competition before, string member)
    {
        var after = before with { };
        typeof(Competition).GetProperty(member)!.SetValue(after, Others[member]);
        return after;
    }

    [Theory]
    [MemberData(nameof(Members))]
    public void Every_member_is_said(string member)
    {
        var after = Changed(Demo.Competition, member);
        Assert.NotEqual(Demo.Competition, after);
        Assert.NotEmpty(CompetitionChanges.Between(Demo.Competition, after));
        Assert.NotEmpty(CompetitionChanges.Between(after, Demo.Competition));
    }

    [Fact]
    public void What_was_changed_in_the_book_is_named()
    {
        var before = Demo.Competition with { Policies = [new("bell", "finished"), new("plates", "athlete")] };
        var after = before with { Policies = [new("bell", "begun"), new("plates", "athlete"), new("plates", "crew", "Meadow")] };
        Assert.Equal(
            ["The answer on “plates” for Meadow was added.", "The answer on “bell” was changed."],
            CompetitionChanges.Between(before, after)
        );
        Assert.Equal(
            ["The answers on policies stand in another order."],
            CompetitionChanges.Between(before, before with { Policies = before.Policies.Reverse().ToEq() })
        );
    }
}

/// <summary>Two windows on one competition: whatever only one of them changed is kept.</summary>
public class MergeTests
{
    private static readonly Competition Before = Demo.Competition with
    {
        Policies = [new("bell", "finished"), new("plates", "athlete")],
        HouseRules = [new("wall-walk", "feet-on-wall", "Meadow") { DoesNotApply = true }],
    };

    /// <summary>A change of any member on either side, alone, is in the merge, and clashes with nothing.</summary>
    [Theory]
    [MemberData(nameof(ChangesTests.Members), MemberType = typeof(ChangesTests))]
    public void A_change_of_one_side_is_kept(string member)
    {
        var changed = ChangesTests.Changed(Before, member);
        foreach (var (mine, theirs) in new[] { (changed, Before), (Before, changed), (changed, changed) })
        {
            var both = CompetitionMerge.Of(Before, mine, theirs);
            Assert.Empty(both.Clashes);
            Assert.Equal(changed, both.Merged);
        }
    }

    [Fact]
    public void Changes_of_different_items_are_put_together()
    {
        var mine = Before with
        {
            Policies = [new("bell", "begun"), new("plates", "athlete"), new("counting", "one each")],
            Place = "Hall A",
        };
        var theirs = Before with
        {
            Policies = [new("bell", "finished"), new("judges", "one per station")],
            HouseRules = [],
            Divisions = Before.Divisions.Append(new("New", DivisionKind.Individual, ["man"], null)).ToEq(),
        };
        var both = CompetitionMerge.Of(Before, mine, theirs);
        Assert.Empty(both.Clashes);
        Assert.Equal([new("bell", "begun"), new("counting", "one each"), new("judges", "one per station")], both.Merged.Policies);
        Assert.Empty(both.Merged.HouseRules);
        Assert.Equal("Hall A", both.Merged.Place);
        Assert.Equal("New", both.Merged.Divisions[^1].Name);
    }

    [Fact]
    public void What_both_changed_is_named_and_stays_ones_own()
    {
        var mine = Before with { Place = "Hall A", Policies = [new("bell", "begun"), new("plates", "athlete")] };
        var theirs = Before with { Place = "Hall B", Policies = [new("plates", "athlete")] };
        var both = CompetitionMerge.Of(Before, mine, theirs);
        Assert.Equal(["the place", "the answer on “bell”"], both.Clashes);
        Assert.Equal(mine, both.Merged);
    }
}
