using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Truth;

/// <summary>What is changed on a bar between two heats, and on the way through one.</summary>
public class HeatToHeatTests
{
    private const string Head = "Draft\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n8:00 for time\n";

    private static IReadOnlyList<IReadOnlyList<string>> Rows(string text, string? division = null) =>
        new BriefBuilder(Demo.Understand(text), division, new(2026, 6, 6))
            .Build(Audience.FloorCrew)
            .Sections.Where(s => s.Id == "heats")
            .SelectMany(s => s.Blocks.OfType<BriefBlock.Table>())
            .SelectMany(t => t.Rows)
            .Select(r => (IReadOnlyList<string>)r.Cells.ToList())
            .ToList();

    /// <summary>60 is a bar of 20 with 20 a side, 80 has 25 and 5: worked out by hand.</summary>
    [Fact]
    public void The_next_division_finds_its_load()
    {
        var rows = Rows(Head + "  20 deadlift, 60/45 kg\n    Estuary: 80/45 kg\n    Meadow: 60/45 kg\n" + Trial.ForTime);
        Assert.Equal(["deadlift, 80 kg", "Tideline man", "Estuary man", "off 20, on 25 + 5", "6", "0:24"], rows[0]);
        Assert.Equal(["deadlift, 60 kg", "Estuary man", "Meadow man", "off 5 + 25, on 20", "6", "0:24"], rows[1]);
        // The women lift 45 kg in every division: nothing is done.
        Assert.Equal(2, rows.Count);
    }

    [Fact]
    public void Where_all_lift_the_same_nothing_is_said() => Assert.Empty(Rows(Head + "  20 deadlift, 60/45 kg\n" + Trial.ForTime));

    /// <summary>A ladder leaves its last rung, and the next heat of the same division begins at its first.</summary>
    [Fact]
    public void A_ladder_is_taken_down_again()
    {
        var rows = Rows(Head + "  3 rounds\n    5 deadlift, 60-70-80/45 kg\n" + Trial.ForTime, "Meadow");
        var row = Assert.Single(rows);
        Assert.Equal(["deadlift, 60 kg", "Meadow man", "Meadow man"], row.Take(3));
    }

    /// <summary>The order is the draft’s own.</summary>
    [Fact]
    public void The_order_is_that_of_the_draft()
    {
        var rows = Rows(
            "Draft\n  for Meadow, Tideline\n  a/b is man/woman\n\n8:00 for time\n  20 deadlift, 60/45 kg\n    Meadow: 50/45 kg\n"
                + Trial.ForTime
        );
        Assert.Equal(["Meadow man", "Tideline man"], Assert.Single(rows).Skip(1).Take(2));
    }

    /// <summary>Only what is loaded anew is one bar: a line that no change leads to has its own, which stands ready.</summary>
    [Theory]
    [InlineData("  10 power clean, 50/35 kg\n  re-rig: by the athlete\n  12 power clean, 60/40 kg\n  20 deadlift, 100/70 kg\n", "6 6 9")]
    [InlineData("  10 power clean, 50/35 kg\n  12 power clean, 60/40 kg\n  re-rig: by the athlete\n  20 deadlift, 100/70 kg\n", "6 7 7")]
    [InlineData("  re-rig: by the athlete\n  10 power clean, 50/35 kg\n  12 power clean, 60/40 kg\n", "7 7")]
    [InlineData("  3 rounds\n    9 power clean, 50/35 kg\n    3 deadlift, 100/70 kg\n    re-rig: by the athlete\n", "7 7")]
    [InlineData("  10 power clean, 50/35 kg\n  12 deadlift, 60/40 kg\n", "6 7")]
    public void A_change_leads_from_its_line_to_the_next(string work, string lines)
    {
        var u = Demo.Understand(Head + work + Trial.ForTime);
        var bars = u.Bars;
        var mine = u.Prescribed.Where(p => p.Address.Division.Name == "Tideline" && p.Address.Duty == Core.Competitions.Duty.Man).ToList();
        Assert.Equal(lines, string.Join(' ', mine.Select(bars.FirstLine)));
        foreach (var alone in mine.Where(p => mine.Count(o => bars.FirstLine(o) == bars.FirstLine(p)) == 1))
        {
            var (bar, loads) = bars.Own(alone)!.Value;
            Assert.Equal(LaneStacks.Of([.. loads], bar, u.Competition.Kit), bars.Changes(alone));
            Assert.False(bars.IsShared(alone));
        }
    }

    /// <summary>Another way to do a task has its own load, not that of the task in the plan of the bar.</summary>
    [Fact]
    public void An_option_on_a_bar_that_is_loaded_anew_has_its_own_stack()
    {
        var u = Demo.Understand(
            Head
                + "  10 power clean, 50/35 kg\n    choose: 12, 40/30 kg\n  re-rig: by the athlete\n  12 power clean, 60/40 kg\n"
                + Trial.ForTime
        );
        var bars = u.Bars;
        Assert.All(
            u.Prescribed.Where(p => bars.Changes(p) is not null),
            p =>
            {
                var (bar, loads) = bars.Own(p)!.Value;
                Assert.Equal(loads, bars.Changes(p)!.Value.Select(c => bar.Mass + (2 * c.Side.Sum())));
            }
        );
    }

    /// <summary>The two bars of a pair go through both lines as one plan: the second change leads from where the first left off, and no
    /// plate is on both.</summary>
    [Theory]
    [InlineData("70/50", "90/60")]
    [InlineData("100/70", "60/40")]
    [InlineData("60/60", "110/95")]
    public void The_bars_of_a_pair_are_planned_through_all_lines(string before, string after)
    {
        var u = Trial
            .Pairs(
                $"8:00 for time\n  10 deadlift, {before} kg\n    share: one at a time\n  re-rig: by the athlete\n"
                    + $"  12 deadlift, {after} kg\n    share: one at a time\n{Trial.ForTime}"
            )
            .Read;
        var bars = u.Bars;
        var stock = u.Competition.Kit.Plates.ToDictionary(p => p.Mass, p => p.Count);
        var tasks = u.Prescribed.GroupBy(p => p.Address.Duty).Select(g => g.ToList()).ToList();
        foreach (var (first, second) in tasks.Select(t => (bars.Changes(t[0])!.Value[0], bars.Changes(t[1])!.Value[0])))
        {
            Assert.Equal(first.Side.Skip(first.Side.Count - second.Off.Count).Reverse(), second.Off);
            Assert.Equal(second.Side, first.Side.Take(first.Side.Count - second.Off.Count).Concat(second.On));
        }

        Assert.All(
            [0, 1],
            line =>
                Assert.All(
                    tasks.SelectMany(t => bars.Changes(t[line])!.Value[0].Side).GroupBy(m => m),
                    g => Assert.True(2 * g.Count() <= stock[g.Key])
                )
        );
    }

    /// <summary>A bar that is loaded anew on the way is one plan: what lies inside stays on from line to line.</summary>
    [Fact]
    public void A_bar_that_is_loaded_anew_keeps_its_inner_plates()
    {
        var text = Head + "  20 deadlift, 60/45 kg\n  re-rig: by the athlete\n  10 deadlift, 80/55 kg\n" + Trial.ForTime;
        var u = Demo.Understand(text);
        var bars = u.Bars;
        var man = u.Prescribed.Where(p => p.Address.ToString() == "Tideline man").Select(p => bars.Changes(p)!.Value[0]).ToList();
        Assert.All(man, c => Assert.True(c.Off.Count == 0));
        Assert.Equal(man[0].Side, man[1].Side.Take(man[0].Side.Count).ToEq());
        // Without the rule they are two bars, each loaded by itself.
        var apart = Demo.Understand(text.Replace("  re-rig: by the athlete\n", "", StringComparison.Ordinal));
        var second = apart.Prescribed.Last(p => p.Address.ToString() == "Tideline man");
        Assert.Equal([25, 5], apart.Bars.Changes(second)!.Value[0].Side);
    }

    /// <summary>The lifts of a complex have one bar: its ladder is climbed once, not once for each lift.</summary>
    [Fact]
    public void A_complex_changes_its_bar_once()
    {
        const string Work = "  3 rounds\n    complex, 40-50-60/30-35-40 kg\n      2 power clean\n      1 push jerk\n";
        IReadOnlyList<Eq<decimal>> Stacks(string text)
        {
            var u = Demo.Understand(text);
            var bars = u.Bars;
            var first = u.Prescribed.First(p => p.Address.ToString() == "Tideline man" && bars.Changes(p) is not null);
            return [.. bars.Changes(first)!.Value.Select(c => c.Side)];
        }

        var plain = Stacks(Head + Work + Trial.ForTime);
        Assert.Equal(3, plain.Count);
        Assert.Equal(plain, Stacks(Head + Work + "  re-rig: by the athlete\n" + Trial.ForTime));
    }

    /// <summary>What is done leads from one stack to the other, and never takes off a plate that it puts on again inside.</summary>
    [Fact]
    public void A_change_leads_from_stack_to_stack() =>
        Gen.Select(Side, Side)
            .Sample(
                (was, side) =>
                {
                    var change = PlateChange.From(was, side, null);
                    var stack = was.Take(was.Count - change.Off.Count).ToList();
                    Assert.Equal(was.Reverse().Take(change.Off.Count), change.Off);
                    Assert.Equal(side.ToList(), stack.Concat(change.On).ToList());
                    Assert.True(change.Off.Count == 0 || change.On.Count == 0 || change.Off[^1] != change.On[0]);
                }
            );

    private static readonly Gen<Eq<decimal>> Side = Gen.Int[0, 3]
        .Select(i => new[] { 20m, 10m, 5m, 2.5m }[i])
        .List[0, 5]
        .Select(l => l.ToEq());
}
