using FairCompass.Core.Quantities;
using static FairCompass.Core.Standards.Figures.Motions.Poses;

namespace FairCompass.Core.Standards.Figures.Motions;

/// <summary>Bars, rings, ropes, walls.</summary>
internal static class HangingMotions
{
    private static readonly Surroundings UnderRings = UnderBar with { Rings = true };
    private static readonly Surroundings LowBar = new() { HighBar = (0, 1.02) };
    private static readonly Surroundings LowRings = LowBar with { HighBar = (0, 0.72), Rings = true };
    private static readonly Surroundings RowBar = new() { HighBar = (0, 0.62) };

    internal static readonly Pose ChinUp = LongHang with
    {
        Trunk = -6,
        Near = new(14, 150),
        Far = new(14, 150),
        NearLeg = new(10, 30, -20),
        FarLeg = new(10, 30, -20),
    };
    internal static readonly Pose ChinLow = ChinUp.Arms(40, 118);
    private static readonly Pose ChestUp = LongHang with
    {
        Trunk = -20,
        Near = new(-30, 153),
        Far = new(-30, 153),
        NearLeg = new(-5, 25, -20),
        FarLeg = new(-5, 25, -20),
    };
    internal static readonly Pose Support = LongHang.Arms(4, 0);
    internal static readonly Pose SupportSoft = LongHang.Arms(-28, 55);
    internal static readonly Pose DipLow = LongHang with { Trunk = 25, Near = new(-38, 118), Far = new(-38, 118) };
    internal static readonly Pose Toes = LongHang with
    {
        Trunk = -32,
        Near = new(138, 0, 6),
        Far = new(138, 0, 6),
        NearLeg = new(152, 4, -42),
        FarLeg = new(152, 4, -42),
    };
    private static readonly Pose Knees = LongHang with
    {
        Trunk = -10,
        Near = new(172, 0),
        Far = new(172, 0),
        NearLeg = new(118, 110, -10),
        FarLeg = new(118, 110, -10),
    };
    internal static readonly Pose FeetHigh = LongHang with
    {
        Trunk = -14,
        Near = new(168, 0),
        Far = new(168, 0),
        NearLeg = new(100, 2, -30),
        FarLeg = new(100, 2, -30),
    };

    /// <summary>Feet on the floor under a low bar: arms straight, knees bent.</summary>
    private static readonly Pose JumpLow = Pose.Standing(32, 101, 69, new(180, 0)) with { Anchor = Part.Palm, Lift = 1.02 };

    private static readonly Pose RowDown = new(-52, new(112, 0), new(112, 0), new(0, 0, 0), new(0, 0, 0), Part.Palm, 0, 0)
    {
        Lift = 0.72,
        Fit = new(Joint.Trunk, -85, -15, Part.Heel, 0),
    };

    public static Eq<Motion> All { get; } =
    [
        new("pull-up", UnderBar, LongHang, HalfPull, ChinUp, [new("arms-straight", BentHang), new("chin", ChinLow)]),
        new("chest-to-bar", UnderBar, LongHang, HalfPull, ChestUp, [new("arms-straight", BentHang), new("chest-touch", ChinUp)]),
        new(
            "jumping-pull-up",
            LowBar,
            JumpLow,
            Hop(60, 100),
            Hop(14, 150),
            [new("jump-arms", JumpLow.Arms(165, 40)), new("chin", Hop(40, 118))]
        ),
        new(
            "jumping-chest-to-bar",
            LowBar,
            JumpLow,
            Hop(60, 100),
            ChestUp with
            {
                Lift = 1.02,
            },
            [new("jump-arms", JumpLow.Arms(165, 40)), new("chest-touch", Hop(14, 150))]
        ),
        new(
            "ring-row",
            LowRings,
            RowDown,
            RowDown.Arms(70, 70),
            RowDown.Arms(-32, 152),
            [
                new("row-arms", RowDown.Arms(98, 40)),
                new("body-line", RowDown.Arms(70, 70).Legs(35, 0, 0)),
                new("row-touch", RowDown.Arms(25, 110)),
            ]
        ),
        new(
            "inverted-row",
            RowBar,
            RowDown with
            {
                Lift = 0.62,
            },
            RowDown.Arms(70, 70) with
            {
                Lift = 0.62,
            },
            RowDown.Arms(-32, 152) with
            {
                Lift = 0.62,
            },
            [new("row-arms", RowDown.Arms(98, 40) with { Lift = 0.62 }), new("row-bar", RowDown.Arms(25, 110) with { Lift = 0.62 })]
        ),
        new(
            "bar-muscle-up",
            UnderBar,
            LongHang,
            DipLow,
            Support,
            [new("arms-straight", BentHang), new("dip", ChinUp), new("support", SupportSoft)]
        ),
        new(
            "ring-muscle-up",
            UnderRings,
            LongHang,
            DipLow,
            Support,
            [new("arms-straight", BentHang), new("dip", ChinUp), new("support", SupportSoft)]
        ),
        new(
            "toes-to-bar",
            UnderBar,
            HeelsBehind,
            Knees,
            Toes,
            [
                new("heels-behind", HeelsInFront),
                new("toes-touch", FeetHigh),
                new(
                    "between-hands",
                    Toes with
                    {
                        Near = new(138, 0, -1),
                        Far = new(138, 0, -1),
                        NearLeg = Toes.NearLeg with { Out = 5.5 },
                        FarLeg = Toes.FarLeg with { Out = 5.5 },
                    }
                ),
            ]
        ),
        new(
            "knee-raise",
            UnderBar,
            HeelsBehind,
            LongHang.Legs(50, 70, -10),
            Knees,
            [new("heels-behind", HeelsInFront), new("knees-high", LongHang.Legs(70, 90, -10))]
        ),
        new(
            "toes-raise",
            UnderBar,
            HeelsBehind,
            LongHang.Legs(50, 4, -20),
            FeetHigh,
            [new("heels-behind", HeelsInFront), new("toes-high", LongHang.Legs(60, 4, -30))]
        ),
        new(
            "rope-climb",
            new() { Rope = 0.02, Target = (0.02, 1.86) },
            Poses.Stand.Arms(165, 20),
            Climb(1.55, 120),
            Climb(1.83, 60),
            [new("rope-mark", Climb(1.62, 60))]
        ),
        new(
            "ring-support",
            LowBar with
            {
                HighBar = (0, 0.56),
                Rings = true,
            },
            Pose.Standing(18, 50, 32, new(10, 40)),
            Support with
            {
                Lift = 0.56,
            },
            Support with
            {
                Lift = 0.56,
                NearLeg = new(20, 60, -10),
                FarLeg = new(20, 60, -10),
            },
            [new("attempt-arms", SupportSoft with { Lift = 0.56, NearLeg = new(20, 60, -10), FarLeg = new(20, 60, -10) })]
        ),
        new("dead-hang", UnderBar, LongHang, LongHang, LongHang, [new("hang-hold", BentHang)]),
        new(
            "kipping-handstand",
            Wall,
            Upside,
            HeadDown.Legs(50, 70, 0),
            Upside,
            [new("heels-up", HeelsLow), new("head", HeadUp), new("heels-finish", Upside.Arms(150, 40))]
        ),
        new(
            "strict-handstand",
            Wall,
            Upside,
            HeadDown,
            Upside,
            [
                new("heels-up", HeelsLow),
                new("head", HeadUp),
                new("strict", HeadDown.Legs(50, 70, 0)),
                new("heels-finish", Upside.Arms(150, 40)),
            ]
        ),
        new(
            "wall-walk",
            new() { Wall = (-0.2, 0), FloorLine = 0.16 },
            ChestFloor with
            {
                X = -0.12,
            },
            Upside with
            {
                X = 0.02,
            },
            ChestFloor with
            {
                X = -0.12,
            },
            [
                new("face-down", ChestAbove with { X = -0.12 }),
                new("hands-to-line", Upside with { X = 0.3, Trunk = 165 }),
                new("walked-down", ChestAbove with { X = -0.12 }),
            ]
        ),
        new(
            "handstand-walk",
            new() { FloorLine = -0.12 },
            PlankTop with
            {
                X = -0.6,
            },
            Upside with
            {
                Trunk = 172,
            },
            Upside with
            {
                Trunk = 170,
                X = 0.1,
            },
            [new("hands-only", PlankTop), new("section-hands", Upside with { Trunk = 170, X = -0.25 })]
        ),
    ];

    private static Surroundings Wall => new() { Wall = (0.075, 1.12) };

    private static Pose HeadDown => new(180, new(86.6, 118.8), new(86.6, 118.8), new(0, 0, -10), new(0, 0, -10), Part.Crown, 0, 0);

    private static Pose HeadUp => HeadDown with { Lift = 0.09, Near = new(115.6, 90.5), Far = new(115.6, 90.5) };

    private static Pose HeelsLow => Upside with { NearLeg = new(30, 70, 0), FarLeg = new(30, 70, 0) };

    private static Pose Hop(double shoulder, double elbow) =>
        LongHang with
        {
            Trunk = -6,
            Lift = 1.02,
            Near = new(shoulder, elbow),
            Far = new(shoulder, elbow),
            NearLeg = new(6, 14, -30),
            FarLeg = new(6, 14, -30),
        };

    private static Pose Climb(double height, double hip) =>
        new(0, new(178, 4), new(140, 60), new(hip, hip + 20, -20), new(hip - 8, hip + 12, -20), Part.Palm, 0.02, 0) { Lift = height };
}
