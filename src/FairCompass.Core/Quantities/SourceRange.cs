namespace FairCompass.Core.Quantities;

/// <summary>
/// Where something stands in a draft. A place is not part of a value: two ranges are always equal, so that a workout
/// equals the same workout written with other spacing.
/// </summary>
/// <param name="Line">From 1; 0 when the node was made in memory.</param>
/// <param name="Column">UTF-16 units from 1, as editors count.</param>
/// <param name="Length">UTF-16 units.</param>
public readonly record struct SourceRange(int Line, int Column, int Length)
{
    /// <summary>Always true: position does not take part in comparisons.</summary>
    public bool Equals(SourceRange other) => true;

    /// <inheritdoc/>
    public override int GetHashCode() => 0;
}
