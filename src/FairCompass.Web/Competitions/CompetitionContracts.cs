using FairCompass.Core.Competitions;

namespace FairCompass.Web.Competitions;

/// <summary>A stored competition.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Revision">The revision to save over.</param>
/// <param name="SavedAt">When it was saved, UTC.</param>
/// <param name="Competition">The document.</param>
public sealed record StoredCompetition(Guid Id, int Revision, DateTime SavedAt, Competition Competition);

/// <summary>A competition in the list.</summary>
public sealed record CompetitionEntry(Guid Id, string Name);

/// <summary>Saves a competition.</summary>
/// <param name="BaseRevision">The revision the edit began from.</param>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own save.</param>
/// <param name="Competition">The document.</param>
public sealed record SaveCompetition(int BaseRevision, Guid SaveId, Competition Competition);

/// <summary>What the route shows of a competition's workouts.</summary>
/// <param name="Workouts">In order.</param>
/// <param name="Movements">How many movements the workouts use.</param>
/// <param name="MovementsWithoutStandard">How many of them have no standard.</param>
/// <param name="Published">How many of the workouts are published.</param>
/// <param name="Asked">Questions about published workouts that nobody has answered.</param>
/// <param name="Day">Who is entered, and how much is planned.</param>
public sealed record Overview(
    IReadOnlyList<WorkoutEntry> Workouts,
    int Movements,
    int MovementsWithoutStandard,
    int Published,
    int Asked,
    Store.Day.DayCounts Day
);

/// <summary>A workout in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">Its first line.</param>
/// <param name="MustFix">Findings that must be settled.</param>
/// <param name="Others">Other findings.</param>
/// <param name="Scored">True when every score is stated completely.</param>
/// <param name="Findings">The findings, for the page of checks; of very many the first.</param>
public sealed record WorkoutEntry(Guid Id, string Title, int MustFix, int Others, bool Scored, IReadOnlyList<Core.Checks.Finding> Findings);
