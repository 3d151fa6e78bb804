using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>Numbers with their unit: <c>12</c>, <c>24/16 kg</c>, <c>2 x 22.5/15 kg</c>, <c>21-15-9</c>.</summary>
/// <param name="First">The numbers for everybody, or for those whom a pair names first.</param>
/// <param name="Second">The numbers of the other side of a pair; empty where there is none.</param>
/// <param name="Unit">As drafts write it; empty where none stands there.</param>
internal sealed record Figure(Eq<decimal> First, Eq<decimal> Second, string Unit)
{
    /// <summary>How many implements: 2 in <c>2 x 22.5 kg</c>, else 1.</summary>
    public int Times { get; init; } = 1;

    /// <summary>True where the list goes on by equal steps: <c>3-6-9-...</c>.</summary>
    public bool Open { get; init; }

    /// <summary>True where an amount nobody has said stands in its place: <c>??</c>, <c>tbc</c>.</summary>
    public bool Unset { get; init; }

    /// <summary>A pair of one number each, or a single number.</summary>
    public bool IsList => First.Count > 1 || Open;

    /// <summary>True for a pair.</summary>
    public bool IsPair => Second.Count > 0;

    /// <summary>The number, where there is only one.</summary>
    public decimal? Only => First.Count == 1 && Second.Count == 0 && !Open ? First[0] : null;

    /// <summary>A whole number where there is only one and it has no unit.</summary>
    public int? Count => Only is { } n && n == decimal.Truncate(n) && n is > 0 and < 10_000 && Unit is "" or "rep" ? (int)Only! : null;

    /// <summary>One side as drafts write it: <c>45-55-65</c>.</summary>
    /// <param name="side">Its numbers.</param>
    public string Side(Eq<decimal> side) => string.Join('-', side.Select(Number.Normal)) + (Open ? "-..." : "");

    /// <summary>True for a mass.</summary>
    public bool IsMass => Unit is "kg" or "lb";

    /// <summary>True for a height or length that is not run or walked: <c>60 cm</c>, <c>24 in</c>.</summary>
    public bool IsHeight => Unit is "cm" or "in" or "mm";
}
