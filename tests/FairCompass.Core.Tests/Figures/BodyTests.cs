using FairCompass.Core.Standards.Figures;
using MathNet.Numerics.LinearAlgebra;

namespace FairCompass.Core.Tests.Figures;

/// <summary>The body against the published proportions, against geometry by hand, and against an independent numerics library.</summary>
public class BodyTests
{
    /// <summary>Heights above the floor as fractions of stature: Drillis and Contini 1966 as commonly reprinted, from memory.</summary>
    [Theory]
    [InlineData(Part.Ankle, 0.039)]
    [InlineData(Part.Knee, 0.285)]
    [InlineData(Part.Hip, 0.530)]
    [InlineData(Part.Shoulder, 0.818)]
    [InlineData(Part.Chin, 0.870)]
    [InlineData(Part.Crown, 1.000)]
    public void Standing_heights_are_the_published_ones(Part part, double fraction)
    {
        var scene = Scene.Place(new(1800), Pose.Standing(0, 0, 0, new(0, 0)), new(), out _)!;
        Assert.Equal(fraction * 1800, scene.At(part).Y, 6);
    }

    /// <summary>Segment lengths as fractions of stature: the same source.</summary>
    [Theory]
    [InlineData(Part.Shoulder, Part.Elbow, 0.186)]
    [InlineData(Part.Elbow, Part.Wrist, 0.146)]
    [InlineData(Part.Heel, Part.Toe, 0.152)]
    [InlineData(Part.Hip, Part.Knee, 0.245)]
    [InlineData(Part.Knee, Part.Ankle, 0.246)]
    public void Segments_keep_their_length_in_every_pose(Part a, Part b, double fraction)
    {
        foreach (var motion in MotionLibrary.All)
        {
            foreach (var pose in new[] { motion.Start, motion.Through, motion.Finish })
            {
                var scene = Scene.Place(new(1700), pose, motion.Around, out _)!;
                var (p, q) = (scene.At(a), scene.At(b));
                Assert.Equal(fraction * 1700, Math.Sqrt(Math.Pow(p.X - q.X, 2) + Math.Pow(p.Y - q.Y, 2) + Math.Pow(p.Z - q.Z, 2)), 6);
            }
        }
    }

    [Fact]
    public void By_hand_arms_overhead()
    {
        // Shoulder 0.818, arm 0.186 + 0.146 + half a hand 0.054, straight up: 1.204 of 1750 mm = 2107 mm.
        var scene = Scene.Place(new(1750), Pose.Standing(0, 0, 0, new(180, 0)).With(Carried.Hands), new(), out _)!;
        Assert.Equal(2107, scene.At(Part.Load).Y, 6);
    }

    [Fact]
    public void By_hand_thigh_level()
    {
        // Shank upright, knee bent 90: the hip is as high as the knee, 0.285 of 2000 mm, and 0.245 behind it.
        var scene = Scene.Place(new(2000), Pose.Standing(0, 90, 90, new(0, 0)), new(), out _)!;
        Assert.Equal(570, scene.At(Part.Hip).Y, 6);
        Assert.Equal(490, scene.At(Part.Knee).X - scene.At(Part.Hip).X, 6);
        Assert.Equal(0, scene.Pose.Trunk);
    }

    [Fact]
    public void The_solved_angle_brings_the_hand_to_the_bar() =>
        Assert.All(
            new[] { 1400.0, 1600, 1900, 2200 },
            s => Assert.Equal(225, Scene.Place(new(s), MotionLibrary.Find("deadlift")!.Start, new(), out _)!.At(Part.Palm).Y, 3)
        );

    /// <summary>The same chain of joints with rotation matrices of MathNet.Numerics, which shares no code with ours.</summary>
    [Fact]
    public void Another_library_puts_every_joint_at_the_same_spot()
    {
        foreach (var motion in MotionLibrary.All)
        {
            var scene = Scene.Place(new(1750), motion.Through, motion.Around, out _)!;
            var pose = scene.Pose;
            var up = Vector<double>.Build.DenseOfArray([0, 1]);
            var down = -up;
            var hip = Of(scene.At(Part.Hip));
            var shoulder = hip + (Turn(-pose.Trunk) * up * 0.288 * 1750);
            Same(shoulder, scene.At(Part.Shoulder));
            if (pose.NearLeg.Out == 0)
            {
                var thigh = pose.NearLeg.Hip - pose.Trunk;
                var knee = hip + (Turn(thigh) * down * 0.245 * 1750);
                var ankle = knee + (Turn(thigh - pose.NearLeg.Knee) * down * 0.246 * 1750);
                Same(knee, scene.At(Part.Knee));
                Same(ankle, scene.At(Part.Ankle));
            }

            if (!pose.Plumb && pose.Near.Out == 0)
            {
                var upper = pose.Near.Shoulder - pose.Trunk;
                var elbow = shoulder + (Turn(upper) * down * 0.186 * 1750);
                Same(elbow, scene.At(Part.Elbow));
                Same(elbow + (Turn(upper + pose.Near.Elbow) * down * 0.146 * 1750), scene.At(Part.Wrist));
            }
        }

        static Matrix<double> Turn(double degrees)
        {
            // Forward is x, and forward angles are counted from straight down, so a positive turn is anticlockwise.
            var a = degrees * Math.PI / 180;
            return Matrix<double>.Build.DenseOfArray(
                new[,]
                {
                    { Math.Cos(a), -Math.Sin(a) },
                    { Math.Sin(a), Math.Cos(a) },
                }
            );
        }

        static Vector<double> Of(Spot s) => Vector<double>.Build.DenseOfArray([s.X, s.Y]);

        static void Same(Vector<double> expected, Spot spot)
        {
            Assert.Equal(expected[0], spot.X, 6);
            Assert.Equal(expected[1], spot.Y, 6);
        }
    }
}
