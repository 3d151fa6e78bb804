using System.Globalization;
using System.Net;
using System.Text;
using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Tables;

namespace FairCompass.Web.Standings;

/// <summary>The results as one page of HTML: no script, no other file, readable for as long as there are browsers.</summary>
public static class StaticPage
{
    private const string Style = """
        body{font:16px/1.45 system-ui,sans-serif;margin:1.5rem auto;max-width:60rem;padding:0 1rem;color:#1d2a2f;background:#fff}
        table{border-collapse:collapse;width:100%;margin:.5rem 0 1.5rem}
        th,td{text-align:left;padding:.3rem .5rem;border-bottom:1px solid #c9d2d3;vertical-align:top}
        td:first-child{font-weight:700}caption{text-align:left;color:#55666c}h1{font-size:1.7rem}h2{margin-top:2rem}
        @media print{h2{break-after:avoid}tr{break-inside:avoid}}
        """;

    /// <summary>The page.</summary>
    /// <param name="r">The results.</param>
    /// <param name="now">When it is made.</param>
    public static string Write(ResultsOf r, DateTimeOffset now)
    {
        var names = r.Names.ToDictionary(n => n.Entry);
        var html = new StringBuilder();
        var title = $"Results, {r.Competition}";
        html.Append("<!DOCTYPE html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n");
        html.Append("<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n");
        html.Append($"<title>{E(title)}</title>\n<style>{Style}</style>\n</head>\n<body>\n<h1>{E(title)}</h1>\n");
        html.Append(CultureInfo.InvariantCulture, $"<p>As they stood on {now.UtcDateTime:d MMMM yyyy, HH:mm} UTC.</p>\n");
        foreach (var o in r.Overall)
        {
            html.Append($"<h2>Overall, {E(o.Division)}</h2>\n");
            Table(
                html,
                (o.IsFinal ? "Of scores that are all final. " : "Provisional while one of its scores is. ") + string.Join(" ", o.Rule),
                ["Place", "Number", "Name", "Gym", "Points"],
                o.Rows.Select(row => Cells(names, row.Place, row.Entry, [Number.Normal(row.Points)]))
            );
        }

        if (r.Clubs.Count > 0)
        {
            html.Append("<h2>Clubs</h2>\n");
            Table(
                html,
                "",
                ["Place", "Club", "Points", "How it came about"],
                r.Clubs.Select(c => (string[])[Place(c.Place), c.Club, Number.Normal(c.Points), c.Reason])
            );
        }

        foreach (var w in r.Workouts)
        {
            foreach (var t in w.Tables)
            {
                html.Append($"<h2>{E(w.Title)}, {E(t.Division)}: {E(t.Score)}</h2>\n");
                var standing = w.Standings.First(s => s.Division == t.Division);
                Table(
                    html,
                    Said(standing, t),
                    ["Place", "Number", "Name", "Gym", "Score", "Tie-break"],
                    t.Lines.Select(l => Cells(names, l.Place, l.Entry, [l.Class is null ? "not entered" : l.Text, l.TieText ?? ""]))
                );
            }
        }

        return html.Append("</body>\n</html>\n").ToString();
    }

    private static string Said(Standing s, ResultTable t)
    {
        var state =
            s.State == StandingState.Final
                ? string.Create(CultureInfo.InvariantCulture, $"Final since {s.At:d MMMM yyyy, HH:mm} UTC, code {s.Code}.")
                : "Provisional. " + string.Join(" ", s.Open);
        return state + (t.Mixed ? " Judged under several versions of the rules." : "");
    }

    private static string[] Cells(Dictionary<Guid, ResultName> names, int place, Guid entry, string[] rest) =>
        names.GetValueOrDefault(entry) is { } n ? [Place(place), n.Bib, n.Name, n.Gym, .. rest] : [Place(place), "", "", "", .. rest];

    private static void Table(StringBuilder html, string caption, string[] head, IEnumerable<string[]> rows)
    {
        html.Append("<table>\n");
        if (caption.Length > 0)
        {
            html.Append($"<caption>{E(caption)}</caption>\n");
        }

        html.Append("<thead><tr>").AppendJoin("", head.Select(h => $"<th scope=\"col\">{E(h)}</th>")).Append("</tr></thead>\n<tbody>\n");
        foreach (var row in rows)
        {
            html.Append("<tr>").AppendJoin("", row.Select(c => $"<td>{E(c)}</td>")).Append("</tr>\n");
        }

        html.Append("</tbody>\n</table>\n");
    }

    private static string Place(int n) => n == 0 ? "" : n.ToString(CultureInfo.InvariantCulture);

    private static string E(string text) => WebUtility.HtmlEncode(text);
}
