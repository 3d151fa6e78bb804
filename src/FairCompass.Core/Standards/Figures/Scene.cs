namespace FairCompass.Core.Standards.Figures;

/// <summary>A pose placed in the world for one body: every part at its spot.</summary>
public sealed class Scene
{
    private readonly Dictionary<(Part Part, Side Side), Spot> spots = [];

    private Scene(Body body, Pose pose, Surroundings around)
    {
        Body = body;
        Pose = pose;
        Around = around;
    }

    /// <summary>The body.</summary>
    public Body Body { get; }

    /// <summary>The pose, with the angle that was solved for.</summary>
    public Pose Pose { get; }

    /// <summary>What stands around.</summary>
    public Surroundings Around { get; }

    /// <summary>Places a pose.</summary>
    /// <param name="body">The body.</param>
    /// <param name="pose">Joint angles.</param>
    /// <param name="around">What stands around.</param>
    /// <param name="objection">Why the bones cannot meet what they should reach; null when they do.</param>
    /// <returns>The scene, or null with an objection.</returns>
    public static Scene? Place(Body body, Pose pose, Surroundings around, out string? objection)
    {
        objection = Body.Objection(body.Stature);
        if (objection is not null)
        {
            return null;
        }

        if (pose.Fit is not { } fit)
        {
            return new Scene(body, pose, around).Fill();
        }

        double Miss(double angle) =>
            new Scene(body, Turned(pose, fit.Turn, angle), around).Fill().At(fit.Brings, Side.Near).Y - fit.ToHeight;
        var (low, high) = (fit.From, fit.To);
        var (atLow, atHigh) = (Miss(low), Miss(high));
        if (Math.Sign(atLow) == Math.Sign(atHigh))
        {
            var missing = Math.Min(Math.Abs(atLow), Math.Abs(atHigh));
            objection = FormattableString.Invariant(
                $"The bones cannot meet: {Word(fit.Brings)} stays {missing:0} mm away from {fit.ToHeight:0} mm."
            );
            return null;
        }

        // Bisection: the height changes steadily with one joint, and 40 halvings are far below a hair’s breadth.
        for (var i = 0; i < 40; i++)
        {
            var middle = (low + high) / 2;
            if (Math.Sign(Miss(middle)) == Math.Sign(atLow))
            {
                low = middle;
            }
            else
            {
                high = middle;
            }
        }

        return new Scene(body, Turned(pose, fit.Turn, low), around).Fill();
    }

    /// <summary>Where a part is.</summary>
    /// <exception cref="KeyNotFoundException">The scene has no such thing.</exception>
    public Spot At(Part part, Side side = Side.Near) => spots[(part, side)];

    /// <summary>True when the scene has a part.</summary>
    public bool Has(Part part) => spots.ContainsKey((part, Side.Near));

    private static string Word(Part part) =>
        part switch
        {
            Part.Palm => "the hand",
            Part.Toe or Part.Heel or Part.MidFoot => "the foot",
            _ => "the " + part.ToString().ToLowerInvariant(),
        };

    /// <summary>Turns both sides, and keeps flat feet flat: the trunk follows when an anchored leg turns.</summary>
    private static Pose Turned(Pose pose, Joint joint, double angle)
    {
        var turned = joint is Joint.Trunk or Joint.Neck
            ? pose.Turn(joint, Side.Near, angle)
            : pose.Turn(joint, Side.Near, angle).Turn(joint, Side.Far, angle);
        return pose.Anchor == Part.MidFoot && joint is Joint.Hip or Joint.Knee or Joint.Ankle
            ? turned with
            {
                Trunk = turned.NearLeg.Hip - turned.NearLeg.Knee + turned.NearLeg.Ankle,
            }
            : turned;
    }

    private Scene Fill()
    {
        // Built around a hip at the origin first, then moved so that the anchor is where it belongs.
        foreach (var side in (Side[])[Side.Near, Side.Far])
        {
            var sign = side == Side.Near ? 1 : -1;
            var hip = new Spot(0, 0, sign * Body.Of(Body.HalfHips));
            Put(Part.Hip, side, hip);
            var trunk = Down(180 - Pose.Trunk, 0);
            var front = Turn90(trunk);
            var shoulder = Go(new(0, 0, 0), trunk, Body.Of(Body.Trunk)) with { Z = sign * Body.Of(Body.HalfShoulders) };
            Put(Part.Shoulder, side, shoulder);
            Put(Part.HipCrease, side, Go(hip, front, Body.Of(Body.CreaseInFront)));
            Put(Part.Chest, side, Go(Go(new(0, 0, 0), trunk, Body.Of(Body.Trunk * Body.ChestUp)), front, Body.Of(Body.ChestInFront)));
            var neck = Down(180 - Pose.Trunk - Pose.Neck, 0);
            var head = Go(new(0, 0, 0), trunk, Body.Of(Body.Trunk));
            Put(Part.Chin, side, Go(Go(head, neck, Body.Of(Body.ShoulderToChin)), Turn90(neck), Body.Of(Body.ChinInFront)));
            Put(Part.Crown, side, Go(head, neck, Body.Of(Body.ShoulderToChin + Body.ChinToCrown)));
            ArmOf(side, shoulder, side == Side.Near ? Pose.Near : Pose.Far, sign);
            LegOf(side, hip, side == Side.Near ? Pose.NearLeg : Pose.FarLeg, sign);
        }

        var anchor = At(Pose.Anchor);
        var (dx, dy) = (Body.Of(Pose.X) - anchor.X, Pose.Y + Body.Of(Pose.Lift) - anchor.Y);
        foreach (var key in spots.Keys.ToList())
        {
            spots[key] = spots[key] with { X = spots[key].X + dx, Y = spots[key].Y + dy };
        }

        Things();
        return this;
    }

    private void ArmOf(Side side, Spot shoulder, Arm arm, int sign)
    {
        var upper = Pose.Plumb ? 0 : arm.Shoulder - Pose.Trunk;
        var lower = upper + arm.Elbow;
        var elbow = Go(shoulder, Down(upper, sign * arm.Out), Body.Of(Body.UpperArm));
        var wrist = Go(elbow, Down(lower, sign * arm.Out), Body.Of(Body.Forearm));
        Put(Part.Elbow, side, elbow);
        Put(Part.Wrist, side, wrist);
        Put(Part.Palm, side, Go(wrist, Down(lower, sign * arm.Out), Body.Of(Body.Palm)));
    }

    private void LegOf(Side side, Spot hip, Leg leg, int sign)
    {
        var thigh = leg.Hip - Pose.Trunk;
        var shank = thigh - leg.Knee;
        var foot = shank + 90 + leg.Ankle;
        var knee = Go(hip, Down(thigh, sign * leg.Out), Body.Of(Body.Thigh));
        var ankle = Go(knee, Down(shank, sign * leg.Out), Body.Of(Body.Shank));
        var sole = Go(ankle, Down(foot - 90, 0), Body.Of(Body.AnkleHeight));
        var heel = Go(sole, Down(foot, 0), -Body.Of(Body.HeelBehindAnkle));
        Put(Part.Knee, side, knee);
        Put(Part.KneeTop, side, Go(knee, Down(thigh + 90, 0), Body.Of(Body.KneeTop)));
        Put(Part.Ankle, side, ankle);
        Put(Part.Heel, side, heel);
        Put(Part.Toe, side, Go(heel, Down(foot, 0), Body.Of(Body.Foot)));
        Put(Part.MidFoot, side, Go(heel, Down(foot, 0), Body.Of(Body.Foot / 2)));
    }

    private void Things()
    {
        var load = LoadAt(Pose.Carried);
        if (Pose.Passing is { } way && load is { } from && LoadAt(way.To) is { } to)
        {
            load = new(
                from.X + ((to.X - from.X) * way.Share),
                from.Y + ((to.Y - from.Y) * way.Share),
                from.Z + ((to.Z - from.Z) * way.Share)
            );
        }

        Both(Part.Load, load);
        Both(Part.Floor, new Spot(0, 0, 0));
        Both(Part.HighBar, Around.HighBar is { } bar ? new Spot(Body.Of(bar.X), Body.Of(bar.Y), 0) : null);
        Both(Part.BoxTop, Around.Box is { } box ? new Spot(Body.Of(box.X), box.Height, 0) : null);
        Both(Part.WallLine, Around.Wall is { } wall ? new Spot(Body.Of(wall.X), Body.Of(wall.Line), 0) : null);
        Both(Part.Target, Around.Target is { } target ? new Spot(Body.Of(target.X), Body.Of(target.Y), 0) : null);
        Both(
            Part.Seat,
            Around.Machine switch
            {
                1 => new Spot(At(Part.Hip).X, Body.Of(0.24), 0),
                2 => new Spot(0, Body.Of(0.51), 0),
                _ => null,
            }
        );
        Both(Part.FloorLine, Around.FloorLine is { } line ? new Spot(Body.Of(line), 0, 0) : null);
    }

    private Spot? LoadAt(Carried carried)
    {
        var trunk = Down(180 - Pose.Trunk, 0);
        var front = Turn90(trunk);
        var shoulders = Middle(Part.Shoulder);
        return carried switch
        {
            Carried.Hands => Middle(Part.Palm),
            Carried.NearHand => At(Part.Palm),
            Carried.FrontRack => Go(Go(shoulders, front, Body.Of(0.055)), trunk, Body.Of(0.012)),
            Carried.BackRack => Go(Go(shoulders, front, -Body.Of(0.045)), trunk, Body.Of(0.01)),
            Carried.Goblet => Go(Go(shoulders, front, Body.Of(0.13)), trunk, -Body.Of(0.05)),
            Carried.OnShoulder => Go(shoulders, trunk, Body.Of(0.05)),
            Carried.Apart when Pose.LoadAt is { } at => new Spot(Body.Of(Pose.X + at.X), at.Y + Body.Of(at.Up), 0),
            _ => null,
        };
    }

    private Spot Middle(Part part)
    {
        var (a, b) = (At(part, Side.Near), At(part, Side.Far));
        return new((a.X + b.X) / 2, (a.Y + b.Y) / 2, (a.Z + b.Z) / 2);
    }

    private void Put(Part part, Side side, Spot spot) => spots[(part, side)] = spot;

    private void Both(Part part, Spot? spot)
    {
        if (spot is { } s)
        {
            Put(part, Side.Near, s);
            Put(part, Side.Far, s);
        }
    }

    /// <summary>The direction at an angle from straight down, forward positive, tilted out of the side plane.</summary>
    private static Spot Down(double degrees, double outward)
    {
        var (a, o) = (degrees * Math.PI / 180, outward * Math.PI / 180);
        return new(Math.Sin(a) * Math.Cos(o), -Math.Cos(a) * Math.Cos(o), Math.Sin(o));
    }

    /// <summary>A direction of the side plane turned to the front of who stands along it.</summary>
    private static Spot Turn90(Spot up) => new(up.Y, -up.X, 0);

    private static Spot Go(Spot from, Spot along, double length) =>
        new(from.X + (along.X * length), from.Y + (along.Y * length), from.Z + (along.Z * length));
}
