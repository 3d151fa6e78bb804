using System.Globalization;

namespace FairCompass.Core.Quantities;

/// <summary>
/// A number of a draft as it was written: up to six digits, up to four decimals, or <c>unset</c>, which says that
/// nobody has decided it yet. <c>3.00</c> prints as typed and equals <c>3</c>.
/// </summary>
/// <param name="Value">The exact decimal value, or null when unset.</param>
public readonly record struct Number(decimal? Value)
{
    /// <summary>The number that nobody has said.</summary>
    public static Number Unset => new((decimal?)null);

    /// <summary>True when nobody has said the value.</summary>
    public bool IsUnset => Value is null;

    /// <summary>True for a whole number; false when it has a fraction or is unset.</summary>
    public bool IsWhole => Value is { } v && decimal.Truncate(v) == v;

    /// <summary>The number as typed, or <c>unset</c>.</summary>
    public override string ToString() => Value?.ToString(CultureInfo.InvariantCulture) ?? "unset";

    /// <summary>The number without trailing zeros (<c>3.00</c> gives <c>3</c>), or <c>unset</c>; the form that is hashed.</summary>
    public string ToNormalString() => Value is { } v ? Normal(v) : "unset";

    /// <summary>A decimal without trailing zeros and never with an exponent.</summary>
    public static string Normal(decimal value) => (value / 1.000000000000000000000000000000000m).ToString(CultureInfo.InvariantCulture);

    /// <summary>Whole numbers are written without a cast in code and tests.</summary>
    public static implicit operator Number(int value) => new(value);

    /// <summary>Decimals are written without a cast in code and tests.</summary>
    public static implicit operator Number(decimal value) => new(value);
}
