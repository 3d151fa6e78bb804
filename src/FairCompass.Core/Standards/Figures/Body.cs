namespace FairCompass.Core.Standards.Figures;

/// <summary>
/// A proportionate body. Segment lengths are fractions of stature after R. Drillis and R. Contini, “Body Segment
/// Parameters”, Technical Report 1166.03, New York University, 1966, as commonly reprinted; the values are from memory.
/// Landmarks that the report does not give are assumptions of ours and marked so.
/// </summary>
/// <param name="Stature">Standing height in millimetres, from <see cref="Shortest"/> to <see cref="Tallest"/>.</param>
public sealed record Body(double Stature)
{
    /// <summary>The shortest stature drawn, in millimetres.</summary>
    public const double Shortest = 1200;

    /// <summary>The tallest stature drawn, in millimetres.</summary>
    public const double Tallest = 2300;

    /// <summary>The stature used where nobody chooses one, in millimetres.</summary>
    public const double Usual = 1750;

    /// <summary>Sole to ankle joint, fraction of stature (Drillis and Contini).</summary>
    public const double AnkleHeight = 0.039;

    /// <summary>Ankle to knee joint: 0.285 − 0.039 (Drillis and Contini).</summary>
    public const double Shank = 0.246;

    /// <summary>Knee to hip joint: 0.530 − 0.285 (Drillis and Contini).</summary>
    public const double Thigh = 0.245;

    /// <summary>Hip joint to shoulder: 0.818 − 0.530 (Drillis and Contini).</summary>
    public const double Trunk = 0.288;

    /// <summary>Shoulder to chin: 0.870 − 0.818 (Drillis and Contini).</summary>
    public const double ShoulderToChin = 0.052;

    /// <summary>Chin to crown: 1 − 0.870 (Drillis and Contini).</summary>
    public const double ChinToCrown = 0.130;

    /// <summary>Shoulder to elbow (Drillis and Contini).</summary>
    public const double UpperArm = 0.186;

    /// <summary>Elbow to wrist (Drillis and Contini).</summary>
    public const double Forearm = 0.146;

    /// <summary>Wrist to fingertip (Drillis and Contini).</summary>
    public const double Hand = 0.108;

    /// <summary>Heel to toe (Drillis and Contini).</summary>
    public const double Foot = 0.152;

    /// <summary>Half the breadth of the shoulders: 0.259 / 2 (Drillis and Contini).</summary>
    public const double HalfShoulders = 0.1295;

    /// <summary>Half the breadth of the hips: 0.191 / 2 (Drillis and Contini).</summary>
    public const double HalfHips = 0.0955;

    /// <summary>Wrist to the middle of a closed hand: half the hand (assumption).</summary>
    public const double Palm = Hand / 2;

    /// <summary>Ankle joint to the back of the heel, along the sole (assumption).</summary>
    public const double HeelBehindAnkle = 0.04;

    /// <summary>The fold of the hip in front of the hip joint, square to the trunk (assumption).</summary>
    public const double CreaseInFront = 0.03;

    /// <summary>The upper edge of the bent knee from the knee joint, square to the thigh on its front side (assumption).</summary>
    public const double KneeTop = 0.028;

    /// <summary>The front of the chest in front of the line of the trunk (assumption).</summary>
    public const double ChestInFront = 0.065;

    /// <summary>The chest’s point of contact, as a part of the way from hip to shoulder (assumption).</summary>
    public const double ChestUp = 0.80;

    /// <summary>The chin in front of the line of the neck (assumption).</summary>
    public const double ChinInFront = 0.045;

    /// <summary>Why a stature cannot be drawn; null when it can.</summary>
    public static string? Objection(double stature) =>
        double.IsFinite(stature) && stature is >= Shortest and <= Tallest ? null : "A stature is from 1.20 m to 2.30 m.";

    /// <summary>A length of the body in millimetres.</summary>
    /// <param name="fraction">Of stature.</param>
    public double Of(double fraction) => fraction * Stature;
}
