using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Tables;
using FairCompass.Web.Exchange;

namespace FairCompass.Web.Standings;

/// <summary>Results as a table for a spreadsheet: a row for each line of each table, one table below the other in the same
/// columns.</summary>
public static class ResultSheet
{
    private static readonly string[] Head =
    [
        "workout",
        "division",
        "score",
        "place",
        "number",
        "name",
        "gym",
        "result",
        "tie-break",
        "points",
        "version",
        "state",
        "code",
    ];

    /// <summary>The table.</summary>
    /// <param name="r">The results.</param>
    public static string Write(ResultsOf r) => SpreadsheetText.Write(Rows(r).Prepend(Head));

    private static IEnumerable<string[]> Rows(ResultsOf r)
    {
        var names = r.Names.ToDictionary(n => n.Entry);
        return r
            .Workouts.SelectMany(w => w.Tables.SelectMany(t => t.Lines.Select(l => Row(w, t, l, Of(names, l.Entry)))))
            .Concat(r.Overall.SelectMany(o => o.Rows.Select(row => Row(o, row, Of(names, row.Entry)))))
            .Concat(
                r.Clubs.Select(c =>
                    (string[])["clubs", "", "", Whole(c.Place), "", c.Club, "", "", "", Number.Normal(c.Points), "", "", ""]
                )
            );
    }

    private static string[] Row(WorkoutResults w, ResultTable t, ResultLine l, (string Bib, string Name, string Gym) who)
    {
        var standing = w.Standings.First(s => s.Division == t.Division);
        return
        [
            w.Title,
            t.Division,
            t.Score,
            Whole(l.Place),
            who.Bib,
            who.Name,
            who.Gym,
            l.Text,
            l.TieText ?? "",
            "",
            Whole(l.Version),
            standing.State == StandingState.Final ? "final" : "provisional",
            standing.Code,
        ];
    }

    private static string[] Row(OverallTable o, OverallRow row, (string Bib, string Name, string Gym) who) =>
        [
            "overall",
            o.Division,
            "",
            Whole(row.Place),
            who.Bib,
            who.Name,
            who.Gym,
            "",
            row.TieText ?? "",
            Number.Normal(row.Points),
            "",
            o.IsFinal ? "final" : "provisional",
            "",
        ];

    private static (string Bib, string Name, string Gym) Of(Dictionary<Guid, ResultName> names, Guid entry) =>
        names.GetValueOrDefault(entry) is { } n ? (n.Bib, n.Name, n.Gym) : ("", "", "");

    private static string Whole(int n) => n == 0 ? "" : n.ToString(CultureInfo.InvariantCulture);
}
