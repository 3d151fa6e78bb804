using FairCompass.Core.Quantities;

namespace FairCompass.Core.Observing;

/// <summary>A fact with who saw it, when, and through what.</summary>
/// <param name="Id">Chosen where it was seen, so that a fact sent twice is one fact.</param>
/// <param name="By">Who.</param>
/// <param name="At">When, by the clock of the device; devices’ clocks differ and are never subtracted from one another.</param>
/// <param name="Device">The device; <c>desk</c> for what was typed off a paper card.</param>
/// <param name="Sequence">Which of the facts of this device, from 1: the order in which one person saw them.</param>
/// <param name="Fact">The fact.</param>
/// <param name="Replaces">The fact of which this is the correction; null for none.</param>
public sealed record Observed(Guid Id, string By, DateTimeOffset At, string Device, long Sequence, Fact Fact, Guid? Replaces = null);

/// <summary>Two or more facts that say different things of the same, none of them in place of another. Neither holds until somebody
/// decides.</summary>
/// <param name="About">The thing, in words: <c>the count of part 1</c>.</param>
/// <param name="Facts">The ids, ordered.</param>
public sealed record Dispute(string About, Eq<Guid> Facts);

/// <summary>A fact that cannot have happened, or cannot stand where it does.</summary>
/// <param name="Fact">Its id.</param>
/// <param name="Field">Which part of it: <c>units</c>, <c>sequence</c>.</param>
/// <param name="Sentence">What is wrong.</param>
public sealed record Trouble(Guid Fact, string Field, string Sentence);

/// <summary>What one member, or everybody, did at one counter.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Strand">The counter’s key.</param>
/// <param name="Seat">The place in the team; null for all together.</param>
/// <param name="Units">Performed units.</param>
public sealed record Done(string Piece, string Strand, int? Seat, long Units);

/// <summary>No-reps of one kind.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Strand">The counter’s key.</param>
/// <param name="Clause">The clause that was broken; null when it was not named.</param>
/// <param name="Seat">Whose; null when it was not written down.</param>
/// <param name="Times">How many.</param>
public sealed record NoReps(string Piece, string Strand, string? Clause, int? Seat, int Times);

/// <summary>Who stands where.</summary>
/// <param name="Seat">The place in the team.</param>
/// <param name="FromCycle">From which cycle on; null from the beginning.</param>
/// <param name="Athlete">Who.</param>
public sealed record Lineup(int Seat, int? FromCycle, string Athlete);
