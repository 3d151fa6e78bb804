using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>What cannot have happened is refused at its field.</summary>
public class CardTests
{
    private const string Bonus = "1:10 for reps\n  max cal rowing machine, counts 0, +6 at 15/11";

    [Theory]
    [InlineData("08", "finish", "16:31")]
    [InlineData("08", "finish", "0:00")]
    [InlineData("10", "finish", "12:01")]
    public void A_finish_after_the_cap(string number, string field, string time) =>
        Refused(number, new("0", Duration.TryParse(time), null, null, []), $"pieces[0].{field}");

    [Theory]
    [InlineData(12.5, null)]
    [InlineData(14, "1.5 m beyond the last whole section of 2.5 m do not count.")]
    public void A_distance_counts_in_whole_sections(double metres, string? beyond)
    {
        var (course, sheet, run) = Of("08", new("0", null, null, null, [], new LedgerPlace(2, 3, null, Metres: (decimal)metres)));
        var resolved = Card.Resolve(run, course);
        Assert.Empty(Card.Validate(resolved, course, sheet));
        // 5 × (9 + 10) + (12 + 8) + 12 + 5 sections.
        var result = Scorer.Score(resolved, course, sheet, MassUnit.Kilogram)[0];
        Assert.Equal("132 of 155 at the cap", result.Text);
        Assert.Equal(beyond is not null, result.Reasons.Contains(beyond ?? ""));
    }

    /// <summary>40 ft is 12.192 m (the international foot of 304.8 mm), four sections of 10 ft.</summary>
    [Fact]
    public void Feet_and_metres_name_the_same_mark()
    {
        var u = Demo.Understand(Demo.Window("6:00 for reps", "40 ft walking lunge, marks every 10 ft\n20 sit-up"));
        long? At(LedgerPlace place) => Card.Resolve(new(EntryStatus.Ran, [new("0", Stood: place)]), u.Courses[0]).Pieces[0].Performed;
        Assert.Equal(
            [2L, 2L, 3L, 4L],
            (
                (LedgerPlace[])
                    [
                        new(null, 0, null, Metres: 7.1m),
                        new(null, 0, null, Feet: 23),
                        new(null, 0, null, Feet: 30),
                        new(null, 0, null, Metres: 12.192m),
                    ]
            ).Select(p => At(p)!.Value)
        );
        Refused("08", new("0", Stood: new LedgerPlace(2, 0, null, Metres: 3m)), "pieces[0].stood");
    }

    [Theory]
    [InlineData(-1, "From 0 to 239.")]
    [InlineData(240, "All 240 reps are done, so the work is finished: enter the finishing time.")]
    [InlineData(241, "From 0 to 239.")]
    public void A_count_that_the_work_does_not_have(long units, string sentence) =>
        Refused("10", new("0", null, units, null, []), "pieces[0].units", sentence);

    [Fact]
    public void More_ticks_than_targets()
    {
        var u = Demo.Understand(Demo.Window(Bonus.Split('\n')[0], Bonus.Split('\n')[1].Trim()));
        IReadOnlyList<string> Errors(long? ticks) =>
            Card.Validate(new(EntryStatus.Ran, [new("0", null, null, null, [], Ticks: ticks)]), u.Courses[0], u.Sheets[0])
                .Select(e => $"{e.Path} {e.Message}")
                .ToList();
        Assert.Equal(["pieces[0].ticks There is 1 target, so no 2 ticks."], Errors(2));
        Assert.NotEmpty(Errors(-1));
        Assert.Empty(Errors(1));
        Assert.Equal(
            "6 reps",
            Scorer
                .Score(
                    new RunObservation(EntryStatus.Ran, [new("0", null, null, null, [], Ticks: 1)]),
                    u.Courses[0],
                    u.Sheets[0],
                    MassUnit.Kilogram
                )[0]
                .Text
        );
        Refused("01", new("0", null, 5, null, [], Ticks: 1), "pieces[0].ticks");
    }

    [Fact]
    public void A_tick_does_not_say_what_was_done_of_the_other_tasks()
    {
        var u = Demo.Understand(
            "T\n  for Tideline\n\n6:00 for reps\n  20 sit-up, +6 when done\n  10 pull-up\n\nscore: reps\n  tie: shared\n"
        );
        var error = Assert.Single(Card.Validate(new(EntryStatus.Ran, [new("0", null, 30, null, [], Ticks: 1)]), u.Courses[0], u.Sheets[0]));
        Assert.Equal(("pieces[0].ticks", "This part has no bonus target to tick."), (error.Path, error.Message));
        Assert.Empty(Card.Validate(new(EntryStatus.Ran, [new("0", null, 30, null, [])]), u.Courses[0], u.Sheets[0]));
    }

    [Theory]
    [InlineData(-80)]
    [InlineData(0)]
    [InlineData(1501)]
    public void A_load_that_nobody_lifts(int load) =>
        Refused(
            "01",
            new("1", null, null, null, [new Try(load, true)]),
            "pieces[1].tries[0].load",
            first: new("0", Duration.Seconds(500), null, null, [])
        );

    [Fact]
    public void A_lifter_who_is_not_in_the_team()
    {
        var u = Demo.Understand(
            "T\n  for Ferry Pairs\n\n6:00 for load\n  heaviest front squat, from the rack\n\nscore: sum of best loads\n  tie: shared\n"
        );
        RunObservation Run(int seat) =>
            new(EntryStatus.Ran, [new("0", null, null, null, [new Try(80, true, 1), new Try(60, false, 2), new Try(55, true, seat)])]);
        Assert.Equal("pieces[0].tries[2].seat", Assert.Single(Card.Validate(Run(3), u.Courses[0], u.Sheets[0])).Path);
        var result = Scorer.Score(Run(2), u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[0];
        Assert.Equal(
            ("135 kg", "1st 80 kg made, 2nd 60 kg missed, 2nd 55 kg made: the best good lifts are 80 + 55 = 135 kg."),
            (result.Text, result.Reasons[0])
        );
    }

    [Fact]
    public void A_gate_passed_after_it_closed()
    {
        Refused("05", new("0", null, 90, Duration.Seconds(451), []), "pieces[0].tieTime", "The gate after 82 closed at 7:30.");
        Refused(
            "05",
            new("0", null, 39, Duration.Seconds(200), []),
            "pieces[0].tieTime",
            "The first gate stands after 40; 39 have not passed it."
        );
        Assert.Empty(Errors("05", new("0", null, 90, Duration.Seconds(450), [])));
        var misses = Demo.Understand(DraftTexts.Demo("05").Replace("second: counts", "second: misses", StringComparison.Ordinal));
        Assert.Equal(
            "The gate closes at 7:30, and on the second it is missed.",
            Assert
                .Single(
                    Card.Validate(
                        new(EntryStatus.Ran, [new("0", null, 90, Duration.Seconds(450), [])]),
                        misses.Courses[0],
                        misses.Sheets[0]
                    )
                )
                .Message
        );
        Refused(
            "10",
            new("0", null, 150, Duration.Seconds(601), []),
            "pieces[0].tieTime",
            "144 had to be done by 10:00, when the clock ended for all who had less."
        );
    }

    [Fact]
    public void A_bare_total_of_several_counters_lists_its_places() =>
        Refused(
            "09",
            new("0", null, 65, null, []),
            "pieces[0].units",
            "This part has several counters; give a count for each. 65 in all can be interval 1 with 4 + 61, interval 2 with 9 "
                + "+ 56, interval 3 with 15 + 50 or interval 4 with 22 + 43, and 4 more."
        );

    [Fact]
    public void Counters_that_are_not_there_or_twice()
    {
        Refused("09", new("0", null, null, null, [], Counts: [new("later", 3)]), "pieces[0].counts[0].strand");
        Refused("09", new("0", null, null, null, [], Counts: [new("then", 3), new("then", 4)]), "pieces[0].counts[1].strand");
        Refused("09", new("0", null, null, null, [], Counts: [new("then", 121)]), "pieces[0].counts[0].units");
        Refused(
            "09",
            new("0", null, null, null, [], Counts: [new("then", 120)]),
            "pieces[0].counts[0].units",
            "All 120 are done, so the work is finished: enter the finishing time."
        );
        Refused("03", new("0", null, 5, null, [], Counts: [new("then", 5)]), "pieces[0].counts[0].strand");
    }

    [Theory]
    [InlineData(0, 3, "choices[0].option", "There are 3 options, numbered from 0.")]
    [InlineData(2, 2, "choices[0].option", "There are 2 options, numbered from 0.")]
    [InlineData(9, 0, "choices[0].option", "This task leaves no choice.")]
    public void Options_that_are_not_there(int task, int option, string path, string sentence)
    {
        var (course, sheet, run) = Of("07", new("0", null, 20, null, []));
        var error = Assert.Single(Card.Validate(run with { Choices = [new("0", task, option, null)] }, course, sheet));
        Assert.Equal((path, sentence), (error.Path, error.Message));
    }

    /// <summary>16 of 22 lunges at the light bar after one round: 57 + ⌊16 × 12 / 22⌋ = 65 credits.</summary>
    [Fact]
    public void An_option_at_the_place_where_the_bell_rang()
    {
        var (course, sheet, run) = Of("07", new("0", null, null, null, [], new LedgerPlace(2, 0, 16, Option: 2)));
        var resolved = Card.Resolve(run, course);
        Assert.Empty(Card.Validate(resolved, course, sheet));
        Assert.Equal("65 reps", Scorer.Score(resolved, course, sheet, MassUnit.Kilogram)[0].Text);
    }

    [Fact]
    public void Unverified_reps_on_video()
    {
        var u = Demo.Understand(DraftTexts.Demo("16"));
        RunObservation Run(long doubtful) =>
            new(
                EntryStatus.Ran,
                [new("0", null, 20, null, [], Unverified: doubtful), new("1", null, 30, null, []), new("2", null, 40, null, [])]
            );
        Assert.Equal("17 reps", Scorer.Score(Run(3), u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[0].Text);
        Assert.Equal("pieces[0].unverified", Assert.Single(Card.Validate(Run(21), u.Courses[0], u.Sheets[0])).Path);
        var open = Demo.Understand(DraftTexts.Demo("16").Replace("is no rep", "is undecided", StringComparison.Ordinal));
        var result = Scorer.Score(Run(3), open.Courses[0], open.Sheets[0], MassUnit.Kilogram)[0];
        Assert.Equal((ResultClass.Unranked, "20 reps"), (result.Class, result.Text));
    }

    [Fact]
    public void A_lift_without_clips()
    {
        var text = DraftTexts.Demo("01");
        RunObservation run = new(
            EntryStatus.Ran,
            [
                new("0", Duration.Seconds(500), null, null, []),
                new("1", null, null, null, [new Try(100, true), new Try(110, true, NoClips: true)]),
            ]
        );
        string Text(string t) => Demo.Understand(t) is var u ? Scorer.Score(run, u.Courses[0], u.Sheets[0], MassUnit.Kilogram)[1].Text : "";
        Assert.Equal("110 kg", Text(text));
        Assert.Equal("100 kg", Text(text + "clips: a lift without them does not count\n"));
        Assert.Equal("110 kg", Text(text + "clips: a lift without them counts\n"));
    }

    private static (Course Course, ScoreSheet Sheet, RunObservation Run) Of(string number, PieceObservation seen)
    {
        var u = Demo.Understand(DraftTexts.Demo(number));
        return (u.Courses[0], u.Sheets[0], new RunObservation(EntryStatus.Ran, [seen]));
    }

    private static IReadOnlyList<FairCompass.Core.Quantities.FieldError> Errors(
        string number,
        PieceObservation seen,
        PieceObservation? first = null
    )
    {
        var (course, sheet, run) = Of(number, seen);
        return Card.Validate(first is null ? run : run with { Pieces = [first, seen] }, course, sheet);
    }

    private static void Refused(string number, PieceObservation seen, string path, string? sentence = null, PieceObservation? first = null)
    {
        var error = Assert.Single(Errors(number, seen, first), e => e.Path == path);
        Assert.Equal(sentence ?? error.Message, error.Message);
    }
}
