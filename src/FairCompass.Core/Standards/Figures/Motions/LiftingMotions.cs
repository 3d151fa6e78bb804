using FairCompass.Core.Quantities;
using static FairCompass.Core.Standards.Figures.Motions.Poses;

namespace FairCompass.Core.Standards.Figures.Motions;

/// <summary>Squats, pulls, cleans, snatches, presses, kettlebells.</summary>
internal static class LiftingMotions
{
    private static readonly Surroundings Bar = new(Implement.Barbell);
    private static readonly Surroundings Pair = new(Implement.Dumbbells);
    private static readonly Surroundings Bell = new(Implement.Kettlebell);

    private static readonly FaultPose RackHighDepth = new("depth", RackHigh);
    private static readonly FaultPose SoftRack = new("stand", SoftKnees.Arms(84, 142).With(Carried.FrontRack));
    private static readonly FaultPose ElbowsDown = new("elbows-front", Rack.Arms(-4, 158));
    private static readonly FaultPose Floating = new("from-floor", BarOffFloor);
    private static readonly FaultPose SoftElbow = new("lock-out", Overhead.Arms(158, 34));
    private static readonly FaultPose InFront = new("over-middle", Overhead.Arms(148, 0));
    private static readonly FaultPose SoftOverhead = new("stand", SoftKnees.Arms(190, 0).With(Carried.Hands));
    private static readonly FaultPose RodeLow = new("power", RackLow);
    private static readonly FaultPose RodeLowOverhead = new("power", OverheadLow);
    private static readonly FaultPose TooHigh = new("squat-receive", PowerRack);
    private static readonly FaultPose TooHighOverhead = new("squat-receive", PowerOverhead);
    private static readonly FaultPose NoHang = new("hang", BelowKnee);

    public static Eq<Motion> All { get; } =
    [
        new("front-squat", Bar, Rack, RackLow, Rack, [RackHighDepth, SoftRack, ElbowsDown]),
        new(
            "back-squat",
            Bar,
            Rack.Arms(-30, 150).With(Carried.BackRack),
            SquatLow.Arms(-20, 150).With(Carried.BackRack),
            Rack.Arms(-30, 150).With(Carried.BackRack),
            [new("depth", SquatHigh.Arms(-25, 150).With(Carried.BackRack)), new("stand", SoftKnees.Arms(-25, 150).With(Carried.BackRack))]
        ),
        new(
            "overhead-squat",
            Bar,
            Overhead,
            OverheadLow,
            Overhead,
            [new("depth", OverheadHigh), new("stays-overhead", OverheadLow.Arms(180, 36)), SoftOverhead]
        ),
        new(
            "goblet-squat",
            Bell,
            Rack.Arms(35, 140).With(Carried.Goblet),
            SquatLow.Arms(50, 130).With(Carried.Goblet),
            Rack.Arms(35, 140).With(Carried.Goblet),
            [new("depth", SquatHigh.Arms(45, 135).With(Carried.Goblet)), new("stand", SoftKnees.Arms(40, 140).With(Carried.Goblet))]
        ),
        new("thruster", Bar, Rack, RackLow, Overhead, [RackHighDepth, SoftElbow, InFront, SoftOverhead]),
        new("dumbbell-thruster", Pair, Rack, RackLow, Overhead, [RackHighDepth, SoftElbow, SoftOverhead]),
        new("kettlebell-thruster", Bell, Rack, RackLow, Overhead, [RackHighDepth, SoftElbow, SoftOverhead]),
        new("cluster", Bar, BarOnFloor, RackLow, Overhead, [TooHigh, Floating, SoftElbow, InFront]),
        new(
            "wall-ball",
            new(Implement.Ball) { Wall = (0.42, 0), Target = (0.36, 1.57) },
            Rack.Arms(40, 130).With(Carried.Goblet),
            SquatLow.Arms(58, 125).With(Carried.Goblet),
            Overhead.Arms(170, 0).With(Carried.Apart) with
            {
                LoadAt = new(0.32, 0, 1.62),
                Lift = 0.02,
            },
            [
                new("depth", SquatHigh.Arms(50, 128).With(Carried.Goblet)),
                new("ball-hit", Overhead.Arms(170, 0).With(Carried.Apart) with { LoadAt = new(0.32, 0, 1.46), Lift = 0.02 }),
            ]
        ),
        new(
            "deadlift",
            Bar,
            BarOnFloor,
            Hang with
            {
                Near = new(40, 0),
                Far = new(40, 0),
            },
            Held,
            [new("shoulders-behind", Held.Arms(-12, 0)), new("stand", SoftKnees.Arms(19, 0).With(Carried.Hands)), Floating]
        ),
        new("power-clean", Bar, BarOnFloor, PowerRack, Rack, [RodeLow, ElbowsDown, SoftRack, Floating]),
        new("muscle-clean", Bar, BarOnFloor, Rack.Arms(20, 120).With(Carried.Hands), Rack, [new("no-second-bend", PowerRack), ElbowsDown]),
        new("squat-clean", Bar, BarOnFloor, RackLow, Rack, [TooHigh, ElbowsDown, SoftRack]),
        new("split-clean", Bar, BarOnFloor, SplitRack, Rack, [ElbowsDown, SoftRack, Floating]),
        new("any-clean", Bar, BarOnFloor, PowerRack, Rack, [ElbowsDown, SoftRack, Floating]),
        new("any-snatch", Bar, BarOnFloor, PowerOverhead, Overhead, [SoftElbow, InFront, Floating]),
        new("any-overhead", Bar, BarOnFloor, Rack, Overhead, [SoftElbow, InFront, Floating]),
        new("hang-power-clean", Bar, Hang, PowerRack, Rack, [NoHang, RodeLow, ElbowsDown]),
        new("hang-squat-clean", Bar, Hang, RackLow, Rack, [NoHang, TooHigh, ElbowsDown]),
        new("clean-and-jerk", Bar, BarOnFloor, Rack, Overhead, [SoftElbow, InFront, SoftOverhead, Floating]),
        new("power-snatch", Bar, BarOnFloor, PowerOverhead, Overhead, [RodeLowOverhead, SoftElbow, InFront, Floating]),
        new("squat-snatch", Bar, BarOnFloor, OverheadLow, Overhead, [TooHighOverhead, SoftElbow, InFront, Floating]),
        new("hang-power-snatch", Bar, Hang, PowerOverhead, Overhead, [NoHang, RodeLowOverhead, SoftElbow]),
        new("hang-squat-snatch", Bar, Hang, OverheadLow, Overhead, [NoHang, TooHighOverhead, SoftElbow]),
        new(
            "dumbbell-snatch",
            new(Implement.Dumbbell),
            HeadsOnFloor.With(Carried.NearHand),
            Drive.With(Carried.NearHand) with
            {
                Far = new(10, 10),
            },
            Overhead.With(Carried.NearHand) with
            {
                Far = new(20, 8, 12),
            },
            [
                new("heads-on-floor", HeadsOffFloor.With(Carried.NearHand)),
                new("stand", SoftKnees.With(Carried.NearHand) with { Near = new(190, 0), Far = new(20, 8, 12) }),
                new("one-arm-lock", Overhead.With(Carried.NearHand) with { Near = new(140, 30), Far = new(20, 8, 12) }),
            ]
        ),
        new(
            "dumbbell-clean",
            Pair,
            HeadsOnFloor,
            PowerRack,
            Rack,
            [new("heads-on-floor", HeadsOffFloor), new("stand", SoftKnees.Arms(84, 142).With(Carried.FrontRack))]
        ),
        new("dumbbell-hang-clean-and-jerk", Pair, Hang, Rack, Overhead, [NoHang, SoftElbow, InFront, SoftOverhead]),
        new("strict-press", Bar, Rack, Drive, Overhead, [new("strict-knees", Dip), SoftElbow, InFront]),
        new("push-press", Bar, Rack, Drive, Overhead, [new("no-second-dip", PowerOverhead.Arms(175, 20)), SoftElbow, InFront]),
        new("push-jerk", Bar, Rack, PowerOverhead, Overhead, [SoftElbow, InFront, SoftOverhead]),
        new("split-jerk", Bar, Rack, Split, Overhead, [SoftElbow, InFront, SoftOverhead]),
        new("dumbbell-jerk", Pair, Rack, PowerOverhead, Overhead, [SoftElbow, SoftOverhead]),
        new(
            "dumbbell-push-press",
            Pair,
            Rack,
            Drive,
            Overhead,
            [new("no-second-dip", PowerOverhead.Arms(175, 20)), SoftElbow, SoftOverhead]
        ),
        new(
            "bench-press",
            Bar with
            {
                Bench = 430,
            },
            Lying.Arms(90, 0),
            Lying.Arms(-37.5, 154),
            Lying.Arms(90, 0),
            [new("bar-chest", Lying.Arms(-5, 122)), new("lock-out", Lying.Arms(60, 50))]
        ),
        new(
            "swing-overhead",
            Bell,
            SwingBack,
            Pose.Standing(5, 12, 16, new(75, 4)).With(Carried.Hands),
            Overhead,
            [new("bell-overhead", Overhead.Arms(110, 0)), SoftOverhead]
        ),
        new(
            "swing-eye",
            Bell,
            SwingBack,
            Pose.Standing(5, 12, 16, new(60, 4)).With(Carried.Hands),
            Overhead.Arms(104, 2),
            [new("bell-eye", Overhead.Arms(80, 2)), new("stand", SoftKnees.Arms(116, 2).With(Carried.Hands))]
        ),
        new(
            "kettlebell-clean-and-jerk",
            Bell,
            SwingBack.With(Carried.NearHand),
            Rack.With(Carried.FrontRack) with
            {
                Far = new(10, 10),
            },
            Overhead.With(Carried.NearHand) with
            {
                Far = new(20, 8, 12),
            },
            [
                new("one-arm-lock", Overhead.With(Carried.NearHand) with { Near = new(140, 30), Far = new(20, 8, 12) }),
                new("stand", SoftKnees.With(Carried.NearHand) with { Near = new(190, 0), Far = new(20, 8, 12) }),
            ]
        ),
    ];

    /// <summary>On the back on a bench, the feet on the floor.</summary>
    private static Pose Lying =>
        new(-90, new(90, 0), new(90, 0), new(-4, 86, 0), new(-4, 86, 0), Part.Shoulder, -0.2, 430 + 110) { Carried = Carried.Hands };

    private static Pose SwingBack => Pose.Standing(8, 38, 92, new(30, 0)).With(Carried.Hands);
}
