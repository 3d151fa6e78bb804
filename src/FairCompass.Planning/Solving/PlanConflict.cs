using FairCompass.Core.Quantities;

namespace FairCompass.Planning.Solving;

/// <summary>Rules that cannot be kept together.</summary>
/// <param name="Sentence">What cannot be.</param>
/// <param name="Rules">The rules, each a sentence; what was found to be needless for it is left out. Empty where there are none to
/// give up.</param>
public sealed record PlanConflict(string Sentence, Eq<string> Rules);
