using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>
/// How one athlete does a movement: nobody is built, stands, or moves like the next. The spreads are assumptions of ours, wide enough
/// that a run is not known again and narrow enough that no clause is broken by them alone.
/// </summary>
/// <param name="Stature">Millimetres.</param>
/// <param name="Tempo">The time a rep takes, as a share of the usual.</param>
/// <param name="Stance">How far out of the side plane the legs stand, degrees.</param>
/// <param name="Grip">How far out of the side plane the arms are, degrees.</param>
/// <param name="Knee">How much more the knees bend where they are bent, degrees.</param>
/// <param name="Hip">How much more the hips bend where they are bent, degrees.</param>
/// <param name="Ankle">How much more the ankles bend where they are bent, degrees.</param>
/// <param name="Neck">How the head is held, degrees.</param>
public sealed record Variety(double Stature, double Tempo, double Stance, double Grip, double Knee, double Hip, double Ankle, double Neck)
{
    /// <summary>A middle-sized athlete with no ways of their own.</summary>
    public static Variety None { get; } = new(Body.Usual, 1, 0, 0, 0, 0, 0, 0);

    /// <summary>The athlete of a seed; the same for the same seed.</summary>
    public static Variety Of(Pcg32 random) =>
        new(
            random.Middling(1540, 1960),
            random.Middling(800, 1250) / 1000.0,
            random.Middling(0, 120) / 10.0,
            random.Middling(0, 80) / 10.0,
            random.Between(-50, 50) / 10.0,
            random.Between(-40, 40) / 10.0,
            random.Between(-25, 25) / 10.0,
            random.Between(-80, 80) / 10.0
        );

    /// <summary>The same athlete with a part of the ways of their own; stature and tempo stay.</summary>
    /// <param name="share">From 0 to 1.</param>
    public Variety Less(double share) =>
        this with
        {
            Stance = Stance * share,
            Grip = Grip * share,
            Knee = Knee * share,
            Hip = Hip * share,
            Ankle = Ankle * share,
            Neck = Neck * share,
        };

    /// <summary>A placed pose as this athlete takes it. What is straight stays straight; hands and feet that hold stay where they
    /// are.</summary>
    public Pose On(Pose pose)
    {
        var near = Of(pose.NearLeg);
        var turned = pose with
        {
            Neck = pose.Neck + Neck,
            NearLeg = near,
            FarLeg = Of(pose.FarLeg),
            Near = pose.Near with { Out = pose.Near.Out + (Grip * Bend(180 - Math.Abs(pose.Near.Shoulder))) },
            Far = pose.Far with { Out = pose.Far.Out + (Grip * Bend(180 - Math.Abs(pose.Far.Shoulder))) },
        };
        var was = pose.NearLeg.Hip - pose.NearLeg.Knee + pose.NearLeg.Ankle;
        // Feet that stand flat stay flat.
        return pose.Anchor == Part.MidFoot && Math.Abs(pose.Trunk - was) < 0.5
            ? turned with
            {
                Trunk = near.Hip - near.Knee + near.Ankle,
            }
            : turned with
            {
                NearLeg = pose.NearLeg with { Out = near.Out },
                FarLeg = pose.FarLeg with { Out = turned.FarLeg.Out },
            };
    }

    private Leg Of(Leg leg) =>
        new(
            leg.Hip + (Hip * Bend(leg.Hip)),
            leg.Knee + (Knee * Bend(leg.Knee)),
            leg.Ankle + (Ankle * Bend(leg.Ankle * 3)),
            leg.Out + Stance
        );

    /// <summary>0 for a straight joint, growing to 1 at 45° and beyond.</summary>
    private static double Bend(double degrees) => Math.Clamp(Math.Abs(degrees) / 45, 0, 1);
}
