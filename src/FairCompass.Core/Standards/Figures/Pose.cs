namespace FairCompass.Core.Standards.Figures;

/// <summary>An arm. Angles in degrees as <see cref="Joint"/> says; <paramref name="Out"/> is the angle out of the side plane.</summary>
public sealed record Arm(double Shoulder, double Elbow, double Out = 0);

/// <summary>A leg. Angles in degrees as <see cref="Joint"/> says; <paramref name="Out"/> is the angle out of the side plane.</summary>
public sealed record Leg(double Hip, double Knee, double Ankle, double Out = 0);

/// <summary>Where the implement is.</summary>
public enum Carried
{
    /// <summary>There is none.</summary>
    Nowhere,

    /// <summary>In the hands.</summary>
    Hands,

    /// <summary>On the front of the shoulders.</summary>
    FrontRack,

    /// <summary>On the back of the shoulders.</summary>
    BackRack,

    /// <summary>In front of the chest.</summary>
    Goblet,

    /// <summary>On one shoulder.</summary>
    OnShoulder,

    /// <summary>At a place of its own.</summary>
    Apart,

    /// <summary>In the near hand only.</summary>
    NearHand,
}

/// <summary>One angle that is found so that a part comes to a height.</summary>
/// <param name="Turn">Which angle, of both sides.</param>
/// <param name="From">The least angle tried.</param>
/// <param name="To">The largest angle tried.</param>
/// <param name="Brings">The part.</param>
/// <param name="ToHeight">Its height in millimetres.</param>
public sealed record Fit(Joint Turn, double From, double To, Part Brings, double ToHeight);

/// <summary>Where an implement is that nobody holds.</summary>
/// <param name="X">Forward of the anchor’s place, in fractions of stature.</param>
/// <param name="Y">Height in millimetres.</param>
/// <param name="Up">Further height in fractions of stature.</param>
public sealed record LoadPlace(double X, double Y, double Up = 0);

/// <summary>A body’s position: joint angles, and the one point that stays where it is.</summary>
/// <param name="Trunk">Lean of the trunk in degrees.</param>
/// <param name="Near">The near arm.</param>
/// <param name="Far">The far arm.</param>
/// <param name="NearLeg">The near leg.</param>
/// <param name="FarLeg">The far leg.</param>
/// <param name="Anchor">The part of the near side that stays put.</param>
/// <param name="X">Where it is, forward, in fractions of stature.</param>
/// <param name="Y">Its height in millimetres.</param>
public sealed record Pose(double Trunk, Arm Near, Arm Far, Leg NearLeg, Leg FarLeg, Part Anchor, double X, double Y)
{
    /// <summary>The head against the trunk, degrees.</summary>
    public double Neck { get; init; }

    /// <summary>Where the implement is.</summary>
    public Carried Carried { get; init; }

    /// <summary>Where it is when <see cref="Carried"/> is apart: forward of the anchor in fractions of stature, and its height.</summary>
    public LoadPlace? LoadAt { get; init; }

    /// <summary>True when both upper arms hang straight down whatever the trunk does; the angle of the shoulder then follows.</summary>
    public bool Plumb { get; init; }

    /// <summary>Where the implement is on its way to, and how much of the way is done, 0 to 1; null when it stays.</summary>
    public (Carried To, double Share)? Passing { get; init; }

    /// <summary>An angle that is solved for; null when all are given.</summary>
    public Fit? Fit { get; init; }

    /// <summary>Raises the anchor by a part of the stature: what hangs is lower, what jumps is higher.</summary>
    public double Lift { get; init; }

    /// <summary>Standing on flat feet: the lean of the trunk follows from the legs.</summary>
    /// <param name="ankle">Degrees.</param>
    /// <param name="knee">Degrees.</param>
    /// <param name="hip">Degrees.</param>
    /// <param name="arm">Both arms.</param>
    public static Pose Standing(double ankle, double knee, double hip, Arm arm) =>
        new(hip - knee + ankle, arm, arm, new(hip, knee, ankle), new(hip, knee, ankle), Part.MidFoot, 0, 0);

    /// <summary>The same with both arms.</summary>
    public Pose Arms(double shoulder, double elbow, double outward = 0) =>
        this with
        {
            Near = new(shoulder, elbow, outward),
            Far = new(shoulder, elbow, outward),
        };

    /// <summary>The same with both legs.</summary>
    public Pose Legs(double hip, double knee, double ankle, double outward = 0) =>
        this with
        {
            NearLeg = new(hip, knee, ankle, outward),
            FarLeg = new(hip, knee, ankle, outward),
        };

    /// <summary>The same with the implement.</summary>
    public Pose With(Carried carried) => this with { Carried = carried };

    /// <summary>The angle of a joint in degrees.</summary>
    public double Angle(Joint joint, Side side) =>
        (joint, side) switch
        {
            (Joint.Trunk, _) => Trunk,
            (Joint.Neck, _) => Neck,
            (Joint.Shoulder, Side.Near) => Near.Shoulder,
            (Joint.Shoulder, _) => Far.Shoulder,
            (Joint.Elbow, Side.Near) => Near.Elbow,
            (Joint.Elbow, _) => Far.Elbow,
            (Joint.Hip, Side.Near) => NearLeg.Hip,
            (Joint.Hip, _) => FarLeg.Hip,
            (Joint.Knee, Side.Near) => NearLeg.Knee,
            (Joint.Knee, _) => FarLeg.Knee,
            (Joint.Ankle, Side.Near) => NearLeg.Ankle,
            _ => FarLeg.Ankle,
        };

    /// <summary>The same pose with one angle changed; everything beyond that joint moves with it.</summary>
    public Pose Turn(Joint joint, Side side, double degrees) =>
        (joint, side) switch
        {
            (Joint.Trunk, _) => this with { Trunk = degrees },
            (Joint.Neck, _) => this with { Neck = degrees },
            (Joint.Shoulder, Side.Near) => this with { Near = Near with { Shoulder = degrees } },
            (Joint.Shoulder, _) => this with { Far = Far with { Shoulder = degrees } },
            (Joint.Elbow, Side.Near) => this with { Near = Near with { Elbow = degrees } },
            (Joint.Elbow, _) => this with { Far = Far with { Elbow = degrees } },
            (Joint.Hip, Side.Near) => this with { NearLeg = NearLeg with { Hip = degrees } },
            (Joint.Hip, _) => this with { FarLeg = FarLeg with { Hip = degrees } },
            (Joint.Knee, Side.Near) => this with { NearLeg = NearLeg with { Knee = degrees } },
            (Joint.Knee, _) => this with { FarLeg = FarLeg with { Knee = degrees } },
            (Joint.Ankle, Side.Near) => this with { NearLeg = NearLeg with { Ankle = degrees } },
            _ => this with { FarLeg = FarLeg with { Ankle = degrees } },
        };
}
