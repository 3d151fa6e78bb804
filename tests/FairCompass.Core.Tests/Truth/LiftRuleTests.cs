using FairCompass.Core.Briefing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>What binds a heaviest lift beside the judge’s call: start, attempts, direction, turns, whole sets, the bell.</summary>
public class LiftRuleTests
{
    private static PieceObservation Tries(params Try[] tries) => new("0") { Tries = tries.ToEq() };

    private static Trial Single(string rules, string score = "best load", string after = "") =>
        Trial.Tideline($"6:00 for load\n  heaviest power clean{rules}\n\nscore: {score}\n  tie: shared\n{after}");

    private static Trial Pair(string share) =>
        Trial.Pairs($"8:00 for load\n  heaviest power snatch, start 50/35 kg, 3 attempts\n    share: {share}\n{Trial.ForLoads}");

    [Fact]
    public void An_attempt_too_many_is_void()
    {
        var trial = Single(", start 60/40 kg, 2 attempts");
        var result = trial.Score(Tries(new Try(60, true), new Try(70, true), new Try(80, true)));
        Assert.Equal("70 kg", result.Text);
        Assert.Equal(
            "60 kg made, 70 kg made, 80 kg made (void: all 2 attempts were taken): the heaviest good lift is 70 kg.",
            result.Reasons[0]
        );
    }

    [Fact]
    public void Loads_that_never_go_down_begin_at_the_start()
    {
        var trial = Single(", start 60/40 kg, never down");
        Assert.Equal("70 kg", trial.Score(Tries(new Try(60, true), new Try(70, true), new Try(65, true))).Text);
        // Below what is on the bar is below the start; a miss holds too.
        Assert.Equal(ResultClass.NoGoodLift, trial.Score(Tries(new Try(55, true))).Class);
        Assert.Equal("60 kg", trial.Score(Tries(new Try(60, true), new Try(80, false), new Try(75, true))).Text);
    }

    /// <summary>The competition’s word holds for a lift that says nothing itself, and a line of the lift before it.</summary>
    /// <param name="lines">What the draft says of it.</param>
    /// <param name="afterMiss">What 60 made, 70 missed, 65 made are worth.</param>
    [Theory]
    [InlineData("policy going down: always\n", "65 kg")]
    [InlineData("policy going down: after a miss\n", "65 kg")]
    [InlineData("policy going down: never\n", "60 kg")]
    public void A_lower_load_is_as_the_policy_says(string lines, string afterMiss)
    {
        var trial = Single("", after: lines);
        Assert.Equal(afterMiss, trial.Score(Tries(new Try(60, true), new Try(70, false), new Try(65, true))).Text);
        var made = trial.Score(Tries(new Try(60, true), new Try(55, true), new Try(65, true)));
        Assert.Equal("65 kg", made.Text);
        Assert.Equal(
            lines.Contains("always", StringComparison.Ordinal) ? 0 : 1,
            made.Reasons[0].Split("(void: lower than 60 before)").Length - 1
        );
        var marks = trial.Paper(Audience.LaneCard);
        Assert.Equal(
            !lines.Contains("always", StringComparison.Ordinal),
            marks.Contains("a lower load than before", StringComparison.OrdinalIgnoreCase)
        );
    }

    /// <summary>Nobody’s fourth try in a row counts; after somebody else’s it does.</summary>
    [Fact]
    public void Tries_in_a_row_are_counted_by_place()
    {
        var trial = Trial.Pairs(
            "8:00 for load\n  heaviest power snatch\n    share: one at a time, at most 3 tries in a row\n" + Trial.ForLoads
        );
        Try Of(decimal load, int seat) => new(load, true, seat);
        Assert.Equal("80 kg", trial.Score(Tries(Of(50, 1), Of(55, 1), Of(60, 1), Of(65, 1), Of(20, 2))).Text);
        Assert.Equal("85 kg", trial.Score(Tries(Of(50, 1), Of(55, 1), Of(60, 1), Of(20, 2), Of(65, 1))).Text);
    }

    [Fact]
    public void The_best_two_of_a_lifter_are_added_up()
    {
        var trial = Single(", 3 attempts", "sum of the best 2 loads");
        Assert.Equal("130 kg", trial.Score(Tries(new Try(60, true), new Try(65, true), new Try(65, true))).Text);
        Assert.Equal("60 kg", trial.Score(Tries(new Try(60, true), new Try(65, false), new Try(65, false))).Text);
        Assert.Contains(
            "Sum of each lifter’s best 2 good lifts",
            trial.Paper(Audience.Judge).Replace("the sum", "Sum", StringComparison.Ordinal),
            StringComparison.Ordinal
        );
        Assert.Contains(
            Single(", 2 attempts", "sum of the best 3 loads").First.Sheet.Problems,
            p => p.Sentence == "The best 3 of 2 attempts cannot be added up."
        );
    }

    [Fact]
    public void A_set_that_is_not_whole_and_a_lift_after_the_bell_are_void()
    {
        var trial = Trial.Tideline(
            $"6:00 for load\n  heaviest set of 3 front squat, in one go\n{Trial.ForLoad}bell: a lift counts when finished and steady\n"
        );
        Assert.Equal("60 kg", trial.Score(Tries(new Try(60, true) { Reps = 3 }, new Try(70, false) { Reps = 2 })).Text);
        Assert.Equal(
            "60 kg",
            trial
                .Score(Tries(new Try(60, true) { Clock = Duration.Seconds(350) }, new Try(70, true) { Clock = Duration.Seconds(362) }))
                .Text
        );
        Assert.Equal(
            [("pieces[0].tries[0].reps", "A good set has all 3 reps.")],
            Trial.Objections(trial.First, Tries(new Try(60, true) { Reps = 2 })).Select(e => (e.Path, e.Message))
        );
        var card = trial.Paper(Audience.LaneCard);
        Assert.Contains("Reps of 3", card, StringComparison.Ordinal);
        // A lift that was begun counts where the bell asks for no more.
        var begun = Trial.Tideline($"6:00 for load\n  heaviest front squat\n{Trial.ForLoad}bell: a lift counts when begun\n");
        Assert.Equal("70 kg", begun.Score(Tries(new Try(70, true) { Clock = Duration.Seconds(362) })).Text);
    }

    [Fact]
    public void A_card_has_a_row_for_each_attempt_and_what_stands_on_the_bar()
    {
        var card = Pair("one at a time").Paper(Audience.LaneCard);
        Assert.Contains("On the bar at the start: 50 kg (1st), 35 kg (2nd).", card, StringComparison.Ordinal);
        Assert.Contains("Plates of the lane end at 250 kg / 255 kg", card, StringComparison.Ordinal);
        Assert.Contains("More than 3 attempts", card, StringComparison.Ordinal);
        var rows = new BriefBuilder(Pair("one at a time").Read, null, new(2026, 6, 6)).Build(Audience.LaneCard);
        var tries = rows.Sections.Single(s => s.Id == "tries-0").Blocks.OfType<BriefBlock.Table>().Single();
        Assert.Equal(["1st", "2nd", "1st", "2nd", "1st", "2nd"], tries.Rows.Select(r => r.Cells[1]));
    }

    [Fact]
    public void The_floor_crew_puts_the_start_on_the_bar() =>
        Assert.Contains("50 kg: bar 20, each side 15", Pair("one at a time").Paper(Audience.FloorCrew), StringComparison.Ordinal);

    /// <summary>What is played keeps the rules: nobody tries more often, and nobody goes down.</summary>
    [Fact]
    public void A_run_keeps_the_rules()
    {
        var u = Trial
            .Pairs(
                "20:00 for load\n  heaviest power snatch, start 50/35 kg, 3 attempts, never down\n"
                    + "    share: one at a time, at most 2 tries in a row\n"
                    + Trial.ForLoads
            )
            .Read;
        var player = new Player(u, 0, Core.Pacing.PaceTable.Usual);
        for (var seed = 1UL; seed <= 40; seed++)
        {
            var lifts = player.Play(seed).Events.Select(e => e.What).OfType<Core.Playing.Happened.Lifted>().ToList();
            Assert.Equal([50m, 35m], lifts.Take(2).Select(l => l.Load));
            foreach (var own in lifts.GroupBy(l => l.Seat))
            {
                Assert.InRange(own.Count(), 1, 3);
                Assert.Equal(own.Select(l => l.Load).Order(), own.Select(l => l.Load));
            }
        }
    }
}
