using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>Draws a scene. The drawing shows; what is judged is decided by the predicate.</summary>
public sealed class Draughtsman
{
    private const int Margin = 70;
    private readonly Scene scene;
    private readonly View view;
    private readonly List<Shape> shapes = [];
    private (int Left, int Top, int Right, int Bottom) edge = (int.MaxValue, int.MaxValue, int.MinValue, int.MinValue);

    private Draughtsman(Scene scene, View view)
    {
        this.scene = scene;
        this.view = view;
    }

    /// <summary>Draws a scene.</summary>
    /// <param name="scene">What to draw.</param>
    /// <param name="view">From where.</param>
    /// <param name="judged">The clause whose plane and point are marked; null for none.</param>
    /// <param name="within">The edges of the page where they are given, as for one of many frames; null for those of what is done.</param>
    public static Drawing Draw(Scene scene, View view, Predicate? judged, Drawing? within = null)
    {
        var d = new Draughtsman(scene, view);
        d.Body();
        d.Load();
        d.Frame();
        if (within is { } page)
        {
            d.edge = (page.Left, page.Top, page.Left + page.Width, page.Top + page.Height);
        }

        var marks = judged is null ? [] : judged.Marks(scene).ToList();
        // The limits are seen as they are only from where the rule is judged.
        var limits = view == ViewOf(judged) ? marks.SelectMany(m => m.Limits).ToList() : [];
        d.Room(limits);
        d.Surroundings();
        d.Mark(marks, limits);

        return new(d.edge.Left, d.edge.Top, d.edge.Right - d.edge.Left, d.edge.Bottom - d.edge.Top, d.shapes.ToEq());
    }

    /// <summary>What is marked for a predicate is best seen from the front only when it speaks of the width.</summary>
    public static View ViewOf(Predicate? judged) => judged is Predicate.Within ? View.Front : View.Side;

    private double Stature => scene.Body.Stature;

    private int H(double fraction) => (int)Math.Round(scene.Body.Of(fraction));

    /// <summary>The cosine and sine of 45°, the corner from which the oblique view looks.</summary>
    private const double Corner = 0.7071067811865476;

    private (int X, int Y) Spot(Spot s) => ((int)Math.Round(Across(s, view)), (int)Math.Round(-s.Y));

    /// <summary>How far to the right a spot is seen, millimetres.</summary>
    public static double Across(Spot s, View view) =>
        view switch
        {
            View.Side => s.X,
            View.Front => s.Z,
            _ => (s.X - s.Z) * Corner,
        };

    /// <summary>How far to the right something in the middle of the lane is seen, from its place forward in fractions of stature.</summary>
    private int Forward(double fraction) => (int)Math.Round(Across(new(scene.Body.Of(fraction), 0, 0), view));

    private (int X, int Y) Spot(Part part, Side side) => Spot(scene.At(part, side));

    private void Body()
    {
        Limbs(Side.Far, view == View.Front ? Ink.Near : Ink.Far);
        if (view != View.Side)
        {
            var (a, b, c, d) = (
                Spot(Part.Shoulder, Side.Near),
                Spot(Part.Shoulder, Side.Far),
                Spot(Part.Hip, Side.Far),
                Spot(Part.Hip, Side.Near)
            );
            shapes.Add(new Shape.Outline(Ink.Near, [a.X, a.Y, b.X, b.Y, c.X, c.Y, d.X, d.Y], true));
            Bone(Ink.Near, Spot(Part.Shoulder, Side.Near), Spot(Part.Shoulder, Side.Far), H(0.05));
            Bone(Ink.Near, Spot(Part.Hip, Side.Near), Spot(Part.Hip, Side.Far), H(0.05));
            Bone(Ink.Near, Spot(Part.Shoulder, Side.Near), Spot(Part.Hip, Side.Near), H(0.05));
            Bone(Ink.Near, Spot(Part.Shoulder, Side.Far), Spot(Part.Hip, Side.Far), H(0.05));
        }
        else
        {
            // The trunk tapers: broad at the shoulders, narrow at the waist.
            var (hip, shoulder) = (Middle(Part.Hip), Middle(Part.Shoulder));
            Bone(Ink.Near, hip, Between(hip, shoulder, 0.5), H(0.082));
            Bone(Ink.Near, Between(hip, shoulder, 0.35), Between(hip, shoulder, 0.93), H(0.098));
        }

        var (neck, crown) = (Middle(Part.Shoulder), Middle(Part.Crown));
        Bone(Ink.Near, neck, Between(neck, crown, 0.5), H(0.04));
        var head = Between(neck, crown, 0.66);
        Disc(Ink.Near, head, H(0.062), true);
        if (view != View.Front)
        {
            // The chin tells which way the face looks.
            Bone(Ink.Near, head, Between(head, Spot(Part.Chin, Side.Near), 0.85), H(0.032));
        }

        Limbs(Side.Near, Ink.Near);
    }

    private void Limbs(Side side, Ink ink)
    {
        Bone(ink, Spot(Part.Hip, side), Spot(Part.Knee, side), H(0.066));
        Bone(ink, Spot(Part.Knee, side), Spot(Part.Ankle, side), H(0.048));
        if (view == View.Side)
        {
            Bone(
                ink,
                Between(Spot(Part.Heel, side), Spot(Part.Ankle, side), 0.3),
                Between(Spot(Part.Toe, side), Spot(Part.Ankle, side), 0.1),
                H(0.03)
            );
        }
        else
        {
            Bone(ink, Spot(Part.Ankle, side), Spot(Part.Toe, side), H(0.034));
        }

        Bone(ink, Spot(Part.Shoulder, side), Spot(Part.Elbow, side), H(0.044));
        Bone(ink, Spot(Part.Elbow, side), Spot(Part.Wrist, side), H(0.034));
        Disc(ink, Spot(Part.Palm, side), H(0.022), true);
    }

    private void Load()
    {
        if (!scene.Has(Part.Load) || scene.Around.Implement == Implement.None)
        {
            return;
        }

        var at = Spot(Part.Load, Side.Near);
        switch (scene.Around.Implement)
        {
            case Implement.Plate when view == View.Front:
                Bone(Ink.Implement, (at.X - 225, at.Y), (at.X + 225, at.Y), 60);
                break;
            case Implement.Plate:
                Disc(Ink.Implement, at, 225, false);
                break;
            case Implement.Barbell when view == View.Side:
                Disc(Ink.Implement, at, 225, false);
                Disc(Ink.Implement, at, 30, true);
                break;
            case Implement.Barbell:
                var (sleeve, plate) = view == View.Front ? (1050, 700) : ((int)(1050 * Corner), (int)(700 * Corner));
                Bone(Ink.Implement, (at.X - sleeve, at.Y), (at.X + sleeve, at.Y), 28);
                Bone(Ink.Implement, (at.X - plate, at.Y - 225), (at.X - plate, at.Y + 225), 60);
                Bone(Ink.Implement, (at.X + plate, at.Y - 225), (at.X + plate, at.Y + 225), 60);
                break;
            case Implement.Dumbbells or Implement.Dumbbell:
                Bone(Ink.Implement, (at.X - 90, at.Y), (at.X + 90, at.Y), 40);
                Bone(Ink.Implement, (at.X - 105, at.Y - 45), (at.X - 105, at.Y + 45), 70);
                Bone(Ink.Implement, (at.X + 105, at.Y - 45), (at.X + 105, at.Y + 45), 70);
                break;
            case Implement.Kettlebell:
                Disc(Ink.Implement, at, 50, false);
                var below = scene.At(Part.Load).Y > scene.At(Part.Shoulder).Y + 100 ? -1 : 1;
                Disc(Ink.Implement, (at.X, at.Y + (below * 120)), 95, true);
                break;
            case Implement.Ball:
                Disc(Ink.Implement, at, 175, false);
                break;
            case Implement.Sandbag:
                Bone(Ink.Implement, (at.X - 210, at.Y), (at.X + 210, at.Y), 190);
                break;
            default:
                Bone(Ink.Implement, (at.X - 330, at.Y), (at.X + 330, at.Y), 210);
                break;
        }
    }

    /// <summary>The page is as large as what is done on it, with the floor always in sight.</summary>
    private void Frame()
    {
        Reach(edge.Left, 0, Margin);
        edge = (edge.Left - Margin, edge.Top - Margin, edge.Right + Margin, Math.Max(edge.Bottom, 0) + 40);
        // A narrow figure gets air to its sides, so that three beside each other share a scale.
        var lack = (int)(0.62 * Stature) - (edge.Right - edge.Left);
        if (lack > 0)
        {
            edge = (edge.Left - (lack / 2), edge.Top, edge.Right + (lack / 2), edge.Bottom);
        }
    }

    private void Surroundings()
    {
        var back = new List<Shape> { new Shape.Bone(Ink.Around, edge.Left, 0, edge.Right, 0, 8) };
        var around = scene.Around;
        HangingFrom(back);
        if (view != View.Front && around.Box is { } box)
        {
            var (x, half) = (Forward(box.X), 250);
            Grow(x + half, -(int)box.Height - 40);
            Grow(x - half, 0);
            back.Add(
                new Shape.Outline(Ink.Around, [x - half, 0, x - half, -(int)box.Height, x + half, -(int)box.Height, x + half, 0], false)
            );
        }

        if (view != View.Front && around.Wall is { } wall)
        {
            var x = Forward(wall.X);
            Grow(x + 20, 0);
            Grow(x - 20, 0);
            back.Add(new Shape.Bone(Ink.Around, x, edge.Top, x, 0, 20));
        }

        if (view != View.Front && around.Target is { } target && around.Rope is null)
        {
            Grow(Forward(target.X), -H(target.Y) - 60);
            back.Add(new Shape.Bone(Ink.Around, Forward(target.X) - 110, -H(target.Y), Forward(target.X) + 110, -H(target.Y), 22));
        }

        if (around.Rope is { } rope)
        {
            Grow(Forward(rope), -H(2.0));
            back.Add(new Shape.Bone(Ink.Around, Forward(rope), edge.Top, Forward(rope), -60, 26));
            if (around.Target is { } mark)
            {
                back.Add(new Shape.Bone(Ink.Around, Forward(rope) - 70, -H(mark.Y), Forward(rope) + 70, -H(mark.Y), 22));
            }
        }

        if (view != View.Front && around.FloorLine is { } line)
        {
            Grow(Forward(line) - 60, 0);
            back.Add(new Shape.Bone(Ink.Around, Forward(line), 0, Forward(line), 30, 36));
        }

        if (view != View.Front && around.Bench is { } bench)
        {
            Bench(back, (int)bench);
        }

        if (view != View.Front && around.Machine > 0)
        {
            Machine(back, around.Machine);
        }

        shapes.InsertRange(0, back);
    }

    private void Bench(List<Shape> back, int height)
    {
        var shoulder = Middle(Part.Shoulder);
        back.Add(
            new Shape.Outline(
                Ink.Around,
                [shoulder.X - 330, -height + 60, shoulder.X - 330, -height, shoulder.X + 760, -height, shoulder.X + 760, -height + 60],
                false
            )
        );
        back.Add(new Shape.Bone(Ink.Around, shoulder.X - 200, -height + 60, shoulder.X - 200, 0, 20));
        back.Add(new Shape.Bone(Ink.Around, shoulder.X + 650, -height + 60, shoulder.X + 650, 0, 20));
    }

    private void HangingFrom(List<Shape> back)
    {
        if (scene.Has(Part.HighBar))
        {
            var at = Spot(Part.HighBar, Side.Near);
            if (scene.Around.Rings)
            {
                Grow(at.X, at.Y - H(0.2));
                back.Add(new Shape.Bone(Ink.Around, at.X, edge.Top, at.X, at.Y - 90, 14));
                back.Add(new Shape.Disc(Ink.Around, at.X, at.Y - 20, 85, false));
            }
            else if (view == View.Side)
            {
                back.Add(new Shape.Disc(Ink.Around, at.X, at.Y, 26, true));
                back.Add(new Shape.Bone(Ink.Around, at.X, at.Y, at.X, Math.Max(edge.Top, at.Y - 120), 14));
            }
            else
            {
                back.Add(new Shape.Bone(Ink.Around, edge.Left, at.Y, edge.Right, at.Y, 36));
            }
        }
    }

    private void Machine(List<Shape> back, int kind)
    {
        var seat = Spot(Part.Seat, Side.Near);
        if (kind == 1)
        {
            Grow(H(0.72), -H(0.4));
            back.Add(new Shape.Bone(Ink.Around, Forward(-0.42), seat.Y + 95, Forward(0.6), seat.Y + 95, 30));
            back.Add(new Shape.Bone(Ink.Around, seat.X - 110, seat.Y + 70, seat.X + 110, seat.Y + 70, 44));
            back.Add(new Shape.Disc(Ink.Around, Forward(0.6), -H(0.22), H(0.12), false));
            back.Add(new Shape.Bone(Ink.Around, Forward(0.6), -H(0.22), Spot(Part.Palm, Side.Near).X, Spot(Part.Palm, Side.Near).Y, 8));
            return;
        }

        Grow(H(0.5), -H(0.8));
        back.Add(new Shape.Bone(Ink.Around, seat.X - 120, seat.Y + 80, seat.X + 100, seat.Y + 80, 44));
        back.Add(new Shape.Bone(Ink.Around, seat.X, seat.Y + 80, seat.X + Forward(0.1), -H(0.12), 26));
        back.Add(new Shape.Disc(Ink.Around, Forward(0.36), -H(0.24), H(0.16), false));
        back.Add(new Shape.Bone(Ink.Around, seat.X - 200, -30, Forward(0.5), -30, 26));
    }

    /// <summary>The page is no smaller than the limits that are drawn on it.</summary>
    private void Room(List<Limit> limits)
    {
        const int Air = 20;
        foreach (var limit in limits)
        {
            switch (limit)
            {
                case Limit.Level l:
                    Grow(edge.Left, (int)-l.Y - Air);
                    break;
                case Limit.Upright u:
                    Reach((int)u.Across, edge.Top, Air);
                    break;
                case Limit.Ring r:
                    Reach(Spot(r.Middle).X, Spot(r.Middle).Y, (int)r.Radius + Air);
                    break;
                case Limit.Ray r:
                    Reach(Spot(r.To).X, Spot(r.To).Y, Air);
                    break;
            }
        }
    }

    /// <summary>Limits, and around what is judged a ring; what lies on another is drawn once.</summary>
    private void Mark(List<Mark> marks, List<Limit> limits)
    {
        shapes.AddRange(limits.Select(Drawn).Distinct());
        foreach (var at in marks.Select(m => Spot(m.Judged)))
        {
            if (shapes.OfType<Shape.Disc>().Any(d => d.Ink == Ink.Judged && Math.Abs(d.X - at.X) + Math.Abs(d.Y - at.Y) < 20))
            {
                continue;
            }

            shapes.Add(new Shape.Disc(Ink.Judged, at.X, at.Y, 72, false));
            shapes.Add(new Shape.Disc(Ink.Judged, at.X, at.Y, 14, true));
        }
    }

    private Shape Drawn(Limit limit)
    {
        const int Width = 14;
        static int R(double of) => (int)Math.Round(of);
        return limit switch
        {
            Limit.Level l => new Shape.Bone(Ink.Plane, edge.Left + 20, R(-l.Y), edge.Right - 20, R(-l.Y), Width),
            Limit.Upright u => new Shape.Bone(Ink.Plane, R(u.Across), edge.Top + 20, R(u.Across), edge.Bottom - 20, Width),
            Limit.Ring r => new Shape.Disc(Ink.Plane, Spot(r.Middle).X, Spot(r.Middle).Y, R(r.Radius), false),
            Limit.Ray r => new Shape.Bone(Ink.Plane, Spot(r.From).X, Spot(r.From).Y, Spot(r.To).X, Spot(r.To).Y, Width),
            _ => throw new InvalidOperationException("No limit is of another kind."),
        };
    }

    private (int X, int Y) Middle(Part part) => Between(Spot(part, Side.Near), Spot(part, Side.Far), 0.5);

    private static (int X, int Y) Between((int X, int Y) a, (int X, int Y) b, double t) =>
        ((int)Math.Round(a.X + ((b.X - a.X) * t)), (int)Math.Round(a.Y + ((b.Y - a.Y) * t)));

    private void Bone(Ink ink, (int X, int Y) a, (int X, int Y) b, int width)
    {
        shapes.Add(new Shape.Bone(ink, a.X, a.Y, b.X, b.Y, width));
        Reach(a.X, a.Y, width / 2);
        Reach(b.X, b.Y, width / 2);
    }

    private void Disc(Ink ink, (int X, int Y) at, int radius, bool filled)
    {
        shapes.Add(new Shape.Disc(ink, at.X, at.Y, radius, filled));
        Reach(at.X, at.Y, radius);
    }

    private void Reach(int x, int y, int around)
    {
        Grow(x - around, y - around);
        Grow(x + around, y + around);
    }

    private void Grow(int x, int y) =>
        edge = (Math.Min(edge.Left, x), Math.Min(edge.Top, y), Math.Max(edge.Right, x), Math.Max(edge.Bottom, y));
}
