using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Standards;

/// <summary>Which word is in force, and where it comes from.</summary>
public class StandardsBookTests
{
    private const string Text =
        "T\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n9:00 for reps\n  5 toes-to-bar\n  max burpee over the bar\n "
        + "   standard two-feet: One foot after the other is good here.\n\nscore: reps\n  tie: shared\n";

    private static Competition Plain { get; } = Demo.Competition with { Policies = [], HouseRules = [], OwnMovements = [] };

    private static Clause Of(
        Competition c,
        string clause,
        string? division = null,
        string more = "",
        string movement = "toes-to-bar",
        bool place = false
    )
    {
        var u = Understanding.Of(c, Text + more);
        var book = StandardsBook.Of(c);
        var task = place ? WorkTree.Tasks(u.Workout).Single(t => t.Movement == "burpee over the bar") : null;
        return book.InForce(book.Find(movement)!, division, u.Workout, task).Clauses.Single(x => x.Id == clause);
    }

    [Fact]
    public void Without_a_word_the_library_holds()
    {
        Assert.Equal(Source.Library, Of(Plain, "between-hands").From.By);
        Assert.Same(MovementLibrary.ById("toes-to-bar"), StandardsBook.Of(Plain).InForce(MovementLibrary.ById("toes-to-bar")!));
    }

    [Fact]
    public void A_policy_rewrites_every_clause_it_speaks_of_with_its_no_rep()
    {
        var c = Plain with { Policies = [new("bottom of the hang", "open hips")] };
        foreach (var id in new[] { "toes-to-bar", "hanging-knee-raise", "hanging-toes-raise" })
        {
            var m = StandardsBook.Of(c).InForce(MovementLibrary.ById(id)!);
            Assert.Contains("hips are open", m.Clauses.Single(x => x.Id == "heels-behind").Text.English);
            var fault = m.Faults.Single(f => f.Breaks == "heels-behind");
            Assert.Equal("No rep, hips", fault.Call.English);
            Assert.Equal(Source.Policy, fault.From.By);
        }
    }

    [Fact]
    public void A_policy_that_allows_takes_the_no_rep_away_and_one_that_asks_adds_it()
    {
        var allows = StandardsBook
            .Of(Plain with { Policies = [new("feet and hands", "anywhere")] })
            .InForce(MovementLibrary.ById("toes-to-bar")!);
        Assert.DoesNotContain(allows.Faults, f => f.Breaks == "between-hands");
        var asks = StandardsBook.Of(Plain with { Policies = [new("grip", "overhand")] }).InForce(MovementLibrary.ById("pull-up")!);
        Assert.Contains(asks.Faults, f => f.Breaks == "grip" && f.Then == Consequence.NotCounted);
    }

    [Fact]
    public void Workout_beats_competition_and_division_beats_everybody_within_each()
    {
        var c = Plain with { Policies = [new("feet and hands", "anywhere"), new("feet and hands", "between", "Meadow")] };
        Assert.Equal(ClauseKind.Allowed, Of(c, "between-hands").Kind);
        Assert.Equal(ClauseKind.Required, Of(c, "between-hands", "Meadow").Kind);
        Assert.Equal(ClauseKind.Required, Of(c, "between-hands", "Estuary", "policy feet and hands: between\n").Kind);
        Assert.Equal(
            ClauseKind.Allowed,
            Of(c, "between-hands", "Meadow", "policy feet and hands: between\npolicy feet and hands, for Meadow: anywhere\n").Kind
        );
        Assert.Equal(Source.Workout, Of(c, "between-hands", "Meadow", "policy feet and hands: anywhere\n").From.By);
    }

    [Fact]
    public void A_line_under_one_task_holds_there_only()
    {
        Assert.Equal(
            "One foot after the other is good here.",
            Of(Plain, "two-feet", movement: "burpee over the bar", place: true).Text.English
        );
        Assert.Equal(Source.Place, Of(Plain, "two-feet", movement: "burpee over the bar", place: true).From.By);
        Assert.Equal(Source.Library, Of(Plain, "two-feet", movement: "burpee over the bar").From.By);
    }

    [Fact]
    public void Another_wording_is_no_longer_decided_on_a_pose()
    {
        Assert.NotNull(Of(Plain, "toes-touch").Holds);
        Assert.Null(Of(Plain, "toes-touch", more: "standard toes-to-bar, toes-touch: The feet touch the bar or the tape on it.\n").Holds);
    }

    [Fact]
    public void A_ruling_is_known_by_its_note() =>
        Assert.Equal(
            (Source.Ruling, "ruling 3, 2027-06-12"),
            Of(
                Plain,
                "ruling-3",
                more: "standard toes-to-bar, ruling-3: A foot that slides off still touched. (ruling 3, 2027-06-12)\n"
            ).From
                is var f
                ? (f.By, f.Detail)
                : default
        );

    [Fact]
    public void A_house_rule_without_a_consequence_cannot_be_saved()
    {
        var c = Plain with
        {
            HouseRules = [new("sit-up", "feet-wide") { Text = new("The feet stay together."), Sign = new("The feet come apart.") }],
        };
        Assert.Contains(CompetitionRules.Validate(c), e => e.Path == "houseRules[0].then");
        Assert.Empty(CompetitionRules.Validate(c with { HouseRules = [c.HouseRules[0] with { Then = Consequence.NotCounted }] }));
    }

    [Fact]
    public void Unknown_topics_answers_movements_and_divisions_are_refused_at_their_field()
    {
        var c = Plain with
        {
            Policies =
            [
                new("droping", "allowed"),
                new("dropping", "maybe"),
                new("chin", "over", "Medow"),
                new("chest", "any"),
                new("Chest", "any"),
            ],
            HouseRules =
            [
                new("moon-hop", "x") { Text = new("x") },
                new("sit-up", "no-such") { DoesNotApply = true },
                new("sit-up", "sit-touch", "Medow") { Text = new("x") },
            ],
        };
        Assert.Equal(
            [
                "policies[0].topic",
                "policies[1].answer",
                "policies[2].division",
                "policies[4].topic",
                "houseRules[0].movement",
                "houseRules[1].clause",
                "houseRules[2].division",
            ],
            CompetitionRules.Validate(c).Select(e => e.Path)
        );
    }

    [Fact]
    public void An_own_movement_is_found_understood_and_judged()
    {
        var own = MovementLibrary.ById("box-step-over")! with
        {
            Id = "crate-hop",
            Name = new("crate hop"),
            Synonyms = ["hop over the crate"],
        };
        var c = Plain with { OwnMovements = [own] };
        Assert.Empty(CompetitionRules.Validate(c));
        var u = Understanding.Of(c, "T\n  for Meadow\n\n9:00 for reps\n  max crate hops, box 60/50 cm\n\nscore: reps\n  tie: shared\n");
        Assert.Empty(u.Findings());
        Assert.Equal("crate-hop", StandardsBook.Of(c).Find("Hop over the crate")?.Id);
        Assert.Contains(Understanding.Of(Plain, u.Text).Findings(), f => f.Rule == "standard-missing");
    }

    [Theory]
    [InlineData(12.5)]
    [InlineData(-1)]
    [InlineData(181)]
    public void An_angle_that_is_none_is_refused_before_it_is_stored(double angle)
    {
        var sitUp = MovementLibrary.ById("sit-up")!;
        var own = sitUp with
        {
            Id = "deck-sit-up",
            Name = new("deck sit-up"),
            Synonyms = [],
            Clauses = [.. sitUp.Clauses.Select((c, i) => i == 0 ? c with { Of = new() { AngleDegrees = (decimal)angle } } : c)],
        };
        Assert.Equal(
            "ownMovements[0].clauses[0].of.angleDegrees",
            Assert.Single(CompetitionRules.Validate(Plain with { OwnMovements = [own] })).Path
        );
    }

    [Fact]
    public void Every_school_says_what_it_means_in_both_languages_and_every_default_is_one()
    {
        Assert.All(
            Topics.All,
            t =>
            {
                Assert.True(t.Default is null || t.Find(t.Default) is not null, t.Name);
                Assert.True(t.Recommended is null || t.Find(t.Recommended) is not null, t.Name);
                Assert.All(t.Schools, s => Assert.All(new[] { s.Label, s.Judges, s.Athletes }, x => Assert.True(x.Has(Language.Spanish))));
            }
        );
        Assert.All(
            Topics.All.Where(t => t.Default is not null),
            t =>
                Assert.All(
                    t.Schools.SelectMany(s => s.Affects),
                    id => Assert.Contains(MovementLibrary.All.Concat(MovementLibrary.Rules), m => m.Clauses.Any(c => c.Id == id))
                )
        );
    }

    [Fact]
    public void The_school_that_is_the_default_says_what_the_library_says()
    {
        var all = Plain with
        {
            Policies = [.. Topics.All.Where(t => t.Default is not null).Select(t => new PolicyChoice(t.Name, t.Default!))],
        };
        var book = StandardsBook.Of(all);
        Assert.All(
            MovementLibrary.All,
            m => Assert.Equal(m.Clauses.Select(c => (c.Id, c.Text)), book.InForce(m).Clauses.Select(c => (c.Id, c.Text)))
        );
    }
}
