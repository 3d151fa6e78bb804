using System.Text.Json;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Scoring;

namespace FairCompass.Web.Calculators;

/// <summary>Scores observations; nothing is stored.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Division">The division.</param>
/// <param name="Entry">What tells the entry from others of its division: <c>man</c>, <c>woman</c>, <c>pair</c>, <c>team</c>, or
/// <c>man, Hand Bell</c> with levels.</param>
/// <param name="Runs">The entries with their observations, 1 to 2,000.</param>
/// <param name="Text">The draft text; or null when <paramref name="Workout"/> is given.</param>
/// <param name="Workout">The workout as JSON.</param>
/// <param name="Before">A draft text with other rules: the answer then lists who moves and why.</param>
public sealed record ScoreRequest(
    Competition Competition,
    string Division,
    string Entry,
    IReadOnlyList<ScoredRun> Runs,
    string? Text = null,
    JsonElement? Workout = null,
    string? Before = null
);

/// <summary>An entry with what its cards say.</summary>
/// <param name="Name">The entry.</param>
/// <param name="Attempts">One observation, or one for each submission in order.</param>
public sealed record ScoredRun(string Name, IReadOnlyList<RunObservation> Attempts);

/// <summary>The scores.</summary>
/// <param name="Components">The names of the scores.</param>
/// <param name="Weights">Their weights in the overall table.</param>
/// <param name="Rules">Each score's rule in sentences.</param>
/// <param name="Results">One line for each entry, in the order asked.</param>
/// <param name="Moves">For each score who moves under these rules, when rules to compare with are given; empty otherwise.</param>
/// <param name="Labels">The labels of the scores, as the text has them; empty for one without.</param>
/// <param name="Findings">What must still be settled in the definition: scores are computed all the same, and may change.</param>
public sealed record ScoreAnswer(
    IReadOnlyList<string> Components,
    IReadOnlyList<decimal> Weights,
    IReadOnlyList<IReadOnlyList<string>> Rules,
    IReadOnlyList<ScoredEntry> Results,
    IReadOnlyList<IReadOnlyList<Move>> Moves,
    IReadOnlyList<string> Labels,
    IReadOnlyList<Finding> Findings
);

/// <summary>The scores of an entry.</summary>
/// <param name="Name">The entry.</param>
/// <param name="Results">One for each score, with tie-break values and reasoning.</param>
/// <param name="Places">One for each score; 0 for a score without a place.</param>
/// <param name="Status">One for each score: <c>finished</c>, <c>atTheCap</c>, <c>scored</c> for what is no time, <c>noGoodLift</c>,
/// <c>zero</c>, <c>notReached</c>, <c>notScored</c>, <c>withdrew</c>, <c>didNotStart</c>, <c>unranked</c>.</param>
public sealed record ScoredEntry(
    string Name,
    IReadOnlyList<ComponentResult> Results,
    IReadOnlyList<int> Places,
    IReadOnlyList<string> Status
);

/// <summary>Ranks results; nothing is stored.</summary>
/// <param name="Entries">The entries with a result for each score, 1 to 5,000.</param>
/// <param name="Weights">The weight of each score, 0 to 1,000; 1 each when it is left out.</param>
/// <param name="Overall">How places become points; 100 points and one less for each place when it is left out.</param>
/// <param name="Club">How members' points make a club's; null for no club table.</param>
public sealed record RankRequest(
    IReadOnlyList<RankEntry> Entries,
    IReadOnlyList<decimal>? Weights = null,
    OverallRule? Overall = null,
    ClubRequest? Club = null
);

/// <summary>An entry to be ranked.</summary>
/// <param name="Name">The entry.</param>
/// <param name="Results">One result for each score.</param>
/// <param name="Club">Its club, or null.</param>
/// <param name="Board">The board that it is ranked on: a level, or who the entry is made of, where these are ranked apart; null for the
/// one board of all who name none.</param>
public sealed record RankEntry(string Name, IReadOnlyList<RankedResult> Results, string? Club = null, string? Board = null);

/// <summary>A club table.</summary>
/// <param name="Rule">How points are put together.</param>
/// <param name="Best">How many members count, 1 to 100, for <see cref="ClubRule.BestOf"/>.</param>
public sealed record ClubRequest(ClubRule Rule, int Best = 1);

/// <summary>The ranking.</summary>
/// <param name="Entries">In the order asked.</param>
/// <param name="Rule">The overall rule in a sentence.</param>
/// <param name="Clubs">The club table, best first; empty when none was asked.</param>
public sealed record RankAnswer(IReadOnlyList<RankedEntry> Entries, string Rule, IReadOnlyList<ClubLine> Clubs);

/// <summary>A ranked entry.</summary>
/// <param name="Name">The entry.</param>
/// <param name="Places">One for each score; 0 for a result without a place.</param>
/// <param name="Points">One for each score, before its weight.</param>
/// <param name="Total">All points, weights included.</param>
/// <param name="Place">The place in the overall table.</param>
/// <param name="TieText">What decided a tie in points, or null.</param>
public sealed record RankedEntry(
    string Name,
    IReadOnlyList<int> Places,
    IReadOnlyList<decimal> Points,
    decimal Total,
    int Place,
    string? TieText
)
{
    /// <summary>The board it is ranked on; null for the one board of all who name none.</summary>
    public string? Board { get; init; }
}
