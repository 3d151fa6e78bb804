using FairCompass.Comparability.Training;
using FairCompass.Core.Languages;
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

/// <summary>A borderline rep as the head judge sees it.</summary>
/// <param name="Rep">The rep.</param>
/// <param name="Sentence">What it shows, in words.</param>
/// <param name="Tally">What was called of it, without names.</param>
public sealed record FloorRepListed(FloorRep Rep, string Sentence, FloorRepTally Tally);

/// <summary>The borderline reps of the own floor.</summary>
/// <param name="Reps">The reps, oldest first.</param>
/// <param name="Can">Of what more can be drawn.</param>
public sealed record FloorReps(IReadOnlyList<FloorRepListed> Reps, IReadOnlyList<CanDraw> Can);

/// <summary>The next borderline rep that somebody has not called yet.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Rep">What is seen.</param>
public sealed record FloorRepToCall(Guid Id, RepToCall Rep);

/// <summary>Calls a borderline rep.</summary>
/// <param name="Call">What is called.</param>
public sealed record CallFloorRep(Call Call);
