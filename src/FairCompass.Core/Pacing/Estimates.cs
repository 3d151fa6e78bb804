using FairCompass.Core.Workouts;

namespace FairCompass.Core.Pacing;

/// <summary>
/// Our estimates of paces, by movement. None is measured and none is taken from a publication: they are what the trade would guess, are
/// shown as estimates wherever they are used, and give way to a competition’s own.
/// </summary>
internal static class Estimates
{
    public static IReadOnlyList<Pace> All { get; } =
    [
        Line("burpee", AmountUnit.Rep, 4000, 2300),
        Line("burpee to the target", AmountUnit.Rep, 4300, 2600),
        Line("bar-facing burpee", AmountUnit.Rep, 4600, 2800),
        Line("burpee over the bar", AmountUnit.Rep, 4400, 2600),
        Line("synchronised burpee", AmountUnit.Rep, 5200, 3400),
        Line("burpee to the bar", AmountUnit.Rep, 5000, 3200),
        Line("box jump-over", AmountUnit.Rep, 3300, 1900),
        Line("burpee box jump", AmountUnit.Rep, 6500, 4300),
        Line("burpee box jump-over", AmountUnit.Rep, 6800, 4400),
        Line("box step-over", AmountUnit.Rep, 3600, 2300),
        Line("sandbag step-over", AmountUnit.Rep, 5200, 3400, 30),
        Line("hand-release push-up", AmountUnit.Rep, 2500, 1300),
        Line("sit-up", AmountUnit.Rep, 2500, 1500),
        Line("sit-up with ball", AmountUnit.Rep, 3000, 1900, 9),
        Line("pull-up", AmountUnit.Rep, 1900, 1100),
        Line("chest-to-bar pull-up", AmountUnit.Rep, 2200, 1200),
        Line("jumping pull-up", AmountUnit.Rep, 1700, 1000),
        Line("jumping chest-to-bar pull-up", AmountUnit.Rep, 1900, 1100),
        Line("ring row", AmountUnit.Rep, 2200, 1300),
        Line("inverted row", AmountUnit.Rep, 2300, 1400),
        Line("bar muscle-up", AmountUnit.Rep, 3600, 2000),
        Line("ring muscle-up", AmountUnit.Rep, 4200, 2400),
        Line("toes-to-bar", AmountUnit.Rep, 2200, 1200),
        Line("hanging knee raise", AmountUnit.Rep, 2000, 1200),
        Line("hanging toes raise", AmountUnit.Rep, 2100, 1300),
        Line("rope climb", AmountUnit.Rep, 16000, 8000),
        Line("jump to support on the rings", AmountUnit.Rep, 4000, 2500),
        Line("handstand push-up", AmountUnit.Rep, 2600, 1400),
        Line("strict handstand push-up", AmountUnit.Rep, 3400, 2000),
        Line("wall walk", AmountUnit.Rep, 12000, 7000),
        Line("handstand walk", AmountUnit.Metre, 1900, 800),
        Line("shoulder-to-overhead", AmountUnit.Rep, 2300, 1300, 50, 95),
        Line("strict press", AmountUnit.Rep, 2600, 1700, 40, 65),
        Line("push press", AmountUnit.Rep, 2300, 1400, 50, 85),
        Line("push jerk", AmountUnit.Rep, 2400, 1400, 60, 100),
        Line("split jerk", AmountUnit.Rep, 4500, 2800, 80, 110),
        Line("dumbbell shoulder-to-overhead", AmountUnit.Rep, 2300, 1300, 22.5m),
        Line("dumbbell push press", AmountUnit.Rep, 2400, 1400, 22.5m),
        Line("bench press", AmountUnit.Rep, 2300, 1400, 60, 100),
        Line("kettlebell swing", AmountUnit.Rep, 2000, 1500, 24),
        Line("kettlebell swing to eye level", AmountUnit.Rep, 1800, 1300, 24),
        Line("kettlebell clean and jerk", AmountUnit.Rep, 3600, 2300, 24),
        Line("deadlift", AmountUnit.Rep, 2300, 1300, 100, 180),
        Line("two-person deadlift", AmountUnit.Rep, 3500, 2300, 180, 300),
        Line("power clean", AmountUnit.Rep, 3300, 1800, 70, 105),
        Line("any-style clean", AmountUnit.Rep, 3300, 1800, 70, 105),
        Line("muscle clean", AmountUnit.Rep, 3400, 2200, 50, 80),
        Line("squat clean", AmountUnit.Rep, 4000, 2300, 70, 115),
        Line("split clean", AmountUnit.Rep, 4200, 2600, 70, 105),
        Line("hang power clean", AmountUnit.Rep, 2800, 1700, 60, 100),
        Line("hang clean", AmountUnit.Rep, 3200, 2000, 60, 105),
        Line("clean and jerk", AmountUnit.Rep, 5200, 3000, 70, 110),
        Line("any way overhead", AmountUnit.Rep, 5200, 3000, 70, 110),
        Line("power snatch", AmountUnit.Rep, 3600, 2000, 50, 80),
        Line("any-style snatch", AmountUnit.Rep, 3600, 2000, 50, 80),
        Line("squat snatch", AmountUnit.Rep, 4500, 2600, 50, 85),
        Line("hang power snatch", AmountUnit.Rep, 3000, 1800, 45, 75),
        Line("hang snatch", AmountUnit.Rep, 3600, 2200, 45, 80),
        Line("one-arm dumbbell snatch", AmountUnit.Rep, 2400, 1500, 22.5m),
        Line("dumbbell clean", AmountUnit.Rep, 2900, 1800, 22.5m),
        Line("dumbbell hang clean and jerk", AmountUnit.Rep, 3300, 2100, 22.5m),
        Line("front squat", AmountUnit.Rep, 2900, 1900, 70, 125),
        Line("back squat", AmountUnit.Rep, 2800, 1800, 80, 145),
        Line("overhead squat", AmountUnit.Rep, 3100, 2000, 50, 85),
        Line("goblet squat", AmountUnit.Rep, 2400, 1600, 24),
        Line("thruster", AmountUnit.Rep, 2600, 1700, 42.5m, 85),
        Line("dumbbell thruster", AmountUnit.Rep, 2700, 1800, 22.5m),
        Line("kettlebell thruster", AmountUnit.Rep, 2800, 1900, 24),
        Line("cluster", AmountUnit.Rep, 5000, 3300, 55, 90),
        Line("wall-ball shot", AmountUnit.Rep, 2300, 1800, 9),
        Line("walking lunge", AmountUnit.Metre, 2000, 1200),
        Line("dumbbell walking lunge", AmountUnit.Metre, 2500, 1500, 22.5m),
        Line("front-rack lunge", AmountUnit.Rep, 2600, 1700, 50),
        Line("front-rack lunge", AmountUnit.Metre, 2800, 1800, 50),
        Line("walking lunge", AmountUnit.Rep, 1500, 1000),
        Line("dumbbell walking lunge", AmountUnit.Rep, 1900, 1200, 22.5m),
        Line("bear crawl", AmountUnit.Metre, 1300, 700),
        Line("shuttle run", AmountUnit.Rep, 3000, 2000),
        Line("shuttle run", AmountUnit.Metre, 300, 200),
        Line("farmer's carry", AmountUnit.Metre, 700, 420, 24),
        Line("team-bag carry", AmountUnit.Metre, 1200, 700, 50),
        Line("team-bag clean-and-over", AmountUnit.Rep, 6000, 3800, 50),
        Line("team-bag thruster", AmountUnit.Rep, 4500, 3000, 50),
        Line("double-under", AmountUnit.Rep, 550, 400),
        Line("single-under", AmountUnit.Rep, 450, 330),
        Line("rowing machine", AmountUnit.Calorie, 3600, 1900),
        Line("rowing machine", AmountUnit.Metre, 240, 170),
        Line("air bike", AmountUnit.Calorie, 4000, 1700),
        Line("air bike", AmountUnit.Metre, 180, 110),
    ];

    /// <summary>A guess for a movement without a line.</summary>
    public static Pace Else(string movement, AmountUnit unit) =>
        unit switch
        {
            AmountUnit.Calorie => Line(movement, unit, 3800, 1800),
            AmountUnit.Metre => Line(movement, unit, 1000, 300),
            _ => Line(movement, unit, 3000, 1500),
        };

    /// <param name="movement">As drafts write it.</param>
    /// <param name="unit">What is timed.</param>
    /// <param name="usual">Milliseconds.</param>
    /// <param name="fastest">Milliseconds.</param>
    /// <param name="load">Kilograms, for a man.</param>
    /// <param name="best">Kilograms, for a man.</param>
    private static Pace Line(string movement, AmountUnit unit, long usual, long fastest, decimal? load = null, decimal? best = null) =>
        new(movement, unit, new(usual), new(fastest)) { Load = load, Best = best };
}
