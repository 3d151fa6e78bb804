using FairCompass.Core.Briefing;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A bar that climbs has one plan of plates: on the card, with the floor crew, with the athlete who loads, and drawn.</summary>
public class ChangesOfTheBarTests
{
    private const string Ladder =
        "10:00 for time\n  5 rounds\n    6 deadlift, 60-80-100-120-130/50-60-70-80-90 kg\n    6 burpee over the bar\n";

    private static Trial With(string by) => Trial.Tideline(Ladder + $"  re-rig: by {by}\n" + Trial.ForTime);

    private static IEnumerable<BriefBlock> Blocks(Trial trial, Audience audience) =>
        new BriefBuilder(trial.Read, null, new(2026, 6, 6)).Build(audience).Sections.SelectMany(s => s.Blocks);

    /// <summary>Between the columns of the card stands what is changed, and nowhere who changes it with no load beside.</summary>
    [Theory]
    [InlineData("  re-rig: by the athlete\n")]
    [InlineData("    re-rig: by the athlete\n")]
    public void The_change_stands_before_its_round(string reRig)
    {
        var trial = Trial.Tideline(Ladder + reRig + Trial.ForTime);
        var boxes = Blocks(trial, Audience.LaneCard).OfType<BriefBlock.Boxes>().First();
        Assert.Equal(
            [
                "",
                "Round 1, 60 kg",
                "Round 2, 80 kg: on 10 a side",
                "Round 3, 100 kg: on 10 a side",
                "Round 4, 120 kg: on 5 + 5 a side",
                "Round 5, 130 kg: on 2.5 + 2.5 a side",
            ],
            boxes.Head
        );
        Assert.DoesNotContain("re-rig", trial.Paper(Audience.LaneCard), StringComparison.OrdinalIgnoreCase);
    }

    /// <summary>A gate in the round stays in the head of its column.</summary>
    [Fact]
    public void What_else_stands_in_a_round_stays()
    {
        var trial = Trial.Tideline(Ladder + "    gate, adds 1:00\n    re-rig: by the athlete\n" + Trial.ForTime);
        var head = Blocks(trial, Audience.LaneCard).OfType<BriefBlock.Boxes>().First().Head;
        Assert.Equal("Round 2, 80 kg (gate, adds 1:00): on 10 a side", head[2]);
    }

    /// <summary>Who loads has the plates; who does not load has none.</summary>
    [Theory]
    [InlineData("the athlete", true)]
    [InlineData("the floor crew", false)]
    public void The_athlete_who_loads_has_the_plates(string by, bool has) =>
        Assert.Equal(has, With(by).Paper(Audience.Athlete).Contains("on 5 + 5", StringComparison.Ordinal));

    [Fact]
    public void The_floor_crew_reads_once_who_changes_the_load()
    {
        var trial = Trial.Tideline(Ladder + "  re-rig: by the athlete\n  6 deadlift, 60/50 kg\n  re-rig: by the athlete\n" + Trial.ForTime);
        var sentences = Blocks(trial, Audience.FloorCrew).OfType<BriefBlock.Points>().SelectMany(p => p.Items);
        Assert.Single(sentences, s => s.StartsWith("The load is changed", StringComparison.Ordinal));
        Assert.Contains(
            "The load is changed to 80/55 kg by the athlete.",
            With("the athlete").Paper(Audience.FloorCrew)
                + Trial
                    .Tideline(
                        "8:00 for time\n  9 deadlift, 60/40 kg\n  re-rig: 80/55 kg by the athlete\n  9 deadlift, 80/55 kg\n" + Trial.ForTime
                    )
                    .Paper(Audience.FloorCrew),
            StringComparison.Ordinal
        );
    }

    /// <summary>Every bar that is drawn weighs what is written under it, and the plates are those of the table beside.</summary>
    [Theory]
    [InlineData(Audience.FloorCrew)]
    [InlineData(Audience.Athlete)]
    public void A_drawn_bar_weighs_what_it_says(Audience audience)
    {
        var trial = With("the athlete");
        var drawn = Blocks(trial, audience).OfType<BriefBlock.Bars>().SelectMany(b => b.Items).ToList();
        var rows = Blocks(trial, audience)
            .OfType<BriefBlock.Table>()
            .Where(t => t.Head.Count == 4 && t.Caption is not null)
            .SelectMany(t => t.Rows)
            .ToList();
        Assert.Equal(10, drawn.Count);
        Assert.All(
            drawn.Zip(rows),
            x =>
            {
                Assert.EndsWith(x.Second.Cells[1], x.First.Words, StringComparison.Ordinal);
                Assert.Equal(x.Second.Cells[1], new Mass(x.First.Bar + (2 * x.First.Side.Sum(p => p.Mass)), MassUnit.Kilogram).ToString());
                Assert.Equal(x.Second.Cells[3], string.Join(" + ", x.First.Side.Select(p => Number.Normal(p.Mass))));
                // Full discs come before the smaller ones, and none is larger than one.
                Assert.All(x.First.Side, p => Assert.InRange(p.Diameter, 120, PlateSizes.Full));
            }
        );
    }
}
