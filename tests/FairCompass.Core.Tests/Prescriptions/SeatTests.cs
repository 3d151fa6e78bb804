using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Prescriptions;

/// <summary>Values by place in the team, group, level, round, and cycle.</summary>
public class SeatTests
{
    [Fact]
    public void A_crew_takes_turns_through_its_duties()
    {
        var u = Demo.Understand(DraftTexts.Demo("14"));
        Assert.Equal(["1st (man)", "2nd (woman)", "3rd (man)", "4th (woman)"], u.Resolver.Addresses.Select(a => a.Within));
        Assert.Equal(["24 kg", "12 kg", "24 kg", "16 kg"], u.Courses[0].Pieces.Select(p => p.Tasks[0].Prescription.Load!.Value.ToString()));
        Assert.Equal(
            ["kettlebell swing", "kettlebell thruster", "kettlebell swing to eye level", "goblet squat"],
            u.Courses[0].Pieces.Select(p => p.Tasks[0].Prescription.Movement.Value)
        );
        Assert.Equal("team", Assert.Single(u.Courses).Address.Within);
    }

    [Fact]
    public void Groups_have_their_own_bars()
    {
        var u = Demo.Understand(DraftTexts.Demo("15"));
        var squat = WorkTree.Tasks(u.Workout).Single(t => t.Movement == "front squat");
        Assert.Equal(
            ["80 kg", "55 kg", "70 kg", "47.5 kg"],
            u.Resolver.Addresses.Select(a => u.Resolver.Resolve(squat, a).Load!.Value.ToString())
        );
        Assert.Equal(["One", "Two"], u.Courses[0].Pieces.Where(p => p.Piece.Station == "Bar").Select(p => p.Piece.Group));
    }

    [Fact]
    public void Each_level_is_an_entry_and_a_column()
    {
        var u = Demo.Understand(DraftTexts.Demo("16"));
        Assert.Equal(24, u.Courses.Count);
        Assert.Equal(
            "10 kg or 22 lb",
            u.Courses[u.IndexOf("Meadow", "man, Hand Bell")].Pieces[0].Tasks[0].Prescription.Load!.Value.ToString()
        );
        Assert.Equal("box step-over", u.Courses[u.IndexOf("Meadow", "man, Hand Bell")].Pieces[0].Tasks[1].Prescription.Movement.Value);
        Assert.Equal(
            "box 60 cm",
            Assert.Single(u.Courses[u.IndexOf("Meadow", "man, Hand Bell")].Pieces[0].Tasks[1].Prescription.Heights).Value.ToString()
        );
        // Another movement does not inherit the box: where the line does not say it again, nobody has.
        var cut = Demo.Understand(DraftTexts.Demo("16").Replace("box step-over, box 60/50 cm", "box step-over", StringComparison.Ordinal));
        Assert.Empty(cut.Courses[cut.IndexOf("Meadow", "man, Hand Bell")].Pieces[0].Tasks[1].Prescription.Heights);
        Assert.Equal(
            "15 kg or 35 lb",
            u.Courses[u.IndexOf("Tideline", "woman, Great Bell")].Pieces[0].Tasks[0].Prescription.Load!.Value.ToString()
        );
    }

    [Theory]
    [InlineData("Estuary and woman: 40 kg", "Estuary: 45 kg", "40")]
    [InlineData("Tideline and woman: 40 kg", "Estuary: 45 kg", "45")]
    [InlineData("woman: 40 kg", "Tideline: 45 kg", "45")]
    public void The_nearer_division_wins_before_the_narrower_name(string first, string second, string expected)
    {
        foreach (var lines in new[] { new[] { first, second }, [second, first] })
        {
            var u = Demo.Understand(
                $"T\n  for Tideline, Estuary, Meadow\n\n9:00 for time\n  10 power clean, 60 kg\n    {lines[0]}\n    {lines[1]}\n"
            );
            var task = WorkTree.Tasks(u.Workout).Single();
            Assert.Equal(
                expected + " kg",
                u.Resolver.Resolve(task, u.Resolver.Addresses.Single(a => a is { Division.Name: "Meadow", Duty: Duty.Woman }))
                    .Load!.Value.ToString()
            );
        }
    }

    [Fact]
    public void Rounds_and_cycles_change_amounts()
    {
        var u = Demo.Understand(
            "T\n  for Tideline\n\n3 cycles, rest 1:00 between\n  4:00 for reps\n    4 rounds\n      10 sit-up\n        round "
                + "2: 25 sit-up\n        cycle 3: 7\n      1 pull-up, cycle 2 only\n\nscore: reps\n  tie: shared\n"
        );
        Assert.Empty(u.Parsed.Problems);
        Assert.Equal([55, 59, 46], u.Courses[0].Pieces.Select(p => p.Strand!.Units!.Value));
        Assert.Equal((2L, 25L), u.Courses[0].Pieces[0].Strand!.At(35) is var p ? (p.Rounds[0], p.Unit) : default);
    }

    [Fact]
    public void A_task_for_one_duty_is_not_counted_for_the_other()
    {
        var u = Demo.Understand(
            "T\n  for Tideline\n\n9:00 for time\n  10 sit-up\n  5 pull-up, man only\n  7 ring row, woman only\n\nscore: time\n "
                + " unfinished: cap line by reps\n  tie: shared\n"
        );
        Assert.Equal([15, 17], u.Courses.Select(c => c.Pieces[0].Strand!.Units!.Value));
    }

    [Fact]
    public void Everybody_who_takes_part_does_an_amount_each()
    {
        var u = Demo.Understand(
            "T\n  for Crew of Four\n\n9:00 for time\n  20 sit-up, each\n  10 pull-up, by each\n    share: by 2 members, any "
                + "split\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n"
        );
        Assert.Equal(100, u.Courses[0].Pieces[0].Strand!.Units);
    }

    [Fact]
    public void Another_movement_cuts_the_counting_and_the_same_name_does_not()
    {
        var u = Demo.Understand(
            "T\n  for Tideline, Estuary, Meadow\n\n9:00 for reps\n  20 m handstand walk, marks every 2.5 m, counts 2\n    "
                + "Estuary: 20 m bear crawl\n    Meadow: 30 m handstand walk\n\nscore: reps\n  tie: shared\n"
        );
        Assert.Equal(
            [(8L, 16L), (20L, 20L), (12L, 24L)],
            new[] { "Tideline", "Estuary", "Meadow" }
                .Select(d => u.Courses[u.IndexOf(d, "man")].Pieces[0].Strand!)
                .Select(s => (s.Units!.Value, s.Total(Tally.Credit)!.Value))
        );
    }

    /// <summary>In stations with a swap one completion of the swap station is a round, so its work comes again and again.</summary>
    [Fact]
    public void The_swap_station_comes_again()
    {
        var u = Demo.Understand(
            "T\n  for Ferry Pairs\n\n6:00 stations for reps, swap when Bike is done\n  station Bike\n    10 cal air bike\n  "
                + "station Bar\n    max pull-up\n\nscore: reps of Bar\n  tie: shared\n"
        );
        var piece = u.Courses[0].Pieces[0];
        Assert.Equal((3L, 4L), piece.Strands.Single(s => s.Key == "Bike").Counter.At(24) is var p ? (p.Rounds[0], p.Unit) : default);
        Assert.Equal(2, Timeline.Of(u.Courses[0])!.Judges);
        Assert.Null(piece.Strands.Single(s => s.Key == "Bar").Counter.Units);
    }

    /// <summary>Work that has an end at a station that swaps nothing is done once.</summary>
    [Fact]
    public void Another_station_does_not_come_again()
    {
        var u = Demo.Understand(
            "T\n  for Ferry Pairs\n\n6:00 stations for reps, swap when Bike is done\n  station Bike\n    10 cal air bike\n  "
                + "station Bar\n    30 pull-up\n\nscore: reps of Bar\n  tie: shared\n"
        );
        var piece = u.Courses[0].Pieces[0];
        Assert.Equal(30, piece.Strands.Single(s => s.Key == "Bar").Counter.Units);
        Assert.Null(piece.Strands.Single(s => s.Key == "Bike").Counter.Units);
    }

    [Fact]
    public void A_lead_in_is_called_before_the_clock()
    {
        var call = Timeline.Of(Demo.Understand("T\n  for Tideline\n  lead-in 0:10\n\n3:00 for reps\n  max sit-up\n").Courses[0])!.Calls[0];
        Assert.Equal(("-0:10", "lead-in, stand ready"), (call.At.ToString(), call.Words));
    }

    [Fact]
    public void A_cell_of_a_place_in_the_team_is_written_with_its_place()
    {
        var u = Demo.Understand(DraftTexts.Demo("14"));
        var answer = new FairCompass.Core.Commands.SetCell(7, "load", "Crew of Four", "2nd (woman)", "16").Against(new(u));
        Assert.Null(answer.Refused);
        var changed = Demo.Understand(FairCompass.Core.Notation.Edits.Apply(u.Text, answer.Value!.Edits));
        Assert.Empty(changed.Parsed.Problems);
        Assert.Equal("16 kg", changed.Courses[0].Pieces[1].Tasks[0].Prescription.Load!.Value.ToString());
        Assert.Equal("24 kg", changed.Courses[0].Pieces[0].Tasks[0].Prescription.Load!.Value.ToString());
    }
}
