using FairCompass.Core.Briefing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A relay that goes on counting: the next member begins at the rep where the last one stopped.</summary>
public class RelayGoesOnTests
{
    private static Trial Relay(string score = "reps", string work = "rounds without end\n    10 sit-up\n    6 burpee") =>
        Trial.Crew($"relay for reps, 2:00 each, change 0:30, continues\n  {work}\n\nscore: {score}\n  tie: shared\n");

    private static PieceObservation[] Totals(params long[] totals) =>
        [.. totals.Select((t, i) => new PieceObservation($"{i}") { Counted = t })];

    [Theory]
    [InlineData("reps", "120 reps")]
    [InlineData("lowest member", "10 reps")]
    [InlineData("best member", "50 reps")]
    [InlineData("sum of the best 2 members", "90 reps")]
    public void The_team_has_its_total_and_each_member_the_own_part(string score, string text)
    {
        var trial = Relay(score);
        Assert.Empty(trial.Read.Findings());
        Assert.Equal(text, Trial.Score(trial.First, Totals(40, 90, 100, 120)).Text);
    }

    /// <summary>Where reps count double the team has their credit, and a member’s own part is what was done: where the one before
    /// stopped takes nothing from it.</summary>
    [Fact]
    public void An_own_part_is_counted_in_what_was_done()
    {
        var trial = Relay("lowest member", "rounds without end\n    10 sit-up, counts 2\n    6 burpee");
        Assert.Equal("16 reps", Trial.Score(trial.First, Totals(26, 52, 78, 104)).Text);
    }

    [Fact]
    public void Nobody_stands_behind_the_one_before()
    {
        var error = Assert.Single(
            Card.Validate(
                Card.Resolve(new(EntryStatus.Ran, [.. Totals(40, 39, 60, 60)]), Relay().First.Course),
                Relay().First.Course,
                Relay().First.Sheet
            )
        );
        Assert.Equal(
            ("pieces[1].counted", "This member goes on where the one before stopped, and cannot stand behind that."),
            (error.Path, error.Message)
        );
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void A_run_goes_on_and_its_counts_never_fall(int seed)
    {
        var run = new Player(Relay().Read, 0, PaceTable.Usual).Play((ulong)seed, 0);
        var totals = run.End.Pieces.Select(p => p.Strands[0].Units).ToList();
        Assert.Equal(totals.Order(), totals);
        Assert.Equal(run.Events.Select(e => e.What).OfType<Happened.Done>().Sum(d => d.Units), totals[^1]);
        Assert.Equal($"{totals[^1]} reps", run.Score(Relay().First.Course, MassUnit.Kilogram)[0].Text);
    }

    [Fact]
    public void The_card_has_a_place_for_the_number_to_go_on_from() =>
        Assert.Contains("2nd member: running totals, goes on from ____", Relay().Paper(Audience.LaneCard), StringComparison.Ordinal);

    [Theory]
    [InlineData(
        "relay for time, 2:00 each, continues\n  90 sit-up\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n",
        "A relay that goes on counting is for reps."
    )]
    [InlineData(
        "relay for reps, 2:00 each, continues\n  rounds without end\n    10 sit-up\n      2nd: 8\n    6 burpee\n\n"
            + "score: reps\n  tie: shared\n",
        "Crew of Four: the work of 2nd member has other amounts, so nobody can say where it goes on."
    )]
    [InlineData(
        "relay for reps, 2:00 each, continues\n  rounds without end\n    10 sit-up\n\nscore: rounds and reps\n  tie: shared\n",
        "Rounds and reps of a relay that goes on counting are no member’s: score its reps."
    )]
    public void What_cannot_go_on(string work, string sentence) =>
        Assert.Contains(Trial.Crew(work).Read.Findings(), f => f.Rule == "group-misfit" && f.Sentence == sentence);

    /// <summary>What a unit is worth must not let a member stop behind the one before.</summary>
    [Theory]
    [InlineData("100 m rowing machine, credited 17\n    25 cal air bike, counts 0")]
    [InlineData("25 cal air bike, counts 0\n    3 rope climb, credited 1")]
    [InlineData("34 double-under, every 3 count 1\n    12 m walking lunge, marks every 4 m")]
    public void A_card_scores_what_was_seen_whatever_a_unit_is_worth(string work)
    {
        var text = $"relay for reps, 1:00 each, change 0:30, continues\n  rounds without end\n    {work}\n\nscore: reps\n  tie: shared\n";
        Assert.Empty(CardAgainstRun.Faults(Trial.Pairs(text).Read, 40));
        Assert.Empty(CardAgainstRun.Faults(Trial.Crew(text).Read, 40));
    }

    [Theory]
    [InlineData("30 double-under, every 3 count 1", "score: reps\n  tie: lowest member\n")]
    [InlineData("1 rope climb, credited 5", "score: lowest member\n  tie: shared\n")]
    public void An_own_part_that_no_total_tells_is_refused(string work, string score)
    {
        var read = Trial.Crew($"relay for reps, 2:00 each, change 0:30, continues\n  rounds without end\n    {work}\n\n{score}").Read;
        Assert.Contains(read.Findings(), f => f.Sentence.Contains("what one member did cannot be read", StringComparison.Ordinal));
        Assert.DoesNotContain(
            Trial.Crew($"relay for reps, 2:00 each, change 0:30\n  rounds without end\n    {work}\n\n{score}").Read.Findings(),
            f => f.Sentence.Contains("cannot be read", StringComparison.Ordinal)
        );
    }
}
