using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Web.Exchange;

namespace FairCompass.Web.Standings;

/// <summary>Results as a table for a spreadsheet: a row for each line of each table, one table below the other in the same columns.</summary>
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
        foreach (var w in r.Workouts)
        {
            var standing = w.Standings.ToDictionary(s => s.Division);
            foreach (var t in w.Tables)
            {
                foreach (var l in t.Lines)
                {
                    var (bib, name, gym) = Of(names, l.Entry);
                    var state = standing[t.Division].State == Outcomes.Tables.StandingState.Final ? "final" : "provisional";
                    yield return
                    [
                        w.Title,
                        t.Division,
                        t.Score,
                        Place(l.Place),
                        bib,
                        name,
                        gym,
                        l.Text,
                        l.TieText ?? "",
                        "",
                        Place(l.Version),
                        state,
                        standing[t.Division].Code,
                    ];
                }
            }
        }

        foreach (var o in r.Overall)
        {
            foreach (var row in o.Rows)
            {
                var (bib, name, gym) = Of(names, row.Entry);
                yield return
                [
                    "overall",
                    o.Division,
                    "",
                    Place(row.Place),
                    bib,
                    name,
                    gym,
                    "",
                    row.TieText ?? "",
                    Points(row.Points),
                    "",
                    "",
                    "",
                ];
            }
        }

        foreach (var c in r.Clubs)
        {
            yield return ["clubs", "", "", Place(c.Place), "", c.Club, "", "", "", Points(c.Points), "", "", ""];
        }
    }

    private static (string Bib, string Name, string Gym) Of(Dictionary<Guid, ResultName> names, Guid entry) =>
        names.GetValueOrDefault(entry) is { } n ? (n.Bib, n.Name, n.Gym) : ("", "", "");

    private static string Place(int n) => n == 0 ? "" : n.ToString(CultureInfo.InvariantCulture);

    private static string Points(decimal points) => Number.Normal(points);
}
