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
        ["Divisions"] = (Eq<Division>)[new("Only", DivisionKind.Individual, ["man"], null)],
        ["Kit"] = Demo.Competition.Kit with { ClipPair = 5 },
        ["Overall"] = OverallRule.Usual,
        ["Policies"] = (Eq<Core.Policies.PolicyChoice>)[new("bell", "begun", "Tideline")],
        ["HouseRules"] = (Eq<ClauseChange>)[new("wall-walk", "feet-on-wall", "Meadow") { DoesNotApply = true }],
        ["OwnMovements"] = (Eq<Movement>)[StandardsBook.Of(Demo.Competition).Find("sit-up")! with { Id = "own" }],
    };

    public static TheoryData<string> Members =>
        new(typeof(Competition).GetProperties(BindingFlags.Public | BindingFlags.Instance).Where(p => p.CanWrite).Select(p => p.Name));

    [Theory]
    [MemberData(nameof(Members))]
    public void Every_member_is_said(string member)
    {
        var after = Demo.Competition with { };
        typeof(Competition).GetProperty(member)!.SetValue(after, Others[member]);
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
