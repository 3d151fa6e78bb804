using CsCheck;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Tests.Figures;

/// <summary>Posing a figure: angles typed, joints dragged, parts brought to a height; bones keep their lengths.</summary>
public class PosingTests
{
    private static readonly Body Person = new(Body.Usual);

    private static Movement Squat => MovementLibrary.ById("front-squat")!;

    private static PoseChange At(Phase phase, string? breaks = null) => new(phase, breaks, 1750);

    private static PosedFigure Posed(Movement m, PoseChange change) =>
        PosedFigure.Of(m, change, out var objection) ?? throw new InvalidOperationException(objection?.Sentence);

    private static Movement With(Movement m, PosedFigure posed, Phase phase, string? breaks = null) =>
        m with
        {
            Poses = [.. m.Poses.Where(p => p.Phase != phase || p.Breaks != breaks), new(phase, breaks, posed.Angles)],
        };

    private static readonly List<Movement> Drawn = [.. MovementLibrary.All.Where(m => m.Motion is not null)];

    public static TheoryData<string> Movements => [.. Drawn.Select(m => m.Id)];

    /// <summary>Taking a pose as it is changes nothing: every angle is given, and every clause decides as before.</summary>
    [Theory]
    [MemberData(nameof(Movements))]
    public void A_pose_written_down_as_angles_is_the_same_pose(string id)
    {
        var movement = MovementLibrary.ById(id)!;
        var plate = Plate.Of(movement)!;
        var own = new[] { Phase.Start, Phase.Through, Phase.Finish }.Aggregate(movement, (m, phase) => With(m, Posed(m, At(phase)), phase));
        var posed = Plate.Of(own)!;
        Assert.Equal(
            plate.Positions.SelectMany(p => p.Verdicts).Select(v => (v.Clause, v.Holds)),
            posed.Positions.SelectMany(p => p.Verdicts).Select(v => (v.Clause, v.Holds))
        );
        Assert.All(own.Poses.SelectMany(p => p.Angles), a => Assert.Null(JointRange.Objection(a.Joint, a.Degrees)));
    }

    [Fact]
    public void Turning_the_knee_past_the_limit_flips_the_verdict_and_flat_feet_stay_flat()
    {
        var low = Posed(Squat, At(Phase.Through));
        Assert.True(low.Verdicts.Single(v => v.Clause == "depth").Holds);
        var high = Posed(Squat, At(Phase.Through) with { Turn = new(Joint.Knee, null, 70) });
        Assert.False(high.Verdicts.Single(v => v.Clause == "depth").Holds);
        Assert.Equal(70, high.Angles.Single(a => a is { Joint: Joint.Knee, Side: Side.Near }).Degrees);
        Assert.Equal(
            high.Handles.Single(h => h is { Part: Part.Toe, Side: Side.Near }).Y,
            low.Handles.Single(h => h is { Part: Part.Toe, Side: Side.Near }).Y
        );
    }

    /// <summary>Dragging a part to where a typed angle puts it gives that angle back.</summary>
    [Theory]
    [InlineData("pull-up", Phase.Start, Part.Knee, Joint.Hip, 40)]
    [InlineData("front-squat", Phase.Finish, Part.Elbow, Joint.Shoulder, 40)]
    [InlineData("pull-up", Phase.Start, Part.Ankle, Joint.Knee, 80)]
    [InlineData("push-press", Phase.Finish, Part.Palm, Joint.Elbow, 60)]
    [InlineData("push-press", Phase.Finish, Part.Crown, Joint.Neck, 25)]
    public void Dragging_finds_the_angle(string id, Phase phase, Part part, Joint joint, int degrees)
    {
        var movement = MovementLibrary.ById(id)!;
        var turned = Posed(movement, At(phase) with { Turn = new(joint, null, degrees) });
        var to = turned.Handles.Single(h => h.Part == part && h.Side == Side.Near);
        var dragged = Posed(movement, At(phase) with { Drag = new(part, Side.Near, true, to.X, to.Y) });
        var at = dragged.Handles.Single(h => h.Part == part && h.Side == Side.Near);
        Assert.InRange(Math.Sqrt(Math.Pow(at.X - to.X, 2) + Math.Pow(at.Y - to.Y, 2)), 0, 12);
        Assert.InRange(Math.Abs(dragged.Angles.Single(a => a.Joint == joint && a.Side == Side.Near).Degrees - degrees), 0, 2);
    }

    /// <summary>Wherever a joint is dragged, no bone changes its length and every angle can be drawn.</summary>
    [Fact]
    public void Bones_keep_their_lengths_wherever_a_joint_is_dragged() =>
        Gen.Select(Gen.Int[0, Drawn.Count - 1], Gen.Int[0, 2], Gen.Int[0, 7], Gen.Int[-1500, 1500], Gen.Int[-2500, 100], Gen.Bool)
            .Sample(
                (m, p, part, x, y, both) =>
                {
                    var movement = Drawn[m];
                    var phase = new[] { Phase.Start, Phase.Through, Phase.Finish }[p];
                    var parts = new[] { Part.Elbow, Part.Palm, Part.Knee, Part.Ankle, Part.Toe, Part.Hip, Part.Shoulder, Part.Crown };
                    var posed = Posed(movement, At(phase) with { Drag = new(parts[part], Side.Near, both, x, y) });
                    var motion = MotionLibrary.Find(movement.Motion)!;
                    var scene = Scene.Place(Person, new OwnPose(phase, null, posed.Angles).On(motion.At(phase)!), motion.Around, out _)!;
                    return posed.Angles.All(a => JointRange.Objection(a.Joint, a.Degrees) is null)
                        && Near(Apart(scene, Part.Hip, Part.Knee), Person.Of(Body.Thigh))
                        && Near(Apart(scene, Part.Knee, Part.Ankle), Person.Of(Body.Shank))
                        && Near(Apart(scene, Part.Shoulder, Part.Elbow), Person.Of(Body.UpperArm))
                        && Near(Apart(scene, Part.Elbow, Part.Wrist), Person.Of(Body.Forearm));
                },
                iter: 300
            );

    private static double Apart(Scene scene, Part a, Part b)
    {
        var (p, q) = (scene.At(a), scene.At(b));
        return Math.Sqrt(Math.Pow(p.X - q.X, 2) + Math.Pow(p.Y - q.Y, 2) + Math.Pow(p.Z - q.Z, 2));
    }

    private static bool Near(double a, double b) => Math.Abs(a - b) < 0.01;

    [Fact]
    public void A_part_is_brought_to_a_height_and_out_of_reach_it_says_how_far()
    {
        var deadlift = MovementLibrary.ById("deadlift")!;
        var brought = Posed(deadlift, At(Phase.Start) with { Reach = new(Part.Palm, 300, Joint.Hip) });
        Assert.InRange(-brought.Handles.Single(h => h is { Part: Part.Palm, Side: Side.Near }).Y, 297, 303);
        Assert.Null(PosedFigure.Of(deadlift, At(Phase.Start) with { Reach = new(Part.Palm, 4000, Joint.Hip) }, out var objection));
        Assert.Equal("reach.height", objection!.Value.Field);
        Assert.Matches("^The bones cannot meet: the hand stays \\d+ mm away from 4000 mm.$", objection.Value.Sentence);
    }

    [Theory]
    [InlineData(0, "stature")]
    [InlineData(3000, "stature")]
    public void A_stature_that_nobody_has_is_refused_at_its_field(int stature, string field)
    {
        Assert.Null(PosedFigure.Of(Squat, new(Phase.Start, null, stature), out var objection));
        Assert.Equal(field, objection!.Value.Field);
    }

    [Fact]
    public void What_cannot_be_posed_is_refused_at_its_field()
    {
        Assert.Null(PosedFigure.Of(Squat, At(Phase.Between), out var phase));
        Assert.Equal("phase", phase!.Value.Field);
        Assert.Null(PosedFigure.Of(Squat with { Motion = null }, At(Phase.Start), out var motion));
        Assert.Equal("motion", motion!.Value.Field);
        Assert.Null(PosedFigure.Of(Squat, At(Phase.Start) with { Turn = new(Joint.Elbow, null, 400) }, out var angle));
        Assert.Equal("turn.degrees", angle!.Value.Field);
    }

    [Fact]
    public void A_fault_of_ones_own_stands_beside_the_good_pose()
    {
        var posed = Posed(Squat, At(Phase.Through, "depth") with { Turn = new(Joint.Knee, null, 60) });
        var own = With(Squat, posed, Phase.Through, "depth");
        var faults = Plate.Of(own)!.Faults.Where(f => f.Clause == "depth").ToList();
        Assert.Equal([true, false], faults.Select(f => f.Good));
        Assert.True(faults[0].Verdicts.Single(v => v.Clause == "depth").Holds);
        Assert.False(faults[1].Verdicts.Single(v => v.Clause == "depth").Holds);
        Assert.Equal(60, Math.Round(faults[1].Pose.NearLeg.Knee));
    }
}
