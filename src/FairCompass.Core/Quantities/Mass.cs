namespace FairCompass.Core.Quantities;

/// <summary>The unit a load is published in.</summary>
public enum MassUnit
{
    /// <summary>Kilogram.</summary>
    Kilogram,

    /// <summary>Avoirdupois pound.</summary>
    Pound,
}

/// <summary>A load as published. Pounds and kilograms are kept apart; a conversion is asked for and marked as one.</summary>
/// <param name="Value">The exact figure in <paramref name="Unit"/>.</param>
/// <param name="Unit">The unit it is published in.</param>
public readonly record struct Mass(decimal Value, MassUnit Unit)
{
    /// <summary>
    /// Kilograms in one pound, exactly: the international avoirdupois pound is 0.453 592 37 kg by the agreement of
    /// 1 July 1959 (United States Federal Register 24 FR 5348; NIST Special Publication 811, appendix B.6).
    /// </summary>
    public const decimal KilogramsPerPound = 0.45359237m;

    /// <summary>The mass in kilograms, exact for pounds of up to 20 significant digits.</summary>
    public decimal InKilograms => Unit == MassUnit.Kilogram ? Value : Value * KilogramsPerPound;

    /// <summary>The figure in a unit: exact from pounds to kilograms, to 28 digits the other way.</summary>
    public decimal In(MassUnit unit) =>
        unit == Unit ? Value
        : unit == MassUnit.Kilogram ? InKilograms
        : Value / KilogramsPerPound;

    /// <summary><c>kg</c> or <c>lb</c>.</summary>
    public string Symbol => Unit.Symbol();

    /// <summary>The load as printed: <c>22.5 kg</c>.</summary>
    public override string ToString() => $"{Number.Normal(Value)} {Symbol}";
}

/// <summary>A unit of length of the floor, a target, or a line.</summary>
public enum LengthUnit
{
    /// <summary>Millimetre.</summary>
    Millimetre,

    /// <summary>Centimetre.</summary>
    Centimetre,

    /// <summary>Metre.</summary>
    Metre,

    /// <summary>International inch.</summary>
    Inch,

    /// <summary>International foot.</summary>
    Foot,
}

/// <summary>A length as published.</summary>
/// <param name="Value">The exact figure in <paramref name="Unit"/>.</param>
/// <param name="Unit">The unit it is published in.</param>
public readonly record struct Length(decimal Value, LengthUnit Unit)
{
    /// <summary>
    /// Millimetres in one inch, exactly 25.4: the international yard is 0.9144 m by the agreement of 1 July 1959
    /// (24 FR 5348), so the foot is 304.8 mm and the inch 25.4 mm.
    /// </summary>
    public const decimal MillimetresPerInch = 25.4m;

    /// <summary>The length in millimetres, exact.</summary>
    public decimal InMillimetres =>
        Unit switch
        {
            LengthUnit.Millimetre => Value,
            LengthUnit.Centimetre => Value * 10,
            LengthUnit.Metre => Value * 1000,
            LengthUnit.Inch => Value * MillimetresPerInch,
            _ => Value * 12 * MillimetresPerInch,
        };

    /// <summary>The length as printed: <c>60 cm</c>.</summary>
    public override string ToString() => $"{Number.Normal(Value)} {Unit.Symbol()}";
}

/// <summary>The written symbols of units.</summary>
public static class UnitSymbols
{
    /// <summary><c>kg</c> or <c>lb</c>.</summary>
    public static string Symbol(this MassUnit unit) => unit == MassUnit.Kilogram ? "kg" : "lb";

    /// <summary>Pound for kilogram, and the other way round.</summary>
    public static MassUnit Other(this MassUnit unit) => unit == MassUnit.Kilogram ? MassUnit.Pound : MassUnit.Kilogram;

    /// <summary><c>mm</c>, <c>cm</c>, <c>m</c>, <c>in</c>, or <c>ft</c>.</summary>
    public static string Symbol(this LengthUnit unit) =>
        unit switch
        {
            LengthUnit.Millimetre => "mm",
            LengthUnit.Centimetre => "cm",
            LengthUnit.Metre => "m",
            LengthUnit.Inch => "in",
            _ => "ft",
        };
}
