using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Kit;

/// <summary>A bar from the side.</summary>
/// <param name="Words">Its load: <c>60 kg</c>.</param>
/// <param name="Bar">The mass of the bar.</param>
/// <param name="Side">The plates of one side, inside first.</param>
/// <param name="Change">What goes off and on each side for it; null where nothing changes.</param>
public sealed record BarAt(string Words, decimal Bar, Eq<PlateAt> Side, string? Change)
{
    /// <summary>A bar as it is after a change.</summary>
    /// <param name="words">Its load in words.</param>
    /// <param name="bar">The mass of the bar, in the competition’s unit.</param>
    /// <param name="after">The change that leads to it; the plates stand in it.</param>
    /// <param name="changing">The change in words; null where nothing is changed.</param>
    /// <param name="competition">Its kit says which plates are full discs.</param>
    public static BarAt Of(string words, decimal bar, PlateChange after, string? changing, Competition competition) =>
        new(words, bar, after.Side.Select(m => Plate(m, competition)).ToEq(), changing);

    private static PlateAt Plate(decimal mass, Competition competition)
    {
        var stock = competition.Kit.Plates.FirstOrDefault(p => p.Mass == mass);
        var (diameter, thickness) = PlateSizes.Of(new Mass(mass, competition.Unit).InKilograms, stock?.FullDiameter == true);
        return new(
            mass,
            competition.PlateName(mass),
            diameter,
            stock?.Thickness is { } measured ? (int)decimal.Round(measured) : thickness
        );
    }
}

/// <summary>A plate on a bar.</summary>
/// <param name="Mass">Its mass.</param>
/// <param name="Name">What stands on it: the mass, or <c>45 lb</c> in a competition of kilograms.</param>
/// <param name="Diameter">In millimetres, as it is drawn.</param>
/// <param name="Thickness">In millimetres, as it is drawn.</param>
public sealed record PlateAt(decimal Mass, string Name, int Diameter, int Thickness);
