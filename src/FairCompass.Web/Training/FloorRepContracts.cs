using FairCompass.Comparability.Training;
using FairCompass.Core.Languages;
using FairCompass.Documents;
using FairCompass.Store.Day;

namespace FairCompass.Web.Training;

/// <summary>A clause of which a borderline rep can be drawn.</summary>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Name">The movement’s name.</param>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Text">The clause.</param>
/// <param name="Unit">The unit of the distance.</param>
/// <param name="Inside">The largest distance inside the limit.</param>
/// <param name="Outside">The largest outside it, below 0.</param>
public sealed record CanDraw(string Movement, Said Name, string Clause, Said Text, string Unit, double Inside, double Outside);

/// <summary>What a borderline rep shows.</summary>
/// <param name="Id">Its id: under the same id the same athlete does it, so what is looked at is what is kept.</param>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Margin">How far inside its limit, in the clause’s unit; negative is outside.</param>
public sealed record DrawFloorRep(Guid Id, string Movement, string Clause, double Margin);

/// <summary>Keeps a borderline rep with its ruling.</summary>
/// <param name="Id">Its id; kept twice under one id it is one.</param>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Margin">How far inside its limit, in the clause’s unit; negative is outside.</param>
/// <param name="Good">What is ruled.</param>
/// <param name="Ruling">Why, in a sentence.</param>
public sealed record KeepFloorRep(Guid Id, string Movement, string Clause, double Margin, bool Good, string Ruling);

/// <summary>A clause of which a film may be shown.</summary>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Text">The clause.</param>
public sealed record ClauseFilmed(string Clause, Said Text);

/// <summary>A movement of which a film may be shown.</summary>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Clauses">The rules that the film may be about.</param>
public sealed record CanFilm(string Movement, Said Name, IReadOnlyList<ClauseFilmed> Clauses);

/// <summary>What is kept of a film.</summary>
/// <param name="Rate">Pictures a second.</param>
/// <param name="Fewest">The fewest pictures.</param>
/// <param name="Most">The most pictures.</param>
/// <param name="Side">Pixels a side of all of them together, at most.</param>
public sealed record FilmLimits(int Rate, int Fewest, int Most, int Side)
{
    /// <summary>The only ones there are.</summary>
    public static readonly FilmLimits All = new(FilmStrip.Rate, FilmStrip.Fewest, FilmStrip.Most, Photograph.LongestSide);
}

/// <summary>What is said of a film of a borderline rep that is kept; its pictures are the body.</summary>
/// <param name="Rep">Its id; kept twice under one id it is one.</param>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Good">What is ruled.</param>
/// <param name="Ruling">Why, in a sentence.</param>
/// <param name="Frames">How many pictures it has, twelve a second.</param>
/// <param name="Across">How many of them stand beside each other, row under row.</param>
public sealed record KeepFilmedRep(Guid Rep, string Movement, string Clause, bool Good, string Ruling, int Frames, int Across);

/// <summary>A filmed rep to be called.</summary>
/// <param name="Number">Its number, from 1.</param>
/// <param name="Of">How many there are.</param>
/// <param name="Movement">The movement.</param>
/// <param name="Place">Where its judge stands.</param>
/// <param name="Frames">How many pictures it has.</param>
/// <param name="Across">How many of them stand beside each other.</param>
/// <param name="Wide">Pixels across of one picture.</param>
/// <param name="High">Pixels down of one picture.</param>
/// <param name="Rate">Pictures a second.</param>
public sealed record FilmedRep(int Number, int Of, Said Movement, Said Place, int Frames, int Across, int Wide, int High, int Rate);

/// <summary>A borderline rep as the head judge sees it.</summary>
/// <param name="Rep">The rep.</param>
/// <param name="Sentence">What it shows, in words.</param>
/// <param name="Tally">What was called of it, without names.</param>
public sealed record FloorRepListed(FloorRep Rep, string Sentence, FloorRepTally Tally);

/// <summary>The borderline reps of the own floor.</summary>
/// <param name="Reps">The reps, oldest first.</param>
/// <param name="Can">Of what more can be drawn.</param>
/// <param name="Films">Of what a film can be shown.</param>
/// <param name="Limits">What is kept of a film.</param>
public sealed record FloorReps(
    IReadOnlyList<FloorRepListed> Reps,
    IReadOnlyList<CanDraw> Can,
    IReadOnlyList<CanFilm> Films,
    FilmLimits Limits
);

/// <summary>The next borderline rep that somebody has not called yet.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Rep">What is seen, where it is drawn.</param>
/// <param name="Filmed">What is seen, where it is filmed.</param>
public sealed record FloorRepToCall(Guid Id, RepToCall? Rep, FilmedRep? Filmed);

/// <summary>Calls a borderline rep.</summary>
/// <param name="Call">What is called.</param>
public sealed record CallFloorRep(Call Call);
