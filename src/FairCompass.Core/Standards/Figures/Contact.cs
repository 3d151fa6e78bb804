namespace FairCompass.Core.Standards.Figures;

/// <summary>
/// A part that touches another: between the spots in both lies at most what lies between joint and skin, which grows with the body.
/// </summary>
internal static class Contact
{
    /// <summary>How far inside contact is, millimetres.</summary>
    /// <param name="scene">The scene.</param>
    /// <param name="part">The part that touches.</param>
    /// <param name="other">What it touches; against the floor only the height counts.</param>
    /// <param name="within">Millimetres, at the usual stature.</param>
    /// <param name="s">The side.</param>
    public static double Margin(Scene scene, Part part, Part other, double within, Side s) =>
        Reach(scene, within) - (other == Part.Floor ? Math.Abs(scene.At(part, s).Y) : scene.At(part, s).Beside(scene.At(other, s)));

    /// <summary>Where the margin is nothing; that nothing goes through the floor needs no line.</summary>
    public static Limit Limit(Scene scene, Part other, double within, Side s) =>
        other == Part.Floor ? new Limit.Level(Reach(scene, within)) : new Limit.Ring(scene.At(other, s), Reach(scene, within));

    private static double Reach(Scene scene, double within) => within * scene.Body.Stature / Body.Usual;
}
