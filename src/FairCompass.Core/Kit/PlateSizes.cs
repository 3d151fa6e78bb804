namespace FairCompass.Core.Kit;

/// <summary>
/// How large plates are drawn where nobody has measured them: the diameters and the usual thickness of competition discs of the
/// international weightlifting rules (full discs of 450 mm, small ones by mass), from memory. A drawing only; what fits a sleeve is
/// worked out from measured thickness alone.
/// </summary>
public static class PlateSizes
{
    /// <summary>The diameter of a full disc, in millimetres.</summary>
    public const int Full = 450;

    private static readonly (decimal Mass, int Diameter, int Thickness)[] Small =
    [
        (0.5m, 134, 8),
        (1m, 160, 12),
        (1.25m, 165, 13),
        (1.5m, 175, 15),
        (2m, 190, 16),
        (2.5m, 210, 19),
        (5m, 230, 26),
        (10m, 330, 30),
        (15m, 400, 36),
        (20m, 450, 42),
    ];

    private static readonly (decimal Mass, int Thickness)[] Thick = [(10m, 34), (15m, 42), (20m, 54), (25m, 67)];

    /// <summary>Diameter and thickness of a plate as it is drawn, in millimetres.</summary>
    /// <param name="kilograms">Its mass; over 0.</param>
    /// <param name="full">True for full diameter.</param>
    public static (int Diameter, int Thickness) Of(decimal kilograms, bool full) =>
        full
            ? (Full, Thick.Where(t => t.Mass <= kilograms).Select(t => t.Thickness).DefaultIfEmpty(30).Max())
            : Small.Where(s => s.Mass <= kilograms).Select(s => (s.Diameter, s.Thickness)).DefaultIfEmpty((120, 8)).Last();
}
