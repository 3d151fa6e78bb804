namespace FairCompass.Core.Quantities;

/// <summary>Where something stands in a draft.</summary>
/// <param name="Line">From 1; 0 when the node was made in memory.</param>
/// <param name="Column">UTF-16 units from 1, as editors count.</param>
/// <param name="Length">UTF-16 units.</param>
public readonly record struct SourceRange(int Line, int Column, int Length);
