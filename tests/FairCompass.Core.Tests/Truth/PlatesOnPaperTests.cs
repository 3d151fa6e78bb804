using FairCompass.Core.Briefing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>What a paper says of plates is one plan: from load to load inner plates stay on.</summary>
public class PlatesOnPaperTests
{
    [Fact]
    public void A_ladder_is_added_to_and_nothing_is_taken_off()
    {
        var trial = Trial.Tideline(
            "10:00 for time\n  5 rounds\n    6 deadlift, 60-80-100-120-130/50-60-70-80-90 kg\n    6 burpee over the bar\n"
                + "  re-rig: by the athlete\n"
                + Trial.ForTime
        );
        var crew = new BriefBuilder(trial.Read, null, new(2026, 6, 6)).Build(Audience.FloorCrew);
        var men = crew.Sections.Single(s => s.Id == "rungs").Blocks.OfType<BriefBlock.Table>().First();
        Assert.Equal(["on 20", "on 10", "on 10", "on 5 + 5", "on 2.5 + 2.5"], men.Rows.Select(r => r.Cells[2]));
        Assert.Equal("20 + 10 + 10 + 5 + 5 + 2.5 + 2.5", men.Rows[^1].Cells[3]);
        var kit = crew.Sections.Single(s => s.Id == "kit").Blocks.OfType<BriefBlock.Table>().Single();
        Assert.Contains(kit.Rows, r => r.Cells[2].EndsWith("each side 20 to begin with", StringComparison.Ordinal));
    }
}
