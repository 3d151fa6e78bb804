using FairCompass.Comparability;
using MathNet.Numerics.Distributions;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Comparability;

/// <summary>Days with known judges: who is flagged, and how often nobody should be.</summary>
public class DayDriftTests(ITestOutputHelper output)
{
    private const double Alarms = 0.05;
    private static readonly int Days = Environment.GetEnvironmentVariable("LONG") == "1" ? 1000 : 50;
    private static readonly SimulatedDay Usual = new(60, 12, 6);

    /// <summary>Days are made side by side, each by one thread.</summary>
    static DayDriftTests() => MathNet.Numerics.Control.UseSingleThread();

    /// <summary>How many of the days flag a judge (a lane, a heat) of whom it is not true, and how many find judge 0 or the first
    /// heat.</summary>
    private (int Wrong, int Lanes, int Heats, int Found) Count(SimulatedDay day, string what)
    {
        var (wrong, lanes, heats, found) = (0, 0, 0, 0);
        Parallel.For(
            0,
            Days,
            seed =>
            {
                var drift = DayDrift.Of(day.Make(seed), Alarms)!;
                bool Flagged(Drift d) => d.Kind is DriftKind.Strict or DriftKind.Lenient;
                var biased = day.Bias != 1;
                if (drift.Judges.Any(j => Flagged(j.Value) && !(biased && j.Key == SimulatedDay.Judge(0))))
                {
                    Interlocked.Increment(ref wrong);
                }

                if (drift.Lanes.Any(l => Flagged(l.Value) && !(day.LaneBias != 1 && l.Key == "0")))
                {
                    Interlocked.Increment(ref lanes);
                }

                if (drift.Heats.Any(h => Flagged(h.Value) && !(day.HeatBias != 1 && h.Key == "0.0")))
                {
                    Interlocked.Increment(ref heats);
                }

                var expected = day.Bias >= 1 ? DriftKind.Strict : DriftKind.Lenient;
                var heat = day.HeatBias != 1 && drift.Heats["0.0"].Kind == DriftKind.Strict;
                if (heat || (biased && drift.Judges.GetValueOrDefault(SimulatedDay.Judge(0))?.Kind == expected))
                {
                    Interlocked.Increment(ref found);
                }
            }
        );
        output.WriteLine(
            $"{what}: of {Days} days {wrong} flag a judge wrongly, {lanes} a lane wrongly, {heats} a heat wrongly, {found} find who differs"
        );
        return (wrong, lanes, heats, found);
    }

    /// <summary>More than this many of so many days happen less than once in ten thousand where one in twenty is declared.</summary>
    private static int Most => Enumerable.Range(0, Days).First(n => Binomial.CDF(Alarms, Days, n) > 0.9999);

    [Theory]
    [InlineData(1, false, 0)]
    [InlineData(6, false, 0)]
    [InlineData(1, true, 0)]
    [InlineData(1, false, 0.3)]
    public void Days_without_a_biased_judge_flag_nobody_more_often_than_declared(double weak, bool confounded, double missing)
    {
        var day = Usual with { Weak = weak, Confounded = confounded, Missing = missing };
        var (wrong, lanes, heats, _) = Count(day, $"weak {weak}, confounded {confounded}, missing {missing}");
        Assert.True(wrong <= Most, $"{wrong} of {Days}, at most {Most}");
        Assert.True(lanes <= Most, $"{lanes} of {Days}, at most {Most}");
        Assert.True(heats <= Most, $"{heats} of {Days}, at most {Most}");
    }

    [Fact]
    public void A_lane_that_is_different_is_no_judge()
    {
        var (wrong, _, _, _) = Count(Usual with { LaneBias = 2 }, "a lane with twice as many");
        Assert.True(wrong <= Most, $"{wrong} of {Days}, at most {Most}");
    }

    [Fact]
    public void A_heat_that_is_different_is_no_judge_and_no_lane()
    {
        var (wrong, lanes, heats, found) = Count(Usual with { HeatBias = 4 }, "a heat with four times as many");
        Assert.All((int[])[wrong, lanes, heats], n => Assert.True(n <= Most, $"{n} of {Days}, at most {Most}"));
        Assert.True(found >= Days * 7 / 10, $"{found} of {Days}");
    }

    [Theory]
    [InlineData(2.0)]
    [InlineData(0.4)]
    public void A_judge_with_twice_or_two_fifths_of_the_no_reps_is_found(double bias)
    {
        var (_, _, _, found) = Count(Usual with { Bias = bias }, $"a judge with {bias} times as many");
        Assert.True(found >= Days * 7 / 10, $"{found} of {Days}");
    }

    [Fact]
    public void Intervals_hold_the_truth()
    {
        var held = 0;
        Parallel.For(
            0,
            Days,
            seed =>
            {
                var mine = DayDrift.Of((Usual with { Bias = 1.5 }).Make(seed), Alarms)!.Judges[SimulatedDay.Judge(0)];
                if (mine.Low <= 1.5 && mine.High >= 1.5)
                {
                    Interlocked.Increment(ref held);
                }
            }
        );
        output.WriteLine($"{held} of {Days} intervals hold the truth");
        // Nineteen in twenty is said; fewer than this happens once in ten thousand.
        Assert.True(held >= Days - Most, $"{held} of {Days}");
    }

    [Fact]
    public void What_says_nothing_says_so()
    {
        var day = Usual.Make(1);
        Assert.Null(DayDrift.Of([], Alarms));
        Assert.Null(DayDrift.Of([.. day.Where(w => w.Judge == SimulatedDay.Judge(3))], Alarms));
        Assert.Null(DayDrift.Of([.. day.Select(w => w with { NoReps = 0 })], Alarms));
        // A judge of one run is too few to say, and stands there all the same.
        var one = new Watched(day[0].Athlete, SimulatedDay.Judge(99), "0", day[0].Cell, 20, 9);
        Assert.Equal(DriftKind.TooFew, DayDrift.Of([.. day, one], Alarms)!.Judges[SimulatedDay.Judge(99)].Kind);
        // Larger than the work, as a slip of the pen may be, it is still a number.
        Assert.All(
            DayDrift.Of([.. day, one with { NoReps = 4000 }], Alarms)!.Judges.Values,
            d => Assert.True(double.IsFinite(d.Times) && d.Low <= d.High)
        );
    }
}
