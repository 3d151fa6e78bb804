namespace FairCompass.Core.Standards.Figures;

/// <summary>A point that rules speak of: of the body, of the implement, or of the place.</summary>
public enum Part
{
    /// <summary>Hip joint.</summary>
    Hip,

    /// <summary>Knee joint.</summary>
    Knee,

    /// <summary>Ankle joint.</summary>
    Ankle,

    /// <summary>Back of the heel, at the sole.</summary>
    Heel,

    /// <summary>Tip of the foot, at the sole.</summary>
    Toe,

    /// <summary>Middle of the sole.</summary>
    MidFoot,

    /// <summary>Shoulder joint.</summary>
    Shoulder,

    /// <summary>Elbow joint.</summary>
    Elbow,

    /// <summary>Wrist joint.</summary>
    Wrist,

    /// <summary>Middle of the closed hand.</summary>
    Palm,

    /// <summary>Tip of the chin.</summary>
    Chin,

    /// <summary>Top of the head.</summary>
    Crown,

    /// <summary>Front of the chest.</summary>
    Chest,

    /// <summary>The fold of the hip.</summary>
    HipCrease,

    /// <summary>The upper edge of the knee.</summary>
    KneeTop,

    /// <summary>Middle of the implement: bar, bell, ball, bag.</summary>
    Load,

    /// <summary>The bar or rings that the athlete hangs from.</summary>
    HighBar,

    /// <summary>The floor under the athlete.</summary>
    Floor,

    /// <summary>The middle of the top of the box.</summary>
    BoxTop,

    /// <summary>The wall, at the height of its line.</summary>
    WallLine,

    /// <summary>The target.</summary>
    Target,

    /// <summary>A line across the floor.</summary>
    FloorLine,

    /// <summary>The seat of a machine.</summary>
    Seat,
}

/// <summary>A side of the body.</summary>
public enum Side
{
    /// <summary>The side nearer to who looks, in the side view.</summary>
    Near,

    /// <summary>The far side.</summary>
    Far,
}

/// <summary>A joint with one angle of flexion, in degrees; 0 is straight.</summary>
public enum Joint
{
    /// <summary>Elbow: 0 straight, growing as the hand comes to the shoulder.</summary>
    Elbow,

    /// <summary>Shoulder: 0 with the arm along the trunk, 90 in front, 180 overhead.</summary>
    Shoulder,

    /// <summary>Hip: 0 with the thigh in line with the trunk, growing as the knee comes to the chest.</summary>
    Hip,

    /// <summary>Knee: 0 straight, growing as the heel comes to the seat.</summary>
    Knee,

    /// <summary>Ankle: 0 with the foot square to the shank, growing as the toes come up.</summary>
    Ankle,

    /// <summary>The lean of the trunk from upright, forward positive: 0 upright, 90 lying face down, −90 lying on the back, 180 head
    /// down.</summary>
    Trunk,

    /// <summary>The head against the trunk, forward positive.</summary>
    Neck,
}

/// <summary>A point in millimetres: forward, up, and out towards the near side.</summary>
public readonly record struct Spot(double X, double Y, double Z)
{
    /// <summary>The distance in the plane of the side view.</summary>
    public double Beside(Spot other) => Math.Sqrt(((X - other.X) * (X - other.X)) + ((Y - other.Y) * (Y - other.Y)));
}
