namespace FairCompass.Core.Standards.Figures.Motions;

/// <summary>Positions that many movements share. Angles are ours, chosen by eye; what is judged is decided by the clauses.</summary>
internal static class Poses
{
    public static readonly Pose Stand = Pose.Standing(0, 0, 0, new(6, 8));

    public static readonly Pose Rack = Pose.Standing(0, 0, 0, new(78, 142)).With(Carried.FrontRack);

    public static readonly Pose SquatLow = Pose.Standing(30, 125, 118, new(10, 10));

    public static readonly Pose SquatHigh = Pose.Standing(22, 88, 80, new(10, 10));

    public static readonly Pose RackLow = SquatLow.Arms(92, 142).With(Carried.FrontRack);

    public static readonly Pose RackHigh = SquatHigh.Arms(86, 142).With(Carried.FrontRack);

    public static readonly Pose Overhead = Pose.Standing(0, 0, 0, new(180, 0)).With(Carried.Hands);

    public static readonly Pose OverheadLow = SquatLow.Arms(203, 0).With(Carried.Hands);

    public static readonly Pose OverheadHigh = SquatHigh.Arms(194, 0).With(Carried.Hands);

    /// <summary>The quarter squat in which a load is received high.</summary>
    public static readonly Pose PowerRack = Pose.Standing(18, 52, 44, new(82, 142)).With(Carried.FrontRack);

    public static readonly Pose PowerOverhead = Pose.Standing(18, 52, 44, new(190, 0)).With(Carried.Hands);

    public static readonly Pose Hang = Pose.Standing(8, 22, 48, new(34, 0)).With(Carried.Hands);

    public static readonly Pose BelowKnee = Pose.Standing(14, 45, 106, new(75, 0)).With(Carried.Hands);

    public static readonly Pose SoftKnees = Pose.Standing(14, 34, 30, new(0, 0));

    /// <summary>The start of a lift from the floor: straight arms, the bar at the height of a full plate.</summary>
    public static readonly Pose BarOnFloor = Pose.Standing(24, 98, 140, new(0, 0)).With(Carried.Hands) with
    {
        Plumb = true,
        Fit = new(Joint.Hip, 90, 178, Part.Palm, 225),
    };

    public static readonly Pose BarOffFloor = BarOnFloor with { Fit = new(Joint.Hip, 90, 178, Part.Palm, 330) };

    public static readonly Pose HeadsOnFloor = Pose.Standing(30, 118, 150, new(0, 0)).With(Carried.Hands) with
    {
        Plumb = true,
        Fit = new(Joint.Hip, 80, 190, Part.Palm, 90),
    };

    public static readonly Pose HeadsOffFloor = HeadsOnFloor with { Fit = new(Joint.Hip, 80, 190, Part.Palm, 200) };

    public static readonly Pose Held = Pose.Standing(0, 0, 0, new(9, 0)).With(Carried.Hands);

    public static readonly Pose Split = new(0, new(180, 0), new(180, 0), new(60, 60, 0), new(-30, 39, 24), Part.MidFoot, 0.12, 0)
    {
        Carried = Carried.Hands,
    };

    public static readonly Pose SplitRack = Split.Arms(78, 142).With(Carried.FrontRack);

    /// <summary>After the drive: legs straight, the load on its way.</summary>
    public static readonly Pose Drive = Pose.Standing(0, 0, 0, new(125, 95)).With(Carried.Hands);

    public static readonly Pose Dip = Pose.Standing(15, 36, 22, new(78, 142)).With(Carried.FrontRack);

    public static readonly Pose Lunge = new(0, new(4, 6), new(4, 6), new(88, 88, 0), new(0, 110, 50), Part.MidFoot, 0.12, 0);

    public static readonly Pose LungeHigh = new(0, new(4, 6), new(4, 6), new(62, 62, 0), new(-18, 70, 40), Part.MidFoot, 0.12, 0);

    /// <summary>Top of a push-up on the toes.</summary>
    public static readonly Pose PlankTop = new(70, new(0, 0), new(0, 0), new(0, 0, 0), new(0, 0, 0), Part.Toe, -0.55, 0)
    {
        Plumb = true,
        Fit = new(Joint.Trunk, 45, 95, Part.Palm, 20),
    };

    public static readonly Pose PlankSag = PlankTop.Legs(-28, 0, 0);

    public static readonly Pose ChestFloor = new(88, new(3, 158), new(3, 158), new(0, 0, 0), new(0, 0, 0), Part.Toe, -0.55, 0)
    {
        Fit = new(Joint.Trunk, 70, 105, Part.Chest, 20),
    };

    public static readonly Pose ChestAbove = ChestFloor with
    {
        Near = new(20, 140),
        Far = new(20, 140),
        Fit = new(Joint.Trunk, 45, 100, Part.Chest, 160),
    };

    public static readonly Pose Jump = Pose.Standing(-25, 4, 2, new(176, 8)) with { Trunk = 0, Lift = 0.06 };

    public static readonly Pose NoJump = Pose.Standing(8, 25, 40, new(150, 20));

    /// <summary>The height at which the hands hold a bar or rings, in fractions of stature.</summary>
    public const double BarHeight = 1.30;

    public static readonly Surroundings UnderBar = new() { HighBar = (0, BarHeight) };

    public static readonly Pose LongHang = new(0, new(180, 0), new(180, 0), new(0, 0, -20), new(0, 0, -20), Part.Palm, 0, 0)
    {
        Lift = BarHeight,
    };

    public static readonly Pose BentHang = LongHang.Arms(160, 45);

    public static readonly Pose HalfPull = LongHang.Arms(110, 75);

    public static readonly Pose HeelsBehind = LongHang.Legs(-14, 14, -25);

    public static readonly Pose HeelsInFront = LongHang.Legs(14, 8, -25);

    public static readonly Pose Upside = new(180, new(180, 0), new(180, 0), new(0, 0, -10), new(0, 0, -10), Part.Palm, 0, 0);
}
