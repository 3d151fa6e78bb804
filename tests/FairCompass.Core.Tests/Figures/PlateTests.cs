using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Tests.Figures;

/// <summary>Every figure is decided by the clauses it illustrates.</summary>
public class PlateTests
{
    public static TheoryData<string, double> All
    {
        get
        {
            var data = new TheoryData<string, double>();
            foreach (var m in MovementLibrary.All.Where(x => x.Motion is not null))
            {
                data.Add(m.Id, 1500);
                data.Add(m.Id, Body.Usual);
                data.Add(m.Id, 2000);
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(All))]
    public void A_good_pose_keeps_every_clause_and_a_fault_breaks_exactly_its_own(string id, double stature)
    {
        var movement = MovementLibrary.ById(id)!;
        var plate = Plate.Of(movement, stature)!;
        Assert.Equal(3, plate.Positions.Count);
        Assert.All(plate.Positions, p => Assert.All(p.Verdicts, v => Assert.True(v.Holds, $"{p.Phase} {v.Clause} by {v.Margin}")));
        var faults = plate.Faults.Where(f => !f.Good).ToList();
        Assert.Equal(movement.Clauses.Any(c => c.Holds is not null), faults.Count > 0);
        Assert.All(faults, f => Assert.Equal([f.Clause!], f.Verdicts.Where(v => !v.Holds).Select(v => v.Clause)));
        Assert.Equal(faults.Count, plate.Faults.Count(f => f.Good));
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Every_clause_that_a_pose_can_decide_is_decided(string id, double stature)
    {
        var movement = MovementLibrary.ById(id)!;
        var decided = Plate.Of(movement, stature)!.Positions.SelectMany(p => p.Verdicts).Select(v => v.Clause).ToHashSet();
        Assert.All(movement.Clauses.Where(c => c.Holds is not null), c => Assert.Contains(c.Id, decided));
    }

    [Fact]
    public void Moving_a_joint_past_its_limit_flips_the_verdict_once()
    {
        var motion = MotionLibrary.Find("front-squat")!;
        var depth = MovementLibrary.ById("front-squat")!.Clauses.Single(c => c.Id == "depth").Holds!;
        var verdicts = Enumerable
            .Range(60, 70)
            .Select(knee => Scene.Place(new(Body.Usual), Pose.Standing(26, knee, knee - 6, new(90, 140)), motion.Around, out _)!)
            .Select(depth.Holds)
            .ToList();
        Assert.False(verdicts[0]);
        Assert.True(verdicts[^1]);
        Assert.Single(verdicts.Zip(verdicts.Skip(1)), p => p.First != p.Second);
    }

    [Theory]
    [InlineData(11.9, true)]
    [InlineData(12.0, true)]
    [InlineData(12.1, false)]
    [InlineData(-12.1, false)]
    public void The_limit_itself_is_inside(double elbow, bool holds)
    {
        var lockOut = MovementLibrary.ById("push-press")!.Clauses.Single(c => c.Id == "lock-out").Holds!;
        var motion = MotionLibrary.Find("push-press")!;
        Assert.Equal(
            holds,
            lockOut.Holds(Scene.Place(new(Body.Usual), motion.Finish.Turn(Joint.Elbow, Side.Near, elbow), motion.Around, out _)!)
        );
    }

    [Theory]
    [InlineData(0)]
    [InlineData(3000)]
    [InlineData(-1)]
    [InlineData(double.NaN)]
    public void A_stature_that_nobody_has_is_refused(double stature)
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => Plate.Of(MovementLibrary.All[0], stature));
        Assert.Null(Scene.Place(new(stature), MotionLibrary.All[0].Start, new(), out var objection));
        Assert.Contains("1.20", objection);
    }

    [Fact]
    public void Bones_that_cannot_meet_say_how_far_they_are_apart()
    {
        var pose = MotionLibrary.Find("deadlift")!.Start with { Fit = new(Joint.Hip, 90, 178, Part.Palm, 2500) };
        Assert.Null(Scene.Place(new(Body.Usual), pose, new(), out var objection));
        Assert.Matches("^The bones cannot meet: the hand stays \\d+ mm away from 2500 mm.$", objection);
    }

    [Fact]
    public void No_motion_is_left_unused_and_a_movement_without_one_has_no_plate()
    {
        Assert.All(MovementLibrary.All, m => Assert.Equal(m.Motion is null, Plate.Of(m) is null));
        Assert.All(MotionLibrary.All, m => Assert.Contains(MovementLibrary.All, x => x.Motion == m.Id));
    }
}
