using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Incidents;
using FairCompass.Outcomes.Tables;

namespace FairCompass.Web.Standings;

/// <summary>The results of a workout.</summary>
/// <param name="Workout">Its id.</param>
/// <param name="Title">Its name.</param>
/// <param name="Tables">A table for each division and score; final ones as they were made final.</param>
/// <param name="Standings">How far each division is.</param>
/// <param name="NoCard">Runs of the plan that have no card yet, and so stand in no table.</param>
public sealed record WorkoutResults(
    Guid Workout,
    string Title,
    IReadOnlyList<ResultTable> Tables,
    IReadOnlyList<Standing> Standings,
    int NoCard
)
{
    /// <summary>The version under which every card is scored, with the reason; null where each is scored under its own.</summary>
    public string? Rescored { get; init; }
}

/// <summary>An entry in a table of results.</summary>
/// <param name="Entry">Its id.</param>
/// <param name="Bib">The number worn.</param>
/// <param name="Name">Its public name.</param>
/// <param name="Gym">Its gym.</param>
public sealed record ResultName(Guid Entry, string Bib, string Name, string Gym);

/// <summary>All results of a competition as they stand.</summary>
/// <param name="Seq">Goes up whenever something changes that they are made of.</param>
/// <param name="Competition">The competition’s name.</param>
/// <param name="Workouts">By workout, in the order in which they are run.</param>
/// <param name="Overall">The overall table of each division.</param>
/// <param name="Clubs">Clubs, best first; empty where they are not ranked.</param>
/// <param name="Rules">What has to be before results are final, and how clubs are ranked.</param>
/// <param name="Names">Who is who, as the public may read it.</param>
public sealed record ResultsOf(
    long Seq,
    string Competition,
    IReadOnlyList<WorkoutResults> Workouts,
    IReadOnlyList<OverallTable> Overall,
    IReadOnlyList<ClubLine> Clubs,
    ResultRules Rules,
    IReadOnlyList<ResultName> Names
);

/// <summary>Why an entry has its place.</summary>
/// <param name="Name">The entry.</param>
/// <param name="Title">The workout.</param>
/// <param name="Division">The division.</param>
/// <param name="Steps">From the card to the place.</param>
public sealed record WhyOf(ResultName Name, string Title, string Division, IReadOnlyList<WhyStep> Steps);

/// <summary>Makes results final as they stand.</summary>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own.</param>
/// <param name="Seq">Of the results that were looked at.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Division">The division.</param>
public sealed record MakeFinal(Guid SaveId, long Seq, Guid Workout, string Division);

/// <summary>Opens final results again.</summary>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own.</param>
/// <param name="Seq">Of the results that were looked at.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Division">The division.</param>
/// <param name="Reason">Why, 1 to 200 characters.</param>
public sealed record OpenAgain(Guid SaveId, long Seq, Guid Workout, string Division, string Reason);

/// <summary>Asks what other rules would do to the cards of a workout, or scores them so.</summary>
/// <param name="SaveId">Chosen by the client; only for doing it.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Version">The number of the version to score all cards under; 0 for the one that each was printed from.</param>
/// <param name="Reason">Why, 1 to 200 characters; may be empty for asking.</param>
public sealed record ScoreUnder(Guid SaveId, Guid Workout, int Version, string Reason);

/// <summary>What other rules would do.</summary>
/// <param name="Moves">Whose line would be another one, and how it would come about.</param>
/// <param name="CannotTake">Cards that those rules cannot read, in sentences: they would stay as they are.</param>
/// <param name="Versions">The numbers of the versions that can be asked about.</param>
public sealed record WouldMove(IReadOnlyList<TableMove> Moves, IReadOnlyList<string> CannotTake, IReadOnlyList<int> Versions);

/// <summary>Writes an incident down.</summary>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Heat">The heat; null where it is about none.</param>
/// <param name="Entries">Who is touched, by the numbers they wear: 1 to 40.</param>
/// <param name="What">What has happened, 1 to 1,000 characters.</param>
/// <param name="RaisedBy">Who says so, up to 80 characters.</param>
public sealed record ReportIncident(
    Guid SaveId,
    IncidentKind Kind,
    Guid Workout,
    Guid? Heat,
    IReadOnlyList<string> Entries,
    string What,
    string RaisedBy
);

/// <summary>Decides an incident.</summary>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own.</param>
/// <param name="Seen">The newest decision of it that was seen, 0 for none.</param>
/// <param name="Outcome">What follows.</param>
/// <param name="Reason">Why, 1 to 1,000 characters.</param>
/// <param name="Rule">The rule it rests on, up to 200 characters.</param>
/// <param name="Score">The score that is changed; empty where none is.</param>
/// <param name="Time">Added to a time, as it is typed: <c>0:10</c>, <c>-0:05</c>; empty for none.</param>
/// <param name="Units">Added to a count, as it is typed: <c>-10</c>; empty for none.</param>
public sealed record DecideIncident(
    Guid SaveId,
    long Seen,
    IncidentOutcome Outcome,
    string Reason,
    string Rule,
    string Score,
    string Time,
    string Units
);

/// <summary>An incident with what a page says of it.</summary>
/// <param name="Incident">The incident.</param>
/// <param name="Title">The workout.</param>
/// <param name="Heat">The number of the heat; 0 where it is about none.</param>
/// <param name="Names">Who is touched.</param>
/// <param name="IsLate">True where it was written down after the time to protest was over.</param>
/// <param name="IsOverdue">True where it should be decided by now.</param>
/// <param name="Others">Who ran in the same heat and has no such decision, where it changed something.</param>
public sealed record IncidentLine(
    Incident Incident,
    string Title,
    int Heat,
    IReadOnlyList<ResultName> Names,
    bool IsLate,
    bool IsOverdue,
    IReadOnlyList<ResultName> Others
);

/// <summary>A version that came while a workout was run.</summary>
/// <param name="Title">The workout.</param>
/// <param name="Version">Its number.</param>
/// <param name="At">When it was published, UTC.</param>
/// <param name="Note">What the head judge says about it.</param>
/// <param name="Heats">Heats whose cards were printed from an older version.</param>
/// <param name="Names">Who ran in them.</param>
public sealed record RulingReach(
    string Title,
    int Version,
    DateTime At,
    string Note,
    IReadOnlyList<int> Heats,
    IReadOnlyList<ResultName> Names
);

/// <summary>A workout that an incident can be about.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">Its name.</param>
/// <param name="Heats">Its heats with their numbers.</param>
/// <param name="Scores">The names of its scores.</param>
public sealed record IncidentWorkout(Guid Id, string Title, IReadOnlyList<HeatName> Heats, IReadOnlyList<string> Scores);

/// <summary>A heat by its number.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Number">Its number.</param>
public sealed record HeatName(Guid Id, int Number);

/// <summary>Every incident, and what versions of the day have touched.</summary>
/// <param name="Incidents">The newest first.</param>
/// <param name="Rulings">Versions that came while their workout was run, the newest first.</param>
/// <param name="Workouts">What an incident can be about.</param>
public sealed record IncidentsOf(
    IReadOnlyList<IncidentLine> Incidents,
    IReadOnlyList<RulingReach> Rulings,
    IReadOnlyList<IncidentWorkout> Workouts
);
