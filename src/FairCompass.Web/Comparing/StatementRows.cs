using FairCompass.Comparability.Statement;
using FairCompass.Core.Publishing;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning.Days;
using FairCompass.Web.Standings;
using Measured = FairCompass.Core.Scoring.Measured;

namespace FairCompass.Web.Comparing;

/// <summary>A board of results as the statement looks at it.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Title">Its title.</param>
/// <param name="Division">The division.</param>
/// <param name="Score">The name of the score.</param>
/// <param name="InTime">True where a value is a time, so that a no-rep costs time.</param>
/// <param name="InForce">Which heats were judged under which version.</param>
/// <param name="Results">The results.</param>
public sealed record StatementBoard(
    Guid Workout,
    string Title,
    string Division,
    string Score,
    bool InTime,
    IReadOnlyList<VersionInForce> InForce,
    IReadOnlyList<Judged> Results
);

/// <summary>What held in some heats of a board.</summary>
/// <param name="Version">The version.</param>
/// <param name="Heats">The numbers of the heats; none where the plan does not say.</param>
/// <param name="Rulings">The rulings that it holds, with their movement.</param>
public sealed record VersionInForce(int Version, IReadOnlyList<int> Heats, IReadOnlyList<string> Rulings);

/// <summary>Boards of a competition with who judged each result and what a no-rep costs there.</summary>
public static class StatementRows
{
    /// <summary>Every board that has a place, in the order of the results.</summary>
    public static IReadOnlyList<StatementBoard> Of(ResultSnapshot s)
    {
        var lanes = s
            .Plan.Heats.SelectMany(h => h.Lanes.Select(l => (s.Plan.SessionOf(h).Workout, Heat: h, Lane: l)))
            .GroupBy(x => (x.Workout, x.Lane.Entry))
            .ToDictionary(g => g.Key, g => g.Last());
        var cards = s
            .Cards.Where(c => c.State != CardState.Replaced)
            .GroupBy(c => (c.Workout, c.Entry))
            .ToDictionary(g => g.Key, g => g.Last());
        var typed = s.Typed.ToLookup(f => f.Card);
        var boards = new List<StatementBoard>();
        foreach (var (runs, tables) in s.Runs.Zip(s.Tables))
        {
            var byEntry = runs.Runs.ToDictionary(r => r.Entry.Id);
            long? NoReps(Guid entry) =>
                cards.TryGetValue((runs.Workout, entry), out var card) && CardNumbers.Of(typed[card.Id]).NoReps is { Count: > 0 } tallied
                    ? tallied.Sum(n => n.Times)
                    : null;
            foreach (var table in tables.Where(t => t.Lines.Any(l => l.Place > 0)))
            {
                var results = table
                    .Lines.Where(l => l is { Place: > 0, Result: not null })
                    .Select(l =>
                    {
                        var (_, heat, lane) = lanes.GetValueOrDefault((runs.Workout, l.Entry));
                        return new Judged(
                            l.Entry,
                            lane?.Judges.FirstOrDefault(j => j is not null),
                            lane is null ? null : $"{lane.Lane}",
                            Ranking.Order(l.Result!.Class),
                            l.Result.Value,
                            l.Place,
                            PerNoRep(byEntry[l.Entry], table.Score, l.Result),
                            NoReps(l.Entry)
                        )
                        {
                            Heat = heat is null ? null : $"{heat.Id}",
                        };
                    })
                    .ToList();
                boards.Add(
                    new(
                        runs.Workout,
                        s.Field.Workout(runs.Workout)?.Title ?? "",
                        table.Division,
                        table.Score,
                        table.Lines.Any(l =>
                            l is { Place: > 0, Result: not null } && Component(byEntry[l.Entry], table.Score)?.Measured == Measured.Time
                        ),
                        InForce(table, byEntry, e => lanes.GetValueOrDefault((runs.Workout, e)).Heat?.Number),
                        results
                    )
                );
            }
        }

        return boards;
    }

    private static IReadOnlyList<VersionInForce> InForce(ResultTable table, Dictionary<Guid, EntryRun> runs, Func<Guid, int?> heat) =>
        [
            .. table
                .Lines.Where(l => l.Place > 0)
                .GroupBy(l => l.Version)
                .OrderBy(g => g.Key)
                .Select(g => new VersionInForce(
                    g.Key,
                    [.. g.Select(l => heat(l.Entry)).OfType<int>().Distinct().Order()],
                    [.. Rulings.Of(runs[g.First().Entry].Under.Workout).Select(r => $"{r.Movement}: {r.Text}")]
                )),
        ];

    private static ScoreComponent? Component(EntryRun run, string name) =>
        run.Index >= 0 ? run.Under.Sheets[run.Index].Components.FirstOrDefault(c => c.Name == name) : null;

    /// <summary>What one more no-rep does to a value: of a time the time of a unit, of a count one. Of loads and heights nothing is
    /// said.</summary>
    private static double PerNoRep(EntryRun run, string name, ComponentResult result)
    {
        if (run.Run is not { } says || Component(run, name) is not { } component)
        {
            return 0;
        }

        return component.Measured switch
        {
            Measured.Time when result.Class == ResultClass.Scored => Exposure.Of(says, run.Under.Courses[run.Index]).Sum(x => x.Units)
                is var units
                    and > 0
                ? (double)result.Value / units
                : 0,
            Measured.Time when result.Class == ResultClass.AtTheCap => 1,
            Measured.Units or Measured.RoundsAndUnits when result.Class == ResultClass.Scored => 1,
            _ => 0,
        };
    }
}
