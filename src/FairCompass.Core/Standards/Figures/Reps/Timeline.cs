namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>Puts the positions of a rep in time, at the speed of a floor. Times are assumptions of ours, common practice.</summary>
internal static class Timeline
{
    private const int Before = 400;
    private const int After = 500;
    private const int Judged = 60;
    private const int Turn = 900;
    private const int ToBetween = 550;

    /// <summary>The keys of one rep, beginning where the rep before it ended.</summary>
    /// <param name="start">Where it begins.</param>
    /// <param name="through">What is judged on the way.</param>
    /// <param name="finish">What ends it.</param>
    /// <param name="tempo">The share of the usual time that it takes.</param>
    public static List<Key> Of(Scene start, Scene through, Scene finish, double tempo)
    {
        var keys = new List<Key>();
        var now = 0;
        Scene? last = null;
        void Put(Scene scene, Phase? phase, int rests)
        {
            if (last is { } from)
            {
                if ((Crouch(from, scene) ?? Tall(from, scene)) is { } between)
                {
                    now += Frame(ToBetween * tempo);
                    keys.Add(new(between, null, now, 0));
                    now += Frame(ToBetween * tempo);
                }
                else
                {
                    now += Frame(Turn * tempo);
                }
            }

            keys.Add(new(OwnPose.Freed(scene.Pose), phase, now, rests));
            now += rests;
            last = scene;
        }

        if (Far(start, finish))
        {
            Put(finish, null, Frame(Before));
            Put(start, Phase.Start, Frame(Judged * 3));
        }
        else
        {
            Put(start, Phase.Start, Frame(Before));
        }

        Put(through, Phase.Through, Frame(Judged));
        Put(finish, Phase.Finish, Frame(After));
        return keys;
    }

    /// <summary>Whole pictures, so that each position is one of them.</summary>
    private static int Frame(double milliseconds) => (int)Math.Round(milliseconds * Film.Rate / 1000);

    private static bool Far(Scene a, Scene b) =>
        ((Part[])[Part.Hip, Part.Shoulder, Part.Palm, Part.Knee]).Any(p => a.At(p).Beside(b.At(p)) > 0.12 * a.Body.Stature);

    /// <summary>Between standing and lying the hands go to the floor first: a position that nobody judges; null where none is
    /// needed.</summary>
    private static Pose? Crouch(Scene from, Scene to)
    {
        var (lies, stands) =
            Lies(from) && Stands(to) ? (from, to)
            : Lies(to) && Stands(from) ? (to, from)
            : (null, null);
        if (lies is null || stands is null)
        {
            return null;
        }

        var body = from.Body;
        var pose = Pose.Standing(30, 118, 150, new(0, 0)) with
        {
            Plumb = true,
            Carried = stands.Pose.Carried,
            LoadAt = stands.Pose.LoadAt,
            Fit = new(Joint.Hip, 60, 190, Part.Palm, 30),
        };
        // The hands stay where they are on the floor when the feet jump back.
        if (Scene.Place(body, pose, from.Around, out _) is not { } crouch)
        {
            return null;
        }

        var hands = lies.At(Part.Palm).X - crouch.At(Part.Palm).X;
        return OwnPose.Freed(crouch.Pose) with
        {
            X = hands / body.Stature,
            LoadAt = stands.Pose.LoadAt is { } load ? load with { X = load.X + stands.Pose.X - (hands / body.Stature) } : null,
        };
    }

    /// <summary>A load that is pulled and received low passes an athlete who stands: null where nothing is pulled.</summary>
    private static Pose? Tall(Scene from, Scene to) =>
        from.Pose.Anchor == Part.MidFoot
        && to.Pose.Anchor == Part.MidFoot
        && from.Pose.Carried is Carried.Hands or Carried.NearHand
        && from.At(Part.Palm).Y < from.At(Part.Hip).Y
        && to.At(Part.Palm).Y > to.At(Part.Hip).Y
        && Bends(from) + Bends(to) > 60
            ? OwnPose.Freed(from.Pose) with
            {
                Trunk = -4,
                Near = new(20, 12),
                Far = from.Pose.Far == from.Pose.Near || from.Pose.Plumb ? new(20, 12) : from.Pose.Far,
                NearLeg = new(-4, 0, 0),
                FarLeg = new(-4, 0, 0),
            }
            : null;

    private static double Bends(Scene s) => s.Pose.NearLeg.Knee;

    private static bool Lies(Scene s) => s.Pose.Anchor == Part.Toe && s.Pose.Trunk > 70;

    private static bool Stands(Scene s) => s.Pose.Anchor == Part.MidFoot && s.Pose.Trunk < 60;
}
