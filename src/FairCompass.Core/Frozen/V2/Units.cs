namespace FairCompass.Core.Frozen.V2;

// Units of loads and lengths.

internal enum MassUnit
{
    Kilogram,
    Pound,
}

internal enum LengthUnit
{
    Millimetre,
    Centimetre,
    Metre,
    Inch,
    Foot,
}
