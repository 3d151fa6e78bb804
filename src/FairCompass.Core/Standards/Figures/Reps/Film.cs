using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>What of a shape stays the same through a film.</summary>
/// <param name="Kind">Bone, disc or outline.</param>
/// <param name="Ink">What it stands for.</param>
/// <param name="Size">The width of a bone, the radius of a disc, 0 for an outline; millimetres.</param>
/// <param name="Filled">False for a ring or a line.</param>
/// <param name="Numbers">How many numbers of a picture are its own: x and y by turns.</param>
public sealed record FilmShape(FilmKind Kind, Ink Ink, int Size, bool Filled, int Numbers);

/// <summary>The kinds of shape of a film.</summary>
public enum FilmKind
{
    /// <summary>A line with round ends: x and y of both.</summary>
    Bone,

    /// <summary>A circle: x and y of its middle.</summary>
    Disc,

    /// <summary>A closed outline: x and y by turns.</summary>
    Outline,
}

/// <summary>A motion as pictures one after the other, in millimetres; y grows downwards. Between two pictures every point goes
/// straight.</summary>
/// <param name="FramesPerSecond">Pictures a second.</param>
/// <param name="Left">Left edge of all pictures.</param>
/// <param name="Top">Top edge.</param>
/// <param name="Width">Width.</param>
/// <param name="Height">Height.</param>
/// <param name="Shapes">From back to front, the same in every picture.</param>
/// <param name="Frames">For each picture the points of every shape, one after the other.</param>
/// <param name="Sounds">When something touches that is heard, milliseconds from the beginning.</param>
public sealed record Film(
    int FramesPerSecond,
    int Left,
    int Top,
    int Width,
    int Height,
    Eq<FilmShape> Shapes,
    Eq<Eq<int>> Frames,
    Eq<int> Sounds
)
{
    /// <summary>Pictures a second that are sampled; a page shows what lies between.</summary>
    public const int Rate = 30;

    /// <summary>Draws scenes one after the other on one page.</summary>
    /// <param name="scenes">At least one, <see cref="Rate"/> a second.</param>
    /// <param name="view">From where.</param>
    /// <param name="sounds">When something is heard, milliseconds.</param>
    public static Film Of(IReadOnlyList<Scene> scenes, View view, Eq<int> sounds)
    {
        var page = scenes.Select(s => Draughtsman.Draw(s, view, null)).Aggregate(Around);
        var drawings = scenes.Select(s => Draughtsman.Draw(s, view, null, page)).ToList();
        return new(
            Rate,
            page.Left,
            page.Top,
            page.Width,
            page.Height,
            drawings[0].Shapes.Select(Kept).ToEq(),
            drawings.Select(d => d.Shapes.SelectMany(Points).ToEq()).ToEq(),
            sounds
        );
    }

    /// <summary>How long it is, milliseconds.</summary>
    public int Length => (Frames.Count - 1) * 1000 / FramesPerSecond;

    private static Drawing Around(Drawing a, Drawing b)
    {
        var (left, top) = (Math.Min(a.Left, b.Left), Math.Min(a.Top, b.Top));
        return new(left, top, Math.Max(a.Left + a.Width, b.Left + b.Width) - left, Math.Max(a.Top + a.Height, b.Top + b.Height) - top, []);
    }

    private static FilmShape Kept(Shape shape) =>
        shape switch
        {
            Shape.Bone b => new(FilmKind.Bone, b.Ink, b.Width, true, 4),
            Shape.Disc d => new(FilmKind.Disc, d.Ink, d.Radius, d.Filled, 2),
            Shape.Outline o => new(FilmKind.Outline, o.Ink, 0, o.Filled, o.Points.Count),
            _ => throw new ArgumentOutOfRangeException(nameof(shape)),
        };

    private static IEnumerable<int> Points(Shape shape) =>
        shape switch
        {
            Shape.Bone b => [b.X1, b.Y1, b.X2, b.Y2],
            Shape.Disc d => [d.X, d.Y],
            Shape.Outline o => o.Points,
            _ => throw new ArgumentOutOfRangeException(nameof(shape)),
        };
}
