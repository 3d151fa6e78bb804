using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Truth;

namespace FairCompass.Core.Tests.Playing;

/// <summary>A lane, step by step: what may happen, what may not, and what it brings about.</summary>
public class PlayedCourseTests
{
    private static PlayedCourse Start(Trial trial) => PlayedCourse.Start(trial.First.Course, trial.First.Sheet);

    private static PlayedCourse After(PlayedCourse state, string at, Happened what) =>
        state.Apply(new(Duration.TryParse(at)!.Value, what)) is Outcome.Moved moved
            ? moved.State
            : throw new Xunit.Sdk.XunitException(Refusal(state, at, what));

    private static string Refusal(PlayedCourse state, string at, Happened what) =>
        Assert.IsType<Outcome.Refused>(state.Apply(new(Duration.TryParse(at)!.Value, what))).Sentence;

    private static Happened.Done Done(long units = 1, int? seat = null, string strand = "") => new("0", strand, units, seat);

    [Fact]
    public void Work_is_done_task_by_task_to_its_end()
    {
        var state = Start(Trial.Tideline("9:00 for time\n  2 rounds\n    3 burpee\n    2 sit-up\n" + Trial.ForTime));
        Assert.Equal(3, Assert.Single(state.Possible()).AtMost);
        Assert.Equal("From 1 to 3 units can be done here before something else is due.", Refusal(state, "0:05", Done(4)));
        state = After(After(After(After(state, "0:10", Done(3)), "0:20", Done(2)), "0:30", Done(3)), "0:40", Done(2));
        Assert.Equal(PiecePhase.Finished, state.Pieces[0].Phase);
        Assert.Equal("0:40", state.Pieces[0].Finished.ToString());
        Assert.True(state.IsOver);
        Assert.Equal("All of this part is done.", Refusal(state, "0:41", Done()));
    }

    [Fact]
    public void The_clock_does_not_run_back_and_ends_the_work()
    {
        var state = After(Start(Trial.Tideline("1:00 for reps\n  max burpee\n" + Trial.ForReps)), "0:30", Done());
        Assert.Equal("The clock stands at 0:30, and does not run back to 0:29.", Refusal(state, "0:29", Done()));
        state = After(state, "1:00", Done());
        Assert.Equal("This part ended at 1:00.", Refusal(state, "1:00.1", Done()));
        Assert.Null(state.NextMoment);
        Assert.Equal(PiecePhase.Over, After(state, "1:01", new Happened.ClockCame()).Pieces[0].Phase);
    }

    [Theory]
    [InlineData("counts", 1, "4:00")]
    [InlineData("misses", 0, "2:00")]
    public void A_gate_on_its_second_goes_by_the_rule(string rule, int gates, string cap)
    {
        var state = Start(
            Trial.Tideline(
                "2:00 for reps\n  5 burpee\n  gate, adds 2:00\n  max sit-up\n\nscore: reps\n  tie: time at the last gate passed\n"
                    + $"gate on the second: {rule}\n"
            )
        );
        state = After(state, "2:00", Done(5));
        Assert.Equal((gates, cap), (state.Pieces[0].Gates, state.Pieces[0].Cap.ToString()));
        Assert.Equal(gates == 1, state.Pieces[0].IsOpen);
    }

    [Fact]
    public void A_rest_of_ones_own_keeps_the_lane_from_going_on()
    {
        var state = Start(Trial.Tideline("9:00 for time\n  3 burpee\n  own rest 0:50\n  3 sit-up\n" + Trial.ForTime));
        state = After(state, "0:10", Done(3));
        Assert.Equal("A rest runs until 1:00.", Refusal(state, "0:59", Done()));
        Assert.Equal("1:00", state.NextMoment.ToString());
        Assert.Equal(1, After(state, "1:00", Done()).Pieces[0].Strands[0].Next!.Unit - 1);
    }

    [Theory]
    [InlineData("carries over", 5)]
    [InlineData("is skipped", 3)]
    public void What_comes_first_is_owed_anew_in_each_interval(string rule, long owed)
    {
        var state = Start(
            Trial.Tideline(
                $"6:00 for reps\n  every 2:00, unfinished {rule}\n    first\n      3 burpee\n    then\n      max sit-up\n" + Trial.ForReps
            )
        );
        Assert.Equal(
            "What comes first in the interval is not done, or nothing of it is due.",
            Refusal(state, "0:05", Done(1, null, "then"))
        );
        state = After(state, "0:30", Done(1, null, "first"));
        state = After(state, "2:00", new Happened.ClockCame());
        Assert.Equal(2, state.Pieces[0].Interval);
        Assert.Equal(owed, state.Pieces[0].FirstOwed);
    }

    [Fact]
    public void What_gets_the_time_left_opens_with_the_finish()
    {
        var state = Start(
            Trial.Tideline(
                "9:00 clock\n  A: for time\n    3 burpee\n  B: for reps, in the time left\n    max sit-up\n\n"
                    + "score A: time of A\n  unfinished: cap line by reps\n  tie: shared\n"
                    + "score B: reps of B\n  A unfinished: not reached\n  tie: shared\n"
            )
        );
        Assert.Equal(PiecePhase.Waiting, state.Pieces[1].Phase);
        Assert.Equal("This part is not open yet.", Refusal(state, "0:05", new Happened.Done("1", "")));
        var done = After(state, "0:30", Done(3));
        Assert.Equal((PiecePhase.Open, "0:30"), (done.Pieces[1].Phase, done.Pieces[1].Opened.ToString()));
        var late = After(After(state, "9:00", Done(2)), "9:01", new Happened.ClockCame());
        Assert.Equal(PiecePhase.NotReached, late.Pieces[1].Phase);
    }

    [Fact]
    public void Nobody_does_more_in_a_row_than_the_rule_says()
    {
        var state = Start(Trial.Crew("9:00 for time\n  20 burpee\n    share: one at a time, at most 3 in a row\n" + Trial.ForTime));
        state = After(state, "0:10", Done(3, 1));
        Assert.Equal("At most 3 in a row.", Refusal(state, "0:12", Done(1, 1)));
        Assert.Equal(Need.HandOver, Assert.Single(state.Possible()).Needs);
        Assert.Equal("Place 1 works; another takes over first.", Refusal(state, "0:12", Done(1, 2)));
        state = After(state, "0:13", new Happened.HandedOver("0", 2));
        Assert.Equal(4, After(state, "0:15", Done(1, 2)).Pieces[0].Strands[0].Units);
        Assert.Equal("No member of this part stands there.", Refusal(state, "0:15", Done(1, 5)));
    }

    [Fact]
    public void Nothing_counts_while_nobody_holds()
    {
        var state = Start(
            Trial.Pairs(
                "9:00 for time\n  20 sit-up\n    share: one at a time, any split\n    hold: 1 crew-mate in dead hang, for every whole rep\n"
                    + Trial.ForTime
            )
        );
        Assert.Equal("Nobody holds the position, so nothing counts.", Refusal(state, "0:05", Done(1, 1)));
        state = After(state, "0:06", new Happened.HoldTaken("0", 2));
        Assert.Equal("Who holds the position does not work.", Refusal(state, "0:07", Done(1, 2)));
        state = After(After(state, "0:08", Done(1, 1)), "0:09", new Happened.HoldBroken("0", 2));
        Assert.Equal(Need.Hold, Assert.Single(state.Possible()).Needs);
    }

    /// <summary>Of 12 sit-ups four are done, the hang breaks: they are lost, and the mark that lay among them is passed again.</summary>
    [Fact]
    public void A_set_that_is_lost_begins_anew()
    {
        var state = Start(
            Trial.Pairs(
                "9:00 for reps\n  6 burpee\n  12 sit-up\n    share: one at a time, any split, count by member\n"
                    + "    hold: 1 crew-mate in dead hang, for every whole rep, broken: set lost\n"
                    + "\nscore: reps\n  tie: time at rep 3 of sit-up\n"
            )
        );
        state = After(After(state, "0:10", Done(6)), "0:11", new Happened.HoldTaken("0", 2));
        state = After(state, "0:20", Done(4, 1));
        Assert.NotNull(state.Pieces[0].Marks);
        state = After(state, "0:21", new Happened.HoldBroken("0", 2));
        Assert.Equal((6, 1, null), (state.Pieces[0].Strands[0].Units, state.Pieces[0].Strands[0].Next!.Unit, state.Pieces[0].Marks));
        Assert.All(state.Pieces[0].By, b => Assert.Equal(0, b.Units));
        state = After(After(state, "0:30", new Happened.HoldTaken("0", 2)), "0:40", Done(5, 1));
        // A hold that breaks later costs only what was done since it was taken again.
        state = After(After(state, "0:41", new Happened.HoldBroken("0", 2)), "0:42", new Happened.HoldTaken("0", 2));
        state = After(state, "0:50", Done(2, 1));
        Assert.Equal((8, 2), (state.Pieces[0].Strands[0].Units, Assert.Single(state.Pieces[0].By).Units));
    }

    [Fact]
    public void A_climbing_bar_has_its_load_before_the_next_round()
    {
        var state = Start(Trial.Tideline("9:00 for time\n  3 rounds\n    2 deadlift, 60-80-100/50-60-70 kg\n" + Trial.ForTime));
        Assert.Equal(60, state.Pieces[0].Loads[0]);
        state = After(state, "0:10", Done(2));
        Assert.Equal(new DueLoad(0, 60, 80), state.Pieces[0].LoadDue);
        Assert.Equal("The bar needs 80 before the next unit.", Refusal(state, "0:11", Done()));
        Assert.Equal(80, After(state, "0:25", new Happened.ReRigged("0")).Pieces[0].Loads[0]);
        Assert.Equal(
            "No other load is due.",
            Refusal(After(state, "0:25", new Happened.ReRigged("0")), "0:26", new Happened.ReRigged("0"))
        );
    }

    [Fact]
    public void Who_stops_has_stopped()
    {
        var state = Start(Trial.Tideline("9:00 for time\n  20 burpee\n" + Trial.ForTime));
        Assert.Equal("Who runs on has not stopped.", Refusal(state, "0:05", new Happened.Stopped(EntryStatus.Ran)));
        state = After(state, "0:10", new Happened.Stopped(EntryStatus.Withdrew));
        Assert.True(state.IsOver);
        Assert.Equal("The entry has stopped.", Refusal(state, "0:11", Done()));
        Assert.Equal(
            ResultClass.Withdrew,
            Scorer.Score(PlayedFacts.Observation(state), state.Course, state.Sheet, MassUnit.Kilogram)[0].Class
        );
    }

    [Fact]
    public void An_option_is_taken_before_its_work_begins()
    {
        var state = Start(
            Trial.Tideline("9:00 for reps\n  rounds without end\n    4 sit-up\n      choose: 6 burpee\n    2 pull-up\n" + Trial.ForReps)
        );
        var burpees = After(state, "0:01", new Happened.OptionTaken("0", 0, 1, 1));
        Assert.Equal(6, Assert.Single(burpees.Possible()).AtMost);
        Assert.Equal("There are 2 options, numbered from 0.", Refusal(state, "0:01", new Happened.OptionTaken("0", 0, 2, 1)));
        var begun = After(state, "0:10", Done(2));
        Assert.Equal(
            "Some of this task is done already; the option is taken before it begins.",
            Refusal(begun, "0:11", new Happened.OptionTaken("0", 0, 1, 1))
        );
    }
}
