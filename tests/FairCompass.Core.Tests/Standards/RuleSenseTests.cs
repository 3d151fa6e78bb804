using FairCompass.Core.InForce;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Standards;

/// <summary>What a rule’s sentence says, and that no rule of the book says what another forbids.</summary>
public class RuleSenseTests
{
    [Theory]
    [InlineData("Both palms leave the floor.", Polarity.Asks, "hand", "leave")]
    [InlineData("Lifting both palms off the floor is no rep.", Polarity.Forbids, "hand", "leave")]
    [InlineData("Stepping up is allowed.", Polarity.Allows, "", "step")]
    [InlineData("No hand touches the box.", Polarity.Forbids, "hand", "touch")]
    [InlineData("No touch is needed at the last line.", Polarity.Allows, "", "touch")]
    [InlineData("Both elbows are straight.", Polarity.Asks, "elbow", "straighten")]
    public void A_sentence_is_read(string sentence, Polarity says, string part, string act)
    {
        var sense = RuleSense.Of(sentence);
        Assert.Equal(says, sense.Says);
        Assert.True(part.Length == 0 || sense.Parts.Contains(part), string.Join(", ", sense.Parts));
        Assert.Contains(act, sense.Acts);
    }

    /// <summary>Every rule that a policy leaves allowed, beside every rule that forbids: for each movement under each school.</summary>
    [Fact]
    public void No_rule_of_the_book_lets_pass_what_its_neighbour_forbids()
    {
        var books = Topics
            .All.SelectMany(t => t.Schools.Where(s => s.Affects.Count > 0).Select(s => (t.Name, School: s.Name)))
            .Select(x => StandardsBook.Of(Demo.Competition with { Policies = [new(x.Name, x.School)] }))
            .ToList();
        var wrong =
            from movement in MovementLibrary.All
            from version in books.Select(b => b.InForce(movement)).Prepend(movement)
            from allowed in version.Clauses.Where(c => c.Kind == ClauseKind.Allowed)
            from other in version.Clauses.Where(c => c.Kind == ClauseKind.Forbidden)
            let a = RuleSense.Of(allowed.Text.English)
            let b = RuleSense.Of(other.Text.English)
            where a.Says == Polarity.Allows && b.Says == Polarity.Forbids && a.Contradicts(b)
            select $"{movement.Id}: “{allowed.Text.English}” and “{other.Text.English}”";
        Assert.Empty(wrong.Distinct());
    }
}
