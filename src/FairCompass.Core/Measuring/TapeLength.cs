using System.Globalization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Measuring;

/// <summary>A length as two tapes show it: whole millimetres, and inches to the nearest sixteenth.</summary>
/// <param name="Millimetres">Whole millimetres, halves away from zero.</param>
/// <param name="Inches">Inches with two decimals: <c>80.47</c>.</param>
/// <param name="Tape">Inches to the nearest sixteenth in lowest terms: <c>80 1/2</c>.</param>
public sealed record TapeLength(decimal Millimetres, string Inches, string Tape)
{
    /// <summary>A length in millimetres as tapes show it; an inch is 25.4 mm exactly (<see cref="Length.MillimetresPerInch"/>).</summary>
    /// <param name="millimetres">0 or more, exact.</param>
    /// <exception cref="ArgumentOutOfRangeException">The length is negative.</exception>
    /// <example><c>TapeLength.Of(76.2m).Tape</c> is <c>"3"</c>.</example>
    public static TapeLength Of(decimal millimetres)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(millimetres);
        var inches = millimetres / Length.MillimetresPerInch;
        var sixteenths = (long)Math.Round(inches * 16, MidpointRounding.AwayFromZero);
        var (whole, over, of) = (sixteenths / 16, sixteenths % 16, 16L);
        while (over > 0 && over % 2 == 0)
        {
            (over, of) = (over / 2, of / 2);
        }

        var tape =
            over == 0 ? whole.ToString(CultureInfo.InvariantCulture)
            : whole == 0 ? string.Create(CultureInfo.InvariantCulture, $"{over}/{of}")
            : string.Create(CultureInfo.InvariantCulture, $"{whole} {over}/{of}");
        return new(
            Math.Round(millimetres, MidpointRounding.AwayFromZero),
            Math.Round(inches, 2, MidpointRounding.AwayFromZero).ToString("0.00", CultureInfo.InvariantCulture),
            tape
        );
    }

    /// <summary>Both tapes: <c>2044 mm · 80 1/2 in</c>.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Millimetres} mm · {Tape} in");
}
