using FairCompass.Core.Pacing;
using FairCompass.Core.Tests.Truth;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Playing;

/// <summary>What the page of the dry run shows of a lane: the bars that stand there, the gates with their times.</summary>
public class HeatTests
{
    private static HeatReplay Played(Trial trial, ulong seed) => Heat.Play(trial.Read, [0, 0], seed, PaceTable.Usual, default);

    [Fact]
    public void A_pair_with_other_loads_has_two_bars_in_its_lane()
    {
        var lane = Played(
            Trial.Pairs("8:00 for time\n  30 power clean, 60/40 kg\n    share: one at a time, any split\n" + Trial.ForTime),
            1
        ).Lanes[0];
        var task = lane.Tracks[0].Tasks[0];
        Assert.Equal(["60 kg, man", "40 kg, woman"], task.Bars.Select(b => b.Words));
        Assert.Equal([20m, 15m], task.Bars.Select(b => b.Bar));
        Assert.All(task.Bars, b => Assert.Equal(b.Bar == 20 ? 60 : 40, b.Bar + (2 * b.Side.Sum(p => p.Mass))));
        Assert.Equal(task.Bars[0], task.Load);
    }

    [Fact]
    public void An_athlete_has_one_bar_without_a_name()
    {
        var lane = Played(Trial.Tideline("8:00 for time\n  30 power clean, 60/40 kg\n" + Trial.ForTime), 1).Lanes[0];
        Assert.Equal(["60 kg"], lane.Tracks[0].Tasks[0].Bars.Select(b => b.Words));
    }

    [Fact]
    public void Each_gate_is_written_on_its_own_line()
    {
        var trial = Trial.Tideline(
            "9:00 for reps\n  5 sit-up\n  gate, adds 2:00\n  5 burpee\n  gate, adds 1:00\n  max sit-up\n\nscore: reps\n  tie: shared\n"
        );
        var written = Played(trial, 3).Lanes[0].Written;
        Assert.Equal(
            ["clock at the gate after 5", "clock at the gate after 10"],
            written.Where(w => w.Label.StartsWith("clock", StringComparison.Ordinal)).Select(w => w.Label)
        );
        Assert.True(written[0].At < written[1].At);
    }
}
