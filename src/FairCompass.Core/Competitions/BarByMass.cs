using System.Globalization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Competitions;

/// <summary>A bar that a draft names by what it weighs: <c>bar 20 kg</c>. Its name is that mass with its unit.</summary>
public static class BarByMass
{
    /// <summary>The name of a bar of this mass.</summary>
    public static string Name(decimal mass, MassUnit unit) => new Mass(mass, unit).ToString();

    /// <summary>The mass that a name says; null for a name in words.</summary>
    public static Mass? Of(string name) =>
        name.Split(' ') is [var figure, ("kg" or "lb") and var unit]
        && decimal.TryParse(figure, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var mass)
            ? new Mass(mass, unit == "kg" ? MassUnit.Kilogram : MassUnit.Pound)
            : null;
}
