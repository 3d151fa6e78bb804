using System.Text.Json;
using FairCompass.Core.Competitions;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Web.Playing;

/// <summary>Makes up one run of an entry; nothing is stored.</summary>
/// <param name="Competition">The competition; its own paces hold.</param>
/// <param name="Division">The division.</param>
/// <param name="Entry">What tells the entry from others of its division: <c>man</c>, <c>pair</c>, <c>man, Hand Bell</c>.</param>
/// <param name="Seed">From 0 to 9,007,199,254,740,991; the same seed gives the same run.</param>
/// <param name="Text">The draft text; or null when <paramref name="Workout"/> is given.</param>
/// <param name="Workout">The workout as JSON.</param>
/// <param name="Paces">Paces in place of the competition’s and of our estimates, at most 100.</param>
public sealed record PlayRequest(
    Competition Competition,
    string Division,
    string Entry,
    long Seed,
    string? Text = null,
    JsonElement? Workout = null,
    IReadOnlyList<Pace>? Paces = null
);

/// <summary>A made-up run. Paces are estimates, and a run is no athlete.</summary>
/// <param name="Events">What happened, in order.</param>
/// <param name="Facts">What would have been seen of it, as a file of facts.</param>
/// <param name="Card">The boxes of the printed card, with the time in milliseconds at which each is crossed off.</param>
/// <param name="Observation">The card as a desk types it in, to be sent to /api/score as it stands.</param>
/// <param name="Scores">The names of the scores.</param>
/// <param name="Results">One result for each score.</param>
public sealed record PlayAnswer(
    IReadOnlyList<PlayedEvent> Events,
    JsonElement Facts,
    IReadOnlyList<CardTable> Card,
    RunObservation Observation,
    IReadOnlyList<string> Scores,
    IReadOnlyList<ComponentResult> Results
);

/// <summary>Something that happened; keys that do not belong to its kind are left out.</summary>
/// <param name="At">On the hall clock.</param>
/// <param name="Kind"><c>done</c>, <c>noRep</c>, <c>handedOver</c>, <c>holdTaken</c>, <c>holdBroken</c>, <c>lifted</c>,
/// <c>optionTaken</c>, <c>moveDone</c>, <c>reRigged</c>, <c>clockCame</c>, <c>stopped</c>.</param>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Strand">The counter’s key; empty for the only one.</param>
/// <param name="Units">Performed units.</param>
/// <param name="Seat">Who, by the place in the team.</param>
/// <param name="Fault">The fault of the standard that was seen.</param>
/// <param name="Load">The lifted load, bar included.</param>
/// <param name="Made">The judge’s call of a lift.</param>
/// <param name="Task">Which task an option was taken of, from 0.</param>
/// <param name="Option">Which option, from 0.</param>
public sealed record PlayedEvent(
    Duration At,
    string Kind,
    string? Piece = null,
    string? Strand = null,
    long? Units = null,
    int? Seat = null,
    string? Fault = null,
    decimal? Load = null,
    bool? Made = null,
    int? Task = null,
    int? Option = null
);

/// <summary>Who runs in a lane.</summary>
/// <param name="Division">The division.</param>
/// <param name="Duty">What tells the entry from others of its division.</param>
public sealed record LaneOf(string Division, string Duty);

/// <summary>Makes up one heat of a draft.</summary>
/// <param name="Body">The draft.</param>
/// <param name="Lanes">Who runs in each lane, 1 to 20.</param>
/// <param name="Seed">From 0 to 9,007,199,254,740,991.</param>
/// <param name="Paces">Paces in place of those of the competition, at most 100; null for none.</param>
public sealed record HeatRequest(string Body, IReadOnlyList<LaneOf> Lanes, long Seed, IReadOnlyList<Pace>? Paces = null);

/// <summary>Makes up many runs of some entries of a draft, and sums them up.</summary>
/// <param name="Body">The draft.</param>
/// <param name="Entries">Which entries, at least one and each once.</param>
/// <param name="Runs">How many of each, 1 to 10,000; of all together at most 100,000.</param>
/// <param name="Seed">The first seed, from 0 to 9,007,199,254,740,991.</param>
/// <param name="Paces">Paces in place of those of the competition, at most 100; null for none.</param>
public sealed record UsualRequest(string Body, IReadOnlyList<LaneOf> Entries, int Runs, long Seed, IReadOnlyList<Pace>? Paces = null);

/// <summary>What a dry run of a draft can be made of.</summary>
/// <param name="Entries">Who runs, in the order of the divisions.</param>
/// <param name="Paces">The paces of its movements that are expected.</param>
/// <param name="Objection">Why it cannot be played; null when it can.</param>
public sealed record Playable(IReadOnlyList<LaneOf> Entries, IReadOnlyList<ExpectedPace> Paces, string? Objection);

/// <summary>A pace that is expected.</summary>
/// <param name="Pace">The pace.</param>
/// <param name="Ours">True for our estimate, false for one that the competition has put down.</param>
public sealed record ExpectedPace(Pace Pace, bool Ours);

/// <summary>Asks what a dry run of a draft can be made of.</summary>
/// <param name="Body">The draft.</param>
public sealed record PlayableRequest(string Body);
