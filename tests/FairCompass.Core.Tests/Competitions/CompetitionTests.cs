using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Competitions;

public class CompetitionTests
{
    private static Competition With(params Division[] divisions) => Demo.Competition with { Divisions = divisions.ToEq() };

    private static Division Named(string name, string? parent = null) => new(name, DivisionKind.Individual, ["man", "woman"], parent);

    [Fact]
    public void The_demo_is_acceptable() => Assert.Empty(CompetitionRules.Validate(Demo.Competition));

    [Theory]
    [InlineData("Meadow", "Meadow Estuary Tideline")]
    [InlineData("Tideline", "Tideline")]
    public void A_chain_runs_from_the_division_to_the_root(string name, string chain) =>
        Assert.Equal(chain, string.Join(' ', Demo.Competition.Chain(Demo.Competition.Find(name)!).Select(d => d.Name)));

    [Fact]
    public void A_ring_of_parents_is_refused_and_never_hangs()
    {
        var ring = With(Named("A", "C"), Named("B", "A"), Named("C", "B"));
        Assert.Equal(3, CompetitionRules.Validate(ring).Count(e => e.Path.EndsWith("inheritsFrom", StringComparison.Ordinal)));
        Assert.Equal(3, ring.Chain(ring.Divisions[0]).Count);
        Assert.NotEmpty(CompetitionRules.Validate(With(Named("A", "A"))));
    }

    [Theory]
    [InlineData("Open", true)]
    [InlineData("45+", true)]
    [InlineData("Große Mitte", true)]
    [InlineData("جودة", true)]
    [InlineData("open", false)]
    [InlineData("A:B", false)]
    [InlineData("Men and Women", false)]
    [InlineData("A/B", false)]
    [InlineData("Beginners only", false)]
    [InlineData("   ", false)]
    [InlineData("A\u202eB", false)]
    public void Division_names_are_ones_that_drafts_can_write(string name, bool fine) =>
        Assert.Equal(fine, CompetitionRules.Validate(With(Named(name))).Count == 0);

    /// <summary>Whatever is accepted as a name is understood in a draft.</summary>
    [Theory]
    [InlineData("Open")]
    [InlineData("45+")]
    [InlineData("Große Mitte")]
    [InlineData("O'Hara & Sons")]
    public void An_accepted_name_works_in_a_draft(string name)
    {
        var competition = With(Named("First"), Named(name, "First"));
        Assert.Empty(CompetitionRules.Validate(competition));
        var u = Core.Drafts.Understanding.Of(
            competition,
            $"T\n  for First, {name}\n\n9:00 for reps\n  10 power clean, 60/40 kg\n    {name}: 50/35 kg\n"
        );
        Assert.Empty(u.Parsed.Problems);
        Assert.Equal("50 kg", u.Courses[u.IndexOf(name, "man")].Pieces[0].Tasks[0].Prescription.Load!.Value.ToString());
    }

    [Fact]
    public void Names_are_counted_as_people_see_them()
    {
        Assert.Null(CompetitionRules.NameError(string.Concat(Enumerable.Repeat("👍🏽", 120)), 120, required: true));
        Assert.NotNull(CompetitionRules.NameError(new string('x', 121), 120, required: true));
        Assert.Null(CompetitionRules.NameError("", 120, required: false));
    }

    [Fact]
    public void Differences_are_said_in_words()
    {
        var after = Demo.Competition with
        {
            Name = "Other",
            Divisions = Demo.Competition.Divisions.Skip(1).Append(Named("New")).ToEq(),
            Kit = Demo.Competition.Kit with { MenBar = 25 },
        };
        Assert.Equal(
            [
                "The name was changed from Saltmarsh Ferry Games to Other.",
                "The division Tideline was removed.",
                "The division New was added.",
                "The kit of a lane was changed.",
            ],
            CompetitionChanges.Between(Demo.Competition, after)
        );
        Assert.Empty(CompetitionChanges.Between(Demo.Competition, Demo.Competition with { }));
    }
}
