namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>Goes through the keys of a rep, picture by picture.</summary>
internal static class Shooting
{
    /// <summary>The share of a way behind which a load passes from the hands to where it rests.</summary>
    private const double Handing = 0.55;

    /// <summary>The scenes, <see cref="Film.Rate"/> a second.</summary>
    /// <param name="body">The body.</param>
    /// <param name="around">What stands around.</param>
    /// <param name="keys">At least one.</param>
    /// <param name="late">On the way to which position the far foot is late, and by how many milliseconds; null where both go
    /// together.</param>
    public static IReadOnlyList<Scene> Of(Body body, Surroundings around, IReadOnlyList<Key> keys, (Phase To, double By)? late)
    {
        var scenes = new List<Scene>();
        var last = keys[^1].At + keys[^1].Rests;
        for (var now = 0; now <= last; now++)
        {
            var i = Enumerable.Range(0, keys.Count).Last(k => keys[k].At <= now);
            var (from, to) = (keys[i], i + 1 < keys.Count ? keys[i + 1] : keys[i]);
            var begins = from.At + from.Rests;
            if (now <= begins || to.At <= begins)
            {
                scenes.Add(Place(from.Pose));
                continue;
            }

            // The one that is late has less time for the same way, so that both are there at the judged moment.
            var by = late is { } l && l.To == to.Phase ? Math.Min(l.By * Film.Rate / 1000, 0.8 * (to.At - begins)) : 0;
            scenes.Add(
                Place(
                    Between(
                        body,
                        around,
                        from.Pose,
                        to.Pose,
                        Ease((double)(now - begins) / (to.At - begins)),
                        Ease((now - begins - by) / (to.At - begins - by))
                    )
                )
            );
        }

        return scenes;

        Scene Place(Pose pose) => Scene.Place(body, pose, around, out _)!;
    }

    /// <summary>The pose a share of the way from one position to the next.</summary>
    private static Pose Between(Body body, Surroundings around, Pose from, Pose to, double share, double far)
    {
        var begins = from.Anchor == to.Anchor ? from : Blend.On(Scene.Place(body, from, around, out _)!, to.Anchor);
        var pose = Blend.Between(begins, to, share, far);
        if (around.Box is not null && Math.Abs(to.Y - begins.Y) > 100)
        {
            // Feet go up before they go over, and down after it: not through the box.
            var (first, second) = (Math.Min(1, 1.8 * share), Math.Max(0, (share - 0.35) / 0.65));
            var (up, over) = to.Y > begins.Y ? (first, second) : (second, first);
            pose = pose with { X = begins.X + ((to.X - begins.X) * over), Y = begins.Y + ((to.Y - begins.Y) * up) };
        }

        if (from.Carried == to.Carried)
        {
            return pose with
            {
                Passing = (from.Passing, to.Passing) switch
                {
                    (null, { } there) => (there.To, there.Share * share),
                    ({ } here, null) => (here.To, here.Share * (1 - share)),
                    _ => from.Passing,
                },
            };
        }

        // What lies on the floor is taken at once; what comes to rest somewhere does so at the end.
        var done = Math.Clamp((share - Handing) / (1 - Handing), 0, 1);
        return pose with { LoadAt = from.LoadAt ?? to.LoadAt, Passing = (to.Carried, done) };
    }

    /// <summary>Slow, fast, slow: every joint rests at both ends of its way.</summary>
    private static double Ease(double share) => (1 - Math.Cos(Math.PI * Math.Clamp(share, 0, 1))) / 2;
}
