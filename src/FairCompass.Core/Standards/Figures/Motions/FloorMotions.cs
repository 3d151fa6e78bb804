using FairCompass.Core.Quantities;
using static FairCompass.Core.Standards.Figures.Motions.Poses;

namespace FairCompass.Core.Standards.Figures.Motions;

/// <summary>Burpees, boxes, push-ups, trunk, lunges, walks, skipping, machines, the team bag.</summary>
internal static class FloorMotions
{
    private static readonly Surroundings Nothing = new();
    internal static readonly Surroundings Box = new() { Box = (0.42, 600) };
    private static readonly Surroundings Lane = new() { FloorLine = -0.24 };

    private static readonly FaultPose ChestUp = new("chest-down", ChestAbove);
    internal static readonly Pose OnBox = Pose.Standing(24, 78, 72, new(30, 20)) with { X = 0.42, Y = 600 };
    internal static readonly Pose TallOnBox = Poses.Stand with { X = 0.42, Y = 600 };
    internal static readonly Pose BesideBox = Pose.Standing(10, 28, 24, new(10, 20)) with { X = 0.0 };
    internal static readonly Pose Beyond = Pose.Standing(12, 34, 28, new(10, 20)) with { X = 0.86 };
    internal static readonly Pose OneFootBack = new(0, new(10, 20), new(10, 20), new(20, 30, 10), new(76, 70, -6), Part.MidFoot, 0.0, 0);

    public static Eq<Motion> All { get; } =
    [
        new("burpee", Nothing, Poses.Stand, ChestFloor, Jump, [ChestUp, new("stand-jump", NoJump)]),
        new(
            "burpee-target",
            new() { Target = (0.02, 1.29) },
            Poses.Stand,
            ChestFloor,
            Jump,
            [ChestUp, new("touch-target", NoJump.Arms(160, 20))]
        ),
        new(
            "burpee-over",
            new(Implement.Barbell),
            ApartBar(Poses.Stand),
            ApartBar(ChestFloor with { X = -0.9 }),
            Tucked(330),
            [new("chest-down", ApartBar(ChestAbove with { X = -0.9 })), new("over-bar", Tucked(190))]
        ),
        new("burpee-hang", UnderBar, Poses.Stand, ChestFloor, LongHang, [ChestUp, new("end-hang", Jump.Arms(110, 20))]),
        new("box-over", Box, BesideBox, OnBox, Beyond, [new("box-top", OnBox with { X = 0.1, Y = 300 }), new("other-side", TallOnBox)]),
        new(
            "burpee-box",
            Box,
            BesideBox,
            ChestFloor with
            {
                X = -0.9,
            },
            TallOnBox,
            [new("chest-down", ChestAbove with { X = -0.9 }), new("box-stand", OnBox)]
        ),
        new(
            "burpee-box-over",
            Box,
            BesideBox,
            ChestFloor with
            {
                X = -0.9,
            },
            Beyond,
            [new("chest-down", ChestAbove with { X = -0.9 }), new("other-side", OnBox)]
        ),
        new("step-over", Box, BesideBox, OnBox, Beyond, [new("box-step", OneFootBack), new("other-side", TallOnBox)]),
        new(
            "sandbag-step-over",
            Box with
            {
                Implement = Implement.Sandbag,
            },
            Bag(BesideBox),
            Bag(OnBox),
            Bag(Beyond),
            [new("box-step", Bag(OneFootBack)), new("other-side", Bag(TallOnBox))]
        ),
        new(
            "push-up",
            Nothing,
            PlankTop,
            ChestFloor.Arms(3, 172),
            PlankTop,
            [
                new("plank", PlankSag),
                new("hands-off", ChestFloor),
                new(
                    "push-lock",
                    PlankTop with
                    {
                        Plumb = false,
                        Near = new(30, 60),
                        Far = new(30, 60),
                        Fit = new(Joint.Trunk, 45, 100, Part.Palm, 20),
                    }
                ),
            ]
        ),
        new(
            "sit-up",
            Nothing,
            Back(-90, 190),
            Back(-20, 150),
            SatUp(52),
            [new("lying-back", Back(-90, 140)), new("sit-touch", SatUp(20) with { Fit = null, Near = new(100, 0), Far = new(100, 0) })]
        ),
        new(
            "sit-up-ball",
            new(Implement.Ball),
            Back(-90, 190).With(Carried.Hands),
            Back(-20, 150).With(Carried.Hands),
            SatUp(52).With(Carried.Hands),
            [
                new("lying-ball", Back(-90, 140).With(Carried.Hands)),
                new("sit-touch", (SatUp(20) with { Fit = null, Near = new(100, 0), Far = new(100, 0) }).With(Carried.Hands)),
            ]
        ),
        new(
            "plank",
            Nothing,
            Poses.Stand,
            PlankTop.Arms(0, 90) with
            {
                Fit = new(Joint.Trunk, 50, 95, Part.Elbow, 30),
            },
            PlankTop.Arms(0, 90) with
            {
                Fit = new(Joint.Trunk, 50, 95, Part.Elbow, 30),
            },
            [new("forearm-plank", PlankTop.Arms(0, 90).Legs(-26, 0, 0) with { Fit = new(Joint.Trunk, 30, 95, Part.Elbow, 30) })]
        ),
        new("straight-plank", Nothing, Poses.Stand, PlankTop, PlankTop, [new("plank-hold", PlankSag)]),
        new(
            "lunge",
            Lane,
            Poses.Stand,
            Lunge,
            Poses.Stand,
            [new("knee-down", LungeHigh), new("lunge-stand", SoftKnees), new("section", Poses.Stand with { X = -0.36 })]
        ),
        new(
            "dumbbell-lunge",
            Lane with
            {
                Implement = Implement.Dumbbells,
            },
            Poses.Stand.With(Carried.Hands),
            Lunge.With(Carried.Hands),
            Poses.Stand.With(Carried.Hands),
            [new("knee-down", LungeHigh.With(Carried.Hands)), new("lunge-stand", SoftKnees.With(Carried.Hands))]
        ),
        new(
            "rack-lunge",
            new(Implement.Barbell),
            Rack,
            Lunge.Arms(78, 142).With(Carried.FrontRack),
            Rack,
            [
                new("knee-down", LungeHigh.Arms(78, 142).With(Carried.FrontRack)),
                new("lunge-stand", SoftKnees.Arms(84, 142).With(Carried.FrontRack)),
            ]
        ),
        new(
            "bear-crawl",
            new() { FloorLine = -0.55 },
            Crawl(-0.6),
            Crawl(-0.4),
            Crawl(-0.35),
            [new("knees-up", KneeTouch), new("section-all", Crawl(-0.62))]
        ),
        new("shuttle", new() { FloorLine = -0.12 }, Run, Run, LineTouch(40), [new("turn", LineTouch(330))]),
        new(
            "farmers-carry",
            Lane with
            {
                Implement = Implement.Kettlebell,
            },
            Poses.Stand.With(Carried.Hands),
            Walk.With(Carried.Hands),
            Walk.With(Carried.Hands),
            [new("section-load", Poses.Stand.With(Carried.Hands) with { X = -0.36 })]
        ),
        new(
            "bag-carry",
            Lane with
            {
                Implement = Implement.TeamBag,
            },
            Held,
            Walk.Arms(40, 60).With(Carried.Hands),
            Walk.Arms(40, 60).With(Carried.Hands),
            [new("section-load", (Poses.Stand with { X = -0.36 }).Arms(40, 60).With(Carried.Hands))]
        ),
        new(
            "bag-over",
            new(Implement.TeamBag),
            HeadsOnFloor,
            Overhead,
            Rack.Arms(150, 130).With(Carried.OnShoulder),
            [new("far-shoulder", Rack.Arms(45, 110).With(Carried.Goblet))]
        ),
        new(
            "bag-thruster",
            new(Implement.TeamBag),
            Rack.Arms(150, 130).With(Carried.OnShoulder),
            SquatLow.Arms(150, 130).With(Carried.OnShoulder),
            Rack.Arms(150, 130).With(Carried.OnShoulder),
            [new("depth", SquatHigh.Arms(150, 130).With(Carried.OnShoulder)), new("far-shoulder", Rack.Arms(45, 110).With(Carried.Goblet))]
        ),
        new("skip", Nothing, Poses.Stand.Arms(-8, 70), Hop, Hop, [new("rope-clear", Poses.Stand.Arms(-8, 70))]),
        new(
            "row-machine",
            new() { Machine = 1 },
            Row(24, 0.02, 138, 70, 92, 0),
            Row(8, -0.1, 100, 66, 78, 4),
            Row(-24, -0.24, 62, 8, 8, 112),
            [new("number", Poses.Stand)]
        ),
        new("air-bike", new() { Machine = 2 }, Bike(30), Bike(60), Bike(30), [new("number", Poses.Stand)]),
    ];

    private static Pose Run => new(14, new(40, 90), new(-35, 80), new(48, 40, 6), new(-20, 80, -10), Part.MidFoot, 0.2, 0);

    internal static Pose Walk => new(2, new(6, 4), new(-4, 4), new(22, 8, 6), new(-10, 22, 10), Part.MidFoot, 0.12, 0);

    private static Pose Hop => Poses.Stand.Arms(-8, 70) with { NearLeg = new(8, 16, -25), FarLeg = new(8, 16, -25), Lift = 0.075 };

    private static Pose KneeTouch => Crawl(-0.4).Legs(95, 95, 40) with { Fit = null, Trunk = 92, Anchor = Part.Knee, Y = 30, X = 0 };

    private static Pose Crawl(double x) =>
        new(96, new(0, 0), new(0, 0), new(100, 72, 20), new(100, 72, 20), Part.Toe, x, 0)
        {
            Plumb = true,
            Fit = new(Joint.Trunk, 60, 130, Part.Palm, 20),
        };

    private static Pose LineTouch(double height) =>
        Pose.Standing(28, 100, 150, new(0, 0)) with
        {
            Plumb = true,
            X = 0.05,
            Fit = new(Joint.Hip, 80, 190, Part.Palm, height),
        };

    private static Pose Back(double trunk, double shoulder) =>
        new(trunk, new(shoulder, 0), new(shoulder, 0), new(130 + trunk, 90, -40), new(130 + trunk, 90, -40), Part.Hip, -0.1, 0)
        {
            Lift = 0.07,
        };

    private static Pose SatUp(double trunk) => Back(trunk, 90) with { Fit = new(Joint.Shoulder, 10, 130, Part.Palm, 30) };

    private static Pose Bag(Pose pose) => pose.Arms(60, 120).With(Carried.OnShoulder);

    private static Pose ApartBar(Pose pose) => pose.With(Carried.Apart) with { LoadAt = new(0.35 - pose.X, 225) };

    private static Pose Tucked(double height) =>
        (
            Pose.Standing(0, 0, 0, new(60, 30)) with
            {
                Trunk = 20,
                NearLeg = new(95, 100, 0),
                FarLeg = new(95, 100, 0),
                X = 0.3,
                Y = height,
            }
        ).With(Carried.Apart) with
        {
            LoadAt = new(0.05, 225),
        };

    private static Pose Row(double trunk, double x, double hip, double knee, double shoulder, double elbow) =>
        new(trunk, new(shoulder, elbow), new(shoulder, elbow), new(hip, knee, 10), new(hip, knee, 10), Part.Hip, x, 0) { Lift = 0.24 };

    private static Pose Bike(double knee) =>
        new(12, new(70, 25), new(55, 45), new(60 + (knee / 2), 40 + knee, 0), new(100 - (knee / 2), 110 - knee, 0), Part.Hip, 0, 0)
        {
            Lift = 0.51,
        };
}
