namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>Poses between poses. Every angle is given in them: nothing is solved for any more.</summary>
public static class Blend
{
    /// <summary>A placed pose that stands on another part, in the same place.</summary>
    /// <param name="scene">The placed pose.</param>
    /// <param name="anchor">The part of the near side that it stands on first now on.</param>
    public static Pose On(Scene scene, Part anchor)
    {
        var at = scene.At(anchor);
        return OwnPose.Freed(scene.Pose) with
        {
            Anchor = anchor,
            X = at.X / scene.Body.Stature,
            Y = at.Y,
            Lift = 0,
            LoadAt = scene.Pose.Carried == Carried.Apart ? Load(scene, at.X) : null,
        };
    }

    /// <summary>The pose a part of the way from one to another.</summary>
    /// <param name="first">Where the way begins; it says what the pose stands on and how the load is carried.</param>
    /// <param name="to">Where it ends, standing on the same part.</param>
    /// <param name="share">0 for the first, 1 for the second; beyond both it goes on the same way.</param>
    /// <param name="farLeg">The share for the far leg, where that is earlier or later; null for the same.</param>
    public static Pose Between(Pose first, Pose to, double share, double? farLeg = null) =>
        first with
        {
            Trunk = Mix(first.Trunk, to.Trunk, share),
            Neck = Mix(first.Neck, to.Neck, share),
            Near = Mix(first.Near, to.Near, share),
            Far = Mix(first.Far, to.Far, share),
            NearLeg = Mix(first.NearLeg, to.NearLeg, share),
            FarLeg = Mix(first.FarLeg, to.FarLeg, farLeg ?? share),
            X = Mix(first.X, to.X, share),
            Y = Mix(first.Y, to.Y, share),
            Lift = Mix(first.Lift, to.Lift, share),
            Passing = first.Carried == to.Carried ? first.Passing : (to.Carried, share),
            LoadAt = first.LoadAt is { } a && to.LoadAt is { } b ? new(Mix(a.X, b.X, share), Mix(a.Y, b.Y, share)) : first.LoadAt,
        };

    private static LoadPlace? Load(Scene scene, double anchor) =>
        scene.Has(Part.Load) && scene.At(Part.Load) is var load ? new((load.X - anchor) / scene.Body.Stature, load.Y) : null;

    private static double Mix(double a, double b, double share) => a + ((b - a) * share);

    private static Arm Mix(Arm a, Arm b, double share) =>
        new(Mix(a.Shoulder, b.Shoulder, share), Mix(a.Elbow, b.Elbow, share), Mix(a.Out, b.Out, share));

    private static Leg Mix(Leg a, Leg b, double share) =>
        new(Mix(a.Hip, b.Hip, share), Mix(a.Knee, b.Knee, share), Mix(a.Ankle, b.Ankle, share), Mix(a.Out, b.Out, share));
}
