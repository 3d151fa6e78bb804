namespace FairCompass.Core.Standards.Figures;

/// <summary>What implement is drawn.</summary>
public enum Implement
{
    /// <summary>None.</summary>
    None,

    /// <summary>A barbell with plates of 45 cm.</summary>
    Barbell,

    /// <summary>Two dumbbells.</summary>
    Dumbbells,

    /// <summary>One dumbbell.</summary>
    Dumbbell,

    /// <summary>One kettlebell.</summary>
    Kettlebell,

    /// <summary>A ball of 35 cm.</summary>
    Ball,

    /// <summary>A sandbag.</summary>
    Sandbag,

    /// <summary>A long bag that several carry.</summary>
    TeamBag,

    /// <summary>A plate of 45 cm in the hands.</summary>
    Plate,
}

/// <summary>What stands around the athlete. Heights in millimetres; a forward place in fractions of stature; null when absent.</summary>
/// <param name="Implement">What is lifted.</param>
public sealed record Surroundings(Implement Implement = Implement.None)
{
    /// <summary>Where the bar or rings hang, in fractions of stature forward and up.</summary>
    public (double X, double Y)? HighBar { get; init; }

    /// <summary>True when <see cref="HighBar"/> is rings.</summary>
    public bool Rings { get; init; }

    /// <summary>The box: where its middle is, and its height in millimetres.</summary>
    public (double X, double Height)? Box { get; init; }

    /// <summary>The wall: where it is, and the height of its line, both in fractions of stature; a line of 0 is none.</summary>
    public (double X, double Line)? Wall { get; init; }

    /// <summary>A target: fractions of stature.</summary>
    public (double X, double Y)? Target { get; init; }

    /// <summary>A line on the floor, in fractions of stature.</summary>
    public double? FloorLine { get; init; }

    /// <summary>A bench under the back, its height in millimetres.</summary>
    public double? Bench { get; init; }

    /// <summary>A seat and monitor: 1 rowing machine, 2 air bike.</summary>
    public int Machine { get; init; }

    /// <summary>A climbing rope at a place forward, in fractions of stature.</summary>
    public double? Rope { get; init; }
}
