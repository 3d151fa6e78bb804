using FairCompass.Comparability.Training;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Standards.Figures.Reps;
using FairCompass.Store.Day;

namespace FairCompass.Web.Training;

/// <summary>How a sitting goes.</summary>
public enum SittingMode
{
    /// <summary>The truth is shown after each call.</summary>
    Learning,

    /// <summary>Nothing is shown until the end.</summary>
    Test,
}

/// <summary>Begins a sitting, of a workout or of one movement.</summary>
/// <param name="Id">Its id; begun twice under one id it is one.</param>
/// <param name="Mode">How it goes.</param>
/// <param name="Workout">The workout; null where a movement is trained for itself.</param>
/// <param name="Movement">The movement; null where a workout is trained.</param>
/// <param name="Stills">True where a sequence of still pictures is shown in place of a film.</param>
public sealed record BeginSitting(Guid Id, SittingMode Mode, Guid? Workout, string? Movement, bool Stills);

/// <summary>A reason that can be given for a no-rep.</summary>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Call">What the judge says.</param>
public sealed record Reason(string Clause, Said Call);

/// <summary>A rep to be called.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Of">Of how many.</param>
/// <param name="Movement">What is done.</param>
/// <param name="Place">Where the judge stands.</param>
/// <param name="Film">What is seen.</param>
/// <param name="Stills">Which pictures of the film are shown in place of it where motion is not wanted.</param>
/// <param name="Reasons">What can be said of a no-rep.</param>
/// <param name="Milliseconds">How long after the film a call is still taken.</param>
public sealed record RepToCall(
    int Number,
    int Of,
    Said Movement,
    Said Place,
    Film Film,
    Eq<int> Stills,
    IReadOnlyList<Reason> Reasons,
    int Milliseconds
);

/// <summary>Calls a rep.</summary>
/// <param name="Call">What is called.</param>
/// <param name="Reason">For a no-rep the clause; null where none is given.</param>
/// <param name="Milliseconds">From the beginning of the film.</param>
public sealed record CallRep(Call Call, string? Reason, int Milliseconds);

/// <summary>The truth of a rep, shown in learning.</summary>
/// <param name="Right">True where the call was right.</param>
/// <param name="Sentence">What it was, in words.</param>
/// <param name="Pictures">Of each clause that the sentence speaks of, in its order, the judged moment with its line; none for a time
/// between two feet.</param>
/// <param name="At">When it is judged, milliseconds from the beginning of the film.</param>
public sealed record TruthShown(bool Right, Said Sentence, Eq<Drawing> Pictures, int At);

/// <summary>What was called, and in learning the truth.</summary>
/// <param name="Left">How many are still to be called.</param>
/// <param name="Truth">The truth; null in a test.</param>
public sealed record CallTaken(int Left, TruthShown? Truth);

/// <summary>What is known of how somebody sees one clause, in its unit.</summary>
/// <param name="Clause">The rule.</param>
/// <param name="Movements">In which movements it was called.</param>
/// <param name="Line">Where the line is seen: above 0 inside, which is strict; null where too little was called.</param>
/// <param name="Low">The lower end of its interval.</param>
/// <param name="High">The upper end.</param>
/// <param name="Spread">How far around the line calls go either way.</param>
/// <param name="Unit">The unit.</param>
/// <param name="Mark">The line with its unit, as the sentence rounds it; null where too little was called.</param>
/// <param name="Calls">Calls it rests on.</param>
/// <param name="Sharpness">d′; null where too little was called.</param>
/// <param name="SharpnessWithin">Half of its interval.</param>
/// <param name="Criterion">The criterion; null where too little was called.</param>
/// <param name="CriterionWithin">Half of its interval.</param>
/// <param name="Hits">No-reps called so.</param>
/// <param name="NoReps">Of how many.</param>
/// <param name="FalseAlarms">Good reps called no-reps.</param>
/// <param name="Good">Of how many.</param>
/// <param name="RightReasons">No-reps called with the right reason.</param>
/// <param name="MiddleTime">The middle time to a call, milliseconds; null where nothing was seen.</param>
/// <param name="Sentence">Where the line is seen, in words.</param>
/// <param name="Details">The counts behind it with their intervals, in words.</param>
public sealed record EyeShown(
    Said Clause,
    IReadOnlyList<string> Movements,
    double? Line,
    double? Low,
    double? High,
    double? Spread,
    string Unit,
    string? Mark,
    int Calls,
    double? Sharpness,
    double? SharpnessWithin,
    double? Criterion,
    double? CriterionWithin,
    int Hits,
    int NoReps,
    int FalseAlarms,
    int Good,
    int RightReasons,
    int? MiddleTime,
    Said Sentence,
    Said Details
);

/// <summary>A sitting as it is listed.</summary>
/// <param name="Sitting">The sitting.</param>
/// <param name="Right">Calls that were right; null while it goes on, and in learning.</param>
public sealed record SittingListed(Sitting Sitting, int? Right);

/// <summary>What can be trained.</summary>
/// <param name="Workout">The workout; null for a movement by itself.</param>
/// <param name="Movement">The movement; empty for a workout.</param>
/// <param name="Title">Its name.</param>
/// <param name="Lacks">What is still asked before it may be judged; empty where nothing is.</param>
public sealed record CanTrain(Guid? Workout, string Movement, Said Title, IReadOnlyList<Said> Lacks);

/// <summary>Somebody’s own training.</summary>
/// <param name="Name">Who.</param>
/// <param name="Can">What can be trained.</param>
/// <param name="ByWords">Movements of the workouts that are trained by words and pictures, since no pose decides them.</param>
/// <param name="Sittings">The sittings, the newest first.</param>
/// <param name="Eyes">What tests say, by clause.</param>
/// <param name="Remarks">What else there is to say: tiring, too fast, all alike.</param>
public sealed record OwnTraining(
    string Name,
    IReadOnlyList<CanTrain> Can,
    IReadOnlyList<Said> ByWords,
    IReadOnlyList<SittingListed> Sittings,
    IReadOnlyList<EyeShown> Eyes,
    IReadOnlyList<Said> Remarks
);

/// <summary>The training of one judge, as the head judge sees it.</summary>
/// <param name="Trainee">The judge.</param>
/// <param name="Name">By name.</param>
/// <param name="Sittings">How many sittings.</param>
/// <param name="Calls">Calls in tests.</param>
/// <param name="Eyes">What tests say, by clause.</param>
/// <param name="Remarks">What else there is to say.</param>
/// <param name="Lacks">What is asked and not shown yet, by workout.</param>
public sealed record JudgeTraining(
    Guid Trainee,
    string Name,
    int Sittings,
    int Calls,
    IReadOnlyList<EyeShown> Eyes,
    IReadOnlyList<Said> Remarks,
    IReadOnlyList<string> Lacks
);

/// <summary>The training of all judges.</summary>
/// <param name="Asked">What is asked before somebody may judge.</param>
/// <param name="Step">What a step is, in words.</param>
/// <param name="Judges">By name: nobody is ranked.</param>
public sealed record AllTraining(Requirement Asked, string Step, IReadOnlyList<JudgeTraining> Judges);

/// <summary>Makes the link of one judge.</summary>
/// <param name="Official">The judge.</param>
/// <param name="Days">For how many days it holds, 1 to 60.</param>
public sealed record GiveJudgeLink(Guid Official, int Days);
