using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Format;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Prescriptions;

/// <summary>Entries of one division that are made up differently: by places, by who is in them, by size.</summary>
public class LineUpTests
{
    private static readonly Division Pairs = Demo.Competition.Find("Ferry Pairs")!;

    private static string Draft(string heading, string of = "Ferry Pairs") =>
        $"T\n  for {of}\n  a/b is man/woman\n  {heading}\n\n9:00 for reps\n  max power clean, 60/40 kg\n"
        + $"    share: one at a time, any split\n\n"
        + "score: reps\n  tie: shared\n";

    private static Understanding Of(string draft, params Division[] instead) =>
        Understanding.Of(
            Demo.Competition with
            {
                Divisions = Demo.Competition.Divisions.Select(d => instead.FirstOrDefault(i => i.Name == d.Name) ?? d).ToEq(),
            },
            draft
        );

    private static IEnumerable<string?> Loads(Understanding u, int entry) =>
        u
            .Resolver.Members(u.Courses[entry].Address, null, null)
            .Select(m => u.Resolver.Resolve(u.Courses[entry].Pieces[0].Tasks[0].Source, m).Load?.Value.ToString());

    [Fact]
    public void Places_of_a_workout_are_nearer_than_those_of_the_division()
    {
        var u = Of(Draft("seats woman, woman, man, woman", "Crew of Four"));
        Assert.Equal(["40 kg", "40 kg", "60 kg", "40 kg"], Loads(u, 0));
        Assert.Equal("team", Assert.Single(u.Courses).Address.Within);
        Assert.DoesNotContain(u.Findings(), f => f.Rule == "line-up-misfit");
    }

    [Fact]
    public void The_order_of_a_and_b_does_not_follow_the_places() =>
        Assert.Equal(["40 kg", "60 kg"], Loads(Of(Draft("seats woman, man").Replace("  a/b is man/woman\n", "")), 0));

    [Fact]
    public void Same_sex_and_mixed_entries_are_each_an_entry_with_the_lifters_own_values()
    {
        var u = Of(Draft("entries man, woman, mixed, ranked together"));
        Assert.Equal(["pair, men", "pair, women", "pair, mixed"], u.Courses.Select(c => c.Address.Within));
        Assert.Equal(["60 kg", "60 kg"], Loads(u, 0));
        Assert.Equal(["40 kg", "40 kg"], Loads(u, 1));
        Assert.Equal(["60 kg", "40 kg"], Loads(u, 2));
        // A value is written and shown once, whoever lifts it.
        Assert.Equal(["man", "woman"], Explainer.Explain(u).Grid.Columns.Select(c => c.Duty));
        Assert.Contains("Entries of Ferry Pairs: men, women or mixed. They are ranked together.", Explainer.Explain(u).Rulings);
        foreach (var within in new[] { "pair, men", "pair, women", "pair, mixed" })
        {
            Assert.True(u.IndexOf("Ferry Pairs", within) >= 0);
        }
    }

    [Fact]
    public void Each_line_up_has_a_card_with_its_own_places()
    {
        var cards = BriefMarkdown
            .Write(new BriefBuilder(Of(Draft("entries woman, mixed, ranked apart")), "Ferry Pairs", default).Build(Audience.LaneCard))
            .Replace("\\", "", StringComparison.Ordinal);
        Assert.Contains("Card of Ferry Pairs, women", cards, StringComparison.Ordinal);
        Assert.Contains("Card of Ferry Pairs, mixed", cards, StringComparison.Ordinal);
        Assert.Contains("1st (woman)", cards, StringComparison.Ordinal);
        Assert.Contains("1st (man)", cards, StringComparison.Ordinal);
        Assert.Contains("2nd (woman)", cards, StringComparison.Ordinal);
    }

    [Fact]
    public void An_order_told_at_check_in_is_a_line_up_for_each_order()
    {
        var u = Of(Draft("seats free, told at check-in"));
        Assert.Equal(["pair, man then woman", "pair, woman then man"], u.Courses.Select(c => c.Address.Within));
        Assert.Equal(["40 kg", "60 kg"], Loads(u, 1));
        var crew = Of(Draft("seats free, told at check-in", "Crew of Four"));
        Assert.Equal(6, crew.Courses.Count);
        var six = Demo.Competition.Find("Crew of Four")! with { Kind = DivisionKind.TeamOf6 };
        Assert.Contains(Of(Draft("seats free, told at check-in", "Crew of Four"), six).Findings(), f => f.Rule == "line-up-misfit");
    }

    [Fact]
    public void Entries_of_three_to_six_are_each_held_to_their_own_size()
    {
        var crew = Demo.Competition.Find("Crew of Four")! with { Kind = DivisionKind.TeamOf6, Smallest = 3 };
        var draft = Draft("lead-in 0:10", "Crew of Four")
            .Replace("9:00 for reps\n  max", "9:00 for time\n  100")
            .Replace("score: reps", "score: time\n  unfinished: cap line by reps");
        var u = Of(draft.Replace("any split", "at least 20 each"), crew);
        Assert.Equal(["team, 3 members", "team, 4 members", "team, 5 members", "team, 6 members"], u.Courses.Select(c => c.Address.Within));
        Assert.Equal([3, 4, 5, 6], u.Courses.Select(c => c.Address.Division.Size));
        // Twenty each are more than a hundred for six, and for nobody else.
        var finding = Assert.Single(u.Findings(), f => f.Rule == "sharing-impossible");
        Assert.Equal("At least 20 each of 6 are 120, more than the 100 there are.", finding.Sentence);
        Assert.Contains("Entries of Crew of Four: 3 members, 4 members, 5 members or 6 members.", Explainer.Explain(u).Rulings);
    }

    [Theory]
    [InlineData("seats man, woman, man", "Ferry Pairs has 2 places, and 3 are named.")]
    [InlineData("seats man, man", "No place of Ferry Pairs is a woman’s.")]
    [InlineData("entries man, man", "man stands here twice.")]
    public void What_does_not_fit_the_team_is_said_at_its_line(string heading, string sentence)
    {
        var finding = Assert.Single(Of(Draft(heading)).Findings(), f => f.Rule == "line-up-misfit");
        Assert.Equal((sentence, 4), (finding.Sentence, finding.At.Line));
    }

    [Fact]
    public void Nobody_who_runs_alone_has_places() =>
        Assert.Single(Of(Draft("entries man, woman", "Tideline")).Findings(), f => f.Rule == "line-up-misfit");

    [Theory]
    [InlineData("seats man, dog", "Who is meant?")]
    [InlineData("entries", "How may entries be made up?")]
    [InlineData("entries man, woman, ranked", "How are they ranked?")]
    public void A_heading_that_is_half_a_line_says_what_is_missing(string heading, string sentence) =>
        Assert.Contains(Of(Draft(heading)).Parsed.Problems, p => p.Sentence == sentence && p.At.Line == 4);

    [Fact]
    public void The_division_says_it_for_all_workouts_and_the_code_covers_it()
    {
        var made = Pairs with { Entries = ["woman", "mixed"], RankedApart = true };
        var (plain, u) = (Of(Draft("lead-in 0:10")), Of(Draft("lead-in 0:10"), made));
        Assert.Equal(["pair, women", "pair, mixed"], u.Courses.Select(c => c.Address.Within));
        Assert.NotEqual(Fingerprint.Of(plain).Code, Fingerprint.Of(u).Code);
        Assert.Equal(made, CompetitionJson.Read(CompetitionJson.Write(u.Competition)).Find("Ferry Pairs"));
        Assert.Contains(
            Of(Draft("lead-in 0:10"), made with { RankedApart = null }).Findings(),
            f => f.Rule == "ranking-unstated" && f.Sentence.Contains("Ferry Pairs", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData(1, null)]
    [InlineData(2, null)]
    [InlineData(null, "dog")]
    [InlineData(null, "man,man")]
    public void A_division_cannot_be_what_it_is_not(int? smallest, string? makes)
    {
        var wrong = Pairs with { Smallest = smallest, Entries = makes?.Split(',').ToEq() ?? [] };
        var errors = CompetitionRules.Validate(Demo.Competition with { Divisions = [wrong] });
        Assert.Contains(errors, e => e.Path == (smallest is null ? "divisions[0].entries" : "divisions[0].smallest"));
    }
}
