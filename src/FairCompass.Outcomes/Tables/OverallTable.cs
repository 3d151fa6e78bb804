using FairCompass.Core.Competitions;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Tables;

/// <summary>A score that counts in an overall table.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Title">Its name.</param>
/// <param name="Score">The score’s name.</param>
/// <param name="Weight">Its weight.</param>
public sealed record OverallColumn(Guid Workout, string Title, string Score, decimal Weight);

/// <summary>A line of an overall table.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="Place">1, 2, 2, 4.</param>
/// <param name="Points">All points, weights included.</param>
/// <param name="Places">Its place in each score; 0 where it has none.</param>
/// <param name="Each">Points of each score before its weight.</param>
/// <param name="TieText">What decided a tie in points, or null.</param>
/// <param name="Without">In how many of the scores no card of it is entered.</param>
public sealed record OverallRow(Guid Entry, int Place, decimal Points, Eq<int> Places, Eq<decimal> Each, string? TieText, int Without);

/// <summary>The overall table of a division.</summary>
/// <param name="Division">The division.</param>
/// <param name="Rule">How places become points, in sentences.</param>
/// <param name="Columns">The scores that count, in the order of the workouts.</param>
/// <param name="Rows">Best first.</param>
public sealed record OverallTable(string Division, Eq<string> Rule, Eq<OverallColumn> Columns, Eq<OverallRow> Rows)
{
    /// <summary>True where more points are better.</summary>
    public bool MoreIsBetter { get; init; } = true;

    /// <summary>True where each of its scores is final.</summary>
    public bool IsFinal { get; init; }

    /// <summary>The overall table of each division over every score of which a card is entered.</summary>
    /// <param name="tables">The tables with their workouts, in the order in which they count.</param>
    /// <param name="rule">How places become points.</param>
    /// <param name="levelOf">The level that an entry is entered for; empty for none.</param>
    public static IReadOnlyList<OverallTable> Of(
        IReadOnlyList<(Guid Workout, string Title, ResultTable Table)> tables,
        OverallRule rule,
        Func<Guid, string> levelOf
    ) =>
        [
            .. tables
                .Where(t => t.Table.Lines.Any(l => l.Class is not null))
                .GroupBy(t => t.Table.Whole)
                .SelectMany(g => ByLevel(g.Key, [.. g], levelOf).Select(b => Of(b.Division, b.Tables, rule)))
                .Where(t => t.Columns.Count > 0),
        ];

    /// <summary>A division whose levels have boards of their own has an overall table for each: of who is entered for it. A score that all
    /// levels share is ranked anew among them.</summary>
    private static IEnumerable<(string Division, IReadOnlyList<(Guid Workout, string Title, ResultTable Table)> Tables)> ByLevel(
        string division,
        IReadOnlyList<(Guid Workout, string Title, ResultTable Table)> tables,
        Func<Guid, string> levelOf
    )
    {
        var levels = tables.Select(t => t.Table.Level).OfType<string>().Distinct(StringComparer.Ordinal).ToList();
        if (levels.Count == 0)
        {
            return [(division, tables)];
        }

        var keys = levels.Select(NameList.Key).ToHashSet(StringComparer.Ordinal);
        IReadOnlyList<(Guid Workout, string Title, ResultTable Table)> Only(string? level, Func<Guid, bool> belongs) =>
            [
                .. tables
                    .Where(t => t.Table.Level is null || t.Table.Level == level)
                    .Select(t => (t.Workout, t.Title, Among(t.Table, belongs)))
                    .Where(t => t.Item3.Lines.Any(l => l.Class is not null)),
            ];
        return levels
            .Select(l => ($"{division}, {l}", Only(l, e => NameList.Key(levelOf(e)) == NameList.Key(l))))
            .Append((division, Only(null, e => !keys.Contains(NameList.Key(levelOf(e))))));
    }

    /// <summary>A table with the lines of some; where it is not theirs alone, places are counted among them.</summary>
    private static ResultTable Among(ResultTable table, Func<Guid, bool> belongs)
    {
        var lines = table.Lines.Where(l => belongs(l.Entry)).ToList();
        int PlaceOf(ResultLine line) => line.Place == 0 ? 0 : 1 + lines.Count(o => o.Place > 0 && o.Place < line.Place);
        return table with { Lines = table.Level is null ? [.. lines.Select(l => l with { Place = PlaceOf(l) })] : [.. lines] };
    }

    private static OverallTable Of(string division, IReadOnlyList<(Guid Workout, string Title, ResultTable Table)> tables, OverallRule rule)
    {
        var entries = tables.SelectMany(t => t.Table.Lines.Select(l => l.Entry)).Distinct().ToList();
        var lines = tables.Select(t => t.Table.Lines.ToDictionary(l => l.Entry)).ToList();
        int[] Places(Dictionary<Guid, ResultLine> of) => [.. entries.Select(e => of.GetValueOrDefault(e)?.Place ?? 0)];
        // Who has no card entered has earned nothing yet, like one who did not start.
        bool[] Absent(Dictionary<Guid, ResultLine> of) =>
            [.. entries.Select(e => of.GetValueOrDefault(e)?.Class is null or ResultClass.Withdrew or ResultClass.DidNotStart)];
        var overall = Overall.Of([.. lines.Select(Places)], [.. lines.Select(Absent)], [.. tables.Select(t => t.Table.Weight)], rule);
        return new(
            division,
            [
                rule.Points.Sentence,
                rule.AbsentEarn
                    ? "Who withdrew or did not start earns the points of the last place."
                    : "Who withdrew, did not start, or has no card entered earns nothing.",
                "Equal points are decided by the most best places.",
            ],
            [.. tables.Select(t => new OverallColumn(t.Workout, t.Title, t.Table.Score, t.Table.Weight))],
            [
                .. entries
                    .Select((e, i) => (Entry: e, Line: overall[i], i))
                    .OrderBy(x => x.Line.Place)
                    .Select(x => new OverallRow(
                        x.Entry,
                        x.Line.Place,
                        x.Line.Points,
                        [.. lines.Select(l => l.GetValueOrDefault(x.Entry)?.Place ?? 0)],
                        x.Line.Each,
                        x.Line.TieText,
                        lines.Count(l => l.GetValueOrDefault(x.Entry)?.Class is null)
                    )),
            ]
        )
        {
            MoreIsBetter = rule.Points.MoreIsBetter,
        };
    }

    /// <summary>The table of clubs over the points of all divisions; empty where the smallest sum is best, which cannot be added over
    /// fields of different size.</summary>
    /// <param name="overall">The overall tables.</param>
    /// <param name="rules">How clubs are ranked.</param>
    /// <param name="clubOf">The club of an entry; null where it has none, or its members are of several.</param>
    public static IReadOnlyList<ClubLine> Clubs(IReadOnlyList<OverallTable> overall, ResultRules rules, Func<Guid, string?> clubOf) =>
        rules.Clubs is not { } rule || overall.Any(t => !t.MoreIsBetter)
            ? []
            : ClubTable.Of(overall.SelectMany(t => t.Rows).Select(r => (clubOf(r.Entry), r.Points)), rule, rules.ClubBest);
}
