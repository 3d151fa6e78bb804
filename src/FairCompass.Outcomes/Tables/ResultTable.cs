using System.Text.Json.Serialization;
using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.People;

namespace FairCompass.Outcomes.Tables;

/// <summary>What is known of one entry in one workout.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="Run">What its card says; null while it is not entered.</param>
/// <param name="Under">The definition that its heat was judged under.</param>
/// <param name="Version">The number of that version.</param>
/// <param name="Checked">True where two have typed the same.</param>
/// <param name="Differs">True where two have typed otherwise, and nobody has said which is right.</param>
/// <param name="Typed">When its last number was typed, UTC; null while none is.</param>
public sealed record EntryRun(
    Entry Entry,
    RunObservation? Run,
    Understanding Under,
    int Version,
    bool Checked,
    bool Differs = false,
    DateTime? Typed = null
)
{
    /// <summary>The level that its card says; empty for the one of the entry.</summary>
    public string Level { get; init; } = "";

    /// <summary>The index of its way of the workout; -1 where that is not for it.</summary>
    public int Index => EntryCourse.IndexOf(Under, Entry, Level);

    /// <summary>The level it does; empty while nobody has said which, null where the workout has none.</summary>
    public string? LevelDone => EntryCourse.LevelOf(Under, Entry, Level);

    /// <summary>The board it is ranked on: the division, and the level where each has its own.</summary>
    public string Board =>
        EntryCourse.HasBoards(Under) && LevelDone is { Length: > 0 } level
            ? $"{ResultTable.DivisionOf(Entry)}, {level}"
            : ResultTable.DivisionOf(Entry);
}

/// <summary>A line of a table of results.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="Place">1, 2, 2, 4; 0 for one without a place.</param>
/// <param name="Text">The score as published; empty while the card is not entered.</param>
/// <param name="TieText">What breaks a tie, or null.</param>
/// <param name="Reasons">How it came about, in sentences.</param>
/// <param name="Checked">True where two have typed the same.</param>
/// <param name="Version">The version it was judged under.</param>
public sealed record ResultLine(Guid Entry, int Place, string Text, string? TieText, Eq<string> Reasons, bool Checked, int Version)
{
    /// <summary>The class it is ranked in; null while the card is not entered.</summary>
    public ResultClass? Class { get; init; }

    /// <summary>The level that was done, where several stand on one board; null otherwise.</summary>
    public string? Level { get; init; }

    /// <summary>The result as it is ranked; null while the card is not entered, and in a table that was kept as it stood.</summary>
    [JsonIgnore]
    public ComponentResult? Result { get; init; }
}

/// <summary>The results of one score in one division.</summary>
/// <param name="Division">The board: the division, with men or women where they are ranked apart, and the level where each has its
/// own.</param>
/// <param name="Score">The name of the score.</param>
/// <param name="Rule">Its rule in sentences.</param>
/// <param name="Lines">The lines, best first; those without a card last.</param>
/// <param name="Missing">How many cards are not entered.</param>
/// <param name="Mixed">True where the lines were judged under several versions.</param>
public sealed record ResultTable(string Division, string Score, Eq<string> Rule, Eq<ResultLine> Lines, int Missing, bool Mixed)
{
    /// <summary>What a place in it weighs in the overall table, from 0.</summary>
    public decimal Weight { get; init; } = 1;

    /// <summary>The level whose board it is; null where levels have none of their own, or nobody has said which yet.</summary>
    public string? Level { get; init; }

    /// <summary>The division without the level.</summary>
    [JsonIgnore]
    public string Whole => Level is { } level ? Division[..^(level.Length + 2)] : Division;

    /// <summary>True for a run that stands in it, or will where its card says so.</summary>
    /// <param name="run">The run.</param>
    public bool Holds(EntryRun run) =>
        run.Board == Division || (Level is not null && run is { Run: null, LevelDone: "" } && DivisionOf(run.Entry) == Whole);

    /// <summary>True for an entry that may come to stand in it.</summary>
    /// <param name="entry">An entry that has no card yet.</param>
    public bool MayHold(Entry entry) =>
        DivisionOf(entry) == Whole && (Level is null || entry.Level.Length == 0 || NameList.Key(entry.Level) == NameList.Key(Level));

    /// <summary>The tables of a workout, a score after the other, in the order of its divisions.</summary>
    /// <param name="runs">Everybody who is in it, whether entered or not.</param>
    public static IReadOnlyList<ResultTable> Of(IReadOnlyList<EntryRun> runs) =>
        [.. runs.Select(r => (Run: r, r.Index)).Where(x => x.Index >= 0).GroupBy(x => x.Run.Board).SelectMany(g => Tables(g.Key, [.. g]))];

    /// <summary>The division that an entry is ranked in, with men or women where they are ranked apart.</summary>
    /// <param name="entry">The entry.</param>
    public static string DivisionOf(Entry entry) =>
        entry.Members is [{ Duty: { } duty }] ? $"{entry.Division} {(duty == "man" ? "men" : "women")}" : entry.Division;

    private static IEnumerable<ResultTable> Tables(string division, List<(EntryRun Run, int Index)> group)
    {
        var entered = group.Where(x => x.Run.Run is not null).ToList();
        var scored = entered.ConvertAll(x =>
            Scorer.Score(x.Run.Run!, x.Run.Under.Courses[x.Index], x.Run.Under.Sheets[x.Index], x.Run.Under.Competition.Unit)
        );
        // The newest version names the scores; who was judged under an older one has the same, or the table says that it is mixed.
        var newest = group.MaxBy(x => x.Run.Version);
        var (sheet, course) = (newest.Run.Under.Sheets[newest.Index], newest.Run.Under.Courses[newest.Index]);
        for (var s = 0; s < sheet.Components.Count; s++)
        {
            var there = Enumerable.Range(0, entered.Count).Where(i => s < scored[i].Count).ToList();
            var places = Ranking.Places(there.ConvertAll(i => scored[i][s]));
            var lines = there
                .Select((i, k) => Line(entered[i].Run, places[k], scored[i][s]))
                .OrderBy(l => l.Place == 0)
                .ThenBy(l => l.Place)
                .Concat(
                    group.Where(x => x.Run.Run is null).Select(x => new ResultLine(x.Run.Entry.Id, 0, "", null, [], false, x.Run.Version))
                );
            yield return new(
                division,
                sheet.Components[s].Name,
                ScoreSentences.Of(sheet.Components[s], sheet, course).ToEq(),
                [.. lines],
                group.Count - entered.Count,
                group.Select(x => x.Run.Version).Distinct().Count() > 1
            )
            {
                Weight = sheet.Components[s].Weight,
                Level = division == DivisionOf(newest.Run.Entry) ? null : newest.Run.LevelDone,
            };
        }
    }

    private static ResultLine Line(EntryRun run, int place, ComponentResult result) =>
        new(run.Entry.Id, place, result.Text, result.TieText, result.Reasons, run.Checked, run.Version)
        {
            Class = result.Class,
            Result = result,
            Level = EntryCourse.HasBoards(run.Under) ? null : run.LevelDone,
        };
}
