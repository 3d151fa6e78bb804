using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Desk;

/// <summary>What was typed into one field.</summary>
/// <param name="Key">The key of the field.</param>
/// <param name="Text">As it was typed.</param>
public sealed record TypedField(string Key, string Text);

/// <summary>A lift as it was typed.</summary>
/// <param name="Piece">The piece.</param>
/// <param name="Load">The load, or the height.</param>
/// <param name="Made">True for a good lift.</param>
/// <param name="Seat">The lifter’s place in a team, from 1; null for one athlete.</param>
public sealed record TypedLift(string Piece, string Load, bool Made, int? Seat);

/// <summary>A place in the work as it was typed, in place of a count.</summary>
/// <param name="Piece">The piece.</param>
/// <param name="Round">The round; empty where there are none.</param>
/// <param name="Task">Which task, from 0.</param>
/// <param name="Unit">Units of it.</param>
/// <param name="Option">Which way, from 0; null where there is no choice.</param>
public sealed record TypedPlace(string Piece, string Round, int Task, string Unit, int? Option);

/// <summary>A card as a person types it.</summary>
/// <param name="Status">What became of the entry.</param>
/// <param name="Fields">What stands in its fields; one that is missing is empty.</param>
/// <param name="Lifts">Lifts, in order.</param>
/// <param name="Places">Places, where they are given in place of counts.</param>
/// <param name="Sure">Keys of fields that were asked about and are meant as they stand.</param>
/// <param name="Unjudged">True where nobody judged: the score is shown and has no place.</param>
/// <param name="Level">The level that was done; empty for the one of the entry.</param>
public sealed record TypedCard(
    EntryStatus Status,
    Eq<TypedField> Fields,
    Eq<TypedLift> Lifts,
    Eq<TypedPlace> Places,
    Eq<string> Sure,
    bool Unjudged = false,
    string Level = ""
);

/// <summary>Something that is asked once before it is taken.</summary>
/// <param name="Key">The field.</param>
/// <param name="Sentence">The question.</param>
public sealed record Doubt(string Key, string Sentence);

/// <summary>No-reps that a judge tallied of a movement.</summary>
/// <param name="Movement">The movement’s name.</param>
/// <param name="Times">How often, from 0.</param>
public sealed record NoReps(string Movement, long Times);

/// <summary>A typed card as it was understood.</summary>
/// <param name="Run">What it says; null where it has errors.</param>
/// <param name="NoReps">The tallies of no-reps that stand on it.</param>
/// <param name="Errors">What cannot be, each at its field.</param>
/// <param name="Asked">What is asked before it is taken.</param>
public sealed record ReadCard(RunObservation? Run, Eq<NoReps> NoReps, Eq<FieldError> Errors, Eq<Doubt> Asked);
