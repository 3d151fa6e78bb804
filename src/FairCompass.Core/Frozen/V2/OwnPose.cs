using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// A position that the author of a standard posed.

internal enum Side
{
    Near,
    Far,
}

internal enum Joint
{
    Elbow,
    Shoulder,
    Hip,
    Knee,
    Ankle,
    Trunk,
    Neck,
}

internal sealed record JointAngle(Joint Joint, Side Side, decimal Degrees);

internal sealed record OwnPose(Phase Phase, string? Breaks, Eq<JointAngle> Angles);
