using FairCompass.Core.Checks;
using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;

namespace FairCompass.Core.Tests.Commands;

/// <summary>Skeletons to begin with: each is a whole workout as it stands, and each of its places can be filled in.</summary>
public class StructureTests
{
    public static TheoryData<string> Names => new(Structure.All.Select(s => s.Name));

    private static string Heading(Structure of) =>
        of.ForTeams ? "Mine\n  for Crew of Four\n  a/b is man/woman" : "Mine\n  for Tideline\n  a/b is man/woman";

    [Theory]
    [MemberData(nameof(Names))]
    public void Each_is_a_workout_without_a_fault(string name)
    {
        var begun = Structure.Find(name)!.Begin(Heading(Structure.Find(name)!));
        var u = Understanding.Of(FairCompass.Store.Demo.SaltmarshFerryGames.Competition, begun.Text);
        Assert.Empty(u.Parsed.Problems);
        Assert.Empty(u.Findings().Where(f => f.Severity == Severity.MustFix).Select(f => $"{f.Rule} {f.At}: {f.Sentence}"));
        Assert.NotEmpty(u.Sheets[0].Components);
        Assert.StartsWith(Heading(Structure.Find(name)!), begun.Text, StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Its_places_stand_in_order_each_over_something(string name)
    {
        var begun = Structure.Find(name)!.Begin("");
        Assert.StartsWith("New workout\n", begun.Text, StringComparison.Ordinal);
        Assert.DoesNotContain(begun.Text, c => c is '«' or '»');
        Assert.True(begun.Places.Count > 3, begun.Text);
        var end = 0;
        foreach (var place in begun.Places)
        {
            Assert.InRange(place.From, end, place.To - 1);
            Assert.DoesNotContain('\n', begun.Text[place.From..place.To]);
            end = place.To;
        }
    }

    [Fact]
    public void What_stands_there_is_kept_letter_by_letter()
    {
        const string Body = "Tom’s «Tide»\r\n  for Crew of Four\n\n// «mine»";
        var begun = Structure.Find("waves")!.Begin(Body);
        Assert.StartsWith(
            "Tom’s «Tide»\n  for Crew of Four\n  groups One 1 2, Two 3 4\n\n// «mine»\n\nwaves for reps",
            begun.Text,
            StringComparison.Ordinal
        );
        Assert.Equal("1 2", begun.Text[begun.Places[0].From..begun.Places[0].To]);
    }

    [Fact]
    public void Names_are_the_trades_and_each_is_there_once()
    {
        Assert.Equal(Structure.All.Count, Structure.All.Select(s => s.Name).Distinct().Count());
        Assert.Equal(12, Structure.All.Count);
        Assert.Null(Structure.Find("pyramid of nothing"));
    }
}
