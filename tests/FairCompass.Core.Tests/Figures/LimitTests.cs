using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Standards.Figures.Reps;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Figures;

/// <summary>The line that is drawn is the limit: what is judged is as far from it as is said.</summary>
public class LimitTests(ITestOutputHelper output)
{
    private static readonly Side[] Sides = [Side.Near, Side.Far];

    public static TheoryData<string> Makers => RepTests.Makers;

    [Theory]
    [MemberData(nameof(Makers))]
    public void What_is_judged_is_drawn_as_far_from_a_drawn_limit_as_the_truth_says(string movement)
    {
        var (maker, seed) = (RepMaker.Of(MovementLibrary.ById(movement)!)!, (ulong)Random.Shared.NextInt64());
        output.WriteLine($"seed {seed}");
        foreach (var t in maker.Trainable.Where(t => t.Unit != DeviationUnit.Milliseconds))
        {
            foreach (var margin in (double[])[t.Outside, -t.Step, 0, t.Inside])
            {
                var rep = maker.Make([new(t.Clause.Id, margin)], seed);
                var (truth, scene) = (rep.Truths[0], Judged(rep, t));
                var far = t.Unit == DeviationUnit.Degrees ? Angles(t.Clause.Holds!, scene) : Distances(truth.Shown!);
                // Pictures are in whole millimetres.
                var exact = t.Unit == DeviationUnit.Degrees ? 0.1 : 2;
                Assert.True(
                    far.Exists(d => Math.Abs(d - Math.Abs((double)truth.Margin)) <= exact),
                    $"{t.Clause.Id}: {truth.Margin} {t.Unit}, drawn {string.Join(", ", far.Select(d => $"{d:0.0}"))}"
                );
            }
        }
    }

    [Theory]
    [MemberData(nameof(PlateTests.All), MemberType = typeof(PlateTests))]
    public void Every_limit_lies_on_its_page(string id, double stature)
    {
        var plate = Plate.Of(MovementLibrary.ById(id)!, stature)!;
        foreach (var f in plate.Positions.Concat(plate.Faults).Where(f => f.Clause is not null))
        {
            var d = f.Drawing;
            Assert.Contains(d.Shapes, IsPlane);
            Assert.All(
                d.Shapes.Where(IsPlane).SelectMany(Ends),
                p =>
                    Assert.True(
                        p.X >= d.Left && p.X <= d.Left + d.Width && p.Y >= d.Top && p.Y <= d.Top + d.Height,
                        $"{f.Phase} {f.Clause}: {p} outside {d.Left}, {d.Top}, {d.Width} x {d.Height}"
                    )
            );
        }
    }

    /// <summary>Turned to the limit, the bone that moves lies to the one that is held as its ray was drawn.</summary>
    [Theory]
    [InlineData(Joint.Elbow, 12, Part.MidFoot, Part.Wrist, Part.Shoulder)]
    [InlineData(Joint.Elbow, 12, Part.Palm, Part.Shoulder, Part.Wrist)]
    [InlineData(Joint.Shoulder, 140, Part.MidFoot, Part.Elbow, Part.Hip)]
    [InlineData(Joint.Shoulder, 140, Part.Palm, Part.Hip, Part.Elbow)]
    [InlineData(Joint.Hip, 12, Part.MidFoot, Part.Shoulder, Part.Knee)]
    [InlineData(Joint.Hip, 12, Part.Palm, Part.Knee, Part.Shoulder)]
    [InlineData(Joint.Knee, 20, Part.Toe, Part.Hip, Part.Ankle)]
    [InlineData(Joint.Knee, 20, Part.Palm, Part.Ankle, Part.Hip)]
    [InlineData(Joint.Ankle, 30, Part.Heel, Part.Knee, Part.Toe)]
    [InlineData(Joint.Ankle, 30, Part.Palm, Part.Toe, Part.Knee)]
    [InlineData(Joint.Trunk, 40, Part.MidFoot, Part.Shoulder, null)]
    [InlineData(Joint.Neck, -20, Part.MidFoot, Part.Crown, null)]
    public void A_ray_is_where_the_bone_comes_to(Joint joint, double angle, Part anchor, Part moves, Part? held)
    {
        var (of, body) = (MotionLibrary.Find("deadlift")!, new Body(Body.Usual));
        var pose = Scene.Place(body, of.Start, of.Around, out _)!.Pose with { Fit = null, Plumb = false, Anchor = anchor, X = 0, Y = 900 };
        var scene = Scene.Place(body, pose, of.Around, out _)!;
        var bent = pose.Turn(joint, Side.Near, angle).Turn(joint, Side.Far, angle);
        var turned = Scene.Place(body, bent, of.Around, out _)!;
        var mark = new Predicate.Bent(joint, angle).Marks(scene).First();
        var ray = (Limit.Ray)mark.Limits[0];
        var at =
            joint == Joint.Trunk ? Part.Hip
            : joint == Joint.Neck ? Part.Shoulder
            : Enum.Parse<Part>(joint.ToString());
        Spot Held(Scene s) => held is { } part ? s.At(part) : s.At(at) with { Y = s.At(at).Y + 1 };
        Assert.Equal(scene.At(at), ray.From);
        Assert.Equal(scene.At(moves).Beside(scene.At(at)), ray.To.Beside(ray.From), 6);
        Assert.Equal(Turn(turned.At(at), Held(turned), turned.At(moves)), Turn(ray.From, Held(scene), ray.To), 6);
    }

    private static Scene Judged(Rep rep, Trainable t) => rep.Scenes[(int)Math.Round(rep.Truths[0].At * Film.Rate / 1000.0)];

    private static (int X, int Y)[] Ends(Shape shape) =>
        shape switch
        {
            Shape.Bone b => [(b.X1, b.Y1), (b.X2, b.Y2)],
            Shape.Disc d => [(d.X - d.Radius, d.Y - d.Radius), (d.X + d.Radius, d.Y + d.Radius)],
            _ => [],
        };

    private static bool IsPlane(Shape shape) => shape is Shape.Bone { Ink: Ink.Plane } or Shape.Disc { Ink: Ink.Plane };

    /// <summary>How far each judged point of a picture is from each of its limits.</summary>
    private static List<double> Distances(Drawing picture) =>
        [
            .. from at in picture.Shapes.OfType<Shape.Disc>().Where(d => d is { Ink: Ink.Judged, Filled: true })
            from limit in picture.Shapes.Where(IsPlane)
            select limit switch
            {
                Shape.Bone b when b.Y1 == b.Y2 => Math.Abs(at.Y - b.Y1),
                Shape.Bone b => Math.Abs(at.X - b.X1),
                Shape.Disc d => Math.Abs(Math.Sqrt(Math.Pow(at.X - d.X, 2) + Math.Pow(at.Y - d.Y, 2)) - d.Radius),
                _ => double.NaN,
            },
        ];

    /// <summary>The angles between the rays of a rule and the bones that meet where they begin.</summary>
    private static List<double> Angles(Predicate rule, Scene scene) =>
        [
            .. from ray in rule.Marks(scene).SelectMany(m => m.Limits).OfType<Limit.Ray>()
            from side in Sides
            from end in (Part[])[Part.Wrist, Part.Shoulder, Part.Knee, Part.Hip, Part.Ankle]
            where scene.At(end, side).Beside(ray.From) > 1
            select Math.Abs(Turn(ray.From, ray.To, scene.At(end, side))),
        ];

    private static double Turn(Spot from, Spot a, Spot b) =>
        Math.IEEERemainder(Math.Atan2(a.Y - from.Y, a.X - from.X) - Math.Atan2(b.Y - from.Y, b.X - from.X), 2 * Math.PI) * 180 / Math.PI;
}
