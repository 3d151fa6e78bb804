using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Worked examples are of this workout: as much as somebody in the middle of the field does in its time.</summary>
public class ExamplesTests
{
    /// <summary>Two and a half minutes of skipping and of sit-ups are no 21 reps.</summary>
    [Fact]
    public void An_example_is_as_large_as_its_workout_is_fast()
    {
        var trial = Trial.Tideline("8:00 for reps\n  rounds without end\n    30 double-under\n    10 sit-up\n" + Trial.ForReps);
        var strong = SampleRuns.Of(trial.First.Course, trial.First.Sheet, Demo.Competition)[0];
        Assert.Equal("a strong run", strong.Label);
        Assert.InRange(-strong.Results[0].Value, 250, 700);
    }

    /// <summary>The estimate lies inside what made-up runs of the same paces come to.</summary>
    [Theory]
    [InlineData("30 double-under\n    10 sit-up")]
    [InlineData("5 burpee\n    10 air squat\n    15 sit-up")]
    [InlineData("6 power clean, 60/40 kg\n    9 burpee")]
    [InlineData("12/10 cal rowing machine\n    8 pull-up")]
    public void It_is_what_made_up_runs_come_to(string round)
    {
        var trial = Trial.Tideline($"10:00 for reps\n  rounds without end\n    {round}\n" + Trial.ForReps);
        var (course, sheet) = trial.First;
        var strand = course.Pieces[0].Strand!;
        var estimate = UnitTimes.In(PaceTable.Usual, course.Pieces[0], strand, Duration.Seconds(600), ("Tideline", false));
        var player = new Player(trial.Read, 0, PaceTable.Usual);
        var runs = Enumerable.Range(1, 60).Select(seed => player.Play((ulong)seed).End.Pieces[0].Strands[0].Units).Order().ToList();
        Assert.InRange(estimate, runs[0] * 3 / 4, runs[^1] * 4 / 3);
    }

    /// <summary>More time is never less work, and a day of single reps is worked out as quickly as a minute.</summary>
    [Fact]
    public void More_time_is_never_less()
    {
        var course = Trial.Tideline("10:00 for reps\n  rounds without end\n    1 burpee\n    1 sit-up\n" + Trial.ForReps).First.Course;
        var (piece, before) = (course.Pieces[0], 0L);
        foreach (var minutes in (int[])[1, 2, 5, 20, 60, 600, 6000])
        {
            var units = UnitTimes.In(PaceTable.Usual, piece, piece.Strand!, Duration.Seconds(minutes * 60), ("Tideline", false));
            Assert.True(units >= before + minutes, $"{minutes} minutes: {units}");
            before = units;
        }
    }

    private static BriefBlock.Table[] Tables(Trial trial, string? division = null) =>
        new BriefBuilder(trial.Read, division, new(2026, 6, 6))
            .Build(Audience.Judge)
            .Sections.Where(s => s.Id == "examples")
            .SelectMany(s => s.Blocks)
            .OfType<BriefBlock.Table>()
            .ToArray();

    /// <summary>Four rows: finished, the same again, one short, nothing; and the edge of a gate where there is one.</summary>
    [Theory]
    [InlineData(
        "8:00 for time\n  30 double-under\n  10 sit-up\n",
        Trial.ForTime,
        "Finished|Finished in the same second|One rep short|No rep counted"
    )]
    [InlineData("8:00 for reps\n  rounds without end\n    10 sit-up\n", Trial.ForReps, "A good run|As much|One rep less|No rep counted")]
    [InlineData("8:00 for load\n  heaviest power clean\n", Trial.ForLoad, "A good run|As much|No good lift")]
    [InlineData(
        "4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  max burpee\n",
        Trial.ForReps,
        "A good run|As much|One rep less|Exactly at the gate|One rep short of the gate|No rep counted"
    )]
    public void A_paper_shows_the_rows_that_people_argue_about(string work, string score, string rows)
    {
        var table = Tables(Trial.Tideline(work + score))[0];
        Assert.Equal(rows, string.Join('|', table.Rows.Select(r => r.Cells[0])));
    }

    /// <summary>What holds for every entry is shown once for all; where few differ each has its own; where many do, none stands for the
    /// others, and each division’s paper shows its own.</summary>
    [Fact]
    public void No_entry_stands_for_the_others()
    {
        const string Same = "8:00 for time\n  30 double-under\n  10 sit-up\n" + Trial.ForTime;
        Assert.Equal("All", Assert.Single(Tables(Trial.Both(Same))).Caption);

        const string Differs = "8:00 for time\n  30/24 cal rowing machine\n    Meadow: 20/16 cal\n" + Trial.ForTime;
        Assert.Empty(Tables(Trial.Both(Differs)));
        Assert.Equal(["Meadow man", "Meadow woman"], Tables(Trial.Both(Differs), "Meadow").Select(t => t.Caption));
    }
}
