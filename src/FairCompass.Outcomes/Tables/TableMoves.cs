using FairCompass.Core.Quantities;

namespace FairCompass.Outcomes.Tables;

/// <summary>An entry whose line would be another one.</summary>
/// <param name="Division">The division.</param>
/// <param name="Score">The score.</param>
/// <param name="Entry">The entry.</param>
/// <param name="Place">Its place now; 0 for none.</param>
/// <param name="Text">Its score now.</param>
/// <param name="ThenPlace">Its place then; 0 for none.</param>
/// <param name="ThenText">Its score then.</param>
/// <param name="Reasons">How it would come about.</param>
public sealed record TableMove(
    string Division,
    string Score,
    Guid Entry,
    int Place,
    string Text,
    int ThenPlace,
    string ThenText,
    Eq<string> Reasons
);

/// <summary>What is different between two readings of the same cards.</summary>
public static class TableMoves
{
    /// <summary>Everybody whose place or score changes, the best place first.</summary>
    /// <param name="now">The tables as they stand.</param>
    /// <param name="then">The tables as they would stand.</param>
    public static IReadOnlyList<TableMove> Of(IReadOnlyList<ResultTable> now, IReadOnlyList<ResultTable> then)
    {
        var before = now.SelectMany(t => t.Lines.Select(l => (Key: (t.Division, t.Score, l.Entry), Line: l)))
            .ToDictionary(x => x.Key, x => x.Line);
        return
        [
            .. then.SelectMany(t => t.Lines.Select(l => (Table: t, Line: l)))
                .Select(x => (x.Table, x.Line, Old: before.GetValueOrDefault((x.Table.Division, x.Table.Score, x.Line.Entry))))
                .Where(x => (x.Old?.Place, x.Old?.Text, x.Old?.TieText) != (x.Line.Place, x.Line.Text, x.Line.TieText))
                .Where(x => x.Line.Class is not null || x.Old?.Class is not null)
                .Select(x => new TableMove(
                    x.Table.Division,
                    x.Table.Score,
                    x.Line.Entry,
                    x.Old?.Place ?? 0,
                    x.Old?.Text ?? "",
                    x.Line.Place,
                    x.Line.Text,
                    x.Line.Reasons
                ))
                .OrderBy(m => m.Division, StringComparer.Ordinal)
                .ThenBy(m => m.Score, StringComparer.Ordinal)
                .ThenBy(m => m.ThenPlace == 0)
                .ThenBy(m => m.ThenPlace),
        ];
    }
}
