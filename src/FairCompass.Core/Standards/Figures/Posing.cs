using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>A point of a drawn body that can be taken and dragged.</summary>
/// <param name="Part">Which.</param>
/// <param name="Side">Of which side.</param>
/// <param name="X">Forward, millimetres.</param>
/// <param name="Y">Downwards as on paper, millimetres.</param>
public sealed record Handle(Part Part, Side Side, int X, int Y);

/// <summary>Brings a part to a height by turning one joint of both sides.</summary>
/// <param name="Part">What is brought.</param>
/// <param name="Height">Millimetres above the floor.</param>
/// <param name="Turn">The joint that is turned.</param>
public sealed record Reach(Part Part, decimal Height, Joint Turn);

/// <summary>Changes of a pose: an angle typed, a joint dragged, a part brought to a height. Bones keep their lengths in all of
/// them.</summary>
public static class Posing
{
    /// <summary>The parts that can be dragged, each with the joints that may follow: the nearer first.</summary>
    private static readonly Dictionary<Part, Joint[]> Follows = new()
    {
        [Part.Elbow] = [Joint.Shoulder],
        [Part.Palm] = [Joint.Elbow, Joint.Shoulder],
        [Part.Knee] = [Joint.Hip, Joint.Ankle],
        [Part.Ankle] = [Joint.Knee],
        [Part.Toe] = [Joint.Ankle],
        [Part.Hip] = [Joint.Knee, Joint.Ankle, Joint.Shoulder, Joint.Trunk],
        [Part.Shoulder] = [Joint.Trunk, Joint.Hip],
        [Part.Crown] = [Joint.Neck],
    };

    /// <summary>How far away from the middle of the floor a part is asked to, millimetres: beyond every figure.</summary>
    public const int Farthest = 10_000;

    /// <summary>True for a part that can be dragged or brought to a height.</summary>
    public static bool IsHandle(Part part) => Follows.ContainsKey(part);

    /// <summary>The handles of a scene in the side view.</summary>
    public static Eq<Handle> Handles(Scene scene) =>
        Follows
            .Keys.SelectMany(p => (p is Part.Crown ? [Side.Near] : new[] { Side.Far, Side.Near }).Select(s => (p, s, at: scene.At(p, s))))
            .Select(x => new Handle(x.p, x.s, (int)Math.Round(x.at.X), (int)Math.Round(-x.at.Y)))
            .ToEq();

    /// <summary>A pose with one angle typed.</summary>
    /// <param name="pose">With every angle given.</param>
    /// <param name="joint">The joint.</param>
    /// <param name="side">Which side; null for both.</param>
    /// <param name="degrees">Within <see cref="JointRange"/>; what lies outside is taken to its limit.</param>
    public static Pose Turn(Pose pose, Joint joint, Side? side, double degrees)
    {
        var (least, most) = JointRange.Of(joint);
        var angle = Math.Clamp(degrees, least, most);
        if (joint is Joint.Trunk or Joint.Neck)
        {
            return pose.Turn(joint, Side.Near, angle);
        }

        var turned = side is { } one ? pose.Turn(joint, one, angle) : pose.Turn(joint, Side.Near, angle).Turn(joint, Side.Far, angle);
        // Feet that stand flat stay flat: the trunk follows when the leg that carries the body turns.
        return pose.Anchor == Part.MidFoot && side is not Side.Far && IsFlat(pose) && joint is Joint.Hip or Joint.Knee or Joint.Ankle
            ? turned with
            {
                Trunk = Math.Clamp(Flat(turned), -180, 200),
            }
            : turned;
    }

    /// <summary>A pose with a part dragged towards a point: the joint that brings it nearest turns.</summary>
    /// <param name="body">The body.</param>
    /// <param name="pose">With every angle given.</param>
    /// <param name="around">What stands around.</param>
    /// <param name="part">One of the handles; anything else changes nothing.</param>
    /// <param name="side">Its side.</param>
    /// <param name="both">True turns the other side alike.</param>
    /// <param name="x">Where to, forward, millimetres.</param>
    /// <param name="y">Where to, downwards as on paper, millimetres.</param>
    public static Pose Drag(Body body, Pose pose, Surroundings around, Part part, Side side, bool both, double x, double y)
    {
        double Miss(Pose p) =>
            Scene.Place(body, p, around, out _) is { } scene ? scene.At(part, side).Beside(new(x, -y, 0)) : double.MaxValue;
        var (best, miss) = (pose, Miss(pose));
        foreach (var joint in Follows.GetValueOrDefault(part, []))
        {
            Pose With(double angle) => Turn(pose, joint, both ? null : side, angle);
            var (least, most) = JointRange.Of(joint);
            var coarse = Enumerable.Range(0, ((most - least) / 3) + 1).Select(i => least + (3.0 * i)).MinBy(a => Miss(With(a)));
            var (low, high) = (coarse - 3, coarse + 3);
            // The miss falls and rises once within a few degrees: thirds narrow it down to a tenth of a degree.
            while (high - low > 0.1)
            {
                var (a, b) = (low + ((high - low) / 3), high - ((high - low) / 3));
                (low, high) = Miss(With(a)) <= Miss(With(b)) ? (low, b) : (a, high);
            }

            var found = With((low + high) / 2);
            // A joint further away must do clearly better, or the hand would jump from one joint to another.
            if (Miss(found) < miss - (ReferenceEquals(best, pose) ? 0 : 15))
            {
                (best, miss) = (found, Miss(found));
            }
        }

        return best;
    }

    /// <summary>A pose with a part brought to a height; null with an objection when the bones cannot meet it.</summary>
    public static Pose? Bring(Body body, Pose pose, Surroundings around, Reach reach, out string? objection)
    {
        var (least, most) = JointRange.Of(reach.Turn);
        return
            Scene.Place(body, pose with { Fit = new(reach.Turn, least, most, reach.Part, (double)reach.Height) }, around, out objection)
                is { } scene
            ? OwnPose.Freed(scene.Pose)
            : null;
    }

    private static double Flat(Pose pose) => pose.NearLeg.Hip - pose.NearLeg.Knee + pose.NearLeg.Ankle;

    private static bool IsFlat(Pose pose) => Math.Abs(pose.Trunk - Flat(pose)) < 0.5;
}
