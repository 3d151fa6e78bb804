using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Policies;

/// <summary>
/// What an answer changes of clauses however they are worded: it comes after every answer that rewrites them, so that two answers about one
/// clause both hold.
/// </summary>
internal abstract record ClauseAdjust(Eq<string> Clauses)
{
    /// <summary>The clause as it is under the answer.</summary>
    public virtual Clause Of(Clause clause) => clause;

    /// <summary>The no-rep as it is under the answer.</summary>
    public virtual Fault Of(Fault fault) => fault;

    /// <summary>What is broken has another consequence.</summary>
    public sealed record Redone(Eq<string> Clauses, Consequence Then, Said Fix) : ClauseAdjust(Clauses)
    {
        public override Fault Of(Fault fault) => fault with { Then = Then, Athlete = Fix };
    }

    /// <summary>What stands on a mark has reached it.</summary>
    public sealed record OnTheLineCounts(Eq<string> Clauses) : ClauseAdjust(Clauses)
    {
        public override Clause Of(Clause clause) =>
            clause with
            {
                Text = new(
                    clause
                        .Text.English.Replace("has crossed its mark", "is on or over its mark", StringComparison.Ordinal)
                        .Replace("have crossed its mark completely", "are on or over its mark", StringComparison.Ordinal)
                        .Replace("have crossed its mark", "are on or over its mark", StringComparison.Ordinal),
                    clause
                        .Text.Spanish?.Replace("ha pasado la marca", "está sobre la marca o la ha pasado", StringComparison.Ordinal)
                        .Replace("han pasado la marca por completo", "están sobre la marca o la han pasado", StringComparison.Ordinal)
                        .Replace("han pasado la marca", "están sobre la marca o la han pasado", StringComparison.Ordinal)
                ),
                Of = clause.Of is { } of ? of with { OnTheLine = OnTheLine.In } : null,
            };

        public override Fault Of(Fault fault) =>
            fault with
            {
                Sign = new(
                    fault.Sign.English.Replace(" on or before the mark", " before the mark", StringComparison.Ordinal),
                    fault.Sign.Spanish?.Replace("sobre la marca o antes", "antes de la marca", StringComparison.Ordinal)
                ),
            };
    }
}
