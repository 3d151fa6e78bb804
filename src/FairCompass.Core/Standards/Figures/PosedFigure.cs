using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>Types an angle.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Side">Which side; null for both.</param>
/// <param name="Degrees">Within <see cref="JointRange"/>.</param>
public sealed record TurnJoint(Joint Joint, Side? Side, decimal Degrees);

/// <summary>Drags a part towards a point.</summary>
/// <param name="Part">One of the handles.</param>
/// <param name="Side">Its side.</param>
/// <param name="Both">True turns the other side alike.</param>
/// <param name="X">Forward, millimetres.</param>
/// <param name="Y">Downwards as on paper, millimetres.</param>
public sealed record DragPart(Part Part, Side Side, bool Both, decimal X, decimal Y);

/// <summary>What is to be done with one position of a standard that is being written; at most one of the changes.</summary>
/// <param name="Phase">Start, through, or finish.</param>
/// <param name="Breaks">The clause of a fault pose; null for the good position.</param>
/// <param name="Stature">Millimetres, within the limits of <see cref="Body"/>.</param>
public sealed record PoseChange(Phase Phase, string? Breaks, decimal Stature)
{
    /// <summary>An angle that was typed.</summary>
    public TurnJoint? Turn { get; init; }

    /// <summary>A part that was dragged.</summary>
    public DragPart? Drag { get; init; }

    /// <summary>A part that is to come to a height.</summary>
    public Reach? Reach { get; init; }
}

/// <summary>A position that is being posed: drawn, with its handles, and with what every clause says of it.</summary>
/// <param name="Angles">Every angle.</param>
/// <param name="Drawing">The figure.</param>
/// <param name="Handles">What can be dragged.</param>
/// <param name="Verdicts">What the clauses of the phase say.</param>
public sealed record PosedFigure(Eq<JointAngle> Angles, Drawing Drawing, Eq<Handle> Handles, Eq<Verdict> Verdicts)
{
    /// <summary>The position after a change.</summary>
    /// <param name="movement">The standard that is being written; its own positions lie over those of its motion.</param>
    /// <param name="change">The position and what is done with it.</param>
    /// <param name="objection">The field that cannot be taken and why; null when the position could be drawn.</param>
    /// <returns>Null with an objection.</returns>
    public static PosedFigure? Of(Movement movement, PoseChange change, out (string Field, string Sentence)? objection)
    {
        objection = null;
        if (Body.Objection((double)change.Stature) is { } stature)
        {
            objection = ("stature", stature);
            return null;
        }

        var body = new Body((double)change.Stature);
        if (Motion.Of(movement, body) is not { } motion)
        {
            objection = ("motion", "Begin from a movement that has figures.");
            return null;
        }

        var pose = change.Breaks is { } broken
            ? motion.Faults.FirstOrDefault(f => f.Clause == broken)?.Pose ?? motion.At(change.Phase)
            : motion.At(change.Phase);
        if (pose is null)
        {
            objection = ("phase", "Figures show the start, the way, and the finish.");
            return null;
        }

        if (Scene.Place(body, pose, motion.Around, out var cannot) is not { } placed)
        {
            objection = ("stature", cannot!);
            return null;
        }

        if (Moved(body, OwnPose.Freed(placed.Pose), motion, change, out objection) is not { } free)
        {
            return null;
        }

        // What is kept is what is printed: angles to a tenth of a degree.
        var angles = OwnPose.AnglesOf(free);
        var scene = Scene.Place(body, new OwnPose(change.Phase, change.Breaks, angles).On(free), motion.Around, out _)!;
        var marked = movement.Clauses.FirstOrDefault(c =>
            (change.Breaks is null ? c.Phase == change.Phase : c.Id == change.Breaks) && c.Holds is not null
        );
        return new(
            angles,
            Draughtsman.Draw(scene, View.Side, marked?.Holds),
            Posing.Handles(scene),
            Plate.Judge(movement.Clauses, change.Phase, scene)
        );
    }

    /// <summary>The position as it was turned, dragged or brought to a height; null with an objection.</summary>
    private static Pose? Moved(Body body, Pose free, Motion motion, PoseChange change, out (string Field, string Sentence)? objection)
    {
        objection = null;
        if (change.Turn is { } turn)
        {
            if (JointRange.Objection(turn.Joint, turn.Degrees) is { } range)
            {
                objection = ("turn.degrees", range);
                return null;
            }

            free = Posing.Turn(free, turn.Joint, turn.Side, (double)turn.Degrees);
        }
        else if (change.Drag is { } drag)
        {
            if (!Posing.IsHandle(drag.Part))
            {
                objection = ("drag.part", "Only elbows, hands, shoulders, hips, knees, ankles, toes and the head can be dragged.");
                return null;
            }

            if (Math.Max(Math.Abs(drag.X), Math.Abs(drag.Y)) > Posing.Farthest)
            {
                objection = ("drag", $"A part is dragged at most {Posing.Farthest} mm away.");
                return null;
            }

            free = Posing.Drag(body, free, motion.Around, drag.Part, drag.Side, drag.Both, (double)drag.X, (double)drag.Y);
        }
        else if (change.Reach is { } reach)
        {
            if (!Posing.IsHandle(reach.Part))
            {
                objection = (
                    "reach.part",
                    "Only elbows, hands, shoulders, hips, knees, ankles, toes and the head can be brought to a height."
                );
                return null;
            }

            if (Math.Abs(reach.Height) > Posing.Farthest)
            {
                objection = ("reach.height", $"At most {Posing.Farthest} mm above the floor.");
                return null;
            }

            if (Posing.Bring(body, free, motion.Around, reach, out var apart) is not { } met)
            {
                objection = ("reach.height", apart!);
                return null;
            }

            free = met;
        }

        return free;
    }
}
