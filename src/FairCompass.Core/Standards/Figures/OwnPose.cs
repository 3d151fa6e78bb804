using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>An angle of one joint.</summary>
/// <param name="Joint">Which joint.</param>
/// <param name="Side">Which side; trunk and neck have one angle, given for the near side.</param>
/// <param name="Degrees">As <see cref="Figures.Joint"/> says, within <see cref="JointRange"/>.</param>
public sealed record JointAngle(Joint Joint, Side Side, decimal Degrees);

/// <summary>A position that the author of a standard posed: what is not named stays as the motion has it.</summary>
/// <param name="Phase">Start, through, or finish.</param>
/// <param name="Breaks">For a typical fault the clause that it breaks; null for the good position of the phase.</param>
/// <param name="Angles">The angles.</param>
public sealed record OwnPose(Phase Phase, string? Breaks, Eq<JointAngle> Angles)
{
    /// <summary>The angles of a pose, every joint once, the neck last.</summary>
    public static Eq<JointAngle> AnglesOf(Pose pose) =>
        Both.SelectMany(j => new[] { Side.Near, Side.Far }.Select(s => new JointAngle(j, s, Rounded(pose.Angle(j, s)))))
            .Concat(new[] { Joint.Trunk, Joint.Neck }.Select(j => new JointAngle(j, Side.Near, Rounded(pose.Angle(j, Side.Near)))))
            .ToEq();

    /// <summary>A pose with these angles. It is free: no angle is solved for, and arms no longer hang by themselves.</summary>
    /// <param name="pose">As it was placed, so that solved angles are in it.</param>
    public Pose On(Pose pose) =>
        Angles.Aggregate(Freed(pose), (p, a) => p.Turn(a.Joint, a.Side, (double)JointRange.Within(a.Joint, a.Degrees)));

    /// <summary>The same position with every angle given.</summary>
    public static Pose Freed(Pose pose) =>
        pose with
        {
            Fit = null,
            Plumb = false,
            Near = pose.Plumb ? pose.Near with { Shoulder = pose.Trunk } : pose.Near,
            Far = pose.Plumb ? pose.Far with { Shoulder = pose.Trunk } : pose.Far,
        };

    private static readonly Joint[] Both = [Joint.Shoulder, Joint.Elbow, Joint.Hip, Joint.Knee, Joint.Ankle];

    private static decimal Rounded(double degrees) => Math.Round((decimal)degrees, 1);
}

/// <summary>How far joints are bent in figures: wider than common ranges of motion, so that a fault can be drawn; the limits are
/// assumptions of ours.</summary>
public static class JointRange
{
    /// <summary>The least and the largest angle of a joint, degrees.</summary>
    public static (int Least, int Most) Of(Joint joint) =>
        joint switch
        {
            Joint.Elbow => (-15, 180),
            Joint.Shoulder => (-120, 240),
            Joint.Hip => (-60, 190),
            Joint.Knee => (-15, 170),
            Joint.Ankle => (-70, 60),
            Joint.Trunk => (-180, 200),
            _ => (-80, 80),
        };

    /// <summary>The angle, or the limit that it lies beyond.</summary>
    public static decimal Within(Joint joint, decimal degrees) => Math.Clamp(degrees, Of(joint).Least, Of(joint).Most);

    /// <summary>Why an angle cannot be drawn; null when it can.</summary>
    public static string? Objection(Joint joint, decimal degrees)
    {
        var (least, most) = Of(joint);
        return degrees >= least && degrees <= most ? null : $"The {joint.ToString().ToLowerInvariant()} is drawn from {least}° to {most}°.";
    }
}
