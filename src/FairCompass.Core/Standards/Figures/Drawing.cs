using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>What a shape stands for; the page decides how it looks.</summary>
public enum Ink
{
    /// <summary>A limb of the near side, and the trunk and head.</summary>
    Near,

    /// <summary>A limb of the far side.</summary>
    Far,

    /// <summary>The implement.</summary>
    Implement,

    /// <summary>What stands around: floor, box, wall, bar.</summary>
    Around,

    /// <summary>The judged plane.</summary>
    Plane,

    /// <summary>The judged point.</summary>
    Judged,
}

/// <summary>A shape of a figure, in millimetres; y grows downwards, as on paper.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Bone), "bone")]
[JsonDerivedType(typeof(Disc), "disc")]
[JsonDerivedType(typeof(Outline), "outline")]
public abstract record Shape
{
    private Shape() { }

    /// <summary>A line with round ends.</summary>
    /// <param name="Ink">What it stands for.</param>
    /// <param name="X1">One end.</param>
    /// <param name="Y1">One end.</param>
    /// <param name="X2">The other end.</param>
    /// <param name="Y2">The other end.</param>
    /// <param name="Width">Its thickness.</param>
    public sealed record Bone(Ink Ink, int X1, int Y1, int X2, int Y2, int Width) : Shape;

    /// <summary>A circle.</summary>
    /// <param name="Ink">What it stands for.</param>
    /// <param name="X">Its middle.</param>
    /// <param name="Y">Its middle.</param>
    /// <param name="Radius">Its radius.</param>
    /// <param name="Filled">False for a ring.</param>
    public sealed record Disc(Ink Ink, int X, int Y, int Radius, bool Filled) : Shape;

    /// <summary>A closed outline.</summary>
    /// <param name="Ink">What it stands for.</param>
    /// <param name="Points">x and y by turns.</param>
    /// <param name="Filled">False for a line only.</param>
    public sealed record Outline(Ink Ink, Eq<int> Points, bool Filled) : Shape;
}

/// <summary>From where a figure is seen.</summary>
public enum View
{
    /// <summary>From the side.</summary>
    Side,

    /// <summary>From the front.</summary>
    Front,

    /// <summary>From in front and to one side, at 45°.</summary>
    Oblique,
}

/// <summary>A figure as it is drawn.</summary>
/// <param name="Left">Left edge, millimetres.</param>
/// <param name="Top">Top edge, millimetres.</param>
/// <param name="Width">Millimetres.</param>
/// <param name="Height">Millimetres.</param>
/// <param name="Shapes">From back to front.</param>
public sealed record Drawing(int Left, int Top, int Width, int Height, Eq<Shape> Shapes);
