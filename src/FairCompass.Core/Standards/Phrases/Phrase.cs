using FairCompass.Core.Languages;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>What breaks a phrase and what follows.</summary>
/// <param name="Sign">What the judge sees, hears, or reads.</param>
/// <param name="By">How.</param>
/// <param name="Call">What the judge says.</param>
/// <param name="Fix">What the athlete must do next.</param>
/// <param name="Then">What follows.</param>
public sealed record PhraseFault(Said Sign, Perceived By, Said Call, Said Fix, Consequence Then);

/// <summary>
/// A rule as standards are built from: one sentence in every language, with the sign that breaks it, the call, and what
/// follows. The same thing is said with the same words in every movement.
/// </summary>
/// <param name="Id">Lower case with hyphens; the id of the clause that is made from it.</param>
/// <param name="Phase">When it holds, usually.</param>
/// <param name="Kind">Required, allowed, forbidden, measured, or a tip.</param>
/// <param name="Text">The sentence.</param>
/// <param name="Fault">How it is broken; null for what is allowed, advised, or checked before the clock.</param>
public sealed record Phrase(string Id, Phase Phase, ClauseKind Kind, Said Text, PhraseFault? Fault = null)
{
    /// <summary>Its parts as data.</summary>
    public ClauseParameters? Of { get; init; }

    /// <summary>What decides it on a drawn pose.</summary>
    public Predicate? Holds { get; init; }

    /// <summary>The same rule with another consequence and what the athlete must do then.</summary>
    public Phrase Then(Consequence then, Said fix) => this with { Fault = Fault! with { Then = then, Fix = fix } };

    /// <summary>The same rule in another phase.</summary>
    public Phrase At(Phase phase) => this with { Phase = phase };

    /// <summary>The clause of a standard.</summary>
    public Clause ToClause() => new(Id, Phase, Kind, Text) { Of = Of, Holds = Holds };

    /// <summary>The no-rep criterion of a standard, or null.</summary>
    public Fault? ToFault() => Fault is { } f ? new("no-" + Id, Id, f.Sign, f.By, f.Call, f.Then, f.Fix) : null;
}
