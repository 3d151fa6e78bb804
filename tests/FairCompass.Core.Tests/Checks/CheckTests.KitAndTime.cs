using FairCompass.Core.Checks;
using FairCompass.Core.Drafts;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Pacing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Checks;

/// <content>What a lane has, and what the clock leaves time for.</content>
public partial class CheckTests
{
    private static string WavesWithChange(string change) =>
        $"T\n  for Crew of Four\n  a/b is man/woman\n  groups One 1 2, Two 3 4\n\nwaves for reps, 2:00 each, change {change}, by One, Two\n"
        + "  re-rig: 100/70 kg by Two, in the change\n  station Bar\n    max deadlift\n      One: 60/40 kg\n      Two: 100/70 kg\n"
        + $"  station Mat\n    max sit-up\n{Reps}";

    private static string Minutes(string odd, string even) =>
        $"{Divisions}10:00 for reps\n  every 1:00, unfinished is skipped, what is done counts\n    {odd}:\n      12 sit-up\n"
        + $"    {even}:\n      6 burpee\n{Reps}";

    private static string Posts(string judges, string work) =>
        Pairs.Replace("\n\n", $"\n  judges: {judges}\n\n", StringComparison.Ordinal) + $"9:00 for reps\n  {work}\n{Reps}";

    public static TheoryData<string, string, string> KitAndTime =>
        new()
        {
            {
                "interval-misfit",
                Interval("12", ", unfinished is skipped, nothing of it counts"),
                Interval("12", ", unfinished is skipped")
            },
            { "interval-misfit", Interval("12", ", unfinished ends the work"), Interval("12") },
            {
                "post-misfit",
                Posts("hold by post 2", "max sit-up"),
                Posts("hold by post 2", "max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep")
            },
            {
                "post-misfit",
                Stations("at most 20 in a row").Replace("woman\n\n", "woman\n  judges: Oar by post 1\n\n", StringComparison.Ordinal),
                Stations("at most 20 in a row").Replace("woman\n\n", "woman\n  judges: oars by post 1\n\n", StringComparison.Ordinal)
            },
            { "post-misfit", Posts("work by post 1\n  judges: work by post 2", "max sit-up"), Posts("work by post 1", "max sit-up") },
            {
                "post-doubled",
                Posts("work by post 1, hold by post 1", "max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep"),
                Posts("work by post 1, hold by post 2", "max sit-up\n    hold: 1 crew-mate in front plank, for every whole rep")
            },
            {
                "each-unsaid",
                Pairs + "9:00 for time\n  40 sit-up, each or together unset\n" + Timed,
                Pairs + "9:00 for time\n  40 sit-up, each\n" + Timed
            },
            {
                "unit-unsaid",
                Divisions + "9:00 for time\n  21 deadlift, 100/70\n" + Timed,
                Divisions + "9:00 for time\n  21 deadlift, 100/70 kg\n" + Timed
            },
            {
                "unit-unsaid",
                Divisions + "9:00 for time\n  500 m rowing machine\n    Meadow: 30 air bike\n" + Timed,
                Divisions + "9:00 for time\n  500 m rowing machine\n    Meadow: 30 cal air bike\n" + Timed
            },
            { "interval-empty", Minutes("1st, 3rd", "2nd, 4th"), Minutes("1st, 3rd, ...", "2nd, 4th, 6th, 8th, 10th") },
            { "interval-empty", Minutes("1st", "2nd, 5th, 8th"), Minutes("even", "3rd") },
            {
                "re-rig-differs",
                Divisions + "9:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: 85/60 kg by the athlete\n  9 deadlift, 80/55 kg\n" + Timed,
                Divisions + "9:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: to 80/55 kg by the athlete\n  9 deadlift, 80/55 kg\n" + Timed
            },
            {
                "re-rig-differs",
                Divisions
                    + "9:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: + 10/7.5 kg a side by the athlete\n  9 deadlift, 80/60 kg\n"
                    + Timed,
                Divisions
                    + "9:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: + 10/7.5 kg a side by the athlete\n  9 deadlift, 80/55 kg\n"
                    + Timed
            },
            {
                "re-rig-differs",
                Divisions
                    + "9:00 for time\n  3 rounds\n    6 deadlift, 60-80-95/50-60-70 kg\n    re-rig: + 10/5 kg a side by the athlete\n"
                    + Timed,
                Divisions
                    + "9:00 for time\n  3 rounds\n    6 deadlift, 60-80-100/50-60-70 kg\n    re-rig: + 10/5 kg a side by the athlete\n"
                    + Timed
            },
            {
                "re-rig-differs",
                Divisions
                    + "9:00 for time\n  3 rounds\n    6 deadlift, 60-80-95/50-60-70 kg\n    re-rig: + 10/5 kg a side by the athlete\n"
                    + "  9 power clean, 60/40 kg\n"
                    + Timed,
                Divisions
                    + "9:00 for time\n  3 rounds\n    6 deadlift, 60-80-100/50-60-70 kg\n    re-rig: + 10/5 kg a side by the athlete\n"
                    + "  9 power clean, 60/40 kg\n"
                    + Timed
            },
            {
                "re-rig-not-makeable",
                Divisions
                    + "8:00 clock\n  A: for time\n    9 deadlift, 60/40 kg\n    re-rig: 81/56 kg by the athlete\n"
                    + "  B: for load, in the time left\n"
                    + "    heaviest deadlift\n\nscore A: time of A\n  unfinished: cap line by reps\n  tie: shared\n"
                    + "score B: best load of B\n"
                    + "  A unfinished: not reached\n  tie: shared\n",
                Divisions
                    + "8:00 clock\n  A: for time\n    9 deadlift, 60/40 kg\n    re-rig: 80/55 kg by the athlete\n"
                    + "  B: for load, in the time left\n"
                    + "    heaviest deadlift\n\nscore A: time of A\n  unfinished: cap line by reps\n  tie: shared\n"
                    + "score B: best load of B\n"
                    + "  A unfinished: not reached\n  tie: shared\n"
            },
            {
                "implements",
                Divisions + "9:00 for time\n  10 dumbbell thruster, 15/10 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 dumbbell thruster, 2 x 15/10 kg\n  10 one-arm dumbbell snatch, 15/10 kg\n" + Timed
            },
            {
                "bar-unknown",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg, bar 17.5 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg, bar 20 kg\n" + Timed
            },
            {
                "bar-unknown",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg, bar 45 lb\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg, bar 15 kg\n" + Timed
            },
            {
                "partial-misfit",
                Divisions + "9:00 for time\n  20 m walking lunge, marks every 5 m\n  30 sit-up\n" + Timed + "  partial: whole metres\n",
                Divisions + "9:00 for time\n  20 m walking lunge, marks every 5 m\n  30 sit-up\n" + Timed + "  partial: whole sections\n"
            },
            {
                "partial-misfit",
                Divisions + "9:00 for time\n  30 sit-up\n" + Timed + "  partial: whole sections\n",
                Divisions + "9:00 for time\n  30 sit-up\n  20 m walking lunge, marks every 5 m\n" + Timed + "  partial: the mark passed\n"
            },
            {
                "bar-unknown",
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg, on the log\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n" + Timed
            },
            {
                "plates-shared",
                Pairs + "9:00 for time\n  10 deadlift, 170/165 kg\n    share: one at a time, any split\n" + Timed,
                Pairs + "9:00 for time\n  10 deadlift, 100/80 kg\n    share: one at a time, any split\n" + Timed
            },
            {
                "kit-short",
                Pairs + "9:00 for time\n  40 cal rowing machine\n    share: any number at a time\n" + Timed,
                Pairs + "9:00 for time\n  40 cal rowing machine\n    share: one at a time, any split\n" + Timed
            },
            {
                "jump-plates",
                Divisions + "8:00 for time\n  8 shoulder-to-overhead, 30/20 kg\n  8 burpee over the bar\n" + Timed,
                Divisions + "8:00 for time\n  8 shoulder-to-overhead, 60/35 kg\n  8 burpee over the bar\n" + Timed
            },
            {
                "pull-plates",
                Divisions + "8:00 for time\n  30 deadlift, 30/25 kg\n" + Timed,
                Divisions + "8:00 for time\n  30 deadlift, 60/35 kg\n  30 front squat, 30/25 kg, from the rack\n" + Timed
            },
            {
                "times-misfit",
                Divisions + "9:00 for time\n  Meadow: 11:00\n  Meadow: 12:00\n  60 sit-up\n" + Timed,
                Divisions + "9:00 for time\n  Meadow: 11:00\n  60 sit-up\n" + Timed
            },
            {
                "checkpoint-misfit",
                Divisions + "9:00 for time\n  60 sit-up\n  checkpoint Deck\n" + Timed,
                Divisions + "9:00 for time\n  60 sit-up\n  checkpoint Deck\n  40 burpee\n" + Timed
            },
            {
                "short-unstated",
                Pairs + "9:00 for reps\n  60 sit-up\n    share: one at a time, at least 20 each, count by member\n" + Reps,
                Pairs + "9:00 for reps\n  60 sit-up\n    share: one at a time, at least 20 each, count by member, short is owed\n" + Reps
            },
            {
                "lift-misfit",
                Divisions + "1:00 for load\n  heaviest power clean, 7 attempts\n\nscore: best load\n  tie: shared\n",
                Divisions + "1:00 for load\n  heaviest power clean, 6 attempts\n\nscore: best load\n  tie: shared\n"
            },
            {
                "rising-misfit",
                Divisions + "8:00 for height\n  max cm box jump, from 60 cm up by 0, 3 misses in a row\n\nscore: height\n  tie: shared\n",
                Divisions + "8:00 for height\n  max cm box jump, from 60 cm up by 5, 3 misses in a row\n\nscore: height\n  tie: shared\n"
            },
            {
                "rising-misfit",
                Divisions + "8:00 for height\n  max cm box jump, from 60 cm up by 5\n\nscore: height\n  tie: shared\n",
                Divisions + "8:00 for height\n  max cm box jump, from 60 cm up by 5, 1 miss in all\n\nscore: height\n  tie: shared\n"
            },
            {
                "lift-misfit",
                Divisions + "9:00 for load\n  heaviest power clean\n    round 2: 4 attempts\n\nscore: best load\n  tie: shared\n",
                Divisions + "9:00 for load\n  heaviest power clean, 4 attempts\n\nscore: best load\n  tie: shared\n"
            },
            {
                "lift-misfit",
                Divisions + "9:00 for time\n  10 power clean, start 60/40 kg\n" + Timed,
                Divisions + "9:00 for time\n  10 power clean, 60/40 kg\n" + Timed
            },
            {
                "line-up-misfit",
                Pairs.Replace("\n\n", "\n  seats man, woman, man\n\n", StringComparison.Ordinal) + "9:00 for reps\n  max sit-up\n" + Reps,
                Pairs.Replace("\n\n", "\n  seats woman, man\n\n", StringComparison.Ordinal) + "9:00 for reps\n  max sit-up\n" + Reps
            },
            {
                "ranking-unstated",
                Pairs.Replace("\n\n", "\n  entries woman, mixed\n\n", StringComparison.Ordinal) + "9:00 for reps\n  max sit-up\n" + Reps,
                Pairs.Replace("\n\n", "\n  entries woman, mixed, ranked apart\n\n", StringComparison.Ordinal)
                    + "9:00 for reps\n  max sit-up\n"
                    + Reps
            },
            { "change-too-short", WavesWithChange("0:05"), WavesWithChange("0:45") },
            { "interval-full", Interval("60/45"), Interval("12/9") },
            {
                "not-doable",
                Divisions + "2:30 for time\n  120 front squat, 70/50 kg, from the floor\n  120 bar muscle-up\n" + Timed,
                Divisions + "9:00 for time\n  40 front squat, 70/50 kg, from the floor\n  20 bar muscle-up\n" + Timed
            },
            { "cap-idle", Divisions + "40:00 for time\n  6 burpee\n" + Timed, Divisions + "2:00 for time\n  6 burpee\n" + Timed },
        };

    [Fact]
    public void A_bar_that_lies_low_is_told_once_with_the_least_that_lies_high()
    {
        var text = Divisions + "8:00 for time\n  8 shoulder-to-overhead, 30/20 kg\n  8 burpee over the bar\n" + Timed;
        var finding = Assert.Single(Demo.Understand(text).Findings(), f => f.Rule == "jump-plates");
        Assert.Contains("30 and 20 kg", finding.Sentence, StringComparison.Ordinal);
        Assert.Equal("Write 40/35 kg", Assert.Single(finding.Mends).Label);
    }

    /// <summary>A ladder of pulls has a full plate wherever one can make the load, though fewer plates would be handled without.</summary>
    [Theory]
    [InlineData("100-90-80-70-60/70-65-60-55-50", false)]
    [InlineData("60-80-100-80-60/40-55-70-55-40", false)]
    [InlineData("60-80-100-120-140/40-55-50-70-80", true)]
    [InlineData("100-90-95-80-70/70-65-60-55-50", true)]
    public void A_ladder_that_falls_all_the_way_or_goes_up_and_down_is_meant(string loads, bool slip) =>
        Assert.Equal(
            slip,
            Demo.Understand($"{Divisions}9:00 for time\n  5 rounds\n    5 deadlift, {loads} kg\n{Timed}")
                .Findings()
                .Any(f => f.Rule == "load-ladder")
        );

    [Fact]
    public void Each_line_with_chunks_that_do_not_fit_is_told() =>
        Assert.Equal(
            [6, 8],
            Demo.Understand(
                    Divisions
                        + "9:00 for time\n  22 sit-up, in 4s\n    after each: 5 m bear crawl\n  23 pull-up, in 4s\n"
                        + $"    after each: 5 m bear crawl\n{Timed}"
                )
                .Findings()
                .Where(f => f.Rule == "chunks")
                .Select(f => f.At.Line)
        );

    [Theory]
    [InlineData("9:00 for time\n  blah\n")]
    [InlineData("9:00 for time\n  3 rounds\n    blah\n")]
    [InlineData("9:00 clock\n  blah\n")]
    public void A_hole_is_work(string work) =>
        Assert.Equal(
            ["not-understood"],
            Demo.Understand(Divisions + work + Timed).Findings().Select(f => f.Rule).Where(r => r is "not-understood" or "no-work")
        );

    [Fact]
    public void A_pulled_bar_lies_on_full_plates_where_it_can()
    {
        var text = Divisions + "8:00 for time\n  3 rounds\n    5 deadlift, 40-45-50/35-40-45 kg\n" + Timed;
        var u = Demo.Understand(text);
        Assert.DoesNotContain(u.Findings(), f => f.Rule == "pull-plates");
        var bars = u.Bars;
        foreach (var task in u.Prescribed)
        {
            Assert.All(bars.Changes(task)!.Value, c => Assert.True(LaneStacks.HasFull(c.Side, u.Competition.Kit)));
        }
    }

    /// <summary>A kit in which no plate is marked says nothing of the height of a bar.</summary>
    [Fact]
    public void Where_no_plate_is_known_to_be_full_nothing_is_said()
    {
        var kit = Demo.Competition.Kit;
        var unknown = Demo.Competition with { Kit = kit with { Plates = kit.Plates.Select(p => p with { FullDiameter = false }).ToEq() } };
        var text = Divisions + "8:00 for time\n  30 deadlift, 30/25 kg\n" + Timed;
        Assert.Empty(Understanding.Of(unknown, text).Findings());
    }

    /// <summary>60 to 100 kg are a 20 on each side, two plates of four seconds.</summary>
    [Fact]
    public void The_dry_run_tells_a_change_that_is_too_short()
    {
        var u = Demo.Understand(WavesWithChange("0:05"));
        var told = ManyRuns.Play(u, [0], 5, 1, PaceTable.Usual, 1).Findings;
        Assert.Contains(
            told,
            f => f.EndsWith("2 plates are handled, about 0:08 for one person at the bar; the change is 0:05.", StringComparison.Ordinal)
        );
        Assert.Equal("Write a change of 0:30", Assert.Single(u.Findings().Single(f => f.Rule == ChangeTooShort.Rule).Mends).Label);
        Assert.DoesNotContain(
            ManyRuns.Play(Demo.Understand(WavesWithChange("0:45")), [0], 5, 1, PaceTable.Usual, 1).Findings,
            told.Contains
        );
    }
}
