using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Observing;

/// <summary>What a set of facts says of an entry.</summary>
/// <param name="Run">The run as it is scored; what is disputed is left out of it.</param>
/// <param name="Disputes">What nobody has decided yet; while there is one, no score is final.</param>
/// <param name="Troubles">Facts that were left out, and those that stand out of order, each at its place.</param>
/// <param name="Done">Who did how many, as far as it was seen.</param>
/// <param name="NoReps">What did not count, and why.</param>
/// <param name="Lineup">Who stood where.</param>
public sealed record CardReading(
    RunObservation Run,
    Eq<Dispute> Disputes,
    Eq<Trouble> Troubles,
    Eq<Done> Done,
    Eq<NoReps> NoReps,
    Eq<Lineup> Lineup
)
{
    /// <summary>True when the run can be scored: nothing is disputed.</summary>
    public bool IsSettled => Disputes.Count == 0;
}
