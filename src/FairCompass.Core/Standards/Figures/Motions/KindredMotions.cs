using FairCompass.Core.Quantities;
using static FairCompass.Core.Standards.Figures.Motions.Poses;

namespace FairCompass.Core.Standards.Figures.Motions;

/// <summary>What is done as another movement is, with another implement or none, or after another part.</summary>
internal static class KindredMotions
{
    private static readonly Surroundings Nothing = new();
    private static readonly Surroundings Bar = new(Implement.Barbell);
    private static readonly Surroundings Pair = new(Implement.Dumbbells);
    private static readonly Surroundings Bell = new(Implement.Kettlebell);
    private static readonly Surroundings UnderRings = UnderBar with { Rings = true };
    private static readonly Surroundings Parallel = new() { HighBar = (0, DipHeight) };

    private static readonly FaultPose SoftElbow = new("lock-out", Overhead.Arms(158, 34));
    private static readonly FaultPose InFront = new("over-middle", Overhead.Arms(148, 0));
    private static readonly FaultPose SoftOverhead = new("stand", SoftKnees.Arms(190, 0).With(Carried.Hands));
    private static readonly FaultPose SoftRack = new("stand", SoftKnees.Arms(84, 142).With(Carried.FrontRack));
    private static readonly FaultPose SoftHeld = new("stand", SoftKnees.Arms(19, 0).With(Carried.Hands));
    private static readonly FaultPose SoftGoblet = new("stand", SoftKnees.Arms(40, 140).With(Carried.Goblet));
    private static readonly FaultPose ChestUp = new("chest-down", ChestAbove);
    private static readonly FaultPose HeadsOff = new("heads-on-floor", HeadsOffFloor);
    private static readonly FaultPose ShortOfShoulder = new("far-shoulder", Rack.Arms(45, 110).With(Carried.Goblet));
    private static readonly FaultPose OneArm = new(
        "one-arm-lock",
        Overhead.With(Carried.NearHand) with
        {
            Near = new(140, 30),
            Far = new(20, 8, 12),
        }
    );
    private static readonly FaultPose SoftOneArm = new(
        "stand",
        SoftKnees.With(Carried.NearHand) with
        {
            Near = new(190, 0),
            Far = new(20, 8, 12),
        }
    );

    /// <summary>The height of dip bars, in fractions of stature: the feet hang free.</summary>
    private const double DipHeight = 0.75;

    public static Eq<Motion> All { get; } =
    [
        new(
            "air-squat",
            Nothing,
            Stand,
            SquatLow.Arms(96, 6),
            Stand,
            [new("depth", SquatHigh.Arms(88, 6)), new("stand", SoftKnees.Arms(30, 10))]
        ),
        new(
            "single-leg-squat",
            Nothing,
            Stand,
            OneLeg(SquatLow, 130),
            Stand,
            [new("depth", OneLeg(SquatHigh, 108)), new("stand", SoftKnees)]
        ),
        new("dumbbell-front-squat", Pair, Rack, RackLow, Rack, [new("depth", RackHigh), SoftRack]),
        new("dumbbell-deadlift", Pair, HeadsOnFloor, Hang, Held, [HeadsOff, SoftHeld]),
        new(
            "dumbbell-cluster",
            Pair,
            HeadsOnFloor,
            RackLow,
            Overhead,
            [new("squat-receive", PowerRack), HeadsOff, SoftElbow, InFront, SoftOverhead]
        ),
        new("kettlebell-deadlift", Bell, HeadsOnFloor, Hang, Held, [SoftHeld]),
        new("kettlebell-snatch", Bell, Hang.With(Carried.NearHand), OneArmDrive, OneArmTop, [OneArm, SoftOneArm]),
        new(
            "kettlebell-push-press",
            Bell,
            Rack with
            {
                Far = new(10, 10),
            },
            OneArmDrive,
            OneArmTop,
            [
                new("no-second-dip", PowerOverhead.With(Carried.NearHand) with { Near = new(175, 20), Far = new(20, 8, 12) }),
                OneArm,
                SoftOneArm,
            ]
        ),
        new(
            "dumbbell-burpee-snatch",
            new(Implement.Dumbbell),
            HeadsOnFloor.With(Carried.NearHand),
            ChestFloor.With(Carried.NearHand),
            OneArmTop,
            [
                new("heads-on-floor", HeadsOffFloor.With(Carried.NearHand)),
                new("chest-down", ChestAbove.With(Carried.NearHand)),
                OneArm,
                SoftOneArm,
            ]
        ),
        new(
            "sumo-high-pull",
            Bar,
            BarOnFloor,
            Hang,
            Pose.Standing(0, 0, 0, new(62, 118)).With(Carried.Hands),
            [new("from-floor", BarOffFloor)]
        ),
        new("hang-clean-and-jerk", Bar, Hang, Rack, Overhead, [new("hang", BelowKnee), SoftElbow, InFront, SoftOverhead]),
        new(
            "plate-to-overhead",
            new(Implement.Plate),
            HeadsOnFloor with
            {
                Fit = new(Joint.Hip, 80, 190, Part.Palm, 210),
            },
            Drive,
            Overhead,
            [SoftElbow, InFront, SoftOverhead]
        ),
        new(
            "ball-clean",
            new(Implement.Ball),
            HeadsOnFloor with
            {
                Fit = new(Joint.Hip, 80, 190, Part.Palm, 180),
            },
            SquatLow.Arms(58, 125).With(Carried.Goblet),
            Rack.Arms(40, 130).With(Carried.Goblet),
            [new("squat-receive", PowerRack.Arms(45, 128).With(Carried.Goblet)), SoftGoblet]
        ),
        new(
            "sandbag-clean",
            new(Implement.Sandbag),
            HeadsOnFloor,
            PowerRack.Arms(45, 128).With(Carried.Goblet),
            Rack.Arms(40, 130).With(Carried.Goblet),
            [SoftGoblet]
        ),
        new(
            "bag-clean-and-jerk",
            new(Implement.TeamBag),
            HeadsOnFloor,
            Overhead,
            Rack.Arms(150, 130).With(Carried.OnShoulder),
            [ShortOfShoulder]
        ),
        OverheadLunge("plate-overhead-lunge", Implement.Plate),
        OverheadLunge("dumbbell-overhead-lunge", Implement.Dumbbells),
        OverheadLunge("barbell-overhead-lunge", Implement.Barbell),
        Carry("sandbag-carry", Implement.Sandbag),
        Dip("ring-dip", Parallel with { Rings = true }),
        Dip("bar-dip", Parallel),
        AfterBurpee("burpee-pull-up", UnderBar, HangingMotions.ChinUp, "chin", HangingMotions.ChinLow),
        AfterBurpee("burpee-toes-to-bar", UnderBar, HangingMotions.Toes, "toes-touch", HangingMotions.FeetHigh),
        AfterBurpee("burpee-bar-muscle-up", UnderBar, HangingMotions.Support, "support", HangingMotions.SupportSoft),
        AfterBurpee("burpee-ring-muscle-up", UnderRings, HangingMotions.Support, "support", HangingMotions.SupportSoft),
        new("box-jump", FloorMotions.Box, FloorMotions.BesideBox, FloorMotions.OnBox, FloorMotions.TallOnBox, []),
        new(
            "jump-over-line",
            new() { FloorLine = 0.22 },
            Stand with
            {
                X = 0.02,
            },
            Pose.Standing(0, 0, 0, new(60, 30)) with
            {
                Trunk = 16,
                NearLeg = new(70, 85, 0),
                FarLeg = new(70, 85, 0),
                X = 0.22,
                Y = 260,
            },
            Stand with
            {
                X = 0.44,
            },
            []
        ),
        new(
            "dumbbell-box-step-over",
            FloorMotions.Box with
            {
                Implement = Implement.Dumbbells,
            },
            FloorMotions.BesideBox.With(Carried.Hands),
            FloorMotions.OnBox.With(Carried.Hands),
            FloorMotions.Beyond.With(Carried.Hands),
            [new("box-step", FloorMotions.OneFootBack.With(Carried.Hands)), new("other-side", FloorMotions.TallOnBox.With(Carried.Hands))]
        ),
    ];

    private static Pose OneArmDrive => Drive.With(Carried.NearHand) with { Far = new(10, 10) };

    private static Pose OneArmTop => Overhead.With(Carried.NearHand) with { Far = new(20, 8, 12) };

    /// <summary>A squat on the near leg, the far one held in front.</summary>
    private static Pose OneLeg(Pose squat, double raised) => squat.Arms(84, 6) with { FarLeg = new(raised, 8, 10) };

    private static Motion Dip(string id, Surroundings around) =>
        new(
            id,
            around,
            At(HangingMotions.Support),
            At(HangingMotions.DipLow),
            At(HangingMotions.Support),
            [new("support", At(HangingMotions.SupportSoft))]
        );

    private static Pose At(Pose pose) => pose with { Lift = DipHeight };

    private static Motion AfterBurpee(string id, Surroundings around, Pose finish, string clause, Pose fault) =>
        new(id, around, Stand, ChestFloor, finish, [ChestUp, new(clause, fault)]);

    private static Motion OverheadLunge(string id, Implement implement) =>
        new(
            id,
            new(implement) { FloorLine = -0.24 },
            Overhead,
            Lunge.Arms(180, 0).With(Carried.Hands),
            Overhead,
            [
                new("stays-overhead", Lunge.Arms(162, 36).With(Carried.Hands)),
                new("knee-down", LungeHigh.Arms(180, 0).With(Carried.Hands)),
                new("lunge-stand", SoftKnees.Arms(190, 0).With(Carried.Hands)),
                new("section", Overhead with { X = -0.36 }),
            ]
        );

    private static Motion Carry(string id, Implement implement) =>
        new(
            id,
            new(implement) { FloorLine = -0.24 },
            Rack.Arms(40, 130).With(Carried.Goblet),
            FloorMotions.Walk.Arms(40, 130).With(Carried.Goblet),
            FloorMotions.Walk.Arms(40, 130).With(Carried.Goblet),
            [new("section-load", Rack.Arms(40, 130).With(Carried.Goblet) with { X = -0.36 })]
        );
}
