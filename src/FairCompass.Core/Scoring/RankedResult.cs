using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>A result to be ranked, as the scorer gives it; what is only read by people may be left out.</summary>
/// <param name="Class">The class it is ranked in.</param>
/// <param name="Value">The value within the class; smaller is better.</param>
/// <param name="Ties">Tie values in order; smaller is better.</param>
/// <param name="Text">The score as published.</param>
/// <param name="TieText">The tie-break value as published, or null.</param>
/// <param name="Reasons">How it came about.</param>
public sealed record RankedResult(
    ResultClass Class,
    long Value,
    Eq<long> Ties = default,
    string? Text = null,
    string? TieText = null,
    Eq<string> Reasons = default
)
{
    /// <summary>The result as the ranking takes it.</summary>
    public ComponentResult ToComponent() => new(Class, Value, Ties, Text ?? "", TieText, Reasons);
}
