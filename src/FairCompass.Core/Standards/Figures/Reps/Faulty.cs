using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>Looks for a pose that breaks one clause alone, for clauses of which a motion draws no typical fault.</summary>
internal static class Faulty
{
    /// <summary>The drawn fault of a clause, or one that is found; null where neither is.</summary>
    /// <param name="motion">The motion, for this body.</param>
    /// <param name="clause">The clause.</param>
    /// <param name="clauses">What is judged in its phase.</param>
    /// <param name="body">The body.</param>
    /// <param name="good">The good pose, every angle given.</param>
    /// <returns>A pose that stands on the part that the good one stands on.</returns>
    public static Pose? Of(Motion motion, Clause clause, Eq<Clause> clauses, Body body, Pose good)
    {
        if (motion.Faults.FirstOrDefault(f => f.Clause == clause.Id) is { } drawn)
        {
            return Scene.Place(body, drawn.Pose, motion.Around, out _) is { } scene ? Blend.On(scene, good.Anchor) : null;
        }

        return Turned(good)
            .FirstOrDefault(p =>
                Scene.Place(body, p, motion.Around, out _) is { } scene
                && Plate.MarginOf(clause.Holds!, scene) is < -25 and > -400
                && clauses.All(c => c.Id == clause.Id || Plate.MarginOf(c.Holds!, scene) is null or >= 0)
            );
    }

    /// <summary>Poses beside a good one, the likelier faults first: bent elbows, soft legs, arms in front, a trunk that leans.</summary>
    private static IEnumerable<Pose> Turned(Pose good)
    {
        foreach (var elbow in (double[])[40, 60])
        {
            yield return Both(Both(good, Joint.Elbow, elbow), Joint.Shoulder, -elbow / 2);
            yield return Both(good, Joint.Elbow, elbow);
        }

        yield return Soft(good, 34, 30, 14);
        yield return Soft(good, 60, 52, 24);
        foreach (var turn in (double[])[-32, 32, -50, 50, -80, 80])
        {
            yield return Both(good, Joint.Shoulder, turn);
            yield return Both(good, Joint.Hip, turn);
            yield return good with
            {
                Trunk = good.Trunk + turn,
            };
        }

        foreach (var up in (double[])[60, 105, 160])
        {
            yield return good with
            {
                Y = good.Y + up,
            };
            yield return good with
            {
                X = good.X - (up / 300),
            };
        }
    }

    /// <summary>Legs that are not straight; what is overhead stays above the feet.</summary>
    private static Pose Soft(Pose pose, double knee, double hip, double ankle)
    {
        var soft = Posing.Turn(Posing.Turn(Posing.Turn(pose, Joint.Knee, null, knee), Joint.Hip, null, hip), Joint.Ankle, null, ankle);
        return pose.Near.Shoulder > 150 ? Both(soft, Joint.Shoulder, soft.Trunk - pose.Trunk) : soft;
    }

    private static Pose Both(Pose pose, Joint joint, double by) =>
        pose.Turn(joint, Side.Near, pose.Angle(joint, Side.Near) + by).Turn(joint, Side.Far, pose.Angle(joint, Side.Far) + by);
}
