namespace FairCompass.Core.Standards.Figures;

/// <summary>The two bones that meet in a joint.</summary>
/// <param name="At">Where they meet.</param>
/// <param name="Beyond">The end of the bone that the angle turns, away from the trunk.</param>
/// <param name="Before">The end of the other; null where the trunk or the head turns as a whole.</param>
/// <param name="Sense">1 where a growing angle turns <paramref name="Beyond"/> from below to the front, −1 where it turns back.</param>
internal sealed record Hinge(Part At, Part Beyond, Part? Before, int Sense)
{
    /// <summary>The bones of a joint, as <see cref="Joint"/> counts its angle.</summary>
    public static Hinge Of(Joint joint) =>
        joint switch
        {
            Joint.Elbow => new(Part.Elbow, Part.Wrist, Part.Shoulder, 1),
            Joint.Shoulder => new(Part.Shoulder, Part.Elbow, Part.Hip, 1),
            Joint.Hip => new(Part.Hip, Part.Knee, Part.Shoulder, 1),
            Joint.Knee => new(Part.Knee, Part.Ankle, Part.Hip, -1),
            Joint.Ankle => new(Part.Ankle, Part.Toe, Part.Knee, 1),
            Joint.Trunk => new(Part.Hip, Part.Shoulder, null, -1),
            _ => new(Part.Shoulder, Part.Crown, null, -1),
        };

    /// <summary>
    /// Where a bone lies after some more degrees: the one that moves when the joint does, as the other is held by what the body stands on
    /// or hangs from.
    /// </summary>
    /// <param name="scene">The scene.</param>
    /// <param name="side">Which side.</param>
    /// <param name="degrees">By how much the angle grows; negative when it falls.</param>
    public Limit.Ray Turned(Scene scene, Side side, double degrees)
    {
        var (end, sense) = Before is { } before && IsHeld(scene.Pose.Anchor) ? (before, -Sense) : (Beyond, Sense);
        var (from, to) = (scene.At(At, side), scene.At(end, side));
        var (sin, cos) = Math.SinCos(sense * degrees * Math.PI / 180);
        var (x, y) = (to.X - from.X, to.Y - from.Y);
        return new(from, new(from.X + (x * cos) - (y * sin), from.Y + (x * sin) + (y * cos), to.Z));
    }

    /// <summary>Whether what lies beyond the joint is held: legs by feet that stand, arms by hands that hang or support.</summary>
    private bool IsHeld(Part anchor) =>
        At switch
        {
            Part.Hip or Part.Knee or Part.Ankle => anchor is Part.Toe or Part.Heel or Part.MidFoot or Part.Ankle or Part.Knee,
            _ => anchor is Part.Palm or Part.Wrist or Part.Elbow,
        };
}
